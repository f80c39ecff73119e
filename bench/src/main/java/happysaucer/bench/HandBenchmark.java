package happysaucer.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.IntToDoubleFunction;

/**
 * How long work at the screen takes: the finished application, Debian's Chromium without a window,
 * one action after the other. What-if is timed inside the page, from the tap to the first frame
 * after section and figures have changed; the rest from the first tap to the answer in sight, the
 * way through the browser's remote control included.
 */
public final class HandBenchmark {
  private static final LocalDate TODAY = LocalDate.of(2027, 4, 12);
  private static final int WARM_UP = 15;
  private static final int MEASURED = 25;

  /** Taps, and answers with the milliseconds until the drawing says something else. */
  private static final String TAP_TO_FRAME =
      """
      async ([label]) => {
        const drawing = document.querySelector("svg[aria-label*='Root ball']");
        const before = drawing.getAttribute('aria-label');
        const began = performance.now();
        document.querySelector(`button[aria-label="${label}"]`).click();
        while (document.querySelector("svg[aria-label*='Root ball']").getAttribute('aria-label') === before) {
          if (performance.now() - began > 5000) throw new Error('nothing was redrawn after ' + label);
          await new Promise((next) => setTimeout(next, 1));
        }
        await new Promise((next) => requestAnimationFrame(next));
        return performance.now() - began;
      }
      """;

  private final Page page;
  private boolean good = true;

  private HandBenchmark(Page page) {
    this.page = page;
  }

  /**
   * @param args the app's jar, an empty folder
   */
  public static void main(String[] args) throws Exception {
    var quiet =
        new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1"));
    try (Running app = Running.start(Path.of(args[0]), Path.of(args[1]), TODAY);
        Playwright playwright = Playwright.create(quiet);
        Browser browser = playwright.chromium().launch(debian())) {
      Page page =
          browser.newPage(
              new Browser.NewPageOptions().setBaseURL(app.url()).setViewportSize(1280, 800));
      page.navigate("/");
      page.locator("button", new Page.LocatorOptions().setHasText("Jorun Pell")).click();
      page.locator("header nav").waitFor();
      new HandBenchmark(page).measure();
    }
  }

  private static BrowserType.LaunchOptions debian() {
    return new BrowserType.LaunchOptions()
        .setExecutablePath(Path.of("/usr/bin/chromium"))
        .setArgs(List.of("--no-sandbox", "--disable-gpu", "--disable-background-networking"));
  }

  private void measure() {
    System.out.printf("%-34s %8s %8s %8s %8s  (ms)%n", "", "median", "95th", "worst", "aim");
    report("found by its label from anywhere", 3_000, this::find);
    report("nothing to report, from the round", 5_000, i -> nothingToReport());
    fit();
    report("what-if: width inside", 100, i -> tap("Width inside: more"));
    button("As the rules have it").click();
    report("what-if: depth inside", 100, i -> tap("Depth inside: more"));
    button("As the rules have it").click();
    report("what-if: base slice", 100, i -> tap("Slice off the base: more"));
    System.out.println(
        good
            ? "all within their aims at the 95th percentile"
            : "something takes longer than it should");
  }

  private void report(String name, double aim, IntToDoubleFunction action) {
    double[] ms = new double[MEASURED];
    for (int i = -WARM_UP; i < MEASURED; i++) {
      double took = action.applyAsDouble(i);
      if (i >= 0) {
        ms[i] = took;
      }
    }
    Arrays.sort(ms);
    double high = ms[(int) (MEASURED * 0.95)];
    good &= high <= aim;
    System.out.printf(
        "%-34s %8.0f %8.0f %8.0f %8.0f%n", name, ms[MEASURED / 2], high, ms[MEASURED - 1], aim);
  }

  private static double since(long began) {
    return (System.nanoTime() - began) / 1e6;
  }

  private double find(int turn) {
    String[] one = {"T-027", "Rubber fig"};
    String[] other = {"T-030", "Snake plant"};
    String[] asked = Math.floorMod(turn, 2) == 0 ? one : other;
    long began = System.nanoTime();
    page.keyboard().press("/");
    page.keyboard().type(asked[0]);
    page.keyboard().press("Enter");
    page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(asked[1])).waitFor();
    return since(began);
  }

  private double nothingToReport() {
    page.navigate("/");
    Locator check =
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Check Zz plant T-006"));
    check.waitFor();
    long began = System.nanoTime();
    check.click();
    button("Nothing to report").click();
    page.getByText("Nothing to report: logged.").waitFor();
    double took = since(began);
    button("Undo").click();
    page.getByText("Taken back.").waitFor();
    return took;
  }

  private void fit() {
    page.keyboard().press("/");
    page.keyboard().type("T-024");
    page.keyboard().press("Enter");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("See the repot plan"))
        .click();
    page.locator("#what-if").waitFor();
  }

  /** A question that was not asked before, so that no answer is at hand in the page. */
  private double tap(String label) {
    return ((Number) page.evaluate(TAP_TO_FRAME, List.of(label))).doubleValue();
  }

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }
}
