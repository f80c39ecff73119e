package happysaucer.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.advice.Advice;
import happysaucer.server.House;
import happysaucer.server.Http;
import happysaucer.server.RunningServer;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What a job needs is kept in rows that follow its plan. */
@ExtendWith(RunningServer.class)
class JobNeedsTest {
  private final Http planner;
  private final JobMapper mapper;

  JobNeedsTest(Http http, JobMapper mapper) {
    this.planner = http.as("planner");
    this.mapper = mapper;
  }

  private static double amount(List<Advice.Need> needs, String kind) {
    return needs.stream()
        .filter(need -> need.kind().equals(kind))
        .mapToDouble(Advice.Need::amount)
        .sum();
  }

  @Test
  void theRowsAreThoseOfThePlanAndFollowIt() {
    House house = new House(planner, "Needs one");
    String plant = house.plant("Ficus elastica", 184, "NE-1");
    house.check(
        plant,
        "2027-04-12T08:20:00Z",
        "{\"code\":\"ROOTS_CIRCLING\",\"grade\":\"SEVERE\"},{\"code\":\"ROOTS_FROM_DRAIN_HOLES\",\"grade\":\"CLEAR\"}");
    UUID job = UUID.randomUUID();
    planner.put(
        "/api/jobs/" + job, "{\"plantId\":\"%s\",\"plannedOn\":\"2027-04-12\"}".formatted(plant));
    List<Advice.Need> planned = mapper.needs(job);
    assertThat(amount(planned, "POT")).isEqualTo(1);
    assertThat(amount(planned, "MIX"))
        .isEqualTo(
            planner
                .get("/api/jobs/" + job)
                .json()
                .get("advice")
                .get("repot")
                .get("mix")
                .get("litres")
                .asDouble());
    planner.put(
        "/api/jobs/" + job + "/found",
        "{\"signs\":[{\"code\":\"ROOTS_ROTTEN\",\"value\":0.3}],\"ball\":null}");
    List<Advice.Need> found = mapper.needs(job);
    assertThat(amount(found, "MIX")).isNotEqualTo(amount(planned, "MIX"));
    assertThat(found)
        .anySatisfy(need -> assertThat(need.code()).isEqualTo("BLADES"))
        .anySatisfy(need -> assertThat(need.code()).isEqualTo("ROOT_CUTTING"));
  }
}
