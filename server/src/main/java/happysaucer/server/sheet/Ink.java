package happysaucer.server.sheet;

import com.google.zxing.common.BitMatrix;
import happysaucer.server.qr.Qr;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;

/** Text and lines on one page; y counts down from its top, in points. */
final class Ink implements AutoCloseable {
  private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";
  private static final float LINE = 1.28f;

  private final PDPageContentStream out;
  private final PDFont font;
  private final float height;

  /** The font, once for a document of several pages. */
  record Face(PDFont font) {}

  Ink(PDDocument document, PDPage page) throws IOException {
    this(face(document), document, page);
  }

  Ink(Face face, PDDocument document, PDPage page) throws IOException {
    font = face.font();
    out = new PDPageContentStream(document, page);
    height = page.getMediaBox().getHeight();
  }

  static Face face(PDDocument document) throws IOException {
    TrueTypeFont face =
        new TTFParser()
            .parse(
                new RandomAccessReadBuffer(
                    Objects.requireNonNull(PDDocument.class.getResourceAsStream(FONT))));
    // ligatures would be looked for in every word anew, for nine tenths of the time a sheet takes
    face.setEnableGsub(false);
    return new Face(PDType0Font.load(document, face, true));
  }

  static float line(float size) {
    return size * LINE;
  }

  /** What the font has no sign for is written as a question mark, never dropped in silence. */
  private String printable(String text) {
    StringBuilder printable = new StringBuilder();
    text.codePoints()
        .forEach(
            point -> {
              String sign = new String(Character.toChars(point));
              try {
                font.encode(sign);
                printable.append(sign);
              } catch (IOException | IllegalArgumentException e) {
                printable.append('?');
              }
            });
    return printable.toString();
  }

  float width(String text, float size) throws IOException {
    return font.getStringWidth(printable(text)) / 1000 * size;
  }

  /** Breaks a text at its spaces into lines of at most this width. */
  List<String> wrapped(String text, float size, float width) throws IOException {
    List<String> lines = new ArrayList<>();
    StringBuilder line = new StringBuilder();
    for (String word : text.split(" ")) {
      String longer = line.isEmpty() ? word : line + " " + word;
      if (!line.isEmpty() && width(longer, size) > width) {
        lines.add(line.toString());
        line = new StringBuilder(word);
      } else {
        line = new StringBuilder(longer);
      }
    }
    lines.add(line.toString());
    return lines;
  }

  void text(String text, float x, float y, float size) throws IOException {
    write(text, x, y, size, false);
  }

  void bold(String text, float x, float y, float size) throws IOException {
    write(text, x, y, size, true);
  }

  private void write(String text, float x, float y, float size, boolean bold) throws IOException {
    out.beginText();
    out.setFont(font, size);
    out.setRenderingMode(bold ? RenderingMode.FILL_STROKE : RenderingMode.FILL);
    out.setLineWidth(bold ? size * 0.035f : 0);
    out.newLineAtOffset(x, height - y);
    out.showText(printable(text));
    out.endText();
    out.setLineWidth(0.7f);
  }

  /** Lines of text one under another; answers the y of the next line. */
  float lines(List<String> lines, float x, float y, float size) throws IOException {
    float at = y;
    for (String line : lines) {
      text(line, x, at, size);
      at += line(size);
    }
    return at;
  }

  void width(float width) throws IOException {
    out.setLineWidth(width);
  }

  void gray(float gray) throws IOException {
    out.setStrokingColor(gray);
    out.setNonStrokingColor(gray);
  }

  void dashed(float... pattern) throws IOException {
    out.setLineDashPattern(pattern, 0);
  }

  void line(float x1, float y1, float x2, float y2) throws IOException {
    out.moveTo(x1, height - y1);
    out.lineTo(x2, height - y2);
    out.stroke();
  }

  void box(float x, float y, float width, float boxHeight) throws IOException {
    out.addRect(x, height - y - boxHeight, width, boxHeight);
    out.stroke();
  }

  void filled(float x, float y, float width, float boxHeight) throws IOException {
    out.addRect(x, height - y - boxHeight, width, boxHeight);
    out.fill();
  }

  /**
   * @param points x and y in turn
   */
  void shape(float[] points, boolean filled, boolean closed) throws IOException {
    out.moveTo(points[0], height - points[1]);
    for (int i = 2; i < points.length; i += 2) {
      out.lineTo(points[i], height - points[i + 1]);
    }
    if (closed) {
      out.closePath();
    }
    if (filled) {
      out.fill();
    } else {
      out.stroke();
    }
  }

  /** A photo, as large as a square of this size holds. */
  void picture(PDDocument document, byte[] jpeg, float x, float y, float most) throws IOException {
    PDImageXObject image = JPEGFactory.createFromByteArray(document, jpeg);
    float scale = most / Math.max(image.getWidth(), image.getHeight());
    float drawnHeight = image.getHeight() * scale;
    out.drawImage(image, x, height - y - drawnHeight, image.getWidth() * scale, drawnHeight);
  }

  /** A code that cameras read. */
  void code(String text, float x, float y, float size) throws IOException {
    BitMatrix modules = Qr.modules(text);
    float module = size / modules.getWidth();
    for (int row = 0; row < modules.getHeight(); row++) {
      int column = 0;
      while (column < modules.getWidth()) {
        int end = column;
        while (end < modules.getWidth() && modules.get(end, row)) {
          end++;
        }
        if (end > column) {
          // a hair taller than a module: between rows no light shows through
          filled(x + column * module, y + row * module, (end - column) * module, module * 1.02f);
        }
        column = end + 1;
      }
    }
  }

  @Override
  public void close() throws IOException {
    out.close();
  }
}
