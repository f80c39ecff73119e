package happysaucer.core.repot;

import happysaucer.core.call.Action;
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
import happysaucer.core.unit.Volume;
import happysaucer.core.unit.Wording;
import java.util.ArrayList;
import java.util.List;

/**
 * Why a pot cannot be taken.
 *
 * @param work what was done to the roots
 */
record PotFailures(Case c, Call call, Aim aim, School school, RootWork work) {
  /** A ball whose base is loosened gives so much of its height (rule of thumb). */
  static final double GIVES_OF_HEIGHT = 0.1;

  /** Fill of the pot over the volume of washed or parted roots (rules of thumb). */
  static final double ROOTS_LEAST = 1.2;

  static final double ROOTS_MOST = 2.2;

  /** Trade sizes are coarse: so much more passes, with a remark. */
  static final double ROOTS_COARSE = 2.6;

  /**
   * A pot counts as the same inside size within this much of width, and of fill (rule of thumb).
   */
  private static final double SAME_WIDTH = 10;

  private static final double SAME_FILL = 1.25;

  /**
   * A ball that has stood between such walls gives by as much as a tape errs, mm (rule of thumb).
   */
  static final double GIVES = 2;

  List<Failure> of(Pot pot, Fit fit, double mostMm) {
    List<Failure> failures = new ArrayList<>(1);
    if (pot.drainHoles() == 0) {
      failures.add(new Failure(FailureCode.NO_HOLES, Message.of("fail.noHoles")));
    }
    if (c.cover().isPresent()
        && c.cover().get().fixed()
        && !c.cover().get().takes(pot)
        && !outgrowsItsCover(pot)) {
      failures.add(
          new Failure(
              FailureCode.COVER,
              Message.of("fail.cover", Length.ofMm(c.cover().get().pot().topMm()))));
    }
    if (aim != Aim.TOP_ONLY) {
      if (work.bends() && aim != Aim.SAME_POT) {
        forBendingRoots(pot, fit, failures);
      } else if (!work.bends()) {
        tooTight(pot, fit, failures);
        tooShallow(pot, fit, failures);
        tooLarge(pot, fit, mostMm, failures);
      }
      tooDeep(pot, failures);
      if (pot.shape() == Shape.URN || pot.mouthMm() < pot.topMm() - 1) {
        failures.add(new Failure(FailureCode.UNRELEASABLE, Message.of("fail.unreleasable")));
      }
    }
    return failures;
  }

  /** The pot it is in now, and a larger one where its roots bear no cutting. */
  private boolean outgrowsItsCover(Pot pot) {
    return pot.id().equals("current") || call.action() == Action.POT_UP && c.plant().heldByCover();
  }

  /** Sized to the roots that remain, and after rot never larger than before. */
  private void forBendingRoots(Pot pot, Fit fit, List<Failure> failures) {
    double ratio = Rounding.forDecision(fit.fillLitres() / work.ballLitres());
    boolean rot = FirstWater.afterRot(call, work);
    if (ratio < ROOTS_LEAST) {
      failures.add(
          new Failure(
              FailureCode.CLEARANCE,
              Message.of(
                  "fail.rootsCramped",
                  Volume.ofLitres(fit.fillLitres()),
                  Volume.ofLitres(work.ballLitres() * ROOTS_LEAST))));
    }
    boolean larger =
        rot
            && (fit.fillLitres() > c.pot().fill().litres() * (1 + SAME_AGAIN)
                || pot.topMm() > c.pot().topMm() + GIVES);
    if (ratio > ROOTS_COARSE || larger) {
      failures.add(
          new Failure(
              FailureCode.OVER_STEP,
              larger
                  ? Message.of("fail.largerAfterRot")
                  : Message.of(
                      "fail.rootsLost",
                      Volume.ofLitres(fit.fillLitres()),
                      Volume.ofLitres(work.ballLitres() * ROOTS_MOST))));
    }
  }

  /** Pots of one trade size differ by so much, share of fill. */
  private static final double SAME_AGAIN = 0.02;

  /** Where a base is shown a wide low pot stands in for the depth that goes. */
  double ballTopMm() {
    return aim == Aim.SHALLOWER ? c.ball().body().topMm() : work.after().topMm();
  }

  private void tooTight(Pot pot, Fit fit, List<Failure> failures) {
    double needed = aim.mayFitTightly() && sameWidth(pot) ? -GIVES : Clearance.LEAST;
    if (Rounding.forDecision(fit.clearanceMm()) < needed) {
      failures.add(
          new Failure(
              FailureCode.CLEARANCE,
              fit.clearanceMm() < 0
                  ? Message.of("fail.ballWider")
                  : Message.of(
                      "fail.clearance", Length.ofMm(fit.clearanceMm()), Length.ofMm(needed))));
    }
  }

  /** What stands too tall even after its loosened base gives. */
  private void tooShallow(Pot pot, Fit fit, List<Failure> failures) {
    double gives = aim == Aim.SHALLOWER ? GIVES_WHEN_SHOWN : GIVES_OF_HEIGHT;
    if (Rounding.forDecision(fit.trimMm()) > gives * work.after().heightMm()) {
      failures.add(
          new Failure(
              FailureCode.TOO_SHALLOW, Message.of("fail.tooTall", Length.ofMm(fit.trimMm()))));
    }
  }

  /** Where a base is shown, the ball's own base is sliced to suit (rule of thumb). */
  private static final double GIVES_WHEN_SHOWN = 0.25;

  private void tooDeep(Pot pot, List<Failure> failures) {
    if (aim == Aim.SHALLOWER && pot.heightMm() > c.pot().heightMm() + 1) {
      failures.add(new Failure(FailureCode.OVER_STEP, Message.of("fail.deeper")));
    }
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
                FailureCode.OVER_STEP, Message.of("fail.otherSize", Length.ofMm(c.pot().topMm()))));
      }
      return;
    }
    if (aim == Aim.SAME_SIZE_OR_STEP && sameWidth(pot)) {
      return;
    }
    if (!school.takes((pot.topMm() - ballTopMm()), fit.ballShare(), mostMm)) {
      boolean byWidth = Rounding.forDecision((pot.topMm() - ballTopMm())) > mostMm;
      failures.add(
          new Failure(
              FailureCode.OVER_STEP,
              byWidth
                  ? Message.of(
                      "fail.overStep",
                      Length.ofMm((pot.topMm() - ballTopMm())),
                      Length.ofMm(school.mostMm()))
                  : Message.of("fail.overShare", Wording.percent(fit.ballShare()))));
    }
  }
}
