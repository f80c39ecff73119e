package happysaucer.server.keeping;

import java.io.IOException;
import java.io.InputStream;
import java.nio.channels.FileChannel;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Enumeration;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/**
 * One backup: a zip with the database as H2 copies it online, and the photos. It is given its name
 * only when it has been opened again and holds what it should.
 */
final class BackupFile {
  private static final int MOST_BYTES_NOT_COPIED = 1 << 16;

  /** How far it has come, and whether to go on; for whoever watches. */
  interface Progress {
    /**
     * @return false to stop
     */
    boolean at(String step, int done, int of);
  }

  /** Somebody stopped it. */
  static final class StoppedException extends IOException {
    private static final long serialVersionUID = 1L;

    StoppedException() {
      super("Stopped. No backup was made.");
    }
  }

  private BackupFile() {}

  /**
   * Makes a verified backup.
   *
   * @param connection to the database, which may be at work
   * @param file its name when it is done; nothing of that name may be there
   * @throws IOException when it cannot be made or does not verify; then nothing stays
   */
  static void make(Connection connection, Path folder, Path file, Progress progress)
      throws IOException, SQLException {
    Files.createDirectories(file.toAbsolutePath().getParent());
    checkRoom(folder, file.toAbsolutePath().getParent());
    Path scratch = Files.createTempDirectory(file.toAbsolutePath().getParent(), ".making-");
    try {
      tell(progress, "Copying the database", 0, 1);
      Path database = scratch.resolve("database.zip");
      try (Statement sql = connection.createStatement()) {
        sql.execute("backup to '" + database.toString().replace("'", "''") + "'");
      }
      Path part = scratch.resolve("backup.zip");
      write(database, folder, part, progress);
      verify(part, scratch, Optional.of(folder), progress);
      force(part);
      Files.move(part, file, StandardCopyOption.ATOMIC_MOVE);
      DataFolder.sync(file.toAbsolutePath().getParent());
    } finally {
      delete(scratch);
    }
  }

  /** A backup must not be what fills the disk: it is copied, packed and opened again beside it. */
  private static void checkRoom(Path folder, Path to) throws IOException {
    long needed = 3 * Files.size(folder.resolve(DataFolder.DATABASE));
    for (Path photo : photos(folder)) {
      needed += Files.size(photo);
    }
    long left = Files.getFileStore(to).getUsableSpace() - needed;
    if (left < Disk.FULL) {
      throw new IOException(
          "There is not enough room in "
              + to
              + ": a backup takes up to "
              + Math.max(1, needed >> 20)
              + " MB. Make room, or let it lie elsewhere.");
    }
  }

  private static List<Path> photos(Path folder) throws IOException {
    Path photos = folder.resolve(DataFolder.PHOTOS);
    if (!Files.isDirectory(photos)) {
      return List.of();
    }
    try (Stream<Path> all = Files.walk(photos)) {
      return all.filter(file -> file.toString().endsWith(".jpg")).toList();
    }
  }

  private static void tell(Progress progress, String step, int done, int of)
      throws StoppedException {
    if (!progress.at(step, done, of)) {
      throw new StoppedException();
    }
  }

  private static void write(Path database, Path folder, Path part, Progress progress)
      throws IOException {
    List<Path> files = photos(folder);
    try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(part));
        ZipFile copied = new ZipFile(database.toFile())) {
      zip.setLevel(Deflater.BEST_SPEED);
      zip.putNextEntry(new ZipEntry(DataFolder.DATABASE));
      try (InputStream in = copied.getInputStream(copied.getEntry(DataFolder.DATABASE))) {
        in.transferTo(zip);
      }
      zip.closeEntry();
      for (int i = 0; i < files.size(); i++) {
        tell(progress, "Copying photos", i, files.size());
        String name = folder.relativize(files.get(i)).toString().replace('\\', '/');
        zip.putNextEntry(new ZipEntry(name));
        Files.copy(files.get(i), zip);
        zip.closeEntry();
      }
    }
  }

  private static void force(Path file) throws IOException {
    try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
      channel.force(true);
    }
  }

  /**
   * Opens the database of a backup in a scratch folder, and reads every photo in it.
   *
   * @param source the folder it was made from, where it is there: what lies in it must be in the
   *     backup; a photo that is lost there already keeps nobody from the rest
   * @return rows by table
   */
  static Map<String, Long> verify(
      Path backup, Path scratch, Optional<Path> source, Progress progress)
      throws IOException, SQLException {
    Path opened = Files.createDirectories(scratch.resolve("opened"));
    try (ZipFile zip = new ZipFile(backup.toFile())) {
      ZipEntry database = zip.getEntry(DataFolder.DATABASE);
      if (database == null) {
        throw new IOException("There is no database in " + backup.getFileName() + ".");
      }
      tell(progress, "Opening the copy", 0, 1);
      try (InputStream in = zip.getInputStream(database)) {
        Files.copy(in, opened.resolve(DataFolder.DATABASE), StandardCopyOption.REPLACE_EXISTING);
      }
      Set<String> photos = readPhotos(zip, progress);
      try (Connection connection =
              DriverManager.getConnection(
                  "jdbc:h2:file:"
                      + opened.toAbsolutePath()
                      + "/saucer;ACCESS_MODE_DATA=r;IFEXISTS=TRUE",
                  "sa",
                  "");
          Statement sql = connection.createStatement()) {
        if (source.isPresent()) {
          missingPhotos(sql, photos, source.get());
        }
        return counts(sql);
      }
    } finally {
      delete(opened);
    }
  }

  /** Names of the photos in it; each is read to its end, so that a broken one is found now. */
  private static Set<String> readPhotos(ZipFile zip, Progress progress) throws IOException {
    Set<String> names = new HashSet<>();
    int done = 0;
    byte[] part = new byte[MOST_BYTES_NOT_COPIED];
    for (Enumeration<? extends ZipEntry> all = zip.entries(); all.hasMoreElements(); ) {
      ZipEntry entry = all.nextElement();
      if (entry.getName().startsWith(DataFolder.PHOTOS + "/")) {
        tell(progress, "Reading photos again", done++, zip.size());
        try (InputStream in = zip.getInputStream(entry)) {
          while (in.read(part) >= 0) {
            // read to its end, where its checksum is compared
          }
        }
        names.add(entry.getName());
      }
    }
    return names;
  }

  private static void missingPhotos(Statement sql, Set<String> photos, Path source)
      throws SQLException, IOException {
    try (ResultSet table =
        sql.executeQuery(
            "select 1 from information_schema.tables where lower(table_name) = 'photo'")) {
      if (!table.next()) {
        return;
      }
    }
    try (ResultSet rows = sql.executeQuery("select id from photo where removed_at is null")) {
      while (rows.next()) {
        String id = rows.getObject(1, UUID.class).toString();
        String name = DataFolder.PHOTOS + "/" + id.substring(0, 2) + "/" + id + ".jpg";
        if (!photos.contains(name) && Files.exists(source.resolve(name))) {
          throw new IOException("The photo " + id + " is missing from the copy.");
        }
      }
    }
  }

  /** Rows by table. */
  private static Map<String, Long> counts(Statement sql) throws SQLException {
    List<String> tables = new ArrayList<>();
    try (ResultSet rows =
        sql.executeQuery(
            "select table_name from information_schema.tables where table_schema = 'PUBLIC' order by 1")) {
      while (rows.next()) {
        tables.add(rows.getString(1));
      }
    }
    Map<String, Long> counts = new LinkedHashMap<>();
    for (String table : tables) {
      try (ResultSet row = sql.executeQuery("select count(*) from \"" + table + "\"")) {
        row.next();
        counts.put(table, row.getLong(1));
      }
    }
    return counts;
  }

  /** Puts the database of a backup in place of the one in the folder; photos stay. */
  static void putBackDatabase(Path backup, Path folder) throws IOException {
    Path part = folder.resolve(DataFolder.DATABASE + ".part");
    try (ZipFile zip = new ZipFile(backup.toFile());
        InputStream in = zip.getInputStream(zip.getEntry(DataFolder.DATABASE))) {
      Files.copy(in, part, StandardCopyOption.REPLACE_EXISTING);
    }
    force(part);
    Files.move(
        part,
        folder.resolve(DataFolder.DATABASE),
        StandardCopyOption.ATOMIC_MOVE,
        StandardCopyOption.REPLACE_EXISTING);
    DataFolder.sync(folder);
  }

  /** Photos of a backup into a folder. */
  static void unpackPhotos(Path backup, Path folder) throws IOException {
    try (ZipFile zip = new ZipFile(backup.toFile())) {
      for (Enumeration<? extends ZipEntry> all = zip.entries(); all.hasMoreElements(); ) {
        ZipEntry entry = all.nextElement();
        Path file = folder.resolve(entry.getName()).normalize();
        boolean photo =
            entry.getName().startsWith(DataFolder.PHOTOS + "/")
                && file.startsWith(folder.resolve(DataFolder.PHOTOS));
        if (photo && !entry.isDirectory()) {
          Files.createDirectories(file.getParent());
          try (InputStream in = zip.getInputStream(entry)) {
            Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
          }
          force(file);
        }
      }
    }
  }

  static void delete(Path folder) throws IOException {
    if (!Files.exists(folder)) {
      return;
    }
    Files.walkFileTree(
        folder,
        new SimpleFileVisitor<>() {
          @Override
          public FileVisitResult visitFile(Path file, BasicFileAttributes attributes)
              throws IOException {
            Files.deleteIfExists(file);
            return FileVisitResult.CONTINUE;
          }

          @Override
          public FileVisitResult postVisitDirectory(
              Path directory, @org.jspecify.annotations.Nullable IOException e) throws IOException {
            Files.deleteIfExists(directory);
            return FileVisitResult.CONTINUE;
          }
        });
  }
}
