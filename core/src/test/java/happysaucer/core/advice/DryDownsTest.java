package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.Shipped;
import happysaucer.core.species.Species;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;

/** What the drawing of a pot's water says, held against the advice that it illustrates. */
class DryDownsTest {
  private static final Advise RULES = new Advise(Shipped.BOOK);

  private static DryDowns of(Ask ask) {
    return RULES.dryDowns(ask.request(), List.of());
  }

  @Test
  void theCurveOfThePresentPotIsThatOfItsAdvice() {
    AdviceRequest request = Ask.about("Schefflera arboricola").request();
    DryDowns drawn = RULES.dryDowns(request, List.of());
    Advice.Drying told = RULES.advise(request).water().before();
    assertThat(drawn.now().daysToRefill()).isEqualTo(told.daysToRefill());
    assertThat(drawn.now().daysToRefillFrom()).isEqualTo(told.daysToRefillFrom());
    DryDowns.DryPoint first = drawn.now().points().get(0);
    assertThat(first.left()).isCloseTo(1, within(1e-6));
    assertThat(first.ball()).isCloseTo(1, within(1e-6));
    assertThat(first.ring()).isNull();
    for (int i = 1; i < drawn.now().points().size(); i++) {
      assertThat(drawn.now().points().get(i).left())
          .isLessThan(drawn.now().points().get(i - 1).left());
    }
  }

  /** Wider pots hold a smaller ball, stay wet longer and are watered more seldom once settled. */
  @Test
  void ofEveryKindAWiderPotDriesMoreSlowly() {
    for (Species kind : Shipped.BOOK.species().all()) {
      DryDowns drawn = of(Ask.about(kind.name()));
      if (drawn.widths().isEmpty()) {
        continue;
      }
      assertThat(drawn.widths()).as(kind.name()).hasSize(12);
      for (int i = 1; i < drawn.widths().size(); i++) {
        DryDowns.PotWidth narrow = drawn.widths().get(i - 1);
        DryDowns.PotWidth wide = drawn.widths().get(i);
        String as = kind.name() + " " + wide.topMm();
        assertThat(wide.topMm()).as(as).isGreaterThan(narrow.topMm());
        assertThat(wide.ballShare()).as(as).isLessThanOrEqualTo(narrow.ballShare() + 1e-6);
        if (wide.mixLabel().equals(narrow.mixLabel())) {
          // where the ball stands changes by a step from one width to the next
          assertThat(days(wide.settled()))
              .as(as)
              .isGreaterThanOrEqualTo(days(narrow.settled()) * 0.97);
        }
      }
      assertThat(drawn.widths().stream().filter(DryDowns.PotWidth::best).count())
          .as(kind.name())
          .isLessThanOrEqualTo(1);
    }
  }

  private static double days(DryDowns.DryCurve curve) {
    return Objects.requireNonNullElse(curve.daysToRefill(), 200.0) + 1e-6;
  }

  @Test
  void theWidthThatTheRulesTakeIsTheOneOfTheirAdvice() {
    AdviceRequest request = Ask.about("Schefflera arboricola").request();
    DryDowns drawn = RULES.dryDowns(request, List.of());
    DryDowns.PotWidth best =
        drawn.widths().stream().filter(DryDowns.PotWidth::best).findFirst().orElseThrow();
    Advice advised =
        RULES.advise(
            request
                .withCandidates(DryDowns.pots(Advise.pot(request.pot())))
                .overruled(
                    new AdviceRequest.Overrule("POT_UP", null, null, null, "To see.", "Somebody")));
    Advice.Candidate chosen = Objects.requireNonNull(advised.repot()).chosen().orElseThrow();
    assertThat(best.topMm()).isEqualTo(chosen.pot().topMm());
    assertThat(best.settled().daysToRefill()).isEqualTo(chosen.daysToRefill());
    assertThat(best.ballShare()).isEqualTo(chosen.ballShare());
  }

  @Test
  void widthsAreComparedInWhatThePotIsMadeOf() {
    AdviceRequest.Pot clay = Ask.shaped("STANDARD", "TERRACOTTA", 180, null, null, null);
    DryDowns inClay = of(Ask.about("Crassula ovata").in(clay));
    DryDowns inPlastic = of(Ask.about("Crassula ovata").in(Ask.pot("now", 180, 4)));
    assertThat(inClay.widths()).allMatch(width -> width.material().equals("TERRACOTTA"));
    for (int i = 0; i < inClay.widths().size(); i++) {
      assertThat(days(inClay.widths().get(i).settled()))
          .as("clay breathes")
          .isLessThan(days(inPlastic.widths().get(i).settled()));
    }
  }

  @Test
  void itTellsWhatEachWateringTaughtIt() {
    DryDowns unknown = of(Ask.about("Schefflera arboricola"));
    assertThat(unknown.lessons()).hasSize(1);
    assertThat(unknown.lessons().get(0).from()).isEqualTo("TABLE");
    assertThat(unknown.uncertaintyNext()).isLessThan(unknown.lessons().get(0).uncertainty());
    DryDowns known =
        of(
            Ask.about("Schefflera arboricola")
                .poured("2027-03-20", 7, 0.9)
                .poured("2027-03-27", 7, 1.0)
                .poured("2027-04-03", 7, 40.0)
                .poured("2027-04-10", 7, 0.95));
    assertThat(known.lessons())
        .extracting(DryDowns.DryLesson::believed)
        .containsExactly(true, true, true, false, true);
    List<Double> range = known.lessons().stream().map(DryDowns.DryLesson::uncertainty).toList();
    assertThat(range.get(1)).isLessThan(range.get(0));
    assertThat(range.get(3)).as("what is doubted teaches nothing").isEqualTo(range.get(2));
    assertThat(known.seen()).hasSize(4).allMatch(seen -> seen.left() >= 0 && seen.left() <= 1);
  }
}
