package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** The plan of a job follows its day: when it is moved, and when it is done on another. */
@ExtendWith(RunningServer.class)
class JobDayTest {
  private static final String NOW = "2027-04-12T08:20:00Z";
  private static final String CROWDED =
      "{\"code\":\"ROOTS_CIRCLING\",\"grade\":\"SEVERE\"},{\"code\":\"ROOTS_FROM_DRAIN_HOLES\",\"grade\":\"CLEAR\"}";
  private final Http planner;
  private final Http technician;

  private final JdbcTemplate sql;

  JobDayTest(Http http, JdbcTemplate sql) {
    this.sql = sql;
    planner = http.as("planner");
    technician = http.as("technician");
  }

  private String job(House house, String species, String label) {
    String plant = house.plant(species, 184, label);
    house.check(plant, NOW, CROWDED);
    String id = UUID.randomUUID().toString();
    Http.Answer answer =
        planner.put(
            "/api/jobs/" + id,
            "{\"plantId\":\"%s\",\"plannedOn\":\"2027-04-12\"}".formatted(plant));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return id;
  }

  private JsonNode moved(String job, String day) {
    JsonNode now = planner.get("/api/jobs/" + job).json();
    Http.Answer answer =
        planner.send(
            "PUT",
            "/api/jobs/" + job + "/day",
            "{\"plannedOn\":\"%s\"}".formatted(day),
            "If-Match",
            "\"" + now.get("job").get("version").asInt() + "\"");
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json();
  }

  @Test
  void threeWeeksLaterSheetAndCardReadThreeWeeksLaterInBothUnits() {
    String job = job(new House(planner, "Day one"), "Echinopsis oxygona", "DA-1");
    JsonNode before = planner.get("/api/jobs/" + job).json();
    assertThat(before.toString()).contains("April 2027");
    planner.put("/api/jobs/" + job + "/steps/1", "{\"tickedAt\":\"2027-04-12T08:31:00Z\"}");

    JsonNode after = moved(job, "2027-05-03");
    technician.put("/api/session/units", "{\"units\":\"IMPERIAL\"}");
    try {
      for (JsonNode read : new JsonNode[] {after, technician.get("/api/jobs/" + job).json()}) {
        JsonNode plan = read.get("advice").get("repot");
        assertThat(plan.get("workOn").asString()).isEqualTo("2027-05-03");
        assertThat(plan.get("waterIn").get("on").asString()).isEqualTo("2027-05-13");
        assertThat(plan.get("steps").toString()).doesNotContain("April");
        assertThat(read.get("steps").toString()).doesNotContain("April");
        assertThat(read.get("advice").get("aftercare").toString())
            .contains("until 13 May 2027")
            .doesNotContain("April")
            .doesNotContain("2027-04-");
        assertThat(read.get("steps").get(1).get("tickedAt").isNull()).isFalse();
      }
      assertThat(technician.get("/api/jobs/" + job).body()).contains(" in inside width");
    } finally {
      technician.put("/api/session/units", "{\"units\":\"METRIC\"}");
    }
    assertThat(after.get("advice").get("repot").get("candidates"))
        .isNotEmpty()
        .hasSameSizeAs(before.get("advice").get("repot").get("candidates"));
  }

  @Test
  void workDoneOnAnotherDayIsCaredForFromThatDay() {
    String job = job(new House(planner, "Day two"), "Echinopsis oxygona", "DA-2");
    moved(job, "2027-05-03");
    Http.Answer done =
        planner.put("/api/jobs/" + job + "/done", "{\"doneOn\":\"2027-04-10\",\"minutes\":20}");
    assertThat(done.status()).as(done.body()).isEqualTo(200);
    JsonNode care = planner.get("/api/jobs/" + job + "/card").json();
    assertThat(care.get("steps").toString())
        .contains("until 20 April 2027")
        .doesNotContain("May 2027");
    assertThat(care.get("weeks").get(0).get("fromOn").asString()).isEqualTo("2027-04-10");
    assertThat(
            planner
                .get("/api/jobs/" + job)
                .json()
                .get("advice")
                .get("repot")
                .get("workOn")
                .asString())
        .isEqualTo("2027-04-10");
  }

  @Test
  void whatTheBookCannotGiveAnewAnyMoreStaysTheSameWorkWithItsDatesMoved() {
    String job = job(new House(planner, "Day four"), "Echinopsis oxygona", "DA-4");
    sql.update(
        "update job set asked = replace(asked, 'Echinopsis oxygona', 'Out of the book') where id = ?",
        UUID.fromString(job));
    JsonNode was = planner.get("/api/jobs/" + job).json().get("advice");

    JsonNode advice = moved(job, "2027-05-03").get("advice");

    assertThat(advice.get("repot").get("workOn").asString()).isEqualTo("2027-05-03");
    assertThat(advice.get("repot").get("steps").toString()).doesNotContain("April");
    assertThat(advice.get("aftercare").toString())
        .contains("until 13 May 2027")
        .doesNotContain("April", "2027-04-");
    assertThat(advice.get("repot").get("candidates")).isEqualTo(was.get("repot").get("candidates"));
    assertThat(advice.get("call")).isEqualTo(was.get("call"));
  }

  /** The method in force when it was planned stays in force for it. */
  @Test
  void aMethodThatIsChangedMeanwhileDoesNotChangeAJobThatIsMoved() {
    House house = new House(planner, "Day three");
    String job = job(house, "Ficus elastica", "DA-3");
    String plant = planner.get("/api/jobs/" + job).json().get("job").get("plantId").asString();
    Http.Answer chosen =
        planner.put(
            "/api/method",
            "{\"level\":\"PLANT\",\"target\":\"%s\",\"key\":\"feed\",\"choice\":\"HOLD\"}"
                .formatted(plant));
    assertThat(chosen.status()).as(chosen.body()).isLessThan(300);
    JsonNode after = moved(job, "2027-05-03");
    assertThat(after.get("advice").get("repot").get("feed").get("kind").asString())
        .isNotEqualTo("HOLD");
    assertThat(after.get("advice").get("repot").get("workOn").asString()).isEqualTo("2027-05-03");
  }
}
