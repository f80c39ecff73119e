package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.server.qr.LabelCode;
import happysaucer.server.qr.LabelKind;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A plant that was entered twice, and one whose kind was not known at first. */
@ExtendWith(RunningServer.class)
class MergingTest {
  private final Http http;
  private House house;
  private String stays;
  private String ends;

  MergingTest(Http http) {
    this.http = http.as("technician");
  }

  @BeforeEach
  void twoEntries() {
    house = new House(http, "Twice " + UUID.randomUUID());
    String stem = UUID.randomUUID().toString().substring(0, 7);
    stays = house.plant("Ficus elastica", 190, "A" + stem);
    ends = house.plant("Ficus elastica", 230, "B" + stem);
  }

  private JsonNode view(String plant) {
    return http.get("/api/plants/" + plant).json();
  }

  private int version(String plant) {
    return view(plant).get("plant").get("version").asInt();
  }

  private void logged(String plant) {
    String at = http.get("/api/session").json().get("now").asString();
    http.put(
        "/api/checks/" + UUID.randomUUID(),
        "{\"plantId\":\"%s\",\"checkedAt\":\"%s\",\"signs\":[],\"states\":[{\"code\":\"IN_BUD\"}],\"heightMm\":900}"
            .formatted(plant, at));
    http.put(
        "/api/waterings/" + UUID.randomUUID(),
        "{\"plantId\":\"%s\",\"wateredOn\":\"2027-04-01\",\"litres\":0.7}".formatted(plant));
  }

  private Http.Answer merge(String into, int version, String twin, int twinVersion) {
    return http.send(
        "POST",
        "/api/plants/" + into + "/merge",
        "{\"twinId\":\"%s\",\"twinVersion\":%d}".formatted(twin, twinVersion),
        "If-Match",
        "\"" + version + "\"");
  }

  @Test
  void whatWasLoggedAtEitherIsOnRecordAtTheOneThatStays() {
    logged(ends);
    JsonNode twin = http.get("/api/plants/" + ends + "/twin").json();
    assertThat(twin.get("counts").get("checks").asInt()).isEqualTo(1);
    assertThat(twin.get("counts").get("waterings").asInt()).isEqualTo(1);
    Http.Answer merged = merge(stays, version(stays), ends, version(ends));
    assertThat(merged.status()).as(merged.body()).isEqualTo(200);
    JsonNode one = merged.json();
    assertThat(one.get("checks")).hasSize(1);
    assertThat(one.get("waterings")).hasSize(1);
    assertThat(one.get("states").get(0).get("code").asString()).isEqualTo("IN_BUD");
    assertThat(one.get("plant").get("heightMm").asDouble())
        .as("only the other knew")
        .isEqualTo(900);
    assertThat(one.get("plant").get("potTopMm").asDouble()).as("its own pot").isEqualTo(190);
    assertThat(house.plants()).containsExactly(stays);
    assertThat(view(ends).get("plant").get("retiredOn").isNull()).isFalse();
    JsonNode found =
        http.get("/api/find?text=" + new LabelCode(LabelKind.PLANT, UUID.fromString(ends)).path())
            .json();
    assertThat(found.get(0).get("id").asString()).as("its old label").isEqualTo(stays);
  }

  @Test
  void aLabelLeadsOnThroughTwoMerges() {
    String third = house.plant("Ficus elastica", 150, "C" + System.nanoTime() % 1000000);
    assertThat(merge(ends, version(ends), third, version(third)).status()).isEqualTo(200);
    assertThat(merge(stays, version(stays), ends, version(ends)).status()).isEqualTo(200);
    assertThat(
            http.get(
                    "/api/find?text="
                        + new LabelCode(LabelKind.PLANT, UUID.fromString(third)).path())
                .json()
                .get(0)
                .get("id")
                .asString())
        .isEqualTo(stays);
  }

  @Test
  void nothingIsMergedThatSomebodyChangedMeanwhileOrThatIsNoSecondEntry() {
    assertThat(merge(stays, version(stays), ends, version(ends) - 1).status()).isEqualTo(412);
    assertThat(merge(stays, version(stays) - 1, ends, version(ends)).status()).isEqualTo(412);
    assertThat(view(ends).get("plant").get("retiredOn").isNull()).as("nothing was done").isTrue();
    assertThat(merge(stays, version(stays), stays, version(stays)).body()).contains("twinId");
    assertThat(merge(stays, version(stays), UUID.randomUUID().toString(), 1).status())
        .isEqualTo(404);
    merge(stays, version(stays), ends, version(ends));
    assertThat(merge(stays, version(stays), ends, version(ends)).status()).isEqualTo(400);
  }

  @Test
  void aPlantTurnsOutToBeAnotherKind() {
    JsonNode plant = view(stays).get("plant");
    String request =
        """
        {"species":"%s","group":%s,"commonName":"Corner tree","watererHabit":"EVEN","potShape":"STANDARD",
         "potMaterial":"PLASTIC","potTopMm":190,"potHoles":4,"inCoverPot":false,"note":""}""";
    Http.Answer kept =
        http.put(
            "/api/plants/" + stays,
            request.formatted("Nothing known here", "null"),
            "If-Match",
            "\"" + plant.get("version").asInt() + "\"");
    assertThat(kept.status()).isEqualTo(400);
    assertThat(kept.body()).contains("\"field\":\"group\"");
    Http.Answer named =
        http.put(
            "/api/plants/" + stays,
            request.formatted("Kentia palm", "null"),
            "If-Match",
            "\"" + plant.get("version").asInt() + "\"");
    assertThat(named.status()).as(named.body()).isEqualTo(200);
    assertThat(named.json().get("plant").get("species").asString()).isEqualTo("Howea forsteriana");
    Http.Answer unknown =
        http.put(
            "/api/plants/" + stays,
            request.replace("\"species\":\"%s\",", "").formatted("\"PALM\""),
            "If-Match",
            "\"" + named.json().get("plant").get("version").asInt() + "\"");
    assertThat(unknown.json().get("plant").get("speciesGroup").asString()).isEqualTo("PALM");
    assertThat(unknown.json().get("changes").get(1).get("what").asString())
        .contains("species: Ficus elastica -> Howea forsteriana");
  }
}
