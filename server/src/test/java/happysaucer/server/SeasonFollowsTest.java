package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What follows a plant through its season: work with a day, work that is done, looks at once. */
@ExtendWith(RunningServer.class)
class SeasonFollowsTest {
  private static final String DAY = "2027-04-12T08:00:00Z";
  private final Http planner;
  private final Http technician;
  private final Season season;

  SeasonFollowsTest(Http http) {
    planner = http.as("planner");
    technician = http.as("technician");
    season = new Season(planner);
  }

  private String crowded(House house, String label) {
    String plant = house.plant("Schefflera arboricola", 190, label);
    house.check(plant, DAY, Season.CLEAR);
    return plant;
  }

  @Test
  void aRepotThatIsScheduledStandsOnItsDayAndOneThatIsDroppedWaitsAgain() {
    House house = new House(planner, "Season dropped");
    String plant = crowded(house, "SE-16");
    String id = season.repot(plant).get("id").asString();
    String job = season.scheduled(plant, "2027-04-20");
    JsonNode stands = season.repot(plant);
    assertThat(stands.get("id").asString()).as("the same job").isEqualTo(id);
    assertThat(stands.get("jobId").asString()).isEqualTo(job);
    assertThat(stands.get("plannedOn").asString()).isEqualTo("2027-04-20");
    planner.delete("/api/jobs/" + job);
    assertThat(season.repot(plant).get("jobId").isNull()).isTrue();
    assertThat(season.repot(plant).get("plannedOn").isNull()).isTrue();
  }

  @Test
  void whatFollowsARepotThatIsDoneHasItsDays() {
    House house = new House(planner, "Season done");
    String plant = house.plant("Echinopsis oxygona", 110, "SE-17");
    house.check(plant, DAY, Season.CLEAR);
    String water =
        season.jobs(plant).stream()
            .filter(job -> job.get("kind").asString().equals("WATER_IN"))
            .findFirst()
            .orElseThrow()
            .get("id")
            .asString();
    String job = season.scheduled(plant, "2027-04-12");
    Http.Answer done =
        planner.put(
            "/api/jobs/" + job + "/done",
            "{\"doneOn\":\"2027-04-12\",\"oldPot\":\"WASTE\",\"minutes\":20,\"offspring\":[]}");
    assertThat(done.status()).as(done.body()).isEqualTo(200);
    List<JsonNode> after = season.jobs(plant);
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
          all.add(pool.submit(() -> house.check(plant, at, Season.CLEAR)));
        }
        for (var each : all) {
          each.get();
        }
      }
      assertThat(season.jobs(plant))
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
  void onTheBenchItIsTwoTrips() {
    House house = new House(planner, "Season nine");
    String plant = crowded(house, "SE-10");
    JsonNode repot = season.repot(plant);
    String facts = "/api/season/jobs/" + repot.get("id").asString() + "/facts";
    assertThat(planner.put(facts, "{\"bench\":true,\"materialNever\":false}").status())
        .isEqualTo(204);
    assertThat(season.jobs(plant))
        .extracting(job -> job.get("place").asString())
        .contains("COLLECT", "BENCH", "RETURN");
    house.check(plant, "2027-04-12T09:00:00Z", Season.CLEAR);
    assertThat(season.jobs(plant))
        .as("another look at it changes nothing of that")
        .extracting(job -> job.get("place").asString())
        .contains("COLLECT", "BENCH", "RETURN");
    assertThat(planner.put(facts, "{\"bench\":false,\"materialNever\":false}").status())
        .isEqualTo(204);
    assertThat(season.jobs(plant))
        .extracting(job -> job.get("place").asString())
        .containsOnly("SITE");
  }

  @Test
  void whatStoodOnTheBenchIsBroughtBack() {
    House house = new House(planner, "Season back");
    String plant = crowded(house, "SE-B1");
    planner.put(
        "/api/season/jobs/" + season.repot(plant).get("id").asString() + "/facts",
        "{\"bench\":true,\"materialNever\":false}");
    String job = season.scheduled(plant, "2027-04-12");
    planner.put(
        "/api/jobs/" + job + "/done",
        "{\"doneOn\":\"2027-04-12\",\"oldPot\":\"WASTE\",\"minutes\":20,\"offspring\":[]}");
    house.check(plant, "2027-04-12T08:25:00Z", "");
    assertThat(season.jobs(plant))
        .extracting(each -> each.get("place").asString())
        .contains("RETURN")
        .doesNotContain("COLLECT", "BENCH");
    JsonNode back =
        season.jobs(plant).stream()
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
    assertThat(season.jobs(plant)).noneMatch(each -> each.get("place").asString().equals("RETURN"));
  }

  @Test
  void aPotThatNeverComesIsSaid() {
    House house = new House(planner, "Season ten");
    JsonNode repot = season.repot(crowded(house, "SE-11"));
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
    assertThat(season.jobs(plant))
        .filteredOn(job -> job.get("source").asString().equals("HAND"))
        .hasSize(1);
    house.check(plant, "2027-04-12T09:10:00Z", Season.CLEAR);
    assertThat(season.jobs(plant)).anyMatch(job -> job.get("id").asString().equals(id));

    assertThat(
            technician
                .post(
                    "/api/season/jobs/" + id + "/done",
                    "{\"doneOn\":\"2027-04-12\",\"minutes\":20}")
                .status())
        .isEqualTo(204);
    assertThat(season.jobs(plant)).noneMatch(job -> job.get("id").asString().equals(id));

    String repot = season.repot(plant).get("id").asString();
    planner.post("/api/season/jobs/" + repot + "/drop", "{\"why\":\"It is to be sold.\"}");
    assertThat(season.jobs(plant)).isEmpty();
    house.check(plant, "2027-04-12T09:20:00Z", Season.CLEAR);
    assertThat(season.jobs(plant)).as("the same work is not proposed again").isEmpty();
  }
}
