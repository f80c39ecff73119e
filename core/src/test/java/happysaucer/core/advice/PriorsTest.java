package happysaucer.core.advice;

import static happysaucer.core.advice.Lines.weight;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Evidence that no sign carries: time, the record of waterings, sizes, weights, hearsay. */
class PriorsTest {
  private static Ask plain(String species) {
    return Ask.about(species);
  }

  @ParameterizedTest
  @CsvSource({"3, 9", "6, 2", "8.5, -2"})
  void theRecordOfWateringsSpeaksWhereNobodyTickedTheSign(double now, double decibans) {
    Ask ask =
        plain("Ficus lyrata")
            .on("2027-04-12")
            .repotted("2025-03-22")
            .watered(now, null, null, 10.0);
    assertThat(weight(ask.advice(), "CROWDED", "DRIES_TOO_FAST")).isEqualTo(decibans);
    Advice loose = ask.sign("MEDIUM_FALLS_AWAY").advice();
    assertThat(weight(loose, "CROWDED", "DRIES_TOO_FAST")).isZero();
  }

  @ParameterizedTest
  @CsvSource({"120, 5", "180, 0", "215, -9"})
  void aMeasuredBallSpeaksOfThePotsSize(double ballTop, double decibans) {
    Advice advice = plain("Ficus lyrata").ball(ballTop, ballTop * 0.78, ballTop * 0.88).advice();
    assertThat(weight(advice, "OVER_POTTED", "BALL_SHARE")).isEqualTo(decibans);
    assertThat(weight(plain("Ficus lyrata").advice(), "OVER_POTTED", "BALL_SHARE")).isZero();
  }

  @ParameterizedTest
  @CsvSource({"PRIVATE, 700, -2", "CHILDREN, 700, 5", "PRIVATE, 2000, 5", "PUBLIC, 2000, 5"})
  void whatTipsItCountsBesideWhatWasSeen(String use, double height, double decibans) {
    Ask seen = plain("Ficus lyrata").usedBy(use).sized(height, 400).sign("TOP_HEAVY");
    assertThat(weight(seen.advice(), "UNSTABLE", "STANDING")).isEqualTo(decibans);
    Ask unseen = plain("Ficus lyrata").usedBy(use).sized(height, 400);
    assertThat(weight(unseen.advice(), "UNSTABLE", "STANDING")).isZero();
  }

  @ParameterizedTest
  @CsvSource({"OVERWATERED, 9", "UNDERWATERED, 9"})
  void whatWhoeverWatersSaysCounts(String state, double decibans) {
    Advice advice = plain("Ficus lyrata").state(state, null).advice();
    assertThat(weight(advice, state, state)).isEqualTo(decibans);
    assertThat(advice.call().action()).isEqualTo("FIX_CARE_FIRST");
  }

  @ParameterizedTest
  @CsvSource({
    "2026-11-01, -6",
    "2026-01-01, -3",
    "2025-06-01, 0",
    "2024-06-01, 2",
    "2021-09-01, 6",
    "2019-01-01, 8"
  })
  void theMediumsAgeCountsAgainstItsLife(String repotted, double decibans) {
    Advice advice = plain("Ficus lyrata").mix("foliage").repotted(repotted).advice();
    assertThat(weight(advice, "SPENT_MEDIUM", "TIME_SINCE_REPOT")).isEqualTo(decibans);
  }
}
