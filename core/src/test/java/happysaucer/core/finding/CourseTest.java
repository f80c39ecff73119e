package happysaucer.core.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.casefile.History;
import happysaucer.core.finding.Course.Watering;
import happysaucer.core.season.Season;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;

/** How measures went over the visits, as the plant's page draws them. */
class CourseTest {
  private static final LocalDate TODAY = LocalDate.of(2027, 6, 21);
  private static final ToDoubleFunction<LocalDate> FIFTY_NORTH = day -> Season.growth(50, day);

  private static Course of(Course.Code code, List<Course> courses) {
    return courses.stream().filter(c -> c.code() == code).findFirst().orElseThrow();
  }

  @Test
  void anIntervalInTheDarkMonthsIsWorthLessOfTodays() {
    LocalDate winter = LocalDate.of(2026, 12, 20);
    List<Course> courses =
        Course.of(
            FIFTY_NORTH,
            TODAY,
            Optional.empty(),
            List.of(
                new Watering(winter, 1, 0),
                new Watering(winter.plusDays(20), 1, 0),
                new Watering(TODAY.minusDays(8), 1, 0),
                new Watering(TODAY, 1, 0)),
            List.of());
    List<Course.Point> points = of(Course.Code.WATERING_INTERVAL, courses).points();

    assertThat(points).hasSize(2);
    assertThat(points.get(0).value())
        .isCloseTo(
            20 * Season.growth(50, winter.plusDays(10)) / Season.growth(50, TODAY), within(0.2))
        .isLessThan(10);
    assertThat(points.get(1).value()).isCloseTo(8, within(0.2));
  }

  @Test
  void aRetainedShareNeedsACaughtRunOff() {
    List<Course> courses =
        Course.of(
            FIFTY_NORTH,
            TODAY,
            Optional.empty(),
            List.of(
                new Watering(TODAY.minusDays(14), 1.0, 0.2),
                new Watering(TODAY.minusDays(7), 1.0, 0),
                new Watering(TODAY, 0.8, 0.4)),
            List.of());
    assertThat(of(Course.Code.RETAINED_SHARE, courses).points())
        .extracting(Course.Point::value)
        .containsExactly(0.8, 0.5);
  }

  @Test
  void soakInThatGrowsFromCheckToCheckWorsensUnlessTheRepotLiesBetween() {
    List<History.Measured> measures = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      measures.add(new History.Measured(TODAY.minusDays(90 - 28L * i), "WATER_POOLS", 30 + 20 * i));
    }
    Course soak =
        of(
            Course.Code.SOAK_IN,
            Course.of(FIFTY_NORTH, TODAY, Optional.empty(), List.of(), measures));
    Course after =
        of(
            Course.Code.SOAK_IN,
            Course.of(FIFTY_NORTH, TODAY, Optional.of(TODAY.minusDays(20)), List.of(), measures));

    assertThat(soak.worsens()).isTrue();
    assertThat(after.worsens()).isFalse();
    assertThat(after.points()).hasSize(4);
  }

  @Test
  void aNoisyCourseIsReadByItsThirds() {
    List<Watering> closing = new ArrayList<>();
    LocalDate day = TODAY.minusDays(60);
    for (int days : new int[] {9, 10, 9, 7, 8, 7, 5, 6, 5}) {
      closing.add(new Watering(day, 1, 0));
      day = day.plusDays(days);
    }
    closing.add(new Watering(day, 1, 0));
    assertThat(
            of(
                    Course.Code.WATERING_INTERVAL,
                    Course.of(date -> 1, TODAY, Optional.empty(), closing, List.of()))
                .worsens())
        .isTrue();
  }

  @Test
  void wakingFromRestIsNoClosingUp() {
    LocalDate wakes = TODAY.minusDays(90);
    ToDoubleFunction<LocalDate> thirst = day -> day.isBefore(wakes) ? 0.15 : 0.9;
    List<Watering> record = new ArrayList<>();
    for (int days = 390; days > 90; days -= 60) {
      record.add(new Watering(TODAY.minusDays(days), 1, 0));
    }
    for (int days = 90; days >= 0; days -= 10) {
      record.add(new Watering(TODAY.minusDays(days), 1, 0));
    }
    Course asleep =
        of(
            Course.Code.WATERING_INTERVAL,
            Course.of(thirst, TODAY, Optional.empty(), record, List.of()));
    Course byLightAlone =
        of(
            Course.Code.WATERING_INTERVAL,
            Course.of(day -> 1, TODAY, Optional.empty(), record, List.of()));
    assertThat(asleep.worsens()).isFalse();
    assertThat(byLightAlone.worsens()).isTrue();
  }

  @Test
  void aPlantThatGrowsIsNotGettingWorse() {
    List<History.Measured> measures =
        List.of(
            new History.Measured(TODAY.minusDays(60), History.HEIGHT, 800),
            new History.Measured(TODAY.minusDays(30), History.HEIGHT, 1000),
            new History.Measured(TODAY, History.HEIGHT, 1300));
    assertThat(
            of(
                    Course.Code.HEIGHT,
                    Course.of(FIFTY_NORTH, TODAY, Optional.empty(), List.of(), measures))
                .worsens())
        .isFalse();
  }

  @Test
  void onePointIsNoCourse() {
    assertThat(
            Course.of(
                FIFTY_NORTH,
                TODAY,
                Optional.empty(),
                List.of(new Watering(TODAY, 1, 0.1)),
                List.of(new History.Measured(TODAY, "LEANS", 4))))
        .isEmpty();
  }
}
