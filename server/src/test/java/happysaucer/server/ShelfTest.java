package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Pots in stock, reserved by jobs. */
@ExtendWith(RunningServer.class)
class ShelfTest {
  private static final ObjectMapper JSON = new ObjectMapper();
  private static final String NOW = "2027-04-12T08:20:00Z";
  private final Http planner;
  private final Http technician;

  ShelfTest(Http http) {
    planner = http.as("planner");
    technician = http.as("technician");
  }

  private static String pot(String name, int topMm, int stock) {
    return """
        {"name":"%s","kind":"GROW","shape":"STANDARD","material":"PLASTIC","topMm":%d,"drainHoles":6,
         "inStock":%d,"lowAt":1,"priceCents":250,"note":""}"""
        .formatted(name, topMm, stock);
  }

  private String put(String name, int topMm, int stock) {
    String id = UUID.randomUUID().toString();
    Http.Answer answer = planner.put("/api/shelf/" + id, pot(name, topMm, stock));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return id;
  }

  private JsonNode item(String id) {
    for (JsonNode item : planner.get("/api/shelf").json().get("items")) {
      if (item.get("pot").get("id").asString().equals(id)) {
        return item;
      }
    }
    return null;
  }

  /** A crowded plant in a 19 cm pot, for which 23 cm will do. */
  private String crowded(House house, String label) {
    String plant = house.plant("Schefflera arboricola", 190, label);
    house.check(
        plant,
        NOW,
        "{\"code\":\"ROOTS_CIRCLING\",\"grade\":\"SEVERE\"},{\"code\":\"ROOTS_FROM_DRAIN_HOLES\",\"grade\":\"CLEAR\"}");
    return plant;
  }

  private Http.Answer schedule(String plant, String pot) {
    return planner.put(
        "/api/jobs/" + UUID.randomUUID(),
        "{\"plantId\":\"%s\",\"plannedOn\":\"2027-04-14\",\"potId\":\"%s\"}".formatted(plant, pot));
  }

  @Test
  void theLastPotIsReservedOnceHoweverManyAskAtTheSameMoment() {
    House house = new House(planner, "Race");
    for (int round = 0; round < 4; round++) {
      List<String> plants = new ArrayList<>();
      for (int i = 0; i < 4; i++) {
        plants.add(crowded(house, "RC-" + round + i));
      }
      String pot = put("Race " + round, 230, 1);
      List<Integer> statuses =
          plants.stream()
              .map(plant -> CompletableFuture.supplyAsync(() -> schedule(plant, pot).status()))
              .toList()
              .stream()
              .map(CompletableFuture::join)
              .sorted()
              .toList();
      assertThat(statuses).containsExactly(200, 409, 409, 409);
      assertThat(item(pot).get("free").asInt()).isZero();
      assertThat(item(pot).get("reservations")).hasSize(1);
    }
  }

  @Test
  void aReservedPotIsOfferedToNobodyElseAndIsFreeAgainWhenItsJobTakesAnother() {
    House house = new House(planner, "Reserve");
    String first = crowded(house, "SR-1");
    String second = crowded(house, "SR-2");
    String pot = put("Only one", 231, 1);
    String other = put("Another", 232, 2);
    JsonNode job = schedule(first, pot).json().get("job");
    assertThat(job.get("potName").asString()).isEqualTo("Only one");

    JsonNode fit = planner.get("/api/plants/" + second + "/fit").json();
    assertThat(ids(fit.get("advice").get("repot").get("candidates"))).doesNotContain(pot);
    assertThat(fit.get("taken").toString()).contains("Only one").contains("SR-1");
    assertThat(
            ids(
                planner
                    .get("/api/plants/" + first + "/fit")
                    .json()
                    .get("advice")
                    .get("repot")
                    .get("candidates")))
        .as("its own pot")
        .contains(pot);

    Http.Answer stale =
        planner.put(
            "/api/jobs/" + job.get("id").asString() + "/plan",
            "{\"potId\":\"%s\"}".formatted(other),
            "If-Match",
            "\"99\"");
    assertThat(stale.status()).isEqualTo(412);
    Http.Answer moved =
        planner.put(
            "/api/jobs/" + job.get("id").asString() + "/plan",
            "{\"potId\":\"%s\"}".formatted(other),
            "If-Match",
            "\"1\"");
    assertThat(moved.status()).as(moved.body()).isEqualTo(200);
    assertThat(item(pot).get("free").asInt()).isEqualTo(1);
    assertThat(item(other).get("free").asInt()).isEqualTo(1);
    assertThat(planner.delete("/api/jobs/" + job.get("id").asString()).status()).isEqualTo(200);
    assertThat(item(other).get("free").asInt()).isEqualTo(2);
  }

  private static List<String> ids(JsonNode candidates) {
    return candidates.findValuesAsString("id");
  }

  @Test
  void stockMovesOnceByItsIdAndNeverUnderWhatIsReserved() {
    House house = new House(planner, "Stock");
    String pot = put("Counted", 233, 2);
    assertThat(schedule(crowded(house, "ST-1"), pot).status()).isEqualTo(200);
    String move =
        "{\"id\":\"%s\",\"change\":3,\"reason\":\"Delivered\"}".formatted(UUID.randomUUID());
    planner.post("/api/shelf/" + pot + "/stock", move);
    planner.post("/api/shelf/" + pot + "/stock", move);
    assertThat(item(pot).get("pot").get("inStock").asInt()).isEqualTo(5);
    assertThat(moved(pot, -5).status()).isEqualTo(409);
    assertThat(moved(pot, -6).status()).isEqualTo(400);
    assertThat(moved(pot, -4).status()).isEqualTo(200);
    assertThat(item(pot).get("few").asBoolean()).isTrue();
    assertThat(planner.delete("/api/shelf/" + pot).status()).isEqualTo(409);
  }

  private Http.Answer moved(String pot, int change) {
    return planner.post(
        "/api/shelf/" + pot + "/stock",
        "{\"id\":\"%s\",\"change\":%d,\"reason\":\"Broken\"}".formatted(UUID.randomUUID(), change));
  }

  @Test
  void aPotIsEditedByVersionAndNonsenseIsToldAtItsField() {
    String pot = put("Edited", 180, 1);
    String edit = pot("Edited twice", 181, 1);
    assertThat(planner.put("/api/shelf/" + pot, edit, "If-Match", "\"1\"").status()).isEqualTo(200);
    assertThat(planner.put("/api/shelf/" + pot, edit, "If-Match", "\"1\"").status())
        .as("sent again over a bad line")
        .isEqualTo(200);
    Http.Answer stale =
        planner.put("/api/shelf/" + pot, edit.replace("twice", "late"), "If-Match", "\"1\"");
    assertThat(stale.status()).isEqualTo(412);
    assertThat(stale.json().get("changes").toString()).contains("Edited twice");
    Http.Answer wrong =
        planner.put(
            "/api/shelf/" + UUID.randomUUID(),
            """
            {"name":"Wrong","kind":"GROW","shape":"STANDARD","material":"PLASTIC","topMm":100,"baseMm":300,
             "heightMm":9000,"drainHoles":-1,"inStock":1,"lowAt":0,"note":""}""");
    assertThat(wrong.json().get("errors").findValuesAsString("field"))
        .containsExactlyInAnyOrder("baseMm", "heightMm", "drainHoles");
    assertThat(planner.delete("/api/shelf/" + pot).status()).isEqualTo(200);
    assertThat(item(pot)).isNull();
  }

  @Test
  void aCoverNamesTheGrowPotsThatStandInIt() {
    String grow = put("For the cover", 203, 1);
    String cover = UUID.randomUUID().toString();
    planner.put(
        "/api/shelf/" + cover,
        """
        {"name":"Cover of a test","kind":"COVER","shape":"STANDARD","material":"GLAZED","topMm":225,
         "baseMm":190,"heightMm":200,"drainHoles":0,"inStock":1,"lowAt":0,"note":""}""");
    assertThat(item(cover).get("fits").toString()).contains("For the cover");
    assertThat(item(grow).get("fits").toString()).contains("Cover of a test");
    assertThat(item(cover).get("fits").toString()).doesNotContain("Plastic 26 cm");
  }

  @Test
  void theShelfComesBackInAsItWentOut() {
    Http.Answer csv = planner.get("/api/shelf-export");
    assertThat(csv.raw().headers().firstValue("Content-Type").orElseThrow()).startsWith("text/csv");
    Http.Answer tried = imported(csv.body(), false);
    List<JsonNode> pots = new ArrayList<>();
    planner.get("/api/shelf").json().get("items").forEach(item -> pots.add(item.get("pot")));
    JsonNode rows = tried.json().get("rows");
    assertThat(rows).hasSize(pots.size());
    for (int i = 0; i < pots.size(); i++) {
      assertThat(rows.get(i).get("faults")).as(rows.get(i).toString()).isEmpty();
      for (String key : new String[] {"name", "kind", "shape", "inStock", "priceCents", "feet"}) {
        assertThat(rows.get(i).get("pot").get(key)).as(key).isEqualTo(pots.get(i).get(key));
      }
      assertThat(rows.get(i).get("pot").get("topMm").asDouble())
          .isEqualTo(pots.get(i).get("topMm").asDouble());
    }
  }

  private Http.Answer imported(String sheet, boolean save) {
    return planner.post(
        "/api/shelf-import",
        "{\"id\":\"%s\",\"sheet\":%s,\"save\":%s}"
            .formatted(UUID.randomUUID(), JSON.writeValueAsString(sheet), save));
  }

  @Test
  void aSheetTellsEveryFaultOfARowAndSavesNothingWhileOneHasAny() {
    int before = planner.get("/api/shelf").json().get("items").size();
    Http.Answer answer =
        imported(
            "name,top,shape,in stock,price\nFine,15 cm,,2,\n,x,HAT,-1,4.999\nToo wide base,10 cm,,1,",
            true);
    JsonNode rows = answer.json().get("rows");
    assertThat(answer.json().get("saved").asBoolean()).isFalse();
    assertThat(rows.get(0).get("faults")).isEmpty();
    assertThat(rows.get(1).get("faults").findValuesAsString("field"))
        .containsExactlyInAnyOrder("name", "top", "shape", "in stock", "price");
    assertThat(planner.get("/api/shelf").json().get("items")).hasSize(before);
    assertThat(imported("pot\nx", false).json().get("faults").toString()).contains("top");
  }

  @Test
  void aShelfStartsFromTradeSizes() {
    String body =
        "{\"id\":\"%s\",\"picks\":[{\"size\":\"terracotta-45\",\"count\":2}]}"
            .formatted(UUID.randomUUID());
    planner.post("/api/shelf-from-trade", body);
    JsonNode items = planner.post("/api/shelf-from-trade", body).json().get("items");
    List<String> names = items.findValuesAsString("name");
    assertThat(names.stream().filter("Terracotta 45 cm"::equals)).hasSize(1);
    assertThat(
            planner
                .post(
                    "/api/shelf-from-trade",
                    body.replace("terracotta-45", "tin")
                        .replaceFirst("\"id\":\"[^\"]*", "\"id\":\"" + UUID.randomUUID()))
                .status())
        .isEqualTo(400);
  }

  @Test
  void everyReasonForWhichAPotFailsIsToBeSeenInTheDemoAndEveryFreePotIsCompared() {
    Set<String> reasons = new HashSet<>();
    int compared = 0;
    for (JsonNode plant : planner.get("/api/plants").json().get("plants")) {
      JsonNode fit = planner.get("/api/plants/" + plant.get("id").asString() + "/fit").json();
      JsonNode plan = fit.get("advice").get("repot");
      if (plan.isNull() || plan.get("candidates").size() < 2) {
        continue;
      }
      compared++;
      for (JsonNode candidate : plan.get("candidates")) {
        candidate.get("failures").forEach(failure -> reasons.add(failure.get("code").asString()));
      }
    }
    assertThat(compared).isGreaterThan(5);
    assertThat(reasons)
        .containsExactlyInAnyOrder(
            "NO_HOLES", "CLEARANCE", "TOO_SHALLOW", "OVER_STEP", "UNRELEASABLE");
  }

  @Test
  void whatIfAnswersForAPotThatExistsNowhereEvenWhenItFails() {
    House house = new House(planner, "What if");
    String plant = crowded(house, "WI-1");
    String path = "/api/plants/" + plant + "/what-if";
    JsonNode narrow = technician.post(path, "{\"pot\":{\"topMm\":195}}").json().get("repot");
    JsonNode pot = narrow.get("candidates").get(0);
    assertThat(pot.get("rank").isNull()).isTrue();
    assertThat(pot.get("failures").toString()).contains("CLEARANCE");
    assertThat(pot.get("freshLitres").asDouble()).isPositive();
    JsonNode wide = technician.post(path, "{\"pot\":{\"topMm\":230}}").json().get("repot");
    assertThat(wide.get("candidates").get(0).get("rank").asInt()).isEqualTo(1);
    JsonNode clay =
        technician
            .post(
                path,
                "{\"pot\":{\"topMm\":230,\"material\":\"TERRACOTTA\"},\"wish\":{\"mix\":\"succulent\",\"baseSliceMm\":20}}")
            .json()
            .get("repot");
    assertThat(clay.get("candidates").get(0).get("pushN").asDouble())
        .isGreaterThan(wide.get("candidates").get(0).get("pushN").asDouble());
    assertThat(clay.get("mix").get("code").asString()).isEqualTo("succulent");
    assertThat(clay.get("rootWork").get("baseSliceMm").asDouble()).isEqualTo(20);
    assertThat(technician.post(path, "{\"pot\":{\"topMm\":5}}").json().get("errors").toString())
        .contains("candidates[0].topMm");
    assertThat(technician.post(path, "{\"potId\":\"gone\"}").json().get("errors").toString())
        .contains("There is no such pot any more");
  }

  @Test
  void aPotIsThoughtOfAlsoWhereThePlantStaysInItsOwn() {
    String hibiscus = planner.plantId("T-024");
    JsonNode plan =
        technician
            .post("/api/plants/" + hibiscus + "/what-if", "{\"pot\":{\"topMm\":240}}")
            .json()
            .get("repot");
    assertThat(ids(plan.get("candidates"))).containsExactly("what-if", "current");
    assertThat(plan.get("section").get("newPot").get("topMm").asDouble()).isEqualTo(240);
  }

  @Test
  void cutsBeyondTheLimitAreRefusedAndAnEdgeCaseWantsConfirming() {
    House house = new House(planner, "Cuts");
    String elm = house.plant("Ulmus parvifolia", 200, "CU-1");
    house.check(
        elm,
        NOW,
        "{\"code\":\"ROOTS_CIRCLING\",\"grade\":\"SEVERE\"},{\"code\":\"WATER_POOLS\",\"value\":130}");
    JsonNode call = house.page(elm).get("advice").get("call");
    String body =
        "{\"plantId\":\"%s\",\"plannedOn\":\"%s\",\"wish\":{\"baseSliceMm\":%d,\"sideShaveMm\":%d}%s}";
    String day = call.get("from").asString();
    Http.Answer over =
        planner.put("/api/jobs/" + UUID.randomUUID(), body.formatted(elm, day, 80, 40, ""));
    assertThat(over.json().get("errors").findValuesAsString("field")).containsExactly("wish");
    Http.Answer edge =
        planner.put("/api/jobs/" + UUID.randomUUID(), body.formatted(elm, day, 50, 12, ""));
    assertThat(edge.json().get("errors").findValuesAsString("field")).containsExactly("confirmed");
  }
}
