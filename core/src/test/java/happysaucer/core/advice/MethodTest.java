package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Each key of the method changes what it is about, and its default is the first option. */
class MethodTest {
  private static Ask crowded(String species) {
    return Ask.about(species).sign("ROOTS_CIRCLING", "CLEAR", null);
  }

  private static Ask caudex() {
    return crowded("Adenium obesum").sized(400, 300).in(Ask.pot("x", 160, 4));
  }

  private static boolean step(Advice advice, String part) {
    return advice.repot().steps().stream().anyMatch(step -> step.text().words().contains(part));
  }

  private static Arguments key(
      String key,
      Object option,
      Supplier<Ask> ask,
      Function<Advice, Object> of,
      Object standard,
      Object chosen) {
    return Arguments.of(key, option, ask, of, standard, chosen);
  }

  static Stream<Arguments> keys() {
    Supplier<Ask> fig = () -> crowded("Ficus elastica");
    Supplier<Ask> monstera = () -> crowded("Monstera deliciosa");
    Supplier<Ask> cut = () -> crowded("Ficus elastica").wish("KEEP");
    return Stream.of(
        key(
            "season",
            "ANY_WITH_CARE",
            () -> crowded("Ficus elastica").on("2026-12-01"),
            a -> a.call().urgency(),
            "NEXT_WINDOW",
            "THIS_WINDOW"),
        key(
            "season",
            "SPRING_AND_EARLY_AUTUMN",
            () -> crowded("Ficus elastica").on("2027-06-15"),
            a -> a.call().urgency(),
            "THIS_WINDOW",
            "NEXT_WINDOW"),
        key("ballMoisture", "SOAK", fig, a -> a.repot().ballMoisture(), "MOIST", "SOAK"),
        key("ballMoisture", "DRY", fig, a -> a.repot().ballMoisture(), "MOIST", "DRY"),
        key(
            "loosening",
            "ONLY_IF_SOLID",
            fig,
            a -> a.repot().rootWork().loosening(),
            "TEASE",
            "NONE"),
        key(
            "loosening",
            "ALWAYS",
            () -> Ask.about("Ficus elastica").in(Ask.pot("x", 230, 0)),
            a -> a.repot().rootWork().loosening(),
            "NONE",
            "TEASE"),
        key("oldMedium", "MOST_OFF", fig, a -> a.repot().rootWork().loosening(), "TEASE", "WASH"),
        key("oldMedium", "LEAVE", fig, a -> step(a, "Shake off"), true, false),
        key(
            "overHoles",
            "COARSE_LAYER",
            fig,
            a -> a.repot().section().coarseLayerMm() > 0,
            false,
            true),
        key("overHoles", "NOTHING", fig, a -> step(a, "mesh or a shard"), true, false),
        key("feed", "HOLD", fig, a -> a.repot().feed().kind(), "SLOW_RELEASE", "HOLD"),
        key("cutRoots", "DUST", cut, a -> step(a, "Dust the cuts"), false, true),
        key(
            "cutRoots",
            "NONE",
            () -> caudex().wish("KEEP"),
            a -> a.repot().rootWork().callusDays(),
            10,
            0),
        key(
            "firstWater",
            "AT_ONCE",
            MethodTest::caudex,
            a -> a.repot().waterIn().on().equals(a.call().from()),
            false,
            true),
        key("level", "RAISED", MethodTest::caudex, a -> a.repot().levels().raiseMm(), 0.0, 25.0),
        key("level", "LOW", MethodTest::caudex, a -> a.repot().levels().raiseMm() < 0, false, true),
        key("aerialRoots", "LEAVE", monstera, a -> step(a, "aerial roots"), true, false),
        key("aerialRoots", "SHORTEN", monstera, a -> step(a, "Shorten a few"), false, true),
        key("topDressing", "MINERAL", fig, a -> step(a, "of grit, about"), false, true),
        key("topDressing", "NONE", MethodTest::caudex, a -> step(a, "collar of grit"), true, false),
        key(
            "newlyBought",
            "REPOT_SOON",
            () -> Ask.about("Ficus elastica").sign("MEDIUM_BROKEN_DOWN").state("ARRIVED", 2),
            a -> a.call().holds().isEmpty(),
            false,
            true),
        key(
            "peat",
            "PEAT_FREE",
            fig,
            a ->
                a.repot().mix().ingredients().stream().anyMatch(part -> part.code().equals("PEAT")),
            true,
            false),
        key(
            "liftOneG",
            9000.0,
            () -> crowded("Ficus elastica").sized(1500, 700),
            a -> cautions(a).contains("TWO_PERSONS"),
            false,
            true),
        key(
            "potStep",
            "SHARE",
            () ->
                crowded("Pothos")
                    .sized(300, 300)
                    .in(Ask.pot("x", 100, 4))
                    .choosing(Ask.pot("p", 145, 4)),
            a -> a.repot().candidates().get(0).rank() != null,
            true,
            false),
        key(
            "potStep",
            "GENEROUS",
            () ->
                crowded("Ficus elastica")
                    .in(Ask.pot("x", 300, 6))
                    .sized(2000, 900)
                    .choose("liftTwoG", 200000.0)
                    .choosing(Ask.pot("p", 375, 6)),
            a -> a.repot().candidates().get(0).rank() != null,
            false,
            true));
  }

  private static List<String> cautions(Advice advice) {
    return advice.cautions().stream().map(Advice.Coded::code).toList();
  }

  @ParameterizedTest(name = "{0} {1}")
  @MethodSource("keys")
  void aChoiceChangesWhatItIsAbout(
      String key,
      Object option,
      Supplier<Ask> ask,
      Function<Advice, Object> of,
      Object standard,
      Object chosen) {
    assertThat(of.apply(ask.get().advice())).isEqualTo(standard);
    assertThat(of.apply(ask.get().choose(key, option).advice())).isEqualTo(chosen);
  }

  @Test
  void aCoarseLayerLiftsTheWetZoneAndTakesAirFromTheMix() {
    Advice plain = crowded("Ficus elastica").choosing(Ask.pot("p", 270, 6)).advice();
    Advice layered =
        crowded("Ficus elastica")
            .choose("overHoles", "COARSE_LAYER")
            .choosing(Ask.pot("p", 270, 6))
            .advice();
    assertThat(layered.repot().candidates().get(0).airFilledPorosity())
        .isLessThan(plain.repot().candidates().get(0).airFilledPorosity());
    assertThat(layered.repot().section().wetZoneMm())
        .isGreaterThan(plain.repot().section().wetZoneMm());
    assertThat(layered.repot().mix().litres()).isLessThan(plain.repot().mix().litres());
    assertThat(layered.repot().mix().coarseLitres()).isPositive();
  }

  @Test
  void theNumbersSpeakAgainstAGenerousStepForASmallPlant() {
    Ask small = crowded("Ficus elastica").in(Ask.pot("x", 200, 6));
    assertThat(step(small.advice(), "generous step")).isFalse();
    assertThat(step(small.choose("potStep", "GENEROUS").advice(), "generous step")).isTrue();
  }

  @Test
  void theNumbersSpeakAgainstWateringCutSucculentRootsAtOnce() {
    Ask keep = caudex().wish("KEEP").choose("firstWater", "AT_ONCE");
    assertThat(step(keep.advice(), "safer to wait 10 days")).isTrue();
    assertThat(step(caudex().choose("firstWater", "AT_ONCE").advice(), "safer to wait")).isFalse();
  }

  @Test
  void washingRootsThatDoNotStandItIsRefusedAndSaid() {
    Advice palm =
        crowded("Howea forsteriana")
            .sign("BALL_SOLID", "SEVERE", null)
            .choose("oldMedium", "MOST_OFF")
            .advice();
    assertThat(palm.repot().rootWork().loosening()).isEqualTo("NONE");
    assertThat(palm.repot().rootWork().notes())
        .anyMatch(note -> note.words().contains("washed bare"));
  }

  @Test
  void aRaisedBaseHasSoMuchMoreMediumUnderIt() {
    Advice flat = caudex().choose("level", "RAISED").choosing(Ask.pot("p", 160, 4)).advice();
    Advice.Candidate pot =
        flat.repot().candidates().stream()
            .filter(c -> c.id().equals("current"))
            .findFirst()
            .orElseThrow();
    double ball = flat.repot().section().ballAfter().heightMm();
    assertThat(pot.baseLayerMm())
        .isCloseTo(
            pot.pot().heightMm() - pot.rimGapMm() - ball + 25,
            org.assertj.core.api.Assertions.within(1e-6));
  }
}
