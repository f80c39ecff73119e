package happysaucer.core.advice;

import static happysaucer.core.advice.Lines.weight;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.Shipped;
import happysaucer.core.finding.Weight;
import happysaucer.core.sign.Sign;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Each rule that changes a weight, from both sides: where it speaks, and where it keeps still. */
class EvidenceTest {
  private static List<String> discounted(Advice advice) {
    return advice.findings().stream()
        .flatMap(f -> f.discounted().stream())
        .map(Advice.Discounted::sign)
        .toList();
  }

  private static Ask plain(String species) {
    return Ask.about(species);
  }

  private static Arguments rule(
      String name,
      String finding,
      String sign,
      UnaryOperator<Ask> speaks,
      UnaryOperator<Ask> silent,
      String speaksFor,
      String silentFor) {
    return Arguments.of(
        name, finding, sign, speaks.apply(plain(speaksFor)), silent.apply(plain(silentFor)));
  }

  static Stream<Arguments> rules() {
    String fig = "Ficus lyrata";
    return Stream.of(
        rule(
            "roots seek water below",
            "CROWDED",
            "ROOTS_FROM_DRAIN_HOLES",
            a -> a.sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null),
            a -> a.sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null),
            "Monstera deliciosa",
            fig),
        rule(
            "over standing water too",
            "CROWDED",
            "ROOTS_FROM_DRAIN_HOLES",
            a -> a.sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null).sign("WATER_IN_COVER_POT"),
            a -> a.sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null),
            fig,
            fig),
        rule(
            "surface roots are normal",
            "CROWDED",
            "ROOTS_AT_SURFACE",
            a -> a.sign("ROOTS_AT_SURFACE"),
            a -> a.sign("ROOTS_AT_SURFACE"),
            "Epipremnum aureum",
            fig),
        rule(
            "snug species circle slightly",
            "CROWDED",
            "ROOTS_CIRCLING",
            a -> a.sign("ROOTS_CIRCLING", "SLIGHT", null),
            a -> a.sign("ROOTS_CIRCLING", "SLIGHT", null),
            "Peperomia obtusifolia",
            fig),
        rule(
            "run-through in a dry rest",
            "SPENT_MEDIUM",
            "WATER_RUNS_THROUGH",
            a -> a.sign("WATER_RUNS_THROUGH", null, 0.04).state("RESTING", null),
            a -> a.sign("WATER_RUNS_THROUGH", null, 0.04),
            fig,
            fig),
        rule(
            "open mixes hold little",
            "SPENT_MEDIUM",
            "WATER_RUNS_THROUGH",
            a -> a.mix("orchid-bark").sign("WATER_RUNS_THROUGH", null, 0.08),
            a -> a.mix("foliage").sign("WATER_RUNS_THROUGH", null, 0.08),
            fig,
            fig),
        rule(
            "a tenth retained is enough",
            "SPENT_MEDIUM",
            "WATER_RUNS_THROUGH",
            a -> a.sign("WATER_RUNS_THROUGH", null, 0.10),
            a -> a.sign("WATER_RUNS_THROUGH", null, 0.09),
            fig,
            fig),
        rule(
            "soaks in within a minute",
            "CROWDED",
            "WATER_POOLS",
            a -> a.sign("WATER_POOLS", null, 60.0),
            a -> a.sign("WATER_POOLS", null, 61.0),
            fig,
            fig),
        rule(
            "one or two old leaves",
            "CROWDED",
            "LOWER_LEAVES_SHED",
            a -> a.sign("LOWER_LEAVES_SHED", null, 2.0),
            a -> a.sign("LOWER_LEAVES_SHED", null, 3.0),
            fig,
            fig),
        rule(
            "leaf fall in rest",
            "ROT",
            "LEAVES_YELLOWING",
            a -> a.sign("LEAVES_YELLOWING").state("RESTING", null),
            a -> a.sign("LEAVES_YELLOWING"),
            fig,
            fig),
        rule(
            "shrivelled in dry rest",
            "ROT",
            "SHRIVELLED",
            a -> a.sign("SHRIVELLED", null, 1.5),
            a -> a.sign("SHRIVELLED", null, 2.0),
            "Crassula ovata",
            "Crassula ovata"),
        rule(
            "no growth in the dark",
            "CROWDED",
            "GROWTH_STALLED",
            a -> a.on("2026-12-20").sign("GROWTH_STALLED"),
            a -> a.sign("GROWTH_STALLED"),
            fig,
            fig),
        rule(
            "pale and unfed is hungry",
            "SPENT_MEDIUM",
            "WHOLE_PLANT_PALE",
            a -> a.fed(false).sign("WHOLE_PLANT_PALE"),
            a -> a.fed(true).sign("WHOLE_PLANT_PALE"),
            fig,
            fig),
        rule(
            "pale although fed is not hungry",
            "NUTRIENT_SHORTAGE",
            "WHOLE_PLANT_PALE",
            a -> a.fed(true).sign("WHOLE_PLANT_PALE"),
            a -> a.fed(false).sign("WHOLE_PLANT_PALE"),
            fig,
            fig),
        rule(
            "loose medium beats crowding",
            "CROWDED",
            "SURFACE_HARD",
            a -> a.sign("SURFACE_HARD").sign("MEDIUM_FALLS_AWAY"),
            a -> a.sign("SURFACE_HARD").sign("MEDIUM_FALLS_AWAY").sign("LITTLE_MEDIUM_LEFT"),
            fig,
            fig),
        rule(
            "a small pot that dries within a week",
            "CROWDED",
            "DRIES_TOO_FAST",
            a ->
                a.in(Ask.pot("x", 130, 4))
                    .sized(300, 300)
                    .poured("2027-04-05", 6, 0.2)
                    .sign("DRIES_TOO_FAST", null, 6.0),
            a ->
                a.in(Ask.pot("x", 300, 4))
                    .sized(300, 300)
                    .poured("2027-04-05", 6, 0.2)
                    .sign("DRIES_TOO_FAST", null, 2.0),
            "Epipremnum aureum",
            "Epipremnum aureum"),
        rule(
            "loose medium says nothing where hardly any is left",
            "CROWDED",
            "MEDIUM_FALLS_AWAY",
            a -> a.sign("MEDIUM_FALLS_AWAY").sign("LITTLE_MEDIUM_LEFT"),
            a -> a.sign("MEDIUM_FALLS_AWAY"),
            fig,
            fig),
        rule(
            "colour after a move to other light",
            "ROT",
            "STRESS_COLOUR",
            a -> a.sign("STRESS_COLOUR").state("MOVED_LIGHT", 10),
            a -> a.sign("STRESS_COLOUR"),
            "Crassula ovata",
            "Crassula ovata"),
        rule(
            "no growth after a move to other light",
            "CROWDED",
            "GROWTH_STALLED",
            a -> a.sign("GROWTH_STALLED").state("MOVED_LIGHT", 10),
            a -> a.sign("GROWTH_STALLED"),
            fig,
            fig),
        rule(
            "shrivelled for nobody knows how long",
            "ROT",
            "SHRIVELLED",
            a -> a.sign("SHRIVELLED"),
            a -> a.sign("SHRIVELLED", null, 3.0),
            "Crassula ovata",
            "Crassula ovata"),
        rule(
            "shrivelled by its nature in the dark months",
            "ROT",
            "SHRIVELLED",
            a -> a.on("2027-01-10").sign("SHRIVELLED"),
            a -> a.on("2027-06-10").sign("SHRIVELLED", null, 3.0),
            "Echinopsis oxygona",
            "Echinopsis oxygona"),
        rule(
            "a snug species flowers as it should",
            "CROWDED",
            "FLOWERS_INSTEAD_OF_GROWTH",
            a -> a.sign("FLOWERS_INSTEAD_OF_GROWTH"),
            a -> a.sign("FLOWERS_INSTEAD_OF_GROWTH"),
            "Strelitzia reginae",
            fig),
        rule(
            "water stands in a reservoir by design",
            "OVERWATERED",
            "WATER_IN_COVER_POT",
            a -> a.mix("mineral-reservoir").sign("WATER_IN_COVER_POT"),
            a -> a.sign("WATER_IN_COVER_POT"),
            fig,
            fig),
        rule(
            "roots seek a reservoir",
            "CROWDED",
            "ROOTS_FROM_DRAIN_HOLES",
            a -> a.mix("mineral-reservoir").sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null),
            a -> a.sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null),
            fig,
            fig),
        rule(
            "a large pot of a small plant stays wet for long",
            "OVERWATERED",
            "STAYS_WET",
            a ->
                a.in(Ask.pot("x", 300, 4))
                    .sized(400, 300)
                    .poured("2027-04-01", 21, 1.4)
                    .sign("STAYS_WET", null, 8.0),
            a ->
                a.in(Ask.pot("x", 120, 4))
                    .sized(700, 500)
                    .poured("2027-04-01", 4, 0.2)
                    .sign("STAYS_WET", null, 8.0),
            fig,
            fig),
        rule(
            "its own interval after the repot",
            "CROWDED",
            "DRIES_TOO_FAST",
            a ->
                a.repotted("2025-04-12")
                    .watered(9, null, null, 10.0)
                    .sign("DRIES_TOO_FAST", null, 9.0),
            a ->
                a.repotted("2025-04-12")
                    .watered(4, null, null, 10.0)
                    .sign("DRIES_TOO_FAST", null, 4.0),
            fig,
            fig));
  }

  /** With nothing to change it, each row of the table weighs what it says, present and absent. */
  @Test
  void everyRowOfTheTableWeighsWhatItSays() {
    // These are always changed by a rule, or stand for a grade of their own.
    List<String> changed =
        List.of("SURFACE_MOULD_OR_FUNGI", "SHRIVELLED", "HEFT", "ROOTS_ROTTEN", "RUNOFF_MUDDY");
    int rows = 0;
    for (Sign sign : Shipped.BOOK.signs().all()) {
      for (Weight weight : Shipped.BOOK.weights().of(sign.code())) {
        String code = sign.code().name();
        if (changed.contains(code)) {
          continue;
        }
        Advice present = plain("Ficus lyrata").sign(code).advice();
        assertThat(weight(present, weight.finding().name(), code))
            .as(weight.finding() + " " + code)
            .isEqualTo(weight.present().decibans());
        Advice absent = plain("Ficus lyrata").absent(code).advice();
        assertThat(weight(absent, weight.finding().name(), code))
            .as(weight.finding() + " without " + code)
            .isEqualTo(weight.absent().decibans());
        rows++;
      }
    }
    assertThat(rows).isGreaterThan(65);
  }

  @ParameterizedTest
  @CsvSource({"0.05, 10", "0.1, 20", "0.33, 20", "0.34, 30", "0.9, 30"})
  void rotWeighsByItsShare(double share, double decibans) {
    Advice advice = plain("Ficus lyrata").sign("ROOTS_ROTTEN", null, share).advice();
    assertThat(weight(advice, "ROT", "ROOTS_ROTTEN")).isEqualTo(decibans);
  }

  @ParameterizedTest
  @CsvSource({
    "LIGHT, CROWDED, 5",
    "LIGHT, UNDERWATERED, 5",
    "HEAVY, OVERWATERED, 5",
    "HEAVY, CROWDED, 0"
  })
  void heftSpeaksByItsDirection(String heft, String finding, double decibans) {
    Advice advice = plain("Ficus lyrata").sign("HEFT", heft, null).advice();
    assertThat(weight(advice, finding, "HEFT")).isEqualTo(decibans);
  }

  @Test
  void aBuriedNeckThatRotsWeighsMore() {
    Advice neck = plain("Crassula ovata").sign("STEM_BURIED_OR_MULCHED").advice();
    Advice stem = plain("Ficus lyrata").sign("STEM_BURIED_OR_MULCHED").advice();
    assertThat(weight(neck, "COLLAR_RISK", "STEM_BURIED_OR_MULCHED")).isEqualTo(13.5);
    assertThat(weight(stem, "COLLAR_RISK", "STEM_BURIED_OR_MULCHED")).isEqualTo(9);
  }

  @Test
  void aSignThatIsNormalHereIsSaidToBe() {
    Advice normal = plain("Peperomia obtusifolia").sign("ROOTS_CIRCLING", "SLIGHT", null).advice();
    assertThat(weight(normal, "JUST_NORMAL", "ROOTS_CIRCLING")).isEqualTo(6);
    // One that also speaks for something is not called normal.
    Advice wet =
        plain("Ficus lyrata")
            .in(Ask.pot("x", 300, 4))
            .sized(400, 300)
            .sign("STAYS_WET", null, 12.0)
            .advice();
    assertThat(weight(wet, "OVER_POTTED", "STAYS_WET")).isPositive();
    assertThat(weight(wet, "JUST_NORMAL", "STAYS_WET")).isZero();
  }

  /** A figure from defaults explains no sign away; with the plant's own waterings it may. */
  @Test
  void aFigureThatRestsOnDefaultsExplainsNothingAway() {
    Ask large = Ask.about("Ficus elastica").in(Ask.pot("x", 300, 4)).sized(400, 300);
    assertThat(weight(large.sign("STAYS_WET", null, 12.0).advice(), "OVERWATERED", "STAYS_WET"))
        .isPositive();
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("rules")
  void aRuleTakesWeightWhereItSpeaksAndSaysSo(
      String name, String finding, String sign, Ask speaks, Ask silent) {
    Advice lowered = speaks.advice();
    Advice whole = silent.advice();
    assertThat(Math.abs(weight(lowered, finding, sign)))
        .isLessThan(Math.abs(weight(whole, finding, sign)));
    assertThat(discounted(lowered)).contains(sign);
  }

  @Test
  void paleAlthoughFedWeighsMoreThanPaleWithFeedingUnknown() {
    double fed =
        weight(
            plain("Ficus lyrata").fed(true).sign("WHOLE_PLANT_PALE").advice(),
            "SPENT_MEDIUM",
            "WHOLE_PLANT_PALE");
    double unknown =
        weight(
            plain("Ficus lyrata").sign("WHOLE_PLANT_PALE").advice(),
            "SPENT_MEDIUM",
            "WHOLE_PLANT_PALE");
    assertThat(fed).isGreaterThan(unknown);
  }

  @ParameterizedTest
  @CsvSource({"5, true, 5", "4, true, 2", "5, false, 2"})
  void manyLeavesUnderNewGrowthPointToCrowding(double count, boolean grows, double decibans) {
    Ask ask = plain("Ficus lyrata").sign("LOWER_LEAVES_SHED", null, count);
    Advice advice = (grows ? ask.absent("GROWTH_STALLED") : ask).advice();
    assertThat(weight(advice, "CROWDED", "LOWER_LEAVES_SHED")).isEqualTo(decibans);
  }

  @ParameterizedTest
  @CsvSource({"SLIGHT, 4.5", "CLEAR, 9", "SEVERE, 13.5"})
  void aGradeScalesItsWeight(String grade, double decibans) {
    Advice advice = plain("Ficus lyrata").sign("ROOTS_CIRCLING", grade, null).advice();
    assertThat(weight(advice, "CROWDED", "ROOTS_CIRCLING")).isCloseTo(decibans, within(1e-9));
  }

  @Test
  void anUngradedSignCountsAsClearAndSaysSo() {
    Advice advice = plain("Ficus lyrata").sign("ROOTS_CIRCLING").advice();
    assertThat(weight(advice, "CROWDED", "ROOTS_CIRCLING")).isCloseTo(9, within(1e-9));
    assertThat(advice.assumed()).anyMatch(a -> a.startsWith("signs.ROOTS_CIRCLING.grade = CLEAR"));
  }

  @Test
  void absentIsEvidenceAndNotLookedAtIsNot() {
    Advice absent = plain("Ficus lyrata").absent("ROOTS_CIRCLING").advice();
    assertThat(weight(absent, "CROWDED", "ROOTS_CIRCLING")).isNegative();
    assertThat(weight(plain("Ficus lyrata").advice(), "CROWDED", "ROOTS_CIRCLING")).isZero();
  }

  @ParameterizedTest
  @CsvSource({
    "2027-02-01, -6",
    "2026-02-01, -3",
    "2025-04-01, 0",
    "2024-04-20, 2",
    "2022-04-12, 3",
    "2018-04-12, 3.9"
  })
  void timeInThePotIsThePrior(String repotted, double decibans) {
    Advice advice = plain("Ficus lyrata").repotted(repotted).advice();
    assertThat(weight(advice, "CROWDED", "TIME_SINCE_REPOT")).isEqualTo(decibans);
  }

  @ParameterizedTest
  @CsvSource({
    "SLIGHT, Spathiphyllum wallisii, WATCH",
    "CLEAR, Ficus lyrata, POT_UP",
    "CLEAR, Howea forsteriana, WATCH"
  })
  void whoLikesToBeSnugIsGradedOneDown(String grade, String species, String action) {
    Advice advice =
        plain(species)
            .sized(2000, 1300)
            .sign("ROOTS_CIRCLING", grade, null)
            .sign("BALL_SOLID", "SLIGHT", null)
            .advice();
    assertThat(advice.call().action()).isEqualTo(action);
  }

  /** A kentia on its way to three metres does not like to be snug in a pot for herbs. */
  @ParameterizedTest
  @CsvSource({
    "350, 90, , POT_UP",
    "350, 90, KEEP, WATCH",
    "2000, 150, , POT_UP",
    "2000, 230, , WATCH"
  })
  void aYoungPlantOnItsWayIsNotSnug(double height, double pot, String wish, String action) {
    Advice advice =
        plain("Howea forsteriana")
            .in(Ask.pot("now", pot, 6))
            .sized(height, height * 0.7)
            .wish(wish)
            .sign("ROOTS_CIRCLING", "CLEAR", null)
            .advice();
    assertThat(advice.call().action()).isEqualTo(action);
  }

  @Test
  void aDeformedPotIsRealCrowdingWhoeverLikesItSnug() {
    Advice advice =
        plain("Strelitzia nicolai")
            .sign("ROOTS_CIRCLING", "CLEAR", null)
            .sign("POT_DEFORMED", "CLEAR", null)
            .advice();
    assertThat(advice.call().action()).isEqualTo("POT_UP");
  }
}
