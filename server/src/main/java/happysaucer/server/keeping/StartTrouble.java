package happysaucer.server.keeping;

import java.io.EOFException;
import java.io.IOException;
import java.net.BindException;
import java.sql.SQLException;
import java.util.Optional;

/** Why the server cannot start, in one sentence and with what to do. */
public final class StartTrouble {
  private static final int FILE_CORRUPTED = 90030;
  private static final int IO_FAILED = 90028;
  private static final int IO_FAILED_AT = 90031;
  private static final int ALREADY_OPEN = 90020;
  private static final int OTHER_FORMAT = 90048;
  private static final int WRONG_USER = 28000;

  private StartTrouble() {}

  /**
   * @param folder the data folder, as the person named it
   * @return empty for what nobody foresaw
   */
  public static Optional<String> words(Throwable trouble, String folder) {
    for (Throwable cause = trouble; cause != null; cause = cause.getCause()) {
      if (cause instanceof CannotStartException said) {
        return Optional.of(said.getMessage());
      }
      if (cause instanceof BindException bind) {
        return Optional.of("The address cannot be used: " + bind.getMessage() + ".");
      }
      if (cause instanceof SQLException sql) {
        Optional<String> words = words(sql, folder);
        if (words.isPresent()) {
          return words;
        }
      }
    }
    return Optional.empty();
  }

  private static Optional<String> words(SQLException e, String folder) {
    String restore =
        " Put the newest backup back with bin/restore FILE --data DIR --replace; backups lie in "
            + folder
            + "/backups.";
    return switch (e.getErrorCode()) {
      case FILE_CORRUPTED, OTHER_FORMAT, WRONG_USER ->
          Optional.of("The database in " + folder + " is damaged and cannot be opened." + restore);
      case ALREADY_OPEN ->
          Optional.of(
              "The database in " + folder + " is in use by another program. Stop that one.");
      case IO_FAILED, IO_FAILED_AT ->
          Optional.of(
              deepest(e) instanceof EOFException
                  ? "The database in " + folder + " is cut off and cannot be opened." + restore
                  : unreadable(e, folder));
      default -> Optional.empty();
    };
  }

  private static String unreadable(SQLException e, String folder) {
    String reason = deepest(e).getMessage();
    return "The database in "
        + folder
        + " cannot be read or written: "
        + (reason == null ? deepest(e).getClass().getSimpleName() : reason)
        + ". See to the rights and the room on the disk, then start again.";
  }

  private static Throwable deepest(Throwable e) {
    Throwable cause = e;
    while (cause.getCause() != null && !(cause instanceof IOException)) {
      cause = cause.getCause();
    }
    return cause;
  }
}
