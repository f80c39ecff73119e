package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** The team reads and edits the species book, and sees what an edit changes before it is saved. */
@ExtendWith(RunningServer.class)
class SpeciesBookEndpointTest {
  private static final ObjectMapper JSON = new ObjectMapper();
  private final Http planner;

  SpeciesBookEndpointTest(Http http) {
    planner = http.as("planner");
  }

  private static String path(String name) {
    return "/api/species/" + name.replace(" ", "%20");
  }

  /** The cells of an entry with some of them changed. */
  private String entry(String name, String... changes) {
    List<String> cells = new ArrayList<>();
    for (JsonNode cell : planner.get(path(name)).json().get("cells")) {
      String text = cell.get("text").asString();
      for (int i = 0; i < changes.length; i += 2) {
        text = changes[i].equals(cell.get("key").asString()) ? changes[i + 1] : text;
      }
      cells.add(
          "{\"key\":\"%s\",\"text\":%s}"
              .formatted(cell.get("key").asString(), JSON.writeValueAsString(text)));
    }
    return "{\"cells\":[" + String.join(",", cells) + "]}";
  }

  @Test
  void anEntryReadsAsAPageAndIsFoundByAnyName() {
    JsonNode page = planner.get("/api/species/Heptapleurum%20arboricola").json();
    assertThat(page.get("name").asString()).isEqualTo("Schefflera arboricola");
    assertThat(page.get("origin").asString()).isEqualTo("SHIPPED");
    assertThat(page.get("passages")).hasSize(6);
    assertThat(planner.get("/api/species?search=snake%20plant").json().toString())
        .contains("Dracaena trifasciata");
    assertThat(planner.get("/api/species/Nothing").status()).isEqualTo(404);
  }

  @Test
  void anEditShowsWhichCallsItChangesThenChangesThemAndIsReset() {
    House house = new House(planner, "Edited");
    String plant = house.measured("Cordyline fruticosa", 200, 900, "ED-1");
    house.check(
        plant,
        "2027-04-12T08:00:00Z",
        "{\"code\":\"ROOTS_CIRCLING\",\"grade\":\"CLEAR\"},{\"code\":\"BALL_SOLID\"}");
    String before = action(house.page(plant));
    assertThat(before).isEqualTo("POT_UP");

    String edited = entry("Cordyline fruticosa", "matureHeightMm", "100", "rootLimit", "0.33");
    JsonNode effect = planner.post("/api/species-effect", edited).json();
    assertThat(effect.get("inCare").asInt()).isEqualTo(1);
    assertThat(effect.get("asked").asInt()).isEqualTo(1);
    assertThat(effect.get("changed").asInt()).isEqualTo(1);
    assertThat(effect.get("changes").get(0).get("label").asString()).isEqualTo("ED-1");
    assertThat(effect.get("changes").get(0).get("actionAfter").asString())
        .isEqualTo("ROOT_PRUNE_SAME_POT");
    assertThat(action(house.page(plant))).as("only asked").isEqualTo(before);

    Http.Answer saved = planner.put(path("Cordyline fruticosa"), edited, "If-Match", "\"0\"");
    assertThat(saved.json().get("origin").asString()).isEqualTo("EDITED");
    assertThat(saved.json().get("changed").toString()).contains("matureHeightMm");
    assertThat(action(house.page(plant))).isEqualTo("ROOT_PRUNE_SAME_POT");
    assertThat(house.page(plant).get("advice").get("bookVersion").asString()).startsWith("team-");
    Http.Answer again = planner.put(path("Cordyline fruticosa"), edited, "If-Match", "\"0\"");
    assertThat(again.json().get("version")).as("sent twice").isEqualTo(saved.json().get("version"));
    String other = entry("Cordyline fruticosa", "matureHeightMm", "900", "rootLimit", "0.33");
    Http.Answer stale = planner.put(path("Cordyline fruticosa"), other, "If-Match", "\"0\"");
    assertThat(stale.status()).as("of an older version").isEqualTo(412);
    assertThat(stale.body()).contains("matureHeightMm").doesNotContain("rootLimit");

    assertThat(
            planner
                .get(path("Cordyline fruticosa") + "/reset-effect")
                .json()
                .get("changed")
                .asInt())
        .isEqualTo(1);
    assertThat(planner.delete(path("Cordyline fruticosa")).status()).isEqualTo(204);
    assertThat(action(house.page(plant))).isEqualTo(before);
  }

  private static String action(JsonNode page) {
    return page.get("advice").get("call").get("action").asString();
  }

  @Test
  void wrongCellsAreNamedAllAtOnce() {
    String wrong = entry("Ficus elastica", "refill", "WET", "monthsFrom", "x", "remarks", "");
    assertThat(
            planner
                .put(path("Ficus elastica"), wrong, "If-Match", "\"0\"")
                .json()
                .get("errors")
                .findValuesAsString("field"))
        .containsExactlyInAnyOrder("refill", "monthsFrom", "remarks");
    String taken = entry("Ficus elastica", "commonNames", "Fiddle-leaf fig");
    assertThat(planner.post("/api/species-effect", taken).body()).contains("Another entry has");
  }

  @Test
  void theBookComesBackAsItWentOutInBothFormats() {
    for (String format : new String[] {"CSV", "JSON"}) {
      String out = planner.get("/api/species-export?format=" + format).body();
      JsonNode view =
          planner
              .post(
                  "/api/species-import",
                  "{\"format\":\"%s\",\"text\":%s,\"save\":false}"
                      .formatted(format, JSON.writeValueAsString(out)))
              .json();
      assertThat(view.get("rows").size()).as(format).isGreaterThanOrEqualTo(100);
      assertThat(view.get("rows").findValuesAsString("isNew")).doesNotContain("true");
      assertThat(view.get("rows").toString()).doesNotContain("\"message\"");
      assertThat(view.get("effect").get("asked").asInt()).as("nothing differs").isZero();
    }
  }

  @Test
  void anAddedKindCanBeReadInUsedAndRemovedOnlyWhenNoPlantIsOfIt() {
    String text =
        "name,group,remarks,refill\nFicus exportata,FIG,Read in for a test.,HALF_DRY\n,FIG,x,WET";
    String body = "{\"format\":\"CSV\",\"text\":%s,\"save\":true}";
    JsonNode refused =
        planner.post("/api/species-import", body.formatted(JSON.writeValueAsString(text))).json();
    assertThat(refused.get("saved").asBoolean()).isFalse();
    assertThat(refused.get("rows").get(1).get("faults").findValuesAsString("field"))
        .containsExactlyInAnyOrder("name", "refill");

    String good = text.substring(0, text.lastIndexOf('\n'));
    JsonNode saved =
        planner.post("/api/species-import", body.formatted(JSON.writeValueAsString(good))).json();
    assertThat(saved.get("saved").asBoolean()).isTrue();
    House house = new House(planner, "Added");
    String plant = house.plant("Ficus exportata", 200, "AD-1");
    assertThat(planner.delete(path("Ficus exportata")).status()).isEqualTo(409);
    planner.put(
        "/api/plants/" + plant + "/retired",
        "{\"retiredOn\":\"2027-04-12\",\"reason\":\"x\"}",
        "If-Match",
        "\"1\"");
    assertThat(planner.delete(path("Ficus exportata")).status()).isEqualTo(204);
    assertThat(planner.get(path("Ficus exportata")).status()).isEqualTo(404);
  }
}
