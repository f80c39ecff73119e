package happysaucer.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.species.WindowKind;
import happysaucer.core.unit.Window;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class SeasonTest {
  /** A walk from day to day, as one would count by hand. */
  private static double walked(double latitude, LocalDate from, LocalDate to) {
    double[] factors = new double[12];
    double sum = 0;
    for (int month = 0; month < 12; month++) {
      factors[month] = Season.growth(latitude, LocalDate.of(2027, month + 1, 15));
      sum += factors[month];
    }
    double months = 0;
    for (LocalDate day = from; day.isBefore(to); day = day.plusDays(1)) {
      months += factors[day.getMonthValue() - 1] * 12 / sum / 30.44;
    }
    return months;
  }

  @ParameterizedTest
  @CsvSource({
    "52, 2024-02-28, 2024-03-01", "52, 2023-02-28, 2023-03-01", "-37, 1899-12-31, 2101-01-01",
    "52, 2026-11-26, 2026-11-26", "0, 2000-01-01, 2000-12-31", "65, 2099-06-15, 2104-02-29"
  })
  void growingMonthsAreThoseOfAWalkFromDayToDay(double latitude, LocalDate from, LocalDate to) {
    assertThat(new GrowingTime(latitude).months(from, to))
        .isCloseTo(walked(latitude, from, to), within(1e-6));
  }

  private static final double THREE_MINUTES = 0.05;

  @ParameterizedTest
  @CsvSource({
    "51.5, 2027-03-10, 11.49",
    "-37.8, 2027-12-21, 14.78",
    "60, 2027-06-21, 18.87",
    "80, 2027-06-21, 24",
    "80, 2027-12-21, 0",
    "90, 2027-06-21, 24",
    "-90, 2027-06-21, 0"
  })
  void dayLength(double latitude, LocalDate date, double hours) {
    assertThat(DayLength.hours(latitude, date)).isCloseTo(hours, within(THREE_MINUTES));
  }

  @ParameterizedTest
  @CsvSource({
    "44, 2027-04-01, 2027-02-26, 2027-09-11",
    "-33.8, 2027-12-01, 2027-08-20, 2028-03-19"
  })
  void tropicalFoliageBetweenElevenHours(
      double latitude, LocalDate date, LocalDate from, LocalDate to) {
    Window window = Season.currentOrNext(WindowKind.TROPICAL, latitude, date);
    assertThat(window.from()).isBetween(from.minusDays(3), from.plusDays(3));
    assertThat(window.to()).isBetween(to.minusDays(3), to.plusDays(3));
  }

  @Test
  void nearTheEquatorItIsOpenAllYear() {
    LocalDate date = LocalDate.of(2027, 12, 1);
    assertThat(Season.currentOrNext(WindowKind.TROPICAL, 5, date).contains(date)).isTrue();
  }

  @Test
  void citrusFromLateWinterToMidJulyAndMirroredInTheSouth() {
    Window north = Season.currentOrNext(WindowKind.COOL_TREE, 44, LocalDate.of(2027, 3, 1));
    assertThat(north.from()).isBetween(LocalDate.of(2027, 2, 8), LocalDate.of(2027, 2, 20));
    assertThat(north.to()).isBetween(LocalDate.of(2027, 7, 10), LocalDate.of(2027, 7, 20));
    Window south = Season.currentOrNext(WindowKind.COOL_TREE, -44, LocalDate.of(2027, 9, 1));
    assertThat(south.to()).isBetween(LocalDate.of(2028, 1, 10), LocalDate.of(2028, 1, 20));
  }

  @ParameterizedTest
  @EnumSource(WindowKind.class)
  void aWindowIsTheOneThatHoldsTheDateOrElseTheNext(WindowKind kind) {
    for (double latitude : new double[] {-70, -45, -20, 0, 20, 45, 70}) {
      for (int day = 0; day < 730; day += 17) {
        LocalDate date = LocalDate.of(2027, 1, 1).plusDays(day);
        Window window = Season.currentOrNext(kind, latitude, date);
        assertThat(window.to()).isAfterOrEqualTo(date);
        assertThat(window.from()).isBefore(date.plusDays(366));
        assertThat(Season.currentOrNext(kind, latitude, window.to().plusDays(1)).from())
            .isAfter(window.from());
      }
    }
  }
}
