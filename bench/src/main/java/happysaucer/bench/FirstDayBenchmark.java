package happysaucer.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;

/**
 * A team's first day by the stopwatch: from an empty folder to a second person signed in, one
 * client, one site, three plants (one typed, one not known, one pasted) and a first call. A person
 * is played who looks before every tap and types with few fingers; nothing is prepared.
 */
public final class FirstDayBenchmark {
  private static final LocalDate TODAY = LocalDate.of(2027, 4, 12);

  /** A person looks for what to tap, and reads what came. */
  private static final int LOOKS_MS = 1800;

  /** About 40 words a minute. */
  private static final int KEY_MS = 300;

  private static final double MOST_MINUTES = 10;
  private static final int MOST_TAPS_A_PLANT = 8;

  private final Page page;
  private int taps;

  private FirstDayBenchmark(Page page) {
    this.page = page;
  }

  /**
   * @param args the app's jar, an empty folder
   */
  public static void main(String[] args) throws Exception {
    var quiet =
        new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1"));
    Files.createDirectories(Path.of(args[1]));
    try (Running app =
            Running.start(Path.of(args[0]), Path.of(args[1]), TODAY, "--saucer.demo=false");
        Playwright playwright = Playwright.create(quiet);
        Browser browser = playwright.chromium().launch(debian())) {
      System.out.printf("%-46s %8s %6s%n", "", "seconds", "taps");
      long began = System.nanoTime();
      FirstDayBenchmark planner = new FirstDayBenchmark(page(browser, app, 1280, 800));
      planner.timed("first account", planner::firstAccount);
      planner.timed("a client and a site", planner::clientAndSite);
      int typed = planner.timed("a plant whose name is typed", planner::typed);
      planner.timed("its first check and call", planner::firstCheck);
      planner.timed("a plant nobody knows", planner::notKnown);
      planner.timed("a plant that is pasted", planner::pasted);
      String[] code = new String[1];
      planner.timed("a second person asked in", () -> code[0] = planner.askedIn());
      FirstDayBenchmark phone = new FirstDayBenchmark(page(browser, app, 390, 844));
      phone.timed("who comes in on a phone", () -> phone.comesIn(code[0]));
      double minutes = (System.nanoTime() - began) / 6e10;
      System.out.printf(
          "%.1f minutes in all (at most %.0f), %d taps for the plant that is typed (at most %d): %s%n",
          minutes,
          MOST_MINUTES,
          typed,
          MOST_TAPS_A_PLANT,
          minutes <= MOST_MINUTES && typed <= MOST_TAPS_A_PLANT ? "good" : "TOO MUCH");
    }
  }

  private static Page page(Browser browser, Running app, int width, int height) {
    BrowserContext context =
        browser.newContext(
            new Browser.NewContextOptions()
                .setBaseURL(app.url())
                .setLocale("en-GB")
                .setViewportSize(width, height));
    return context.newPage();
  }

  private static BrowserType.LaunchOptions debian() {
    return new BrowserType.LaunchOptions()
        .setExecutablePath(Path.of("/usr/bin/chromium"))
        .setArgs(List.of("--no-sandbox", "--disable-gpu", "--disable-background-networking"));
  }

  private int timed(String what, Runnable work) {
    long began = System.nanoTime();
    taps = 0;
    work.run();
    System.out.printf("%-46s %8.0f %6d%n", what, (System.nanoTime() - began) / 1e9, taps);
    return taps;
  }

  private void tap(Locator what) {
    what.waitFor();
    page.waitForTimeout(LOOKS_MS);
    what.click();
    taps++;
  }

  private void button(String name) {
    tap(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true)));
  }

  private void link(String name) {
    tap(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true)));
  }

  /** A tap into the field, then key by key. */
  private void write(String label, String text) {
    Locator field = page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    tap(field);
    field.pressSequentially(text, new Locator.PressSequentiallyOptions().setDelay(KEY_MS));
  }

  private void firstAccount() {
    page.navigate("/");
    write("Name of the team", "Quay Greens");
    write("Your name", "Fenna Loom");
    write("Account", "fenna");
    write("Password", "words of the first one");
    button("Make the account");
  }

  private void clientAndSite() {
    tap(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Clients and sites")));
    button("Add a client");
    write("Name", "Lantern Bakery");
    button("Save");
    button("Add a site to Lantern Bakery");
    write("Name", "Front shop");
    write("Latitude", "44.02");
    write("Longitude", "-7.3");
    button("Save");
    tap(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Front shop")));
    page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Spots")).waitFor();
  }

  private void typed() {
    link("Add a plant");
    write("Name", "fidel leaf");
    tap(page.locator("ul[aria-label='Kinds that may be meant'] button").first());
    button("19 cm");
    write("Name of the spot", "By the oven");
    button("Add it, then look at it");
    page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Fiddle-leaf fig"))
        .waitFor();
  }

  private void firstCheck() {
    tap(
        page.locator("[aria-labelledby='sign-ROOTS_FROM_DRAIN_HOLES']")
            .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Severe")));
    button("Save check");
    page.getByText("What carried it").waitFor();
  }

  private void notKnown() {
    tap(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Clients")).first());
    tap(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Front shop")));
    link("Add a plant");
    button("I do not know");
    tap(page.locator("button", new Page.LocatorOptions().setHasText("Palms")));
    button("23 cm");
    button("Add it, then look at it");
    button("Nothing to report");
  }

  private void pasted() {
    tap(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Clients")).first());
    tap(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Front shop")));
    link("Paste many");
    Locator sheet = page.getByLabel("Rows under a head line");
    tap(sheet);
    sheet.fill("spot,light,species,pot\nBy the till,medium,Zz plant,17 cm");
    button("Try it");
    button("Save 1 plants");
    page.getByText("Zz plant").first().waitFor();
  }

  private String askedIn() {
    tap(page.locator("header button", new Page.LocatorOptions().setHasText("Fenna Loom")));
    tap(page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("People")));
    write("Name", "Mira Quell");
    button("Make a code for them");
    Locator code =
        page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("Hand this over"));
    code.waitFor();
    return code.locator("dd").nth(1).innerText();
  }

  private void comesIn(String code) {
    page.navigate("/");
    button("I was handed a code");
    write("Account", "mira");
    write("Code", code);
    write("Choose a password", "a password of her own");
    button("Come in");
    page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Front shop")).waitFor();
  }
}
