package happysaucer.server.photo;

import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.History;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.team.CurrentUser;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Iterator;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.function.Supplier;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Photos of plants. Each is drawn anew on arrival, turned upright and scaled: what came with the
 * file besides the picture, its position above all, is not kept.
 */
@Service
public class Photos {
  static final int MOST_BYTES = 15_000_000;

  /** A small file can unpack to a picture that fills the memory. */
  private static final long MOST_PIXELS = 60_000_000;

  private static final int LONG_SIDE = 1600;
  private static final int SMALL_SIDE = 320;
  private static final double QUALITY = 0.82;
  private static final int MOST_OF_A_PLANT = 500;
  private static final int SHOWN = 60;

  private static final int DRAWN_AT_ONCE = 2;

  private final Semaphore drawn = new Semaphore(DRAWN_AT_ONCE);
  private final PhotoMapper mapper;
  private final PhotoFolder folder;
  private final History history;
  private final TeamClock clock;
  private final CurrentUser user;

  Photos(
      PhotoMapper mapper,
      History history,
      TeamClock clock,
      CurrentUser user,
      @Value("${saucer.data}") String data) {
    this.mapper = mapper;
    this.folder = new PhotoFolder(Path.of(data).resolve("photos"));
    this.history = history;
    this.clock = clock;
    this.user = user;
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

  /** What it was taken at: a check, a job, or neither. */
  public record Occasion(@Nullable UUID check, @Nullable UUID job) {}

  /**
   * Stores a photo; the same one twice is stored once. The files are on disk before it is
   * acknowledged.
   *
   * @throws InputException when it is no picture, or too large a one
   */
  @Transactional
  public void add(UUID id, UUID plant, Occasion occasion, String caption, InputStream body)
      throws IOException {
    if (caption.length() > 200) {
      throw InputException.of("caption", "At most 200 letters.", caption);
    }
    byte[] sent = body.readNBytes(MOST_BYTES + 1);
    if (sent.length > MOST_BYTES) {
      throw InputException.of("photo", "The file is larger than 15 MB.", null);
    }
    UUID before = mapper.plantOf(id);
    if (before != null) {
      if (before.equals(plant)) {
        return;
      }
      throw new ConflictException("The id " + id + " was used for another photo.");
    }
    if (mapper.inCare(plant) == 0) {
      throw InputException.of("plant", "There is no such plant in care.", plant);
    }
    if (mapper.count(plant) >= MOST_OF_A_PLANT) {
      throw InputException.of(
          "photo", "This plant has " + MOST_OF_A_PLANT + " photos. Remove some first.", null);
    }
    checkSize(sent);
    BufferedImage scaled = oneOfFew(() -> scaled(sent, LONG_SIDE));
    byte[] large = jpeg(scaled);
    folder.write(id, false, large);
    folder.write(
        id, true, jpeg(Thumbnails.of(scaled).size(SMALL_SIDE, SMALL_SIDE).asBufferedImage()));
    mapper.add(
        id,
        plant,
        occasion.check(),
        occasion.job(),
        clock.today(),
        caption.trim(),
        scaled.getWidth(),
        scaled.getHeight(),
        large.length,
        user.id(),
        clock.now());
    history.log("photo", id, "Added");
  }

  /** A large picture takes much memory while it is drawn anew, so only a few are at once. */
  private BufferedImage oneOfFew(Supplier<BufferedImage> drawing) {
    drawn.acquireUninterruptibly();
    try {
      return drawing.get();
    } finally {
      drawn.release();
    }
  }

  private static InputException notAPicture() {
    return InputException.of(
        "photo", "This is no picture that can be read. Send JPEG or PNG.", null);
  }

  /** Reads only the head of the file. */
  private static void checkSize(byte[] sent) throws IOException {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(sent))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw notAPicture();
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(in);
        if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
          throw InputException.of("photo", "The picture has more than 60 million pixels.", null);
        }
      } catch (IOException | RuntimeException e) {
        throw e instanceof InputException told ? told : notAPicture();
      } finally {
        reader.dispose();
      }
    }
  }

  private static BufferedImage scaled(byte[] sent, int side) {
    try {
      // turns it upright as its own note on orientation says
      BufferedImage read = Thumbnails.of(new ByteArrayInputStream(sent)).scale(1).asBufferedImage();
      BufferedImage plain =
          new BufferedImage(read.getWidth(), read.getHeight(), BufferedImage.TYPE_INT_RGB);
      plain.createGraphics().drawImage(read, 0, 0, java.awt.Color.WHITE, null);
      return Math.max(plain.getWidth(), plain.getHeight()) <= side
          ? plain
          : Thumbnails.of(plain).size(side, side).asBufferedImage();
    } catch (IOException | RuntimeException e) {
      throw notAPicture();
    }
  }

  private static byte[] jpeg(BufferedImage image) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Thumbnails.of(image).scale(1).outputFormat("jpg").outputQuality(QUALITY).toOutputStream(out);
    return out.toByteArray();
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
            folder.delete(id);
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
