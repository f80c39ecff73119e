package happysaucer.core.repot;

import happysaucer.core.call.Action;
import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.method.Method;
import happysaucer.core.pot.Material;
import happysaucer.core.repot.RepotPlan.Portion;
import happysaucer.core.repot.RepotPlan.Step;
import happysaucer.core.species.Sap;
import happysaucer.core.unit.Length;
import happysaucer.core.unit.Mass;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Volume;
import happysaucer.core.unit.Wording;
import java.util.ArrayList;
import java.util.List;

/** The working order on the bench, with this plant's numbers in each step. */
final class BenchSteps {
  private static final double TALL_MM = 2000;

  private final Case c;
  private final Call call;
  private final RepotPlan plan;
  private final List<Step> steps = new ArrayList<>();

  private BenchSteps(Case c, Call call, RepotPlan plan) {
    this.c = c;
    this.call = call;
    this.plan = plan;
  }

  static List<Step> of(Case c, Call call, RepotPlan plan) {
    if (plan.chosen().isEmpty()) {
      return List.of();
    }
    BenchSteps bench = new BenchSteps(c, call, plan);
    bench.before();
    bench.out();
    bench.roots();
    bench.pot();
    bench.fill();
    bench.finish();
    return bench.steps;
  }

  private void add(Phase phase, String key, String sentence, Object... values) {
    steps.add(new Step(phase, Message.of(key, sentence, values)));
  }

  private Candidate chosen() {
    return plan.chosen().orElseThrow();
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
        c.plant().traits().sap() == Sap.NONE
            ? "Lay out the tarp, clean blades, mesh and a stick; damp the mix."
            : "Lay out the tarp, gloves, clean blades, mesh and a stick; damp the mix.");
    if (chosen().wetMassG() > c.method().liftFloorG() || c.plant().heightMm() > TALL_MM) {
      add(
          Phase.BEFORE,
          "step.second",
          "Have a second person: it weighs {} wet and is {} tall.",
          Mass.ofGrams(chosen().wetMassG()),
          Length.ofMm(c.plant().heightMm()));
    }
  }

  private void out() {
    add(
        Phase.OUT,
        "step.out",
        c.pot().material() == Material.PLASTIC
            ? "Squeeze the pot, tap it, and slide the ball out by the stem base; never pull on leaves."
            : "Run a knife along the wall and slide the ball out by the stem base; never pull on leaves.");
    add(
        Phase.INSPECT,
        "step.inspect",
        "Look at the roots and record what you find: circling, rot, loose medium, pests. It may change the plan.");
  }

  private void roots() {
    RootWork work = plan.rootWork();
    if (call.action() == Action.ROT_RESCUE) {
      add(
          Phase.ROOTS,
          "step.cutRot",
          "Wash off the old medium and cut back to firm tissue, about {} of the roots; disinfect the blade between cuts.",
          Wording.percent(work.rootShare()));
    } else if (work.rootShare() > 0) {
      add(
          Phase.ROOTS,
          "step.cut",
          "Slice {} off the base and shave {} off the sides: {} of the ball, within the limit of {}.",
          Length.ofMm(work.baseSliceMm()),
          Length.ofMm(work.sideShaveMm()),
          Wording.percent(work.rootShare()),
          Wording.percent(work.limit()));
    }
    if (work.canopyShare() > 0) {
      add(
          Phase.ROOTS,
          "step.canopy",
          "Take about {} of the canopy to match: dead and broken first, then inward and crossing shoots.",
          Wording.percent(work.canopyShare()));
    }
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
      case NONE ->
          add(Phase.ROOTS, "step.leaveBall", "Leave the ball whole; handle it by the medium.");
      default -> {}
    }
    if (work.callusDays() > 0) {
      add(
          Phase.ROOTS,
          "step.callus",
          "Let the cuts dry in shade and air for {} days before they meet moist medium.",
          work.callusDays());
    }
  }

  private void pot() {
    Candidate chosen = chosen();
    add(
        Phase.POT,
        "step.pot",
        chosen.pot().id().equals("current")
            ? "Scrub the same pot, {} wide and {} deep."
            : "Take the pot of {} inside width and {} depth.",
        Length.ofMm(chosen.pot().topMm()),
        Length.ofMm(chosen.pot().heightMm()));
    switch (c.method().overHoles()) {
      case MESH -> add(Phase.POT, "step.mesh", "Lay mesh or a shard over the holes.");
      case COARSE_LAYER ->
          add(
              Phase.POT,
              "step.coarse",
              "Lay {} of coarse material. It lifts the wet zone by as much.",
              Length.ofMm(c.method().coarseLayerMm()));
      case NOTHING -> {}
    }
    double base = Math.max(0, chosen.baseLayerMm());
    double litres = base > 0 ? chosen.pot().inside().upTo(base).litres() : 0;
    add(
        Phase.POT,
        "step.base",
        "Put in a base layer of {}, about {}.",
        Length.ofMm(base),
        Volume.ofLitres(litres));
    add(
        Phase.SET,
        "step.set",
        "Set the ball at its old soil line, {} under the rim. Look from two sides: upright, best side to the front.",
        Length.ofMm(chosen.rimGapMm()));
  }

  private void fill() {
    plan.mix()
        .ifPresent(
            mix -> {
              StringBuilder sentence =
                  new StringBuilder(
                      "Fill with {} of " + mix.label().toLowerCase(java.util.Locale.ROOT) + ": ");
              List<Object> values = new ArrayList<>();
              values.add(Volume.ofLitres(mix.litres()));
              for (Portion portion : mix.ingredients()) {
                sentence
                    .append(values.size() > 1 ? ", " : "")
                    .append("{} ")
                    .append(portion.label());
                values.add(Volume.ofLitres(portion.litres()));
              }
              sentence.append(
                  ". In lifts, turning; work it into the gaps with the stick, tamp lightly.");
              steps.add(
                  new Step(Phase.FILL, new Message("step.fill", sentence.toString(), values)));
            });
    plan.feed()
        .grams()
        .ifPresentOrElse(
            grams ->
                add(
                    Phase.FEED,
                    "step.feed",
                    "Mix {} of slow-release feed into the fresh medium.",
                    Mass.ofGrams(grams)),
            () -> steps.add(new Step(Phase.FEED, plan.feed().why())));
  }

  private void finish() {
    RepotPlan.WaterIn water = plan.waterIn().orElseThrow();
    if (water.on().isAfter(plan.workDay())) {
      add(
          Phase.WATER,
          "step.waterLater",
          "Do not water now. First water on {}: {}.",
          water.on(),
          Volume.ofLitres(water.litres()));
    } else {
      add(
          Phase.WATER,
          "step.waterIn",
          "Water in all round with {} until it runs through; let it drain.",
          Volume.ofLitres(water.litres()));
    }
    boolean collar =
        c.plant().traits().neckRot() && c.method().topDressing() == Method.TopDressing.BY_SPECIES
            || c.method().topDressing() == Method.TopDressing.MINERAL;
    if (collar) {
      add(Phase.TOP, "step.collar", "Lay a collar of grit round the neck; it rots when wet.");
    }
    add(
        Phase.AFTER,
        "step.after",
        "Label it with date and mix, clean up, and give the card to whoever waters.");
  }
}
