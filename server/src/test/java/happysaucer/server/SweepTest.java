package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What changes for all plants reaches their lists first, and then the work that is planned. */
@ExtendWith(RunningServer.class)
class SweepTest {
  private static final int MOST_TRIES = 600;
  private final Http planner;
  private final Season season;
  private final House house;

  SweepTest(Http http) {
    planner = http.as("planner");
    season = new Season(planner);
    house = new House(planner, "Sweep");
  }

  private void choose(String choice) {
    Http.Answer answer =
        planner.put(
            "/api/method",
            "{\"level\":\"CLIENT\",\"target\":\"%s\",\"key\":\"timing\",\"choice\":%s}"
                .formatted(house.client, choice));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
  }

  @AfterEach
  void asItWas() {
    choose("null");
  }

  private JsonNode listed() {
    return planner.get("/api/plants?client=" + house.client).json();
  }

  private void followed() throws InterruptedException {
    for (int i = 0; i < MOST_TRIES; i++) {
      if (listed().get("waiting").asInt() == 0
          && planner.get("/api/season").json().get("waiting").asInt() == 0) {
        return;
      }
      TimeUnit.MILLISECONDS.sleep(100);
    }
    throw new AssertionError("It is still being looked through: " + listed().get("waiting"));
  }

  @Test
  void aChoiceForAllPlantsChangesTheListAndPlansTheWork() throws Exception {
    house.enter(
        "spot,species,pot,last repotted,label\nDesk,Ficus lyrata,28 cm,2023-09-01,SWEEP-1", true);
    String plant = house.plants().get(0);
    followed();
    assertThat(listed().get("plants").get(0).get("saucer").asString()).isEqualTo("NOTHING_DUE");
    assertThat(season.jobs(plant, "REPOT")).isEmpty();

    choose("\"INTERVAL\"");
    followed();
    assertThat(listed().get("plants").get(0).get("saucer").asString())
        .as("as it is stored for lists")
        .isEqualTo("IN_WINDOW");
    assertThat(season.jobs(plant, "REPOT")).as("work that is planned").hasSize(1);

    choose("null");
    followed();
    assertThat(listed().get("plants").get(0).get("saucer").asString()).isEqualTo("NOTHING_DUE");
    assertThat(season.jobs(plant, "REPOT")).as("nobody asks for it any more").isEmpty();
  }
}
