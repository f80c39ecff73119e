package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Ingredients and mixes as a team edits and measures them. Each test puts back what it changed. */
@ExtendWith(RunningServer.class)
class MixBookTest {
  private static final ObjectMapper JSON = new ObjectMapper();
  private final Http planner;
  private final Http technician;

  MixBookTest(Http http) {
    planner = http.as("planner");
    technician = http.as("technician");
  }

  private JsonNode page(String kind, String code) {
    Http.Answer answer = technician.get("/api/media/" + kind + "/" + code);
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json();
  }

  /** The cells of a page with some of them changed, as a form sends them. */
  private static String cells(JsonNode page, String... changed) {
    ArrayNode cells = JSON.createArrayNode();
    for (JsonNode cell : page.get("cells")) {
      ObjectNode own = cells.addObject();
      own.put("key", cell.get("key").asString());
      own.put("text", cell.get("text").asString());
      for (int i = 0; i < changed.length; i += 2) {
        if (changed[i].equals(cell.get("key").asString())) {
          own.put("text", changed[i + 1]);
        }
      }
    }
    return "{\"cells\":" + cells + "}";
  }

  private double air(String mix) {
    for (JsonNode each : technician.get("/api/mixes?topMm=170").json().get("mixes")) {
      if (each.get("code").asString().equals(mix)) {
        return each.get("airFilled").asDouble();
      }
    }
    throw new AssertionError("no " + mix);
  }

  /** A plant of its own in a mix that holds perlite. */
  private String fern() {
    House house = new House(planner, "Measured " + UUID.randomUUID());
    String label = "MB" + UUID.randomUUID().toString().substring(0, 6).toUpperCase(Locale.ROOT);
    return house.plant("Nephrolepis exaltata", 170, label);
  }

  @Test
  void measuringOneIngredientChangesTheAdviceOfThePlantsThatUseIt() {
    String plant = fern();
    JsonNode before = technician.get("/api/plants/" + plant).json().get("advice").get("water");
    double airBefore = air("moisture");
    JsonNode page = page("INGREDIENT", "COIR");
    String finer = cells(page, "alphaPerCm", "0.06", "saturated", "0.94", "measured", "yes");
    // told before it is saved
    JsonNode effect = planner.post("/api/media-effect/INGREDIENT", finer).json();
    assertThat(effect.get("faults")).isEmpty();
    assertThat(effect.get("changed").asInt()).isPositive();
    boolean told = false;
    for (JsonNode change : effect.get("changes")) {
      told |= change.get("differences").size() > 0;
    }
    assertThat(told).isTrue();
    Http.Answer saved =
        planner.put(
            "/api/media/INGREDIENT/COIR",
            finer,
            "If-Match",
            "\"" + page.get("version").asInt() + "\"");
    assertThat(saved.status()).as(saved.body()).isEqualTo(200);
    try {
      assertThat(saved.json().get("origin").asString()).isEqualTo("EDITED");
      assertThat(air("moisture")).isLessThan(airBefore - 0.02);
      JsonNode after = technician.get("/api/plants/" + plant).json().get("advice").get("water");
      assertThat(after).isNotEqualTo(before);
      // an older form is told what is different meanwhile
      Http.Answer stale =
          planner.put(
              "/api/media/INGREDIENT/COIR", cells(page, "remark", "Mine"), "If-Match", "\"0\"");
      assertThat(stale.status()).isEqualTo(412);
      assertThat(stale.json().get("changes").toString()).contains("alphaPerCm");
    } finally {
      assertThat(planner.delete("/api/media/INGREDIENT/COIR").status()).isEqualTo(204);
    }
    assertThat(air("moisture")).isCloseTo(airBefore, within(1e-9));
  }

  @Test
  void aBucketTestSpeaksForItsRecipeUntilThatChanges() {
    double before = air("pelargonium");
    UUID id = UUID.randomUUID();
    // 3.64 L of vessel: 55 % water, 12 % air
    String test =
        """
        {"topMm":180,"baseMm":140,"heightMm":180,"dryG":1500,"wetG":3500,"drainedLitres":0.437,
         "drainedMinutes":60,"note":""}""";
    Http.Answer kept = technician.put("/api/media/MIX/pelargonium/tests/" + id, test);
    assertThat(kept.status()).as(kept.body()).isEqualTo(200);
    assertThat(technician.put("/api/media/MIX/pelargonium/tests/" + id, test).status())
        .isEqualTo(200);
    JsonNode page = page("MIX", "pelargonium");
    assertThat(page.get("tests")).hasSize(1);
    JsonNode fit = page.get("fit");
    assertThat(fit.get("measuredAir").asDouble()).isCloseTo(0.12, within(0.002));
    assertThat(fit.get("estimatedAir").asDouble()).isGreaterThan(0.12);
    double measured = air("pelargonium");
    assertThat(measured).isLessThan(before - 0.02);
    // another recipe is another mix: the test does not count for it
    Http.Answer edited =
        planner.put(
            "/api/media/MIX/pelargonium",
            cells(page, "recipe", "COMPOST 4;GRIT 1;PERLITE 3"),
            "If-Match",
            "\"0\"");
    assertThat(edited.status()).as(edited.body()).isEqualTo(200);
    assertThat(edited.json().get("fit").isNull()).isTrue();
    assertThat(edited.json().get("tests").get(0).get("counts").asBoolean()).isFalse();
    assertThat(planner.delete("/api/media/MIX/pelargonium").status()).isEqualTo(204);
    assertThat(air("pelargonium")).isCloseTo(measured, within(1e-9));
    // and one that went wrong counts no more
    assertThat(technician.delete("/api/media/MIX/pelargonium/tests/" + id).status()).isEqualTo(200);
    assertThat(air("pelargonium")).isCloseTo(before, within(1e-9));
  }

  @Test
  void weightsThatCannotBeAreRefused() {
    String path = "/api/media/MIX/foliage/tests/" + UUID.randomUUID();
    Http.Answer lighter =
        technician.put(
            path,
            """
            {"topMm":180,"baseMm":140,"heightMm":180,"dryG":1500,"wetG":1400,"drainedLitres":0.4,
             "drainedMinutes":60,"note":""}""");
    assertThat(lighter.status()).isEqualTo(400);
    assertThat(lighter.body()).contains("wetG");
    Http.Answer overfull =
        technician.put(
            path,
            """
            {"topMm":180,"baseMm":140,"heightMm":180,"dryG":1500,"wetG":4500,"drainedLitres":1.4,
             "drainedMinutes":60,"note":""}""");
    assertThat(overfull.status()).isEqualTo(400);
    assertThat(overfull.body()).contains("measure again");
    assertThat(page("MIX", "foliage").get("tests")).isEmpty();
  }

  @Test
  void aMixOfTheTeamCanBeAddedWantedAndRemoved() {
    String code = "ours-" + UUID.randomUUID().toString().substring(0, 8);
    String cells =
        """
        {"cells":[{"key":"code","text":"%s"},{"key":"label","text":"Our mix"},
         {"key":"recipe","text":"COIR 2;PUMICE 1"},{"key":"lifeMonths","text":"30"},
         {"key":"charged","text":"no"},{"key":"reservoir","text":"no"},
         {"key":"reason","text":"Two to one."}]}"""
            .formatted(code);
    Http.Answer added = planner.put("/api/media/MIX/" + code, cells, "If-Match", "\"0\"");
    assertThat(added.status()).as(added.body()).isEqualTo(200);
    assertThat(added.json().get("origin").asString()).isEqualTo("ADDED");
    // a species that wants it keeps it from going
    JsonNode aloe = planner.get("/api/species/Aloe%20vera").json();
    Http.Answer wants =
        planner.put(
            "/api/species/Aloe%20vera",
            cells(aloe, "bestMix", code), "If-Match", "\"" + aloe.get("version").asInt() + "\"");
    assertThat(wants.status()).as(wants.body()).isEqualTo(200);
    assertThat(planner.delete("/api/media/MIX/" + code).status()).isEqualTo(409);
    assertThat(planner.delete("/api/species/Aloe%20vera").status()).isEqualTo(204);
    assertThat(planner.delete("/api/media/MIX/" + code).status()).isEqualTo(204);
    assertThat(technician.get("/api/media/MIX/" + code).status()).isEqualTo(404);
  }

  @Test
  void faultsNameTheirColumn() {
    JsonNode page = page("INGREDIENT", "PERLITE");
    Http.Answer wrong =
        planner.put(
            "/api/media/INGREDIENT/PERLITE",
            cells(page, "n", "0.5", "saturated", "7", "dust", "perhaps"),
            "If-Match",
            "\"0\"");
    assertThat(wrong.status()).isEqualTo(400);
    assertThat(wrong.json().get("errors").findValuesAsString("field"))
        .contains("n", "saturated", "dust");
    Http.Answer moved =
        planner.put(
            "/api/media/INGREDIENT/PERLITE", cells(page, "code", "OTHER"), "If-Match", "\"0\"");
    assertThat(moved.status()).isEqualTo(400);
    assertThat(planner.get("/api/media/INGREDIENT/MUD").status()).isEqualTo(404);
  }

  @Test
  void whatIsSavedCanBeReadIn() {
    for (String kind : new String[] {"INGREDIENT", "MIX"}) {
      for (String format : new String[] {"CSV", "JSON"}) {
        String text = technician.get("/api/media-export?kind=" + kind + "&format=" + format).body();
        JsonNode view =
            planner
                .post(
                    "/api/media-import",
                    "{\"kind\":\"%s\",\"format\":\"%s\",\"text\":%s,\"save\":false}"
                        .formatted(kind, format, JSON.writeValueAsString(text)))
                .json();
        assertThat(view.get("faults")).as(kind + format).isEmpty();
        assertThat(view.get("rows").size()).isGreaterThanOrEqualTo(13);
        for (JsonNode row : view.get("rows")) {
          assertThat(row.get("faults")).as(row.toString()).isEmpty();
          assertThat(row.get("isNew").asBoolean()).isFalse();
        }
        assertThat(view.get("effect").get("asked").asInt()).as("nothing differs").isZero();
      }
    }
    JsonNode wrong =
        planner
            .post(
                "/api/media-import",
                "{\"kind\":\"MIX\",\"format\":\"CSV\",\"text\":\"code,label,recipe\\nnew-one,New,MUD 1\",\"save\":true}")
            .json();
    assertThat(wrong.get("saved").asBoolean()).isFalse();
    assertThat(wrong.get("rows").get(0).get("faults").toString()).contains("recipe");
  }

  @Test
  void substitutesAreReckonedInThePot() {
    JsonNode all =
        technician.get("/api/mixes/succulent/substitutes?topMm=170&species=Aloe%20vera").json();
    assertThat(all.findValuesAsString("missing")).contains("PUMICE", "GRIT");
    for (JsonNode one : all) {
      assertThat(one.get("missing").asString()).isNotEqualTo(one.get("instead").asString());
      assertThat(one.get("airFilled").asDouble()).isBetween(0.02, 0.8);
      assertThat(one.get("fit").isNull()).isFalse();
    }
    assertThat(technician.get("/api/mixes/mud/substitutes?topMm=170").status()).isEqualTo(404);
  }

  @Test
  void howAnIngredientIsBoughtIsKeptForBothWhoEditIt() {
    JsonNode before = item("LAVA");
    String request = "{\"bagLitres\":18,\"bagCents\":1234,\"supplier\":\"Harrow Stone\"}";
    Http.Answer saved =
        planner.put(
            "/api/mix-room/items/LAVA",
            request,
            "If-Match",
            "\"" + before.get("version").asInt() + "\"");
    assertThat(saved.status()).as(saved.body()).isEqualTo(200);
    assertThat(item("LAVA").get("bagCents").asInt()).isEqualTo(1234);
    Http.Answer stale =
        planner.put(
            "/api/mix-room/items/LAVA",
            request.replace("1234", "99"),
            "If-Match",
            "\"" + before.get("version").asInt() + "\"");
    assertThat(stale.status()).isEqualTo(412);
    assertThat(
            planner
                .put("/api/mix-room/items/LAVA", request.replace("18", "0.1"), "If-Match", "\"9\"")
                .status())
        .isEqualTo(400);
  }

  private JsonNode item(String code) {
    for (JsonNode item : technician.get("/api/mix-room").json().get("items")) {
      if (item.get("code").asString().equals(code)) {
        return item;
      }
    }
    throw new AssertionError("no " + code);
  }
}
