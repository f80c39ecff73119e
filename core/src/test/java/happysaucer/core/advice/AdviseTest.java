package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.Shipped;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AdviseTest {
  private static String evidenceFor(Advice advice, String finding) {
    return advice.findings().stream()
        .filter(f -> f.code().equals(finding))
        .findFirst()
        .orElseThrow()
        .strength();
  }

  @Test
  void theExampleIsPottedUpInItsWindowIntoTheOfferedPot() {
    Advice advice = Ask.example().advice();

    assertThat(advice.call().action()).isEqualTo("POT_UP");
    assertThat(advice.call().urgency()).isEqualTo("THIS_WINDOW");
    assertThat(advice.call().from()).isEqualTo("2027-03-10");
    assertThat(advice.call().to()).isBetween(LocalDate.of(2027, 9, 8), LocalDate.of(2027, 9, 14));
    assertThat(advice.call().reasons()).isNotEmpty();
    assertThat(advice.call().holds()).isEmpty();
    Advice.Candidate pot = advice.repot().candidates().get(0);
    assertThat(pot.id()).isEqualTo("p27");
    assertThat(pot.rank()).isEqualTo(1);
    assertThat(pot.stepMm()).isEqualTo(45);
    assertThat(pot.rimGapMm()).isEqualTo(20);
    assertThat(pot.baseLayerMm()).isEqualTo(25);
    assertThat(pot.ballShare()).isCloseTo(0.6, within(0.1));
    assertThat(pot.freshLitres()).isCloseTo(pot.fillLitres() * (1 - pot.ballShare()), within(1e-6));
    assertThat(advice.repot().mix().litres()).isCloseTo(pot.freshLitres() * 1.21, within(1e-6));
    double sum =
        advice.repot().mix().ingredients().stream().mapToDouble(Advice.Ingredient::litres).sum();
    assertThat(sum).isCloseTo(advice.repot().mix().litres(), within(1e-6));
    assertThat(advice.aftercare().plan()).isEqualTo("SETTLE_IN");
    assertThat(advice.aftercare().weeks()).hasSize(8);
    assertThat(advice.repot().steps())
        .extracting(Advice.Step::phase)
        .startsWith("BEFORE")
        .endsWith("AFTER");
    assertThat(advice.cautions()).extracting(Advice.Coded::code).contains("SAP", "POISONOUS");
  }

  @Test
  void theModelAgreesWithThePlantsOwnWatering() {
    Advice advice = Ask.example().advice();

    assertThat(advice.water().before().daysToRefill()).isCloseTo(5.0, within(0.3));
    assertThat(advice.water().before().litresPerDay()).isCloseTo(0.14, within(0.04));
    assertThat(advice.water().before().basis().words()).contains("measured");
    assertThat(advice.water().settled().daysToRefill())
        .isGreaterThan(advice.water().before().daysToRefill());
    double firstWeek = advice.aftercare().weeks().get(0).everyDays();
    assertThat(firstWeek).isBetween(3.5, 5 * 1.3 + 1e-9);
  }

  @Test
  void sameQuestionSameAnswer() {
    assertThat(Ask.example().advice()).isEqualTo(Ask.example().advice());
  }

  @Test
  void assumptionsAreListedByPath() {
    Advice advice = Ask.about("Monstera deliciosa").advice();

    assertThat(advice.assumed()).isSorted().anyMatch(line -> line.startsWith("pot.baseMm = "));
  }

  @Test
  void aPlantThatShowsNothingIsLeftAloneAndLookedAtAgain() {
    Advice advice = Ask.about("Ficus elastica").repotted("2026-04-01").advice();

    assertThat(advice.call().action()).isEqualTo("LEAVE");
    assertThat(advice.call().urgency()).isEqualTo("NOT_DUE");
    assertThat(advice.call().recheck()).isAfter(LocalDate.of(2027, 4, 12));
    assertThat(advice.call().from()).isNull();
    assertThat(advice.repot()).isNull();
    assertThat(advice.water().after()).isNull();
    assertThat(advice.aftercare().plan()).isEqualTo("NONE");
  }

  @Test
  void looseMediumBeatsEveryCrowdingSign() {
    Advice advice =
        Ask.about("Ficus elastica")
            .sign("ROOTS_FROM_DRAIN_HOLES", "SEVERE", null)
            .sign("SURFACE_HARD")
            .sign("MEDIUM_FALLS_AWAY")
            .advice();

    assertThat(advice.call().action()).isIn("LEAVE", "FIX_CARE_FIRST");
    assertThat(evidenceFor(advice, "CROWDED")).isEqualTo("NONE");
  }

  @Test
  void surfaceRootsOfAMonsteraAreNormal() {
    Advice advice =
        Ask.about("Monstera deliciosa").repotted("2026-05-01").sign("ROOTS_AT_SURFACE").advice();

    assertThat(advice.call().action()).isEqualTo("LEAVE");
    assertThat(evidenceFor(advice, "JUST_NORMAL")).isEqualTo("MODERATE");
    assertThat(advice.findings().stream().flatMap(f -> f.discounted().stream()))
        .extracting(Advice.Discounted::sign)
        .contains("ROOTS_AT_SURFACE");
  }

  @Test
  void aPlantToStaySmallIsRootPrunedIntoItsOwnPot() {
    Advice advice =
        Ask.about("Ficus elastica").wish("KEEP").sign("ROOTS_CIRCLING", "CLEAR", null).advice();

    assertThat(advice.call().action()).isEqualTo("ROOT_PRUNE_SAME_POT");
    assertThat(advice.repot().candidates())
        .extracting(Advice.Candidate::id)
        .containsExactly("current");
    assertThat(advice.repot().rootWork().rootShare()).isBetween(0.1, 0.33);
    assertThat(advice.repot().feed().kind()).isEqualTo("HOLD");
    assertThat(advice.aftercare().plan()).isEqualTo("KEEP_MOIST");
  }

  @Test
  void rotOverridesTheWinterAndWithholdsFeed() {
    Advice advice =
        Ask.about("Monstera deliciosa")
            .on("2026-12-10")
            .sign("ROOTS_ROTTEN", null, 0.3)
            .sign("SOUR_SMELL")
            .advice();

    assertThat(advice.call().action()).isEqualTo("ROT_RESCUE");
    assertThat(advice.call().urgency()).isEqualTo("NOW");
    assertThat(advice.call().to()).isEqualTo("2026-12-17");
    assertThat(advice.call().holds()).allMatch(Advice.Hold::overridden);
    assertThat(advice.repot().feed().holdUntil()).isEqualTo("2027-01-28");
    assertThat(advice.aftercare().plan()).isEqualTo("ROT_RESCUE");
    Advice.Candidate best = advice.repot().candidates().get(0);
    assertThat(best.stepMm()).as("sized to the roots that remain").isLessThan(25);
  }

  @Test
  void suspectedRotIsLookedAtBeforeAnythingIsCut() {
    Advice advice =
        Ask.about("Spathiphyllum wallisii").sign("WILTS_WHEN_WET").sign("SOUR_SMELL").advice();

    assertThat(advice.call().action()).isEqualTo("FIX_CARE_FIRST");
    assertThat(advice.call().recheck()).isEqualTo("2027-04-15");
    assertThat(advice.lookNext()).extracting(Advice.Look::sign).contains("SLIP_CHECK");
  }

  @Test
  void fewRottenRootsAreNoEmergencyAndOrchidsMayLoseMore() {
    assertThat(
            Ask.about("Ficus elastica").sign("ROOTS_ROTTEN", null, 0.05).advice().call().action())
        .isEqualTo("FIX_CARE_FIRST");
    assertThat(
            Ask.about("Phalaenopsis hybrids")
                .sign("ROOTS_ROTTEN", null, 0.15)
                .advice()
                .call()
                .action())
        .isEqualTo("FIX_CARE_FIRST");
    assertThat(
            Ask.about("Ficus elastica").sign("ROOTS_ROTTEN", null, 0.15).advice().call().action())
        .isEqualTo("ROT_RESCUE");
    assertThat(Ask.about("Ficus elastica").sign("ROOTS_ROTTEN", null, 0.8).advice().call().action())
        .isEqualTo("PROPAGATE");
  }

  @Test
  void noHolesAreAnEmergencyAtOnceWithWetRootsAndSoonOtherwise() {
    Advice wet =
        Ask.about("Ficus elastica").in(Ask.pot("x", 200, 0)).sign("STAYS_WET", null, 12.0).advice();
    Advice dry = Ask.about("Ficus elastica").in(Ask.pot("x", 200, 0)).advice();
    Advice inCover =
        Ask.about("Ficus elastica")
            .in(Ask.pot("x", 200, 0))
            .absent("NO_DRAIN_HOLES")
            .repotted("2026-08-01")
            .advice();

    assertThat(wet.call().action()).isEqualTo("DRAINAGE_RESCUE");
    assertThat(wet.call().urgency()).isEqualTo("NOW");
    assertThat(dry.call().urgency()).isEqualTo("SOON");
    assertThat(inCover.call().action()).isEqualTo("LEAVE");
    assertThat(dry.repot().candidates()).filteredOn(c -> c.rank() != null).isNotEmpty();
  }

  @Test
  void aCactusInBudIsHeldWithoutADateAndLookedAtAgain() {
    Advice advice =
        Ask.about("Echinopsis oxygona")
            .in(Ask.pot("x", 120, 4))
            .sized(150, 120)
            .sign("ROOTS_CIRCLING", "SEVERE", null)
            .state("IN_BUD", null)
            .advice();

    assertThat(advice.call().action()).isEqualTo("POT_UP");
    assertThat(advice.call().urgency()).isNotIn("NOW", "SOON");
    assertThat(advice.call().holds())
        .anySatisfy(
            hold -> {
              assertThat(hold.code()).isEqualTo("IN_BUD");
              assertThat(hold.firm()).isTrue();
              assertThat(hold.until()).isNull();
            });
    assertThat(advice.call().recheck()).isNotNull();
    assertThat(advice.call().interim()).anyMatch(text -> text.words().contains("twice a week"));
  }

  @Test
  void budsOfOthersOnlyAdvise() {
    Advice advice =
        Ask.about("Monstera deliciosa")
            .sign("ROOTS_CIRCLING", "CLEAR", null)
            .state("IN_BUD", null)
            .advice();

    assertThat(advice.call().holds()).hasSize(1).allMatch(hold -> !hold.firm());
    assertThat(advice.call().urgency()).isEqualTo("THIS_WINDOW");
  }

  @Test
  void aNewArrivalSettlesForThreeWeeksUnlessItCameCrowded() {
    Ask spent = Ask.about("Ficus elastica").sign("MEDIUM_BROKEN_DOWN").state("ARRIVED", 5);
    Ask crowded =
        Ask.about("Ficus elastica").sign("ROOTS_CIRCLING", "CLEAR", null).state("ARRIVED", 5);

    assertThat(spent.advice().call().action()).isEqualTo("REFRESH");
    assertThat(spent.advice().call().from()).isEqualTo("2027-04-28");
    assertThat(spent.advice().call().holds().get(0).until()).isEqualTo("2027-04-27");
    assertThat(crowded.advice().call().holds()).isEmpty();
  }

  @Test
  void outOfSeasonClearCrowdingWaitsAndSevereGoesNowBySmallSteps() {
    Advice clear =
        Ask.about("Ficus elastica").on("2026-11-25").sign("ROOTS_CIRCLING", "CLEAR", null).advice();
    Advice severe =
        Ask.about("Ficus elastica")
            .on("2026-11-25")
            .sign("ROOTS_CIRCLING", "SEVERE", null)
            .advice();

    assertThat(clear.call().urgency()).isEqualTo("NEXT_WINDOW");
    assertThat(clear.call().from()).isBetween(LocalDate.of(2027, 2, 20), LocalDate.of(2027, 3, 3));
    assertThat(clear.repot()).isNotNull();
    assertThat(severe.call().urgency()).isEqualTo("SOON");
    assertThat(severe.repot().candidates().get(0).stepMm())
        .isLessThanOrEqualTo(clear.repot().candidates().get(0).stepMm());
  }

  @Test
  void thePothosAtBothEndsOfTheWorldInOctober() {
    Ask south = Ask.about("Pothos").at(-38).on("2027-10-10").sign("ROOTS_CIRCLING", "CLEAR", null);
    Ask north = Ask.about("Pothos").at(58).on("2027-10-10").sign("ROOTS_CIRCLING", "CLEAR", null);

    assertThat(south.advice().call().urgency()).isEqualTo("THIS_WINDOW");
    assertThat(north.advice().call().urgency()).isEqualTo("NEXT_WINDOW");
  }

  @ParameterizedTest
  @CsvSource({
    "OVERWATERED, FUNGUS_GNATS, STAYS_WET, FIX_CARE_FIRST",
    "SALT_BUILD_UP, SALT_CRUST, LEAF_TIPS_BROWN, LEAVE",
  })
  void careComesBeforeThePot(String finding, String first, String second, String action) {
    Advice advice =
        Ask.about("Schefflera arboricola").repotted("2026-06-01").sign(first).sign(second).advice();

    assertThat(evidenceFor(advice, finding)).isIn("MODERATE", "STRONG");
    assertThat(advice.call().action()).isEqualTo(action);
  }

  @Test
  void saltsAreLeachedBesideAnyCall() {
    Advice advice = Ask.about("Dracaena fragrans").sign("SALT_CRUST").advice();

    assertThat(advice.call().also()).extracting(Advice.Coded::code).contains("LEACH");
  }

  @Test
  void aSucculentIsKeptDryAfterTheRepot() {
    Advice advice =
        Ask.about("Crassula ovata")
            .in(Ask.pot("x", 140, 4))
            .sized(300, 300)
            .sign("ROOTS_CIRCLING", "SEVERE", null)
            .advice();

    assertThat(advice.aftercare().plan()).isEqualTo("WAIT_DRY");
    assertThat(advice.repot().waterIn().on()).isEqualTo(advice.call().from().plusDays(7));
    assertThat(advice.repot().ballMoisture()).isEqualTo("DRY");
    assertThat(advice.aftercare().weeks().get(0).everyDays()).isNull();
  }

  @Test
  void nothingOnTheShelfSaysWhatToOrder() {
    Advice advice =
        Ask.about("Ficus elastica").sign("ROOTS_CIRCLING", "CLEAR", null).choosing().advice();

    assertThat(advice.repot().candidates()).isEmpty();
    assertThat(advice.repot().order().words()).contains("Order a pot");
    assertThat(advice.repot().mix()).isNotNull();
    assertThat(advice.repot().levels()).isNotNull();
  }

  @Test
  void everyFailureOfAPotCanShowAndItsFiguresAreGivenAllTheSame() {
    AdviceRequest.Pot shallow =
        new AdviceRequest.Pot(
            "shallow",
            "STANDARD",
            "PLASTIC",
            270.0,
            200.0,
            null,
            null,
            150.0,
            null,
            null,
            null,
            6,
            null,
            null,
            null);
    AdviceRequest.Pot urn =
        new AdviceRequest.Pot(
            "urn", "URN", "GLAZED", 270.0, 220.0, null, null, 260.0, 200.0, null, null, 1, null,
            null, null);
    Advice advice =
        Ask.about("Ficus elastica")
            .sign("ROOTS_CIRCLING", "CLEAR", null)
            .choosing(
                Ask.pot("closed", 270, 0),
                Ask.pot("tight", 230, 6),
                Ask.pot("huge", 400, 6),
                shallow,
                urn)
            .advice();

    assertThat(advice.repot().candidates())
        .allSatisfy(c -> assertThat(c.rank()).isNull())
        .allSatisfy(c -> assertThat(c.fillLitres()).isPositive());
    assertThat(advice.repot().candidates().stream().flatMap(c -> c.failures().stream()))
        .extracting(Advice.Coded::code)
        .contains("NO_HOLES", "CLEARANCE", "OVER_STEP", "TOO_SHALLOW", "UNRELEASABLE");
  }

  @Test
  void textsComeInTheReadersUnits() {
    Ask ask = Ask.about("Ficus elastica").sign("ROOTS_CIRCLING", "CLEAR", null);
    List<String> metric =
        ask.advice().repot().steps().stream().map(step -> step.text().words()).toList();
    List<String> imperial =
        ask.units("IMPERIAL").advice().repot().steps().stream()
            .map(step -> step.text().words())
            .toList();

    assertThat(metric).anyMatch(t -> t.contains(" cm")).noneMatch(t -> t.contains(" in."));
    assertThat(imperial).anyMatch(t -> t.contains(" qt")).noneMatch(t -> t.matches(".*\\d L\\b.*"));
  }

  @Test
  void intervalMethodRepotsOnTheCalendarAndConditionDoesNot() {
    Ask ask =
        Ask.about("Ficus elastica")
            .repotted("2023-12-01")
            .absent("ROOTS_CIRCLING")
            .absent("BALL_SOLID");
    assertThat(ask.advice().call().action()).isIn("LEAVE", "WATCH");
    Advice interval = ask.method("INTERVAL", null, null, null).advice();
    assertThat(interval.call().action()).isIn("POT_UP", "REFRESH");
  }

  @Test
  void aSpeciesNotInTheBookTakesItsGroupsValuesAndSaysSo() {
    Advice advice = Ask.about("Ficus imaginaria").ofGroup("FIG").advice();

    assertThat(advice.assumed())
        .anyMatch(line -> line.contains("Ficus imaginaria") && line.contains("FIG"));
  }

  @ParameterizedTest
  @CsvSource({
    "Heptapleurum arboricola",
    "umbrella tree",
    "CITRUS X MICROCARPA",
    "Citrus microcarpa",
    "Citrus \u00d7 microcarpa"
  })
  void namesMatchBySynonymCommonNameAndWithoutTheHybridSign(String name) {
    assertThat(Shipped.BOOK.species().find(name)).isPresent();
  }

  @Test
  void lookingStopsWhenNoAnswerCouldChangeTheCall() {
    Advice advice =
        Ask.about("Ficus elastica")
            .sign("ROOTS_ROTTEN", null, 0.5)
            .sign("STEM_SOFT_AT_BASE")
            .advice();

    assertThat(advice.lookNext()).isEmpty();
  }
}
