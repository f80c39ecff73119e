package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Numbers one can add up on the bench. */
class BenchNumbersTest {
  private static Ask crowded(double topMm) {
    return Ask.about("Ficus elastica")
        .in(Ask.pot("x", topMm, 6))
        .sign("ROOTS_CIRCLING", "SEVERE", null)
        .sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null);
  }

  private static String step(Advice advice, String start) {
    return advice.repot().steps().stream()
        .map(step -> step.text().words())
        .filter(text -> text.startsWith(start))
        .findFirst()
        .orElseThrow();
  }

  /** All volumes in a sentence, in litres. */
  private static List<Double> litres(String text) {
    List<Double> found = new ArrayList<>();
    Matcher matcher = Pattern.compile("([0-9.]+) (L|ml)\\b").matcher(text);
    while (matcher.find()) {
      double value = Double.parseDouble(matcher.group(1));
      found.add(matcher.group(2).equals("ml") ? value / 1000 : value);
    }
    return found;
  }

  @ParameterizedTest
  @ValueSource(doubles = {90, 140, 190, 230, 300, 400})
  void baseLayerAndRestAreTheWholeAndIngredientsAddUpToIt(double topMm) {
    Advice advice = crowded(topMm).advice();
    List<Double> base = litres(step(advice, "Put in a base layer"));
    List<Double> fill = litres(step(advice, "Fill round the ball"));
    double whole = fill.get(1);
    assertThat(base.get(0) + fill.get(0)).isCloseTo(whole, within(1e-9));
    assertThat(fill.subList(2, fill.size()).stream().mapToDouble(l -> l).sum())
        .isCloseTo(whole, within(1e-9));
    assertThat(litres(step(advice, "Have ")).get(0)).isEqualTo(whole);
  }

  @ParameterizedTest
  @ValueSource(doubles = {90, 140, 190, 230, 300, 400})
  void baseLayerBallAndRimGapAreTheDepthOfThePot(double topMm) {
    Advice.Repot plan = crowded(topMm).advice().repot();
    Advice.Section section = plan.section();
    assertThat(
            section.levels().baseLayerMm()
                + section.ballAfter().heightMm()
                + section.levels().rimGapMm())
        .isCloseTo(section.newPot().heightMm(), within(1e-6));
    Advice.Candidate best = plan.candidates().get(0);
    assertThat(best.fillLitres() * (1 - best.ballShare()))
        .isCloseTo(best.freshLitres(), within(1e-6));
    assertThat(plan.mix().litres()).isCloseTo(best.freshLitres() * 1.21, within(1e-6));
  }

  @Test
  void aCoarseLayerIsTakenOffTheBaseAndTheWholeStillAddsUp() {
    Advice advice = crowded(230).choose("overHoles", "COARSE_LAYER").advice();
    assertThat(step(advice, "The coarse layer is its base")).contains("no mix");
    List<Double> fill = litres(step(advice, "Fill round the ball"));
    assertThat(fill.get(0)).isEqualTo(fill.get(1));
    assertThat(fill.get(1)).isLessThan(litres(step(crowded(230).advice(), "Have ")).get(0));
  }

  @Test
  void aTrainedTreeGetsItsWiresAndTheDrawingShowsThem() {
    Ask tree =
        Ask.about("Ulmus parvifolia")
            .in(Ask.shaped("SHALLOW", "GLAZED", 200, 165.0, 100.0, null))
            .sized(400, 300)
            .sign("ROOTS_CIRCLING", "SEVERE", null)
            .sign("WATER_POOLS", null, 120.0);
    AdviceRequest.Pot wired =
        new AdviceRequest.Pot(
            "w", "SHALLOW", "GLAZED", 240.0, 200.0, null, null, 130.0, null, 210.0, 900.0, 4, false,
            4, 4);
    Advice advice = tree.choosing(wired).advice();
    assertThat(advice.repot()).isNotNull();
    assertThat(advice.repot().section().wires()).isEqualTo(2);
    // twice the depth, once across, and 15 cm to twist at both ends
    assertThat(step(advice, "Pass 2 wires")).contains("80 cm").contains("wire holes");
  }

  @Test
  void aTallPlantThatLeansIsOfferedAStakeWithTies() {
    Advice advice =
        crowded(230)
            .sized(1500, 700)
            .sign("LEANS", null, 12.0)
            .choosing(Ask.pot("p", 270, 6))
            .advice();
    // 1 m over the medium, and down to the floor
    String text = step(advice, "Where there is no firm stake");
    assertThat(text).contains("123 cm").contains("22.8 cm of it").contains("45 cm and 90 cm");
    assertThat(crowded(230).advice().repot().steps())
        .noneMatch(step -> step.text().words().startsWith("Where there is no firm stake"));
  }

  @Test
  void aNeckThatRotsGetsACollarThatLiesInTheRimGap() {
    Advice advice =
        Ask.about("Adenium obesum")
            .in(Ask.pot("x", 160, 4))
            .sized(350, 300)
            .sign("ROOTS_CIRCLING", "SEVERE", null)
            .sign("ROOTS_FROM_DRAIN_HOLES", "SEVERE", null)
            .advice();
    assertThat(advice.repot()).isNotNull();
    assertThat(advice.repot().section().collarMm())
        .isPositive()
        .isLessThan(advice.repot().levels().rimGapMm());
    assertThat(step(advice, "Lay a collar of grit")).contains("9 mm deep");
  }

  @Test
  void thePotToOrderComesWithItsFigures() {
    Advice advice = crowded(230).choosing(Ask.pot("p", 230, 0)).advice();
    assertThat(advice.repot().order()).isNotNull();
    assertThat(advice.repot().orderPot().rank()).isNull();
    assertThat(advice.repot().orderPot().failures()).isEmpty();
    assertThat(advice.repot().section().newPot()).isEqualTo(advice.repot().orderPot().pot());
    assertThat(crowded(230).advice().repot().orderPot()).isNull();
  }

  @Test
  void whatAPlantStandsInIsDrawnWhetherThereIsWorkOrNot() {
    Advice advice = Ask.about("Ficus elastica").advice();
    assertThat(advice.repot()).isNull();
    assertThat(advice.present().newPot()).isNull();
    assertThat(advice.present().oldPot().topMm()).isEqualTo(230);
    assertThat(advice.present().wetZoneMm()).isPositive();
  }

  @Test
  void aTroughIsDrawnWithItsOtherSide() {
    AdviceRequest.Pot trough =
        new AdviceRequest.Pot(
            "t", "TROUGH", "FIBRE", 800.0, 760.0, 250.0, 220.0, 300.0, null, null, null, 6, false,
            null, null);
    Advice.Section section = Ask.about("Ficus elastica").in(trough).advice().present();
    assertThat(section.oldPot().topDepthMm()).isEqualTo(250);
    assertThat(section.ballBefore().topDepthMm()).isLessThan(250).isGreaterThan(240);
  }
}
