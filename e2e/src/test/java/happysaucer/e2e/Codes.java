package happysaucer.e2e;

import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;

/** Codes on paper, read by a reader that shares nothing with ours. */
final class Codes {
  private static final int DPI = 200;
  private static final Path READER = Path.of("../web/node_modules/jsqr/dist/jsQR.js");

  private Codes() {}

  static BufferedImage drawn(byte[] pdf) throws IOException {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      return new PDFRenderer(document).renderImageWithDPI(0, DPI);
    }
  }

  /** The text of a paper of one page, by a reader that shares nothing with what wrote it. */
  static String text(byte[] pdf) throws IOException, InterruptedException {
    Path file = Files.createTempFile("saucer", ".pdf");
    try {
      Files.write(file, pdf);
      String pages = said("pdfinfo", file.toString());
      if (!pages.matches("(?s).*Pages:\\s+1\\n.*")) {
        throw new AssertionError("not one page: " + pages);
      }
      return said("pdftotext", "-layout", file.toString(), "-");
    } finally {
      Files.delete(file);
    }
  }

  private static String said(String... command) throws IOException, InterruptedException {
    Process reader = new ProcessBuilder(command).redirectErrorStream(true).start();
    String said = new String(reader.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    if (reader.waitFor() != 0) {
      throw new IllegalStateException(said);
    }
    return said;
  }

  static byte[] png(BufferedImage picture) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(picture, "png", out);
    return out.toByteArray();
  }

  static String read(Page page, BufferedImage picture) throws IOException {
    page.evaluate(Files.readString(READER));
    return (String)
        page.evaluate(
            """
            async (data) => {
              const picture = new Image();
              picture.src = 'data:image/png;base64,' + data;
              await picture.decode();
              const canvas = document.createElement('canvas');
              canvas.width = picture.width;
              canvas.height = picture.height;
              const context = canvas.getContext('2d');
              context.drawImage(picture, 0, 0);
              const pixels = context.getImageData(0, 0, canvas.width, canvas.height);
              return jsQR(pixels.data, pixels.width, pixels.height).data;
            }""",
            Base64.getEncoder().encodeToString(png(picture)));
  }
}
