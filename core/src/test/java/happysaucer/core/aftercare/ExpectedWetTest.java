package happysaucer.core.aftercare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.aftercare.ExpectedWet.Against;
import happysaucer.core.aftercare.ExpectedWet.Found;
import happysaucer.core.aftercare.ExpectedWet.Point;
import happysaucer.core.aftercare.ExpectedWet.Week;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ExpectedWetTest {
  private static final LocalDate WORK = LocalDate.of(2027, 4, 1);
  private static final List<Week> WEEKS =
      List.of(
          new Week(WORK, Optional.of(5.0)),
          new Week(WORK.plusDays(7), Optional.of(6.0)),
          new Week(WORK.plusDays(14), Optional.of(8.0)));

  private static List<Point> points(LocalDate first, LocalDate... poured) {
    return ExpectedWet.of(
        WORK, first, WEEKS, List.of(poured), 0.5, WORK.plusDays(6), WORK.plusDays(30));
  }

  private static double on(List<Point> points, int day) {
    return points.get(day).wet();
  }

  @Test
  void itIsFullAfterEachWateringAndDownToItsRefillWhenTheNextIsDue() {
    List<Point> points = points(WORK);
    assertThat(points).hasSize(31).allMatch(point -> point.wet() >= 0 && point.wet() <= 1);
    assertThat(on(points, 0)).isEqualTo(1);
    assertThat(on(points, 4)).isCloseTo(1 - 0.5 * 4 / 5, within(1e-9));
    assertThat(on(points, 5)).as("watered by the plan").isEqualTo(1);
  }

  @Test
  void beforeAFirstWateringThatWaitsItIsAsItCameOutOfTheBag() {
    List<Point> points = points(WORK.plusDays(9));
    assertThat(on(points, 8)).isLessThan(0.5);
    assertThat(on(points, 9)).isEqualTo(1);
  }

  @Test
  void aPourThatWasToldMovesTheOnesAfterIt() {
    List<Point> points = points(WORK, WORK.plusDays(3));
    assertThat(on(points, 3)).isEqualTo(1);
    assertThat(on(points, 5)).isLessThan(1);
    assertThat(on(points, 8)).as("five days after the pour").isEqualTo(1);
    assertThat(on(points(WORK, WORK), 6))
        .as("nobody told of another, so it goes on drying until today")
        .isLessThan(on(points(WORK, WORK), 5));
  }

  @Test
  void whatIsFoundIsHeldAgainstWhatWasToBeExpected() {
    List<Point> points = points(WORK);
    LocalDate dry = WORK.plusDays(4);
    assertThat(ExpectedWet.against(points, List.of(new Found(WORK, true), new Found(dry, true))))
        .containsExactly(new Against(dry, true));
    LocalDate full = WORK.plusDays(5);
    assertThat(ExpectedWet.against(points, List.of(new Found(full, false))))
        .containsExactly(new Against(full, false));
    assertThat(ExpectedWet.against(points, List.of(new Found(WORK.plusDays(300), true)))).isEmpty();
  }

  @Test
  void theNextWateringsCountOnFromTheLastThatWasTold() {
    List<NextWaterings.Pour> plan =
        WEEKS.stream().map(week -> new NextWaterings.Pour(week, 0.4)).toList();
    LocalDate today = WORK.plusDays(10);
    List<NextWaterings.Due> due =
        NextWaterings.of(WORK, plan, Optional.of(WORK.plusDays(8)), today, today.plusDays(20));
    assertThat(due)
        .extracting(NextWaterings.Due::on)
        .containsExactly(WORK.plusDays(14), WORK.plusDays(22), WORK.plusDays(30));
    assertThat(due).noneMatch(NextWaterings.Due::late);

    List<NextWaterings.Due> late =
        NextWaterings.of(WORK, plan, Optional.of(WORK), today, today.plusDays(20));
    assertThat(late.get(0).on()).isEqualTo(WORK.plusDays(5));
    assertThat(late.get(0).late()).isTrue();
    assertThat(late.get(1).on()).as("counted from today").isEqualTo(today.plusDays(6));
    assertThat(
            NextWaterings.of(WORK.plusDays(12), plan, Optional.of(WORK), today, today.plusDays(3))
                .get(0)
                .on())
        .as("the first one waits for its day, whatever was poured before")
        .isEqualTo(WORK.plusDays(12));
  }
}
