package happysaucer.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ColorScheme;
import happysaucer.e2e.Chromium.Size;
import java.io.IOException;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;

/** From the shelf to the bench by hand, in the real interface. */
class ShelfAndBenchTest {
  private static BrowserContext context(Size size) {
    return Demo.chromium().context(Demo.app().url(), size, ColorScheme.LIGHT);
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator heading(Page page, String name) {
    return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name));
  }

  private static Locator section(Page page) {
    return page.locator("svg[aria-label*='Root ball']").first();
  }

  private static int now(Locator slider) {
    return Integer.parseInt(slider.getAttribute("aria-valuenow"));
  }

  private static void fit(Page page, String name, String label) {
    Pictures.open(page, name, label);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("See the repot plan"))
        .click();
    heading(page, "Pots compared").waitFor();
  }

  @Test
  void fromTheCallToTheBenchSheetWithAPotOfTheShelfTakesThreeTaps() {
    for (Size size : new Size[] {Size.PHONE, Size.DESK}) {
      try (BrowserContext context = context(size)) {
        Page page = Chromium.signedIn(context, "Jorun Pell");
        Pictures.open(page, "Desert rose", "T-044");
        int taps = 0;
        taps++;
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("See the repot plan"))
            .click();
        taps++;
        page.getByRole(
                AriaRole.RADIO,
                new Page.GetByRoleOptions().setName(Pattern.compile("Low clay pot 17 cm")))
            .check();
        taps++;
        button(page, "Schedule").click();
        heading(page, "Raise the base").waitFor();
        assertThat(page.getByText("Low clay pot 17 cm").first()).isVisible();
        assertThat(page.getByText("reserved on the shelf")).isVisible();
        assertThat(page.locator("ol input").first()).isVisible();
        assertThat(taps).isLessThanOrEqualTo(3);
        button(page, "Drop this job").click();
        button(page, "Drop it for good").click();
        assertThat(page.getByText("Dropped", new Page.GetByTextOptions().setExact(true)))
            .isVisible();
      }
    }
  }

  @Test
  void cutsAreDraggedOnTheSectionAndMovedByKeysWithTheShareLive() {
    try (BrowserContext context = context(Size.DESK)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      fit(page, "Rose of China", "T-024");
      Locator share = page.getByText("of the ball goes, it stands");
      String ruled = share.innerText();
      Locator slice =
          page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Base slice"));
      int before = now(slice);
      BoundingBox grip = slice.locator("circle").last().boundingBox();
      Mouse mouse = page.mouse();
      mouse.move(grip.x + grip.width / 2, grip.y + grip.height / 2);
      mouse.down();
      mouse.move(grip.x + grip.width / 2, grip.y + grip.height / 2 - 24);
      mouse.up();
      assertThat(slice).not().hasAttribute("aria-valuenow", String.valueOf(before));
      assertThat(share).not().hasText(ruled);
      int dragged = now(slice);
      assertThat(dragged).isBetween(before + 8, before + 40);
      slice.press("ArrowDown");
      assertThat(slice).hasAttribute("aria-valuenow", String.valueOf(dragged - 1));
      button(page, "As the rules have it").click();
      assertThat(share).hasText(ruled);
      assertThat(slice).hasAttribute("aria-valuenow", String.valueOf(before));
    }
  }

  @Test
  void aPotThatExistsNowhereIsDrawnAtOnceAndSaidNotToDo() {
    try (BrowserContext context = context(Size.DESK)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      fit(page, "Easter lily cactus", "T-008");
      Locator wider =
          page.getByRole(
              AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Width inside").setExact(true));
      wider.focus();
      for (int i = 0; i < 30; i++) {
        wider.press("ArrowRight");
      }
      assertThat(page.getByText("This pot will not do.")).isVisible();
      assertThat(page.getByText("too much medium would stay wet").first()).isVisible();
      assertThat(button(page, "Schedule")).isDisabled();
      page.getByLabel("Mix").selectOption("foliage");
      assertThat(page.locator("dl").first()).containsText("Foliage mix");
    }
  }

  @Test
  void anUrnIsAskedAboutAndTheAnswerStandsOnTheSheet() {
    try (BrowserContext context = context(Size.DESK)) {
      Page page = Chromium.signedIn(context, "Odda Fennick");
      fit(page, "Weeping fig", "T-041");
      page.getByLabel("The owner keeps").selectOption("PLANT");
      button(page, "Schedule").click();
      assertThat(page.getByText("reserved on the shelf")).isVisible();
      assertThat(page.getByText("· the owner keeps the plant")).isVisible();
      assertThat(page.getByText("break it away piece by piece")).isVisible();
      assertThat(page.getByLabel("to waste")).isVisible();
      assertThat(page.getByLabel("back on the shelf")).hasCount(0);

      page.getByLabel("The pot: the ball is cut to its mouth").click();
      page.getByLabel("I know the risk: stems that hang on those roots can die back.").click();
      assertThat(heading(page, "The plan has changed")).isVisible();
      assertThat(page.getByText("· the owner keeps the pot")).isVisible();
      assertThat(page.getByText("break it away piece by piece")).hasCount(0);
      assertThat(page.getByLabel("back on the shelf")).isVisible();
    }
  }

  @Test
  void whatTheSlipShowsChangesThePlanItsPotAndTheSheetOnATablet() throws IOException {
    try (BrowserContext context = context(Size.TABLET)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      Pictures.open(page, "Swiss cheese plant", "T-021");
      page.locator("a[href^='/jobs/']").first().click();
      heading(page, "Pot up").waitFor();
      String before = section(page).getAttribute("aria-label");
      page.getByText("Record what I find").click();
      Locator rotten = page.locator("[aria-labelledby='sign-ROOTS_ROTTEN']");
      rotten.getByText("Yes").click();
      for (int i = 0; i < 3; i++) {
        button(page, "Rotten roots: more").click();
      }
      button(page, "Record what I found").click();
      assertThat(heading(page, "The plan has changed")).isVisible();
      assertThat(heading(page, "Rot rescue")).isVisible();
      assertThat(section(page)).not().hasAttribute("aria-label", before);
      assertThat(page.getByText("cut back to firm tissue").first()).isVisible();
      assertThat(page.getByText("Call", new Page.GetByTextOptions().setExact(true))).isVisible();

      Locator ticks = page.locator("ol input[type=checkbox]");
      ticks.first().click();
      assertThat(ticks.first()).isChecked();
      String job = page.url().substring(page.url().indexOf("/jobs/"));
      APIResponse sheet = page.request().get("/api" + job + "/sheet?paper=LETTER");
      try (PDDocument document = Loader.loadPDF(sheet.body())) {
        assertThat(document.getNumberOfPages()).isEqualTo(1);
      }
    }
  }

  @Test
  void aPotIsPutOnTheShelfCountedAndTakenOff() {
    try (BrowserContext context = context(Size.DESK)) {
      Page page = Chromium.signedIn(context, "Odda Fennick");
      page.navigate("/shelf/new");
      page.getByLabel("Name on the shelf").fill("Tub of the test");
      page.getByLabel("Width at the top").fill("wide");
      button(page, "Save").click();
      assertThat(page.getByText("Write a length like 15 cm, 150 mm or 6 in.")).isVisible();
      page.getByLabel("Width at the top").fill("20 in");
      page.getByLabel("Price each").fill("12.5");
      button(page, "Save").click();
      page.getByLabel("Narrow the shelf").fill("tub of the");
      Locator tub = page.locator("li", new Page.LocatorOptions().setHasText("Tub of the test"));
      assertThat(tub).containsText("50.8 cm");
      assertThat(tub).containsText("12.50");
      button(page, "Count of Tub of the test").click();
      page.getByLabel("How many stand there now").fill("6");
      button(page, "Add 5").click();
      assertThat(tub).containsText("free of 6");
      tub.getByText("Tub of the test").click();
      button(page, "Take it off the shelf").click();
      page.getByLabel("Narrow the shelf").fill("tub of the");
      assertThat(page.getByText("No pot matches.")).isVisible();
    }
  }

  @Test
  void aTrainedTreeKeepsItsFrontAndAngle() {
    try (BrowserContext context = context(Size.TABLET)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      Pictures.open(page, "Little elm", "T-043");
      page.locator("a[href^='/jobs/']").first().click();
      assertThat(section(page))
          .hasAttribute("aria-label", Pattern.compile("2 wires over the ball"));
      page.getByLabel("Its front", new Page.GetByLabelOptions().setExact(true))
          .fill("The old scar to the left");
      button(page, "Angle of the trunk: more").click();
      button(page, "Keep front and angle").click();
      assertThat(page.getByText("front: The old scar to the left, trunk at 5 °")).isVisible();
      page.reload();
      assertThat(page.getByLabel("Its front", new Page.GetByLabelOptions().setExact(true)))
          .hasValue("The old scar to the left");
    }
  }
}
