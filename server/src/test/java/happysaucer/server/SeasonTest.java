package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** From what plants ask for to a plan that is known: by the app's own endpoints. */
@ExtendWith(RunningServer.class)
class SeasonTest {
  private static final String CLEAR =
      "{\"code\":\"ROOTS_CIRCLING\",\"grade\":\"CLEAR\"},{\"code\":\"ROOTS_FROM_DRAIN_HOLES\",\"grade\":\"CLEAR\"}";
  private static final String DAY = "2027-04-12T08:00:00Z";
  private final Http planner;
  private final Http technician;
  private UUID crew;
  private UUID person;

  SeasonTest(Http http) {
    planner = http.as("planner");
    technician = http.as("technician");
  }

  /** A crew of one that goes out on Saturdays, when the houses of tests are open. */
  @BeforeEach
  void aCrew() {
    crew = UUID.randomUUID();
    person = UUID.randomUUID();
    assertThat(crew("Saturday " + crew, 6, "08:00", "16:00", "[]", null).status()).isEqualTo(204);
  }

  private Http.Answer crew(
      String name, int weekday, String begins, String ends, String skills, Integer version) {
    String body =
        """
        {"name":"%s","vanLitres":400,"vanKg":300,"skills":%s,
         "people":[{"id":"%s","name":"Tamsin Orle"}],
         "hours":[{"weekday":%d,"begins":"%s","ends":"%s"}]}"""
            .formatted(name, skills, person, weekday, begins, ends);
    return version == null
        ? planner.put("/api/crews/" + crew, body)
        : planner.put("/api/crews/" + crew, body, "If-Match", "\"" + version + "\"");
  }

  private String crowded(House house, String label) {
    String plant = house.plant("Schefflera arboricola", 190, label);
    house.check(plant, DAY, CLEAR);
    return plant;
  }

  private List<JsonNode> jobs(String plant) {
    List<JsonNode> jobs = new ArrayList<>();
    for (JsonNode job : planner.get("/api/season").json().get("jobs")) {
      if (job.get("plantId").asString().equals(plant)) {
        jobs.add(job);
      }
    }
    return jobs;
  }

  private JsonNode repot(String plant) {
    return jobs(plant).stream()
        .filter(job -> job.get("kind").asString().equals("REPOT"))
        .findFirst()
        .orElseThrow();
  }

  private Http.Answer move(JsonNode job, String on, UUID lead) {
    return planner.put(
        "/api/season/jobs/" + job.get("id").asString() + "/place",
        "{\"on\":%s,\"leadId\":%s,\"pinned\":false}"
            .formatted(
                on == null ? "null" : "\"" + on + "\"", lead == null ? "null" : "\"" + lead + "\""),
        "If-Match",
        "\"" + job.get("version").asInt() + "\"");
  }

  private JsonNode ended(String run) throws InterruptedException {
    for (int i = 0; i < 200; i++) {
      JsonNode view = planner.get("/api/season/runs/" + run).json();
      if (!List.of("WAITING", "RUNNING").contains(view.get("status").asString())) {
        return view;
      }
      TimeUnit.MILLISECONDS.sleep(100);
    }
    throw new AssertionError("the search goes on");
  }

  private String begin(String kind, int seconds, String otherwise) {
    String run = UUID.randomUUID().toString();
    Http.Answer answer =
        planner.put(
            "/api/season/runs/" + run,
            "{\"kind\":\"%s\",\"seconds\":%d,\"otherwise\":%s}"
                .formatted(kind, seconds, otherwise));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return run;
  }

  @Test
  void aCallProposesItsRepotWithWhatFollowsIt() {
    House house = new House(planner, "Season one");
    String plant = crowded(house, "SE-01");
    JsonNode repot = repot(plant);
    assertThat(repot.get("source").asString()).isEqualTo("CALL");
    assertThat(repot.get("why").asString()).isNotBlank();
    assertThat(repot.get("plannedOn").isNull()).isTrue();
    assertThat(repot.get("litres").asDouble()).isPositive();
    assertThat(jobs(plant))
        .extracting(job -> job.get("kind").asString())
        .contains("FOLLOW_UP", "TOP_UP");
    assertThat(jobs(plant))
        .filteredOn(job -> job.get("kind").asString().equals("FOLLOW_UP"))
        .allSatisfy(
            job -> assertThat(job.get("afterId").asString()).isEqualTo(repot.get("id").asString()));
  }

  @Test
  void aNewStateHoldsWhatIsPlannedAndSaysSo() {
    House house = new House(planner, "Season two");
    String plant = house.plant("Gardenia jasminoides", 190, "SE-02");
    house.check(plant, DAY, CLEAR);
    JsonNode repot = repot(plant);
    assertThat(move(repot, "2027-04-24", crew).status()).isEqualTo(200);
    assertThat(repot(plant).get("plannedOn").asString()).isEqualTo("2027-04-24");

    planner.put(
        "/api/checks/" + UUID.randomUUID(),
        "{\"plantId\":\"%s\",\"checkedAt\":\"2027-04-12T08:10:00Z\",\"signs\":[%s],\"states\":[{\"code\":\"IN_BUD\"}]}"
            .formatted(plant, CLEAR));
    JsonNode held = repot(plant);
    assertThat(held.get("id").asString()).isEqualTo(repot.get("id").asString());
    assertThat(held.get("plannedOn").isNull()).isTrue();
    assertThat(held.get("held").asString()).isNotBlank();
    assertThat(held.get("blocked").asString()).startsWith("Held");
    assertThat(held.get("note").asString()).contains("Was planned for Sat 24 Apr");

    planner.put(
        "/api/checks/" + UUID.randomUUID(),
        "{\"plantId\":\"%s\",\"checkedAt\":\"2027-04-12T08:20:00Z\",\"signs\":[{\"code\":\"ROOTS_CIRCLING\",\"state\":\"ABSENT\"},{\"code\":\"ROOTS_FROM_DRAIN_HOLES\",\"state\":\"ABSENT\"}],\"states\":[]}"
            .formatted(plant));
    assertThat(jobs(plant))
        .as("nothing asks for it any more")
        .noneMatch(
            job ->
                job.get("kind").asString().equals("REPOT")
                    && job.get("source").asString().equals("CALL"));
  }

  @Test
  void aMoveIsCheckedAtOnceAndTakesItsFollowUpsAlong() {
    House house = new House(planner, "Season three");
    String plant = crowded(house, "SE-03");
    JsonNode repot = repot(plant);
    Http.Answer tuesday = move(repot, "2027-04-20", crew);
    assertThat(tuesday.status()).isEqualTo(409);
    assertThat(tuesday.json().get("detail").asString()).contains("nobody gets in");
    Http.Answer over = move(repot, "2027-04-10", crew);
    assertThat(over.json().get("detail").asString()).contains("that day is over");

    assertThat(move(repot, "2027-04-17", crew).status()).isEqualTo(200);
    for (JsonNode job : jobs(plant)) {
      if (job.get("kind").asString().equals("FOLLOW_UP")) {
        Http.Answer placed = move(job, job.get("fromOn").asString(), crew);
        assertThat(placed.status()).as("any day but a Saturday").isIn(200, 409);
      }
    }
    JsonNode look =
        jobs(plant).stream()
            .filter(job -> job.get("kind").asString().equals("FOLLOW_UP"))
            .findFirst()
            .orElseThrow();
    assertThat(move(look, "2027-05-01", crew).status()).isIn(200, 409);
    assertThat(move(repot(plant), "2027-05-15", crew).status()).isEqualTo(200);
    LocalDate repotted = LocalDate.parse(repot(plant).get("plannedOn").asString());
    for (JsonNode job : jobs(plant)) {
      if (!job.get("afterId").isNull() && !job.get("plannedOn").isNull()) {
        assertThat(LocalDate.parse(job.get("plannedOn").asString()))
            .isAfterOrEqualTo(repotted.plusDays(12));
      }
    }
  }

  @Test
  void theSameVersionIsNeededToMove() {
    House house = new House(planner, "Season stale");
    JsonNode repot = repot(crowded(house, "SE-S"));
    assertThat(move(repot, "2027-04-17", crew).status()).isEqualTo(200);
    assertThat(move(repot, "2027-04-24", crew).status()).as("of before").isEqualTo(412);
  }

  @Test
  void whatWasMovedIsTakenBack() {
    House house = new House(planner, "Season four");
    String plant = crowded(house, "SE-04");
    assertThat(move(repot(plant), "2027-04-17", crew).status()).isEqualTo(200);
    assertThat(move(repot(plant), "2027-05-22", crew).status()).isEqualTo(200);
    String change = planner.get("/api/season").json().get("lastChange").get("id").asString();
    assertThat(
            planner
                .post("/api/season/changes/" + change + "/undo", null)
                .json()
                .get("jobs")
                .asInt())
        .isPositive();
    assertThat(repot(plant).get("plannedOn").asString()).isEqualTo("2027-04-17");
    assertThat(
            planner
                .post("/api/season/changes/" + change + "/undo", null)
                .json()
                .get("jobs")
                .asInt())
        .as("once")
        .isZero();
  }

  @Test
  void aSearchFindsAPlanThatIsTakenAndKept() throws InterruptedException {
    House house = new House(planner, "Season five");
    String plant = crowded(house, "SE-05");
    String other = crowded(house, "SE-06");
    JsonNode run = ended(begin("ANEW", 2, "null"));
    assertThat(run.get("status").asString()).isEqualTo("DONE");
    JsonNode outcome = run.get("outcome");
    assertThat(outcome.get("planned").asInt()).isPositive();
    assertThat(outcome.get("brokenNow")).isEmpty();
    assertThat(outcome.get("planned").asInt() + outcome.get("left").size())
        .isEqualTo(outcome.get("jobs").asInt());
    for (JsonNode left : outcome.get("left")) {
      assertThat(left.get("why").asString()).isNotBlank();
    }
    assertThat(outcome.get("latest").size()).isEqualTo(Math.min(6, outcome.get("late").asInt()));
    for (JsonNode late : outcome.get("latest")) {
      assertThat(late.get("days").asInt()).isPositive();
      assertThat(late.get("why").asString()).isNotBlank();
    }
    assertThat(repot(plant).get("plannedOn").isNull()).as("not before it is taken").isTrue();
    Http.Answer taken =
        planner.post("/api/season/runs/" + run.get("id").asString() + "/accept", null);
    assertThat(taken.json().get("status").asString()).isEqualTo("ACCEPTED");
    LocalDate on = LocalDate.parse(repot(plant).get("plannedOn").asString());
    assertThat(on.getDayOfWeek().getValue()).as("the house is open on Saturdays").isEqualTo(6);
    assertThat(repot(other).get("plannedOn").isNull()).isFalse();

    JsonNode gentle = ended(begin("GENTLE", 2, "null"));
    assertThat(gentle.get("outcome").get("moved").size())
        .as(gentle.get("outcome").get("moved").toString())
        .isLessThanOrEqualTo(2);
  }

  @Test
  void aQuestionWhatIfIsNoPlan() throws InterruptedException {
    House house = new House(planner, "Season six");
    crowded(house, "SE-07");
    JsonNode run =
        ended(
            begin(
                "WHAT_IF",
                1,
                "{\"fromOn\":\"2027-04-12\",\"toOn\":\"2027-05-01\",\"hands\":1,\"minutes\":420,\"closed\":[],\"allClosed\":false}"));
    assertThat(run.get("title").asString()).startsWith("One more pair of hands");
    assertThat(run.get("outcome").get("planned").asInt()).isPositive();
    assertThat(
            planner.post("/api/season/runs/" + run.get("id").asString() + "/accept", null).status())
        .isEqualTo(409);
    assertThat(planner.delete("/api/season/runs/" + run.get("id").asString()).status())
        .isEqualTo(204);
    assertThat(planner.get("/api/season/runs/" + run.get("id").asString()).status()).isEqualTo(404);
  }

  @Test
  void aSearchIsStoppedAndWhatItFoundStands() throws InterruptedException {
    House house = new House(planner, "Season seven");
    crowded(house, "SE-08");
    String first = begin("ANEW", 60, "null");
    String second = begin("ANEW", 60, "null");
    JsonNode waits = planner.get("/api/season/runs/" + second).json();
    assertThat(waits.get("status").asString()).isEqualTo("WAITING");
    assertThat(waits.get("ahead").asInt()).isPositive();
    planner.post("/api/season/runs/" + second + "/stop", null);
    TimeUnit.MILLISECONDS.sleep(1500);
    planner.post("/api/season/runs/" + first + "/stop", null);
    JsonNode stopped = ended(first);
    assertThat(stopped.get("status").asString()).isEqualTo("STOPPED");
    assertThat(stopped.get("outcome").get("planned").asInt()).isPositive();
    assertThat(ended(second).get("status").asString()).isEqualTo("STOPPED");
  }

  @Test
  void aWeekIsMadeKnownAndItsRepotsGetTheirPots() {
    House house = new House(planner, "Season eight");
    String plant = crowded(house, "SE-09");
    assertThat(move(repot(plant), "2027-06-19", crew).status()).isEqualTo(200);
    JsonNode known = planner.post("/api/season/weeks/2027-06-17/publish", null).json();
    assertThat(known.get("first").asString()).isEqualTo("2027-06-14");
    assertThat(known.get("jobs").asInt()).isPositive();
    JsonNode repot = repot(plant);
    assertThat(repot.get("published").asBoolean()).isTrue();
    boolean scheduled = !repot.get("jobId").isNull();
    assertThat(scheduled || known.get("without").size() > 0).isTrue();
    if (scheduled) {
      assertThat(repot.get("leadId").asString()).isEqualTo(crew.toString());
      assertThat(
              planner
                  .get("/api/jobs/" + repot.get("jobId").asString())
                  .json()
                  .get("job")
                  .get("plannedOn")
                  .asString())
          .isEqualTo("2027-06-19");
      assertThat(move(repot, "2027-06-26", crew).status()).isEqualTo(200);
      assertThat(
              planner
                  .get("/api/jobs/" + repot.get("jobId").asString())
                  .json()
                  .get("job")
                  .get("plannedOn")
                  .asString())
          .as("its bench sheet goes with it")
          .isEqualTo("2027-06-26");
    }
  }

  @Test
  void onTheBenchItIsTwoTrips() {
    House house = new House(planner, "Season nine");
    String plant = crowded(house, "SE-10");
    JsonNode repot = repot(plant);
    String facts = "/api/season/jobs/" + repot.get("id").asString() + "/facts";
    assertThat(planner.put(facts, "{\"bench\":true,\"materialNever\":false}").status())
        .isEqualTo(204);
    assertThat(jobs(plant))
        .extracting(job -> job.get("place").asString())
        .contains("COLLECT", "BENCH", "RETURN");
    house.check(plant, "2027-04-12T09:00:00Z", CLEAR);
    assertThat(jobs(plant))
        .as("another look at it changes nothing of that")
        .extracting(job -> job.get("place").asString())
        .contains("COLLECT", "BENCH", "RETURN");
    assertThat(planner.put(facts, "{\"bench\":false,\"materialNever\":false}").status())
        .isEqualTo(204);
    assertThat(jobs(plant)).extracting(job -> job.get("place").asString()).containsOnly("SITE");
  }

  @Test
  void whatStoodOnTheBenchIsBroughtBack() {
    House house = new House(planner, "Season back");
    String plant = crowded(house, "SE-B1");
    planner.put(
        "/api/season/jobs/" + repot(plant).get("id").asString() + "/facts",
        "{\"bench\":true,\"materialNever\":false}");
    String job = scheduled(plant, "2027-04-12");
    planner.put(
        "/api/jobs/" + job + "/done",
        "{\"doneOn\":\"2027-04-12\",\"oldPot\":\"WASTE\",\"minutes\":20,\"offspring\":[]}");
    house.check(plant, "2027-04-12T08:25:00Z", "");
    assertThat(jobs(plant))
        .extracting(each -> each.get("place").asString())
        .contains("RETURN")
        .doesNotContain("COLLECT", "BENCH");
    JsonNode back =
        jobs(plant).stream()
            .filter(each -> each.get("place").asString().equals("RETURN"))
            .findFirst()
            .orElseThrow();
    assertThat(back.get("fromOn").asString()).isEqualTo("2027-04-13");
    assertThat(
            technician
                .post(
                    "/api/season/jobs/" + back.get("id").asString() + "/done",
                    "{\"doneOn\":\"2027-04-12\"}")
                .status())
        .isEqualTo(204);
    assertThat(jobs(plant)).noneMatch(each -> each.get("place").asString().equals("RETURN"));
  }

  @Test
  void aPotThatNeverComesIsSaid() {
    House house = new House(planner, "Season ten");
    JsonNode repot = repot(crowded(house, "SE-11"));
    planner.put(
        "/api/season/jobs/" + repot.get("id").asString() + "/facts",
        "{\"bench\":false,\"materialNever\":true}");
    assertThat(
            planner
                .get("/api/season")
                .json()
                .get("jobs")
                .valueStream()
                .filter(job -> job.get("id").equals(repot.get("id")))
                .findFirst()
                .orElseThrow()
                .get("blocked")
                .asString())
        .startsWith("Its pot does not come");
  }

  @Test
  void byHandAndTakenOutAgain() {
    House house = new House(planner, "Season eleven");
    String plant = crowded(house, "SE-12");
    String id = UUID.randomUUID().toString();
    String body =
        """
        {"plantId":"%s","kind":"TREATMENT","fromOn":"2027-05-01","toOn":"2027-05-20","minutes":25,
         "people":1,"why":"The client wants it done before the opening."}"""
            .formatted(plant);
    assertThat(planner.put("/api/season/jobs/" + id, body).status()).isEqualTo(204);
    assertThat(planner.put("/api/season/jobs/" + id, body).status()).as("twice").isEqualTo(204);
    assertThat(jobs(plant))
        .filteredOn(job -> job.get("source").asString().equals("HAND"))
        .hasSize(1);
    house.check(plant, "2027-04-12T09:10:00Z", CLEAR);
    assertThat(jobs(plant)).anyMatch(job -> job.get("id").asString().equals(id));

    assertThat(
            technician
                .post(
                    "/api/season/jobs/" + id + "/done",
                    "{\"doneOn\":\"2027-04-12\",\"minutes\":20}")
                .status())
        .isEqualTo(204);
    assertThat(jobs(plant)).noneMatch(job -> job.get("id").asString().equals(id));

    String repot = repot(plant).get("id").asString();
    planner.post("/api/season/jobs/" + repot + "/drop", "{\"why\":\"It is to be sold.\"}");
    assertThat(jobs(plant)).isEmpty();
    house.check(plant, "2027-04-12T09:20:00Z", CLEAR);
    assertThat(jobs(plant)).as("the same work is not proposed again").isEmpty();
  }

  @Test
  void whatWasNotDoneWaitsAgainWithItsReason() {
    House house = new House(planner, "Season twelve");
    String plant = crowded(house, "SE-13");
    move(repot(plant), "2027-04-17", crew);
    assertThat(
            technician
                .post(
                    "/api/season/jobs/" + repot(plant).get("id").asString() + "/skip",
                    "{\"why\":\"The lift was out of order.\"}")
                .status())
        .isEqualTo(204);
    assertThat(repot(plant).get("plannedOn").isNull()).isTrue();
    assertThat(repot(plant).get("note").asString())
        .contains("17 Apr")
        .contains("The lift was out of order.");
  }

  @Test
  void anAbsenceEmptiesTheDayAndWhyNotSaysIt() {
    House house = new House(planner, "Season thirteen");
    JsonNode repot = repot(crowded(house, "SE-14"));
    String absence = UUID.randomUUID().toString();
    assertThat(
            planner
                .put(
                    "/api/absences/" + absence,
                    "{\"personId\":\"%s\",\"fromOn\":\"2027-04-17\",\"toOn\":\"2027-04-20\",\"reason\":\"course\"}"
                        .formatted(person))
                .status())
        .isEqualTo(204);
    JsonNode mine =
        planner
            .get("/api/season/jobs/" + repot.get("id").asString() + "/why?on=2027-04-17")
            .json()
            .valueStream()
            .filter(option -> option.get("leadId").asString().equals(crew.toString()))
            .findFirst()
            .orElseThrow();
    assertThat(mine.get("allowed").asBoolean()).isFalse();
    assertThat(mine.get("words").asString()).contains("is away");
    planner.delete("/api/absences/" + absence);
    JsonNode back =
        planner
            .get("/api/season/jobs/" + repot.get("id").asString() + "/why?on=2027-04-17")
            .json()
            .valueStream()
            .filter(option -> option.get("leadId").asString().equals(crew.toString()))
            .findFirst()
            .orElseThrow();
    assertThat(back.get("allowed").asBoolean()).as(back.get("words").asString()).isTrue();
  }

  @Test
  void faultsOfACrewAreNamed() {
    assertThat(crew("Backwards", 6, "16:00", "08:00", "[]", 1).json().toString())
        .contains("hours[0].ends")
        .contains("ends before it begins");
    assertThat(crew("Edited", 6, "08:00", "12:00", "[\"TREATMENTS\"]", 1).status()).isEqualTo(204);
    assertThat(crew("Edited late", 6, "08:00", "12:00", "[]", 1).status()).isEqualTo(412);
    assertThat(
            planner
                .put(
                    "/api/crews/" + UUID.randomUUID(),
                    "{\"name\":\"Nobody\",\"vanLitres\":1,\"vanKg\":1,\"skills\":[],\"people\":[],\"hours\":[]}")
                .json()
                .toString())
        .contains("people");
    UUID idle = UUID.randomUUID();
    planner.put(
        "/api/crews/" + idle,
        "{\"name\":\"Idle\",\"vanLitres\":1,\"vanKg\":1,\"skills\":[],\"people\":[{\"id\":\"%s\",\"name\":\"Una Vesk\"}],\"hours\":[]}"
            .formatted(UUID.randomUUID()));
    assertThat(planner.get("/api/crews").json().toString()).contains("It has no hours");
  }

  @Test
  void aSiteFarAwayAndOneThatIsNeverOpenAreSaid() {
    House house = new House(planner, "Season far");
    String plant = crowded(house, "SE-15");
    int version = planner.get("/api/sites/" + house.site).json().get("site").get("version").asInt();
    String site =
        """
        {"clientId":"%s","name":"Far","latitude":%s,"longitude":%s,"outdoors":false,"use":"PUBLIC",
         "accessNote":"","visits":{"everyWeeks":1,"from":"2024-01-01","days":%s},
         "access":{"floors":"STAIRS","parkingMinutes":10,"days":[]}}""";
    assertThat(
            planner
                .put(
                    "/api/sites/" + house.site,
                    site.formatted(house.client, "44.0", "170.0", "[{\"weekday\":6}]"),
                    "If-Match",
                    "\"" + version + "\"")
                .status())
        .isEqualTo(204);
    assertThat(repot(plant).get("blocked").asString()).contains("longer than any day");
    planner.put(
        "/api/sites/" + house.site,
        site.formatted(house.client, "44.0", "-7.3", "[]"),
        "If-Match",
        "\"" + (version + 1) + "\"");
    assertThat(repot(plant).get("blocked").asString()).contains("Nobody gets in");
  }

  private String scheduled(String plant, String day) {
    String job = UUID.randomUUID().toString();
    Http.Answer answer =
        planner.put(
            "/api/jobs/" + job, "{\"plantId\":\"%s\",\"plannedOn\":\"%s\"}".formatted(plant, day));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return job;
  }

  @Test
  void aRepotThatIsScheduledStandsOnItsDayAndOneThatIsDroppedWaitsAgain() {
    House house = new House(planner, "Season dropped");
    String plant = crowded(house, "SE-16");
    String id = repot(plant).get("id").asString();
    String job = scheduled(plant, "2027-04-20");
    JsonNode stands = repot(plant);
    assertThat(stands.get("id").asString()).as("the same job").isEqualTo(id);
    assertThat(stands.get("jobId").asString()).isEqualTo(job);
    assertThat(stands.get("plannedOn").asString()).isEqualTo("2027-04-20");
    planner.delete("/api/jobs/" + job);
    assertThat(repot(plant).get("jobId").isNull()).isTrue();
    assertThat(repot(plant).get("plannedOn").isNull()).isTrue();
  }

  @Test
  void whatFollowsARepotThatIsDoneHasItsDays() {
    House house = new House(planner, "Season done");
    String plant = house.plant("Echinopsis oxygona", 110, "SE-17");
    house.check(plant, DAY, CLEAR);
    String water =
        jobs(plant).stream()
            .filter(job -> job.get("kind").asString().equals("WATER_IN"))
            .findFirst()
            .orElseThrow()
            .get("id")
            .asString();
    String job = scheduled(plant, "2027-04-12");
    Http.Answer done =
        planner.put(
            "/api/jobs/" + job + "/done",
            "{\"doneOn\":\"2027-04-12\",\"oldPot\":\"WASTE\",\"minutes\":20,\"offspring\":[]}");
    assertThat(done.status()).as(done.body()).isEqualTo(200);
    List<JsonNode> after = jobs(plant);
    assertThat(after).noneMatch(each -> each.get("kind").asString().equals("REPOT"));
    JsonNode in =
        after.stream()
            .filter(each -> each.get("id").asString().equals(water))
            .findFirst()
            .orElseThrow();
    assertThat(in.get("fromOn").asString()).isGreaterThan("2027-04-12").isLessThan("2027-05-01");
    assertThat(in.get("afterId").isNull()).isTrue();
    assertThat(after)
        .filteredOn(each -> each.get("kind").asString().equals("FOLLOW_UP"))
        .hasSize(2)
        .allMatch(each -> each.get("source").asString().equals("CARE"));
    assertThat(after).extracting(each -> each.get("id").asString()).doesNotHaveDuplicates();
  }

  @Test
  void whoLooksAtTheSamePlantAtOnceAddsItsWorkOnce() throws Exception {
    House house = new House(planner, "Season at once");
    for (int round = 0; round < 5; round++) {
      String plant = house.plant("Schefflera arboricola", 190, "SE-R" + round);
      try (var pool = new Pool(4)) {
        List<Future<?>> all = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
          String at = "2027-04-12T08:0" + i + ":00Z";
          all.add(pool.submit(() -> house.check(plant, at, CLEAR)));
        }
        for (var each : all) {
          each.get();
        }
      }
      assertThat(jobs(plant))
          .filteredOn(job -> job.get("kind").asString().equals("REPOT"))
          .hasSize(1);
    }
  }

  /** Threads that end with the block they are used in. */
  private record Pool(ExecutorService threads) implements AutoCloseable {
    Pool(int size) {
      this(Executors.newFixedThreadPool(size));
    }

    Future<?> submit(Runnable work) {
      return threads.submit(work);
    }

    @Override
    public void close() {
      threads.shutdownNow();
    }
  }

  @Test
  void weightsAreTheTeamsOwn() {
    JsonNode before = planner.get("/api/season").json().get("weights");
    Http.Answer answer =
        planner.put(
            "/api/season/weights",
            "{\"late\":7,\"lateSoon\":20,\"lateNow\":60,\"early\":1,\"uneven\":6,\"moved\":40}");
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    assertThat(planner.get("/api/season").json().get("weights").get("late").asInt()).isEqualTo(7);
    planner.put("/api/season/weights", before.toString());
    assertThat(
            planner
                .put(
                    "/api/season/weights",
                    "{\"late\":-7,\"lateSoon\":20,\"lateNow\":60,\"early\":1,\"uneven\":6,\"moved\":40}")
                .json()
                .toString())
        .contains("late");
  }
}
