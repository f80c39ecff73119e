package happysaucer.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import happysaucer.e2e.Chromium.Size;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From an empty folder to a second person, plants in care, a first call and a watering. */
class FirstDayTest {
  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator field(Page page, String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  @Test
  void aTeamStartsFromNothing() throws Exception {
    App app =
        App.start(
            Files.createTempDirectory("saucer-first-day"),
            "--saucer.demo=false",
            "--saucer.clock=" + Demo.CLOCK);
    try (BrowserContext desk = Demo.chromium().context(app.url(), Size.DESK, ColorScheme.LIGHT);
        BrowserContext phone = Demo.chromium().context(app.url(), Size.PHONE, ColorScheme.LIGHT)) {
      Page planner = desk.newPage();
      planner.navigate("/");
      field(planner, "Name of the team").fill("Quay Greens");
      field(planner, "Your name").fill("Fenna Loom");
      field(planner, "Account").fill("fenna");
      field(planner, "Password").fill("words of the first one");
      button(planner, "Make the account").click();
      planner
          .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Clients and sites"))
          .click();
      button(planner, "Add a client").click();
      field(planner, "Name").fill("Lantern Bakery");
      button(planner, "Save").click();
      button(planner, "Add a site to Lantern Bakery").click();
      field(planner, "Name").fill("Front shop");
      field(planner, "Latitude").fill("44.02");
      field(planner, "Longitude").fill("-7.3");
      button(planner, "Save").click();
      planner.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Front shop")).click();

      typedByName(planner);
      itsFirstCheck(planner);
      notKnown(planner);
      pasted(planner);
      String code = askedIn(planner);
      secondPerson(phone, code);
    } finally {
      app.close();
    }
  }

  private static void typedByName(Page planner) {
    planner
        .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Add a plant").setExact(true))
        .click();
    field(planner, "Name").fill("fidel leaf");
    button(planner, "Fiddle-leaf fig Ficus lyrata, figs").click();
    button(planner, "19 cm").click();
    field(planner, "Name of the spot").fill("By the oven");
    button(planner, "Add it, then look at it").click();
  }

  private static void itsFirstCheck(Page planner) {
    assertThat(
            planner.getByRole(
                AriaRole.HEADING, new Page.GetByRoleOptions().setName("Fiddle-leaf fig")))
        .isVisible();
    planner
        .locator("[aria-labelledby='sign-ROOTS_FROM_DRAIN_HOLES']")
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Severe"))
        .click();
    button(planner, "Save check").click();
    assertThat(planner.getByText("Check logged.")).isVisible();
    assertThat(planner.getByText("What carried it")).isVisible();
  }

  private static void notKnown(Page planner) {
    planner.navigate("/clients");
    planner.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Front shop")).click();
    planner
        .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Add a plant").setExact(true))
        .click();
    button(planner, "I do not know").click();
    planner
        .getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Palms Fans or feathers")))
        .click();
    button(planner, "23 cm").click();
    planner.getByLabel("How many alike").fill("2");
    button(planner, "Add 2 of them").click();
    assertThat(planner.getByText("P-2 to P-3 are in care.")).isVisible();
    assertThat(planner.locator("main li strong")).hasCount(3);
  }

  private static void pasted(Page planner) {
    planner.navigate("/clients");
    planner.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Front shop")).click();
    planner.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Paste many")).click();
    planner
        .getByLabel("Rows under a head line")
        .fill("spot,light,species,pot\nBy the till,medium,Zz plant,17 cm");
    button(planner, "Try it").click();
    button(planner, "Save 1 plants").click();
    assertThat(planner.locator("main li strong")).hasCount(4);
  }

  private static void visited(Page page) {
    button(page, "Begin the visit of Front shop").click();
    button(page, "End the visit of Front shop").click();
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("of 4 looked at, 1 watered");
    page.getByLabel("Note for the record").fill("The oven was on.");
    button(page, "End the visit").click();
    assertThat(page.getByText("The visit is ended.")).isVisible();
    page.navigate("/clients");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Front shop")).click();
    assertThat(page.getByText("The oven was on.")).isVisible();
  }

  private static String askedIn(Page planner) {
    planner.navigate("/people");
    field(planner, "Name").fill("Mira Quell");
    button(planner, "Make a code for them").click();
    Locator code =
        planner.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("Hand this over"));
    assertThat(code).isVisible();
    assertThat(code).containsText("mira");
    return code.locator("dd").nth(1).innerText();
  }

  private static void secondPerson(BrowserContext phone, String code) {
    Page page = phone.newPage();
    page.navigate("/");
    button(page, "I was handed a code").click();
    field(page, "Account").fill("mira");
    field(page, "Code").fill(code);
    field(page, "Choose a password").fill("a password of her own");
    button(page, "Come in").click();
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Front shop")))
        .isVisible();
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Watered Fiddle-leaf fig")))
        .click();
    button(page, "Watered").click();
    assertThat(page.getByText(Pattern.compile("Fiddle-leaf fig P-1: .* L"))).isVisible();
    visited(page);
    page.navigate("/people");
    assertThat(page.getByText("Only a planner sees to people.")).isVisible();
    assertThat(page.getByText("This screen broke").count()).isZero();
  }
}
