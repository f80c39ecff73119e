package happysaucer.core.repot;

import happysaucer.core.call.Action;
import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.medium.Renewal;
import happysaucer.core.pot.Standing;
import happysaucer.core.repot.RepotPlan.Step;
import happysaucer.core.sign.SignCode;
import happysaucer.core.species.RootType;
import happysaucer.core.species.Traits;
import happysaucer.core.unit.About;
import happysaucer.core.unit.Length;
import happysaucer.core.unit.Mass;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Split;
import happysaucer.core.unit.Volume;
import happysaucer.core.unit.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The working order on the bench, with this plant's numbers in each step. */
final class BenchSteps {
  /** Less than this share of the mix is not measured out by itself. */
  private static final double HARDLY = 0.01;

  /** Less mix than this is a handful, L. */
  static final double HANDFUL = 0.1;

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
      bench.steps.addAll(PrepareSteps.of(c, call, plan));
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
    return Fixings.trained(c);
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
    plan.fixings()
        .flatMap(Fixings::wires)
        .ifPresent(
            wires ->
                add(
                    Phase.POT,
                    "step.wires",
                    wires.ownHoles()
                        ? "Pass {} wires of {} up through the wire holes before any medium goes in."
                        : "Pass {} wires of {} up through the drain holes before any medium goes in; the pot has none of its own for them.",
                    wires.count(),
                    Length.ofMm(wires.lengthMm())));
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
    if (chosen.fit().trimMm() >= 1) {
      add(
          Phase.POT,
          "step.trim",
          "The ball is {} too tall for this pot: loosen its base and take so much off.",
          Length.ofMm(chosen.fit().trimMm()));
    }
    double base = chosen.fit().baseLayerMm();
    if (base >= 1) {
      baseLayer(base);
    }
  }

  private void baseLayer(double base) {
    double share = hardlyAny() ? 0 : portions().parts().get(0) / portions().litres();
    if (share > HARDLY) {
      add(
          Phase.POT,
          "step.base",
          "Put in a base layer of {}, about {} of the mix.",
          Length.ofMm(base),
          portions().part(0));
    } else if (chosen.fit().coarseMm() > 0) {
      add(Phase.POT, "step.baseCoarse", "The coarse layer is its base: no mix goes beneath.");
    } else {
      add(Phase.POT, "step.baseThin", "Put in a base layer of {}.", Length.ofMm(base));
    }
  }

  private boolean hardlyAny() {
    return plan.mix().map(mix -> mix.litres() < HANDFUL).orElse(true);
  }

  /** The mix in two parts: what goes under the ball, and the rest. */
  private Split portions() {
    double litres = plan.mix().map(RepotPlan.MixNeed::litres).orElse(0.0);
    if (chosen.fit().trimMm() >= 1) {
      add(
          Phase.POT,
          "step.trim",
          "The ball is {} too tall for this pot: loosen its base and take so much off.",
          Length.ofMm(chosen.fit().trimMm()));
    }
    double base = chosen.fit().baseLayerMm();
    double under =
        base < 1
            ? 0
            : chosen.pot().inside().upTo(base).litres()
                - chosen.fit().coarseLitres()
                - plan.mix()
                    .flatMap(RepotPlan.MixNeed::filler)
                    .map(RepotPlan.Filler::litres)
                    .orElse(0.0);
    double first = Math.max(0, Math.min(litres, under * Repot.ALLOWANCES));
    return Split.of(litres, first, litres - first);
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
          "A sideways push of about {} tips it then. To stand {} it wants about {} of ballast low in a cover pot, or a foot of about {}; a stake helps the stem, not the pot.",
          Standing.pushAsMass(chosen.standing().pushN()),
          Standing.pushAsMass(wanted),
          About.of(Mass.ofGrams(chosen.standing().addedMassG(wanted))),
          About.of(Length.ofMm(chosen.standing().footForMm(wanted))));
    }
    if (traits.graft() || seen(SignCode.STEM_BURIED_OR_MULCHED)) {
      add(Phase.SET, "step.clear", "Graft and root flare stay clear of the medium.");
    }
    if (trained()) {
      add(
          Phase.SET,
          "step.cone",
          "Set it on a cone of mix, turn its front and its angle as they were agreed, and tie the wires over the ball.");
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
    plan.fixings()
        .flatMap(Fixings::stake)
        .ifPresent(
            stake ->
                add(
                    Phase.SET,
                    "step.newStake",
                    "Where there is no firm stake, set one of {} beside the ball before filling, {} of it in the pot down to the floor; ties at {} and {} over the medium.",
                    Length.ofMm(stake.lengthMm()),
                    Length.ofMm(stake.inPotMm()),
                    Length.ofMm(stake.lowTieMm()),
                    Length.ofMm(stake.highTieMm())));
  }

  private void fill() {
    if (hardlyAny()) {
      add(
          Phase.FILL,
          "step.handful",
          "A handful of mix closes what gaps there are; the ball needs no more.");
    }
    plan.mix()
        .filter(mix -> !hardlyAny())
        .ifPresent(
            mix ->
                add(
                    Phase.FILL,
                    "step.fill",
                    call.action() == Action.TOP_DRESS
                        ? "Fill with {} of {}: {}. Spread it evenly, clear of the stem, and tamp lightly."
                        : "Fill round the ball with {}: with the base layer that is {} of {}, from {}. In lifts, turning; work it into the gaps with the stick, tamp lightly.",
                    call.action() == Action.TOP_DRESS
                        ? new Object[] {
                          Volume.ofLitres(mix.litres()),
                          mix.label().toLowerCase(Locale.ROOT),
                          mix.recipe()
                        }
                        : new Object[] {
                          portions().part(1),
                          Volume.ofLitres(mix.litres()),
                          mix.label().toLowerCase(Locale.ROOT),
                          mix.recipe()
                        }));
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
    FirstWater water = plan.firstWater().orElseThrow();
    if (water.waits(plan.workDay())) {
      add(
          Phase.WATER,
          "step.waterLater",
          "Do not water now. First water on {}: {}.",
          water.on(),
          Volume.ofLitres(water.litres()));
    } else if (water.how() == FirstWater.How.BARELY) {
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
    plan.fixings().flatMap(Fixings::topDressing).ifPresent(this::dress);
  }

  private void dress(Fixings.TopDressing top) {
    switch (top.kind()) {
      case GRIT_COLLAR ->
          add(
              Phase.TOP,
              "step.collar",
              "Lay a collar of grit round the neck, {} wide and {} deep, about {}; the neck rots when wet.",
              Length.ofMm(top.widthMm()),
              Length.ofMm(top.depthMm()),
              Volume.ofLitres(top.litres()));
      case MOSS ->
          add(Phase.TOP, "step.moss", "Lay moss on the surface to keep it moist and in place.");
      case MINERAL ->
          add(
              Phase.TOP,
              "step.mineral",
              "Finish with {} of grit, about {}, clear of the stem.",
              Length.ofMm(top.depthMm()),
              Volume.ofLitres(top.litres()));
    }
  }
}
