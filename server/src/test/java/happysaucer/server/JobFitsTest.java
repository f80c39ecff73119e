package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What is seen at a plant reaches the work that is planned for it, at once and with a note. */
@ExtendWith(RunningServer.class)
class JobFitsTest {
  private static final String CLEAR = "{\"code\":\"ROOTS_CIRCLING\",\"grade\":\"CLEAR\"}";
  private final Http planner;

  JobFitsTest(Http http) {
    planner = http.as("planner");
  }

  private UUID planned(House house, String plant, String day) {
    house.check(plant, "2027-04-12T08:00:00Z", CLEAR);
    UUID job = UUID.randomUUID();
    Http.Answer answer =
        planner.put(
            "/api/jobs/" + job, "{\"plantId\":\"%s\",\"plannedOn\":\"%s\"}".formatted(plant, day));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    assertThat(fit(job)).isEqualTo("FITS");
    return job;
  }

  private JsonNode job(UUID id) {
    return planner.get("/api/jobs/" + id).json().get("job");
  }

  private String fit(UUID id) {
    return job(id).get("fit").asString();
  }

  private void state(String plant, String at, String states) {
    Http.Answer answer =
        planner.put(
            "/api/checks/" + UUID.randomUUID(),
            "{\"plantId\":\"%s\",\"checkedAt\":\"%s\",\"signs\":[%s],\"states\":[%s]}"
                .formatted(plant, at, CLEAR, states));
    assertThat(answer.status()).as(answer.body()).isLessThan(300);
  }

  @Test
  void aBudHoldsItAndItsEndLetsItGo() {
    House house = new House(planner, "Buds");
    String plant = house.plant("Gardenia jasminoides", 190, "JF-1");
    UUID job = planned(house, plant, "2027-04-20");
    int version = job(job).get("version").asInt();

    state(plant, "2027-04-12T08:10:00Z", "{\"code\":\"IN_BUD\"}");
    assertThat(fit(job)).isEqualTo("HELD");
    assertThat(job(job).get("note").asString()).startsWith("On hold.");
    assertThat(job(job).get("version").asInt())
        .as("who looks at it is told")
        .isGreaterThan(version);
    assertThat(planner.get("/api/round?date=2027-04-20").json().toString())
        .contains("Repot planned for today. On hold.");

    state(plant, "2027-04-12T08:20:00Z", "");
    assertThat(fit(job)).isEqualTo("FITS");
    assertThat(job(job).get("note").isNull()).isTrue();
  }

  @Test
  void anOpenCutMovesItAndThatIsSaidUntilSomebodyPlansIt() {
    House house = new House(planner, "Cuts");
    String plant = house.plant("Ficus elastica", 190, "JF-2");
    UUID job = planned(house, plant, "2027-04-14");

    state(plant, "2027-04-12T08:10:00Z", "{\"code\":\"RECENTLY_PRUNED\",\"days\":0}");
    assertThat(fit(job)).isEqualTo("MOVED");
    assertThat(job(job).get("plannedOn").asString()).isEqualTo("2027-04-22");
    assertThat(job(job).get("note").asString()).startsWith("Moved from 14 April 2027.");

    house.check(plant, "2027-04-12T08:30:00Z", CLEAR);
    assertThat(fit(job)).as("still told").isEqualTo("MOVED");

    Http.Answer moved =
        planner.put(
            "/api/jobs/" + job + "/day",
            "{\"plannedOn\":\"2027-04-28\"}",
            "If-Match",
            "\"" + job(job).get("version").asInt() + "\"");
    assertThat(moved.status()).as(moved.body()).isEqualTo(200);
    assertThat(fit(job)).isEqualTo("FITS");
  }

  @Test
  void anotherCallWarnsAndPlanningAnewSettlesIt() {
    House house = new House(planner, "Rots");
    String plant = house.plant("Ficus elastica", 190, "JF-3");
    UUID job = planned(house, plant, "2027-04-20");

    house.check(plant, "2027-04-12T08:10:00Z", "{\"code\":\"ROOTS_ROTTEN\",\"value\":0.3}");
    assertThat(fit(job)).isEqualTo("OTHER_CALL");
    assertThat(job(job).get("note").asString()).contains("cut out the rot");

    Http.Answer anew =
        planner.put(
            "/api/jobs/" + job + "/plan",
            "{}",
            "If-Match",
            "\"" + job(job).get("version").asInt() + "\"");
    assertThat(anew.status()).as(anew.body()).isEqualTo(200);
    assertThat(fit(job)).isEqualTo("FITS");
    assertThat(job(job).get("action").asString()).isEqualTo("ROT_RESCUE");
  }

  /** Lists draw a pot in the proportions that the rules reckon with. */
  @Test
  void whatNobodyMeasuredIsDrawnAsItIsReckoned() {
    House house = new House(planner, "Drawn");
    String plant = house.plant("Ficus elastica", 190, "JF-4");
    JsonNode page = house.page(plant);
    assertThat(page.get("plant").get("potBaseMm").isNull()).isTrue();
    JsonNode pot = page.get("advice").get("present").get("oldPot");
    assertThat(page.get("plant").get("drawnBaseMm").asDouble())
        .isEqualTo(pot.get("baseMm").asDouble());
    assertThat(page.get("plant").get("drawnHeightMm").asDouble())
        .isEqualTo(pot.get("heightMm").asDouble());
    assertThat(page.get("advice").get("size").get("measured").asBoolean()).isFalse();
    assertThat(page.get("advice").get("assumed").toString())
        .contains("plant.heightMm", "plant.sizeWish", "pot.baseMm");
  }
}
