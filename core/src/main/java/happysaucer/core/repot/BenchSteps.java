package happysaucer.core.repot;

import happysaucer.core.call.Action;
import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.medium.Renewal;
import happysaucer.core.method.Method;
import happysaucer.core.pot.Material;
import happysaucer.core.repot.RepotPlan.Portion;
import happysaucer.core.repot.RepotPlan.Step;
import happysaucer.core.sign.SignCode;
import happysaucer.core.species.AftercarePlan;
import happysaucer.core.species.Group;
import happysaucer.core.species.RootType;
import happysaucer.core.species.Sap;
import happysaucer.core.species.Traits;
import happysaucer.core.unit.Length;
import happysaucer.core.unit.Mass;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Volume;
import happysaucer.core.unit.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The working order on the bench, with this plant's numbers in each step. */
final class BenchSteps {
  private static final double TALL_MM = 2000;

  /** A planter from which the floor's rated load is asked for, g (rule of thumb). */
  private static final double FLOOR_LOAD_G = 100_000;

  /** Less mix than this is a handful, L. */
  private static final double HANDFUL = 0.1;

  private final Case c;
  private final Call call;
  private final RepotPlan plan;
  private final MediumTable media;
  private final Traits traits;
  private final Candidate chosen;
  private final List<Step> steps = new ArrayList<>();

  private BenchSteps(Case c, Call call, RepotPlan plan, MediumTable media) {
    this.c = c;
    this.call = call;
    this.plan = plan;
    this.media = media;
    this.traits = c.plant().traits();
    this.chosen = plan.chosen().orElseThrow();
  }

  static List<Step> of(Case c, Call call, RepotPlan plan, MediumTable media) {
    if (plan.chosen().isEmpty()) {
      return List.of();
    }
    BenchSteps bench = new BenchSteps(c, call, plan, media);
    if (call.action() == Action.TOP_DRESS) {
      bench.topDress();
    } else {
      bench.before();
      bench.out();
      bench.steps.addAll(RootSteps.of(c, call, plan));
      bench.pot();
      bench.set();
      bench.fill();
    }
    bench.finish();
    return bench.steps;
  }

  private void add(Phase phase, String key, String sentence, Object... values) {
    steps.add(new Step(phase, Message.of(key, sentence, values)));
  }

  private boolean seen(SignCode sign) {
    return c.signs().present(sign);
  }

  private boolean trained() {
    return c.plant().species().group() == Group.TRAINED_TREE;
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
        traits.sap() == Sap.NONE
            ? "Lay out the tarp, clean blades, mesh and a stick; damp the mix."
            : "Lay out the tarp, gloves, clean blades, mesh and a stick; damp the mix.");
    for (Message note : plan.rootWork().notes()) {
      steps.add(new Step(Phase.BEFORE, note));
    }
    methodAgainstNumbers();
    secondPerson();
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
          "The generous step is for large strong trees from 30 cm in their season; here the small step was used.");
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
    if (chosen.wetMassG() > c.method().liftFloorG() || c.plant().heightMm() > TALL_MM) {
      add(
          Phase.BEFORE,
          "step.second",
          "Have a second person: it weighs {} wet and is {} tall. One holds the stem base, one the pot.",
          Mass.ofGrams(chosen.wetMassG()),
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
      add(
          Phase.OUT,
          "step.breakOut",
          "As agreed with the owner: to keep the plant, break the pot away piece by piece; to keep the pot, cut round the ball with a long knife and take it out smaller.");
    } else if (seen(SignCode.POT_BROKEN)) {
      add(
          Phase.OUT,
          "step.shards",
          "Lift the shards away from the ball with gloves; do not pull the plant.");
    } else if (trained()) {
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

  private void pot() {
    boolean same = chosen.pot().id().equals("current");
    add(
        Phase.POT,
        "step.pot",
        same
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
              "Lay {} of coarse material, about {}. It lifts the wet zone by as much.",
              Length.ofMm(chosen.fit().coarseMm()),
              Volume.ofLitres(chosen.fit().coarseLitres()));
      case NOTHING -> {}
    }
    if (trained()) {
      add(Phase.POT, "step.wires", "Pass the wires through the holes before any medium goes in.");
    }
    plan.mix()
        .flatMap(RepotPlan.MixNeed::filler)
        .filter(filler -> filler.litres() > 0)
        .ifPresent(
            filler ->
                add(
                    Phase.POT,
                    "step.filler",
                    "Fill the floor with {} of expanded clay, {} deep; the reservoir's mark is at {}.",
                    Volume.ofLitres(filler.litres()),
                    Length.ofMm(filler.depthMm()),
                    Length.ofMm(filler.markMm())));
    double base = Math.max(0, chosen.fit().baseLayerMm());
    if (base >= 1) {
      add(
          Phase.POT,
          "step.base",
          "Put in a base layer of {}, about {}.",
          Length.ofMm(base),
          Volume.ofLitres(chosen.pot().inside().upTo(base).litres()));
    }
  }

  private void set() {
    double raise = chosen.fit().raiseMm();
    if (raise > 0) {
      add(
          Phase.SET,
          "step.setRaised",
          "Set the ball so that its old soil line stands {} above the new one, and wash the base clear. Fill to {} under the rim.",
          Length.ofMm(raise),
          Length.ofMm(chosen.fit().rimGapMm()));
    } else {
      add(
          Phase.SET,
          "step.set",
          "Set the ball at its old soil line, {} under the rim. Look from two sides: upright, best side to the front.",
          Length.ofMm(chosen.fit().rimGapMm()));
    }
    if (call.action() == Action.HEAVIER_POT && chosen.standing().nextGradeN().isPresent()) {
      double wanted = chosen.standing().nextGradeN().getAsDouble();
      add(
          Phase.SET,
          "step.ballast",
          "It takes a push of {} N now. For {} N it wants {} of ballast low in a cover pot, or a foot of {}; a stake helps the stem, not the pot.",
          chosen.standing().pushN(),
          wanted,
          Mass.ofGrams(chosen.standing().addedMassG(wanted)),
          Length.ofMm(chosen.standing().footForMm(wanted)));
    }
    if (traits.graft() || seen(SignCode.STEM_BURIED_OR_MULCHED)) {
      add(Phase.SET, "step.clear", "Graft and root flare stay clear of the medium.");
    }
    if (trained()) {
      add(Phase.SET, "step.cone", "Set it on a cone of mix, turn its front, and tie the wires.");
    }
    if (traits.surfaceRoots() && traits.rootType() == RootType.AERIAL) {
      switch (c.method().aerialRoots()) {
        case TUCK_IN ->
            add(
                Phase.SET,
                "step.aerialIn",
                "Guide aerial roots that reach down into the fresh medium; bend none that crack.");
        case SHORTEN ->
            add(
                Phase.SET,
                "step.aerialShort",
                "Shorten a few aerial roots, a few at a time, never all.");
        case LEAVE -> {}
      }
    }
    if (seen(SignCode.LEANS) || seen(SignCode.TOPPLES) || seen(SignCode.TIES_CUTTING_IN)) {
      add(
          Phase.SET,
          "step.stake",
          "Firm stakes stay in the ball; rigid ties come off and stretch ties go on.");
    }
  }

  private void fill() {
    boolean hardlyAny = plan.mix().map(mix -> mix.litres() < HANDFUL).orElse(true);
    if (hardlyAny) {
      add(
          Phase.FILL,
          "step.handful",
          "A handful of mix closes what gaps there are; the ball needs no more.");
    }
    plan.mix()
        .filter(mix -> !hardlyAny)
        .ifPresent(
            mix -> {
              StringBuilder sentence =
                  new StringBuilder(
                      "Fill with {} of " + mix.label().toLowerCase(Locale.ROOT) + ": ");
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

  /** The ball stays where it is: only the top is renewed. */
  private void topDress() {
    double depth = RootWork.dressedMm(c);
    add(Phase.BEFORE, "step.tarp", "Lay out the tarp and buckets; the pot stays where it stands.");
    add(
        Phase.ROOTS,
        "step.takeOff",
        "Take off the top {} with a hand fork, about {}; spare the thick roots.",
        Length.ofMm(depth),
        Volume.ofLitres(chosen.fit().freshLitres()));
    if (call.reasons().stream().anyMatch(reason -> reason.key().equals("call.spent"))) {
      media
          .ingredient("GRIT")
          .ifPresent(
              grit ->
                  Renewal.coarseShare(c.plant().mix(), grit, c.pot().fill(), traits.afpFrom())
                      .ifPresent(
                          share -> {
                            if (share > 0) {
                              add(
                                  Phase.ROOTS,
                                  "step.renew",
                                  "To open the old mix again it would need {} of grit worked in where roots allow.",
                                  Wording.percent(share));
                            }
                          }));
    }
    fill();
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
    } else if (call.action() == Action.ROT_RESCUE
        || call.action() == Action.POT_DOWN && plan.rootWork().rootShare() > 0) {
      add(
          Phase.WATER,
          "step.moisten",
          "Moisten with {} only: barely moist is right.",
          Volume.ofLitres(water.litres()));
    } else {
      add(
          Phase.WATER,
          "step.waterIn",
          "Water in all round with {} until it runs through; let it drain.",
          Volume.ofLitres(water.litres()));
    }
    topDressing();
    if (c.site().outdoors()) {
      add(
          Phase.AFTER,
          "step.frost",
          "It stands outdoors: no frost and no beating rain on it for the first weeks.");
    }
    if (plan.rootWork().canopyShare() > 0 && traits.strikes()) {
      add(
          Phase.AFTER,
          "step.cuttings",
          "Good prunings can be struck: record them as cuttings of this plant.");
    }
    add(
        Phase.AFTER,
        "step.after",
        "Label it with date and mix, clean up, and give the card to whoever waters.");
  }

  private void topDressing() {
    switch (c.method().topDressing()) {
      case BY_SPECIES -> {
        if (traits.neckRot()) {
          add(Phase.TOP, "step.collar", "Lay a collar of grit round the neck; it rots when wet.");
        } else if (trained()) {
          add(Phase.TOP, "step.moss", "Lay moss on the surface to keep it moist and in place.");
        }
      }
      case MINERAL ->
          add(Phase.TOP, "step.mineral", "Finish with a thin layer of grit, clear of the stem.");
      case NONE -> {}
    }
  }
}
