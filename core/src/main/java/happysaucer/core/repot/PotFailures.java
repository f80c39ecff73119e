package happysaucer.core.repot;

import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.pot.Clearance;
import happysaucer.core.pot.Pot;
import happysaucer.core.pot.Shape;
import happysaucer.core.repot.Candidate.Failure;
import happysaucer.core.repot.Candidate.Fit;
import happysaucer.core.unit.Length;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Rounding;
import happysaucer.core.unit.Wording;
import java.util.ArrayList;
import java.util.List;

/**
 * Why a pot cannot be taken.
 *
 * @param ballTopMm width of the ball after root work
 */
record PotFailures(Case c, Call call, Aim aim, School school, double ballTopMm) {
  /** Least fresh medium under a ball, mm (rule of thumb). */
  static final double BASE_LEAST = 20;

  private static final double BASE_LEAST_SMALL = 10;
  private static final double SMALL_POT = 120;

  /**
   * A pot counts as the same inside size within this much of width, and of fill (rule of thumb).
   */
  private static final double SAME_WIDTH = 10;

  private static final double SAME_FILL = 1.25;

  private static final double SAME_FILL_BROKEN = 1.4;

  /**
   * A ball that has stood between such walls gives by as much as a tape errs, mm (rule of thumb).
   */
  static final double GIVES = 2;

  List<Failure> of(Pot pot, Fit fit, double mostMm) {
    List<Failure> failures = new ArrayList<>(1);
    if (pot.drainHoles() == 0) {
      failures.add(
          new Failure(
              FailureCode.NO_HOLES,
              Message.of("fail.noHoles", "It has no holes: use it only as a cover pot.")));
    }
    if (aim != Aim.TOP_ONLY) {
      tooTight(pot, fit, failures);
      tooShallow(pot, fit, failures);
      tooLarge(pot, fit, mostMm, failures);
      if (pot.shape() == Shape.URN || pot.mouthMm() < pot.topMm() - 1) {
        failures.add(
            new Failure(
                FailureCode.UNRELEASABLE,
                Message.of(
                    "fail.unreleasable",
                    "Its mouth is narrower than its belly: the ball never comes out whole.")));
      }
    }
    return failures;
  }

  private void tooTight(Pot pot, Fit fit, List<Failure> failures) {
    double needed = aim.mayFitTightly() && sameWidth(pot) ? -GIVES : Clearance.neededMm(pot);
    if (Rounding.forDecision(fit.clearanceMm()) < needed) {
      failures.add(
          new Failure(
              FailureCode.CLEARANCE,
              fit.clearanceMm() < 0
                  ? Message.of("fail.ballWider", "The ball does not go in.")
                  : Message.of(
                      "fail.clearance",
                      "Only {} between ball and wall; medium cannot be worked in under {}.",
                      Length.ofMm(fit.clearanceMm()),
                      Length.ofMm(needed))));
    }
  }

  private void tooShallow(Pot pot, Fit fit, List<Failure> failures) {
    double least = leastBase(pot);
    if (Rounding.forDecision(fit.baseLayerMm()) < least) {
      failures.add(
          new Failure(
              FailureCode.TOO_SHALLOW,
              fit.baseLayerMm() < 0
                  ? Message.of(
                      "fail.tooTall",
                      "The ball would stand {} too high.",
                      Length.ofMm(-fit.baseLayerMm()))
                  : Message.of(
                      "fail.tooShallow",
                      "Only {} under the ball; it needs {}.",
                      Length.ofMm(fit.baseLayerMm()),
                      Length.ofMm(least))));
    }
    if (aim == Aim.SHALLOWER && pot.heightMm() > c.pot().heightMm() + 1) {
      failures.add(
          new Failure(
              FailureCode.OVER_STEP,
              Message.of(
                  "fail.deeper",
                  "It is deeper than the present pot; a base is shown in a shallower one.")));
    }
  }

  private double leastBase(Pot pot) {
    if (aim == Aim.SAME_SIZE || aim == Aim.SAME_SIZE_OR_STEP && sameWidth(pot)) {
      return 0;
    }
    boolean shallow = pot.shape() == Shape.SHALLOW || pot.shape() == Shape.BOWL;
    return pot.topMm() < SMALL_POT || shallow || aim == Aim.SAME_POT
        ? BASE_LEAST_SMALL
        : BASE_LEAST;
  }

  private boolean sameWidth(Pot pot) {
    return Math.abs(Rounding.forDecision(pot.topMm() - c.pot().topMm())) <= SAME_WIDTH;
  }

  private void tooLarge(Pot pot, Fit fit, double mostMm, List<Failure> failures) {
    if (aim == Aim.SAME_POT) {
      return;
    }
    if (aim == Aim.SAME_SIZE) {
      boolean same = sameWidth(pot) && fit.fillLitres() <= SAME_FILL * c.pot().fill().litres();
      if (!same) {
        failures.add(
            new Failure(
                FailureCode.OVER_STEP,
                Message.of(
                    "fail.otherSize",
                    "Not the same inside size as the present pot, which is {} wide and holds its roots well.",
                    Length.ofMm(c.pot().topMm()))));
      }
      return;
    }
    if (aim == Aim.SAME_SIZE_OR_STEP && sameWidth(pot)) {
      return;
    }
    if (!school.takes((pot.topMm() - ballTopMm), fit.ballShare(), mostMm)) {
      boolean byWidth = Rounding.forDecision((pot.topMm() - ballTopMm)) > mostMm;
      failures.add(
          new Failure(
              FailureCode.OVER_STEP,
              byWidth
                  ? Message.of(
                      "fail.overStep",
                      "{} wider than the ball, more than the {} this method allows: too much medium would stay wet.",
                      Length.ofMm((pot.topMm() - ballTopMm)),
                      Length.ofMm(school.mostMm()))
                  : Message.of(
                      "fail.overShare",
                      "The ball would be only {} of what the pot holds; this method wants about two thirds.",
                      Wording.percent(fit.ballShare()))));
    }
  }
}
