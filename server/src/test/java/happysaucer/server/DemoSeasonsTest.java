package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.context.ConfigurableApplicationContext;

/** Whoever tries the demo does so on any day of the year: it is laid in all the same. */
class DemoSeasonsTest {
  @ParameterizedTest
  @ValueSource(strings = {"2027-01-15T08:30", "2026-11-28T08:30"})
  void inTheDarkMonthsTheDemoIsThereAndSomethingRecovers(String clock) {
    try (ConfigurableApplicationContext running = RunningServer.start(true, clock)) {
      Http technician = new Http(RunningServer.url(running)).as("technician");
      assertThat(technician.get("/api/plants").json().get("total").asInt()).isEqualTo(100);
      assertThat(technician.get("/api/watch").json().get("plants")).hasSizeGreaterThan(1);
      for (String label : List.of("T-001", "T-003", "T-007", "T-018", "T-059")) {
        OnTheCurve.assertSeen(
            label,
            technician.get("/api/plants/" + technician.plantId(label) + "/dry-down").json(),
            0.1);
      }
    }
  }
}
