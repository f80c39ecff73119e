package happysaucer.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.WaitForSelectorState;
import happysaucer.e2e.Chromium.Size;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** A spring that is overfull: seen, planned, moved by hand, mended, driven and printed. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class SeasonJourneyTest {
  private static final double SEARCHED = 40_000;
  private static App app;
  private static final Team TEAM = new Team("planner");

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

  private static JsonNode json(String path) throws Exception {
    return new ObjectMapper().readTree(TEAM.send("GET", app.url() + path, null).body());
  }

  private static BrowserContext desk() {
    return Demo.chromium().context(app.url(), Size.DESK, ColorScheme.LIGHT);
  }

  @Test
  @Order(1)
  void anOverfullWeekIsSeenAndAPlanIsMadeExplainedAndTaken() throws Exception {
    try (BrowserContext context = desk()) {
      Page page = Chromium.signedIn(context, "Odda Fennick");
      page.navigate("/season");
      assertThat(page.getByText("overfull by")).isVisible();
      assertThat(page.locator("svg [data-over=true]").first()).isVisible();
      page.getByLabel("Search for").selectOption("5");
      button(page, "Make a plan").click();
      assertThat(button(page, "Stop; what was found stays")).isVisible();
      Locator take = button(page, "Take this plan");
      assertThat(take).isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(SEARCHED));
      assertThat(page.getByText("jobs have a day")).isVisible();
      assertThat(page.getByText("Driving, parking and setting up")).isVisible();
      assertThat(page.getByText("in this plan no week runs over")).isVisible();
      take.click();
      assertThat(button(page, "Undo the last change")).isVisible();
      assertThat(page.getByText("Everything that can be planned has its day")).isVisible();
    }
    assertThat(
            json("/api/season")
                .get("jobs")
                .valueStream()
                .filter(job -> !job.get("plannedOn").isNull() && !job.get("leadId").isNull())
                .count())
        .isGreaterThan(150);
  }

  @Test
  @Order(2)
  void aJobIsMovedByMouseAndByKeyAndWhatWillNotDoIsRefused() {
    try (BrowserContext context = desk()) {
      Page page = Chromium.signedIn(context, "Odda Fennick");
      page.navigate("/week?of=2027-04-26");
      Locator cards = page.locator("section[aria-label^='Tide'] button[aria-roledescription]");
      cards.first().waitFor();
      Locator waits = page.locator("#waits");
      String name = cards.first().locator("strong").innerText();
      BoundingBox from = cards.first().boundingBox();
      BoundingBox to = waits.boundingBox();
      page.mouse().move(from.x + 20, from.y + 10);
      page.mouse().down();
      page.mouse()
          .move(
              from.x - 20,
              from.y + 20,
              new com.microsoft.playwright.Mouse.MoveOptions().setSteps(4));
      page.mouse()
          .move(to.x + 40, to.y + 60, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(8));
      page.mouse().up();
      Locator told = page.locator(".mantine-Notification-root").first();
      assertThat(told).isVisible();
      // what has its pot keeps its day, and that is said; everything else waits
      assertThat(told.innerText()).containsAnyOf("waits again", "has its day and its pot");
      assertThat(name).isNotBlank();

      Locator ebb = page.locator("section[aria-label^='Ebb'] button[aria-roledescription]").first();
      ebb.focus();
      page.keyboard().press("Space");
      page.waitForTimeout(200);
      page.keyboard().press("ArrowRight");
      page.waitForTimeout(200);
      page.keyboard().press("Space");
      page.waitForTimeout(600);
      assertThat(page.locator("[id^='DndLiveRegion']").first().textContent()).isNotBlank();
    }
  }

  @Test
  @Order(3)
  void whyNotOnAnotherDaySaysTheRule() throws Exception {
    JsonNode repot =
        json("/api/season")
            .get("jobs")
            .valueStream()
            .filter(
                job ->
                    job.get("kind").asString().equals("REPOT")
                        && !job.get("plannedOn").isNull()
                        && job.get("jobId").isNull())
            .findFirst()
            .orElseThrow();
    JsonNode options =
        json("/api/season/jobs/" + repot.get("id").asString() + "/why?on=2027-05-02");
    assertThat(options).isNotEmpty();
    for (JsonNode option : options) {
      assertThat(option.get("allowed").asBoolean()).as("a Sunday").isFalse();
      assertThat(option.get("words").asString()).isNotBlank();
    }
  }

  @Test
  @Order(4)
  void aPlantComesIntoFlowerAndOnlyWhatMustMoves() throws Exception {
    JsonNode season = json("/api/season");
    JsonNode flowering =
        season
            .get("jobs")
            .valueStream()
            .filter(
                job ->
                    job.get("action").asString().equals("POT_UP")
                        && job.get("jobId").isNull()
                        && job.get("held").isNull()
                        && job.get("kind").asString().equals("REPOT")
                        && !job.get("plannedOn").isNull())
            .findFirst()
            .orElseThrow();
    TEAM.send(
        "PUT",
        app.url() + "/api/checks/" + UUID.randomUUID(),
        "{\"plantId\":\"%s\",\"checkedAt\":\"2027-04-12T08:20:00Z\",\"signs\":[],\"states\":[{\"code\":\"RESTING\"}]}"
            .formatted(flowering.get("plantId").asString()));
    JsonNode held =
        json("/api/season")
            .get("jobs")
            .valueStream()
            .filter(job -> job.get("id").equals(flowering.get("id")))
            .findFirst()
            .orElseThrow();
    assertThat(held.get("held").isNull()).isFalse();
    assertThat(held.get("plannedOn").isNull()).isTrue();
    String run = UUID.randomUUID().toString();
    TEAM.send(
        "PUT",
        app.url() + "/api/season/runs/" + run,
        "{\"kind\":\"GENTLE\",\"seconds\":4,\"otherwise\":null}");
    JsonNode found = json("/api/season/runs/" + run);
    // what is found on the way moves more than what is found in the end
    for (int i = 0; i < 120 && !found.get("status").asString().equals("DONE"); i++) {
      Thread.sleep(500);
      found = json("/api/season/runs/" + run);
    }
    assertThat(found.get("status").asString()).isEqualTo("DONE");
    long others =
        found
            .get("outcome")
            .get("moved")
            .valueStream()
            .filter(moved -> !moved.get("fromOn").isNull())
            .count();
    assertThat(others).as("of %s jobs", season.get("jobs").size()).isLessThanOrEqualTo(10);
  }

  @Test
  @Order(5)
  void theWeekIsMadeKnownDrivenAndPrinted() throws Exception {
    String tide = json("/api/crews").get(0).get("id").asString();
    try (BrowserContext context = desk()) {
      Page page = Chromium.signedIn(context, "Odda Fennick");
      page.navigate("/week?of=2027-04-12");
      button(page, "Make this week known").click();
      assertThat(page.getByText("It is known as it stands.")).isVisible();
    }
    try (BrowserContext context =
        Demo.chromium().context(app.url(), Size.PHONE, ColorScheme.LIGHT)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      page.navigate("/day?crew=" + tide + "&on=2027-04-15");
      assertThat(page.locator("#load")).isVisible();
      assertThat(page.locator("ol > li").first()).isVisible();
      byte[] pdf = page.request().get("/api/crews/" + tide + "/day/sheet?on=2027-04-15").body();
      assertThat(new String(pdf, 0, 5)).isEqualTo("%PDF-");
    }
    // the clock goes on to the Thursday itself
    TEAM.send("PUT", app.url() + "/api/clock", "{\"moment\":\"2027-04-15T13:30\"}");
    try (BrowserContext context =
        Demo.chromium().context(app.url(), Size.PHONE, ColorScheme.LIGHT)) {
      Page page = Chromium.signedIn(context, "Jorun Pell");
      page.navigate("/day?crew=" + tide + "&on=2027-04-15");
      button(page, "Not today").first().click();
      page.getByLabel("Why not?").fill("Nobody had the key.");
      button(page, "Back to the plan").click();
      page.getByText("Nobody had the key.")
          .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
      page.getByLabel("Why they were not done").fill("The van broke down.");
      button(page, "End it").click();
      assertThat(page.getByText("went back to the plan")).isVisible();
    }
    assertThat(
            json("/api/season")
                .get("jobs")
                .valueStream()
                .map(job -> job.get("note").asString())
                .filter(note -> note.contains("The van broke down."))
                .count())
        .isPositive();
  }
}
