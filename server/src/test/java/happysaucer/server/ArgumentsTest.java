package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** People argue with the rules about stored plants, and what they say stays on record. */
@ExtendWith(RunningServer.class)
class ArgumentsTest {
  private static final String BEFORE = "2027-04-12T08:00:00Z";
  private static final String AFTER = "2027-04-12T08:35:00Z";
  private static final String ROTTEN = "{\"code\":\"ROOTS_ROTTEN\",\"value\":0.3}";
  private final Http technician;

  ArgumentsTest(Http http) {
    technician = http.as("technician");
  }

  private static String action(JsonNode page) {
    return page.get("advice").get("call").get("action").asString();
  }

  private Http.Answer setAside(UUID id, String plant, String sign, boolean always) {
    return technician.put(
        "/api/asides/" + id,
        "{\"plantId\":\"%s\",\"sign\":\"%s\",\"reason\":\"old roots\",\"always\":%s}"
            .formatted(plant, sign, always));
  }

  private Http.Answer overrule(UUID id, String plant, String action, String more) {
    return technician.put(
        "/api/overrules/" + id,
        "{\"plantId\":\"%s\",\"action\":\"%s\",\"reason\":\"the client wants it\"%s}"
            .formatted(plant, action, more));
  }

  @Test
  void aLineSetAsideChangesTheCallStaysOnRecordAndCanBeTakenBack() {
    House house = new House(technician, "Aside");
    String plant = house.plant("Spathiphyllum wallisii", 190, "AS-1");
    house.check(plant, BEFORE, ROTTEN);
    assertThat(action(house.page(plant))).isEqualTo("ROT_RESCUE");

    UUID id = UUID.randomUUID();
    assertThat(setAside(id, plant, "ROOTS_ROTTEN", false).status()).isEqualTo(204);
    assertThat(setAside(id, plant, "ROOTS_ROTTEN", false).status()).as("again").isEqualTo(204);

    JsonNode page = house.page(plant);
    assertThat(action(page)).isEqualTo("LEAVE");
    assertThat(page.get("argument").get("asides")).hasSize(1);
    assertThat(page.get("advice").toString()).contains("Jorun Pell set it aside: old roots");
    assertThat(
            technician
                .get("/api/plants?search=AS-1")
                .json()
                .get("plants")
                .get(0)
                .get("saucer")
                .asString())
        .isEqualTo("NOTHING_DUE");

    assertThat(technician.delete("/api/asides/" + id).status()).isEqualTo(204);
    assertThat(technician.delete("/api/asides/" + id).status()).isEqualTo(404);
    page = house.page(plant);
    assertThat(action(page)).isEqualTo("ROT_RESCUE");
    assertThat(page.get("arguments").get(0).get("endedWhy").asString()).isEqualTo("Taken back");
  }

  @Test
  void whatWasSetAsideOnceCountsAgainWhenItIsSeenAgainAndForGoodItDoesNot() {
    House house = new House(technician, "Again");
    String once = house.plant("Spathiphyllum wallisii", 190, "AG-1");
    String good = house.plant("Spathiphyllum wallisii", 190, "AG-2");
    for (String plant : new String[] {once, good}) {
      house.check(plant, BEFORE, ROTTEN);
      setAside(UUID.randomUUID(), plant, "ROOTS_ROTTEN", plant.equals(good));
      assertThat(action(house.page(plant))).isEqualTo("LEAVE");
      house.check(plant, AFTER, ROTTEN);
    }
    assertThat(action(house.page(once))).isEqualTo("ROT_RESCUE");
    assertThat(house.page(once).get("argument").get("asides")).isEmpty();
    assertThat(action(house.page(good))).isEqualTo("LEAVE");
  }

  @Test
  void anOverruledCallHoldsUntilAnEmergencyThatWasNotThere() {
    House house = new House(technician, "Overrule");
    String plant = house.plant("Ficus lyrata", 280, "OV-1");
    UUID id = UUID.randomUUID();
    assertThat(overrule(id, plant, "POT_UP", ",\"urgency\":\"SOON\"").status()).isEqualTo(204);

    JsonNode page = house.page(plant);
    assertThat(action(page)).isEqualTo("POT_UP");
    assertThat(page.get("advice").get("call").get("urgency").asString()).isEqualTo("SOON");
    assertThat(page.get("advice").get("repot").isNull()).isFalse();
    assertThat(page.get("argument").get("overrule").get("rulesAction").asString())
        .isEqualTo("LEAVE");

    house.check(plant, AFTER, "{\"code\":\"STEM_SOFT_AT_BASE\"}");
    page = house.page(plant);
    assertThat(action(page)).isEqualTo("ROT_RESCUE");
    assertThat(page.get("argument").get("overrule").isNull()).isFalse();

    assertThat(technician.delete("/api/overrules/" + id).status()).isEqualTo(204);
    assertThat(house.page(plant).get("argument").get("overrule").isNull()).isTrue();
  }

  @Test
  void workDoneSettlesWhatWasArgued() {
    House house = new House(technician, "Settled");
    String plant = house.plant("Ficus lyrata", 200, "SE-1");
    setAside(UUID.randomUUID(), plant, "TIME_SINCE_REPOT", true);
    overrule(UUID.randomUUID(), plant, "POT_UP", ",\"urgency\":\"NOW\"");
    String job = UUID.randomUUID().toString();
    assertThat(
            technician
                .put(
                    "/api/jobs/" + job,
                    "{\"plantId\":\"%s\",\"plannedOn\":\"2027-04-12\"}".formatted(plant))
                .status())
        .isEqualTo(200);
    technician.put("/api/jobs/" + job + "/done", "{\"doneOn\":\"2027-04-12\"}");

    JsonNode page = house.page(plant);
    assertThat(page.get("argument").get("asides")).isEmpty();
    assertThat(page.get("argument").get("overrule").isNull()).isTrue();
    assertThat(page.get("arguments").toString()).contains("The work was done");

    assertThat(
            technician
                .put(
                    "/api/jobs/" + job + "/outcome",
                    "{\"result\":\"TOOK_WELL\",\"firstGrowthOn\":\"2027-04-11\"}")
                .json()
                .get("errors")
                .get(0)
                .get("field")
                .asString())
        .isEqualTo("firstGrowthOn");
    assertThat(
            technician.put("/api/jobs/" + job + "/outcome", "{\"result\":\"TOOK_WELL\"}").status())
        .isEqualTo(204);
    assertThat(house.page(plant).get("outcomes").get(0).get("result").asString())
        .isEqualTo("TOOK_WELL");
  }

  @Test
  void anArgumentWithoutReasonOrLineIsRefusedAtItsField() {
    House house = new House(technician, "Refused");
    String plant = house.plant("Ficus lyrata", 200, "RE-1");
    assertThat(setAside(UUID.randomUUID(), plant, "ROOTS_EVERYWHERE", true).body())
        .contains("\"sign\"");
    assertThat(
            technician
                .put(
                    "/api/overrules/" + UUID.randomUUID(),
                    "{\"plantId\":\"%s\",\"action\":\"DANCE\",\"reason\":\" \"}".formatted(plant))
                .body())
        .contains("\"action\"", "\"reason\"");
  }

  @Test
  void everyPlantOfTheDemoHasALineToArgueWith() {
    JsonNode plants = technician.get("/api/plants?search=T-0").json().get("plants");
    assertThat(plants.size()).isGreaterThanOrEqualTo(40);
    for (JsonNode plant : plants) {
      JsonNode findings =
          technician
              .get("/api/plants/" + plant.get("id").asString())
              .json()
              .get("advice")
              .get("findings");
      int lines = 0;
      for (JsonNode finding : findings) {
        lines += finding.get("evidence").size() + finding.get("discounted").size();
      }
      assertThat(lines).as(plant.get("label").asString()).isPositive();
    }
  }

  @Test
  void potAndSurfaceGoOnCountingWhenTheNextCheckSaysNothingOfThem() {
    House house = new House(technician, "Lasting");
    String plant = house.plant("Ficus lyrata", 280, "LA-1");
    house.check(
        plant,
        BEFORE,
        "{\"code\":\"POT_DEFORMED\",\"grade\":\"CLEAR\"},{\"code\":\"LEAVES_YELLOWING\"}");
    house.check(plant, AFTER, "");

    JsonNode standing = house.page(plant).get("standing");
    assertThat(standing.toString()).contains("POT_DEFORMED").doesNotContain("LEAVES_YELLOWING");
    assertThat(action(house.page(plant))).isEqualTo("POT_UP");
  }
}
