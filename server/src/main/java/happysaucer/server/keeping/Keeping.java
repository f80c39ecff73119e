package happysaucer.server.keeping;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** What the planner should know of the data and the machine under it. */
@Component
public class Keeping {
  private static final long MB = 1L << 20;

  private final Disk disk;
  private final Backups backups;
  private final Clocked clocked;

  Keeping(Disk disk, Backups backups, Clocked clocked) {
    this.disk = disk;
    this.backups = backups;
    this.clocked = clocked;
  }

  /** Whether there are records from later than now; what they date is then nobody's mistake. */
  public boolean clockBehind() {
    return clocked.trouble().isPresent();
  }

  /** Sentences, the most pressing first; empty when all is well. */
  public List<String> troubles() {
    List<String> troubles = new ArrayList<>();
    if (disk.full()) {
      troubles.add(
          "The disk of the server is full: nothing is taken in until there is room again.");
    } else if (disk.low()) {
      troubles.add(
          "The disk of the server has "
              + disk.free() / MB
              + " MB left. Make room before nothing can be taken in.");
    }
    clocked.trouble().ifPresent(troubles::add);
    backups.trouble().ifPresent(troubles::add);
    return troubles;
  }
}
