package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Plants as an experienced grower meets them, and the call that grower would sign. */
class GrowersCasesTest {
  private static Ask cactus(String date) {
    return Ask.about("Echinopsis oxygona")
        .on(date)
        .in(Ask.pot("x", 110, 4))
        .sized(150, 120)
        .inLight("DIRECT");
  }

  private static Ask pothos(String date, double latitude) {
    return Ask.about("Pothos")
        .at(latitude)
        .on(date)
        .sized(300, 400)
        .in(Ask.pot("x", 150, 6))
        .sign("ROOTS_CIRCLING", "CLEAR", null);
  }

  private static Arguments called(String name, Ask ask, String action, String urgency) {
    return Arguments.of(name, ask, action, urgency);
  }

  static Stream<Arguments> cases() {
    return Stream.of(
        called("a newly shipped citrus that is not crowded", newCitrus(), "LEAVE", "NOT_DUE"),
        called(
            "a fig with aerial roots at the surface",
            Ask.about("Ficus microcarpa").repotted("2026-04-01").sign("ROOTS_AT_SURFACE"),
            "LEAVE",
            "NOT_DUE"),
        called("a fig that topples", topplingFig(), "HEAVIER_POT", "SOON"),
        called(
            "a cactus in bud, its roots through the holes",
            cactus("2027-05-10")
                .state("IN_BUD", null)
                .sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null),
            "POT_UP",
            "THIS_WINDOW"),
        called(
            "a cactus in dry rest",
            cactus("2027-01-15").state("RESTING", null).sign("SHRIVELLED").sign("GROWTH_STALLED"),
            "LEAVE",
            "NOT_DUE"),
        called(
            "a cactus shrivelled in May",
            cactus("2027-05-10").sign("SHRIVELLED", null, 5.0),
            "FIX_CARE_FIRST",
            "NOT_DUE"),
        called("an orchid in ten-year-old bark", oldOrchid(), "REFRESH", "THIS_WINDOW"),
        called(
            "a hibiscus to be kept in its pot",
            Ask.about("Hibiscus rosa-sinensis").wish("KEEP").sign("ROOTS_CIRCLING", "CLEAR", null),
            "ROOT_PRUNE_SAME_POT",
            "THIS_WINDOW"),
        called(
            "a dracaena that no longer takes water",
            Ask.about("Dracaena fragrans")
                .repotted("2022-04-01")
                .sign("WATER_RUNS_THROUGH", null, 0.04)
                .sign("MEDIUM_SHRUNK_FROM_WALL")
                .absent("ROOTS_CIRCLING"),
            "REFRESH",
            "THIS_WINDOW"),
        called("a pothos drowned in too large a pot", drownedPothos(), "POT_DOWN", "SOON"),
        called(
            "a monstera with a third of its roots mushy in December",
            Ask.about("Monstera deliciosa")
                .on("2026-12-10")
                .sign("ROOTS_ROTTEN", null, 0.33)
                .sign("SOUR_SMELL"),
            "ROT_RESCUE",
            "NOW"),
        called("a bowl-planted miniature tree with a broken pot", bowl(), "REPLACE_POT", "SOON"),
        called("an urn", urn(), "BREAK_OUT", "THIS_WINDOW"),
        called(
            "a leafless ground orchid in January",
            Ask.about("Bletilla striata")
                .on("2027-01-20")
                .in(Ask.pot("x", 180, 6))
                .sized(50, 150)
                .sign("LOWER_LEAVES_SHED", null, 6.0)
                .sign("LEAVES_YELLOWING"),
            "LEAVE",
            "NOT_DUE"),
        called(
            "a peperomia that merely looks tight",
            Ask.about("Peperomia obtusifolia")
                .in(Ask.pot("x", 110, 4))
                .sized(220, 200)
                .repotted("2026-03-01")
                .sign("ROOTS_CIRCLING", "SLIGHT", null),
            "LEAVE",
            "NOT_DUE"),
        called("a pothos at 38 S in October", pothos("2027-10-10", -38), "POT_UP", "THIS_WINDOW"),
        called("a pothos at 58 N in October", pothos("2027-10-10", 58), "POT_UP", "NEXT_WINDOW"));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("cases")
  void theCallAGrowerWouldSign(String name, Ask ask, String action, String urgency) {
    Advice.Call call = ask.advice().call();
    assertThat(call.action()).isEqualTo(action);
    assertThat(call.urgency()).isEqualTo(urgency);
    assertThat(call.reasons()).isNotEmpty();
  }

  private static Ask newCitrus() {
    return Ask.about("Calamondin")
        .in(Ask.pot("x", 190, 6))
        .sized(600, 400)
        .state("ARRIVED", 4)
        .repotted("2026-10-01")
        .sign("MEDIUM_FALLS_AWAY");
  }

  private static Ask topplingFig() {
    return Ask.about("Ficus lyrata")
        .sized(1700, 700)
        .repotted("2026-05-01")
        .sign("TOPPLES")
        .absent("ROOTS_CIRCLING");
  }

  private static Ask oldOrchid() {
    return Ask.about("Moth orchid")
        .sized(400, 300)
        .in(Ask.pot("x", 130, 6))
        .repotted("2017-04-01")
        .mix("orchid-bark");
  }

  private static Ask drownedPothos() {
    return Ask.about("Pothos")
        .sized(300, 400)
        .in(Ask.pot("x", 240, 6))
        .ball(110, 90, 100)
        .sign("STAYS_WET", null, 25.0)
        .sign("ROOTS_HEALTHY");
  }

  private static Ask bowl() {
    return Ask.about("Chinese elm")
        .on("2026-11-10")
        .sized(350, 300)
        .in(Ask.shaped("BOWL", "GLAZED", 250, 200.0, 80.0, null))
        .sign("POT_BROKEN");
  }

  private static Ask urn() {
    return Ask.about("Ficus benjamina")
        .sized(1500, 900)
        .in(Ask.shaped("URN", "GLAZED", 380, 260.0, 360.0, 260.0))
        .sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null)
        .sign("WATER_POOLS", null, 120.0);
  }

  @Test
  void theCitrusSettlesThreeWeeksFirst() {
    Advice.Call call = newCitrus().advice().call();
    assertThat(call.holds()).extracting(Advice.Hold::code).containsExactly("ARRIVED");
    assertThat(call.recheck()).isEqualTo("2027-04-29");
    assertThat(call.reasons()).anyMatch(reason -> reason.words().contains("only just arrived"));
    assertThat(call.interim()).anyMatch(text -> text.words().contains("apart from other plants"));
  }

  @Test
  void theFigGetsAFirmerPotOfTheSameSizeAndNeverALargerOne() {
    Advice advice = topplingFig().advice();
    Advice.Candidate best = advice.repot().candidates().get(0);
    assertThat(best.pot().topMm()).isBetween(220.0, 240.0);
    assertThat(best.pushN()).isGreaterThan(6);
    assertThat(advice.repot().rootWork().rootShare()).isZero();
    Advice wider =
        topplingFig().choosing(Ask.pot("larger", 280, 6), Ask.pot("same", 230, 6)).advice();
    assertThat(wider.repot().candidates())
        .filteredOn(candidate -> candidate.id().equals("larger"))
        .allSatisfy(
            candidate ->
                assertThat(candidate.failures())
                    .extracting(Advice.Coded::code)
                    .contains("OVER_STEP"));
  }

  @Test
  void theCactusInRestIsKeptDryAndItsSignsAreNormal() {
    Advice advice =
        cactus("2027-01-15")
            .state("RESTING", null)
            .sign("SHRIVELLED")
            .sign("GROWTH_STALLED")
            .advice();
    assertThat(advice.call().holds()).extracting(Advice.Hold::code).containsExactly("RESTING");
    assertThat(advice.call().interim()).anyMatch(text -> text.words().contains("dry"));
    assertThat(advice.findings().get(0).code()).isEqualTo("JUST_NORMAL");
  }

  @Test
  void theCactusInMayIsLookedAtBelow() {
    Advice advice = cactus("2027-05-10").sign("SHRIVELLED", null, 5.0).advice();
    assertThat(advice.lookNext()).extracting(Advice.Look::sign).contains("SLIP_CHECK");
    assertThat(advice.call().alternatives())
        .extracting(Advice.Alternative::action)
        .contains("ROT_RESCUE", "PEST_CLEAN");
  }

  @Test
  void theOrchidsOldBarkComesOffAltogetherAndItIsSoakedFirst() {
    Advice.Repot repot = oldOrchid().advice().repot();
    assertThat(repot.rootWork().loosening()).isEqualTo("WASH");
    assertThat(repot.ballMoisture()).isEqualTo("SOAK");
    assertThat(repot.mix().code()).isEqualTo("orchid-bark");
    assertThat(oldOrchid().advice().aftercare().plan()).isEqualTo("EPIPHYTE");
  }

  @Test
  void theDrownedPothosGoesToAPotItCanDry() {
    Advice.Repot repot = drownedPothos().advice().repot();
    assertThat(repot.candidates().get(0).pot().topMm()).isLessThan(170);
    assertThat(repot.feed().kind()).isEqualTo("HOLD");
  }

  @Test
  void theBrokenBowlIsReplacedAtItsSizeWhateverTheSeason() {
    Advice advice = bowl().advice();
    assertThat(advice.call().holds()).allMatch(Advice.Hold::overridden);
    assertThat(advice.cautions()).extracting(Advice.Coded::code).contains("POT_SHARDS");
    assertThat(advice.repot().rootWork().rootShare()).isZero();
    assertThat(advice.repot().steps()).anyMatch(step -> step.text().words().contains("wires"));
  }

  @Test
  void theUrnIsNeverDecidedSilently() {
    Advice advice = urn().advice();
    assertThat(advice.call().reasons())
        .anyMatch(reason -> reason.words().contains("Ask the owner"));
    assertThat(advice.call().alternatives())
        .extracting(Advice.Alternative::action)
        .contains("POT_UP", "TOP_DRESS");
    assertThat(advice.lookNext()).extracting(Advice.Look::sign).doesNotContain("SLIP_CHECK");
  }

  @Test
  void theOrdinaryCactusIsWateredAgainOnlyWhenItsRootsHaveHealed() {
    Advice advice = cactus("2027-04-12").sign("ROOTS_CIRCLING", "CLEAR", null).advice();
    assertThat(advice.aftercare().plan()).isEqualTo("WAIT_DRY");
    assertThat(advice.repot().waterIn().on()).isAfter(advice.call().from().plusDays(4));
  }
}
