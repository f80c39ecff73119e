package happysaucer.core.round;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DueWorkTest {
  private static final LocalDate DAY = LocalDate.of(2027, 4, 12);

  private static DueWork.Day<String> day(
      Optional<LocalDate> checked,
      Optional<LocalDate> recheck,
      String urgency,
      Optional<DueWork.Planned<String>> job,
      List<DueWork.Step<String>> steps) {
    return new DueWork.Day<>(DAY, checked, recheck, urgency, "Rotten.", job, steps, false);
  }

  private static List<DueWork.Kind> kinds(DueWork.Day<String> day) {
    return DueWork.on(day).stream().map(DueWork.Due::kind).toList();
  }

  private static final Optional<LocalDate> LATELY = Optional.of(DAY.minusDays(5));

  @ParameterizedTest
  @CsvSource({"27, , false", "28, , true", "5, 1, false", "5, 0, true", "5, -3, true"})
  void aLookIsDueWhenAskedForOrAfterFourWeeks(int checked, Integer recheck, boolean due) {
    List<DueWork.Kind> kinds =
        kinds(
            day(
                Optional.of(DAY.minusDays(checked)),
                Optional.ofNullable(recheck).map(DAY::plusDays),
                "NOT_DUE",
                Optional.empty(),
                List.of()));
    assertThat(kinds.contains(DueWork.Kind.CHECK)).isEqualTo(due);
  }

  @Test
  void aCallPressesOnlyWhileNothingIsPlanned() {
    assertThat(kinds(day(LATELY, Optional.empty(), "NOW", Optional.empty(), List.of())))
        .containsExactly(DueWork.Kind.CALL);
    Optional<DueWork.Planned<String>> later =
        Optional.of(new DueWork.Planned<>("j", DAY.plusDays(3), Optional.empty()));
    assertThat(kinds(day(LATELY, Optional.empty(), "NOW", later, List.of()))).isEmpty();
  }

  @Test
  void whatCameInTheWayOfAJobIsSaid() {
    Optional<DueWork.Planned<String>> held =
        Optional.of(new DueWork.Planned<>("j", DAY, Optional.of("On hold. In bud.")));
    assertThat(DueWork.on(day(LATELY, Optional.empty(), "NOT_DUE", held, List.of())))
        .singleElement()
        .extracting(DueWork.Due::text)
        .isEqualTo("Repot planned for today. On hold. In bud.");
  }

  @Test
  void aMissedFollowUpSaysSoAndOneToComeIsNotDue() {
    List<DueWork.Due<String>> due =
        DueWork.on(
            day(
                LATELY,
                Optional.empty(),
                "NOT_DUE",
                Optional.empty(),
                List.of(
                    new DueWork.Step<>("a", DAY.minusDays(9), DAY.minusDays(2), "Look at it."),
                    new DueWork.Step<>("b", DAY.plusDays(1), DAY.plusDays(9), "Feed it."))));
    assertThat(due)
        .singleElement()
        .extracting(DueWork.Due::text)
        .isEqualTo("Missed follow-up: Look at it.");
  }

  @Test
  void anEmergencyComesFirst() {
    assertThat(DueWork.rank(Saucer.URGENT, List.of())).isZero();
    assertThat(DueWork.rank(Saucer.NOTHING_DUE, List.of())).isEqualTo(9);
  }
}
