package happysaucer.core.repot;

import happysaucer.core.call.Action;
import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.method.Method;
import happysaucer.core.repot.RepotPlan.Step;
import happysaucer.core.sign.SignCode;
import happysaucer.core.species.Group;
import happysaucer.core.species.RootType;
import happysaucer.core.species.Traits;
import happysaucer.core.unit.Length;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Wording;
import java.util.ArrayList;
import java.util.List;

/** What is done to the ball on the bench, with this plant's numbers. */
final class RootSteps {
  /** A cut of less, mm, is none. */
  private static final double LEAST_CUT = 0.5;

  private final Case c;
  private final Call call;
  private final RepotPlan plan;
  private final Traits traits;
  private final List<Step> steps = new ArrayList<>();

  private RootSteps(Case c, Call call, RepotPlan plan) {
    this.c = c;
    this.call = call;
    this.plan = plan;
    this.traits = c.plant().traits();
  }

  static List<Step> of(Case c, Call call, RepotPlan plan) {
    RootSteps roots = new RootSteps(c, call, plan);
    roots.work();
    return roots.steps;
  }

  private void add(Phase phase, String key, Object... values) {
    steps.add(new Step(phase, Message.of(key, values)));
  }

  private boolean seen(SignCode sign) {
    return c.signs().present(sign);
  }

  private void work() {
    RootWork work = plan.rootWork();
    switch (call.action()) {
      case ROT_RESCUE, POT_DOWN -> {
        if (work.rootShare() > 0) {
          add(Phase.ROOTS, "step.cutRot", Wording.percent(work.rootShare()));
        } else {
          add(Phase.ROOTS, "step.wetOff");
        }
      }
      case PEST_CLEAN -> add(Phase.ROOTS, "step.washPests");
      case DIVIDE -> add(Phase.ROOTS, "step.divide", c.wish().pieces());
      default -> {
        if (work.rootShare() > 0) {
          sliceAndShave(work);
        }
      }
    }
    if (work.canopyShare() > 0) {
      add(Phase.ROOTS, "step.canopy", Wording.percent(work.canopyShare()));
    }
    foundInTheBall();
    oldMedium(work);
    loosen(work);
    cuts(work);
  }

  /** Only the cuts that are made are named. */
  private void sliceAndShave(RootWork work) {
    boolean slice = work.baseSliceMm() >= LEAST_CUT;
    boolean shave = work.sideShaveMm() >= LEAST_CUT;
    List<Object> values = new ArrayList<>();
    if (slice) {
      values.add(Length.ofMm(work.baseSliceMm()));
    }
    if (shave) {
      values.add(Length.ofMm(work.sideShaveMm()));
    }
    values.add(Wording.percent(work.rootShare()));
    values.add(Wording.percent(work.likelyLoss()));
    values.add(Wording.percent(work.limit()));
    add(
        Phase.ROOTS,
        slice && shave ? "step.cut" : slice ? "step.slice" : "step.shave",
        values.toArray());
  }

  private void foundInTheBall() {
    if (seen(SignCode.NURSERY_PLUG)) {
      add(Phase.ROOTS, "step.plug");
    }
    if (seen(SignCode.GIRDLING_ROOTS)) {
      add(Phase.ROOTS, "step.girdling");
    }
    if (seen(SignCode.STEMS_SOME_DEAD)) {
      add(Phase.ROOTS, "step.deadStem");
    }
    if (seen(SignCode.FOREIGN_PLANTS)) {
      add(Phase.ROOTS, "step.companions");
    }
    boolean orchid =
        c.plant().species().group() == Group.ORCHID_GROUND
            || c.plant().species().group() == Group.ORCHID_EPIPHYTE;
    if (orchid) {
      add(Phase.ROOTS, traits.divides() ? "step.backBulbs" : "step.hollowRoots");
    }
  }

  private void oldMedium(RootWork work) {
    if (work.bareRooted()) {
      if (call.action() == Action.REFRESH || call.action() == Action.POT_UP) {
        add(Phase.ROOTS, "step.mostOff");
      }
      return;
    }
    boolean moves = call.action() == Action.POT_UP || call.action() == Action.REFRESH;
    if (moves && c.method().oldMedium() != Method.OldMedium.LEAVE) {
      add(Phase.ROOTS, "step.outerOff");
    }
  }

  private void loosen(RootWork work) {
    switch (work.loosening()) {
      case TEASE -> add(Phase.ROOTS, "step.tease");
      case OPEN_BASE -> add(Phase.ROOTS, "step.openBase");
      case SCORE -> add(Phase.ROOTS, "step.score");
      case COMB -> add(Phase.ROOTS, "step.comb");
      case NONE -> add(Phase.ROOTS, "step.leaveBall");
      case WASH -> {}
    }
  }

  private void cuts(RootWork work) {
    if (!work.openRoots(call)) {
      return;
    }
    if (work.callusDays() > 0) {
      add(Phase.ROOTS, "step.callus", work.callusDays());
    } else if (c.method().cutRoots() == Method.CutRoots.DUST) {
      add(Phase.ROOTS, "step.dust");
    } else if (traits.rootType() == RootType.FLESHY
        && c.method().cutRoots() == Method.CutRoots.CALLUS) {
      add(Phase.ROOTS, "step.airHours");
    }
  }
}
