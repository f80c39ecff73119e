package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Work done otherwise than the rules plan it. */
class WishTest {
  private static Ask crowded() {
    return Ask.about("Schefflera arboricola")
        .in(Ask.pot("x", 230, 6))
        .sign("ROOTS_CIRCLING", "SEVERE", null)
        .sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null);
  }

  private static Advice.Repot plan(Ask ask) {
    Advice.Repot plan = ask.advice().repot();
    assertThat(plan).isNotNull();
    return plan;
  }

  private static AdviceRequest.Wish wish(
      Double under, Double around, String mix, Double raise, String breakOut, Integer pieces) {
    return new AdviceRequest.Wish(null, null, under, around, mix, raise, breakOut, pieces, null);
  }

  @Test
  void cutsTakeTheShareOfTheGeometryAndTheStepIsCountedFromTheBallBefore() {
    Advice.Repot plan =
        plan(crowded().ball(180, 150, 160).wishingCuts(40, 0).choosing(Ask.pot("p", 230, 6)));
    assertThat(plan.rootWork().rootShare()).isCloseTo(0.2165, within(0.0002));
    assertThat(plan.rootWork().likelyRootLoss()).isCloseTo(1.3 * 0.2165, within(0.0003));
    assertThat(plan.section().ballAfter().heightMm()).isEqualTo(120);
    assertThat(plan.candidates().get(0).stepMm()).isEqualTo(50);
  }

  @Test
  void aThirdMustBeConfirmedAndMoreThanItStandsIsSaid() {
    Ask elm =
        Ask.about("Ulmus parvifolia")
            .sign("ROOTS_CIRCLING", "SEVERE", null)
            .sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null)
            .ball(180, 150, 160);
    Advice.Repot edge = plan(elm.wishingCuts(25, 15));
    assertThat(edge.rootWork().rootShare()).isCloseTo(0.4153, within(0.0002));
    assertThat(edge.rootWork().confirm()).isTrue();
    assertThat(edge.rootWork().overLimit()).isFalse();
    Advice.Repot over = plan(elm.wishingCuts(60, 25));
    assertThat(over.rootWork().overLimit()).isTrue();
    assertThat(over.rootWork().notes()).anyMatch(note -> note.words().contains("cut less"));
    assertThat(plan(crowded()).rootWork().overLimit()).isFalse();
  }

  @Test
  void moreThanAQuarterOffALeafyPlantTakesTheCanopyWithIt() {
    assertThat(plan(crowded().ball(180, 150, 160).wishingCuts(20, 0)).rootWork().canopyShare())
        .isZero();
    Advice.RootWork work = plan(crowded().ball(180, 150, 160).wishingCuts(25, 15)).rootWork();
    assertThat(work.canopyShare()).isEqualTo(work.likelyRootLoss());
  }

  @Test
  void gapsWantedInTheSamePotGiveTheCuts() {
    Advice.Repot plan = plan(crowded().wishing(wish(20.0, 10.0, null, null, null, null)));
    // the ball is the pot's inside up to its fill line, so the cuts are the gaps
    assertThat(plan.rootWork().baseSliceMm()).isCloseTo(20, within(1e-6));
    assertThat(plan.rootWork().sideShaveMm()).isCloseTo(10, within(1e-6));
    Advice.Repot roomy =
        plan(crowded().ball(190, 140, 170).wishing(wish(20.0, 10.0, null, null, null, null)));
    assertThat(roomy.rootWork().rootShare()).isZero();
  }

  @Test
  void itSaysWhichGapMustGive() {
    Advice.RootWork work =
        plan(crowded().wishing(wish(10.0, 60.0, null, null, null, null))).rootWork();
    assertThat(work.overLimit()).isTrue();
    assertThat(work.notes()).anyMatch(note -> note.words().contains("the gap round it must give"));
    assertThat(plan(crowded().wishing(wish(90.0, 45.0, null, null, null, null))).rootWork().notes())
        .anyMatch(note -> note.words().contains("the pot must give"));
  }

  @Test
  void noGapLeavesNothingOfANarrowTrough() {
    AdviceRequest.Pot trough =
        new AdviceRequest.Pot(
            "t", "TROUGH", "FIBRE", 800.0, 760.0, 200.0, 90.0, 200.0, null, null, null, 6, false,
            null, null);
    Advice.RootWork work =
        plan(crowded().in(trough).wishing(wish(150.0, 150.0, null, null, null, null))).rootWork();
    assertThat(work.sideShaveMm()).isPositive().isLessThan(45);
    assertThat(work.overLimit()).isTrue();
  }

  @Test
  void cutsAndGapsTogetherAreRefusedAndSoAreCutsThatLeaveNothing() {
    assertThatThrownBy(
            () ->
                crowded()
                    .wishing(
                        new AdviceRequest.Wish(
                            10.0, null, 10.0, null, null, null, null, null, null))
                    .advice())
        .isInstanceOfSatisfying(
            RefusedException.class,
            e -> assertThat(e.faults().get(0).field()).isEqualTo("wish.gapUnderMm"));
    assertThatThrownBy(() -> crowded().wishingCuts(190, 5).advice())
        .isInstanceOfSatisfying(
            RefusedException.class,
            e -> assertThat(e.faults().get(0).field()).isEqualTo("wish.baseSliceMm"));
    assertThatThrownBy(() -> crowded().wishing(wish(null, null, "mud", null, "BOTH", 1)).advice())
        .isInstanceOfSatisfying(
            RefusedException.class,
            e ->
                assertThat(e.faults().stream().map(Fault::field))
                    .containsExactly("wish.mix", "wish.breakOut", "wish.pieces"));
  }

  @Test
  void anotherMixChangesAirAndDrying() {
    Ask ask = crowded().choosing(Ask.pot("p", 270, 6));
    Advice.Candidate usual = plan(ask).candidates().get(0);
    Advice.Repot gritty = plan(ask.wishing(wish(null, null, "desert-cactus", null, null, null)));
    assertThat(gritty.mix().code()).isEqualTo("desert-cactus");
    assertThat(gritty.candidates().get(0).mix()).isEqualTo("desert-cactus");
    assertThat(gritty.candidates().get(0).containerCapacity())
        .isLessThan(usual.containerCapacity());
    assertThat(gritty.candidates().get(0).mixLitres()).isEqualTo(gritty.mix().litres());
  }

  @Test
  void anUrnKeepsItsPlantOrItself() {
    Ask urn =
        Ask.about("Ficus elastica")
            .in(Ask.shaped("URN", "GLAZED", 300, 240.0, 300.0, 220.0))
            .sign("ROOTS_FROM_DRAIN_HOLES", "SEVERE", null)
            .sign("ROOTS_CIRCLING", "SEVERE", null);
    Advice advice = urn.wishing(wish(null, null, null, null, "PLANT", null)).advice();
    assertThat(advice.call().action()).isEqualTo("BREAK_OUT");
    assertThat(plan(urn).rootWork().rootShare()).isZero();
    assertThat(texts(plan(urn))).anyMatch(text -> text.contains("break it away piece by piece"));
    Advice.Repot kept = plan(urn.wishing(wish(null, null, null, null, "POT", null)));
    // 5 mm of room on each side of the mouth of 22 cm
    assertThat(kept.section().ballAfter().topMm()).isCloseTo(210, within(0.01));
    assertThat(kept.rootWork().rootShare()).isGreaterThan(0.3);
    assertThat(texts(kept)).anyMatch(text -> text.contains("passes the mouth of 22 cm"));
  }

  @Test
  void aClumpInMorePiecesGivesSmallerOnes() {
    Ask clump =
        Ask.about("Spathiphyllum wallisii")
            .in(Ask.pot("x", 230, 6))
            .sign("PUPS_FILL_POT")
            .overruled("DIVIDE", null, null);
    double two = plan(clump).section().ballAfter().topMm();
    Advice.Repot four = plan(clump.wishing(wish(null, null, null, null, null, 4)));
    assertThat(four.section().ballAfter().topMm()).isCloseTo(two / Math.sqrt(2), within(1e-6));
    assertThat(texts(four)).anyMatch(text -> text.contains("one of 4 pieces"));
  }

  @Test
  void aBaseIsRaisedAsWished() {
    Ask ask = crowded().choosing(Ask.pot("p", 270, 6));
    double level = plan(ask).levels().baseLayerMm();
    Advice.Repot raised = plan(ask.wishing(wish(null, null, null, 30.0, null, null)));
    assertThat(raised.levels().raiseMm()).isEqualTo(30);
    assertThat(raised.levels().baseLayerMm()).isCloseTo(level + 30, within(1e-6));
    assertThat(raised.section().levels()).isEqualTo(raised.levels());
  }

  private static List<String> texts(Advice.Repot plan) {
    return plan.steps().stream().map(step -> step.text().words()).toList();
  }

  @Test
  void itSaysHowThePotWasSizedAndWhatBoreOnIt() {
    assertThat(Words.each(plan(crowded()).sizing()))
        .containsExactly("By the small step: up to 55 mm over the ball, best about 38 mm.");
    assertThat(plan(crowded().choose("potStep", "SHARE")).sizing().get(0).words())
        .contains("two thirds");
    assertThat(plan(crowded().choose("potStep", "GENEROUS")).sizing().get(0).words())
        .contains("so the small step is taken");
    assertThat(Words.each(plan(crowded().on("2027-11-05")).sizing()))
        .contains("Out of its growing season: the smallest step that fits.");
    assertThat(Words.each(plan(crowded().sign("ROOTS_ROTTEN", null, 0.3)).sizing()))
        .contains("Sized to the roots that remain, not to the old pot.");
    assertThat(Words.each(plan(crowded().wish("KEEP")).sizing()))
        .containsExactly("It goes back into its own pot.");
  }

  @Test
  void aPotOnItsOwnIsCompletedOrRefusedAtItsMeasures() {
    assertThat(Advise.pot(Ask.pot("p", 200, 4)).footMm()).isEqualTo(158);
    assertThatThrownBy(() -> Advise.pot(Ask.shaped("STANDARD", "CLAY", 5, null, null, null)))
        .isInstanceOfSatisfying(
            RefusedException.class,
            e ->
                assertThat(e.faults().stream().map(Fault::field))
                    .containsExactly("pot.material", "pot.topMm"));
  }

  /** Also where the rules would rather keep the present one, or another is better. */
  @Test
  void thePotThatWasPickedIsTakenWhereItWillDo() {
    AdviceRequest.Pot low =
        new AdviceRequest.Pot(
            "low",
            "SHALLOW",
            "TERRACOTTA",
            170.0,
            null,
            null,
            null,
            130.0,
            null,
            null,
            null,
            1,
            null,
            null,
            null);
    Ask rose =
        Ask.about("Adenium obesum")
            .in(Ask.pot("now", 150, 6))
            .sized(380, 300)
            .overruled("RAISE_OR_SHALLOW", "SOON", null)
            .choosing(Ask.pot("same", 150, 6), low);
    assertThat(taken(rose)).isNotEqualTo("low");
    assertThat(taken(rose.wishing(AdviceRequest.Wish.NONE.picking("low")))).isEqualTo("low");
    assertThatThrownBy(() -> taken(rose.wishing(AdviceRequest.Wish.NONE.picking("gone"))))
        .isInstanceOfSatisfying(
            RefusedException.class,
            refused ->
                assertThat(refused.faults()).extracting(Fault::field).containsExactly("wish.pot"));
  }

  private static String taken(Ask ask) {
    return ask.advice().repot().chosen().orElseThrow().id();
  }
}
