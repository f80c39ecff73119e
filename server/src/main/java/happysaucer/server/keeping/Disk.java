package happysaucer.server.keeping;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import java.util.function.LongSupplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** How much room the disk under the data folder has. */
@Component
public class Disk {
  /** From here on the planner is told (rule of thumb: weeks of photos). */
  static final long LOW = 1L << 30;

  /**
   * From here on nothing new is taken in. The database needs room to tidy itself up, and one that
   * meets a full disk in the middle of a write closes.
   */
  static final long FULL = 64L << 20;

  private static final long REMEMBERED = TimeUnit.SECONDS.toNanos(1);

  private final LongSupplier usable;
  private volatile long known = Long.MAX_VALUE;
  private volatile long askedAt = System.nanoTime() - 2 * REMEMBERED;

  @Autowired
  Disk(@Value("${saucer.data}") String folder) {
    this(() -> usable(Path.of(folder)));
  }

  Disk(LongSupplier usable) {
    this.usable = usable;
  }

  private static long usable(Path folder) {
    try {
      return Files.getFileStore(folder).getUsableSpace();
    } catch (IOException e) {
      // a disk that does not tell its size is not held against anybody
      return Long.MAX_VALUE;
    }
  }

  /** Bytes that can still be written, as of a second ago at most. */
  public long free() {
    if (System.nanoTime() - askedAt > REMEMBERED) {
      known = usable.getAsLong();
      askedAt = System.nanoTime();
    }
    return known;
  }

  public boolean low() {
    return free() < LOW;
  }

  public boolean full() {
    return free() < FULL;
  }
}
