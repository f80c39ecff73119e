package happysaucer.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Debian's Chromium, headless; one for a whole run, since starting it is slow. */
final class Chromium implements AutoCloseable {
  /** Of machines that do several things at once; how fast the screens are is measured elsewhere. */
  private static final int PATIENCE_MS = 20_000;

  /** A name of this machine that is not localhost, so that pages by it are not secure ones. */
  static final String OTHER_NAME = "bench.saucer.test";

  private static final List<String> OPTIONS =
      List.of(
          "--headless",
          "--no-sandbox",
          "--disable-gpu",
          "--disable-quic",
          "--no-first-run",
          "--disable-background-networking",
          "--disable-component-update",
          "--host-resolver-rules=MAP " + OTHER_NAME + " 127.0.0.1",
          "--disable-sync");

  static {
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
  }

  private final Playwright playwright =
      Playwright.create(
          new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
  private final Browser browser;

  Chromium() {
    this(List.of());
  }

  /**
   * @param more options of the browser
   */
  Chromium(List<String> more) {
    List<String> options = new ArrayList<>(OPTIONS);
    options.addAll(more);
    browser =
        playwright
            .chromium()
            .launch(
                new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setArgs(options));
  }

  Browser browser() {
    return browser;
  }

  /** The sizes that screens are made for. */
  enum Size {
    DESK(1280, 800),
    TABLET(820, 1180),
    PHONE(390, 844),
    NARROW(320, 640);

    private final int width;
    private final int height;

    Size(int width, int height) {
      this.width = width;
      this.height = height;
    }
  }

  BrowserContext context(String url, Size size, ColorScheme scheme) {
    BrowserContext context =
        browser.newContext(
            new Browser.NewContextOptions()
                .setBaseURL(url)
                .setViewportSize(size.width, size.height)
                .setColorScheme(scheme)
                .setReducedMotion(ReducedMotion.REDUCE)
                .setHasTouch(size != Size.DESK)
                .setLocale("en-GB")
                .setTimezoneId("UTC"));
    context.setDefaultTimeout(PATIENCE_MS);
    return context;
  }

  /** A page of one of the demo team, signed in with one tap. */
  static Page signedIn(BrowserContext context, String name) {
    Page page = context.newPage();
    page.navigate("/");
    page.locator("button", new Page.LocatorOptions().setHasText(name)).click();
    page.locator("header nav").waitFor();
    return page;
  }

  @Override
  public void close() {
    browser.close();
    playwright.close();
  }
}
