package happysaucer.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.Ask;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The plant's own waterings outrank the table, and say how sure they are. */
class CalibrationTest {
  private static Ask fig() {
    return Ask.about("Schefflera arboricola").in(Ask.pot("x", 230, 6)).sized(1400, 700);
  }

  private static Advice.Drying before(Ask ask) {
    return ask.advice().water().before();
  }

  @Test
  void thePresentPotLastsAsLongAsItDoes() {
    for (double days : new double[] {4, 6, 9}) {
      assertThat(before(fig().watered(days, 0.12 * days, 0.0, null)).daysToRefill())
          .isCloseTo(days, within(days * 0.05));
    }
  }

  @Test
  void withoutARecordTheRangeIsWideAndSaysSo() {
    Advice.Drying table = before(fig());
    assertThat(table.uncertainty()).isEqualTo(0.4);
    assertThat(table.basis().words()).contains("no measured watering");
    assertThat(table.daysToRefillFrom()).isCloseTo(table.daysToRefill() * 0.6, within(1e-6));
    assertThat(table.daysToRefillTo()).isCloseTo(table.daysToRefill() * 1.4, within(1e-6));
  }

  @Test
  void moreWateringsThatAgreeNarrowTheRange() {
    Ask one = fig().watered(6, 0.8, 0.1, null);
    Ask many = fig().watered(6, 0.8, 0.1, null);
    for (int i = 1; i <= 8; i++) {
      many.poured("2027-0" + (i <= 4 ? 3 : 2) + "-" + (10 + i), 6, 0.7);
    }
    assertThat(before(one).uncertainty()).isEqualTo(0.15);
    assertThat(before(many).uncertainty()).isLessThan(0.08);
    assertThat(before(many).basis().words()).contains("8 measured waterings");
  }

  @Test
  void waterThatComesAndGoesWidensIt() {
    Ask steady = fig().watered(6, 0.8, 0.1, null);
    Ask wild = fig().watered(6, 0.8, 0.1, null);
    for (int i = 1; i <= 4; i++) {
      steady.poured("2027-03-1" + i, 6, 0.7);
      wild.poured("2027-03-1" + i, 6, i % 2 == 0 ? 0.35 : 1.05);
    }
    assertThat(before(wild).uncertainty()).isGreaterThan(2 * before(steady).uncertainty());
  }

  @Test
  void newWateringsCountMoreThanOldOnes() {
    Ask lately = fig().poured("2026-04-20", 6, 0.4).poured("2027-04-01", 6, 1.2);
    Ask formerly = fig().poured("2026-04-20", 6, 1.2).poured("2027-04-01", 6, 0.4);
    assertThat(before(lately).litresPerDay()).isGreaterThan(before(formerly).litresPerDay());
  }

  @Test
  void aWinterRecordIsBroughtToTheSeasonAskedAbout() {
    Ask winter = fig().poured("2026-12-20", 12, 0.8);
    Ask spring = fig().poured("2027-04-10", 12, 0.8);
    assertThat(before(winter).litresPerDay()).isGreaterThan(1.5 * before(spring).litresPerDay());
  }

  @Test
  void wateringsIntoAnEarlierPotDoNotCount() {
    Ask ask = fig().repotted("2027-03-01").poured("2026-08-01", 3, 2.0);
    assertThat(before(ask).basis().words()).contains("no measured watering");
  }

  @ParameterizedTest
  @CsvSource({"DIRECT, BRIGHT_INDIRECT", "BRIGHT_INDIRECT, MEDIUM", "MEDIUM, LOW"})
  void lessLightLastsLonger(String more, String less) {
    assertThat(before(fig().inLight(less)).daysToRefill())
        .isGreaterThan(before(fig().inLight(more)).daysToRefill());
  }

  @Test
  void winterLastsLongerThanSpringAndAPlantAtRestLongerStill() {
    double spring = before(fig()).daysToRefill();
    double winter = before(fig().on("2026-12-20")).daysToRefill();
    double rest = before(fig().on("2026-12-20").state("RESTING", null)).daysToRefill();
    assertThat(winter).isGreaterThan(1.5 * spring);
    assertThat(rest).isGreaterThan(1.5 * winter);
  }

  @Test
  void dryHeatedAirTakesMore() {
    assertThat(before(fig().state("HEAT_OR_HUMIDITY_EXTREME", null)).litresPerDay())
        .isGreaterThan(before(fig()).litresPerDay());
  }

  @Test
  void aReservoirLastsUntilItsMark() {
    Ask grains =
        Ask.about("Pothos").sized(300, 350).in(Ask.pot("x", 120, 6)).mix("mineral-reservoir");
    Ask soil = Ask.about("Pothos").sized(300, 350).in(Ask.pot("x", 120, 6)).mix("foliage");
    Advice.Drying over = before(grains);
    assertThat(over.daysAirless()).isZero();
    assertThat(over.litres() / over.litresPerDay()).isCloseTo(over.daysToRefill(), within(1e-4));
    assertThat(over.daysToRefill()).isNotCloseTo(before(soil).daysToRefill(), within(0.5));
  }

  @Test
  void whatTheModelExpectsIsSane() {
    // A fig of 1.5 m drinks 0.15 to 0.35 L a day indoors in a bright spring.
    Ask fig =
        Ask.about("Ficus benjamina")
            .sized(1500, 900)
            .in(Ask.pot("x", 300, 6))
            .inLight("BRIGHT_INDIRECT");
    assertThat(before(fig).litresPerDay()).isBetween(0.12, 0.45);
    // Foliage in a 20 cm pot wants water every 4 to 10 days in bright spring light.
    Ask foliage = Ask.about("Ficus elastica").sized(800, 450).in(Ask.pot("x", 200, 6));
    assertThat(before(foliage).daysToRefill()).isBetween(4.0, 10.0);
    assertThat(before(foliage.on("2026-12-20").inLight("MEDIUM")).daysToRefill())
        .isBetween(11.0, 30.0);
  }
}
