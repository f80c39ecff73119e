package happysaucer.server.problem;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** An edit of a version that someone has changed meanwhile, with what changed. */
public class StaleException extends RuntimeException {
  private static final long serialVersionUID = 1L;
  private final transient List<Change> changes;
  private final int version;
  private final String changedBy;

  /**
   * @param yours as the refused edit has it
   * @param theirs as it is stored now
   */
  public record Change(String field, @Nullable Object yours, @Nullable Object theirs) {
    /** Adds the field to the changes when the two differ. */
    public static void compare(
        List<Change> changes, String field, @Nullable Object yours, @Nullable Object theirs) {
      if (!Objects.equals(yours, theirs)) {
        changes.add(new Change(field, yours, theirs));
      }
    }
  }

  public StaleException(int version, String changedBy, List<Change> changes) {
    super("Someone else has changed this meanwhile.");
    this.version = version;
    this.changedBy = changedBy;
    this.changes = List.copyOf(changes);
  }

  public List<Change> changes() {
    return changes;
  }

  /** The version stored now. */
  public int version() {
    return version;
  }

  public String changedBy() {
    return changedBy;
  }
}
