package happysaucer.server.keeping;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * A file in the data folder by which a command asks the server at work for a backup, and the file
 * with its answer.
 *
 * @param to where the backup is to lie
 */
record BackupRequest(Path folder, String id, Path to) {
  private static final String WANTED = "backup-wanted-";
  private static final String ANSWER = "backup-answer-";

  static BackupRequest ask(Path folder, Path to) throws IOException {
    BackupRequest request = new BackupRequest(folder, UUID.randomUUID().toString(), to);
    write(folder, WANTED + request.id, to.toAbsolutePath().toString());
    return request;
  }

  private static void write(Path folder, String name, String text) throws IOException {
    Path part = folder.resolve(name + ".part");
    Files.writeString(part, text);
    Files.move(part, folder.resolve(name), StandardCopyOption.ATOMIC_MOVE);
  }

  static List<BackupRequest> waiting(Path folder) throws IOException {
    List<BackupRequest> waiting = new ArrayList<>();
    try (Stream<Path> files = Files.list(folder)) {
      for (Path file : files.toList()) {
        String name = file.getFileName().toString();
        if (name.startsWith(WANTED) && !name.endsWith(".part")) {
          waiting.add(
              new BackupRequest(
                  folder, name.substring(WANTED.length()), Path.of(Files.readString(file))));
        }
      }
    }
    return waiting;
  }

  void answer(String text) throws IOException {
    Files.deleteIfExists(folder.resolve(WANTED + id));
    write(folder, ANSWER + id, text);
  }

  /** The answer, once it is there; it is read once. */
  Optional<String> answered() throws IOException {
    Path file = folder.resolve(ANSWER + id);
    if (!Files.exists(file)) {
      return Optional.empty();
    }
    String answer = Files.readString(file);
    Files.deleteIfExists(file);
    return Optional.of(answer);
  }

  void takeBack() throws IOException {
    Files.deleteIfExists(folder.resolve(WANTED + id));
  }
}
