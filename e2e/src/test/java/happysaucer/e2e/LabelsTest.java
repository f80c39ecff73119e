package happysaucer.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import happysaucer.e2e.Chromium.Size;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** A label is printed, read by a reader that is not ours, and opens what it is on. */
class LabelsTest {
  private static App app;
  private static String plant;
  private static BufferedImage label;

  @BeforeAll
  static void printOne() throws Exception {
    app = App.start(Demo.laidIn(), "--saucer.demo=true", "--saucer.clock=" + Demo.CLOCK);
    Team team = new Team("technician");
    plant = team.plant(app, "T-005");
    byte[] pdf =
        team.bytes(app.url() + "/api/labels/sheet?kind=PLANT&layout=SINGLE_57&of=" + plant);
    label = Codes.drawn(pdf);
  }

  @AfterAll
  static void stop() {
    app.close();
  }

  private static BrowserContext phone(Chromium chromium) {
    return chromium.context(app.url(), Size.PHONE, ColorScheme.LIGHT);
  }

  private static void opened(Page page) {
    page.waitForURL("**/plants/" + plant);
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Kentia palm")))
        .isVisible();
  }

  @Test
  void anotherReaderReadsTheAddressAndItOpensThePlant() throws IOException {
    try (BrowserContext context = phone(Demo.chromium())) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      String read = Codes.read(page, label);
      assertThat(read).contains("/q/P").startsWith("http");
      page.navigate(read.substring(read.indexOf("/q/")));
      opened(page);
    }
  }

  @Test
  void aPhotoOfItIsReadInTheApp() throws IOException {
    try (BrowserContext context = phone(Demo.chromium())) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      page.locator("header nav button", new Page.LocatorOptions().setHasText("Find")).click();
      page.getByText("Read a label").click();
      page.setInputFiles(
          "input[type=file]",
          new com.microsoft.playwright.options.FilePayload(
              "label.png", "image/png", Codes.png(label)));
      opened(page);
    }
  }

  @Test
  void aHandScannerTypesIt() throws IOException {
    try (BrowserContext context = phone(Demo.chromium())) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      String read = Codes.read(page, label).toUpperCase(Locale.ROOT);
      page.keyboard().type(read);
      page.keyboard().press("Enter");
      opened(page);
    }
  }

  @Test
  void theCameraReadsItAsItIsHeldBefore() throws Exception {
    Path film = Files.createTempFile("label", ".y4m");
    writeFilm(film);
    try (Chromium chromium =
            new Chromium(
                List.of(
                    "--use-fake-ui-for-media-stream",
                    "--use-fake-device-for-media-stream",
                    "--use-file-for-fake-video-capture=" + film));
        BrowserContext context = phone(chromium)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      page.locator("header nav button", new Page.LocatorOptions().setHasText("Find")).click();
      page.getByText("Read a label").click();
      opened(page);
    } finally {
      Files.delete(film);
    }
  }

  /** The label lying on a grey table, as a film of some frames. */
  private static void writeFilm(Path file) throws IOException {
    int width = 640;
    int height = 480;
    BufferedImage frame = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
    Graphics2D drawn = frame.createGraphics();
    drawn.setColor(java.awt.Color.GRAY);
    drawn.fillRect(0, 0, width, height);
    drawn.rotate(Math.toRadians(8), width / 2.0, height / 2.0);
    drawn.drawImage(label, 70, 80, 500, 500 * label.getHeight() / label.getWidth(), null);
    drawn.dispose();
    byte[] light = new byte[width * height];
    frame.getRaster().getDataElements(0, 0, width, height, light);
    byte[] colour = new byte[width * height / 2];
    java.util.Arrays.fill(colour, (byte) 128);
    try (OutputStream out = Files.newOutputStream(file)) {
      out.write(
          ("YUV4MPEG2 W" + width + " H" + height + " F10:1 Ip A1:1 C420\n")
              .getBytes(StandardCharsets.US_ASCII));
      for (int i = 0; i < 5; i++) {
        out.write("FRAME\n".getBytes(StandardCharsets.US_ASCII));
        out.write(light);
        out.write(colour);
      }
    }
  }
}
