package happysaucer.server.photo;

import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.keeping.Backups;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.team.CurrentUser;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Photos of plants. Each is drawn anew on arrival, turned upright and scaled: what came with the
 * file besides the picture, its position above all, is not kept.
 */
@Service
public class Photos {
  static final int MOST_BYTES = 15_000_000;

  /** Over bad reception a photo takes its time; longer, and the line is gone. */
  private static final long LONGEST_NANOS = TimeUnit.MINUTES.toNanos(3);

  private static final int ARRIVING_AT_ONCE = 24;
  private static final int MOST_OF_A_PLANT = 500;
  private static final int SHOWN = 60;

  private static final int DRAWN_AT_ONCE = 2;

  private final Semaphore arriving = new Semaphore(ARRIVING_AT_ONCE);
  private final Semaphore drawn = new Semaphore(DRAWN_AT_ONCE);
  private final PhotoMapper mapper;
  private final PhotoFolder folder;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final Backups backups;
  private final TransactionTemplate transaction;

  Photos(
      PhotoMapper mapper,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      Backups backups,
      TransactionTemplate transaction,
      @Value("${saucer.data}") String data) {
    this.mapper = mapper;
    this.folder = new PhotoFolder(Path.of(data).resolve("photos"));
    this.history = history;
    this.clock = clock;
    this.user = user;
    this.backups = backups;
    this.transaction = transaction;
    folder.clearParts();
  }

  public record PhotoView(
      UUID id,
      @Nullable UUID checkId,
      @Nullable UUID jobId,
      LocalDate takenOn,
      String caption,
      int width,
      int height,
      String who) {}

  /** Many photos arrive at once. */
  static final class BusyException extends RuntimeException {
    private static final long serialVersionUID = 1L;
  }

  /** What it was taken at: a check, a job, or neither. */
  public record Occasion(@Nullable UUID check, @Nullable UUID job) {}

  /**
   * Stores a photo; the same one twice, even at once, is stored once. It is read and drawn before
   * the database is asked for anything, and on disk before it is acknowledged.
   *
   * @param type as the sender says: image/jpeg or image/png
   * @throws InputException when it is no whole picture of that type, or too large a one
   */
  public void add(
      UUID id, UUID plant, Occasion occasion, String caption, String type, InputStream body)
      throws IOException {
    if (caption.length() > 200) {
      throw InputException.of("caption", "At most 200 letters.", caption);
    }
    if (!arriving.tryAcquire()) {
      throw new BusyException();
    }
    byte[] sent;
    try {
      sent = read(body);
    } finally {
      arriving.release();
    }
    if (known(id, plant, occasion)) {
      return;
    }
    Picture picture = oneOfFew(() -> Picture.drawn(sent, type));
    try (PhotoFolder.Parts parts = folder.write(id, picture.large(), picture.small())) {
      transaction.executeWithoutResult(
          status -> {
            if (!known(id, plant, occasion)) {
              store(id, plant, occasion, caption, picture);
              parts.place();
            }
          });
    } catch (DuplicateKeyException e) {
      // the same one was stored at the same moment, or another by its id
      known(id, plant, occasion);
    }
  }

  private static byte[] read(InputStream body) throws IOException {
    long deadline = System.nanoTime() + LONGEST_NANOS;
    ByteArrayOutputStream sent = new ByteArrayOutputStream();
    byte[] part = new byte[1 << 14];
    for (int n = body.read(part); n >= 0; n = body.read(part)) {
      sent.write(part, 0, n);
      if (sent.size() > MOST_BYTES) {
        throw InputException.of("photo", "The file is larger than 15 MB.", null);
      }
      if (System.nanoTime() > deadline) {
        throw InputException.of("photo", "It did not arrive within three minutes.", null);
      }
    }
    return sent.toByteArray();
  }

  /** Whether it is there already; what it claims to belong to is checked. */
  private boolean known(UUID id, UUID plant, Occasion occasion) {
    UUID before = mapper.plantOf(id);
    if (before != null) {
      if (before.equals(plant)) {
        return true;
      }
      throw new ConflictException("The id " + id + " was used for another photo.");
    }
    if (mapper.inCare(plant) == 0) {
      throw InputException.of("plant", "There is no such plant in care.", plant);
    }
    if (occasion.check() != null && mapper.checkOfAnother(occasion.check(), plant) > 0) {
      throw InputException.of("check", "This plant has no such check.", occasion.check());
    }
    if (occasion.job() != null && mapper.jobOf(occasion.job(), plant) == 0) {
      throw InputException.of("job", "This plant has no such job.", occasion.job());
    }
    if (mapper.count(plant) >= MOST_OF_A_PLANT) {
      throw InputException.of(
          "photo", "This plant has " + MOST_OF_A_PLANT + " photos. Remove some first.", null);
    }
    return false;
  }

  private void store(UUID id, UUID plant, Occasion occasion, String caption, Picture picture) {
    mapper.add(
        id,
        plant,
        occasion.check(),
        occasion.job(),
        clock.today(),
        caption.trim(),
        picture.width(),
        picture.height(),
        picture.large().length,
        user.id(),
        clock.now());
    history.log("photo", id, "Added");
  }

  /** A large picture takes much memory while it is drawn anew, so only a few are at once. */
  private Picture oneOfFew(Supplier<Picture> drawing) {
    drawn.acquireUninterruptibly();
    try {
      return drawing.get();
    } finally {
      drawn.release();
    }
  }

  /**
   * @throws NotFoundException when there is no such photo
   */
  byte[] read(UUID id, boolean small) throws IOException {
    if (mapper.there(id) == 0) {
      throw new NotFoundException("There is no such photo.");
    }
    return folder.read(id, small);
  }

  /** Small, as JPEG. */
  public byte[] thumbnail(UUID id) throws IOException {
    return read(id, true);
  }

  /** Takes a photo out of the history, and its files out of the folder. */
  @Transactional
  public void remove(UUID id) {
    if (mapper.remove(id, clock.now()) == 0) {
      throw new NotFoundException("There is no such photo.");
    }
    history.log("photo", id, "Removed");
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            // a backup under way may still want them
            backups.deleteWhenFree(() -> folder.delete(id));
          }
        });
  }

  /** Those taken at one job, newest first. */
  public List<PhotoView> ofJob(UUID job) {
    return mapper.ofJob(job, SHOWN);
  }

  /** Newest first. */
  public List<PhotoView> of(UUID plant) {
    return mapper.of(plant, SHOWN);
  }
}
