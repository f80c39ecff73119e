package happysaucer.core.advice;

import static happysaucer.core.advice.Lines.weight;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A measure that worsens from check to check is evidence of its own. */
class TrendTest {
  private static Ask series(String code, double first, double second, Double today) {
    Ask ask =
        Ask.about("Ficus lyrata")
            .measured("2026-10-01", code, first)
            .measured("2027-01-10", code, second);
    return today == null ? ask : ask.sign(code, null, today);
  }

  @ParameterizedTest
  @CsvSource({
    "WATER_POOLS, 20, 30, 45, CROWDED, 2",
    "WATER_POOLS, 45, 30, 20, CROWDED, 0",
    "WATER_POOLS, 40, 41, 42, CROWDED, 0",
    "WATER_POOLS, 20, 50, 45, CROWDED, 0",
    "WATER_RUNS_THROUGH, 0.5, 0.4, 0.3, SPENT_MEDIUM, 2",
    "WATER_RUNS_THROUGH, 0.3, 0.4, 0.5, SPENT_MEDIUM, 0",
    "LOWER_LEAVES_SHED, 2, 3, 5, CROWDED, 2",
    "LEANS, 3, 5, 8, UNSTABLE, 2"
  })
  void worseningCountsAndAllElseDoesNot(
      String code, double first, double second, double today, String finding, double weight) {
    assertThat(weight(series(code, first, second, today).advice(), finding, "TREND_" + code))
        .isEqualTo(weight);
  }

  @Test
  void twoValuesAreNoTrend() {
    assertThat(weight(series("WATER_POOLS", 20, 60, null).advice(), "CROWDED", "TREND_WATER_POOLS"))
        .isZero();
  }

  @Test
  void whatWasMeasuredBeforeTheRepotIsForgotten() {
    Ask ask = series("WATER_POOLS", 20, 30, 45.0).repotted("2026-12-01");
    assertThat(weight(ask.advice(), "CROWDED", "TREND_WATER_POOLS")).isZero();
  }

  @Test
  void growthSinceTheRepotSpeaksForRoots() {
    Ask grown =
        Ask.about("Ficus lyrata").repotted("2025-04-01").measured("2025-05-01", "HEIGHT", 900);
    Ask still =
        Ask.about("Ficus lyrata").repotted("2025-04-01").measured("2025-05-01", "HEIGHT", 1150);
    assertThat(weight(grown.advice(), "CROWDED", "GROWTH_SINCE_REPOT")).isEqualTo(2);
    assertThat(weight(still.advice(), "CROWDED", "GROWTH_SINCE_REPOT")).isZero();
  }

  @Test
  void aRecordWithFaultsIsRefusedLineByLine() {
    Ask ask =
        Ask.about("Ficus lyrata")
            .poured("2027-05-01", 5, 0.5)
            .poured("2027-04-01", 0.0, 0.5)
            .measured("2027-04-01", "SURFACE_HARD", 1)
            .measured("2027-04-01", "LEANS", 99);
    List<String> fields =
        happysaucer.core.Shipped.ADVISE.faults(ask.request()).stream().map(Fault::field).toList();
    assertThat(fields)
        .containsExactlyInAnyOrder(
            "history.waterings[0].date",
            "history.waterings[1].days",
            "history.measures[0].code",
            "history.measures[1].value");
  }
}
