package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What is measured at a visit changes what the app knows of the plant. */
@ExtendWith(RunningServer.class)
class MeasuresTest {
  private final Http http;
  private String plant;

  MeasuresTest(Http http) {
    this.http = http.as("technician");
  }

  @BeforeEach
  void aPlant() {
    plant =
        new House(http, "Measured " + UUID.randomUUID())
            .plant("Ficus elastica", 230, "M" + UUID.randomUUID().toString().substring(0, 8));
  }

  private JsonNode view() {
    return http.get("/api/plants/" + plant).json();
  }

  private void check(String more) {
    String at = http.get("/api/session").json().get("now").asString();
    Http.Answer answer =
        http.put(
            "/api/checks/" + UUID.randomUUID(),
            "{\"plantId\":\"%s\",\"checkedAt\":\"%s\",%s}".formatted(plant, at, more));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
  }

  private Http.Answer measured(String taps) {
    return http.post(
        "/api/plants/" + plant + "/photo-measures",
        "{\"photoWidth\":1200,\"photoHeight\":1600,\"rimLeft\":{\"x\":500,\"y\":1300},"
            + "\"rimRight\":{\"x\":700,\"y\":1300},"
            + taps
            + "}");
  }

  @Test
  void aPhotoIsMeasuredByThePotOnRecord() {
    JsonNode read =
        measured(
                "\"top\":{\"x\":620,\"y\":300},\"left\":{\"x\":300,\"y\":600},"
                    + "\"right\":{\"x\":900,\"y\":640},\"foot\":{\"x\":600,\"y\":1290},"
                    + "\"tip\":{\"x\":700,\"y\":913}")
            .json();
    double rim = read.get("rimMm").asDouble();
    assertThat(rim).as("outside of a pot of 230 mm inside").isBetween(231.0, 250.0);
    assertThat(read.get("height").get("value").asDouble())
        .as("and the medium lies below the rim")
        .isCloseTo(rim * 5 + 20, within(0.2));
    assertThat(read.get("spread").get("value").asDouble()).isCloseTo(rim * 3, within(0.2));
    assertThat(read.get("lean").get("value").asDouble()).isCloseTo(14.9, within(0.1));
    assertThat(read.get("height").get("error").asDouble()).isBetween(40.0, 200.0);
    assertThat(read.get("width").isNull()).isTrue();
    assertThat(
            measured("\"rimMm\":300,\"top\":{\"x\":620,\"y\":300}")
                .json()
                .get("height")
                .get("value")
                .asDouble())
        .isCloseTo(1520, within(0.2));
  }

  @Test
  void tapsThatCannotBeAreNamed() {
    Http.Answer below = measured("\"top\":{\"x\":620,\"y\":1400}");
    assertThat(below.status()).isEqualTo(400);
    assertThat(below.body()).contains("\"field\":\"top\"", "below the rim");
    assertThat(measured("\"rimMm\":1,\"top\":{\"x\":1}").body()).contains("rimMm", "top.y");
    assertThat(
            http.post(
                    "/api/plants/" + UUID.randomUUID() + "/photo-measures",
                    "{\"photoWidth\":1200,\"photoHeight\":1600,\"rimLeft\":{\"x\":500,\"y\":1300},"
                        + "\"rimRight\":{\"x\":700,\"y\":1300}}")
                .status())
        .isEqualTo(404);
  }

  @Test
  void heightAndSpreadBecomeThePlantsOwnAndTheEstimateFollows() {
    double before = view().get("advice").get("water").get("before").get("daysToRefill").asDouble();
    check("\"signs\":[],\"heightMm\":2400,\"spreadMm\":1500");
    JsonNode after = view();
    assertThat(after.get("plant").get("heightMm").asDouble()).isEqualTo(2400);
    assertThat(after.get("plant").get("spreadMm").asDouble()).isEqualTo(1500);
    assertThat(after.get("checks").get(0).get("spreadMm").asDouble()).isEqualTo(1500);
    assertThat(after.get("advice").get("water").get("before").get("daysToRefill").asDouble())
        .as("more leaves drink the pot dry sooner")
        .isLessThan(before);
  }

  @Test
  void theSecondsOfAPourTheShareThatStaysAndTheScalesFeedTheEstimate() {
    String plain = view().get("advice").get("water").toString();
    check("\"signs\":[{\"code\":\"WATER_POOLS\",\"state\":\"PRESENT\",\"value\":180}]");
    String timed = view().get("advice").get("water").toString();
    assertThat(timed).as("soak-in").isNotEqualTo(plain);
    watered("2027-04-01", 1.0, 0.2);
    watered("2027-04-09", 1.0, 0.2);
    String kept = view().get("advice").get("water").get("before").toString();
    watered("2027-04-09", 1.0, 0.9);
    String shared = view().get("advice").get("water").toString();
    assertThat(view().get("advice").get("water").get("before").toString())
        .as("what stays of a pour")
        .isNotEqualTo(kept);
    check("\"signs\":[],\"weightG\":5200");
    assertThat(view().get("advice").get("water").toString()).as("weight").isNotEqualTo(shared);
  }

  private void watered(String on, double litres, double runOff) {
    assertThat(
            http.put(
                    "/api/waterings/" + UUID.randomUUID(),
                    "{\"plantId\":\"%s\",\"wateredOn\":\"%s\",\"litres\":%s,\"runOffLitres\":%s}"
                        .formatted(plant, on, litres, runOff))
                .status())
        .isEqualTo(204);
  }

  @Test
  void theShareThatStaysCountsAlsoWhereNoWateringIsOnRecord() {
    double before = days();
    check("\"signs\":[{\"code\":\"WATER_RUNS_THROUGH\",\"state\":\"PRESENT\",\"value\":0.3}]");
    assertThat(days()).as("a pour that runs through wets it less").isLessThan(before);
  }

  private double days() {
    return view().get("advice").get("water").get("before").get("daysToRefill").asDouble();
  }

  @Test
  void leanFeedsTheCall() {
    String before = view().get("advice").get("call").toString();
    check("\"signs\":[{\"code\":\"LEANS\",\"state\":\"PRESENT\",\"value\":27}]");
    JsonNode call = view().get("advice").get("call");
    assertThat(call.toString()).isNotEqualTo(before);
  }
}
