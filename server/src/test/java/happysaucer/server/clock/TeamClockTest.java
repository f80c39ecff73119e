package happysaucer.server.clock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;

class TeamClockTest {
  @Test
  void theDayIsThatOfTheTeamsZone() {
    TeamClock clock = new TeamClock("UTC", "2027-04-12T23:30");
    assertThat(clock.today()).isEqualTo(LocalDate.of(2027, 4, 12));
    clock.useZone(ZoneId.of("Pacific/Auckland"));
    assertThat(clock.today()).isEqualTo(LocalDate.of(2027, 4, 13));
    assertThat(clock.dateOf(Instant.parse("2027-04-12T11:00:00Z")))
        .isEqualTo(LocalDate.of(2027, 4, 12));
  }

  @Test
  void aSetClockRunsOnFromThere() {
    TeamClock clock = new TeamClock("UTC", "");
    clock.set(LocalDateTime.parse("2030-01-01T08:00"));
    assertThat(clock.now())
        .isBetween(Instant.parse("2030-01-01T08:00:00Z"), Instant.parse("2030-01-01T08:05:00Z"));
  }

  @Test
  void anExcursionEndsEvenWhenItFails() {
    TeamClock clock = new TeamClock("UTC", "2027-04-12T08:30");
    assertThatThrownBy(
            () ->
                clock.at(
                    LocalDateTime.parse("2020-01-01T08:00"),
                    () -> {
                      assertThat(clock.today().getYear()).isEqualTo(2020);
                      throw new IllegalStateException("stop");
                    }))
        .hasMessage("stop");
    assertThat(clock.today()).isEqualTo(LocalDate.of(2027, 4, 12));
  }
}
