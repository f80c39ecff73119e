package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** How a repot was taken: told, measured against the day of the work, and asked at the end. */
@ExtendWith(RunningServer.class)
class OutcomeTest {
  private static House house;
  private static int plants;
  private final Http technician;

  OutcomeTest(Http http) {
    technician = http.as("technician");
    if (house == null) {
      house = new House(technician, "Dune Reading Room");
    }
  }

  /** A plant of 60 cm that was repotted on the first of April. */
  private String repotted() {
    String label = "OC-" + ++plants + "Z";
    String plant = house.plant("Schefflera arboricola", 170, label);
    tall(plant, "2027-03-30T08:00:00Z", 600);
    house.check(plant, "2027-03-31T08:00:00Z", Season.CLEAR);
    Season season = new Season(technician);
    season.done(season.scheduled(plant, "2027-04-12"), "2027-04-01");
    return plant;
  }

  private void tall(String plant, String at, int mm) {
    Http.Answer answer =
        technician.put(
            "/api/checks/" + UUID.randomUUID(),
            "{\"plantId\":\"%s\",\"checkedAt\":\"%s\",\"heightMm\":%d,\"signs\":[]}"
                .formatted(plant, at, mm));
    assertThat(answer.status()).as(answer.body()).isLessThan(300);
  }

  private String job(String plant) {
    return house.page(plant).get("jobs").get(0).get("id").asString();
  }

  private Http.Answer tell(String plant, String body) {
    return technician.put("/api/jobs/" + job(plant) + "/outcome", body);
  }

  private JsonNode outcome(String plant) {
    return house.page(plant).get("outcomes").get(0);
  }

  @Test
  void growthIsMeasuredAgainstTheDayOfTheWork() {
    String plant = repotted();
    tall(plant, "2027-04-11T08:00:00Z", 640);
    assertThat(tell(plant, "{\"result\":\"TOOK_WELL\"}").status()).isEqualTo(204);
    JsonNode told = outcome(plant);
    assertThat(told.get("heightBeforeMm").asInt()).isEqualTo(600);
    assertThat(told.get("heightMm").asInt()).as("by the check since").isEqualTo(640);
    assertThat(told.get("workedOn").asString()).isEqualTo("2027-04-01");
  }

  @Test
  void whatIsMeasuredWithItIsKeptAndIsThePlantsOwn() {
    String plant = repotted();
    tell(
        plant,
        "{\"result\":\"SLOW\",\"leafLoss\":\"THIRD\",\"heightMm\":655,\"firstGrowthOn\":\"2027-04-09\"}");
    assertThat(house.page(plant).get("plant").get("heightMm").asInt()).isEqualTo(655);
    assertThat(tell(plant, "{\"result\":\"TOOK_WELL\"}").status()).isEqualTo(204);
    JsonNode told = outcome(plant);
    assertThat(told.get("result").asString()).as("the later word").isEqualTo("TOOK_WELL");
    assertThat(told.get("leafLoss").asString()).as("stays").isEqualTo("THIRD");
    assertThat(told.get("heightMm").asInt()).isEqualTo(655);
    assertThat(told.get("firstGrowthOn").asString()).isEqualTo("2027-04-09");
    assertThat(house.page(plant).get("outcomes")).hasSize(1);
  }

  @Test
  void nonsenseIsNamed() {
    String plant = repotted();
    assertThat(tell(plant, "{\"result\":\"TOOK_WELL\",\"heightMm\":0.2}").body())
        .contains("heightMm", "At least 1 cm.");
    assertThat(tell(plant, "{\"result\":\"TOOK_WELL\",\"leafLoss\":\"ALL\"}").body())
        .contains("leafLoss");
    assertThat(house.page(plant).get("outcomes")).isEmpty();
  }

  @Test
  void whoRetiresAPlantSaysHowItHadTakenItsRepot() {
    String plant = repotted();
    int version = house.page(plant).get("plant").get("version").asInt();
    assertThat(
            technician
                .put(
                    "/api/plants/" + plant + "/retired",
                    "{\"retiredOn\":\"2027-04-12\",\"reason\":\"It died.\",\"outcome\":\"LOST\"}",
                    "If-Match",
                    "\"" + version + "\"")
                .status())
        .isEqualTo(200);
    assertThat(outcome(plant).get("result").asString()).isEqualTo("LOST");
    String other = house.plant("Schefflera arboricola", 170, "OC-N" + plants + "Z");
    assertThat(
            technician
                .put(
                    "/api/plants/" + other + "/retired",
                    "{\"retiredOn\":\"2027-04-12\",\"reason\":\"It died.\",\"outcome\":\"LOST\"}",
                    "If-Match",
                    "\"1\"")
                .status())
        .as("one that was never repotted has nothing to tell")
        .isEqualTo(200);
    assertThat(house.page(other).get("outcomes")).isEmpty();
  }
}
