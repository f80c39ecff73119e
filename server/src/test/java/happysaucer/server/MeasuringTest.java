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
  void tradeSizesAreOfferedToPickFrom() {
    JsonNode sizes = planner.get("/api/catalogue").json().get("tradeSizes");
    assertThat(sizes.size()).isGreaterThanOrEqualTo(40);
    assertThat(sizes.get(0).get("topMm").asDouble()).isPositive();
  }
}
