package happysaucer.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.Shipped;
import happysaucer.core.advice.Advice;
import happysaucer.core.advice.Advise;
import happysaucer.core.advice.Ask;
import happysaucer.core.advice.RefusedException;
import org.junit.jupiter.api.Test;

/** A pot on the scales tells how wet it is and what its plant drinks. */
class ScalesTest {
  private static Ask fig() {
    return Ask.about("Ficus elastica").sized(700, 400).in(Ask.pot("now", 190, 6)).on("2027-04-12");
  }

  private static Advice.Wetness weighed(double grams) {
    return fig().measured("2027-04-12", "WEIGHED", grams).advice().water().now();
  }

  @Test
  void theHeavierItIsTheWetterAndTheLongerItLasts() {
    double last = -1;
    double days = -1;
    for (double grams = 2600; grams <= 3900; grams += 260) {
      Advice.Wetness now = weighed(grams);
      assertThat(now.share()).isBetween(0.0, 1.0).isGreaterThanOrEqualTo(last);
      assertThat(now.shareFrom()).isLessThanOrEqualTo(now.share());
      assertThat(now.shareTo()).isGreaterThanOrEqualTo(now.share());
      assertThat(now.daysToRefill()).isGreaterThanOrEqualTo(days);
      assertThat(now.basis().words()).contains("By its weight");
      last = now.share();
      days = now.daysToRefill();
    }
    assertThat(last).isGreaterThan(0.9);
  }

  @Test
  void aDrainedPotOnRecordTakesTheGuessingOut() {
    double guessed = weighed(3600).shareTo() - weighed(3600).shareFrom();
    Advice.Wetness known =
        fig()
            .poured("2027-04-06", 6, 0.5)
            .measured("2027-04-06", "WEIGHED", 4000)
            .measured("2027-04-12", "WEIGHED", 3600)
            .advice()
            .water()
            .now();
    assertThat(known.shareTo() - known.shareFrom()).isLessThan(0.6 * guessed);
    assertThat(known.share()).isBetween(0.4, 0.95);
  }

  @Test
  void whatItLosesFromOneWeighingToTheNextIsItsUse() {
    Advice advice =
        fig()
            .measured("2027-04-07", "WEIGHED", 4000)
            .measured("2027-04-12", "WEIGHED", 3500)
            .advice();
    assertThat(advice.water().before().litresPerDay()).isCloseTo(0.1, within(0.03));
    assertThat(advice.water().before().basis().words()).contains("from one weighing to the next");
    assertThat(advice.water().before().uncertainty())
        .isLessThan(fig().advice().water().before().uncertainty());
  }

  @Test
  void aWateringBetweenTwoWeighingsTellsNothingOfItsUse() {
    Advice advice =
        fig()
            .measured("2027-04-06", "WEIGHED", 4000)
            .poured("2027-04-09", 6, 0.5)
            .measured("2027-04-12", "WEIGHED", 3500)
            .advice();
    assertThat(advice.water().before().basis().words()).doesNotContain("weighing");
  }

  @Test
  void whatWasWeighedBeforeTheLastRepotOrOnAnotherDayIsNotSaidOfToday() {
    assertThat(
            fig()
                .repotted("2027-04-10")
                .measured("2027-04-09", "WEIGHED", 4000)
                .advice()
                .water()
                .now())
        .isNull();
    assertThat(fig().measured("2027-04-11", "WEIGHED", 4000).advice().water().now()).isNull();
  }

  @Test
  void aWeightThatCannotBeItsOwnIsAskedAbout() {
    Advice.Wetness now = weighed(9000);
    assertThat(now.basis().words()).contains("more than such a pot can");
    assertThat(now.daysToRefill()).isNull();
  }

  @Test
  void aHeavyTopOverALittlePotTellsTooLittleByItself() {
    Advice.Wetness now =
        Ask.about("Ficus elastica")
            .sized(1800, 900)
            .in(Ask.pot("now", 140, 6))
            .on("2027-04-12")
            .measured("2027-04-12", "WEIGHED", 3500)
            .advice()
            .water()
            .now();
    assertThat(now.basis().words()).contains("just after a watering");
    assertThat(now.daysToRefill()).isNull();
  }

  @Test
  void whatRunsThroughIsNotThereForItsRoots() {
    double last = 0;
    for (double kept : new double[] {0.2, 0.5, 0.8}) {
      Advice.Drying before = fig().sign("WATER_RUNS_THROUGH", null, kept).advice().water().before();
      assertThat(before.daysToRefill()).isGreaterThan(last);
      assertThat(before.basis().words()).contains("of a pour");
      last = before.daysToRefill();
    }
    assertThat(last).isLessThan(fig().advice().water().before().daysToRefill());
    assertThat(
            fig()
                .poured("2027-04-06", 6, 0.5)
                .poured("2027-04-11", 5, 0.5)
                .sign("WATER_RUNS_THROUGH", null, 0.5)
                .advice()
                .water()
                .before()
                .basis()
                .words())
        .as("its own waterings know that already")
        .doesNotContain("of a pour");
  }

  @Test
  void theWaterLineFallsDayByDayAndStandsWhereTheScalesSay() {
    Advise rules = Shipped.ADVISE;
    double last = 1.01;
    for (int day = 0; day <= 12; day += 3) {
      double left = rules.waterLeft(rules.kept(fig().request()), day);
      assertThat(left).isLessThan(last).isNotNegative();
      last = left;
    }
    assertThat(last).isLessThan(0.7);
    Ask weighed = fig().measured("2027-04-12", "WEIGHED", 3400);
    assertThat(rules.waterLeft(rules.kept(weighed.request()), 0))
        .isEqualTo(weighed.advice().water().now().share());
  }

  @Test
  void aWeightNobodyCanMeanIsRefused() {
    assertThatThrownBy(() -> fig().measured("2027-04-12", "WEIGHED", 3).advice())
        .isInstanceOf(RefusedException.class)
        .hasMessageContaining("history.measures[0].value");
  }
}
