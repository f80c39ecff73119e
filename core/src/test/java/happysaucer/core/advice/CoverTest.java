package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

/** A measured cover pot: what goes in, what it weighs, and whether it stays. */
class CoverTest {
  private static Ask crowded(String species) {
    return Ask.about(species)
        .unsized()
        .in(Ask.pot("now", 190, 6))
        .sign("ROOTS_CIRCLING", "SEVERE", null)
        .sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null);
  }

  @Test
  void whereItStaysAndTakesNoLargerPotTheRootsAreCutBack() {
    Advice advice = crowded("Ficus elastica").coveredBy(205, 2500, true).advice();
    assertThat(advice.call().action()).isEqualTo("ROOT_PRUNE_SAME_POT");
    assertThat(Words.of(advice.call().reasons())).contains("Its cover pot stays");
    assertThat(advice.call().alternatives())
        .extracting(Advice.Alternative::action)
        .contains("POT_UP");
    assertThat(crowded("Ficus elastica").coveredBy(205, 2500, false).advice().call().action())
        .isEqualTo("POT_UP");
    assertThat(crowded("Ficus elastica").coveredBy(300, 2500, true).advice().call().action())
        .isEqualTo("POT_UP");
  }

  @Test
  void rootsThatBearNoCutNeedALargerCoverAsWell() {
    Advice advice = crowded("Howea forsteriana").coveredBy(205, 2500, true).advice();
    assertThat(advice.call().action()).isEqualTo("POT_UP");
    assertThat(Words.of(advice.call().reasons())).contains("into a larger cover");
    assertThat(advice.repot().chosen().orElseThrow().remarks())
        .extracting(Advice.Coded::code)
        .contains("COVER");
  }

  private static Advice.Candidate candidate(Advice advice, String id) {
    return advice.repot().candidates().stream()
        .filter(pot -> pot.id().equals(id))
        .findFirst()
        .orElseThrow();
  }

  private static Advice choice(boolean fixed) {
    return crowded("Ficus elastica")
        .choosing(Ask.pot("in", 210, 6), Ask.pot("out", 235, 6))
        .coveredBy(240, 2500, fixed)
        .advice();
  }

  @Test
  void inACoverThatStaysOnlyWhatGoesInPasses() {
    Advice advice = choice(true);
    assertThat(advice.call().action()).isEqualTo("POT_UP");
    assertThat(candidate(advice, "in").rank()).isEqualTo(1);
    assertThat(candidate(advice, "out").failures())
        .extracting(Advice.Coded::code)
        .contains("COVER");
    assertThat(candidate(advice, "out").rank()).isNull();
  }

  @Test
  void whereItMayGoWhatDoesNotGoInIsRemarked() {
    Advice advice = choice(false);
    assertThat(candidate(advice, "out").failures())
        .extracting(Advice.Coded::code)
        .doesNotContain("COVER");
    assertThat(candidate(advice, "out").remarks()).extracting(Advice.Coded::code).contains("COVER");
    assertThat(candidate(advice, "in").remarks())
        .extracting(Advice.Coded::code)
        .doesNotContain("COVER");
  }

  @Test
  void itsMassAndFootHoldThePlant() {
    Ask bare = crowded("Ficus elastica").choosing(Ask.pot("next", 210, 6));
    double alone = bare.advice().repot().chosen().orElseThrow().pushN();
    double covered =
        bare.coveredBy(260, 6000, false).advice().repot().chosen().orElseThrow().pushN();
    assertThat(covered).isGreaterThan(1.5 * alone);
  }

  @Test
  void aCoverNarrowerThanItsPotIsRefusedAtItsMeasure() {
    assertThatThrownBy(() -> crowded("Ficus elastica").coveredBy(180, 2500, false).advice())
        .isInstanceOf(RefusedException.class)
        .hasMessageContaining("cover.topMm");
  }
}
