package happysaucer.server.photo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Files by id, in folders by its first letters. A file is there whole or not at all. */
final class PhotoFolder {
  private static final Logger LOG = LoggerFactory.getLogger(PhotoFolder.class);
  private static final String PART = ".part";
  private final Path folder;

  PhotoFolder(Path folder) {
    this.folder = folder;
  }

  private Path path(UUID id, boolean small) {
    return folder
        .resolve(id.toString().substring(0, 2))
        .resolve(id + (small ? "-small.jpg" : ".jpg"));
  }

  /**
   * Files on disk under names of their own, until they are placed; what is not placed goes again.
   */
  static final class Parts implements AutoCloseable {
    private final Map<Path, Path> placeByPart = new LinkedHashMap<>();

    void place() {
      try {
        for (Map.Entry<Path, Path> part : placeByPart.entrySet()) {
          Files.move(
              part.getKey(),
              part.getValue(),
              StandardCopyOption.ATOMIC_MOVE,
              StandardCopyOption.REPLACE_EXISTING);
        }
        for (Path place : placeByPart.values()) {
          try (FileChannel directory =
              FileChannel.open(place.getParent(), StandardOpenOption.READ)) {
            directory.force(true);
          }
        }
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }

    @Override
    public void close() {
      for (Path part : placeByPart.keySet()) {
        try {
          Files.deleteIfExists(part);
        } catch (IOException e) {
          LOG.warn("{} stays until the next start: {}", part, e.getMessage());
        }
      }
    }
  }

  /** Writes both sizes to the disk, so that placing them is a matter of names. */
  Parts write(UUID id, byte[] large, byte[] small) throws IOException {
    Parts parts = new Parts();
    try {
      part(parts, path(id, false), large);
      part(parts, path(id, true), small);
      return parts;
    } catch (IOException | RuntimeException e) {
      parts.close();
      throw e;
    }
  }

  private static void part(Parts parts, Path place, byte[] bytes) throws IOException {
    Files.createDirectories(place.getParent());
    Path part = place.resolveSibling(place.getFileName() + "." + UUID.randomUUID() + PART);
    parts.placeByPart.put(part, place);
    try (FileChannel file =
        FileChannel.open(part, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
      ByteBuffer buffer = ByteBuffer.wrap(bytes);
      while (buffer.hasRemaining()) {
        file.write(buffer);
      }
      file.force(true);
    }
  }

  /** What a kill left half-written. */
  void clearParts() {
    if (!Files.isDirectory(folder)) {
      return;
    }
    try (Stream<Path> files = Files.walk(folder, 2)) {
      List<Path> parts = files.filter(file -> file.toString().endsWith(PART)).toList();
      for (Path part : parts) {
        Files.deleteIfExists(part);
      }
    } catch (IOException | UncheckedIOException e) {
      LOG.warn("Half-written photos stay: {}", e.getMessage());
    }
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
