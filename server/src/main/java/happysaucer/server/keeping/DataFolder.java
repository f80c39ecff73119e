package happysaucer.server.keeping;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The folder with everything a team has entered. One process at a time holds it. A first start or
 * an upgrade that did not come to its end is taken back before the database is opened: H2 commits
 * changes of tables one by one, so a half-made table would otherwise stay for ever.
 */
public final class DataFolder implements AutoCloseable {
  static final String DATABASE = "saucer.mv.db";
  static final String PHOTOS = "photos";
  static final String BACKUPS = "backups";

  /** What is under way and must be taken back if it does not end. */
  private static final String UNFINISHED = "unfinished";

  private static final String FIRST_START = "first start";

  private final Path folder;
  private final FileLock lock;

  private DataFolder(Path folder, FileLock lock) {
    this.folder = folder;
    this.lock = lock;
  }

  /**
   * Takes the folder, making it where it is missing, and takes back what was left unfinished in it.
   *
   * @throws CannotStartException when it cannot be used, in words for whoever started it
   */
  public static DataFolder take(Path folder) {
    FileLock lock = null;
    try {
      Files.createDirectories(folder);
      onlyForOwner(folder);
      FileChannel channel =
          FileChannel.open(
              folder.resolve("in-use"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
      lock = channel.tryLock();
      if (lock == null) {
        channel.close();
      }
    } catch (OverlappingFileLockException e) {
      // held by this very process
    } catch (IOException e) {
      throw new CannotStartException(
          "The data folder " + folder + " cannot be used: " + words(e) + ".");
    }
    if (lock == null) {
      throw new CannotStartException.InUseException(
          "The data folder "
              + folder
              + " is in use by another Happy Saucer. Stop that one, or choose another folder with --data DIR.");
    }
    DataFolder taken = new DataFolder(folder, lock);
    try {
      taken.takeBack();
      if (!Files.exists(folder.resolve(DATABASE))) {
        taken.begin(FIRST_START);
      }
    } catch (IOException e) {
      throw new CannotStartException(
          "The data folder " + folder + " cannot be written: " + words(e) + ".");
    }
    return taken;
  }

  private static String words(IOException e) {
    if (e instanceof AccessDeniedException) {
      return "there is no right to write in it";
    }
    if (e instanceof FileAlreadyExistsException) {
      return "it is a file, not a folder";
    }
    return e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage();
  }

  /** Only its owner may look in: it holds clients' addresses and password hashes. */
  static void onlyForOwner(Path folder) throws IOException {
    if (!Files.getFileStore(folder).supportsFileAttributeView("posix")) {
      return;
    }
    Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
    try (Stream<Path> files = Files.list(folder)) {
      for (Path file : files.filter(Files::isRegularFile).toList()) {
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
      }
    }
  }

  /** The part of a first start that must be whole or not at all has begun. */
  private void begin(String what) throws IOException {
    write(folder, what);
  }

  /** An upgrade begins; on failure the database of this backup is put back. */
  static void beginUpgrade(Path folder, Path backup) throws IOException {
    write(folder, folder.resolve(BACKUPS).relativize(backup).toString());
  }

  private static void write(Path folder, String what) throws IOException {
    Path part = folder.resolve(UNFINISHED + ".part");
    try (FileChannel file =
        FileChannel.open(
            part,
            StandardOpenOption.CREATE,
            StandardOpenOption.TRUNCATE_EXISTING,
            StandardOpenOption.WRITE)) {
      file.write(java.nio.ByteBuffer.wrap(what.getBytes(java.nio.charset.StandardCharsets.UTF_8)));
      file.force(true);
    }
    Files.move(part, folder.resolve(UNFINISHED), StandardCopyOption.ATOMIC_MOVE);
    sync(folder);
  }

  /** First start or upgrade has come to its end. */
  static void finish(Path folder) throws IOException {
    if (Files.deleteIfExists(folder.resolve(UNFINISHED))) {
      sync(folder);
    }
  }

  /** A name in a folder is on disk only when the folder is. */
  static void sync(Path folder) throws IOException {
    try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
      channel.force(true);
    }
  }

  private static Optional<String> unfinished(Path folder) throws IOException {
    Path file = folder.resolve(UNFINISHED);
    return Files.exists(file) ? Optional.of(Files.readString(file)) : Optional.empty();
  }

  /** Puts the database back as it was before what did not come to its end. */
  public void takeBack() throws IOException {
    Optional<String> what = unfinished(folder);
    if (what.isEmpty()) {
      return;
    }
    for (String leftover : List.of(DATABASE, "saucer.trace.db")) {
      if (what.get().equals(FIRST_START)) {
        Files.deleteIfExists(folder.resolve(leftover));
      }
    }
    if (!what.get().equals(FIRST_START)) {
      Path backup = folder.resolve(BACKUPS).resolve(what.get());
      BackupFile.putBackDatabase(backup, folder);
    }
    finish(folder);
  }

  public Path path() {
    return folder;
  }

  @Override
  public void close() throws IOException {
    lock.acquiredBy().close();
  }
}
