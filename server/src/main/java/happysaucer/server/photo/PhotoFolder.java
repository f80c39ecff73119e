package happysaucer.server.photo;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Files by id, in folders by its first letters. A file is there whole or not at all. */
final class PhotoFolder {
  private static final Logger LOG = LoggerFactory.getLogger(PhotoFolder.class);
  private final Path folder;

  PhotoFolder(Path folder) {
    this.folder = folder;
  }

  private Path path(UUID id, boolean small) {
    return folder
        .resolve(id.toString().substring(0, 2))
        .resolve(id + (small ? "-small.jpg" : ".jpg"));
  }

  void write(UUID id, boolean small, byte[] bytes) throws IOException {
    Path path = path(id, small);
    Files.createDirectories(path.getParent());
    Path part = path.resolveSibling(path.getFileName() + ".part");
    try (FileChannel file =
        FileChannel.open(
            part,
            StandardOpenOption.CREATE,
            StandardOpenOption.TRUNCATE_EXISTING,
            StandardOpenOption.WRITE)) {
      ByteBuffer buffer = ByteBuffer.wrap(bytes);
      while (buffer.hasRemaining()) {
        file.write(buffer);
      }
      file.force(true);
    }
    Files.move(part, path, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
  }

  /** Files that cannot be deleted now are no harm: nothing refers to them any more. */
  void delete(UUID id) {
    try {
      Files.deleteIfExists(path(id, true));
      Files.deleteIfExists(path(id, false));
    } catch (IOException e) {
      LOG.warn("The files of photo {} stay: {}", id, e.getMessage());
    }
  }

  byte[] read(UUID id, boolean small) throws IOException {
    return Files.readAllBytes(path(id, small));
  }
}
