package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Water is logged where it is poured: one plant, or a whole stop. */
@ExtendWith(RunningServer.class)
class WateringsTest {
  private final Http planner;
  private final Http technician;

  WateringsTest(Http http) {
    planner = http.as("planner");
    technician = http.as("technician");
  }

  private JsonNode pours(String plant) {
    String site =
        technician.get("/api/plants/" + plant).json().get("plant").get("siteId").asString();
    return technician.get("/api/sites/" + site + "/pours").json();
  }

  private static JsonNode of(JsonNode pours, String plant) {
    return pours
        .valueStream()
        .filter(pour -> pour.get("plantId").asString().equals(plant))
        .findFirst()
        .orElseThrow();
  }

  private static String together(String id, String first, String second) {
    return """
        {"id":"%s","wateredOn":"2027-04-12","waterings":[
          {"id":"%s","plantId":"%s","litres":0.4},{"id":"%s","plantId":"%s","litres":0.9}]}"""
        .formatted(id, UUID.randomUUID(), first, UUID.randomUUID(), second);
  }

  @Test
  void eachPlantIsOfferedWhatItGotLastOrWhatTheModelReckons() {
    House house = new House(planner, "Water one");
    String fig = house.plant("Ficus elastica", 184, "WA-1");
    String fern = house.plant("Nephrolepis exaltata", 150, "WA-2");
    assertThat(of(pours(fig), fig).get("logged").asBoolean()).isFalse();
    double reckoned = of(pours(fig), fig).get("litres").asDouble();
    assertThat(reckoned).isBetween(0.1, 1.5);
    assertThat(
            technician
                .get("/api/plants/" + fig)
                .json()
                .get("advice")
                .get("water")
                .get("before")
                .get("litres")
                .asDouble())
        .isCloseTo(reckoned, within(1e-6));

    technician.put(
        "/api/waterings/" + UUID.randomUUID(),
        "{\"plantId\":\"%s\",\"wateredOn\":\"2027-04-10\",\"litres\":0.35}".formatted(fig));

    assertThat(of(pours(fig), fig).get("litres").asDouble()).isEqualTo(0.35);
    assertThat(of(pours(fig), fig).get("logged").asBoolean()).isTrue();
    assertThat(of(pours(fern), fern).get("lastOn").isNull()).isTrue();
  }

  @Test
  void aWholeStopIsWateredOnceAndTakenBack() {
    House house = new House(planner, "Water two");
    String fig = house.plant("Ficus elastica", 184, "WB-1");
    String palm = house.plant("Howea forsteriana", 230, "WB-2");
    String request = together(UUID.randomUUID().toString(), fig, palm);

    assertThat(technician.post("/api/waterings/together", request).status()).isEqualTo(204);
    assertThat(technician.post("/api/waterings/together", request).status()).isEqualTo(204);

    JsonNode logged = technician.get("/api/plants/" + palm).json().get("waterings");
    assertThat(logged).hasSize(1);
    assertThat(logged.get(0).get("litres").asDouble()).isEqualTo(0.9);
    String undo = "{\"wateringIds\":[\"" + logged.get(0).get("id").asString() + "\"]}";
    assertThat(technician.post("/api/waterings/undo", undo).status()).isEqualTo(204);
    assertThat(technician.post("/api/waterings/undo", undo).status()).isEqualTo(404);
    assertThat(technician.get("/api/plants/" + palm).json().get("waterings")).isEmpty();
    assertThat(technician.get("/api/plants/" + palm).body()).contains("taken back: 0.9 L");
    assertThat(technician.get("/api/plants/" + fig).json().get("waterings")).hasSize(1);
  }

  @Test
  void allAreLoggedOrNone() {
    House house = new House(planner, "Water three");
    String fig = house.plant("Ficus elastica", 184, "WC-1");
    String request = together(UUID.randomUUID().toString(), fig, UUID.randomUUID().toString());

    Http.Answer refused = technician.post("/api/waterings/together", request);

    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body()).contains("waterings[1].plantId");
    assertThat(technician.get("/api/plants/" + fig).json().get("waterings")).isEmpty();
    assertThat(
            technician
                .post("/api/waterings/together", request.replace("2027-04-12", "2027-04-30"))
                .body())
        .contains("future");
  }

  @Test
  void aPlantWhoseRootsRotIsNotToBeWateredOnTheRound() {
    House house = new House(planner, "A hall to water");
    String rotting = house.plant("Ficus elastica", 184, "WD-1");
    String sound = house.plant("Ficus elastica", 184, "WD-2");
    house.check(rotting, "2027-04-12T08:20:00Z", "{\"code\":\"ROOTS_ROTTEN\",\"value\":0.3}");
    JsonNode stop =
        technician
            .get("/api/round?date=2027-04-17")
            .json()
            .get("stops")
            .valueStream()
            .filter(s -> s.toString().contains("WD-1"))
            .findFirst()
            .orElseThrow();

    stop.get("plants")
        .forEach(
            line -> {
              boolean dry = line.get("plant").get("id").asString().equals(rotting);
              assertThat(line.get("keepDry").isNull()).isEqualTo(!dry);
            });
    assertThat(stop.toString()).contains(sound, "no water until it is on the bench");
  }
}
