package happysaucer.server.history;

import happysaucer.server.problem.InputException;
import happysaucer.server.problem.StaleException;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Versions of what can be edited, as they travel in ETag and If-Match. */
public final class Versions {
  private Versions() {}

  public static String tag(int version) {
    return "\"" + version + "\"";
  }

  /**
   * @throws InputException when the header is no version
   */
  public static int parse(String header) {
    String plain = header.replace("W/", "").replace("\"", "").trim();
    try {
      return Integer.parseInt(plain);
    } catch (NumberFormatException e) {
      throw InputException.of(
          "If-Match", "Send the version that you edit, as it came in ETag.", header);
    }
  }

  /**
   * What is stored now.
   *
   * @param who changed it last
   */
  public record Stored(int version, String who) {}

  /**
   * Adds or edits; the same edit may come twice over a bad line and is then saved once.
   *
   * @param seen version that the editor saw, 0 where nothing was stored
   * @param now null where nothing is stored
   * @param edit whether the version that was seen was still there
   * @param differences of the edit from what is stored
   * @return false where all of it was stored already
   * @throws StaleException where somebody else has saved something else meanwhile
   */
  public static boolean save(
      int seen,
      @Nullable Stored now,
      Runnable add,
      BooleanSupplier edit,
      Supplier<List<StaleException.Change>> differences) {
    if (seen == 0 && now == null) {
      add.run();
      return true;
    }
    if (seen > 0 && edit.getAsBoolean()) {
      return true;
    }
    List<StaleException.Change> changes = differences.get();
    if (now != null && changes.isEmpty()) {
      return false;
    }
    throw now == null
        ? new StaleException(0, "Somebody", changes)
        : new StaleException(now.version(), now.who(), changes);
  }
}
