package happysaucer.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import happysaucer.e2e.Chromium.Size;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** The weeks after a repot: the card, the page of whoever waters, trouble, and how it was taken. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class CareJourneyTest {
  private static App app;
  private static final Team TEAM = new Team("technician");
  private static JsonNode fern;
  private static String path;

  @BeforeAll
  static void anAppOfItsOwn() throws Exception {
    app = App.start(Demo.laidIn(), "--saucer.demo=true", "--saucer.clock=" + Demo.CLOCK);
    fern = watched("T-011");
  }

  @AfterAll
  static void itEnds() {
    app.close();
  }

  private static JsonNode watched(String label) throws Exception {
    JsonNode all =
        new ObjectMapper()
            .readTree(TEAM.send("GET", app.url() + "/api/watch", null).body())
            .get("plants");
    for (JsonNode each : all) {
      if (each.get("label").asString().equals(label)) {
        return each;
      }
    }
    return null;
  }

  private static BrowserContext context(Size size) {
    return Demo.chromium().context(app.url(), size, ColorScheme.LIGHT);
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }

  private static Locator item(Page page) {
    return page.getByRole(
        AriaRole.LISTITEM, new Page.GetByRoleOptions().setName("Sword fern T-011"));
  }

  @Test
  @Order(1)
  void aPageIsOpenedAndTheCodeOnPaperLeadsThere() throws Exception {
    String job = fern.get("jobId").asString();
    try (BrowserContext context = context(Size.DESK)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      page.navigate("/jobs/" + job + "/card");
      button(page, "Open a page for them").click();
      Locator address = page.locator("a[href^='/care/']");
      assertThat(address).isVisible();
      path = address.getAttribute("href");
      for (String size : new String[] {"A4", "HALF", "LABEL"}) {
        byte[] pdf = TEAM.bytes(app.url() + "/api/jobs/" + job + "/card/sheet?size=" + size);
        assertThat(Codes.read(page, Codes.drawn(pdf))).as(size).endsWith(path);
        assertThat(Codes.text(pdf)).as(size).contains("Sword fern", "T-011", "Water");
      }
    }
  }

  @Test
  @Order(2)
  void whoeverWatersReadsItTellsWhatWasPouredAndWhatLooksWrong() throws Exception {
    Path photo = Files.createTempFile("leaf", ".png");
    Files.write(photo, Codes.png(new BufferedImage(320, 240, BufferedImage.TYPE_INT_RGB)));
    try (BrowserContext context = context(Size.PHONE)) {
      Page page = context.newPage();
      page.navigate(path);
      assertThat(
              page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Sword fern")))
          .isVisible();
      button(page, "I watered it").click();
      assertThat(page.getByText("it is down as watered")).isVisible();
      page.getByLabel("I poured").fill("400");
      button(page, "I watered it").click();
      assertThat(page.getByText("far more than this pot can take")).isVisible();
      page.getByLabel("What do you see?").fill("It hangs, and the pot is heavy.");
      button(page, "Tell us").click();
      assertThat(page.getByText("the team sees it at once")).isVisible();
      page.getByLabel("A photo helps:").setInputFiles(photo);
      assertThat(page.getByText("the photo is there")).isVisible();
    }
    assertThat(watched("T-011").get("poured").toString()).contains("2027-04-12");
  }

  @Test
  @Order(3)
  void theTeamSeesItAnswersAndTheCheckSaysWhatToDoNow() throws Exception {
    try (BrowserContext context = context(Size.DESK)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      page.navigate("/aftercare");
      assertThat(item(page).getByText("In trouble")).isVisible();
      assertThat(item(page).getByText("It hangs, and the pot is heavy.")).isVisible();
      assertThat(item(page).getByText("the photo")).isVisible();
      item(page).getByLabel("Answer them").fill("Leave it dry, we look tomorrow.");
      item(page)
          .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Answer"))
          .click();
      assertThat(item(page).getByText("It hangs, and the pot is heavy.")).isHidden();
      check("WILTS_WHEN_WET", "PRESENT", "2027-04-12T08:00:00Z");
      page.reload();
      assertThat(item(page).getByText("It wilted while wet")).isVisible();
      assertThat(item(page).getByText("Now:")).isVisible();
    }
    try (BrowserContext context = context(Size.PHONE)) {
      Page page = context.newPage();
      page.navigate(path);
      assertThat(page.getByText("Leave it dry, we look tomorrow.")).isVisible();
    }
  }

  private static void check(String sign, String state, String at) throws Exception {
    String body =
        "{\"plantId\":\"%s\",\"checkedAt\":\"%s\",\"signs\":[{\"code\":\"%s\",\"state\":\"%s\"}]}"
            .formatted(fern.get("plantId").asString(), at, sign, state);
    assertThat(TEAM.send("PUT", app.url() + "/api/checks/" + UUID.randomUUID(), body).statusCode())
        .isEqualTo(200);
  }

  @Test
  @Order(4)
  void dayByDayItRecoversUntilItTookWell() throws Exception {
    to("2027-04-16T09:00");
    check("WILTS_WHEN_WET", "ABSENT", "2027-04-16T07:00:00Z");
    assertThat(watched("T-011").get("now").isNull()).as("the sign is over").isTrue();
    assertThat(watched("T-011").get("day").asInt()).isEqualTo(19);
    to("2027-04-27T09:00");
    try (BrowserContext context = context(Size.DESK)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      page.navigate("/aftercare");
      item(page)
          .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Done"))
          .first()
          .click();
      item(page)
          .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Took well"))
          .click();
      assertThat(item(page)).isHidden();
    }
    assertThat(watched("T-011")).as("it is watched no more").isNull();
  }

  private static void to(String moment) throws Exception {
    assertThat(
            new Team("planner")
                .send("PUT", app.url() + "/api/clock", "{\"moment\":\"" + moment + "\"}")
                .statusCode())
        .isLessThan(300);
  }

  @Test
  @Order(5)
  void itsAddressEndsWithTheCare() throws Exception {
    to("2027-07-01T09:00");
    try (BrowserContext context = context(Size.PHONE)) {
      Page page = context.newPage();
      page.navigate(path);
      assertThat(page.getByText("This page has ended")).isVisible();
      assertThat(page.getByText("Sword fern")).isHidden();
    }
  }
}
