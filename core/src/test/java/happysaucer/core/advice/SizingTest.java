package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.unit.Length;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which pot comes first, and what is said of the others. */
class SizingTest {
  private static Ask crowded(String species) {
    return Ask.about(species)
        .sign("ROOTS_CIRCLING", "CLEAR", null)
        .sign("POT_DEFORMED", "CLEAR", null);
  }

  private static Advice.Candidate best(Advice advice) {
    return advice.repot().candidates().stream()
        .filter(c -> c.rank() != null && c.rank() == 1)
        .findFirst()
        .orElseThrow();
  }

  private static List<String> codes(List<Advice.Coded> coded) {
    return coded.stream().map(Advice.Coded::code).toList();
  }

  private static AdviceRequest.Pot pot(String id, String material, double top) {
    return new AdviceRequest.Pot(
        id,
        "STANDARD",
        material,
        top,
        top * 0.76,
        null,
        null,
        top * 0.95,
        null,
        null,
        null,
        4,
        null,
        null,
        null);
  }

  @ParameterizedTest
  @CsvSource({"OVERDOES, clay", "FORGETS, plastic"})
  void theMaterialMatchesWhoWaters(String habit, String first) {
    Advice advice =
        crowded("Ficus elastica")
            .waterer(habit)
            .choosing(pot("plastic", "PLASTIC", 265), pot("clay", "TERRACOTTA", 265))
            .advice();
    assertThat(best(advice).id()).isEqualTo(first);
  }

  @Test
  void dryLoversGetTheSmallestStockedSizeThatFitsAndNoOther() {
    Advice advice =
        crowded("Zamioculcas zamiifolia")
            .in(Ask.pot("now", 200, 4))
            .choosing(pot("plus3", "PLASTIC", 225), pot("plus5", "PLASTIC", 245))
            .advice();
    assertThat(best(advice).id()).isEqualTo("plus3");
    assertThat(codes(advice.repot().candidates().get(1).failures())).contains("OVER_STEP");
  }

  @Test
  void whereStockLeavesAHoleTheNextSizeUpPassesWithARemark() {
    Ask ask = crowded("Ficus elastica");
    Advice hole = ask.choosing(pot("wide", "PLASTIC", 285)).advice();
    Advice choice =
        ask.choosing(pot("wide", "PLASTIC", 285), pot("right", "PLASTIC", 265)).advice();
    assertThat(best(hole).id()).isEqualTo("wide");
    assertThat(codes(best(hole).remarks())).contains("COARSE_STOCK");
    assertThat(best(choice).id()).isEqualTo("right");
    assertThat(choice.repot().candidates().get(1).rank()).isNull();
  }

  @Test
  void theStepAPotFailsByIsTheOneThePlanIsSizedBy() {
    Advice hole =
        crowded("Ficus elastica")
            .choosing(pot("wide", "PLASTIC", 285), pot("wider", "PLASTIC", 330))
            .advice();
    assertThat(hole.repot().candidates().get(1).failures().get(0).text().words())
        .contains("more than the 5.5 cm this method allows");
    assertThat(hole.repot().sizing().get(0).words()).contains("up to 55 mm over the ball");
  }

  @Test
  void generousStepsAreForLargeStrongTreesInSeasonOnly() {
    Ask tree =
        crowded("Ficus elastica").in(Ask.pot("now", 320, 6)).choosing(pot("plus8", "PLASTIC", 400));
    assertThat(tree.advice().repot().candidates().get(0).rank()).isNull();
    assertThat(best(tree.method(null, "GENEROUS", null, null).advice()).id()).isEqualTo("plus8");
    Ask small =
        crowded("Ficus elastica")
            .choosing(pot("plus8", "PLASTIC", 310))
            .method(null, "GENEROUS", null, null);
    assertThat(small.advice().repot().candidates().get(0).rank()).isNull();
  }

  @Test
  void theShareSchoolLooksAtTheFillAndNotAtCentimetres() {
    Advice advice =
        crowded("Ficus elastica")
            .choosing(pot("snug", "PLASTIC", 255), pot("wide", "PLASTIC", 275))
            .method(null, "SHARE", null, null)
            .advice();
    double distance = Math.abs(best(advice).ballShare() - 0.66);
    for (Advice.Candidate c : advice.repot().candidates()) {
      if (c.rank() != null) {
        assertThat(distance).isLessThanOrEqualTo(Math.abs(c.ballShare() - 0.66) + 0.05);
      }
    }
  }

  @Test
  void tippingIsRemarkedAndNeverRefused() {
    Advice advice =
        crowded("Ficus elastica").sized(2400, 900).choosing(pot("light", "PLASTIC", 265)).advice();
    assertThat(best(advice).pushN()).isLessThan(12);
    assertThat(codes(best(advice).remarks())).contains("TIPPY");
  }

  @Test
  void whatOnePersonCannotLiftIsSaidOnPlanSheetAndCaution() {
    Advice advice = crowded("Ficus elastica").in(Ask.pot("now", 280, 6)).sized(2300, 1300).advice();
    assertThat(best(advice).wetMassG()).isGreaterThan(23000);
    assertThat(codes(best(advice).remarks())).contains("HEAVY");
    assertThat(codes(advice.cautions())).contains("LIFTING", "TWO_PERSONS");
    assertThat(advice.repot().steps()).anyMatch(s -> s.text().words().contains("second person"));
  }

  @Test
  void wetMassIsPotMediumPlantAndWater() {
    Advice.Candidate pot = best(crowded("Ficus elastica").advice());
    assertThat(pot.wetMassG() - pot.dryMassG())
        .isCloseTo(
            pot.fillLitres() * pot.containerCapacity() * 1000,
            org.assertj.core.api.Assertions.within(1.0));
    assertThat(pot.dryMassG()).isGreaterThan(pot.potMassG());
  }

  @Test
  void aShallowerPotOfTheSameMixHoldsLessAir() {
    AdviceRequest.Pot deep =
        new AdviceRequest.Pot(
            "deep",
            "STANDARD",
            "PLASTIC",
            265.0,
            200.0,
            null,
            null,
            330.0,
            null,
            null,
            null,
            4,
            null,
            null,
            null);
    AdviceRequest.Pot low =
        new AdviceRequest.Pot(
            "low",
            "STANDARD",
            "PLASTIC",
            265.0,
            200.0,
            null,
            null,
            235.0,
            null,
            null,
            null,
            4,
            null,
            null,
            null);
    Advice advice = crowded("Ficus elastica").choosing(deep, low).advice();
    Advice.Candidate a =
        advice.repot().candidates().stream()
            .filter(c -> c.id().equals("deep"))
            .findFirst()
            .orElseThrow();
    Advice.Candidate b =
        advice.repot().candidates().stream()
            .filter(c -> c.id().equals("low"))
            .findFirst()
            .orElseThrow();
    assertThat(a.airFilledPorosity()).isGreaterThan(b.airFilledPorosity());
    assertThat(codes(a.remarks())).contains("DEEP_BASE");
  }

  @Test
  void aPotOfTheSameSizeMayBeNarrowerByWhatATapeErrsAndHasAllItsFigures() {
    Ask broken = Ask.about("Ficus elastica").sign("POT_BROKEN");
    AdviceRequest.Pot hair =
        new AdviceRequest.Pot(
            "hair",
            "STANDARD",
            "PLASTIC",
            230.0,
            174.0,
            null,
            null,
            212.0,
            null,
            null,
            null,
            6,
            null,
            null,
            null);
    Advice advice = broken.choosing(hair).advice();
    Advice.Candidate pot = advice.repot().candidates().get(0);
    assertThat(pot.clearanceMm()).isNegative();
    assertThat(pot.rank()).isEqualTo(1);
    assertThat(pot.daysToRefill()).isNotNull();
    assertThat(advice.water().after()).isNotNull();
  }

  /** What is said can be done is done: the cuts that are named make that pot pass. */
  @Test
  void whereNothingOnTheShelfPassesAPotAtHandIsNamedWithTheCutsItTakes() {
    Ask narrow =
        Ask.about("Ficus elastica")
            .unsized()
            .in(Ask.pot("now", 230, 6))
            .ball(215, 170, 195)
            .sign("ROOTS_CIRCLING", "SEVERE", null)
            .sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null)
            .choosing(Ask.pot("tight", 219, 6), Ask.pot("tiny", 120, 6));
    Advice advice = narrow.advice();
    assertThat(advice.repot().order()).isNotNull();
    assertThat(advice.repot().otherwise().words()).contains("21.9 cm inside width");
    List<Object> named = advice.repot().otherwise().message().values();
    Advice cut =
        narrow
            .wishingCuts(((Length) named.get(1)).mm() + 0.5, ((Length) named.get(2)).mm() + 0.5)
            .advice();
    assertThat(cut.repot().chosen().orElseThrow().id()).isEqualTo("tight");
    assertThat(cut.repot().rootWork().overLimit()).isFalse();
  }

  @Test
  void rootsThatBearNoCutAreNotSliced() {
    Advice palm =
        Ask.about("Howea forsteriana")
            .unsized()
            .in(Ask.pot("now", 230, 6))
            .sign("ROOTS_CIRCLING", "SEVERE", null)
            .sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null)
            .choosing(Ask.pot("tight", 219, 6))
            .advice();
    assertThat(palm.repot().order()).isNotNull();
    assertThat(palm.repot().otherwise()).isNull();
  }
}
