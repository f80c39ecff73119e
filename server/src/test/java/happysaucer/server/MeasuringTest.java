package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Pots of every shape, measured by tape; nonsense is told at its field. */
@ExtendWith(RunningServer.class)
class MeasuringTest {
  private final Http planner;

  MeasuringTest(Http http) {
    planner = http.as("planner");
  }

  private Http.Answer measure(String plant, int version, String pot) {
    return planner.put(
        "/api/plants/" + plant,
        """
        {"commonName":"Measured","heightMm":600,"spreadMm":500,"sizeWish":"GROW","watererHabit":"EVEN",
         "fed":true,"lastRepotted":"2025-10-01","potMaterial":"PLASTIC","potHoles":4,"inCoverPot":false,
         "note":"",%s}"""
            .formatted(pot),
        "If-Match",
        "\"" + version + "\"");
  }

  @Test
  void aTroughKeepsItsDepthAndAnUrnItsMouth() {
    House house = new House(planner, "Measure");
    String plant = house.plant("Spathiphyllum wallisii", 300, "ME-1");
    Http.Answer trough =
        measure(
            plant,
            1,
            """
            "potShape":"TROUGH","potTopMm":800,"potBaseMm":760,"potHeightMm":200,
            "potTopDepthMm":200,"potBaseDepthMm":180""");
    assertThat(trough.status()).as(trough.body()).isEqualTo(200);
    JsonNode stored = trough.json().get("plant");
    assertThat(stored.get("potTopDepthMm").asDouble()).isEqualTo(200);
    double litresOfTrough =
        trough.json().get("advice").get("water").get("before").get("litres").asDouble();

    Http.Answer urn =
        measure(
            plant,
            2,
            "\"potShape\":\"URN\",\"potTopMm\":300,\"potBaseMm\":280,\"potHeightMm\":300,\"potMouthMm\":200");
    assertThat(urn.json().get("plant").get("potTopDepthMm").isNull()).isTrue();
    assertThat(urn.json().get("advice").get("slip").get("never").asBoolean()).isTrue();
    assertThat(urn.json().get("advice").get("water").get("before").get("litres").asDouble())
        .isNotEqualTo(litresOfTrough);
    assertThat(urn.json().get("changes").toString()).contains("potShape: TROUGH -> URN");
  }

  @Test
  void aCoverThatStaysIsKeptAndReckonedWithAndOneTooNarrowIsTold() {
    House house = new House(planner, "Covers");
    String plant = house.plant("Ficus elastica", 190, "ME-C");
    house.check(
        plant,
        "2027-04-12T08:20:00Z",
        "{\"code\":\"ROOTS_CIRCLING\",\"grade\":\"SEVERE\"},{\"code\":\"ROOTS_FROM_DRAIN_HOLES\",\"grade\":\"CLEAR\"}");
    String pot =
        """
        {"commonName":"Covered","heightMm":600,"spreadMm":500,"sizeWish":null,"watererHabit":"EVEN",
         "fed":true,"lastRepotted":"2025-10-01","potShape":"STANDARD","potMaterial":"PLASTIC","potTopMm":190,
         "potHoles":4,"inCoverPot":true,"coverTopMm":%s,"coverMassG":2500,"coverFixed":true,"note":""}""";
    Http.Answer narrow =
        planner.put("/api/plants/" + plant, pot.formatted(150), "If-Match", "\"1\"");
    assertThat(narrow.json().get("errors").findValuesAsString("field"))
        .containsExactly("coverTopMm");
    Http.Answer kept = planner.put("/api/plants/" + plant, pot.formatted(205), "If-Match", "\"1\"");
    assertThat(kept.status()).as(kept.body()).isEqualTo(200);
    assertThat(kept.json().get("plant").get("coverFixed").asBoolean()).isTrue();
    JsonNode call = kept.json().get("advice").get("call");
    assertThat(call.get("action").asString()).isEqualTo("ROOT_PRUNE_SAME_POT");
    assertThat(call.get("reasons").toString()).contains("cover pot");
  }

  @Test
  void aPotWeighedAtACheckTellsHowWetItIs() {
    House house = new House(planner, "Scales");
    String plant = house.measured("Ficus elastica", 190, 400, "ME-W");
    String check = java.util.UUID.randomUUID().toString();
    Http.Answer logged =
        planner.put(
            "/api/checks/" + check,
            "{\"plantId\":\"%s\",\"checkedAt\":\"2027-04-12T08:25:00Z\",\"weightG\":3300}"
                .formatted(plant));
    assertThat(logged.status()).as(logged.body()).isEqualTo(200);
    JsonNode now = logged.json().get("water").get("now");
    assertThat(now.get("share").asDouble()).isBetween(0.05, 1.0);
    assertThat(now.get("basis").asString()).startsWith("By its weight");
    assertThat(house.page(plant).get("checks").get(0).get("weightG").asDouble()).isEqualTo(3300);
    Http.Answer light =
        planner.put(
            "/api/checks/" + java.util.UUID.randomUUID(),
            "{\"plantId\":\"%s\",\"checkedAt\":\"2027-04-12T08:26:00Z\",\"weightG\":3}"
                .formatted(plant));
    assertThat(light.status()).isEqualTo(400);
    assertThat(light.json().get("errors").findValuesAsString("field")).containsExactly("weightG");
  }

  @Test
  void nonsenseIsToldAtItsField() {
    House house = new House(planner, "Nonsense");
    String plant = house.plant("Spathiphyllum wallisii", 300, "ME-2");
    assertThat(
            measure(
                    plant,
                    1,
                    "\"potShape\":\"STANDARD\",\"potTopMm\":100,\"potBaseMm\":300,\"potHeightMm\":100")
                .json()
                .get("errors")
                .findValuesAsString("field"))
        .containsExactly("potBaseMm");
    assertThat(
            measure(
                    plant,
                    1,
                    "\"potShape\":\"HAT\",\"potTopMm\":5,\"potBaseMm\":300,\"potHeightMm\":9000")
                .json()
                .get("errors")
                .findValuesAsString("field"))
        .containsExactlyInAnyOrder("potShape", "potTopMm", "potHeightMm");
  }

  @Test
  void aBallIsMeasuredAndReckonedWithUntilItIsTakenBack() {
    House house = new House(planner, "Ball");
    String plant = house.plant("Spathiphyllum wallisii", 300, "ME-3");
    String pot = "\"potShape\":\"STANDARD\",\"potTopMm\":300,\"potBaseMm\":230,\"potHeightMm\":280";
    assertThat(
            measure(plant, 1, pot + ",\"ball\":{\"topMm\":320,\"heightMm\":200}")
                .json()
                .get("errors")
                .findValuesAsString("field"))
        .containsExactly("ball.topMm");
    JsonNode measured =
        measure(plant, 1, pot + ",\"ball\":{\"topMm\":250,\"baseMm\":200,\"heightMm\":200}").json();
    assertThat(measured.get("plant").get("ballMeasuredOn").asString()).isEqualTo("2027-04-12");
    assertThat(measured.get("advice").get("present").get("ballBefore").get("topMm").asDouble())
        .isEqualTo(250);
    JsonNode without = measure(plant, 2, pot + ",\"potFeet\":3,\"potWireHoles\":2").json();
    assertThat(without.get("plant").get("ballMeasuredOn").isNull()).isTrue();
    assertThat(without.get("plant").get("potFeet").asInt()).isEqualTo(3);
    assertThat(without.get("advice").get("present").get("ballBefore").get("topMm").asDouble())
        .isGreaterThan(280);
  }

  @Test
  void troughsAndUrnsAreEnteredFromASheet() {
    House house = new House(planner, "Sheet shapes");
    Http.Answer wrong =
        house.enter(
            "spot,species,pot,shape,front to back,mouth\nDesk,Ficus elastica,80 cm,standard,20 cm,",
            true);
    assertThat(wrong.json().get("rows").get(0).get("faults").findValuesAsString("field"))
        .containsExactly("front to back");
    house.enter(
        "spot,species,pot,pot depth,shape,front to back,mouth,label\n"
            + "Desk,Ficus elastica,80 cm,20 cm,trough,20 cm,,SH-1\n"
            + "Desk,Ficus elastica,30 cm,33 cm,urn,,8 in,SH-2",
        true);
    for (String id : house.plants()) {
      JsonNode plant = house.page(id).get("plant");
      if (plant.get("label").asString().equals("SH-1")) {
        assertThat(plant.get("potTopDepthMm").asDouble()).isEqualTo(200);
      } else {
        assertThat(plant.get("potMouthMm").asDouble()).isEqualTo(203.2);
      }
    }
    assertThat(house.plants()).hasSize(2);
  }

  @Test
  void tradeSizesAreOfferedToPickFrom() {
    JsonNode sizes = planner.get("/api/catalogue").json().get("tradeSizes");
    assertThat(sizes.size()).isGreaterThanOrEqualTo(40);
    assertThat(sizes.get(0).get("topMm").asDouble()).isPositive();
  }
}
