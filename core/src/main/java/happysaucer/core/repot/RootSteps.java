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

  private void add(Phase phase, String key, String sentence, Object... values) {
    steps.add(new Step(phase, Message.of(key, sentence, values)));
  }

  private boolean seen(SignCode sign) {
    return c.signs().present(sign);
  }

  private void work() {
    RootWork work = plan.rootWork();
    switch (call.action()) {
      case ROT_RESCUE, POT_DOWN -> {
        if (work.rootShare() > 0) {
          add(
              Phase.ROOTS,
              "step.cutRot",
              "Wash off the old medium and cut back to firm tissue, about {} of the roots; disinfect the blade between cuts.",
              Wording.percent(work.rootShare()));
        } else {
          add(
              Phase.ROOTS,
              "step.wetOff",
              "Take off the wet medium that holds no roots, down to the ball.");
        }
      }
      case PEST_CLEAN ->
          add(
              Phase.ROOTS,
              "step.washPests",
              "Wash every grain of medium off the roots with lukewarm water, look under the neck, and treat as the label says.");
      case DIVIDE ->
          add(
              Phase.ROOTS,
              "step.divide",
              "Part the clump by hand, or with a clean saw through the middle; each piece keeps roots and a growing point. The numbers here are for one of {} pieces.",
              c.wish().pieces());
      default -> {
        if (work.rootShare() > 0) {
          sliceAndShave(work);
        }
      }
    }
    if (work.canopyShare() > 0) {
      add(
          Phase.ROOTS,
          "step.canopy",
          "Take about {} of the canopy to match: dead and broken first, then inward and crossing shoots.",
          Wording.percent(work.canopyShare()));
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
    String of = ": {} of the ball, likely {} of the roots, within the limit of {}.";
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
        (slice && shave
                ? "Slice {} off the base and shave {} off the sides"
                : slice ? "Slice {} off the base" : "Shave {} off the sides")
            + of,
        values.toArray());
  }

  private void foundInTheBall() {
    if (seen(SignCode.NURSERY_PLUG)) {
      add(
          Phase.ROOTS,
          "step.plug",
          "Cut the nursery net in the core open and pull out what comes without tearing roots.");
    }
    if (seen(SignCode.GIRDLING_ROOTS)) {
      add(Phase.ROOTS, "step.girdling", "Cut the roots that strangle the base of the stem.");
    }
    if (seen(SignCode.STEMS_SOME_DEAD)) {
      add(
          Phase.ROOTS,
          "step.deadStem",
          "Take the dead stem out with its roots, and size the pot to what lives.");
    }
    if (seen(SignCode.FOREIGN_PLANTS)) {
      add(Phase.ROOTS, "step.companions", "Take self-sown companions out with their roots.");
    }
    boolean orchid =
        c.plant().species().group() == Group.ORCHID_GROUND
            || c.plant().species().group() == Group.ORCHID_EPIPHYTE;
    if (orchid) {
      add(
          Phase.ROOTS,
          traits.divides() ? "step.backBulbs" : "step.hollowRoots",
          traits.divides()
              ? "Take off spent canes and back bulbs without leaves or live roots, and hollow roots; stained but firm roots stay."
              : "Take off hollow and papery roots; stained but firm roots stay.");
    }
  }

  private void oldMedium(RootWork work) {
    if (work.bareRooted()) {
      if (call.action() == Action.REFRESH || call.action() == Action.POT_UP) {
        add(
            Phase.ROOTS,
            "step.mostOff",
            "Take off nearly all of the old medium; expect a slower start.");
      }
      return;
    }
    boolean moves = call.action() == Action.POT_UP || call.action() == Action.REFRESH;
    if (moves && c.method().oldMedium() != Method.OldMedium.LEAVE) {
      add(
          Phase.ROOTS,
          "step.outerOff",
          "Shake off the outer medium that is loose; leave what the roots hold.");
    }
  }

  private void loosen(RootWork work) {
    switch (work.loosening()) {
      case TEASE ->
          add(Phase.ROOTS, "step.tease", "Tease the outside of the ball loose with your fingers.");
      case OPEN_BASE ->
          add(Phase.ROOTS, "step.openBase", "Open the base of the ball; leave thick roots whole.");
      case SCORE ->
          add(
              Phase.ROOTS,
              "step.score",
              "Score the sides a finger's breadth deep in four places and open the base.");
      case COMB ->
          add(
              Phase.ROOTS,
              "step.comb",
              "Comb the roots out from the trunk with a root rake, sides first, then beneath.");
      case NONE ->
          add(Phase.ROOTS, "step.leaveBall", "Leave the ball whole; handle it by the medium.");
      case WASH -> {}
    }
  }

  private void cuts(RootWork work) {
    if (!work.openRoots(call)) {
      return;
    }
    if (work.callusDays() > 0) {
      add(
          Phase.ROOTS,
          "step.callus",
          "Let the cuts dry in shade and air for {} days before they meet moist medium.",
          work.callusDays());
    } else if (c.method().cutRoots() == Method.CutRoots.DUST) {
      add(Phase.ROOTS, "step.dust", "Dust the cuts with charcoal or sulphur, as the label allows.");
    } else if (traits.rootType() == RootType.FLESHY
        && c.method().cutRoots() == Method.CutRoots.CALLUS) {
      add(
          Phase.ROOTS,
          "step.airHours",
          "Let the cuts of its thick roots air for a few hours, a day at most.");
    }
  }
}
