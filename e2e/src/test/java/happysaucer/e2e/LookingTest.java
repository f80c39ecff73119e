package happysaucer.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import happysaucer.e2e.Chromium.Size;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Looking, judging and arguing by hand in the real interface, with taps counted. */
class LookingTest {
  private int taps;

  private void begin() {
    taps = 0;
  }

  private void tap(Locator what) {
    taps++;
    what.click();
  }

  private static Locator button(Locator in, String name) {
    return in.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
  }

  private static Locator button(Page page, String name) {
    return button(page.locator("body"), name);
  }

  /** On the round many buttons begin with the same words. */
  private static Locator exactly(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator answer(Page page, String sign, String answer) {
    return page.locator("[aria-labelledby='sign-" + sign + "']")
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(answer).setExact(true));
  }

  private static Locator heading(Page page, String name) {
    return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name));
  }

  private static BrowserContext context(Size size) {
    return Demo.chromium().context(Demo.app().url(), size, ColorScheme.LIGHT);
  }

  @Test
  void nothingToReportTakesTwoTapsFromTheStopThroughTheCheck() {
    try (BrowserContext context = context(Size.PHONE)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      Locator check =
          page.getByRole(
              AriaRole.LINK, new Page.GetByRoleOptions().setName("Check Zz plant T-006"));
      check.waitFor();
      begin();
      tap(check);
      tap(exactly(page, "Nothing to report"));
      assertThat(page.getByText("Nothing to report: logged.")).isVisible();
      assertThat(taps).isLessThanOrEqualTo(2);
      button(page, "Undo").click();
      assertThat(page.getByText("Taken back.")).isVisible();
    }
  }

  @Test
  void theRestOfAStopIsLoggedByOneTapAndTakenBackByAnother() {
    try (BrowserContext context = context(Size.PHONE)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      Locator stop = page.locator("section", new Page.LocatorOptions().setHasText("Waiting room"));
      Locator rest = button(stop, "Nothing to report for the rest of Waiting room");
      rest.waitFor();
      int open = stop.getByText("All well", new Locator.GetByTextOptions().setExact(true)).count();
      assertThat(open).isGreaterThan(1);
      rest.click();
      assertThat(page.getByText("plants: logged.")).isVisible();
      assertThat(stop.getByText("Checked")).hasCount(open);
      button(page, "Undo").click();
      assertThat(page.getByText("Taken back.")).isVisible();
      assertThat(rest).isVisible();
    }
  }

  @ParameterizedTest
  @CsvSource({"DESK, T-022, Corn plant", "PHONE, T-025, Baby rubber plant"})
  void threeSignsAndTheCallTakeSixTapsAndNoTyping(Size size, String label, String name) {
    try (BrowserContext context = context(size)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      Pictures.open(page, name, label);
      begin();
      tap(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Log a check")));
      tap(answer(page, "ROOTS_FROM_DRAIN_HOLES", "Clear"));
      tap(answer(page, "SURFACE_HARD", "Yes"));
      tap(answer(page, "WATER_POOLS", "Yes"));
      assertThat(page.locator("p[aria-live=polite]")).containsText("The call: ");
      tap(button(page, "Save check"));
      assertThat(page.getByText("Check logged.")).isVisible();
      assertThat(taps).isLessThanOrEqualTo(6);
      assertThat(page.getByText("What carried it")).isVisible();
    }
  }

  @Test
  void aMeasureIsSetByBigStepsOrArrowKeys() {
    try (BrowserContext context = context(Size.DESK)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      Pictures.open(page, "Snake plant", "T-030");
      page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Log a check")).click();
      answer(page, "WATER_POOLS", "Yes").click();
      Locator slide = page.locator("input[type=range]").first();
      String name = slide.getAttribute("aria-label");
      assertThat(slide).hasAttribute("aria-valuetext", "90 s");
      button(page, name + ": more").click();
      assertThat(slide).hasAttribute("aria-valuetext", "120 s");
      slide.focus();
      page.keyboard().press("ArrowLeft");
      page.keyboard().press("ArrowLeft");
      assertThat(slide).hasAttribute("aria-valuetext", "75 s");
      page.keyboard().press("End");
      assertThat(slide).hasAttribute("aria-valuetext", "600 s");
    }
  }

  @Test
  void anythingIsFoundFromAnywhereByKeyboardAndNoLetterIsLost() {
    try (BrowserContext context = context(Size.DESK)) {
      Page page = Chromium.signedIn(context, "Odda Fennick");
      page.navigate("/method");
      heading(page, "Method").waitFor();
      // a slow machine and a scanner, which types faster than any hand
      JsonObject slow = new JsonObject();
      slow.addProperty("rate", 6);
      context.newCDPSession(page).send("Emulation.setCPUThrottlingRate", slow);
      page.keyboard().press("/");
      page.keyboard().type("T-027");
      page.keyboard().press("Enter");
      assertThat(heading(page, "Rubber fig")).isVisible();
      for (String words : new String[] {"marisk", "lantern library"}) {
        page.keyboard().press("Control+k");
        page.keyboard().type(words);
        assertThat(page.getByRole(AriaRole.OPTION).first()).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.LISTBOX)).isHidden();
      }
    }
  }

  @Test
  void aPersonFindsTheLineArguesWithItAndTheCallFollows() {
    try (BrowserContext context = context(Size.DESK)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      Pictures.open(page, "Devil's ivy", "T-034");
      String plant = page.url();
      page.navigate(plant + "/check");
      answer(page, "STEM_SOFT_AT_BASE", "Yes").click();
      button(page, "Save check").click();
      page.locator("#history").waitFor();
      assertThat(heading(page, "Rot rescue")).isVisible();

      button(page, "Evidence for and against").click();
      button(page, "Set aside: Stem soft at the base").first().click();
      Locator dialog = page.getByRole(AriaRole.DIALOG);
      button(dialog, "Set it aside").click();
      assertThat(dialog.getByText("Give the reason: it is kept on record.")).isVisible();
      button(dialog, "It was misread.").click();
      button(dialog, "Set it aside").click();
      assertThat(page.getByText("The call was made again without it.")).isVisible();
      assertThat(heading(page, "Rot rescue")).isHidden();
      assertThat(page.locator("#history").locator("..")).containsText("It was misread.");

      button(page, "I see it differently").click();
      dialog.getByLabel("What is to be done instead").selectOption("REFRESH");
      dialog
          .getByRole(AriaRole.TEXTBOX, new Locator.GetByRoleOptions().setName("Reason"))
          .fill("The medium smells");
      button(dialog, "Overrule").click();
      assertThat(heading(page, "Refresh the medium")).isVisible();
      assertThat(page.getByText("Jorun Pell decided this.")).isVisible();
      assertThat(
              page.getByRole(
                  AriaRole.LINK, new Page.GetByRoleOptions().setName("See the repot plan")))
          .isVisible();
      button(page, "Let the rules decide").click();
      assertThat(heading(page, "Refresh the medium")).isHidden();
    }
  }

  @Test
  void aPhotoTakenAtACheckIsSeenInTheHistoryAndLiesInTheDataFolder() throws IOException {
    ByteArrayOutputStream picture = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(900, 700, BufferedImage.TYPE_INT_RGB), "jpg", picture);
    try (BrowserContext context = context(Size.PHONE)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      Pictures.open(page, "Moth orchid", "T-039");
      page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Log a check")).click();
      page.locator("input[type=file]")
          .setInputFiles(new FilePayload("roots.jpg", "image/jpeg", picture.toByteArray()));
      assertThat(page.getByAltText("Photo, Just added")).isVisible();
      exactly(page, "Nothing to report").click();
      Locator shown = page.locator("#photos ~ ul img").first();
      shown.scrollIntoViewIfNeeded();
      shown.evaluate("i => i.decode()");
      assertThat((Integer) shown.evaluate("i => i.naturalWidth")).isEqualTo(320);
      try (var files = Files.walk(Demo.app().data().resolve("photos"))) {
        assertThat(files.filter(f -> f.toString().endsWith(".jpg"))).hasSize(2);
      }
    }
  }

  @Test
  void aNewSiteIsEnteredFromASheetWithItsFaultsToldRowByRow() {
    try (BrowserContext context = context(Size.DESK)) {
      Page page = Chromium.signedIn(context, "Odda Fennick");
      page.navigate("/clients");
      button(page, "Add a client").click();
      Locator dialog = page.getByRole(AriaRole.DIALOG);
      dialog.getByLabel("Name").fill("Pellworth Cannery");
      button(dialog, "Save").click();
      button(page, "Add a site to Pellworth Cannery").click();
      dialog.getByLabel("Name").fill("Canteen");
      dialog.getByLabel("Latitude").fill("north");
      dialog.getByLabel("Longitude").fill("-7.3");
      dialog.getByLabel("Saturday").first().check();
      button(dialog, "Save").click();
      assertThat(dialog.getByText("Write degrees like 44.02")).isVisible();
      dialog.getByLabel("Latitude").fill("44.02");
      button(dialog, "Save").click();
      page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Canteen")).click();
      page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Paste many")).click();

      Locator sheet = page.getByLabel("Rows under a head line");
      String rows = "spot\tspecies\tpot\nHatch\tFicus lyrata\t28 cm\nHatch\tFikus\t15 cm";
      sheet.fill(rows);
      button(page, "Try it").click();
      assertThat(page.getByText("1 of 2 rows need mending")).isVisible();
      assertThat(page.getByText("Not in the book. Nearest:")).isVisible();
      assertThat(sheet).hasValue(rows);
      sheet.fill(rows.replace("Fikus", "Ficus elastica"));
      button(page, "Try it").click();
      assertThat(page.getByText("All 2 rows are good.")).isVisible();
      button(page, "Save 2 plants").click();
      assertThat(page.getByText("2 plants at Canteen")).isVisible();

      page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Rubber fig")).click();
      button(page, "Change").click();
      page.getByText("Retire", new Page.GetByTextOptions().setExact(true)).click();
      button(dialog, "It died.").click();
      button(dialog, "Retire it").click();
      assertThat(page.getByText("Retired on 12 Apr 2027.")).isVisible();
      button(page, "Take it back into care").click();
      assertThat(page.getByText("Back in care.")).isVisible();
    }
  }

  @Test
  void anEditOfASpeciesShowsWhichCallsItChangesBeforeItIsSaved() {
    try (BrowserContext context = context(Size.DESK)) {
      Page page = Chromium.signedIn(context, "Odda Fennick");
      page.navigate("/species/Schefflera%20arboricola");
      assertThat(heading(page, "When to repot")).isVisible();
      page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Edit").setExact(true))
          .click();
      page.getByLabel("Usual interval, least").fill("many");
      assertThat(page.getByText("Must be a number, not many.")).isVisible();
      page.getByLabel("Usual interval, least").fill("");
      page.getByLabel("Height when grown, indoors").fill("100");
      Locator effect = page.locator("aside");
      assertThat(effect).containsText("plants would get another call");
      assertThat(effect).containsText("Umbrella tree T-002");
      button(page, "Save").click();
      assertThat(page.getByText("edited by the team")).isVisible();
      button(page, "Back to as shipped").click();
      Locator dialog = page.getByRole(AriaRole.DIALOG);
      assertThat(dialog).containsText("plants would get another call");
      button(dialog, "Take the shipped entry").click();
      assertThat(page.getByText("as shipped").first()).isVisible();
    }
  }

  @Test
  void aChoiceOfMethodShowsItsEffectOnAPlantBeforeItIsMade() {
    try (BrowserContext context = context(Size.DESK)) {
      Page page = Chromium.signedIn(context, "Odda Fennick");
      Pictures.open(page, "Kentia palm", "T-018");
      button(page, "Change").click();
      page.getByText("Its own method").click();
      Locator peat =
          page.locator("section", new Page.LocatorOptions().setHas(page.locator("#q-peat")));
      button(peat, "What it changes for").click();
      assertThat(peat.getByRole(AriaRole.STATUS)).containsText("With “Peat-free”");
      assertThat(peat.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Mix")))
          .isVisible();
      page.getByLabel("Another plant as the example").fill("T-020");
      button(page, "Show it on this one").click();
      assertThat(peat.getByRole(AriaRole.STATUS)).containsText("T-020");
      peat.getByLabel("Peat-free").click();
      Locator made =
          page.locator("section[aria-labelledby=all-choices] tr")
              .filter(new Locator.FilterOptions().setHasText("Kentia palm"));
      assertThat(made).containsText("Peat-free");
      button(peat, "leave it to the other levels").click();
      assertThat(made).hasCount(0);
    }
  }

  @Test
  void listsAreNarrowedAndKeepTheirFilterInTheAddress() {
    try (BrowserContext context = context(Size.PHONE)) {
      Page page = Chromium.signedIn(context, "Mirela Tosk");
      page.navigate("/plants");
      button(page, "urgent").click();
      assertThat(page.locator("li strong").first()).hasText("Peace lily");
      assertThat(page).hasURL(java.util.regex.Pattern.compile("saucer=URGENT"));
      page.reload();
      assertThat(button(page, "urgent")).hasAttribute("aria-pressed", "true");
      page.getByLabel("Find a plant").fill("no such plant");
      assertThat(page.getByText("No plant is like this.")).isVisible();
    }
  }
}
