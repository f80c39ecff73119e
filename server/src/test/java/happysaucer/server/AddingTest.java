package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A plant is entered where it stands. */
@ExtendWith(RunningServer.class)
class AddingTest {
  private final Http technician;
  private final String spot;

  AddingTest(Http http) {
    technician = http.as("technician");
    JsonNode sites = technician.get("/api/clients").json().get(0).get("sites");
    spot =
        technician
            .get("/api/sites/" + sites.get(0).get("id").asString())
            .json()
            .get("spots")
            .get(0)
            .get("id")
            .asString();
  }

  private static String request(String id, String kind, int count, String label) {
    return """
        {"id":"%s",%s,"count":%d,"label":%s,"potTopMm":190,"potShape":"STANDARD",
         "potMaterial":"PLASTIC","lastRepotted":null}"""
        .formatted(id, kind, count, label == null ? "null" : "\"" + label + "\"");
  }

  private Http.Answer add(String kind, int count, String label) {
    return technician.post(
        "/api/spots/" + spot + "/plants",
        request(UUID.randomUUID().toString(), kind, count, label));
  }

  private JsonNode plant(Http.Answer added) {
    assertThat(added.status()).as(added.body()).isEqualTo(200);
    return technician
        .get("/api/plants/" + added.json().get(0).get("id").asString())
        .json()
        .get("plant");
  }

  @Test
  void byAnyNameItIsTheKindOfTheBook() {
    JsonNode plant = plant(add("\"species\":\"fiddle leaf fig\"", 1, null));

    assertThat(plant.get("species").asString()).isEqualTo("Ficus lyrata");
    assertThat(plant.get("label").asString()).startsWith("P-");
    assertThat(plant.get("potTopMm").asDouble()).isEqualTo(190);
  }

  @Test
  void whoDoesNotKnowTheKindChoosesItsGroup() {
    JsonNode plant = plant(add("\"group\":\"PALM\"", 1, null));

    assertThat(plant.get("speciesGroup").asString()).isEqualTo("PALM");
    assertThat(plant.get("commonName").asString()).isEqualTo("Palms");
    assertThat(add("\"species\":\"Nowhere else\"", 1, null).body()).contains("\"group\"");
    assertThat(add("\"species\":null", 1, null).body()).contains("you do not know");
  }

  @Test
  void labelsRunOnAndLeaveOutWhatIsTaken() {
    add("\"species\":\"Ficus lyrata\"", 1, "AD-011");

    JsonNode row = add("\"species\":\"Ficus lyrata\"", 3, "AD-009").json();

    assertThat(row.valueStream().map(p -> p.get("label").asString()))
        .containsExactly("AD-009", "AD-010", "AD-012");
    assertThat(add("\"species\":\"Ficus lyrata\"", 1, "AD-010").body())
        .contains("Another plant has this label");
  }

  @Test
  void theSameSentTwiceIsEnteredOnce() {
    String request = request(UUID.randomUUID().toString(), "\"group\":\"FERN\"", 2, "AF-01");

    JsonNode first = technician.post("/api/spots/" + spot + "/plants", request).json();
    JsonNode again = technician.post("/api/spots/" + spot + "/plants", request).json();

    assertThat(again).isEqualTo(first).hasSize(2);
  }

  @Test
  void whatTheRulesRefuseIsSaidAtItsFieldAndNothingIsEntered() {
    String wide =
        request(UUID.randomUUID().toString(), "\"group\":\"FERN\"", 1, "AG-01")
            .replace("190", "9000")
            .replace("\"lastRepotted\":null", "\"lastRepotted\":\"2029-01-01\"");

    Http.Answer refused = technician.post("/api/spots/" + spot + "/plants", wide);

    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body()).contains("\"potTopMm\"").contains("\"lastRepotted\"");
    assertThat(technician.get("/api/plants?search=AG-01").json().get("plants")).isEmpty();
    assertThat(
            technician
                .post("/api/spots/" + UUID.randomUUID() + "/plants", wide.replace("9000", "190"))
                .status())
        .isEqualTo(404);
  }

  @Test
  void kindsAreSuggestedAndGroupsToldApart() {
    JsonNode kinds = technician.get("/api/kinds?text=fidel%20leaf").json();
    assertThat(kinds.get(0).get("species").asString()).isEqualTo("Ficus lyrata");
    JsonNode groups = technician.get("/api/kinds/groups").json();
    assertThat(groups).hasSize(30);
    assertThat(groups.valueStream().map(g -> g.get("looks").asString())).doesNotHaveDuplicates();
  }
}
