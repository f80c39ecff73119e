package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The bench sheet: what is found, what is done, and what becomes of pot and plant. */
@ExtendWith(RunningServer.class)
class BenchTest {
  private static final String NOW = "2027-04-12T08:20:00Z";
  private static final String CROWDED =
      "{\"code\":\"ROOTS_CIRCLING\",\"grade\":\"SEVERE\"},{\"code\":\"ROOTS_FROM_DRAIN_HOLES\",\"grade\":\"CLEAR\"}";
  private final Http planner;

  BenchTest(Http http) {
    planner = http.as("planner");
  }

  private String put(String name, String more, int stock) {
    String id = UUID.randomUUID().toString();
    Http.Answer answer =
        planner.put(
            "/api/shelf/" + id,
            "{\"name\":\"%s\",\"kind\":\"GROW\",\"material\":\"PLASTIC\",\"drainHoles\":6,\"inStock\":%d,\"lowAt\":0,\"note\":\"\",%s}"
                .formatted(name, stock, more));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return id;
  }

  private JsonNode item(String name) {
    for (JsonNode item : planner.get("/api/shelf").json().get("items")) {
      if (item.get("pot").get("name").asString().equals(name)) {
        return item;
      }
    }
    return null;
  }

  private String job(String plant, String more) {
    String id = UUID.randomUUID().toString();
    Http.Answer answer =
        planner.put(
            "/api/jobs/" + id,
            "{\"plantId\":\"%s\",\"plannedOn\":\"2027-04-12\"%s}".formatted(plant, more));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return id;
  }

  @Test
  void theUsedPotLeavesTheShelfTheOldOneGoesBackAndThePlantStandsInTheNew() {
    House house = new House(planner, "Bench one");
    String plant = house.plant("Schefflera arboricola", 184, "BE-1");
    house.check(plant, NOW, CROWDED);
    String pot =
        put("Bench 22", "\"shape\":\"STANDARD\",\"topMm\":222,\"feet\":4,\"wireHoles\":2", 3);
    String job = job(plant, ",\"potId\":\"%s\"".formatted(pot));
    Http.Answer done =
        planner.put(
            "/api/jobs/" + job + "/done",
            "{\"doneOn\":\"2027-04-12\",\"oldPot\":\"SHELF\",\"minutes\":47}");
    assertThat(done.status()).as(done.body()).isEqualTo(200);
    assertThat(done.json().get("job").get("minutesTaken").asInt()).isEqualTo(47);
    assertThat(item("Bench 22").get("pot").get("inStock").asInt()).isEqualTo(2);
    JsonNode used = item("Used plastic 18 cm");
    assertThat(used.get("pot").get("topMm").asDouble()).isEqualTo(184);
    JsonNode now = house.page(plant).get("plant");
    assertThat(now.get("potTopMm").asDouble()).isEqualTo(222);
    assertThat(now.get("potFeet").asInt()).isEqualTo(4);
    assertThat(now.get("potWireHoles").asInt()).isEqualTo(2);
    assertThat(now.get("feedKind").asString()).isNotEmpty();
    assertThat(now.get("lastRepotted").asString()).isEqualTo("2027-04-12");

    planner.put("/api/jobs/" + job + "/done", "{\"doneOn\":\"2027-04-12\",\"oldPot\":\"SHELF\"}");
    assertThat(item("Bench 22").get("pot").get("inStock").asInt()).as("done twice").isEqualTo(2);
    assertThat(item("Used plastic 18 cm").get("pot").get("inStock").asInt()).isEqualTo(1);
  }

  @Test
  void whatIsFoundChangesCallPotAndReservationAndSaysWhy() {
    House house = new House(planner, "Bench two");
    String plant = house.plant("Schefflera arboricola", 210, "BE-2");
    house.check(plant, NOW, CROWDED);
    put("Small 19 deep", "\"shape\":\"DEEP\",\"topMm\":192,\"baseMm\":150,\"heightMm\":205", 2);
    put("Wide 25", "\"shape\":\"STANDARD\",\"topMm\":252,\"baseMm\":200,\"heightMm\":232", 2);
    String job =
        job(plant, ",\"potId\":\"%s\"".formatted(item("Wide 25").get("pot").get("id").asString()));
    assertThat(item("Wide 25").get("free").asInt()).isEqualTo(1);
    Http.Answer found =
        planner.put(
            "/api/jobs/" + job + "/found",
            "{\"signs\":[{\"code\":\"ROOTS_ROTTEN\",\"value\":0.35}]}");
    assertThat(found.status()).as(found.body()).isEqualTo(200);
    JsonNode view = found.json();
    assertThat(view.get("advice").get("call").get("action").asString()).isEqualTo("ROT_RESCUE");
    assertThat(view.get("changes").findValuesAsString("what"))
        .contains("Call", "Pot", "Roots taken off");
    assertThat(view.get("why").toString()).contains("The pot that was planned:");
    assertThat(item("Wide 25").get("free").asInt()).as("let go").isEqualTo(2);
    String now = view.get("job").get("shelfPotId").asString();
    assertThat(now).isNotEmpty();
    for (JsonNode entry : planner.get("/api/shelf").json().get("items")) {
      if (entry.get("pot").get("id").asString().equals(now)) {
        assertThat(entry.get("reservations").toString()).contains("BE-2");
      }
    }
    assertThat(view.get("steps").toString()).contains("cut back to firm tissue");
  }

  @Test
  void aPotToOrderStaysWhileItWillDoAndAnotherIsOrderedWhenNothingElseDoes() {
    House house = new House(planner, "Bench order");
    // a ball too tall for every pot on the shelf
    house.enter(
        "spot,species,pot,pot depth,last repotted,label\nDesk,Ficus elastica,20 cm,42 cm,2025-10-01,BE-7",
        true);
    String plant = house.plants().get(0);
    house.check(plant, NOW, CROWDED);
    String job = job(plant, ",\"order\":true");
    JsonNode planned = planner.get("/api/jobs/" + job).json();
    assertThat(planned.get("toOrder").asBoolean()).isTrue();
    Http.Answer same =
        planner.put("/api/jobs/" + job + "/found", "{\"signs\":[{\"code\":\"FRESH_ROOT_TIPS\"}]}");
    assertThat(same.json().get("changes")).isEmpty();
    assertThat(same.json().get("job").get("potId")).isEqualTo(planned.get("job").get("potId"));
    JsonNode other =
        planner
            .put(
                "/api/jobs/" + job + "/found",
                "{\"signs\":[{\"code\":\"ROOTS_ROTTEN\",\"value\":0.2}]}")
            .json();
    assertThat(other.get("advice").get("call").get("action").asString()).isEqualTo("ROT_RESCUE");
    assertThat(other.get("job").get("potId").isNull()).isFalse();
    assertThat(other.get("advice").get("repot").get("candidates").get(0).get("rank").asInt())
        .isEqualTo(1);
  }

  @Test
  void aBallMeasuredAtTheSlipIsReckonedWithAndRefusedWhenItCannotBe() {
    House house = new House(planner, "Bench three");
    String plant = house.plant("Schefflera arboricola", 210, "BE-3");
    house.check(plant, NOW, CROWDED);
    String job = job(plant, ",\"order\":null");
    Http.Answer wrong =
        planner.put(
            "/api/jobs/" + job + "/found",
            "{\"signs\":[],\"ball\":{\"topMm\":260,\"heightMm\":150}}");
    assertThat(wrong.json().get("errors").findValuesAsString("field"))
        .containsExactly("ball.topMm");
    assertThat(house.page(plant).get("plant").get("ballTopMm").isNull()).isTrue();
    Http.Answer right =
        planner.put(
            "/api/jobs/" + job + "/found",
            "{\"signs\":[],\"ball\":{\"topMm\":180,\"heightMm\":150}}");
    assertThat(right.status()).as(right.body()).isEqualTo(200);
    JsonNode ball = right.json().get("advice").get("repot").get("section").get("ballBefore");
    assertThat(ball.get("topMm").asDouble()).isEqualTo(180);
    assertThat(house.page(plant).get("plant").get("ballHeightMm").asDouble()).isEqualTo(150);
    planner.put("/api/jobs/" + job + "/done", "{\"doneOn\":\"2027-04-12\",\"oldPot\":\"WASTE\"}");
    assertThat(house.page(plant).get("plant").get("ballTopMm").isNull())
        .as("the ball grows on from the work")
        .isTrue();
  }

  @Test
  void aClumpInThreeTakesThreePotsAndItsPiecesBecomePlants() {
    House house = new House(planner, "Bench four");
    String plant = house.plant("Spathiphyllum wallisii", 200, "BE-4");
    house.check(plant, NOW, "{\"code\":\"PUPS_FILL_POT\"}," + CROWDED);
    planner.put(
        "/api/overrules/" + UUID.randomUUID(),
        "{\"plantId\":\"%s\",\"action\":\"DIVIDE\",\"urgency\":\"SOON\",\"reason\":\"Two are wanted\"}"
            .formatted(plant));
    String pot =
        put("Piece 16", "\"shape\":\"STANDARD\",\"topMm\":152,\"baseMm\":115,\"heightMm\":140", 3);
    String job = job(plant, ",\"potId\":\"%s\",\"wish\":{\"pieces\":3}".formatted(pot));
    assertThat(item("Piece 16").get("free").asInt()).isZero();
    String body =
        "{\"doneOn\":\"2027-04-12\",\"oldPot\":\"WASTE\",\"offspring\":[{\"id\":\"%s\",\"label\":\"%s\",\"kind\":\"PIECE\"},{\"id\":\"%s\",\"label\":\"BE-4b\",\"kind\":\"PIECE\"}]}";
    Http.Answer taken =
        planner.put(
            "/api/jobs/" + job + "/done",
            body.formatted(UUID.randomUUID(), "T-001", UUID.randomUUID()));
    assertThat(taken.json().get("errors").toString()).contains("The label T-001 is taken");
    assertThat(item("Piece 16").get("pot").get("inStock").asInt())
        .as("nothing was done")
        .isEqualTo(3);
    Http.Answer done =
        planner.put(
            "/api/jobs/" + job + "/done",
            body.formatted(UUID.randomUUID(), "BE-4a", UUID.randomUUID()));
    assertThat(done.status()).as(done.body()).isEqualTo(200);
    assertThat(item("Piece 16").get("pot").get("inStock").asInt()).isZero();
    JsonNode piece = planner.plant("be-4a");
    JsonNode page = house.page(piece.get("id").asString()).get("plant");
    assertThat(page.get("parentId").asString()).isEqualTo(plant);
    assertThat(page.get("potTopMm").asDouble()).isEqualTo(152);
  }

  /** Its own pot would do and is nearer to the step that is aimed at. */
  @Test
  void thePotThatWasPickedIsReservedAlsoWhereThePresentOneRanksBetter() {
    House house = new House(planner, "Bench seven");
    String plant = house.plant("Adenium obesum", 150, "PICK-1");
    house.check(plant, NOW, CROWDED);
    planner.put(
        "/api/overrules/" + UUID.randomUUID(),
        "{\"plantId\":\"%s\",\"action\":\"RAISE_OR_SHALLOW\",\"urgency\":\"SOON\",\"reason\":\"Its base is to show\"}"
            .formatted(plant));
    String pot =
        put("Low 17", "\"shape\":\"SHALLOW\",\"topMm\":172,\"baseMm\":140,\"heightMm\":100", 1);
    JsonNode candidates =
        planner
            .get("/api/plants/" + plant + "/fit")
            .json()
            .get("advice")
            .get("repot")
            .get("candidates");
    assertThat(candidates.findValuesAsString("id")).contains("current", pot);
    assertThat(candidates.get(0).get("id").asString()).isNotEqualTo(pot);
    String job = job(plant, ",\"potId\":\"%s\"".formatted(pot));
    JsonNode stored = planner.get("/api/jobs/" + job).json();
    assertThat(stored.get("job").get("shelfPotId").asString()).isEqualTo(pot);
    assertThat(stored.get("advice").get("repot").get("section").get("newPot").get("topMm").asInt())
        .isEqualTo(172);
    assertThat(item("Low 17").get("free").asInt()).isZero();
  }

  @Test
  void anUrnThatIsBrokenCannotGoBackOnTheShelfAndOneThatIsKeptCan() {
    House house = new House(planner, "Bench five");
    for (String keep : new String[] {"PLANT", "POT"}) {
      String plant = house.plant("Ficus elastica", 300, "BE-5" + keep);
      house.check(plant, NOW, "{\"code\":\"POT_MOUTH_NARROWER_THAN_BALL\"}," + CROWDED);
      String job =
          job(
              plant,
              ",\"order\":%s,\"confirmed\":true,\"wish\":{\"breakOut\":\"%s\"}"
                  .formatted(nothingFits(plant, keep), keep));
      Http.Answer answer =
          planner.put(
              "/api/jobs/" + job + "/done", "{\"doneOn\":\"2027-04-12\",\"oldPot\":\"SHELF\"}");
      assertThat(answer.status()).as(answer.body()).isEqualTo(keep.equals("POT") ? 200 : 400);
    }
  }

  private boolean nothingFits(String plant, String keep) {
    return !planner
        .post(
            "/api/plants/" + plant + "/what-if", "{\"wish\":{\"breakOut\":\"%s\"}}".formatted(keep))
        .json()
        .get("repot")
        .get("order")
        .isNull();
  }

  @Test
  void frontAndAngleOfATrainedTreeAreKept() {
    House house = new House(planner, "Bench six");
    String plant = house.plant("Ficus elastica", 210, "BE-6");
    house.check(plant, NOW, CROWDED);
    String job = job(plant, ",\"order\":null");
    planner.put(
        "/api/jobs/" + job + "/setting",
        "{\"front\":\"The scar to the left\",\"angleDegrees\":-12}");
    JsonNode view = planner.get("/api/jobs/" + job).json();
    assertThat(view.get("front").asString()).isEqualTo("The scar to the left");
    assertThat(view.get("angleDegrees").asDouble()).isEqualTo(-12);
    assertThat(
            planner
                .put("/api/jobs/" + job + "/setting", "{\"angleDegrees\":90}")
                .json()
                .get("errors")
                .toString())
        .contains("angleDegrees");
  }

  @Test
  void everySheetOfTheDemoIsOnePageOnBothPapersWithAllItsSteps() throws IOException {
    JsonNode jobs = planner.get("/api/jobs?from=2027-03-01&to=2027-12-31").json();
    assertThat(jobs.size()).isGreaterThan(8);
    for (JsonNode summary : jobs) {
      String id = summary.get("id").asString();
      JsonNode view = planner.get("/api/jobs/" + id).json();
      for (String paper : new String[] {"A4", "LETTER"}) {
        try (PDDocument sheet =
            Loader.loadPDF(planner.bytes("/api/jobs/" + id + "/sheet?paper=" + paper))) {
          assertThat(sheet.getNumberOfPages()).isEqualTo(1);
          assertThat(sheet.getPage(0).getMediaBox().getHeight())
              .isEqualTo(paper.equals("A4") ? 841.8898f : 792);
          String text = plain(new PDFTextStripper().getText(sheet));
          for (JsonNode step : view.get("steps")) {
            assertThat(text).contains(plain(step.get("text").asString()));
          }
          for (JsonNode caution : view.get("advice").get("cautions")) {
            assertThat(text).contains(plain(caution.get("text").asString()));
          }
          assertThat(text).contains("Localrules,productlabels");
        }
      }
    }
    assertThat(planner.get("/api/jobs/" + UUID.randomUUID() + "/sheet").status()).isEqualTo(404);
  }

  /** Where lines break does not matter. */
  private static String plain(String text) {
    return text.replaceAll("\\s+", "");
  }
}
