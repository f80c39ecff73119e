package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The nearest level that says something decides: plant, group, client, team. */
@ExtendWith(RunningServer.class)
class MethodLevelsTest {
  private final Http planner;

  MethodLevelsTest(Http http) {
    planner = http.as("planner");
  }

  private Http.Answer choose(String level, String target, String key, String choice) {
    return planner.put(
        "/api/method",
        "{\"level\":\"%s\",\"target\":\"%s\",\"key\":\"%s\",\"choice\":%s}"
            .formatted(level, target, key, choice == null ? "null" : "\"" + choice + "\""));
  }

  private static JsonNode chosen(JsonNode page, String key) {
    for (JsonNode choice : page.get("method").get("chosen")) {
      if (choice.get("key").asString().equals(key)) {
        return choice;
      }
    }
    return null;
  }

  @Test
  void theNearestLevelDecidesAndTheCallFollows() {
    House house = new House(planner, "Levels");
    house.enter(
        "spot,species,pot,last repotted,label\nDesk,Ficus lyrata,28 cm,2023-09-01,LV-1", true);
    String plant = house.plants().get(0);
    JsonNode standard = house.page(plant);
    assertThat(chosen(standard, "timing")).isNull();
    JsonNode turn = standard.get("method").get("turns").get(0);
    assertThat(turn.get("key").asString()).isEqualTo("timing");
    assertThat(turn.get("level").isNull()).isTrue();
    String other = turn.get("action").asString();

    JsonNode effect =
        planner
            .post(
                "/api/method/effect",
                "{\"plantId\":\"%s\",\"level\":\"CLIENT\",\"key\":\"timing\",\"choice\":\"INTERVAL\"}"
                    .formatted(plant))
            .json();
    assertThat(effect.get("differences").get(0).get("what").asString()).isEqualTo("Call");

    choose("CLIENT", house.client.toString(), "timing", "INTERVAL");
    JsonNode byClient = house.page(plant);
    assertThat(chosen(byClient, "timing").get("level").asString()).isEqualTo("CLIENT");
    assertThat(byClient.get("advice").get("call").get("action").asString()).isEqualTo(other);

    choose("PLANT", plant, "timing", "CONDITION");
    JsonNode byPlant = house.page(plant);
    assertThat(chosen(byPlant, "timing").get("level").asString()).isEqualTo("PLANT");
    assertThat(byPlant.get("advice").get("call").get("action"))
        .isEqualTo(standard.get("advice").get("call").get("action"));

    choose("PLANT", plant, "timing", null);
    choose("GROUP", "FIG", "timing", "CONDITION");
    assertThat(chosen(house.page(plant), "timing").get("level").asString()).isEqualTo("GROUP");
    choose("GROUP", "FIG", "timing", null);
    choose("CLIENT", house.client.toString(), "timing", null);
    assertThat(chosen(house.page(plant), "timing")).isNull();
  }

  @Test
  void aChoiceThatCannotBeMadeIsRefusedAtItsField() {
    assertThat(choose("TEAM", "", "timing", "SOMETIMES").body()).contains("\"choice\"");
    assertThat(choose("TEAM", "", "liftOneG", "heavy").body()).contains("between 5000 and 60000");
    assertThat(choose("TEAM", "x", "timing", "INTERVAL").body()).contains("\"target\"");
    assertThat(choose("GROUP", "TREES", "timing", "INTERVAL").body()).contains("\"target\"");
    assertThat(choose("CLIENT", "nobody", "timing", "INTERVAL").body()).contains("\"target\"");
    assertThat(choose("TEAM", "", "tea", "GREEN").body()).contains("\"key\"");
  }

  @Test
  void everyChoiceIsListedWithWhoMadeIt() {
    choose("GROUP", "HERB", "peat", "PEAT_FREE");
    JsonNode choices = planner.get("/api/method").json().get("choices");
    assertThat(choices.toString()).contains("\"HERB\"", "PEAT_FREE", "Odda Fennick");
    choose("GROUP", "HERB", "peat", null);
    assertThat(planner.get("/api/method").json().get("choices").toString())
        .doesNotContain("\"HERB\"");
  }
}
