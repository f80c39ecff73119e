package happysaucer.core.repot;

import happysaucer.core.call.Action;
import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.Wish;
import happysaucer.core.method.Method;
import happysaucer.core.pot.Material;
import happysaucer.core.repot.RepotPlan.Step;
import happysaucer.core.sign.SignCode;
import happysaucer.core.species.AftercarePlan;
import happysaucer.core.species.Sap;
import happysaucer.core.species.Traits;
import happysaucer.core.unit.About;
import happysaucer.core.unit.Length;
import happysaucer.core.unit.Mass;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Volume;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What comes before the roots are seen: preparing, getting the ball out, looking at it. */
final class PrepareSteps {
  /** A planter from which the floor's rated load is asked for, g (rule of thumb). */
  private static final double FLOOR_LOAD_G = 100_000;

  private final Case c;
  private final Call call;
  private final RepotPlan plan;
  private final Traits traits;
  private final Candidate chosen;
  private final List<Step> steps = new ArrayList<>();

  private PrepareSteps(Case c, Call call, RepotPlan plan) {
    this.c = c;
    this.call = call;
    this.plan = plan;
    this.traits = c.plant().traits();
    this.chosen = plan.chosen().orElseThrow();
  }

  static List<Step> of(Case c, Call call, RepotPlan plan) {
    PrepareSteps prepare = new PrepareSteps(c, call, plan);
    prepare.before();
    prepare.out();
    return prepare.steps;
  }

  private void add(Phase phase, String key, Object... values) {
    steps.add(new Step(phase, Message.of(key, values)));
  }

  private void before() {
    switch (plan.ballMoisture()) {
      case DRY -> add(Phase.BEFORE, "step.dry");
      case SOAK -> add(Phase.BEFORE, "step.soak");
      default -> add(Phase.BEFORE, "step.moist");
    }
    add(
        Phase.BEFORE,
        "step.tools."
            + (traits.sap() == Sap.NONE ? "bare" : "gloves")
            + (staysDry() ? ".dry" : ".damp"));
    plan.mix()
        .filter(mix -> mix.litres() >= BenchSteps.HANDFUL)
        .ifPresent(
            mix ->
                add(
                    Phase.BEFORE,
                    "step.mix",
                    Volume.ofLitres(mix.litres()),
                    mix.label().toLowerCase(Locale.ROOT),
                    Volume.ofLitres(mix.litres() / Repot.ALLOWANCES)));
    for (Message note : plan.rootWork().notes()) {
      steps.add(new Step(Phase.BEFORE, note));
    }
    methodAgainstNumbers();
    secondPerson();
  }

  /** Cut roots of dry-lovers rot in moist medium. */
  private boolean staysDry() {
    return plan.firstWater().map(first -> first.waits(plan.workDay())).orElse(false)
        && traits.aftercare() == AftercarePlan.WAIT_DRY;
  }

  /** Where the numbers speak against what the team has chosen. */
  private void methodAgainstNumbers() {
    boolean generousInVain =
        c.method().potStep() == Method.PotStep.GENEROUS
            && call.action() == Action.POT_UP
            && !chosen.schools().contains(Method.PotStep.GENEROUS);
    if (generousInVain) {
      add(Phase.BEFORE, "step.notGenerous", Length.ofMm(GenerousStep.FROM_POT));
    }
    if (c.method().firstWater() == Method.FirstWater.AT_ONCE
        && traits.aftercare() == AftercarePlan.WAIT_DRY
        && plan.rootWork().cutAnything()) {
      add(Phase.BEFORE, "step.waterAgainst", Math.max(traits.dryDays(), traits.callusDays()));
    }
  }

  private void secondPerson() {
    if (c.lift(chosen.wetMassG()).secondOnTheWay()) {
      add(
          Phase.BEFORE,
          "step.second",
          About.of(Mass.ofGrams(chosen.wetMassG())),
          Length.ofMm(c.plant().heightMm()));
    }
    if (chosen.wetMassG() > FLOOR_LOAD_G) {
      add(Phase.BEFORE, "step.floor");
    }
  }

  private void out() {
    if (call.action() == Action.BREAK_OUT) {
      breakOut();
    } else if (c.signs().present(SignCode.POT_BROKEN)) {
      add(Phase.OUT, "step.shards");
    } else if (Fixings.trained(c)) {
      add(Phase.OUT, "step.wiresOff");
    } else {
      boolean soft =
          c.pot().material() == Material.PLASTIC || c.pot().material() == Material.FABRIC;
      add(Phase.OUT, soft ? "step.outSoft" : "step.out");
    }
    add(Phase.INSPECT, "step.inspect");
  }

  /** Which of the two is kept is the owner's to say. */
  private void breakOut() {
    if (c.wish().breakOut().isEmpty()) {
      add(Phase.OUT, "step.breakOut");
    } else if (c.wish().breakOut().get() == Wish.BreakOut.PLANT) {
      add(Phase.OUT, "step.breakPot");
    } else {
      add(Phase.OUT, "step.keepPot", Length.ofMm(c.pot().mouthMm()));
    }
  }
}
