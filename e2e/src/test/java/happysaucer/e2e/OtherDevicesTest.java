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
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A phone comes in over plain HTTP by another name than localhost; the planner sees to backups. */
class OtherDevicesTest {
  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  @Test
  void aPhoneByAnotherNameSignsInWithTheDemosOwnPasswordAndLogsAChecks() throws Exception {
    App app =
        App.start(
            Demo.laidIn(),
            "--saucer.demo=true",
            "--saucer.clock=" + Demo.CLOCK,
            "--server.address=0.0.0.0",
            "--saucer.names=" + Chromium.OTHER_NAME);
    try {
      Matcher password =
          Pattern.compile("have the password (\\S+) until").matcher(Files.readString(app.log()));
      assertThat(password.find()).isTrue();
      assertThat(password.group(1)).isNotEqualTo("happy-saucer").hasSizeGreaterThan(11);
      String url = app.url().replace("localhost", Chromium.OTHER_NAME);
      try (BrowserContext context = Demo.chromium().context(url, Size.PHONE, ColorScheme.LIGHT)) {
        Page page = context.newPage();
        page.navigate("/");
        assertThat(page.getByText("has a password of its own")).isVisible();
        assertThat(page.evaluate("String(window.isSecureContext) + typeof crypto.randomUUID"))
            .as("as on every device of a team that comes in over plain HTTP")
            .isEqualTo("falseundefined");
        page.locator("button", new Page.LocatorOptions().setHasText("Jorun Pell")).click();
        page.getByLabel("Password", new Page.GetByLabelOptions().setExact(true))
            .fill(password.group(1));
        button(page, "Sign in").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Check Zz plant T-006"))
            .click();
        page.locator("[aria-labelledby='sign-SURFACE_HARD']")
            .getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Yes").setExact(true))
            .click();
        button(page, "Save check").click();
        assertThat(page.getByText("Check logged.")).isVisible();
        assertThat(page.getByText("This screen broke")).hasCount(0);
        assertThat(
                page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Zz plant")))
            .isVisible();
      }
    } finally {
      app.close();
    }
  }

  @Test
  void thePlannerMakesABackupSeesWhereItLiesAndReadsTheLicences() {
    App app = App.start(Demo.laidIn(), "--saucer.demo=true", "--saucer.clock=" + Demo.CLOCK);
    try (BrowserContext context =
        Demo.chromium().context(app.url(), Size.DESK, ColorScheme.LIGHT)) {
      Page page = Chromium.signedIn(context, "Odda Fennick");
      page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Odda Fennick, settings"))
          .click();
      page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Backups and the disk"))
          .click();
      assertThat(page.getByText("No backup has been made yet.")).isVisible();
      button(page, "Back up now").click();
      assertThat(page.getByText("Last backup")).isVisible();
      assertThat(page.getByText("asked for").first()).isVisible();
      assertThat(page.locator("tbody tr")).hasCount(1);
      assertThat(app.data().resolve("backups")).isNotEmptyDirectory();

      page.navigate("/licences");
      assertThat(page.getByText("SIL Open Font License").first()).isVisible();
      assertThat(page.getByText("org.springframework.boot").first()).isVisible();
      assertThat(page.getByText("Mantine").first()).isAttached();
    } finally {
      app.close();
    }
  }
}
