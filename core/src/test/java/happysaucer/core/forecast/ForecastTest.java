package happysaucer.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.Ask;
import happysaucer.core.season.GrowingTime;
import happysaucer.core.season.Season;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The forecast against simulated plants whose true growth is known, and its parts one by one. */
class ForecastTest {
  private static final double LATITUDE = 44;
  private static final LocalDate REPOTTED = LocalDate.of(2024, 4, 1);
  private static final double START = 0.35;

  private static double logit(double share) {
    return Math.log(share / (1 - share));
  }

  /** One simulated plant: how fast it truly grows, and what its caretaker's record shows. */
  private record Simulated(double rate, Random noise) {
    private static final GrowingTime TIME = new GrowingTime(LATITUDE);

    double fill(LocalDate day) {
      return 1 / (1 + Math.exp(-(logit(START) + rate * TIME.months(REPOTTED, day))));
    }

    LocalDate clear() {
      return TIME.after(REPOTTED, (logit(0.85) - logit(START)) / rate);
    }

    /** Days between waterings, as the record has them: about ten per cent off either way. */
    double interval(LocalDate day) {
      double season = Season.growth(LATITUDE, day);
      double roots = 1 - (fill(day) - START);
      return 10 * roots / season * Math.exp(0.1 * noise.nextGaussian());
    }
  }

  private static Advice.Forecast forecast(Simulated plant, LocalDate day, boolean record) {
    Ask ask =
        Ask.about("Schefflera arboricola")
            .at(LATITUDE)
            .on(day.toString())
            .in(Ask.pot("x", 225, 6))
            .repotted(REPOTTED.toString());
    if (record) {
      LocalDate settled = REPOTTED.plusDays(21);
      ask.watered(plant.interval(day), null, null, plant.interval(settled));
      for (LocalDate pour = REPOTTED.plusMonths(4); pour.isBefore(day); pour = pour.plusMonths(2)) {
        ask.poured(pour.toString(), plant.interval(pour), 0.8);
      }
    }
    return ask.advice().forecast();
  }

  private static Simulated plant(Random random) {
    double usual = (logit(0.85) - logit(START)) / 30;
    return new Simulated(usual * Math.exp(0.3 * random.nextGaussian()), random);
  }

  /** Of simulated plants halfway to crowding, how often the true day lay in the range. */
  private static double[] backTest(boolean record) {
    Random random = new Random(20270412);
    int inside = 0;
    double offMonths = 0;
    double widthMonths = 0;
    int plants = 300;
    for (int i = 0; i < plants; i++) {
      Simulated plant = plant(random);
      LocalDate clear = plant.clear();
      LocalDate day = REPOTTED.plusDays((long) (ChronoUnit.DAYS.between(REPOTTED, clear) * 0.55));
      Advice.Forecast forecast = forecast(plant, day, record);
      boolean within = !clear.isBefore(forecast.clearFrom()) && !clear.isAfter(forecast.clearTo());
      inside += within ? 1 : 0;
      long middle = (forecast.clearFrom().toEpochDay() + forecast.clearTo().toEpochDay()) / 2;
      offMonths += Math.abs(middle - clear.toEpochDay()) / 30.44;
      widthMonths += ChronoUnit.DAYS.between(forecast.clearFrom(), forecast.clearTo()) / 30.44;
    }
    return new double[] {(double) inside / plants, offMonths / plants, widthMonths / plants};
  }

  @Test
  void theRangeHoldsAboutEightTimesInTenAndOwnWateringsNarrowIt() {
    double[] calendar = backTest(false);
    double[] own = backTest(true);
    assertThat(calendar[0]).as("calendar: share inside").isBetween(0.68, 0.97);
    assertThat(own[0]).as("own waterings: share inside").isBetween(0.70, 0.97);
    assertThat(own[1]).as("months off, own against calendar").isLessThan(calendar[1] * 0.9);
    assertThat(own[2]).as("months wide, own against calendar").isLessThan(calendar[2] * 0.9);
  }

  @Test
  void aYearIsTwelveGrowingMonthsAndWinterCountsLess() {
    GrowingTime time = new GrowingTime(52);
    assertThat(time.months(LocalDate.of(2027, 1, 1), LocalDate.of(2028, 1, 1)))
        .isCloseTo(12, within(0.15));
    double winter = time.months(LocalDate.of(2026, 12, 1), LocalDate.of(2027, 2, 1));
    double summer = time.months(LocalDate.of(2027, 6, 1), LocalDate.of(2027, 8, 1));
    assertThat(winter).isLessThan(summer / 2);
    GrowingTime equator = new GrowingTime(0);
    assertThat(equator.months(LocalDate.of(2026, 12, 1), LocalDate.of(2027, 2, 1)))
        .isCloseTo(2.04, within(0.05));
  }

  @Test
  void aDayGrowingMonthsAwayIsThereAndBackAgain() {
    GrowingTime time = new GrowingTime(52);
    LocalDate day = LocalDate.of(2027, 4, 12);
    for (double months : new double[] {0.3, 2, 7.5, 14, 40}) {
      LocalDate later = time.after(day, months);
      assertThat(time.months(day, later)).isCloseTo(months, within(0.06));
      LocalDate earlier = time.after(day, -months);
      assertThat(time.months(earlier, day)).isCloseTo(months, within(0.12));
    }
  }

  @Test
  void smallPotsFillSoonerThanLargeOnes() {
    Advice.Forecast small =
        Ask.about("Ficus elastica")
            .in(Ask.pot("x", 110, 4))
            .sized(300, 200)
            .repotted("2025-04-12")
            .advice()
            .forecast();
    Advice.Forecast large =
        Ask.about("Ficus elastica")
            .in(Ask.pot("x", 340, 4))
            .repotted("2025-04-12")
            .advice()
            .forecast();
    assertThat(small.rootFill()).isGreaterThan(large.rootFill());
    assertThat(small.clearTo()).isBefore(large.clearTo());
  }

  @Test
  void timeAloneNeverSaysSevere() {
    Advice advice = Ask.about("Ficus elastica").repotted("2010-04-12").mix("trained-tree").advice();
    assertThat(advice.findings())
        .filteredOn(finding -> finding.code().equals("CROWDED"))
        .allSatisfy(finding -> assertThat(finding.grade()).isEqualTo("CLEAR"));
  }

  @Test
  void nothingKnownNothingSaid() {
    Advice.Forecast forecast = Ask.about("Ficus elastica").advice().forecast();
    assertThat(forecast.rootFill()).isNull();
    assertThat(forecast.clearFrom()).isNull();
    assertThat(forecast.basis().words()).contains("first slip check");
  }

  @Test
  void whatASlipCheckShowedOutranksTimeAndWaterings() {
    Ask old = Ask.about("Ficus elastica").repotted("2020-04-12").watered(3, null, null, 12.0);
    assertThat(old.advice().forecast().rootFill()).isGreaterThan(0.9);
    assertThat(old.sign("MEDIUM_FALLS_AWAY").advice().forecast().rootFill()).isEqualTo(0.4);
  }
}
