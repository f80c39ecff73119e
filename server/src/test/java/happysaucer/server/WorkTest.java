package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The loop of the work through the API, as the screens and scripts use it. */
@ExtendWith(RunningServer.class)
class WorkTest {
  private static final String NOW = "2027-04-12T08:20:00Z";
  private final Http technician;
  private final Http planner;

  WorkTest(Http http) {
    technician = http.as("technician");
    planner = http.as("planner");
  }

  private JsonNode page(String plant) {
    return technician.get("/api/plants/" + plant).json();
  }

  @Test
  void theRoundShowsStopsWithWhatIsDueFromTheData() {
    JsonNode round = technician.get("/api/round").json();

    assertThat(round.get("date").asString()).isEqualTo("2027-04-12");
    assertThat(round.get("stops").size()).isGreaterThanOrEqualTo(3);
    JsonNode first = round.get("stops").get(0);
    assertThat(first.get("siteName").asString()).isEqualTo("Ferry terminal hall");
    assertThat(first.get("plants").get(0).get("saucer").asString()).isEqualTo("URGENT");
    assertThat(first.toString()).contains("Repot planned for today").contains("Check due");
    assertThat(technician.get("/api/round?date=2027-07-18").json().get("stops")).isEmpty();
  }

  @Test
  void aCheckChangesTheCallAndTheSameCheckTwiceDoesNothingTwice() {
    String plant = technician.plantId("T-027");
    int before = page(plant).get("checks").size();
    String id = UUID.randomUUID().toString();
    String check =
        "{\"plantId\":\"%s\",\"checkedAt\":\"%s\",\"signs\":[{\"code\":\"ROOTS_CIRCLING\",\"grade\":\"SEVERE\"}],\"minutes\":2}"
            .formatted(plant, NOW);

    Http.Answer first = technician.put("/api/checks/" + id, check);
    Http.Answer second = technician.put("/api/checks/" + id, check);

    assertThat(first.status()).isEqualTo(200);
    assertThat(first.json().get("call").get("action").asString()).isEqualTo("POT_UP");
    assertThat(second.body()).isEqualTo(first.body());
    assertThat(page(plant).get("checks")).hasSize(before + 1);
    assertThat(technician.put("/api/checks/" + id, check.replace("SEVERE", "CLEAR")).status())
        .as("another write with the same id")
        .isEqualTo(409);

    assertThat(technician.delete("/api/checks/" + id).status()).isEqualTo(204);
    assertThat(page(plant).get("checks")).hasSize(before);
    assertThat(technician.delete("/api/checks/" + id).status()).isEqualTo(404);
  }

  @Test
  void whatTheSlipCheckShowedStillCountsWhileSignsAreTapped() {
    String plant = technician.plantId("T-003");
    JsonNode preview =
        technician
            .post("/api/plants/" + plant + "/advice", "{\"signs\":[{\"code\":\"FUNGUS_GNATS\"}]}")
            .json();
    JsonNode again =
        technician
            .post(
                "/api/plants/" + plant + "/advice",
                "{\"signs\":[{\"code\":\"ROOTS_ROTTEN\",\"state\":\"ABSENT\"}]}")
            .json();

    assertThat(preview.get("call").get("action").asString()).isEqualTo("ROT_RESCUE");
    assertThat(again.get("call").get("action").asString()).isNotEqualTo("ROT_RESCUE");
  }

  @Test
  void faultySignsAreRefusedAtTheirPlaceAndNothingIsStored() {
    String plant = technician.plantId("T-028");
    int before = page(plant).get("checks").size();
    Http.Answer answer =
        technician.put(
            "/api/checks/" + UUID.randomUUID(),
            "{\"plantId\":\"%s\",\"checkedAt\":\"%s\",\"signs\":[{\"code\":\"SURFACE_HARD\"},{\"code\":\"WATER_POOLS\",\"value\":99999}]}"
                .formatted(plant, NOW));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().get("errors").get(0).get("field").asString())
        .isEqualTo("signs[1].value");
    assertThat(page(plant).get("checks")).hasSize(before);
    assertThat(
            technician
                .put(
                    "/api/checks/" + UUID.randomUUID(),
                    "{\"plantId\":\"%s\",\"checkedAt\":\"2027-05-01T08:00:00Z\"}".formatted(plant))
                .json()
                .get("errors")
                .get(0)
                .get("field")
                .asString())
        .isEqualTo("checkedAt");
  }

  @Test
  void aRepotIsScheduledInItsWindowDoneAndFollowedByAftercare() {
    String plant = technician.plantId("T-026");
    String job = UUID.randomUUID().toString();
    assertThat(
            planner
                .put(
                    "/api/jobs/" + UUID.randomUUID(),
                    "{\"plantId\":\"%s\",\"plannedOn\":\"2028-01-01\"}".formatted(plant))
                .json()
                .get("errors")
                .get(0)
                .get("message")
                .asString())
        .contains("window");

    String request = "{\"plantId\":\"%s\",\"plannedOn\":\"2027-04-12\"}".formatted(plant);
    JsonNode planned = planner.put("/api/jobs/" + job, request).json();
    assertThat(planned.get("job").get("status").asString()).isEqualTo("PLANNED");
    assertThat(planner.put("/api/jobs/" + job, request).json()).isEqualTo(planned);
    assertThat(planner.put("/api/jobs/" + UUID.randomUUID(), request).status())
        .as("a second job for the same plant")
        .isEqualTo(409);
    assertThat(planner.get("/api/jobs?from=2027-04-12&to=2027-04-18").body()).contains(job);

    assertThat(
            technician
                .put("/api/jobs/" + job + "/steps/0", "{\"tickedAt\":\"" + NOW + "\"}")
                .status())
        .isEqualTo(204);
    assertThat(technician.put("/api/jobs/" + job + "/steps/99", "{\"tickedAt\":null}").status())
        .isEqualTo(404);
    JsonNode found =
        technician
            .put(
                "/api/jobs/" + job + "/found",
                "{\"signs\":[{\"code\":\"ROOTS_ROTTEN\",\"value\":0.3}]}")
            .json();
    assertThat(found.get("advice").get("call").get("action").asString()).isEqualTo("ROT_RESCUE");
    assertThat(found.get("changes")).isNotEmpty();
    JsonNode calmer =
        technician
            .put("/api/jobs/" + job + "/found", "{\"signs\":[{\"code\":\"ROOTS_HEALTHY\"}]}")
            .json();
    assertThat(calmer.get("advice").get("call").get("action").asString())
        .isEqualTo("DRAINAGE_RESCUE");

    JsonNode done =
        technician.put("/api/jobs/" + job + "/done", "{\"doneOn\":\"2027-04-12\"}").json();
    assertThat(done.get("job").get("status").asString()).isEqualTo("DONE");
    assertThat(technician.put("/api/jobs/" + job + "/done", "{\"doneOn\":\"2027-04-12\"}").status())
        .as("done twice")
        .isEqualTo(200);
    JsonNode page = page(plant);
    assertThat(page.get("plant").get("lastRepotted").asString()).isEqualTo("2027-04-12");
    assertThat(page.get("plant").get("potHoles").asInt()).isPositive();
    assertThat(page.get("saucer").asString()).isEqualTo("IN_AFTERCARE");
    assertThat(page.get("aftercare").get("weeks")).hasSize(8);
    JsonNode card = technician.get("/api/jobs/" + job + "/card").json();
    assertThat(card.get("steps")).isNotEmpty();
    assertThat(card.get("nextVisits")).isNotEmpty();
  }

  @Test
  void aPlantThatIsToBeLeftCannotBeScheduled() {
    Http.Answer answer =
        planner.put(
            "/api/jobs/" + UUID.randomUUID(),
            "{\"plantId\":\"%s\",\"plannedOn\":\"2027-04-12\"}"
                .formatted(technician.plantId("T-033")));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().get("errors").get(0).get("field").asString()).isEqualTo("plantId");
  }

  private static String edit(JsonNode plant, String field, String value) {
    StringBuilder body = new StringBuilder("{");
    for (String key :
        new String[] {
          "commonName",
          "heightMm",
          "spreadMm",
          "sizeWish",
          "watererHabit",
          "fed",
          "lastRepotted",
          "potMaterial",
          "potTopMm",
          "potBaseMm",
          "potHeightMm",
          "potHoles",
          "potShape",
          "inCoverPot",
          "note"
        }) {
      body.append(body.length() > 1 ? "," : "")
          .append('"')
          .append(key)
          .append("\":")
          .append(key.equals(field) ? value : plant.get(key).toString());
    }
    return body.append('}').toString();
  }

  @Test
  void aStaleEditIsRefusedWithWhatChangedAndNothingIsLost() {
    String id = technician.plantId("T-034");
    Http.Answer opened = technician.get("/api/plants/" + id);
    String version = opened.raw().headers().firstValue("ETag").orElseThrow();
    JsonNode plant = opened.json().get("plant");

    Http.Answer mine =
        planner.put(
            "/api/plants/" + id, edit(plant, "note", "\"moved nearer\""), "If-Match", version);
    Http.Answer late =
        technician.put("/api/plants/" + id, edit(plant, "heightMm", "333.0"), "If-Match", version);

    assertThat(mine.status()).isEqualTo(200);
    assertThat(late.status()).isEqualTo(412);
    JsonNode problem = late.json();
    assertThat(problem.get("detail").asString()).contains("Odda Fennick");
    assertThat(problem.get("changes").toString()).contains("note").contains("heightMm");
    String fresh = "\"" + problem.get("version").asInt() + "\"";
    assertThat(
            technician
                .put(
                    "/api/plants/" + id,
                    edit(mine.json().get("plant"), "heightMm", "333.0"),
                    "If-Match",
                    fresh)
                .json()
                .get("plant")
                .get("note")
                .asString())
        .isEqualTo("moved nearer");
    assertThat(technician.put("/api/plants/" + id, edit(plant, "heightMm", "1")).status())
        .as("without a version")
        .isEqualTo(400);
    assertThat(page(id).get("changes").toString()).contains("Jorun Pell").contains("heightMm");
  }

  @Test
  void everyFaultOfAFormIsNamedAtItsField() {
    String id = technician.plantId("T-035");
    Http.Answer opened = technician.get("/api/plants/" + id);
    Http.Answer answer =
        technician.put(
            "/api/plants/" + id,
            "{\"commonName\":\" \",\"heightMm\":\"tall\",\"spreadMm\":-1,\"sizeWish\":\"SHRINK\",\"potHoles\":1.5,\"note\":\"\",\"smell\":1}",
            "If-Match",
            opened.raw().headers().firstValue("ETag").orElseThrow());
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body())
        .contains(
            "\"commonName\"",
            "\"heightMm\"",
            "\"spreadMm\"",
            "\"sizeWish\"",
            "\"potHoles\"",
            "\"smell\"",
            "\"potTopMm\"");
  }

  @Test
  void theSameWriteManyTimesAtOnceIsStoredOnce() {
    String plant = technician.plantId("T-036");
    int before = page(plant).get("waterings").size();
    String id = UUID.randomUUID().toString();
    String body =
        "{\"plantId\":\"%s\",\"wateredOn\":\"2027-04-12\",\"litres\":0.4}".formatted(plant);

    CompletableFuture<?>[] writes =
        IntStream.range(0, 8)
            .mapToObj(
                i ->
                    CompletableFuture.runAsync(
                        () -> {
                          int status = technician.put("/api/waterings/" + id, body).status();
                          assertThat(status).isIn(204, 409);
                        }))
            .toArray(CompletableFuture[]::new);
    CompletableFuture.allOf(writes).join();

    assertThat(technician.put("/api/waterings/" + id, body).status()).isEqualTo(204);
    assertThat(page(plant).get("waterings")).hasSize(before + 1);
  }

  @Test
  void plantsAreFoundByAnyOfTheirWords() {
    assertThat(technician.get("/api/plants?search=fig%20dome").json().get("plants")).hasSize(1);
    assertThat(technician.get("/api/plants?search=100%25").json().get("plants")).isEmpty();
    assertThat(technician.get("/api/plants?page=-1").status()).isEqualTo(400);
  }

  @Test
  void textsComeInTheReadersUnits() {
    Http counter = planner.as("counter");
    assertThat(counter.put("/api/session/units", "{\"units\":\"IMPERIAL\"}").status())
        .isEqualTo(200);
    String steps =
        counter
            .as("counter")
            .get("/api/plants/" + technician.plantId("T-016"))
            .json()
            .get("advice")
            .get("repot")
            .get("steps")
            .toString();
    counter.put("/api/session/units", "{\"units\":\"METRIC\"}");
    assertThat(steps).contains(" in").contains(" qt");
  }

  /** A small plant found crowded: several trade sizes will do. */
  private JsonNode withAChoiceOfPots() {
    String plant = technician.plantId("T-034");
    technician.put(
        "/api/checks/" + UUID.randomUUID(),
        "{\"plantId\":\"%s\",\"checkedAt\":\"%s\",\"signs\":[{\"code\":\"ROOTS_CIRCLING\",\"grade\":\"SEVERE\"}]}"
            .formatted(plant, NOW));
    JsonNode page = page(plant);
    assertThat(page.get("advice").get("repot").get("candidates").get(1).get("rank").asInt())
        .isEqualTo(2);
    return page;
  }

  @Test
  void thePickedPotStaysWhileItWillDoAndItsOwnMeasuresBecomeThePlants() {
    JsonNode page = withAChoiceOfPots();
    String plant = page.get("plant").get("id").asString();
    JsonNode second = page.get("advice").get("repot").get("candidates").get(1);
    String job = UUID.randomUUID().toString();
    JsonNode planned =
        planner
            .put(
                "/api/jobs/" + job,
                "{\"plantId\":\"%s\",\"plannedOn\":\"%s\",\"potId\":\"%s\"}"
                    .formatted(
                        plant,
                        page.get("advice").get("call").get("from").asString(),
                        second.get("id").asString()))
            .json();
    assertThat(planned.get("job").get("potId")).isEqualTo(second.get("id"));

    JsonNode found =
        technician
            .put("/api/jobs/" + job + "/found", "{\"signs\":[{\"code\":\"FRESH_ROOT_TIPS\"}]}")
            .json();
    assertThat(found.get("job").get("potId")).isEqualTo(second.get("id"));
    assertThat(found.get("changes")).isEmpty();

    assertThat(technician.put("/api/jobs/" + job + "/done", "{\"doneOn\":\"2026-01-01\"}").status())
        .isEqualTo(400);
    technician.put("/api/jobs/" + job + "/done", "{\"doneOn\":\"2027-04-12\"}");
    JsonNode now = page(plant).get("plant");
    assertThat(now.get("potTopMm")).isEqualTo(second.get("pot").get("topMm"));
    assertThat(now.get("potHoles")).isEqualTo(second.get("drainHoles"));
    assertThat(now.get("potMassG").asDouble()).isEqualTo(second.get("potMassG").asDouble());
  }

  @Test
  void backInItsOwnPotOnlyDateAndMediumChange() {
    String plant = technician.plantId("T-014");
    JsonNode before = page(plant);
    assertThat(before.get("advice").get("call").get("action").asString()).isEqualTo("REFRESH");
    String job = UUID.randomUUID().toString();
    if (before.get("openJob").isNull()) {
      planner.put(
          "/api/jobs/" + job, "{\"plantId\":\"%s\",\"plannedOn\":\"2027-04-20\"}".formatted(plant));
    } else {
      job = before.get("openJob").get("id").asString();
    }
    technician.put("/api/jobs/" + job + "/done", "{\"doneOn\":\"2027-04-12\"}");
    JsonNode after = page(plant).get("plant");
    assertThat(after.get("lastRepotted").asString()).isEqualTo("2027-04-12");
    for (String key :
        new String[] {
          "potTopMm", "potBaseMm", "potHeightMm", "potHoles", "potMaterial", "potMassG"
        }) {
      assertThat(after.get(key)).as(key).isEqualTo(before.get("plant").get(key));
    }
  }

  @Test
  void aBrokenPotIsReplacedAndTheMediumGoesOnAgeing() {
    String plant = technician.plantId("T-038");
    JsonNode before = page(plant).get("plant");
    String check =
        "{\"plantId\":\"%s\",\"checkedAt\":\"%s\",\"signs\":[{\"code\":\"POT_BROKEN\"}],\"minutes\":1}"
            .formatted(plant, NOW);
    JsonNode advice = technician.put("/api/checks/" + UUID.randomUUID(), check).json();
    assertThat(advice.get("call").get("action").asString()).isEqualTo("REPLACE_POT");
    String job = UUID.randomUUID().toString();
    planner.put(
        "/api/jobs/" + job, "{\"plantId\":\"%s\",\"plannedOn\":\"2027-04-13\"}".formatted(plant));
    assertThat(technician.put("/api/jobs/" + job + "/done", "{\"doneOn\":\"2027-04-12\"}").status())
        .isEqualTo(200);
    JsonNode after = page(plant).get("plant");
    assertThat(after.get("lastRepotted")).isEqualTo(before.get("lastRepotted"));
    assertThat(after.get("mix")).isEqualTo(before.get("mix"));
    assertThat(after.get("version").asInt()).isGreaterThan(before.get("version").asInt());
  }

  @Test
  void twoPeopleWhoScheduleTheSamePlantAtOnceMakeOneJob() {
    String plant = technician.plantId("T-003");
    String body = "{\"plantId\":\"%s\",\"plannedOn\":\"2027-04-13\"}".formatted(plant);
    java.util.List<Integer> statuses =
        IntStream.range(0, 4)
            .mapToObj(
                i ->
                    CompletableFuture.supplyAsync(
                        () -> planner.put("/api/jobs/" + UUID.randomUUID(), body).status()))
            .toList()
            .stream()
            .map(CompletableFuture::join)
            .sorted()
            .toList();
    assertThat(statuses).containsExactly(200, 409, 409, 409);
  }

  @Test
  void aMissedFollowUpStaysOnTheRound() {
    assertThat(technician.get("/api/round?date=2027-05-10").body())
        .contains("Missed follow-up: Did it take?");
    assertThat(technician.get("/api/round?date=2027-06-28").body())
        .doesNotContain("Missed follow-up");
  }
}
