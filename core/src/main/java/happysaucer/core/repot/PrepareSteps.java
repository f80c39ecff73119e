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

  private void add(Phase phase, String key, String sentence, Object... values) {
    steps.add(new Step(phase, Message.of(key, sentence, values)));
  }

  private void before() {
    switch (plan.ballMoisture()) {
      case DRY -> add(Phase.BEFORE, "step.dry", "Let the ball dry: it comes to the bench dry.");
      case SOAK ->
          add(
              Phase.BEFORE,
              "step.soak",
              "Soak the ball for 15 to 20 minutes so that the roots bend.");
      default ->
          add(
              Phase.BEFORE,
              "step.moist",
              "Water it one or two days before, so that the ball holds together.");
    }
    add(
        Phase.BEFORE,
        "step.tools",
        (traits.sap() == Sap.NONE
                ? "Lay out the tarp, clean blades, mesh and a stick"
                : "Lay out the tarp, gloves, clean blades, mesh and a stick")
            + (staysDry() ? "; leave the mix dry." : "; damp the mix."));
    plan.mix()
        .filter(mix -> mix.litres() >= BenchSteps.HANDFUL)
        .ifPresent(
            mix ->
                add(
                    Phase.BEFORE,
                    "step.mix",
                    "Have {} of {} ready: {} of room in the pot, and a tenth each for settling and packing.",
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
      add(
          Phase.BEFORE,
          "step.notGenerous",
          "The generous step is for large strong trees from {} in their season; here the small step was used.",
          Length.ofMm(GenerousStep.FROM_POT));
    }
    if (c.method().firstWater() == Method.FirstWater.AT_ONCE
        && traits.aftercare() == AftercarePlan.WAIT_DRY
        && plan.rootWork().cutAnything()) {
      add(
          Phase.BEFORE,
          "step.waterAgainst",
          "The method waters at once; cut roots of this kind rot in moist medium, so it would be safer to wait {} days.",
          Math.max(traits.dryDays(), traits.callusDays()));
    }
  }

  private void secondPerson() {
    if (c.lift(chosen.wetMassG()).secondOnTheWay()) {
      add(
          Phase.BEFORE,
          "step.second",
          "Have a second person: it weighs about {} wet and is {} tall. One holds the stem base, one the pot.",
          About.of(Mass.ofGrams(chosen.wetMassG())),
          Length.ofMm(c.plant().heightMm()));
    }
    if (chosen.wetMassG() > FLOOR_LOAD_G) {
      add(
          Phase.BEFORE,
          "step.floor",
          "Ask the building for the floor's rated load before this much stands on it.");
    }
  }

  private void out() {
    if (call.action() == Action.BREAK_OUT) {
      breakOut();
    } else if (c.signs().present(SignCode.POT_BROKEN)) {
      add(
          Phase.OUT,
          "step.shards",
          "Lift the shards away from the ball with gloves; do not pull the plant.");
    } else if (Fixings.trained(c)) {
      add(
          Phase.OUT,
          "step.wiresOff",
          "Cut the wires under the holes, free the edge with a sickle, and lift the ball by the trunk base.");
    } else {
      boolean soft =
          c.pot().material() == Material.PLASTIC || c.pot().material() == Material.FABRIC;
      add(
          Phase.OUT,
          "step.out",
          soft
              ? "Squeeze the pot, tap it, and slide the ball out by the stem base; never pull on leaves."
              : "Run a knife along the wall and slide the ball out by the stem base; never pull on leaves.");
    }
    add(
        Phase.INSPECT,
        "step.inspect",
        "Look at the roots and record what you find: circling, rot, loose medium, pests. It may change the plan.");
  }

  /** Which of the two is kept is the owner's to say. */
  private void breakOut() {
    if (c.wish().breakOut().isEmpty()) {
      add(
          Phase.OUT,
          "step.breakOut",
          "As agreed with the owner: to keep the plant, break the pot away piece by piece; to keep the pot, cut round the ball with a long knife and take it out smaller.");
    } else if (c.wish().breakOut().get() == Wish.BreakOut.PLANT) {
      add(
          Phase.OUT,
          "step.breakPot",
          "The owner keeps the plant: score the pot, cover it with a cloth and break it away piece by piece, with goggles and gloves.");
    } else {
      add(
          Phase.OUT,
          "step.keepPot",
          "The owner keeps the pot: cut round inside the wall with a long knife until the ball passes the mouth of {}, and lift it out.",
          Length.ofMm(c.pot().mouthMm()));
    }
  }
}
