package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Mixes made for a crew's days: what is wanting, what is taken, and who got of it. */
@ExtendWith(RunningServer.class)
class BatchesTest {
  private static final ObjectMapper JSON = new ObjectMapper();
  private static final String CLEAR =
      "{\"code\":\"ROOTS_CIRCLING\",\"grade\":\"CLEAR\"},{\"code\":\"ROOTS_FROM_DRAIN_HOLES\",\"grade\":\"CLEAR\"}";

  private static int weeks;

  private final Http planner;
  private final Http technician;
  private final UUID crew = UUID.randomUUID();
  private House house;
  private LocalDate saturday;

  BatchesTest(Http http) {
    planner = http.as("planner");
    technician = http.as("technician");
  }

  /** A crew, pots and Saturdays of its own: the server is shared by all tests. */
  @BeforeEach
  void aCrewAndPots() {
    saturday = LocalDate.parse("2027-05-01").plusWeeks(weeks++);
    planner.put(
        "/api/crews/" + crew,
        """
        {"name":"Mix %s","vanLitres":900,"vanKg":900,"skills":["ROOT_CUTTING"],
         "people":[{"id":"%s","name":"Tamsin Orle"}],
         "hours":[{"weekday":6,"begins":"06:00","ends":"20:00"},{"weekday":7,"begins":"06:00","ends":"20:00"}]}"""
            .formatted(crew, UUID.randomUUID()));
    if (weeks == 1) {
      for (int top : List.of(185, 195, 205, 215)) {
        planner.put(
            "/api/shelf/" + UUID.randomUUID(),
            """
            {"name":"Batch %d %s","kind":"GROW","shape":"STANDARD","material":"PLASTIC","topMm":%d,
             "drainHoles":6,"inStock":90,"lowAt":0,"note":""}"""
                .formatted(top, UUID.randomUUID(), top));
      }
    }
    house = new House(planner, "Mix " + UUID.randomUUID());
  }

  private String planned(String species, LocalDate on) {
    String label = "B" + UUID.randomUUID().toString().substring(0, 6).toUpperCase(Locale.ROOT);
    String plant = house.plant(species, 170, label);
    house.check(plant, "2027-04-12T08:00:00Z", CLEAR);
    JsonNode job = repot(plant);
    Http.Answer moved =
        planner.put(
            "/api/season/jobs/" + job.get("id").asString() + "/place",
            "{\"on\":\"%s\",\"leadId\":\"%s\",\"pinned\":false}".formatted(on, crew),
            "If-Match",
            "\"" + job.get("version").asInt() + "\"");
    assertThat(moved.status()).as(moved.body()).isEqualTo(200);
    return plant;
  }

  private JsonNode repot(String plant) {
    return planner
        .get("/api/season")
        .json()
        .get("jobs")
        .valueStream()
        .filter(
            job ->
                job.get("plantId").asString().equals(plant)
                    && job.get("kind").asString().equals("REPOT"))
        .findFirst()
        .orElseThrow();
  }

  private void publish() {
    Http.Answer known = planner.post("/api/season/weeks/" + saturday + "/publish", null);
    assertThat(known.status()).as(known.body()).isEqualTo(200);
  }

  private String query(boolean reuse) {
    return "from=%s&to=%s&crewId=%s&reuse=%s"
        .formatted(saturday, saturday.plusDays(1), crew, reuse);
  }

  private JsonNode wanted(boolean reuse) {
    return technician.get("/api/batches/wanted?" + query(reuse)).json();
  }

  private static List<String> jobs(JsonNode plan) {
    List<String> ids = new ArrayList<>();
    plan.get("jobs").forEach(job -> ids.add(job.get("jobId").asString()));
    return ids;
  }

  private Http.Answer make(UUID id, List<String> jobs, boolean confirmed) {
    return technician.put(
        "/api/batches/" + id,
        """
        {"from":"%s","to":"%s","crewId":"%s","jobs":%s,"reuse":false,"confirmed":%s,"note":"Test"}"""
            .formatted(
                saturday, saturday.plusDays(1), crew, JSON.writeValueAsString(jobs), confirmed));
  }

  private Map<String, Double> stock(String kind) {
    Map<String, Double> stock = new HashMap<>();
    for (JsonNode item : technician.get("/api/mix-room").json().get("items")) {
      if (item.get("kind").asString().equals(kind) && !item.get("litres").isNull()) {
        stock.put(item.get("code").asString(), item.get("litres").asDouble());
      }
    }
    return stock;
  }

  private void count(String kind, String code, double litres) {
    Http.Answer counted =
        technician.post(
            "/api/mix-room/moves",
            """
            {"id":"%s","kind":"%s","code":"%s","why":"COUNTED","litres":%s,"lot":"","note":""}"""
                .formatted(UUID.randomUUID(), kind, code, litres));
    assertThat(counted.status()).as(counted.body()).isEqualTo(200);
  }

  private static final List<String> KINDS =
      List.of("Schefflera arboricola", "Nephrolepis exaltata", "Dracaena trifasciata");

  @Test
  void aBatchForAWeekOfTwelveRepotsIsWhatAHandReckons() {
    for (int i = 0; i < 12; i++) {
      planned(KINDS.get(i % 3), saturday);
    }
    publish();
    JsonNode plan = wanted(false);
    assertThat(plan.get("jobs")).hasSize(12);
    // by hand: the litres of each job's own needs, by mix
    Map<String, Double> byHand = new HashMap<>();
    for (String job : jobs(plan)) {
      for (JsonNode need :
          planner.get("/api/jobs/" + job).json().get("advice").get("repot").get("needs")) {
        if (need.get("kind").asString().equals("MIX")) {
          byHand.merge(need.get("code").asString(), need.get("amount").asDouble(), Double::sum);
        }
      }
    }
    Map<String, Double> ready = stock("MIX");
    assertThat(plan.get("mixes")).hasSize(byHand.size());
    for (JsonNode mix : plan.get("mixes")) {
      String code = mix.get("code").asString();
      double needed = byHand.get(code);
      assertThat(mix.get("neededLitres").asDouble()).as(code).isCloseTo(needed, within(1e-6));
      assertThat(mix.get("readyLitres").asDouble())
          .as(code)
          .isLessThanOrEqualTo(Math.max(0, ready.getOrDefault(code, 0.0)) + 1e-6);
      double toMix = needed - mix.get("readyLitres").asDouble();
      assertThat(mix.get("litres").asDouble()).as(code).isCloseTo(toMix, within(1e-6));
      assertThat(mix.get("measuredLitres").asDouble()).isBetween(toMix - 1e-6, toMix + 0.5);
      double parts = 0;
      for (JsonNode part : mix.get("parts")) {
        parts += part.get("litres").asDouble();
        double scoops = part.get("measuredLitres").asDouble() / mix.get("unitLitres").asDouble();
        assertThat(scoops).isCloseTo(Math.rint(scoops), within(1e-9));
        assertThat(Math.abs(part.get("share").asDouble() - part.get("measuredShare").asDouble()))
            .isLessThanOrEqualTo(mix.get("error").asDouble() + 1e-9);
      }
      assertThat(parts).as(code).isCloseTo(toMix, within(1e-6));
    }
    theLoadListOfTheDayAgrees(plan);
  }

  /** To the litre: what the van carries is what is mixed for. */
  private void theLoadListOfTheDayAgrees(JsonNode plan) {
    Map<String, Double> carried = new HashMap<>();
    JsonNode load = technician.get("/api/crews/" + crew + "/day?on=" + saturday).json().get("load");
    assertThat(load.get("without")).isEmpty();
    for (JsonNode line : load.get("mixes")) {
      carried.put(line.get("code").asString(), line.get("amount").asDouble());
    }
    Map<String, Double> batch = new HashMap<>();
    for (JsonNode mix : plan.get("mixes")) {
      batch.put(mix.get("code").asString(), mix.get("neededLitres").asDouble());
    }
    assertThat(batch.keySet()).isEqualTo(carried.keySet());
    batch.forEach(
        (code, litres) -> assertThat(litres).as(code).isCloseTo(carried.get(code), within(1e-6)));
  }

  @Test
  void itTakesItsIngredientsOnceAndStandsThereForItsJobs() {
    planned("Schefflera arboricola", saturday);
    planned("Schefflera arboricola", saturday);
    publish();
    JsonNode plan = wanted(false);
    JsonNode mix = plan.get("mixes").get(0);
    String code = mix.get("code").asString();
    for (JsonNode part : mix.get("parts")) {
      count("INGREDIENT", part.get("code").asString(), 200);
    }
    Map<String, Double> before = stock("INGREDIENT");
    double mixed = stock("MIX").getOrDefault(code, 0.0);
    UUID id = UUID.randomUUID();
    Http.Answer made = make(id, jobs(plan), false);
    assertThat(made.status()).as(made.body()).isEqualTo(200);
    assertThat(make(id, jobs(plan), false).status()).as("sent twice").isEqualTo(200);
    Map<String, Double> after = stock("INGREDIENT");
    for (JsonNode part : mix.get("parts")) {
      String ingredient = part.get("code").asString();
      assertThat(before.get(ingredient) - after.get(ingredient))
          .as(ingredient)
          .isCloseTo(part.get("measuredLitres").asDouble(), within(1e-6));
    }
    assertThat(stock("MIX").get(code))
        .isCloseTo(mixed + mix.get("measuredLitres").asDouble(), within(1e-6));
    assertThat(made.json().get("plants")).hasSize(2);
    // they are mixed for, and cannot be mixed for again
    JsonNode now = wanted(false);
    assertThat(now.get("mixes")).isEmpty();
    assertThat(now.get("jobs").get(0).get("batch").asInt())
        .isEqualTo(made.json().get("batch").get("number").asInt());
    Http.Answer again = make(UUID.randomUUID(), jobs(plan), false);
    assertThat(again.status()).isEqualTo(409);
    assertThat(again.body()).contains("mixed for already");
  }

  @Test
  void moreThanIsOnTheBooksIsTakenOnlyWhenSomebodySaysSo() {
    planned("Schefflera arboricola", saturday);
    publish();
    JsonNode plan = wanted(false);
    JsonNode part = plan.get("mixes").get(0).get("parts").get(0);
    String code = part.get("code").asString();
    count("INGREDIENT", code, 0.1);
    Http.Answer refused = make(UUID.randomUUID(), jobs(plan), false);
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.body()).contains(part.get("label").asString()).contains("Count it");
    Http.Answer made = make(UUID.randomUUID(), jobs(plan), true);
    assertThat(made.status()).as(made.body()).isEqualTo(200);
    assertThat(stock("INGREDIENT").get(code)).isLessThan(0);
    count("INGREDIENT", code, 100);
    assertThat(stock("INGREDIENT").get(code)).isCloseTo(100, within(1e-9));
  }

  @Test
  void aLotIsFollowedToThePlantsThatGotOfIt() {
    planned("Nephrolepis exaltata", saturday);
    publish();
    JsonNode plan = wanted(false);
    String code = plan.get("mixes").get(0).get("parts").get(0).get("code").asString();
    count("INGREDIENT", code, 0);
    String lotName = "L" + UUID.randomUUID();
    UUID move = UUID.randomUUID();
    technician.post(
        "/api/mix-room/moves",
        """
        {"id":"%s","kind":"INGREDIENT","code":"%s","why":"RECEIVED","litres":80,"lot":"%s","note":""}"""
            .formatted(move, code, lotName));
    UUID id = UUID.randomUUID();
    assertThat(make(id, jobs(plan), true).status()).isEqualTo(200);
    Map<String, String> lots = new LinkedHashMap<>();
    technician
        .get("/api/batches/" + id)
        .json()
        .get("ingredients")
        .forEach(
            used ->
                lots.put(
                    used.get("code").asString(),
                    used.get("lot").isNull() ? "" : used.get("lot").asString()));
    // lots that were there before go first
    JsonNode batches = technician.get("/api/batches?lot=" + move).json();
    if (lots.get(code).equals(lotName)) {
      assertThat(batches.get(0).get("id").asString()).isEqualTo(id.toString());
      JsonNode plant = technician.get("/api/batches/" + id).json().get("plants").get(0);
      assertThat(plant.get("doneOn").isNull()).isTrue();
      assertThat(plant.get("litres").asDouble()).isPositive();
    } else {
      assertThat(batches).isEmpty();
    }
  }

  @Test
  void oldMediumStandsInForAtMostHalf() {
    for (String kind : KINDS) {
      planned(kind, saturday);
    }
    publish();
    JsonNode without = wanted(false);
    JsonNode with = wanted(true);
    double needed = 0;
    double reused = 0;
    for (JsonNode mix : with.get("mixes")) {
      needed += mix.get("neededLitres").asDouble();
      reused += mix.get("reusedLitres").asDouble();
    }
    double whole = 0;
    for (JsonNode mix : without.get("mixes")) {
      whole += mix.get("neededLitres").asDouble();
      assertThat(mix.get("reusedLitres").asDouble()).isZero();
    }
    assertThat(needed).isCloseTo(whole, within(1e-6));
    assertThat(reused).isBetween(0.0, needed / 2 + 1e-6);
  }

  @Test
  void listsAndSheetSayTheSame() throws IOException {
    planned("Schefflera arboricola", saturday);
    publish();
    JsonNode plan = wanted(false);
    String load = technician.get("/api/batches/wanted.csv?load=true&" + query(false)).body();
    assertThat(load.lines().skip(1)).hasSize(1);
    assertThat(load).contains(plan.get("jobs").get(0).get("label").asString());
    String buy = technician.get("/api/batches/wanted.csv?" + query(false)).body();
    assertThat(buy.lines().skip(1)).hasSize(plan.get("ingredients").size());
    byte[] pdf = technician.bytes("/api/batches/wanted/sheet?paper=LETTER&" + query(false));
    try (PDDocument sheet = Loader.loadPDF(pdf)) {
      assertThat(sheet.getNumberOfPages()).isEqualTo(1);
      String text = new PDFTextStripper().getText(sheet).lines().collect(Collectors.joining(" "));
      assertThat(text)
          .contains("To mix")
          .contains(plan.get("jobs").get(0).get("label").asString())
          .contains("damped first");
    }
  }

  @Test
  void badAskingIsNamed() {
    assertThat(technician.get("/api/batches/wanted?from=2027-05-02&to=2027-05-01").body())
        .contains("The last day is before the first");
    assertThat(technician.get("/api/batches/wanted?from=2027-05-02&to=2028-05-01").status())
        .isEqualTo(400);
    assertThat(technician.get("/api/batches/wanted?from=soon&to=2028-05-01").status())
        .isEqualTo(400);
    Http.Answer gone = make(UUID.randomUUID(), List.of(UUID.randomUUID().toString()), true);
    assertThat(gone.status()).isEqualTo(409);
    assertThat(make(UUID.randomUUID(), List.of(), true).status()).isEqualTo(400);
    Http.Answer none =
        technician.post(
            "/api/mix-room/moves",
            """
            {"id":"%s","kind":"INGREDIENT","code":"MUD","why":"RECEIVED","litres":1,"lot":"","note":""}"""
                .formatted(UUID.randomUUID()));
    assertThat(none.status()).isEqualTo(404);
    Http.Answer minus =
        technician.post(
            "/api/mix-room/moves",
            """
            {"id":"%s","kind":"INGREDIENT","code":"PEAT","why":"SPOILT","litres":-1,"lot":"","note":""}"""
                .formatted(UUID.randomUUID()));
    assertThat(minus.status()).isEqualTo(400);
  }
}
