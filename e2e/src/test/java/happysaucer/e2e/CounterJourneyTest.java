package happysaucer.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import happysaucer.e2e.Chromium.Size;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** A customer with a plant in the hand, served by keys alone. */
class CounterJourneyTest {
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
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }

  private static Locator act(Locator row, String name) {
    return row.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
  }

  /** On to what has this name, by Tab alone. */
  private static void tabTo(Page page, Locator there) {
    for (int i = 0; i < 60; i++) {
      if ((Boolean) there.evaluate("one => one === document.activeElement")) {
        return;
      }
      page.keyboard().press("Tab");
    }
    throw new AssertionError("not reached by Tab: " + there);
  }

  @Test
  void fromAPlantInTheHandToItsCardByKeysAlone() throws Exception {
    try (BrowserContext context =
        Demo.chromium().context(app.url(), Size.DESK, ColorScheme.LIGHT)) {
      Page page = Chromium.signedIn(context, "Mirela Tosk");
      page.navigate("/counter");
      assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true))).isFocused();
      page.keyboard().type("umbrella");
      assertThat(button(page, "Umbrella tree")).isVisible();
      page.keyboard().press("Enter");
      assertThat(page.getByLabel("Width of its pot")).isFocused();
      page.keyboard().type("15");
      assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Leave it")))
          .isVisible();
      tabTo(page, page.getByLabel("What do you see?"));
      page.keyboard().type("roots from");
      Locator clear = page.locator("[aria-labelledby=found-ROOTS_FROM_DRAIN_HOLES] button").nth(1);
      assertThat(clear).hasText("Clear");
      tabTo(page, clear);
      page.keyboard().press("Enter");
      assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Pot up")))
          .isVisible();
      assertThat(page.getByText("Together")).isVisible();
      tabTo(page, page.getByLabel("Customer"));
      page.keyboard().type("Ines Corvo");
      page.keyboard().press("Enter");
      Locator card =
          page.getByRole(
              AriaRole.LINK, new Page.GetByRoleOptions().setName("The card").setExact(true));
      assertThat(card).isFocused();
      byte[] pdf = new Team("counter").bytes(app.url() + card.getAttribute("href"));
      assertThat(Codes.text(pdf)).contains("Umbrella tree", "Water");
      page.keyboard().press("Alt+n");
      assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true))).isFocused();
      assertThat(page.getByText("Ines Corvo")).isVisible();
    }
  }

  @Test
  void aPlantIsLeftMadeReadyAndFetched() {
    try (BrowserContext context =
        Demo.chromium().context(app.url(), Size.TABLET, ColorScheme.LIGHT)) {
      Page page = Chromium.signedIn(context, "Mirela Tosk");
      page.navigate("/counter");
      page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("fiddle");
      button(page, "Fiddle-leaf fig").click();
      button(page, "19 cm").click();
      button(page, "They leave it here").click();
      page.getByLabel("Customer").fill("Tovo Reed");
      button(page, "Take it in").click();
      assertThat(page.getByText("Left for work, promised")).isVisible();
      assertThat(
              page.getByRole(
                  AriaRole.LINK, new Page.GetByRoleOptions().setName("Its numbered label")))
          .isVisible();
      Locator row =
          page.getByRole(AriaRole.LISTITEM)
              .filter(new Locator.FilterOptions().setHasText("Tovo Reed"));
      act(row, "Ready").click();
      act(row, "Fetched").click();
      assertThat(row).containsText("Taken home");
    }
  }
}
