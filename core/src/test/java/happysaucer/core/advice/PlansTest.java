package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The plans of aftercare and the bench work they follow. */
class PlansTest {
  private static final UnaryOperator<Ask> CROWDED = a -> a.sign("ROOTS_CIRCLING", "CLEAR", null);

  private static Ask small(Ask ask) {
    return ask.sized(250, 250)
        .in(Ask.pot("x", 110, 4))
        .sign("ROOTS_CIRCLING", "SEVERE", null)
        .sign("BALL_SOLID", "CLEAR", null);
  }

  static Stream<Arguments> plans() {
    return Stream.of(
        Arguments.of("SETTLE_IN", CROWDED.apply(Ask.about("Ficus elastica"))),
        Arguments.of("KEEP_MOIST", CROWDED.apply(Ask.about("Ficus elastica")).wish("KEEP")),
        Arguments.of(
            "KEEP_MOIST", Ask.about("Maranta leuconeura").wish("KEEP").sign("PUPS_FILL_POT")),
        Arguments.of("WAIT_DRY", small(Ask.about("Jade plant"))),
        Arguments.of("WAIT_DRY", small(Ask.about("Adenium obesum"))),
        Arguments.of("DIPPED_THEN_DRY", Ask.about("Ficus elastica").sign("ROOT_PESTS")),
        Arguments.of("FROM_BELOW", small(Ask.about("Watermelon peperomia").sized(150, 150))),
        Arguments.of("EPIPHYTE", small(Ask.about("Moth orchid"))),
        Arguments.of("RESERVOIR", small(Ask.about("Pothos")).mix("mineral-reservoir")),
        Arguments.of("ROT_RESCUE", Ask.about("Ficus elastica").sign("ROOTS_ROTTEN", null, 0.3)),
        Arguments.of("NONE", Ask.about("Ficus elastica")),
        Arguments.of("NONE", Ask.about("Ficus elastica").sign("ROOTS_ROTTEN", null, 0.9)));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("plans")
  void everyPlanIsMadeAndDated(String plan, Ask ask) {
    Advice advice = ask.advice();
    assertThat(advice.aftercare().plan()).isEqualTo(plan);
    for (Advice.CareStep step : advice.aftercare().steps()) {
      assertThat(step.to()).isAfterOrEqualTo(step.from());
      assertThat(step.who()).isIn("CARETAKER", "TECHNICIAN");
    }
    if (!plan.equals("NONE")) {
      assertThat(advice.aftercare().weeks()).hasSize(8);
      assertThat(advice.aftercare().steps())
          .extracting(Advice.CareStep::kind)
          .contains("WATER", "FOLLOW_UP", "LIGHT", "WATCH");
      long followUps =
          advice.aftercare().steps().stream().filter(s -> s.kind().equals("FOLLOW_UP")).count();
      assertThat(followUps).isEqualTo(2);
    }
  }

  @Test
  void afterADipItStaysDryForAWeek() {
    Advice advice = Ask.about("Ficus elastica").sign("ROOT_PESTS").advice();
    LocalDate day = advice.call().from();
    assertThat(advice.aftercare().steps())
        .anyMatch(s -> s.kind().equals("WATER") && s.from().equals(day.plusDays(7)));
    assertThat(advice.aftercare().weeks().get(0).everyDays()).isNull();
  }

  @Test
  void aCactusRescuedInWinterIsKeptDryUntilItGrows() {
    Advice advice =
        Ask.about("Echinopsis oxygona")
            .on("2026-12-05")
            .sized(150, 120)
            .in(Ask.pot("x", 110, 0))
            .sign("STAYS_WET")
            .advice();
    assertThat(advice.call().urgency()).isEqualTo("NOW");
    assertThat(advice.repot().waterIn().on()).isAfter(LocalDate.of(2027, 2, 15));
    assertThat(advice.aftercare().steps())
        .anyMatch(s -> s.text().words().contains("long enough for it to grow"));
  }

  @Test
  void bloomsComeOffUnlessTheWorkWaitsForThem() {
    Ask lily = small(Ask.about("Peace lily")).state("IN_FLOWER", null);
    assertThat(lily.advice().aftercare().steps())
        .as("its ball is left whole")
        .noneMatch(s -> s.kind().equals("REMOVE_BLOOM"));
    assertThat(lily.wish("KEEP").advice().aftercare().steps())
        .anyMatch(s -> s.kind().equals("REMOVE_BLOOM"));
    Ask hibiscus = CROWDED.apply(Ask.about("Hibiscus rosa-sinensis")).state("IN_FLOWER", null);
    assertThat(hibiscus.advice().aftercare().steps())
        .noneMatch(s -> s.kind().equals("REMOVE_BLOOM"));
  }

  @Test
  void rootsCutInACircledBallCountMoreThanTheirVolume() {
    Advice.RootWork circled =
        Ask.about("Ficus elastica")
            .wish("KEEP")
            .sign("ROOTS_CIRCLING", "SEVERE", null)
            .advice()
            .repot()
            .rootWork();
    Advice.RootWork loose =
        Ask.about("Ficus elastica")
            .wish("KEEP")
            .sign("BALL_SOLID", "CLEAR", null)
            .advice()
            .repot()
            .rootWork();
    assertThat(circled.likelyRootLoss()).isCloseTo(1.3 * circled.rootShare(), within(1e-6));
    assertThat(loose.likelyRootLoss()).isEqualTo(loose.rootShare());
  }

  @Test
  void theCutStaysWithinWhatTheSpeciesStandsAndSaysWhatMustGive() {
    Advice.RootWork small =
        CROWDED
            .apply(Ask.about("Ficus elastica").wish("KEEP").in(Ask.pot("x", 75, 4)).sized(200, 150))
            .advice()
            .repot()
            .rootWork();
    assertThat(small.rootShare()).isLessThanOrEqualTo(0.33);
    assertThat(small.notes()).anyMatch(note -> note.words().contains("the pot must give"));
  }

  @Test
  void moreThanAThirdIsAnEdgeCaseToBeConfirmed() {
    Advice.RootWork work =
        CROWDED
            .apply(
                Ask.about("Ficus benjamina").wish("KEEP").in(Ask.pot("x", 75, 4)).sized(200, 150))
            .advice()
            .repot()
            .rootWork();
    assertThat(work.rootShare()).isBetween(0.34, 0.5);
    assertThat(work.confirm()).isTrue();
    assertThat(work.notes()).anyMatch(note -> note.words().contains("confirmed"));
  }

  @Test
  void twoThirdsOnlyOnceTheCutTopHasSealed() {
    Ask elm =
        CROWDED.apply(
            Ask.about("Chinese elm").wish("KEEP").sized(400, 400).in(Ask.pot("x", 180, 4)));
    assertThat(elm.advice().repot().rootWork().limit()).isEqualTo(0.5);
    assertThat(elm.state("RECENTLY_PRUNED", 20).advice().repot().rootWork().limit())
        .isEqualTo(0.67);
  }

  @Test
  void onlyHealthyMediumIsReusedAndAtMostHalf() {
    Advice.Mix healthy =
        CROWDED.apply(Ask.about("Ficus elastica").wish("KEEP")).advice().repot().mix();
    assertThat(healthy.reusableLitres())
        .isPositive()
        .isLessThanOrEqualTo(healthy.litres() / 2 + 1e-9);
    for (UnaryOperator<Ask> sick :
        List.<UnaryOperator<Ask>>of(
            a -> a.sign("ROOTS_ROTTEN", null, 0.3),
            a -> a.sign("ROOT_PESTS"),
            a -> a.sign("MEDIUM_BROKEN_DOWN"),
            a -> a.sign("ROOTS_CIRCLING", "CLEAR", null).wish("KEEP").sign("FUNGUS_GNATS"))) {
      assertThat(sick.apply(Ask.about("Ficus elastica")).advice().repot().mix().reusableLitres())
          .isZero();
    }
  }

  @Test
  void underAReservoirCheaperGrainsLieUpToTheMark() {
    Advice.Mix mix =
        CROWDED
            .apply(Ask.about("Pothos").sized(380, 300).in(Ask.pot("x", 200, 4)))
            .mix("mineral-reservoir")
            .choosing(
                new AdviceRequest.Pot(
                    "deep", "DEEP", "PLASTIC", 240.0, 200.0, null, null, 300.0, null, null, null, 4,
                    null, null, null))
            .advice()
            .repot()
            .mix();
    assertThat(mix.code()).isEqualTo("mineral-reservoir");
    assertThat(mix.filler().depthMm()).isPositive().isLessThanOrEqualTo(mix.filler().markMm());
    assertThat(mix.filler().litres()).isPositive();
  }

  @Test
  void topDressingRenewsOnlyTheTop() {
    Advice advice =
        CROWDED
            .apply(Ask.about("Ficus elastica").in(Ask.pot("x", 600, 6)).sized(2200, 1200))
            .advice();
    assertThat(advice.call().action()).isEqualTo("TOP_DRESS");
    Advice.Candidate current = advice.repot().candidates().get(0);
    assertThat(current.freshLitres()).isBetween(8.0, 16.0);
    assertThat(advice.repot().steps()).noneMatch(s -> s.phase().equals("OUT"));
  }

  @Test
  void anOrchidWedgedInARigidPotComesOutDry() {
    Ask loose =
        Ask.about("Moth orchid")
            .sized(400, 300)
            .in(Ask.pot("x", 130, 4))
            .sign("ROOTS_CIRCLING", "SEVERE", null);
    assertThat(loose.advice().repot().ballMoisture()).isEqualTo("SOAK");
    Ask wedged =
        Ask.about("Moth orchid")
            .sized(400, 300)
            .in(Ask.shaped("STANDARD", "TERRACOTTA", 130, null, null, null))
            .sign("ROOTS_CIRCLING", "SEVERE", null);
    assertThat(wedged.advice().repot().ballMoisture()).isEqualTo("DRY");
  }

  @Test
  void pelargoniumsComeDryByOldCustom() {
    assertThat(small(Ask.about("Zonal geranium")).advice().repot().ballMoisture()).isEqualTo("DRY");
  }

  @Test
  void feedIsHalvedInTheDarkHeldAfterCutsAndNoneAtRest() {
    Ask fig = CROWDED.apply(Ask.about("Ficus elastica"));
    double bright = fig.advice().repot().feed().grams();
    assertThat(fig.inLight("LOW").advice().repot().feed().grams())
        .isCloseTo(bright / 2, within(0.3));
    Ask rest = Ask.about("Ficus elastica").sign("POT_BROKEN").state("RESTING", null);
    assertThat(rest.advice().repot().feed().kind()).isEqualTo("NONE");
  }

  @Test
  void aDividedClumpGetsAPotForOnePiece() {
    Advice advice = Ask.about("Maranta leuconeura").wish("KEEP").sign("PUPS_FILL_POT").advice();
    Advice.Section section = advice.repot().section();
    assertThat(section.ballAfter().heightMm()).isEqualTo(section.ballBefore().heightMm());
    assertThat(section.ballAfter().topMm())
        .isCloseTo(section.ballBefore().topMm() * Math.sqrt(0.5), within(1e-6));
    assertThat(advice.repot().feed().kind()).isEqualTo("HOLD");
  }

  @Test
  void theThreeSchoolsDisagreeOverSmallPots() {
    Ask pothos = small(Ask.about("Pothos").sized(300, 300)).in(Ask.pot("x", 100, 4));
    List<Advice.Candidate> pots =
        pothos
            .choosing(Ask.pot("twelve", 123, 4), Ask.pot("fifteen", 148, 4))
            .advice()
            .repot()
            .candidates();
    assertThat(schools(pots, "twelve")).contains("SMALL_STEP", "SHARE");
    assertThat(schools(pots, "fifteen")).contains("SMALL_STEP").doesNotContain("SHARE", "GENEROUS");
  }

  private static List<String> schools(List<Advice.Candidate> pots, String id) {
    return pots.stream().filter(p -> p.id().equals(id)).findFirst().orElseThrow().schools();
  }

  @Test
  void aSquareBallGoesIntoARoundPotByItsCorners() {
    AdviceRequest.Pot square = Ask.shaped("SQUARE", "PLASTIC", 150, 130.0, 150.0, null);
    Ask ask = CROWDED.apply(Ask.about("Ficus elastica").sized(500, 300)).in(square);
    Advice.Candidate round =
        ask.choosing(Ask.pot("round", 195, 4)).advice().repot().candidates().get(0);
    assertThat(round.failures()).extracting(Advice.Coded::code).contains("CLEARANCE");
    Advice.Candidate squarer =
        ask.choosing(Ask.shaped("SQUARE", "PLASTIC", 190, 165.0, 190.0, null))
            .advice()
            .repot()
            .candidates()
            .get(0);
    assertThat(squarer.failures()).isEmpty();
  }

  @Test
  void aTroughIsComparedOnBothSides() {
    AdviceRequest.Pot trough =
        new AdviceRequest.Pot(
            "t", "TROUGH", "PLASTIC", 800.0, 760.0, 200.0, 180.0, 200.0, null, null, null, 8, null,
            null, null);
    AdviceRequest.Pot wider =
        new AdviceRequest.Pot(
            "w", "TROUGH", "PLASTIC", 845.0, 820.0, 245.0, 225.0, 250.0, null, null, null, 8, null,
            null, null);
    Advice advice =
        CROWDED
            .apply(Ask.about("Pothos").sized(300, 700).choose("liftTwoG", 200000.0))
            .in(trough)
            .choosing(wider)
            .advice();
    Advice.Candidate best = advice.repot().candidates().get(0);
    assertThat(best.failures()).isEmpty();
    assertThat(best.clearanceMm()).isBetween(12.0, 30.0);
  }
}
