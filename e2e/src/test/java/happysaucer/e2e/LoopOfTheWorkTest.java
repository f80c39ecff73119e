package happysaucer.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import happysaucer.e2e.Chromium.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Look, call, plan, bench, aftercare: by hand in the real interface. */
class LoopOfTheWorkTest {
  private int taps;

  private void tap(Locator what) {
    taps++;
    what.click();
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }

  private static void edit(Page page) {
    button(page, "Change").click();
    page.getByText("Edit plant and pot").click();
  }

  private static Locator answer(Page page, String sign, String answer) {
    return page.locator("[aria-labelledby='sign-" + sign + "']")
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(answer).setExact(true));
  }

  @ParameterizedTest
  @CsvSource({"DESK, T-012, Devil's ivy", "PHONE, T-009, Swiss cheese plant"})
  void onePlantFromLookToCard(Size size, String label, String name) {
    try (BrowserContext context =
        Demo.chromium().context(Demo.app().url(), size, ColorScheme.LIGHT)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      assertThat(
              page.getByRole(
                  AriaRole.HEADING, new Page.GetByRoleOptions().setName("Today’s round")))
          .isVisible();
      assertThat(
              page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Reading room")))
          .isVisible();

      taps = 0;
      long started = System.nanoTime();
      tap(
          page.getByRole(
              AriaRole.LINK, new Page.GetByRoleOptions().setName("Check " + name + " " + label)));
      tap(answer(page, "ROOTS_FROM_DRAIN_HOLES", "Severe"));
      tap(answer(page, "SURFACE_HARD", "Yes"));
      tap(answer(page, "WATER_POOLS", "Yes"));
      Locator call = page.locator("aside[aria-label='The call']");
      assertThat(call).containsText("Pot up");
      tap(button(page, "Save check"));
      assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name)))
          .isVisible();
      assertThat(taps).as("taps for three signs and the call").isLessThanOrEqualTo(6);
      assertThat((System.nanoTime() - started) / 1e9).as("seconds").isLessThan(20);

      button(page, "Evidence for and against").click();
      assertThat(page.getByText("Water stands on top").first()).isVisible();
      assertThat(page.locator("#history")).isVisible();

      page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("See the repot plan"))
          .click();
      assertThat(
              page.getByRole(
                  AriaRole.HEADING, new Page.GetByRoleOptions().setName("Pots compared")))
          .isVisible();
      assertThat(
              page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("fresh medium")))
          .isVisible();
      assertThat(page.getByText("Base layer").first()).isVisible();
      assertThat(page.getByText("Water in on").first()).isVisible();
      assertThat(page.getByText("Take care").first()).isVisible();

      button(page, "Schedule").click();
      assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Pot up")))
          .isVisible();
      String job = page.url();
      page.navigate("/jobs");
      Locator planned = page.locator("a[href='" + job.substring(job.indexOf("/jobs/")) + "']");
      assertThat(planned).containsText(name);
      planned.click();
      Locator steps = page.locator("ol input[type=checkbox]");
      steps.first().waitFor();
      page.getByText("Record what I find").click();
      answer(page, "ROOTS_CIRCLING", "Clear").click();
      button(page, "Record what I found").click();
      assertThat(page.getByText("Recorded.").or(page.getByText("The plan has changed")).first())
          .isVisible();
      int count = steps.count();
      for (int i = 0; i < count; i++) {
        steps.nth(i).click();
        assertThat(steps.nth(i)).isChecked();
      }
      assertThat(page.getByText("Every step is ticked.")).isVisible();
      page.reload();
      assertThat(page.getByText("Every step is ticked.")).isVisible();

      page.getByLabel("to waste").check();
      button(page, "Done: start the aftercare").click();
      assertThat(
              page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("What to do")))
          .isVisible();
      assertThat(page.getByText("Probe the old ball")).isVisible();
      assertThat(page.getByRole(AriaRole.TABLE)).containsText("Settled");
      assertThat(
              page.getByRole(
                  AriaRole.LINK, new Page.GetByRoleOptions().setName("A4").setExact(true)))
          .isVisible();

      Pictures.open(page, name, label);
      assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Aftercare")))
          .isVisible();
      assertThat(page.locator("section[aria-labelledby=history]")).containsText("Repot");
      page.navigate("/?date=2027-04-26");
      assertThat(
              page.locator("li", new Page.LocatorOptions().setHasText(label))
                  .filter(new Locator.FilterOptions().setHasText("Settled?"))
                  .first())
          .isVisible();
    }
  }

  @Test
  void nothingToReportTakesOneTapAndCanBeUndone() {
    try (BrowserContext context =
        Demo.chromium().context(Demo.app().url(), Size.PHONE, ColorScheme.LIGHT)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      Locator allWell = button(page, "Nothing to report for Kentia palm T-005");
      allWell.click();
      assertThat(page.getByText("Nothing to report: logged.")).isVisible();
      assertThat(allWell).isHidden();
      button(page, "Undo").click();
      assertThat(allWell).isVisible();
    }
  }

  @Test
  void aWrongValueIsShownAtItsFieldAndNothingTypedIsLost() {
    try (BrowserContext context =
        Demo.chromium().context(Demo.app().url(), Size.DESK, ColorScheme.LIGHT)) {
      Page page = Chromium.signedIn(context, "Odda Fennick");
      Pictures.open(page, "Jade plant", "T-031");
      edit(page);
      page.getByLabel("Height", new Page.GetByLabelOptions().setExact(true)).first().fill("tall");
      page.getByLabel("Note").fill("stands in the draught");
      button(page, "Save").click();
      assertThat(page.getByText("Write a length like 15 cm, 150 mm or 6 in, or leave it empty."))
          .isVisible();
      page.getByLabel("Height", new Page.GetByLabelOptions().setExact(true)).first().fill("900 m");
      button(page, "Save").click();
      assertThat(page.getByText("Must be at most 20 m.")).isVisible();
      assertThat(page.getByLabel("Note")).hasValue("stands in the draught");
      page.getByLabel("Height", new Page.GetByLabelOptions().setExact(true)).first().fill("14 in");
      button(page, "Save").click();
      assertThat(page.getByText("35.6").first()).isVisible();
    }
  }

  @Test
  void whenTwoEditAtOnceTheSecondSeesBothAndDecides() {
    try (BrowserContext one =
            Demo.chromium().context(Demo.app().url(), Size.DESK, ColorScheme.LIGHT);
        BrowserContext two =
            Demo.chromium().context(Demo.app().url(), Size.DESK, ColorScheme.LIGHT)) {
      Page odda = Chromium.signedIn(one, "Odda Fennick");
      Page jorun = Chromium.signedIn(two, "Jorun Pell");
      for (Page page : new Page[] {odda, jorun}) {
        Pictures.open(page, "Zz plant", "T-029");
        edit(page);
        page.getByLabel("Note").waitFor();
      }
      odda.getByLabel("Note").fill("by Odda");
      odda.getByLabel("What you call it").fill("Zz plant at the brass");
      button(odda, "Save").click();
      odda.locator("#history").waitFor();
      jorun.getByLabel("Note").fill("by Jorun");
      button(jorun, "Save").click();
      assertThat(
              jorun.getByRole(
                  AriaRole.ROW, new Page.GetByRoleOptions().setName("Note by Jorun by Odda")))
          .isVisible();
      assertThat(
              jorun.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("theirs is kept")))
          .isVisible();
      button(jorun, "Save mine").click();
      assertThat(
              jorun.getByRole(
                  AriaRole.HEADING, new Page.GetByRoleOptions().setName("Zz plant at the brass")))
          .isVisible();
      assertThat(jorun.locator("section[aria-labelledby=history]"))
          .containsText("by Odda -> by Jorun");
    }
  }

  @Test
  void aReloadInTheMiddleOfACheckLosesNothing() {
    try (BrowserContext context =
        Demo.chromium().context(Demo.app().url(), Size.PHONE, ColorScheme.LIGHT)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      page.locator("a[aria-label='Check Corn plant T-013']").click();
      answer(page, "SALT_CRUST", "Yes").click();
      page.reload();
      assertThat(answer(page, "SALT_CRUST", "Yes")).hasAttribute("aria-pressed", "true");
    }
  }

  @Test
  void signedOutInTheMiddleOfACheckAsksWhoItIsAndComesBackToIt() {
    try (BrowserContext context =
        Demo.chromium().context(Demo.app().url(), Size.PHONE, ColorScheme.LIGHT)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      page.locator("a[aria-label='Check Baby rubber plant T-015']").click();
      // else the preview itself might ask who it is before the check is saved
      page.waitForResponse(
          response -> response.url().endsWith("/advice"),
          () -> answer(page, "STEM_BURIED_OR_MULCHED", "Yes").click());
      context.clearCookies();
      button(page, "Save check").click();
      page.locator("button", new Page.LocatorOptions().setHasText("walks the round")).click();
      assertThat(answer(page, "STEM_BURIED_OR_MULCHED", "Yes"))
          .hasAttribute("aria-pressed", "true");
      button(page, "Save check").click();
      assertThat(page.getByText("Check logged.")).isVisible();
    }
  }

  @Test
  void anUnknownAddressLeadsBack() {
    try (BrowserContext context =
        Demo.chromium().context(Demo.app().url(), Size.DESK, ColorScheme.LIGHT)) {
      Page page = Chromium.signedIn(context, "Mirela Tosk");
      page.navigate("/no/such/place");
      page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Back to the round"))
          .click();
      assertThat(
              page.getByRole(
                  AriaRole.HEADING, new Page.GetByRoleOptions().setName("Today’s round")))
          .isVisible();
      assertThat(
              page.getByRole(
                  AriaRole.LINK, new Page.GetByRoleOptions().setName("Check Snake plant T-004")))
          .hasCount(0);
      page.navigate("/plants/00000000-0000-4000-8000-000000000000");
      assertThat(page.getByText("There is no such plant.")).isVisible();
    }
  }
}
