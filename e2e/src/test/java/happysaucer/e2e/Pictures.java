package happysaucer.e2e;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import happysaucer.e2e.Chromium.Size;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;

/** Remakes the pictures of the main views from demo data at a fixed clock. */
public final class Pictures {
  /** An ordinary morning in spring. */
  private static final String CLOCK = "2027-04-12T08:30";

  private Pictures() {}

  /**
   * @param args the folder to write to
   */
  public static void main(String[] args) throws IOException {
    Path folder = Path.of(args[0]).toAbsolutePath();
    Files.createDirectories(folder);
    Path data = Files.createTempDirectory("saucer-pictures");
    try (App app = App.start(data, "--saucer.demo=true", "--saucer.clock=" + CLOCK);
        Chromium chromium = new Chromium()) {
      try (BrowserContext desk = chromium.context(app.url(), Size.DESK, ColorScheme.LIGHT)) {
        desk(Chromium.signedIn(desk, "Jorun Pell"), folder);
      }
      try (BrowserContext planner = chromium.context(app.url(), Size.DESK, ColorScheme.LIGHT)) {
        planner(Chromium.signedIn(planner, "Odda Fennick"), folder);
      }
      try (BrowserContext phone = chromium.context(app.url(), Size.PHONE, ColorScheme.LIGHT)) {
        phone(Chromium.signedIn(phone, "Jorun Pell"), folder);
      }
    }
  }

  private static void desk(Page page, Path folder) {
    page.locator("h2", new Page.LocatorOptions().setHasText("Ferry terminal hall")).waitFor();
    shoot(page, folder, "round");
    page.navigate("/plants");
    page.locator("li strong").first().waitFor();
    shoot(page, folder, "plants");
    open(page, "Swiss cheese plant", "T-021");
    shoot(page, folder, "plant");
    page.navigate("/aftercare");
    page.locator("li strong").first().waitFor();
    shoot(page, folder, "aftercare");
    page.navigate("/counter");
    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("umbrella");
    page.locator("ul[aria-label^=Kinds] button").first().click();
    page.getByLabel("Width of its pot").fill("15");
    page.getByLabel("What do you see?").fill("roots from");
    page.locator("[aria-labelledby=found-ROOTS_FROM_DRAIN_HOLES] button").nth(1).click();
    page.getByText("Together").waitFor();
    shoot(page, folder, "counter");
    open(page, "Sword fern", "T-011");
    page.locator("text=Card for whoever waters").click();
    page.locator("button", new Page.LocatorOptions().setHasText("Open a page for them")).click();
    page.locator("a[href^='/care/']").waitFor();
    page.locator("article h1").waitFor();
    mixRoom(page, folder);
    open(page, "Rose of China", "T-024");
    page.locator("a", new Page.LocatorOptions().setHasText("See the repot plan")).click();
    page.locator("h2", new Page.LocatorOptions().setHasText("Pots compared")).waitFor();
    shoot(page, folder, "repot-plan");
    open(page, "Peace lily", "T-003");
    page.locator("a", new Page.LocatorOptions().setHasText("Log a check")).click();
    page.locator("#sign-WATER_POOLS").waitFor();
    tap(page, "STAYS_WET", "Yes");
    tap(page, "SOUR_SMELL", "Yes");
    tap(page, "ROOTS_FROM_DRAIN_HOLES", "No");
    page.waitForTimeout(700);
    shoot(page, folder, "check");
    page.navigate("/shelf");
    page.locator("li strong").first().waitFor();
    page.evaluate("window.scrollTo(0, 2300)");
    shoot(page, folder, "shelf");
    page.navigate("/");
    page.locator("a", new Page.LocatorOptions().setHasText("Repot planned for today")).click();
    page.locator("ol input").first().waitFor();
    shoot(page, folder, "job");
  }

  /** What goes in, and how long it stays wet. */
  private static void mixRoom(Page page, Path folder) {
    page.navigate("/mixes");
    page.locator("article svg").first().waitFor();
    page.locator("#ingredients").waitFor();
    shoot(page, folder, "mixes");
    page.navigate("/batches");
    page.locator("#to-mix").waitFor();
    page.locator("#made").waitFor();
    shoot(page, folder, "batches");
    open(page, "Umbrella tree", "T-002");
    page.getByText("How it dries, and would in a wider pot").click();
    page.getByText("Just potted").click();
    page.locator("#wider").waitFor();
    shoot(page, folder, "dry-down");
  }

  private static void print(byte[] pdf, Path folder, String name) {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      ImageIO.write(
          new PDFRenderer(document).renderImageWithDPI(0, 96),
          "png",
          folder.resolve(name + ".png").toFile());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void planner(Page page, Path folder) {
    page.navigate("/species/Ficus%20lyrata");
    page.locator("#what-rules-use").waitFor();
    shoot(page, folder, "species");
    page.navigate("/method");
    page.locator("#q-potStep").waitFor();
    page.getByLabel("Another plant as the example").fill("T-008");
    page.locator("button", new Page.LocatorOptions().setHasText("Show it on this one")).click();
    page.locator("b", new Page.LocatorOptions().setHasText("T-008")).waitFor();
    page.locator(
            "section:has(#q-potStep) button",
            new Page.LocatorOptions().setHasText("What it changes"))
        .click();
    page.locator("section:has(#q-potStep) [role=status]").waitFor();
    page.evaluate("window.scrollTo(0, 470)");
    shoot(page, folder, "method");
    season(page, folder);
  }

  /** From an overfull year to a day on paper. */
  private static void season(Page page, Path folder) {
    page.navigate("/season");
    page.getByLabel("Search for").selectOption("15");
    page.locator("button", new Page.LocatorOptions().setHasText("Make a plan")).click();
    page.locator("button", new Page.LocatorOptions().setHasText("Take this plan"))
        .waitFor(new com.microsoft.playwright.Locator.WaitForOptions().setTimeout(60_000));
    page.waitForTimeout(900);
    shoot(page, folder, "season");
    page.locator("button", new Page.LocatorOptions().setHasText("Take this plan")).click();
    page.getByText("Everything that can be planned has its day").waitFor();
    page.navigate("/week");
    page.locator("section[aria-label^='Tide'] h4").first().waitFor();
    page.locator("button", new Page.LocatorOptions().setHasText("Make this week known")).click();
    page.getByText("It is known as it stands.").waitFor();
    page.locator(".mantine-Notification-closeButton").first().click();
    shoot(page, folder, "week");
    page.locator("section[aria-label^='Tide'] header a").first().click();
    page.locator("#load").waitFor();
    String address =
        page.locator("a", new Page.LocatorOptions().setHasText("Print it")).getAttribute("href");
    print(page.request().get(address).body(), folder, "day-sheet");
  }

  private static void phone(Page page, Path folder) {
    page.locator("h2", new Page.LocatorOptions().setHasText("Ferry terminal hall")).waitFor();
    shoot(page, folder, "round-phone");
    open(page, "Sword fern", "T-011");
    page.locator("text=Card for whoever waters").click();
    page.locator("a[href^='/care/']").waitFor();
    page.navigate(page.locator("a[href^='/care/']").getAttribute("href"));
    page.locator("h1").waitFor();
    shoot(page, folder, "caretaker");
  }

  static void tap(Page page, String sign, String answer) {
    page.locator("[aria-labelledby='sign-" + sign + "'] button")
        .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText(answer))
        .first()
        .click();
  }

  static void open(Page page, String name, String label) {
    page.navigate("/plants");
    page.locator("input[aria-label='Find a plant']").fill(label);
    page.locator("li a", new Page.LocatorOptions().setHasText(label)).click();
    page.locator("h1", new Page.LocatorOptions().setHasText(name)).waitFor();
    page.locator("#history").waitFor();
  }

  private static void shoot(Page page, Path folder, String name) {
    page.waitForTimeout(350);
    page.evaluate("document.fonts.ready");
    page.screenshot(
        new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")).setFullPage(false));
  }
}
