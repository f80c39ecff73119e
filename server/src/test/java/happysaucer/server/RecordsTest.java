package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Records as they come in life, with holes in them, never keep a plant from being advised on. */
@ExtendWith(RunningServer.class)
class RecordsTest {
  private final Http planner;

  RecordsTest(Http http) {
    planner = http.as("planner");
  }

  private void watered(String plant, String... days) {
    for (String day : days) {
      Http.Answer answer =
          planner.put(
              "/api/waterings/" + UUID.randomUUID(),
              "{\"plantId\":\"%s\",\"wateredOn\":\"%s\",\"litres\":0.8}".formatted(plant, day));
      assertThat(answer.status()).as(answer.body()).isEqualTo(204);
    }
  }

  @Test
  void aYearWithoutRecordsIsNoWateringIntervalAndTheRestStillCounts() {
    House house = new House(planner, "Records one");
    String plant = house.plant("Ficus elastica", 240, "RG-1");
    watered(plant, "2025-11-01", "2025-11-09", "2025-11-17", "2027-04-01", "2027-04-09");
    Http.Answer page = planner.get("/api/plants/" + plant);
    assertThat(page.status()).as(page.body()).isEqualTo(200);
    assertThat(planner.get("/api/plants/" + plant + "/fit").status()).isEqualTo(200);
    JsonNode advice = page.json().get("advice");
    assertThat(advice.get("call").get("action").asString()).isNotEmpty();
  }

  @Test
  void threeWateringsInThreeYearsAreNoHabit() {
    House house = new House(planner, "Records two");
    String plant = house.plant("Ficus elastica", 240, "RG-2");
    watered(plant, "2024-01-10", "2025-10-05", "2027-03-01");
    Http.Answer page = planner.get("/api/plants/" + plant);
    assertThat(page.status()).as(page.body()).isEqualTo(200);
    assertThat(page.json().get("waterLeft").isNull()).isTrue();
  }
}
