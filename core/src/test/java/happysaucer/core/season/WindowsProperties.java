package happysaucer.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.species.WindowKind;
import happysaucer.core.unit.Window;
import java.time.LocalDate;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** When each kind of plant can be disturbed. */
class WindowsProperties {
  @ParameterizedTest
  @CsvSource({
    // kind, latitude, date, open
    "TROPICAL, 44, 2027-03-10, true",
    "TROPICAL, 44, 2027-10-10, false",
    "TROPICAL, -38, 2027-10-10, true",
    "TROPICAL, 58, 2027-10-10, false",
    "TROPICAL, 0, 2027-12-21, true",
    "SUMMER_SUCCULENT, 44, 2027-09-10, true",
    "SUMMER_SUCCULENT, 44, 2027-12-10, false",
    "SPRING_AUTUMN, 44, 2027-04-10, true",
    "SPRING_AUTUMN, 44, 2027-07-10, false",
    "SPRING_AUTUMN, 44, 2027-09-05, true",
    "SPRING_AUTUMN, -38, 2027-10-05, true",
    "SPRING_AUTUMN, -38, 2028-01-05, false",
    "WINTER_GROWER, 44, 2027-09-20, true",
    "WINTER_GROWER, 44, 2027-05-20, false",
    "WINTER_GROWER, -38, 2027-03-20, true",
    "COOL_TREE, 44, 2027-02-25, true",
    "COOL_TREE, 44, 2027-08-01, false",
    "SHRUB, 44, 2027-02-20, true",
    "TRAINED_TREE, 44, 2027-02-20, true",
    "TRAINED_TREE, 44, 2027-05-20, false"
  })
  void openOrClosed(WindowKind kind, double latitude, LocalDate date, boolean open) {
    assertThat(Season.currentOrNext(kind, latitude, date).contains(date)).isEqualTo(open);
  }

  @Test
  void itIsOpenAllYearWhereDaysNeverGrowShort() {
    for (int month = 1; month <= 12; month++) {
      LocalDate date = LocalDate.of(2027, month, 1);
      assertThat(Season.currentOrNext(WindowKind.TROPICAL, -12, date).contains(date)).isTrue();
      assertThat(Season.currentOrNext(WindowKind.TROPICAL, 16, date).contains(date)).isTrue();
    }
    LocalDate midwinter = LocalDate.of(2027, 12, 21);
    assertThat(Season.currentOrNext(WindowKind.TROPICAL, 25, midwinter).contains(midwinter))
        .isFalse();
  }

  @ParameterizedTest
  @CsvSource({"2027-03-20, true", "2027-06-15, false", "2027-08-20, true", "2027-10-20, false"})
  void springAndEarlyAutumnAreTheTwoBestMoments(LocalDate date, boolean open) {
    assertThat(Season.springOrEarlyAutumn(WindowKind.TROPICAL, 44, date).contains(date))
        .isEqualTo(open);
  }

  @Test
  void theBestMomentsLieInsideTheWindow() {
    Window whole = Season.currentOrNext(WindowKind.TROPICAL, 44, LocalDate.of(2027, 3, 10));
    Window spring = Season.springOrEarlyAutumn(WindowKind.TROPICAL, 44, LocalDate.of(2027, 3, 10));
    Window autumn = Season.springOrEarlyAutumn(WindowKind.TROPICAL, 44, LocalDate.of(2027, 7, 1));
    assertThat(spring.from()).isEqualTo(whole.from());
    assertThat(spring.days()).isEqualTo(whole.days() / 3);
    assertThat(autumn.to()).isEqualTo(whole.to());
  }

  @ParameterizedTest
  @EnumSource(WindowKind.class)
  void farNorthStillHasAWindowEachYear(WindowKind kind) {
    for (double latitude : new double[] {67, 78, 90, -67, -90}) {
      Window window = Season.currentOrNext(kind, latitude, LocalDate.of(2027, 1, 1));
      assertThat(window.days()).as(kind + " at " + latitude).isBetween(0L, 366L);
    }
  }

  @Property(tries = 200)
  void southMirrorsNorthHalfAYearLater(
      @ForAll @DoubleRange(min = 20, max = 60) double latitude,
      @ForAll @IntRange(min = 0, max = 364) int day) {
    LocalDate date = LocalDate.of(2027, 1, 1).plusDays(day);
    Window north = Season.currentOrNext(WindowKind.TROPICAL, latitude, date);
    Window south = Season.currentOrNext(WindowKind.TROPICAL, -latitude, north.from().plusDays(182));
    assertThat(Math.abs(south.from().toEpochDay() - north.from().plusDays(182).toEpochDay()))
        .isLessThanOrEqualTo(370);
    assertThat(Math.abs(south.days() - north.days())).isLessThan(15);
  }

  @Property(tries = 300)
  void dayLengthAddsUpToADayOverBothHemispheres(
      @ForAll @DoubleRange(min = 0, max = 60) double latitude,
      @ForAll @IntRange(min = 0, max = 364) int day) {
    LocalDate date = LocalDate.of(2027, 1, 1).plusDays(day);
    double both = DayLength.hours(latitude, date) + DayLength.hours(-latitude, date);
    // Refraction and the sun's disc lengthen both days a little.
    assertThat(both).isBetween(24.0, 24.8);
  }
}
