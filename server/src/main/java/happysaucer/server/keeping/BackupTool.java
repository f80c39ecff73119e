package happysaucer.server.keeping;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;

/**
 * The commands {@code bin/backup} and {@code bin/restore}: beside a server at work or without one.
 */
public final class BackupTool {
  private static final int FAILED = 2;
  private static final int MOST_SECONDS = 3600;

  private BackupTool() {}

  /**
   * @param args {@code backup DATA TO} or {@code restore FILE DATA (true|false)}, the last telling
   *     whether to replace what is there
   */
  public static void main(String[] args) {
    try {
      if (args[0].equals("backup")) {
        System.out.println(backup(Path.of(args[1]), Path.of(args[2])));
      } else {
        restore(Path.of(args[1]), Path.of(args[2]), Boolean.parseBoolean(args[3]));
      }
    } catch (CannotStartException e) {
      System.err.println(e.getMessage());
      System.exit(FAILED);
    } catch (IOException | SQLException e) {
      System.err.println(StartTrouble.words(e, "the data folder").orElse(e.getMessage()));
      System.exit(FAILED);
    }
  }

  /** The file that was made. */
  static Path backup(Path data, Path to) throws IOException, SQLException {
    if (!Files.exists(data.resolve(DataFolder.DATABASE))) {
      throw new CannotStartException("There is no data in " + data + " to back up.");
    }
    Files.createDirectories(to);
    DataFolder folder;
    try {
      folder = DataFolder.take(data);
    } catch (CannotStartException.InUseException e) {
      return askTheServer(data, to);
    }
    try (folder;
        Connection connection = open(data)) {
      Path file = Backups.name(to, Backups.Kind.BY_HAND);
      BackupFile.make(connection, data, file, BackupTool::tell);
      return file;
    }
  }

  private static Connection open(Path data) throws SQLException {
    return DriverManager.getConnection(
        "jdbc:h2:file:" + data.toAbsolutePath() + "/saucer;IFEXISTS=TRUE", "sa", "");
  }

  private static boolean tell(String step, int done, int of) {
    if (of > 1 && done % 100 == 0) {
      System.err.println(step + ": " + done + " of " + of);
    }
    return true;
  }

  private static Path askTheServer(Path data, Path to) throws IOException {
    BackupRequest request = BackupRequest.ask(data, to);
    for (int i = 0; i < MOST_SECONDS * 5; i++) {
      Optional<String> answer = request.answered();
      if (answer.isPresent()) {
        if (answer.get().startsWith("made ")) {
          return Path.of(answer.get().substring("made ".length()));
        }
        throw new CannotStartException(
            "No backup was made: " + answer.get().substring("failed ".length()));
      }
      pause();
    }
    request.takeBack();
    throw new CannotStartException("The server at work in " + data + " did not answer.");
  }

  private static void pause() {
    try {
      TimeUnit.MILLISECONDS.sleep(200);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new CannotStartException("Stopped.");
    }
  }

  static void restore(Path file, Path data, boolean replace) throws IOException, SQLException {
    if (!Files.isRegularFile(file)) {
      throw new CannotStartException("There is no backup " + file + ".");
    }
    try (DataFolder folder = DataFolder.take(data)) {
      boolean there = Files.exists(data.resolve(DataFolder.DATABASE));
      if (there && !replace) {
        throw new CannotStartException(
            "There is data in "
                + data
                + " already. With --replace it is set aside, not deleted, and the backup takes its place.");
      }
      Path scratch = Files.createTempDirectory(data, ".restoring-");
      Map<String, Long> tables;
      try {
        tables = BackupFile.verify(file, scratch, Optional.empty(), BackupTool::tell);
      } catch (IOException | SQLException e) {
        throw new CannotStartException(
            file + " is no whole backup: " + e.getMessage() + " Nothing was changed.");
      } finally {
        BackupFile.delete(scratch);
      }
      if (there) {
        setAside(data);
      }
      BackupFile.unpackPhotos(file, data);
      BackupFile.putBackDatabase(file, data);
      DataFolder.finish(data);
      System.out.println(
          "Put back into "
              + data
              + ": "
              + tables.getOrDefault("PLANT", 0L)
              + " plants, "
              + tables.getOrDefault("PLANT_CHECK", 0L)
              + " checks.");
    }
  }

  private static void setAside(Path data) throws IOException {
    Path aside =
        Files.createDirectories(
            data.resolve("replaced-" + Instant.now().toString().replace(':', '-')));
    Files.move(data.resolve(DataFolder.DATABASE), aside.resolve(DataFolder.DATABASE));
    Path photos = data.resolve(DataFolder.PHOTOS);
    if (Files.exists(photos)) {
      Files.move(photos, aside.resolve(DataFolder.PHOTOS));
    }
    System.out.println("What was there lies in " + aside);
  }
}
