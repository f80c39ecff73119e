package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.context.ConfigurableApplicationContext;

/** Whoever tries the demo does so on any day of the year: it is laid in all the same. */
class DemoSeasonsTest {
  @ParameterizedTest
  @ValueSource(strings = "2027-01-15T08:30")
  void inWinterTheDemoIsThereAndSomethingRecovers(String clock) {
    try (ConfigurableApplicationContext running = RunningServer.start(true, clock)) {
      Http technician = new Http(RunningServer.url(running)).as("technician");
      assertThat(technician.get("/api/plants").json().get("total").asInt()).isEqualTo(100);
      assertThat(technician.get("/api/watch").json().get("plants")).hasSizeGreaterThan(1);
    }
  }
}
