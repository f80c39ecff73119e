package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.Shipped;
import happysaucer.core.species.Species;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Each rule of the call: where it speaks, and a neighbour where another does. */
class CallTest {
  private static Arguments rule(
      String name,
      String species,
      UnaryOperator<Ask> speaks,
      String action,
      UnaryOperator<Ask> otherwise,
      String other) {
    return Arguments.of(
        name, speaks.apply(Ask.about(species)), action, otherwise.apply(Ask.about(species)), other);
  }

  static Stream<Arguments> rules() {
    return Stream.of(
        rule(
            "roots lost, its kind strikes",
            "Ficus elastica",
            a -> a.sign("ROOTS_ROTTEN", null, 0.76),
            "PROPAGATE",
            a -> a.sign("ROOTS_ROTTEN", null, 0.75),
            "ROT_RESCUE"),
        rule(
            "roots lost, its kind does not strike",
            "Howea forsteriana",
            a -> a.sign("ROOTS_ROTTEN", null, 0.8),
            "RETIRE",
            a -> a.sign("ROOTS_ROTTEN", null, 0.3),
            "ROT_RESCUE"),
        rule(
            "soft base over rotten roots",
            "Ficus elastica",
            a -> a.sign("STEM_SOFT_AT_BASE").sign("ROOTS_ROTTEN", null, 0.5),
            "PROPAGATE",
            a -> a.sign("STEM_SOFT_AT_BASE"),
            "ROT_RESCUE"),
        rule(
            "root pests",
            "Crassula ovata",
            a -> a.sign("ROOT_PESTS"),
            "PEST_CLEAN",
            a -> a.sign("MEALYBUG", "CLEAR", null).repotted("2026-10-01"),
            "LEAVE"),
        rule(
            "a broken pot",
            "Ficus elastica",
            a -> a.sign("POT_BROKEN").on("2026-12-20"),
            "REPLACE_POT",
            a -> a.absent("POT_BROKEN").on("2026-12-20").repotted("2026-04-01"),
            "LEAVE"),
        rule(
            "a small ball still wet after three weeks",
            "Pothos",
            a -> a.ball(100, 80, 90).sign("STAYS_WET", null, 21.0),
            "POT_DOWN",
            a -> a.ball(100, 80, 90).sign("STAYS_WET", null, 20.0),
            "FIX_CARE_FIRST"),
        rule(
            "too large a pot with the first rot",
            "Pothos",
            a -> a.ball(100, 80, 90).sign("STAYS_WET").sign("ROOTS_ROTTEN", null, 0.05),
            "POT_DOWN",
            a -> a.sign("STAYS_WET").sign("ROOTS_ROTTEN", null, 0.05),
            "FIX_CARE_FIRST"),
        rule(
            "unstable and not crowded",
            "Ficus lyrata",
            a -> a.sized(1800, 800).sign("TOPPLES"),
            "HEAVIER_POT",
            a -> a.sized(1800, 800).sign("TOPPLES").sign("ROOTS_CIRCLING", "CLEAR", null),
            "POT_UP"),
        rule(
            "severe out of season goes up with the ball whole",
            "Ficus elastica",
            a -> a.on("2026-12-01").sign("ROOTS_CIRCLING", "SEVERE", null),
            "POT_UP",
            a -> a.on("2026-12-01").sign("ROOTS_CIRCLING", "SEVERE", null).wish("KEEP"),
            "ROOT_PRUNE_SAME_POT"),
        rule(
            "a lean alone wants a stake, not a pot",
            "Monstera deliciosa",
            a -> a.sized(1800, 1100).sign("LEANS", null, 20.0).repotted("2026-04-01"),
            "LEAVE",
            a ->
                a.sized(1800, 1100)
                    .sign("LEANS", null, 20.0)
                    .sign("TOPPLES")
                    .repotted("2026-04-01"),
            "HEAVIER_POT"),
        rule(
            "pups of a bromeliad",
            "Guzmania lingulata",
            a -> a.sign("PUPS_FILL_POT").repotted("2026-04-01"),
            "DIVIDE",
            a -> a.absent("PUPS_FILL_POT").repotted("2026-04-01"),
            "LEAVE"),
        rule(
            "a clump that is to stay",
            "Maranta leuconeura",
            a -> a.sign("PUPS_FILL_POT").wish("KEEP").sized(200, 200),
            "DIVIDE",
            a -> a.sign("PUPS_FILL_POT").wish("GROW").sized(200, 200),
            "POT_UP"),
        rule(
            "must stay, roots not to be cut",
            "Howea forsteriana",
            a -> a.wish("KEEP").sign("ROOTS_CIRCLING", "SEVERE", null),
            "POT_UP",
            a -> a.wish("KEEP").sign("ROOTS_CIRCLING", "SLIGHT", null).repotted("2026-04-01"),
            "LEAVE"),
        rule(
            "a caudex shown",
            "Adenium obesum",
            a ->
                a.sized(400, 300)
                    .in(Ask.pot("x", 160, 4))
                    .sign("ROOTS_CIRCLING", "CLEAR", null)
                    .choose("level", "RAISED"),
            "RAISE_OR_SHALLOW",
            a -> a.sized(400, 300).in(Ask.pot("x", 160, 4)).sign("ROOTS_CIRCLING", "CLEAR", null),
            "POT_UP"),
        rule(
            "too heavy to lift",
            "Ficus elastica",
            a -> a.in(Ask.pot("x", 600, 6)).sized(2200, 1200).sign("ROOTS_CIRCLING", "CLEAR", null),
            "TOP_DRESS",
            a ->
                a.in(Ask.pot("x", 600, 6))
                    .sized(2200, 1200)
                    .sign("ROOTS_CIRCLING", "CLEAR", null)
                    .choose("liftTwoG", 200000.0),
            "POT_UP"),
        rule(
            "caught in its pot",
            "Ficus elastica",
            a -> a.sign("POT_MOUTH_NARROWER_THAN_BALL").sign("MEDIUM_BROKEN_DOWN"),
            "BREAK_OUT",
            a -> a.absent("POT_MOUTH_NARROWER_THAN_BALL").sign("MEDIUM_BROKEN_DOWN"),
            "REFRESH"),
        rule(
            "bought in another medium",
            "Echinopsis oxygona",
            a ->
                a.in(Ask.pot("x", 110, 4))
                    .sized(150, 120)
                    .mix("foliage")
                    .state("ARRIVED", 3)
                    .choose("newlyBought", "REPOT_SOON"),
            "REFRESH",
            a -> a.in(Ask.pot("x", 110, 4)).sized(150, 120).mix("foliage").state("ARRIVED", 3),
            "LEAVE"),
        rule(
            "hungry and not fed",
            "Ficus elastica",
            a -> a.fed(false).sign("WHOLE_PLANT_PALE").sign("GROWTH_STALLED"),
            "FIX_CARE_FIRST",
            a -> a.fed(true).sign("WHOLE_PLANT_PALE").sign("MEDIUM_BROKEN_DOWN"),
            "REFRESH"),
        rule(
            "thirst is no full pot",
            "Ficus elastica",
            a -> a.sign("HEFT", "LIGHT", null).sign("WILTS_SOON_AFTER_WATERING"),
            "FIX_CARE_FIRST",
            a ->
                a.sign("HEFT", "LIGHT", null)
                    .sign("WILTS_SOON_AFTER_WATERING")
                    .sign("ROOTS_CIRCLING", "CLEAR", null),
            "POT_UP"),
        rule(
            "signs away from the roots",
            "Ficus elastica",
            a ->
                a.sign("SURFACE_HARD")
                    .sign("GROWTH_STALLED")
                    .sign("WATER_POOLS", null, 95.0)
                    .repotted("2023-05-01")
                    .mix("trained-tree"),
            "WATCH",
            a ->
                a.sign("SURFACE_HARD")
                    .sign("GROWTH_STALLED")
                    .sign("WATER_POOLS", null, 95.0)
                    .sign("POT_DEFORMED", "CLEAR", null)
                    .repotted("2023-05-01")
                    .mix("trained-tree"),
            "POT_UP"),
        rule(
            "a soft base over clean roots",
            "Ficus elastica",
            a -> a.sign("STEM_SOFT_AT_BASE").absent("ROOTS_ROTTEN").sign("ROOTS_HEALTHY"),
            "ROT_RESCUE",
            a -> a.absent("STEM_SOFT_AT_BASE").absent("ROOTS_ROTTEN").sign("ROOTS_HEALTHY"),
            "LEAVE"),
        rule(
            "a soft base with a few rotten roots",
            "Ficus elastica",
            a -> a.sign("STEM_SOFT_AT_BASE").sign("ROOTS_ROTTEN", null, 0.04),
            "ROT_RESCUE",
            a -> a.sign("ROOTS_ROTTEN", null, 0.04),
            "FIX_CARE_FIRST"),
        rule(
            "a little rot where the medium has broken down",
            "Ficus elastica",
            a -> a.sign("ROOTS_ROTTEN", null, 0.05).sign("MEDIUM_BROKEN_DOWN"),
            "REFRESH",
            a -> a.sign("ROOTS_ROTTEN", null, 0.05).absent("MEDIUM_BROKEN_DOWN"),
            "FIX_CARE_FIRST"),
        rule(
            "a little rot where hardly any medium is left",
            "Ficus elastica",
            a -> a.sign("ROOTS_ROTTEN", null, 0.05).sign("LITTLE_MEDIUM_LEFT"),
            "POT_UP",
            a -> a.sign("ROOTS_ROTTEN", null, 0.05).sign("LITTLE_MEDIUM_LEFT").wish("KEEP"),
            "REFRESH"),
        rule(
            "many leaves gone without a cause",
            "Ficus elastica",
            a -> a.sign("LOWER_LEAVES_SHED", null, 25.0),
            "FIX_CARE_FIRST",
            a -> a.sign("LOWER_LEAVES_SHED", null, 25.0).state("MOVED_LIGHT", 10),
            "LEAVE"),
        rule(
            "pale though fed",
            "Ficus elastica",
            a -> a.fed(true).sign("WHOLE_PLANT_PALE"),
            "FIX_CARE_FIRST",
            a -> a.fed(true).absent("WHOLE_PLANT_PALE"),
            "LEAVE"),
        rule(
            "a kind of the sun that stalls in the dark",
            "Citrus x limon",
            a -> a.inLight("LOW").on("2027-06-12").sign("GROWTH_STALLED"),
            "FIX_CARE_FIRST",
            a -> a.inLight("DIRECT").on("2027-06-12").sign("GROWTH_STALLED"),
            "WATCH"),
        rule(
            "past the interval at twice its length too",
            "Ficus elastica",
            a -> a.repotted("2019-04-12").choose("timing", "INTERVAL").mix("trained-tree"),
            "POT_UP",
            a -> a.repotted("2019-04-12").mix("trained-tree"),
            "WATCH"),
        rule(
            "short of water and not crowded",
            "Ficus elastica",
            a -> a.sign("HEFT", "LIGHT", null).state("UNDERWATERED", null).absent("ROOTS_CIRCLING"),
            "FIX_CARE_FIRST",
            a ->
                a.sign("HEFT", "LIGHT", null)
                    .state("UNDERWATERED", null)
                    .sign("ROOTS_CIRCLING", "CLEAR", null),
            "POT_UP"));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("rules")
  void aRuleSpeaksWhereItShouldAndNotNextDoor(
      String name, Ask speaks, String action, Ask otherwise, String other) {
    assertThat(speaks.advice().call().action()).isEqualTo(action);
    assertThat(otherwise.advice().call().action()).isEqualTo(other);
  }

  @Test
  void potBrokenAndCrowdedMayGoUpASizeInTheSoundPot() {
    Ask crowded =
        Ask.about("Ficus elastica").sign("POT_BROKEN").sign("ROOTS_CIRCLING", "CLEAR", null);
    assertThat(crowded.choosing(Ask.pot("up", 270, 6)).advice().repot().candidates().get(0).rank())
        .isEqualTo(1);
    Ask sound = Ask.about("Ficus elastica").sign("POT_BROKEN").absent("ROOTS_CIRCLING");
    assertThat(sound.choosing(Ask.pot("up", 270, 6)).advice().repot().candidates().get(0).rank())
        .isNull();
  }

  @Test
  void unstableComesBeforeSpentAndSpentBeforeCrowdingThatBegins() {
    Ask all = Ask.about("Ficus lyrata").sized(1800, 800).sign("TOPPLES").sign("MEDIUM_BROKEN_DOWN");
    assertThat(all.advice().call().action()).isEqualTo("HEAVIER_POT");
    assertThat(all.advice().call().alternatives())
        .extracting(Advice.Alternative::action)
        .contains("REFRESH");
    assertThat(
            Ask.about("Ficus lyrata")
                .sign("MEDIUM_BROKEN_DOWN")
                .sign("ROOTS_FROM_DRAIN_HOLES", "SLIGHT", null)
                .advice()
                .call()
                .action())
        .isEqualTo("REFRESH");
  }

  @ParameterizedTest
  @CsvSource({
    "STEM_BURIED_OR_MULCHED, CLEAR_COLLAR",
    "SCALE, TREAT_PESTS",
    "THRIPS, TREAT_PESTS",
    "ROOT_PESTS, TREAT_PESTS",
    "SALT_CRUST, LEACH",
    "CORE_DRY, REWET",
    "MEDIUM_SUNK, TOP_UP",
    "TIES_CUTTING_IN, RETIE",
    "SUCKERS_BELOW_GRAFT, REMOVE_SUCKERS",
    "GIRDLING_ROOTS, CUT_GIRDLING"
  })
  void smallWorksComeBesideAnyCall(String sign, String work) {
    assertThat(Ask.about("Ficus elastica").sign(sign).advice().call().also())
        .extracting(Advice.Coded::code)
        .contains(work);
    assertThat(Ask.about("Ficus elastica").absent(sign).advice().call().also()).isEmpty();
  }

  @Test
  void rootsAreNotCutOutOfSeasonAndANearWindowIsWaitedFor() {
    Ask far = Ask.about("Ficus elastica").on("2026-12-01").sign("ROOTS_CIRCLING", "SEVERE", null);
    assertThat(far.advice().call().urgency()).isEqualTo("SOON");
    assertThat(far.wish("KEEP").advice().call().urgency()).isEqualTo("NEXT_WINDOW");
    Ask near = Ask.about("Ficus elastica").on("2027-01-20").sign("ROOTS_CIRCLING", "SEVERE", null);
    assertThat(near.advice().call().urgency()).isEqualTo("NEXT_WINDOW");
    assertThat(near.advice().call().interim().toString()).contains("soak");
  }

  @Test
  void theMeansOfAnActionThatIsNotTakenAreNotGivenAsItsReason() {
    Advice.Call dressed =
        Ask.about("Ficus elastica")
            .in(Ask.pot("x", 600, 6))
            .sized(2200, 1200)
            .sign("ROOTS_CIRCLING", "CLEAR", null)
            .advice()
            .call();
    assertThat(dressed.action()).isEqualTo("TOP_DRESS");
    assertThat(dressed.reasons().toString())
        .contains("have filled the pot")
        .doesNotContain("goes up a size");
  }

  @Test
  void whetherItIsWetOrDryIsAskedFirstWhereLeafIsLost() {
    for (Species species : Shipped.BOOK.species().all()) {
      Advice advice =
          Ask.about(species.name())
              .on("2027-06-12")
              .unsized()
              .in(Ask.pot("now", 150, 4))
              .sign("LOWER_LEAVES_SHED", null, 20.0)
              .advice();
      assertThat(advice.lookNext().get(0).sign()).as(species.name()).isEqualTo("HEFT");
    }
  }

  @Test
  void aHungryPlantIsFedButNotAtRest() {
    Ask hungry =
        Ask.about("Ficus elastica").fed(false).sign("WHOLE_PLANT_PALE").sign("GROWTH_STALLED");
    assertThat(hungry.advice().call().also())
        .extracting(Advice.Coded::code)
        .containsExactly("FEED");
    assertThat(hungry.state("RESTING", null).advice().call().also()).isEmpty();
  }

  @Test
  void whatTheSlipShowsOutranksWhatWasExpected() {
    Ask expected = Ask.about("Ficus elastica").sign("ROOTS_FROM_DRAIN_HOLES", "SEVERE", null);
    assertThat(expected.advice().call().action()).isEqualTo("POT_UP");
    assertThat(
            Ask.about("Ficus elastica")
                .sign("ROOTS_FROM_DRAIN_HOLES", "SEVERE", null)
                .sign("MEDIUM_FALLS_AWAY")
                .advice()
                .call()
                .action())
        .isEqualTo("LEAVE");
    assertThat(expected.sign("ROOTS_ROTTEN", null, 0.4).advice().call().action())
        .isEqualTo("ROT_RESCUE");
  }

  @Test
  void littleMediumLeftIsOverdueWhateverElse() {
    Advice advice =
        Ask.about("Peperomia obtusifolia")
            .in(Ask.pot("x", 110, 4))
            .sized(200, 200)
            .sign("LITTLE_MEDIUM_LEFT")
            .sign("MEDIUM_FALLS_AWAY")
            .sign("ROOTS_CIRCLING", "SLIGHT", null)
            .advice();
    assertThat(advice.findings())
        .filteredOn(finding -> finding.code().equals("CROWDED"))
        .allSatisfy(finding -> assertThat(finding.grade()).isEqualTo("SEVERE"));
  }

  @Test
  void pastItsIntervalWithoutASignASlipCheckIsDue() {
    Advice advice =
        Ask.about("Ficus elastica")
            .in(Ask.pot("x", 300, 6))
            .repotted("2022-04-01")
            .mix("trained-tree")
            .advice();
    assertThat(advice.call().action()).isEqualTo("WATCH");
    assertThat(advice.call().reasons())
        .anyMatch(reason -> reason.words().contains("slip check is due"));
    assertThat(advice.lookNext()).extracting(Advice.Look::sign).contains("SLIP_CHECK");
  }

  @Test
  void alternativesNeverNameTheCallItself() {
    for (Ask ask :
        List.of(
            Ask.about("Ficus elastica").sign("ROOTS_CIRCLING", "CLEAR", null),
            Ask.about("Ficus elastica").sign("POT_BROKEN").sign("ROOT_PESTS"),
            Ask.about("Ficus lyrata").sized(1800, 800).sign("TOPPLES").sign("POT_BROKEN"))) {
      Advice.Call call = ask.advice().call();
      assertThat(call.alternatives())
          .isNotEmpty()
          .extracting(Advice.Alternative::action)
          .doesNotContain(call.action())
          .doesNotHaveDuplicates();
    }
  }
}
