package happysaucer.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import happysaucer.e2e.Chromium.Size;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** From the jobs of a week to a batch, its sheet and its plants; and a mix that is measured. */
class MixRoomJourneyTest {
  private static App app;

  @BeforeAll
  static void anAppOfItsOwn() {
    app = App.start(Demo.laidIn(), "--saucer.demo=true", "--saucer.clock=" + Demo.CLOCK);
  }

  @AfterAll
  static void itEnds() {
    app.close();
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  @Test
  void aWeekIsMixedAndItsBatchKnowsItsPlants() throws Exception {
    try (BrowserContext context =
        Demo.chromium().context(app.url(), Size.DESK, ColorScheme.LIGHT)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      page.navigate("/batches");
      page.locator("#to-mix").waitFor();
      Locator jobs = page.locator("#for-jobs ~ ul li");
      int all = jobs.count();
      assertThat(all).isGreaterThan(2);
      // one of them is left out
      Locator first = jobs.locator("input:not([disabled])").first();
      first.uncheck();
      assertThat(page.locator("#to-mix")).isVisible();
      Locator sheet =
          page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sheet to mix by"));
      assertThat(sheet).hasAttribute("href", Pattern.compile(".*jobs=.*"));
      byte[] pdf = new Team("technician").bytes(app.url() + sheet.getAttribute("href"));
      assertThat(Codes.text(pdf)).contains("To mix", "A scoop is 0.5 L");
      button(page, "It is mixed").click();
      assertThat(page.getByText(Pattern.compile("Batch \\d+ is in stock"))).isVisible();
      page.locator("#made ~ ul a").first().click();
      page.locator("#who-got").waitFor();
      assertThat(page.locator("#who-got ~ ul li").first()).isVisible();
      assertThat(page.getByText("to be potted").first()).isVisible();
      page.goBack();
      assertThat(page.getByText(Pattern.compile("in batch \\d+")).first()).isVisible();
    }
  }

  @Test
  void aMixIsMeasuredInABucketAndSaysSo() {
    try (BrowserContext context =
        Demo.chromium().context(app.url(), Size.PHONE, ColorScheme.LIGHT)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      page.navigate("/mixes/pelargonium");
      assertThat(page.getByText("Nobody has measured it", new Page.GetByTextOptions())).isVisible();
      button(page, "Measure it").click();
      page.getByLabel("Empty, on the scale").fill("220");
      page.getByLabel("With dry mix").fill("2020");
      page.getByLabel("Full of water").fill("5400");
      button(page, "Start the stopwatch").click();
      assertThat(page.getByRole(AriaRole.TIMER)).not().hasText("0:00");
      button(page, "Stop").click();
      page.getByLabel("Drained", new Page.GetByLabelOptions().setExact(true)).fill("4500");
      button(page, "Keep it").click();
      assertThat(page.getByText(Pattern.compile("measured it holds"))).isVisible();
      assertThat(page.getByText("measured in one bucket test")).isVisible();
    }
  }

  @Test
  void aWiderPotShowsAllThatGoesWithIt() {
    try (BrowserContext context =
        Demo.chromium().context(app.url(), Size.DESK, ColorScheme.LIGHT)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      Pictures.open(page, "Umbrella tree", "T-002");
      page.getByText("How it dries, and would in a wider pot").click();
      page.locator("#wider").waitFor();
      assertThat(page.getByText("the width the rules take")).isVisible();
      Locator ball = page.locator("tr", new Page.LocatorOptions().setHasText("Ball, of the pot"));
      String before = ball.locator("td").last().textContent();
      page.getByRole(AriaRole.SLIDER).focus();
      for (int i = 0; i < 4; i++) {
        page.keyboard().press("ArrowRight");
      }
      assertThat(ball.locator("td").last()).not().hasText(before);
      assertThat(page.getByText(Pattern.compile("wider than the ball")).first()).isVisible();
      assertThat(page.locator("figure svg").first())
          .hasAttribute("aria-label", Pattern.compile("Just potted in .*fresh medium stays wet.*"));
    }
  }
}
