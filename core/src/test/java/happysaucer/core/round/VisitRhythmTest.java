package happysaucer.core.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class VisitRhythmTest {
  private static final LocalDate WEDNESDAY = LocalDate.of(2027, 4, 14);

  private static List<LocalDate> visits(VisitRhythm rhythm, int days) {
    return IntStream.range(0, days)
        .mapToObj(WEDNESDAY.minusDays(10)::plusDays)
        .filter(rhythm::falls)
        .toList();
  }

  @Test
  void itsWeekIsTheOneOfTheFirstDayAndNothingFallsBefore() {
    VisitRhythm rhythm = new VisitRhythm(2, Set.of(DayOfWeek.MONDAY, DayOfWeek.FRIDAY), WEDNESDAY);
    assertThat(visits(rhythm, 40))
        .containsExactly(
            LocalDate.of(2027, 4, 16),
            LocalDate.of(2027, 4, 26),
            LocalDate.of(2027, 4, 30),
            LocalDate.of(2027, 5, 10));
  }

  @Test
  void theNextOneIsLookedForPastTheWeeksBetween() {
    VisitRhythm rhythm = new VisitRhythm(8, Set.of(DayOfWeek.MONDAY), WEDNESDAY);
    assertThat(rhythm.next(WEDNESDAY)).contains(LocalDate.of(2027, 6, 7));
    assertThat(rhythm.next(LocalDate.of(2027, 6, 7))).contains(LocalDate.of(2027, 6, 7));
    assertThat(rhythm.next(LocalDate.of(2020, 1, 1))).contains(LocalDate.of(2027, 6, 7));
  }

  @Test
  void weeksRunOnOverTheYearAndBeforeTheDayThatDaysAreCountedFrom() {
    VisitRhythm rhythm = new VisitRhythm(2, Set.of(DayOfWeek.SUNDAY), LocalDate.of(1969, 12, 22));
    assertThat(rhythm.falls(LocalDate.of(1969, 12, 28))).isTrue();
    assertThat(rhythm.falls(LocalDate.of(1970, 1, 4))).isFalse();
    assertThat(rhythm.falls(LocalDate.of(1970, 1, 11))).isTrue();
  }

  @Test
  void whereNobodyComesByTheCalendarThereIsNoNextOne() {
    assertThat(new VisitRhythm(1, Set.of(), WEDNESDAY).next(WEDNESDAY)).isEmpty();
    assertThatThrownBy(() -> new VisitRhythm(0, Set.of(), WEDNESDAY))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
