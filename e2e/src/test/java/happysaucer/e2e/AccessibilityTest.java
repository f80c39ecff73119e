package happysaucer.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.WaitForSelectorState;
import happysaucer.e2e.Chromium.Size;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.imageio.ImageIO;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** No view has a serious or critical fault, at either size and in either light. */
class AccessibilityTest {
  /** Widths at which everything is looked through. */
  private static final Set<Integer> LOOKED_THROUGH = Set.of(1280, 390);

  /** In the dark only the colours differ from the light, which is looked at in full. */
  private static final String RUN =
      """
      async () => (await axe.run(document, {
          resultTypes: ['violations'],
          ...(matchMedia('(prefers-color-scheme: dark)').matches ? {runOnly: ['color-contrast']} : {}),
        })).violations
        .filter(v => v.impact === 'serious' || v.impact === 'critical')
        .map(v => v.id + ': ' + v.nodes.map(n => n.target.join(' ') + ' ' + (n.any[0]?.message ?? '')).slice(0, 3).join('; '))
      """;

  @ParameterizedTest
  @CsvSource({"DESK, LIGHT", "NARROW, LIGHT", "DESK, DARK"})
  void everyView(Size size, ColorScheme scheme) throws IOException {
    String axe = Files.readString(Path.of("../web/node_modules/axe-core/axe.min.js"));
    Map<String, List<String>> faults = new LinkedHashMap<>();
    try (BrowserContext context = Demo.chromium().context(Demo.app().url(), size, scheme)) {
      Page door = context.newPage();
      door.navigate("/");
      door.locator("h1").waitFor();
      look(door, axe, "sign-in", faults);
      door.locator("button", new Page.LocatorOptions().setHasText("I was handed a code")).click();
      look(door, axe, "coming in with a code", faults);
      Page page = Chromium.signedIn(context, "Jorun Pell");
      page.locator("h2").first().waitFor();
      look(page, axe, "round", faults);
      page.navigate("/plants");
      page.locator("li strong").first().waitFor();
      look(page, axe, "plants", faults);
      page.navigate("/jobs");
      page.locator("section a").first().waitFor();
      look(page, axe, "jobs", faults);
      Pictures.open(page, "Swiss cheese plant", "T-021");
      page.locator("button", new Page.LocatorOptions().setHasText("Evidence")).click();
      look(page, axe, "plant", faults);
      page.locator("button", new Page.LocatorOptions().setHasText("I see it differently")).click();
      page.locator("[role=dialog] textarea").first().waitFor();
      look(page, axe, "overruling", faults);
      page.keyboard().press("Escape");
      String plant = page.url();
      page.navigate(plant + "/check");
      page.locator("#sign-WATER_POOLS").waitFor();
      Pictures.tap(page, "WATER_POOLS", "Yes");
      page.waitForTimeout(500);
      look(page, axe, "check", faults);
      page.navigate(plant + "/repot");
      page.locator("#pots").waitFor();
      look(page, axe, "repot plan", faults);
      page.navigate(plant + "/edit");
      page.locator("form").waitFor();
      look(page, axe, "edit", faults);
      Pictures.open(page, "Sword fern", "T-011");
      look(page, axe, "aftercare", faults);
      page.locator("a", new Page.LocatorOptions().setHasText("Card for whoever waters")).click();
      page.locator("article h1").waitFor();
      page.locator("a[href^='/care/'], button:has-text('Open a page for them')").first().waitFor();
      if (page.locator("a[href^='/care/']").count() == 0) {
        page.locator("button", new Page.LocatorOptions().setHasText("Open a page for them"))
            .click();
        page.locator("a[href^='/care/']").waitFor();
      }
      look(page, axe, "card", faults);
      page.navigate(page.locator("a[href^='/care/']").getAttribute("href"));
      page.locator("h1").waitFor();
      look(page, axe, "the caretaker's page", faults);
      page.navigate("/aftercare");
      page.locator("li strong").first().waitFor();
      look(page, axe, "aftercare watch", faults);
      page.navigate("/jobs");
      page.locator("section a", new Page.LocatorOptions().setHasText("Umbrella tree")).click();
      page.locator("ol input").first().waitFor();
      look(page, axe, "job", faults);
      page.getByText("Record what I find").click();
      page.locator("#sign-ROOTS_ROTTEN").waitFor();
      look(page, axe, "what is found", faults);
      page.navigate("/shelf");
      page.locator("li strong").first().waitFor();
      look(page, axe, "shelf", faults);
      page.locator("li button").first().click();
      page.locator("[role=dialog] input").first().waitFor();
      look(page, axe, "counting", faults);
      page.navigate("/shelf/new");
      page.locator("fieldset").first().waitFor();
      look(page, axe, "a pot for the shelf", faults);
      page.navigate("/shelf/trade");
      page.locator("li input").first().waitFor();
      look(page, axe, "trade sizes", faults);
      page.navigate("/shelf/import");
      page.locator("textarea").first().waitFor();
      look(page, axe, "reading in pots", faults);
      page.navigate("/clients");
      page.locator("section a").first().waitFor();
      look(page, axe, "clients", faults);
      page.locator("section li a").first().click();
      page.locator("#spots").waitFor();
      look(page, axe, "site", faults);
      String place = page.url();
      page.navigate(place + "/add");
      page.getByLabel("Name").first().fill("fig");
      page.locator("ul[aria-label='Kinds that may be meant'] button").first().waitFor();
      look(page, axe, "adding a plant", faults);
      page.locator("button", new Page.LocatorOptions().setHasText("I do not know")).click();
      page.locator("button", new Page.LocatorOptions().setHasText("Palms")).waitFor();
      look(page, axe, "telling groups apart", faults);
      page.navigate("/you");
      page.locator("#where").waitFor();
      look(page, axe, "own account", faults);
      page.navigate("/");
      page.locator("button", new Page.LocatorOptions().setHasText("Water this stop"))
          .first()
          .click();
      page.locator("[role=dialog] input[type=checkbox]").first().waitFor();
      look(page, axe, "watering a stop", faults);
      page.navigate(place + "/enter");
      page.getByLabel("Rows under a head line").fill("spot,species,pot\nDesk,Fikus,15 cm");
      page.locator("button", new Page.LocatorOptions().setHasText("Try it")).click();
      page.locator("tbody tr").waitFor();
      look(page, axe, "entering plants", faults);
      page.navigate("/species");
      page.locator("section li a").first().waitFor();
      look(page, axe, "species", faults);
      page.navigate("/species/Ficus%20lyrata");
      page.locator("#what-rules-use").waitFor();
      look(page, axe, "one species", faults);
      page.navigate("/species/Ficus%20lyrata/edit");
      page.locator("fieldset").nth(3).waitFor();
      look(page, axe, "editing a species", faults);
      page.navigate("/species-import");
      page.locator("textarea").first().waitFor();
      look(page, axe, "reading in species", faults);
      page.navigate("/method");
      page.locator("#q-timing").waitFor();
      look(page, axe, "method", faults);
      page.keyboard().press("/");
      page.keyboard().type("fig");
      page.locator("[role=option]").first().waitFor();
      look(page, axe, "find", faults);
      page.navigate("/no/such/place");
      page.locator("h1").waitFor();
      look(page, axe, "not found", faults);
      page.navigate("/licences");
      page.locator("pre").first().waitFor();
      look(page, axe, "licences", faults);
    }
    try (BrowserContext context = Demo.chromium().context(Demo.app().url(), size, scheme)) {
      Page page = Chromium.signedIn(context, "Odda Fennick");
      page.navigate("/people");
      page.locator("#roles").waitFor();
      look(page, axe, "people", faults);
      page.navigate("/team");
      page.locator("legend").first().waitFor();
      look(page, axe, "settings", faults);
      page.navigate("/keeping");
      page.locator("h1").waitFor();
      page.locator("code").first().waitFor();
      look(page, axe, "backups", faults);
    }
    assertThat(faults).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"DESK, LIGHT", "TABLET, LIGHT", "NARROW, LIGHT", "DESK, DARK"})
  void theSeason(Size size, ColorScheme scheme) throws IOException {
    String axe = Files.readString(Path.of("../web/node_modules/axe-core/axe.min.js"));
    Map<String, List<String>> faults = new LinkedHashMap<>();
    try (BrowserContext context = Demo.chromium().context(Demo.app().url(), size, scheme)) {
      Page page = Chromium.signedIn(context, "Odda Fennick");
      page.navigate("/counter");
      page.locator("#left").waitFor();
      page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("umbrella");
      page.locator("ul[aria-label^=Kinds] button").first().click();
      page.getByLabel("Width of its pot").fill("15");
      page.getByLabel("Customer").waitFor();
      look(page, axe, "counter", faults);
      page.navigate("/messages");
      page.locator("pre").waitFor();
      look(page, axe, "messages", faults);
      page.navigate("/season");
      page.locator("#search").waitFor();
      look(page, axe, "season", faults);
      page.locator("ul button[aria-pressed]").first().click();
      page.locator("#job-name").waitFor();
      look(page, axe, "a job of the season", faults);
      page.navigate("/week");
      page.locator("#waits").waitFor();
      look(page, axe, "week", faults);
      page.navigate("/day");
      page.locator("h1").waitFor();
      look(page, axe, "a crew's day", faults);
      page.navigate("/crews");
      page.locator("#feeds").waitFor();
      page.locator("button", new Page.LocatorOptions().setHasText("Change")).first().click();
      page.locator("legend").first().waitFor();
      look(page, axe, "crews", faults);
    }
    assertThat(faults).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"DESK, LIGHT", "NARROW, LIGHT", "PHONE, DARK"})
  void theMixRoom(Size size, ColorScheme scheme) throws IOException {
    String axe = Files.readString(Path.of("../web/node_modules/axe-core/axe.min.js"));
    Map<String, List<String>> faults = new LinkedHashMap<>();
    try (BrowserContext context = Demo.chromium().context(Demo.app().url(), size, scheme)) {
      Page page = Chromium.signedIn(context, "Odda Fennick");
      page.navigate("/mixes");
      page.locator("article svg").first().waitFor();
      page.locator("#ingredients").waitFor();
      look(page, axe, "mixes", faults);
      page.navigate("/mixes/citrus");
      page.locator("figure svg").waitFor();
      page.locator("#substitutes").waitFor();
      button(page, "Measure it").click();
      look(page, axe, "a mix and its bucket tests", faults);
      button(page, "Edit").click();
      page.locator("fieldset").waitFor();
      look(page, axe, "editing a mix", faults);
      page.navigate("/ingredients/COIR");
      page.locator("#stock").waitFor();
      look(page, axe, "an ingredient", faults);
      page.navigate("/mixes-import");
      page.locator("textarea").first().waitFor();
      look(page, axe, "reading in mixes", faults);
      page.navigate("/batches");
      page.locator("#to-mix").waitFor();
      page.locator("#made").waitFor();
      look(page, axe, "batches", faults);
      page.locator("#made ~ ul a").first().click();
      page.locator("#who-got").waitFor();
      look(page, axe, "a batch", faults);
      Pictures.open(page, "Umbrella tree", "T-002");
      page.navigate(page.url() + "/water");
      page.locator("#learning").waitFor();
      page.locator("[role=slider]").first().focus();
      page.keyboard().press("ArrowRight");
      look(page, axe, "how it dries", faults);
    }
    assertThat(faults).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"DESK, LIGHT", "NARROW, LIGHT", "PHONE, DARK"})
  void whatIsMeasuredLabelledAndVisited(Size size, ColorScheme scheme) throws IOException {
    String axe = Files.readString(Path.of("../web/node_modules/axe-core/axe.min.js"));
    Map<String, List<String>> faults = new LinkedHashMap<>();
    try (BrowserContext context = Demo.chromium().context(Demo.app().url(), size, scheme)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      Pictures.open(page, "Swiss cheese plant", "T-021");
      String plant = page.url();
      button(page, "Change").click();
      page.getByText("It was entered twice").click();
      page.locator("[role=dialog] li button").first().click();
      page.getByText("This cannot be taken back.").waitFor();
      look(page, axe, "merging", faults);
      page.navigate(plant + "/check");
      button(page, "Time it").click();
      button(page, "Measure what stays").click();
      button(page, "Another time").click();
      page.getByLabel("At", new Page.GetByLabelOptions().setExact(true)).waitFor();
      look(page, axe, "check with what it is measured with", faults);
      page.locator("input[capture]")
          .first()
          .setInputFiles(new FilePayload("plant.png", "image/png", grey()));
      page.locator("[role=dialog] img").waitFor();
      page.locator("[role=dialog] button[aria-label^='The photo']").click();
      look(page, axe, "measuring on a photo", faults);
      page.navigate("/labels");
      page.locator("[role=radio]").first().waitFor();
      look(page, axe, "labels", faults);
      page.navigate("/phones");
      page.locator("pre").waitFor();
      look(page, axe, "phones", faults);
      page.navigate("/add");
      page.locator("li a strong").first().waitFor();
      look(page, axe, "where a plant comes in", faults);
      page.navigate("/q/P00000000000000000000000000");
      page.getByText("Nothing has this label").waitFor();
      look(page, axe, "a label of nothing", faults);
      page.navigate("/clients");
      page.locator("section li a").first().click();
      page.locator("#visited").waitFor();
      button(page, "Edit").click();
      page.getByLabel("Monday", new Page.GetByLabelOptions().setExact(true)).waitFor();
      page.locator("[role=dialog] input[aria-label$=', opens']").first().waitFor();
      look(page, axe, "when a site is visited", faults);
      page.navigate("/");
      page.locator("h2").first().waitFor();
      if (page.getByText("End the visit").count() == 0) {
        page.getByText("Begin the visit").first().click();
      }
      page.locator("button", new Page.LocatorOptions().setHasText("End the visit")).first().click();
      page.locator("[role=dialog] textarea").first().waitFor();
      look(page, axe, "ending a visit", faults);
      page.keyboard().press("Escape");
      page.locator("[role=dialog]").waitFor(GONE);
      page.locator("header nav button", new Page.LocatorOptions().setHasText("Find")).click();
      page.getByText("Read a label").click();
      page.getByText("From a photo").waitFor();
      look(page, axe, "reading a label", faults);
    }
    assertThat(faults).isEmpty();
  }

  private static final Locator.WaitForOptions GONE =
      new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED);

  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static byte[] grey() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(300, 400, BufferedImage.TYPE_BYTE_GRAY), "png", out);
    return out.toByteArray();
  }

  private static void look(Page page, String axe, String view, Map<String, List<String>> faults) {
    List<String> found = new ArrayList<>();
    // elsewhere only the reflow is asked for: the views are those of desk and phone
    if (LOOKED_THROUGH.contains(page.viewportSize().width)) {
      if (Boolean.TRUE.equals(page.evaluate("typeof axe === 'undefined'"))) {
        page.evaluate(axe);
      }
      ((List<?>) page.evaluate(RUN)).forEach(fault -> found.add(fault.toString()));
    }
    if (((Number) page.evaluate("document.documentElement.scrollWidth - window.innerWidth"))
            .intValue()
        > 0) {
      found.add("scrolls sideways");
    }
    if (!found.isEmpty()) {
      faults.put(view, found);
    }
  }
}
