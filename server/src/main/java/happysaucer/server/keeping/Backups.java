package happysaucer.server.keeping;

import happysaucer.server.problem.ConflictException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Backups of the running server: one each night by itself, one when somebody asks on the screen,
 * and one when a file in the data folder asks, which is how {@code bin/backup} reaches a server at
 * work.
 */
@Component
public class Backups implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(Backups.class);

  /** Nightly ones kept; those made by hand stay until somebody removes them. */
  static final int KEPT = 14;

  private static final int UPGRADES_KEPT = 3;
  private static final LocalTime NIGHT = LocalTime.of(3, 0);
  private static final Duration LONG_AGO = Duration.ofHours(50);
  private static final DateTimeFormatter STAMP =
      DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss", Locale.ROOT).withZone(ZoneOffset.UTC);

  private final Path folder;
  private final DataSource data;
  private final boolean nightly;
  private final AtomicReference<@Nullable Running> running = new AtomicReference<>();
  private final List<Runnable> deletions = new ArrayList<>();
  private final ScheduledExecutorService worker =
      Executors.newSingleThreadScheduledExecutor(
          work -> {
            Thread thread = new Thread(work, "backups");
            thread.setDaemon(true);
            return thread;
          });
  private volatile @Nullable String lastFailure;

  Backups(
      @Value("${saucer.data}") String folder,
      DataSource data,
      @Value("${saucer.nightly-backup:true}") boolean nightly) {
    this.folder = Path.of(folder).toAbsolutePath();
    this.data = data;
    this.nightly = nightly;
  }

  /** Why it was made. */
  public enum Kind {
    NIGHTLY,
    BY_HAND,
    UPGRADE
  }

  /**
   * @param file whole path
   * @param bytes of the file
   */
  public record Backup(String file, Kind kind, Instant madeAt, long bytes) {}

  /** A backup under way. */
  public record Progress(String step, int done, int of) {}

  /** One at a time; its progress is replaced as it goes. */
  private static final class Running {
    private volatile Progress progress = new Progress("Waiting", 0, 1);
    private volatile boolean stopped;
  }

  static Path name(Path folder, Kind kind) {
    return folder.resolve(
        "happy-saucer-"
            + STAMP.format(Instant.now())
            + "-"
            + kind.name().toLowerCase(Locale.ROOT).replace('_', '-')
            + ".zip");
  }

  private static Optional<Kind> kind(Path file) {
    String name = file.getFileName().toString();
    for (Kind kind : Kind.values()) {
      if (name.startsWith("happy-saucer-")
          && name.endsWith("-" + kind.name().toLowerCase(Locale.ROOT).replace('_', '-') + ".zip")) {
        return Optional.of(kind);
      }
    }
    return Optional.empty();
  }

  Path folder() {
    return folder.resolve(DataFolder.BACKUPS);
  }

  /** Those in the data folder, newest first. */
  public List<Backup> list() {
    if (!Files.isDirectory(folder())) {
      return List.of();
    }
    List<Backup> backups = new ArrayList<>();
    try (Stream<Path> files = Files.list(folder())) {
      for (Path file : files.toList()) {
        Optional<Kind> kind = kind(file);
        if (kind.isPresent()) {
          BasicFileAttributes about = Files.readAttributes(file, BasicFileAttributes.class);
          backups.add(
              new Backup(
                  file.toString(), kind.get(), about.lastModifiedTime().toInstant(), about.size()));
        }
      }
    } catch (IOException e) {
      LOG.warn("The backups cannot be listed: {}", e.getMessage());
    }
    backups.sort(Comparator.comparing(Backup::madeAt).reversed());
    return backups;
  }

  public Optional<Progress> progress() {
    return Optional.ofNullable(running.get()).map(now -> now.progress);
  }

  /** What keeps backups from being made, in words; empty when the last one went well. */
  public Optional<String> trouble() {
    if (lastFailure != null) {
      return Optional.of("The last backup failed: " + lastFailure);
    }
    Optional<Backup> newest = list().stream().findFirst();
    return newest.isPresent() && newest.get().madeAt().isBefore(Instant.now().minus(LONG_AGO))
        ? Optional.of("The last backup is older than two days.")
        : Optional.empty();
  }

  /**
   * Starts one; returns at once.
   *
   * @throws ConflictException when one is being made
   */
  public void start() {
    Running mine = new Running();
    if (!running.compareAndSet(null, mine)) {
      throw new ConflictException("A backup is being made already.");
    }
    try {
      worker.execute(() -> makeQuietly(mine, name(folder(), Kind.BY_HAND)));
    } catch (RejectedExecutionException e) {
      running.set(null);
      throw new ConflictException("The server is stopping.");
    }
  }

  /** Stops the one under way; nothing of it stays. */
  public void stop() {
    Running now = running.get();
    if (now != null) {
      now.stopped = true;
    }
  }

  private void makeQuietly(Running mine, Path file) {
    try {
      make(mine, file);
    } catch (IOException | SQLException e) {
      LOG.warn("No backup was made: {}", e.getMessage());
    }
  }

  private void make(Running mine, Path file) throws IOException, SQLException {
    try (Connection connection = data.getConnection()) {
      BackupFile.make(
          connection,
          folder,
          file,
          (step, done, of) -> {
            mine.progress = new Progress(step, done, of);
            return !mine.stopped;
          });
      lastFailure = null;
      keepTheLast(Kind.NIGHTLY, KEPT);
      keepTheLast(Kind.UPGRADE, UPGRADES_KEPT);
      LOG.info("Backup made: {}", file);
    } catch (BackupFile.StoppedException e) {
      throw e;
    } catch (IOException | SQLException | RuntimeException e) {
      lastFailure = e.getMessage();
      throw e;
    } finally {
      running.set(null);
      deleteWhatWaited();
    }
  }

  private void keepTheLast(Kind kind, int most) throws IOException {
    List<Backup> ofKind = list().stream().filter(backup -> backup.kind() == kind).toList();
    for (Backup old : ofKind.subList(Math.min(most, ofKind.size()), ofKind.size())) {
      Files.deleteIfExists(Path.of(old.file()));
    }
  }

  /** Files that a backup under way may still want are deleted when it is done. */
  public void deleteWhenFree(Runnable deletion) {
    synchronized (deletions) {
      if (running.get() != null) {
        deletions.add(deletion);
        return;
      }
    }
    deletion.run();
  }

  private void deleteWhatWaited() {
    List<Runnable> waiting;
    synchronized (deletions) {
      waiting = List.copyOf(deletions);
      deletions.clear();
    }
    waiting.forEach(Runnable::run);
  }

  @EventListener
  void onStart(ApplicationReadyEvent started) {
    worker.scheduleWithFixedDelay(this::answerRequests, 1, 1, TimeUnit.SECONDS);
    if (nightly) {
      worker.scheduleWithFixedDelay(this::tonight, 1, 5, TimeUnit.MINUTES);
    }
  }

  private void tonight() {
    try {
      if (due(list(), ZonedDateTime.now(ZoneId.systemDefault()))) {
        Running mine = new Running();
        if (running.compareAndSet(null, mine)) {
          makeQuietly(mine, name(folder(), Kind.NIGHTLY));
        }
      }
    } catch (RuntimeException e) {
      LOG.warn("No backup was made: {}", e.getMessage());
    }
  }

  /** Once a day, at three in the morning or at the first moment after at which the server runs. */
  static boolean due(List<Backup> newestFirst, ZonedDateTime now) {
    ZonedDateTime since = now.toLocalDate().atTime(NIGHT).atZone(now.getZone());
    Instant last = (since.isAfter(now) ? since.minusDays(1) : since).toInstant();
    return newestFirst.stream()
        .filter(backup -> backup.kind() == Kind.NIGHTLY)
        .noneMatch(backup -> backup.madeAt().isAfter(last));
  }

  /** Whoever may write in the data folder may ask for a backup by a file. */
  private void answerRequests() {
    try {
      for (BackupRequest request : BackupRequest.waiting(folder)) {
        Running mine = new Running();
        if (!running.compareAndSet(null, mine)) {
          return;
        }
        answer(request, mine);
      }
    } catch (IOException | RuntimeException e) {
      LOG.warn("A request for a backup was not answered: {}", e.getMessage());
    }
  }

  private void answer(BackupRequest request, Running mine) throws IOException {
    Path file = name(request.to(), Kind.BY_HAND);
    try {
      make(mine, file);
      request.answer("made " + file);
    } catch (IOException | SQLException | RuntimeException e) {
      request.answer("failed " + e.getMessage());
    }
  }

  @Override
  public void destroy() {
    stop();
    worker.shutdown();
  }
}
