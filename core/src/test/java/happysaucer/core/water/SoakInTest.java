package happysaucer.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.Ask;
import org.junit.jupiter.api.Test;

/** The time a pour takes to soak in tells how much room roots leave for water. */
class SoakInTest {
  private static Ask fig() {
    return Ask.about("Ficus elastica")
        .sized(700, 400)
        .in(Ask.pot("now", 190, 6))
        .repotted("2026-04-10")
        .on("2027-04-12");
  }

  private static Advice.Drying soaked(double seconds) {
    return fig().measured("2027-04-02", "WATER_POOLS", seconds).advice().water().before();
  }

  @Test
  void theSlowerItSoaksInTheLessItHoldsForItsRoots() {
    double last = Double.MAX_VALUE;
    for (double seconds : new double[] {5, 15, 60, 120}) {
      Advice.Drying drying = soaked(seconds);
      assertThat(drying.litres()).isLessThan(last);
      last = drying.litres();
    }
    assertThat(soaked(120).daysToRefill()).isLessThan(soaked(5).daysToRefill());
    assertThat(soaked(3000).litres()).isEqualTo(soaked(120).litres(), within(1e-9));
  }

  @Test
  void itSaysWhatItRestsOn() {
    assertThat(soaked(90).basis().words()).contains("90 seconds to soak in");
    assertThat(fig().advice().water().before().basis().words()).doesNotContain("soak");
  }

  @Test
  void aReadingBeforeTheLastRepotTellsNothingOfThisBall() {
    Advice.Drying before =
        fig().measured("2026-03-20", "WATER_POOLS", 200).advice().water().before();

    assertThat(before).isEqualTo(fig().advice().water().before());
  }

  @Test
  void todaysReadingCountsBeforeAnOlderOne() {
    Advice.Drying both =
        fig()
            .measured("2027-01-12", "WATER_POOLS", 10)
            .sign("WATER_POOLS", null, 100.0)
            .advice()
            .water()
            .before();

    assertThat(both.basis().words()).contains("100 seconds");
  }

  @Test
  void aBallDryAtItsRestShedsWaterHoweverFewItsRoots() {
    Ask atRest = fig().state("RESTING", null).sign("WATER_POOLS", null, 100.0);

    assertThat(atRest.advice().water().before().basis().words()).doesNotContain("soak in");
  }
}
