package happysaucer.server.photo;

import happysaucer.server.problem.InputException;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Iterator;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.event.IIOReadWarningListener;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.ExifUtils;
import net.coobird.thumbnailator.util.exif.Orientation;

/**
 * A photo drawn anew, upright and scaled, without anything that came with the file besides.
 *
 * @param large JPEG of at most {@value #LONG_SIDE} pixels along its longer side
 * @param small the same, at most {@value #SMALL_SIDE}
 */
record Picture(byte[] large, byte[] small, int width, int height) {
  /** A small file can unpack to a picture that fills the memory. */
  private static final long MOST_PIXELS = 60_000_000;

  /** Segments of a JPEG: where notes of cameras stand, and where the picture itself begins. */
  private static final int NOTE = 0xE1;

  private static final int SCAN = 0xDA;

  private static final int LONG_SIDE = 1600;
  private static final int SMALL_SIDE = 320;
  private static final double QUALITY = 0.82;

  /** Kinds of picture by how their files begin and end. */
  private enum Kind {
    JPEG(new int[] {0xFF, 0xD8, 0xFF}, new int[] {0xFF, 0xD9}),
    PNG(new int[] {0x89, 'P', 'N', 'G'}, new int[] {'I', 'E', 'N', 'D', 0xAE, 0x42, 0x60, 0x82});

    private final int[] head;
    private final int[] end;

    Kind(int[] head, int[] end) {
      this.head = head;
      this.end = end;
    }

    boolean begins(byte[] file) {
      return at(file, 0, head);
    }

    /** Cameras may write something of their own after the end of a picture. */
    boolean ends(byte[] file) {
      for (int i = file.length - end.length; i >= head.length; i--) {
        if (at(file, i, end)) {
          return true;
        }
      }
      return false;
    }

    private static boolean at(byte[] file, int from, int[] mark) {
      if (from < 0 || from + mark.length > file.length) {
        return false;
      }
      for (int i = 0; i < mark.length; i++) {
        if ((file[from + i] & 0xFF) != mark[i]) {
          return false;
        }
      }
      return true;
    }
  }

  /**
   * @param type as the sender calls it
   * @throws InputException when it is no whole picture of that type, or too large a one
   */
  static Picture drawn(byte[] sent, String type) {
    Kind kind = type.toLowerCase(Locale.ROOT).startsWith("image/png") ? Kind.PNG : Kind.JPEG;
    if (!kind.begins(sent)) {
      throw InputException.of(
          "photo",
          "This is no picture in " + kind + ". Send JPEG or PNG, each under its own name.",
          null);
    }
    if (!kind.ends(sent)) {
      throw cutOff();
    }
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(sent))) {
      Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName(kind.name());
      ImageReader reader = readers.next();
      try {
        reader.setInput(in, true, true);
        Orientation turned = kind == Kind.JPEG ? orientation(sent) : Orientation.TOP_LEFT;
        return scaled(upright(turned, read(reader)));
      } finally {
        reader.dispose();
      }
    } catch (IOException | RuntimeException e) {
      throw e instanceof InputException told
          ? told
          : InputException.of(
              "photo", "This is no picture that can be read. Send JPEG or PNG.", null);
    }
  }

  private static InputException cutOff() {
    return InputException.of("photo", "The picture is cut off. Send the whole file.", null);
  }

  /** Only every n-th pixel of a large picture is kept while it is read. */
  private static BufferedImage read(ImageReader reader) throws IOException {
    long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
    if (pixels > MOST_PIXELS) {
      throw InputException.of("photo", "The picture has more than 60 million pixels.", null);
    }
    int every = Math.max(1, Math.max(reader.getWidth(0), reader.getHeight(0)) / (2 * LONG_SIDE));
    ImageReadParam param = reader.getDefaultReadParam();
    param.setSourceSubsampling(every, every, 0, 0);
    boolean[] cut = {false};
    reader.addIIOReadWarningListener(
        (IIOReadWarningListener)
            (source, warning) -> {
              String words = warning.toLowerCase(Locale.ROOT);
              cut[0] |=
                  words.contains("truncated")
                      || words.contains("premature")
                      || words.contains("corrupt");
            });
    BufferedImage image = reader.read(0, param);
    if (cut[0]) {
      throw cutOff();
    }
    return image;
  }

  /** As the note in a JPEG says; one that cannot be read turns nothing. */
  private static Orientation orientation(byte[] sent) {
    try {
      Orientation noted = ExifUtils.getOrientationFromExif(exif(sent));
      return noted == null ? Orientation.TOP_LEFT : noted;
    } catch (RuntimeException e) {
      return Orientation.TOP_LEFT;
    }
  }

  /**
   * The first note of a camera, empty where there is none: segments are walked up to the picture.
   */
  private static byte[] exif(byte[] jpeg) {
    int at = 2;
    while (at + 10 < jpeg.length && (jpeg[at] & 0xFF) == 0xFF && (jpeg[at + 1] & 0xFF) != SCAN) {
      int length = (jpeg[at + 2] & 0xFF) << 8 | jpeg[at + 3] & 0xFF;
      boolean note =
          (jpeg[at + 1] & 0xFF) == NOTE
              && new String(jpeg, at + 4, 4, StandardCharsets.US_ASCII).equals("Exif");
      if (note) {
        return Arrays.copyOfRange(jpeg, at + 4, Math.min(jpeg.length, at + 2 + length));
      }
      at += 2 + length;
    }
    return new byte[0];
  }

  private static BufferedImage upright(Orientation orientation, BufferedImage image) {
    BufferedImage plain =
        new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = plain.createGraphics();
    graphics.drawImage(image, 0, 0, Color.WHITE, null);
    graphics.dispose();
    return orientation == Orientation.TOP_LEFT
        ? plain
        : ExifFilterUtils.getFilterForOrientation(orientation).apply(plain);
  }

  private static Picture scaled(BufferedImage image) throws IOException {
    BufferedImage large =
        Math.max(image.getWidth(), image.getHeight()) <= LONG_SIDE
            ? image
            : Thumbnails.of(image).size(LONG_SIDE, LONG_SIDE).asBufferedImage();
    BufferedImage small = Thumbnails.of(large).size(SMALL_SIDE, SMALL_SIDE).asBufferedImage();
    return new Picture(jpeg(large), jpeg(small), large.getWidth(), large.getHeight());
  }

  private static byte[] jpeg(BufferedImage image) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Thumbnails.of(image).scale(1).outputFormat("jpg").outputQuality(QUALITY).toOutputStream(out);
    return out.toByteArray();
  }
}
