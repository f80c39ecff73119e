package happysaucer.core.repot;

import happysaucer.core.call.Action;
import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.finding.Findings;
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
  private final Findings findings;
  private final RepotPlan plan;
  private final MediumTable media;
  private final Traits traits;
  private final Candidate chosen;
  private final List<Step> steps = new ArrayList<>();

  private BenchSteps(Case c, Call call, Findings findings, RepotPlan plan, MediumTable media) {
    this.c = c;
    this.call = call;
    this.findings = findings;
    this.plan = plan;
    this.media = media;
    this.traits = c.plant().traits();
    this.chosen = plan.chosen().orElseThrow();
  }

  static List<Step> of(Case c, Call call, Findings findings, RepotPlan plan, MediumTable media) {
    if (plan.chosen().isEmpty()) {
      return List.of();
    }
    BenchSteps bench = new BenchSteps(c, call, findings, plan, media);
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

  private void add(Phase phase, String key, Object... values) {
    steps.add(new Step(phase, Message.of(key, values)));
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
        same ? "step.samePot" : "step.pot",
        Length.ofMm(chosen.pot().topMm()),
        Length.ofMm(chosen.pot().heightMm()));
    switch (c.method().overHoles()) {
      case MESH -> add(Phase.POT, "step.mesh");
      case COARSE_LAYER ->
          add(
              Phase.POT,
              "step.coarse",
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
                    wires.ownHoles() ? "step.wires" : "step.wiresByDrain",
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
                    Volume.ofLitres(filler.litres()),
                    Length.ofMm(filler.depthMm()),
                    Length.ofMm(filler.markMm())));
    if (chosen.fit().trimMm() >= 1) {
      add(Phase.POT, "step.trim", Length.ofMm(chosen.fit().trimMm()));
    }
    double base = chosen.fit().baseLayerMm();
    if (base >= 1) {
      baseLayer(base);
    }
  }

  private void baseLayer(double base) {
    double share = hardlyAny() ? 0 : portions().parts().get(0) / portions().litres();
    if (share > HARDLY) {
      add(Phase.POT, "step.base", Length.ofMm(base), portions().part(0));
    } else if (chosen.fit().coarseMm() > 0) {
      add(Phase.POT, "step.baseCoarse");
    } else {
      add(Phase.POT, "step.baseThin", Length.ofMm(base));
    }
  }

  private boolean hardlyAny() {
    return plan.mix().map(mix -> mix.litres() < HANDFUL).orElse(true);
  }

  /** The mix in two parts: what goes under the ball, and the rest. */
  private Split portions() {
    double litres = plan.mix().map(RepotPlan.MixNeed::litres).orElse(0.0);
    if (chosen.fit().trimMm() >= 1) {
      add(Phase.POT, "step.trim", Length.ofMm(chosen.fit().trimMm()));
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
      add(Phase.SET, "step.setRaised", Length.ofMm(raise), Length.ofMm(chosen.fit().rimGapMm()));
    } else {
      add(Phase.SET, "step.set", Length.ofMm(chosen.fit().rimGapMm()));
    }
    if (call.action() == Action.HEAVIER_POT && chosen.standing().nextGradeN().isPresent()) {
      double wanted = chosen.standing().nextGradeN().getAsDouble();
      add(
          Phase.SET,
          "step.ballast",
          Standing.pushAsMass(chosen.standing().pushN()),
          Standing.pushAsMass(wanted),
          About.of(Mass.ofGrams(chosen.standing().addedMassG(wanted))),
          About.of(Length.ofMm(chosen.standing().footForMm(wanted))));
    }
    if (traits.graft() || seen(SignCode.STEM_BURIED_OR_MULCHED)) {
      add(Phase.SET, "step.clear");
    }
    if (trained()) {
      add(Phase.SET, "step.cone");
    }
    if (traits.surfaceRoots() && traits.rootType() == RootType.AERIAL) {
      switch (c.method().aerialRoots()) {
        case TUCK_IN -> add(Phase.SET, "step.aerialIn");
        case SHORTEN -> add(Phase.SET, "step.aerialShort");
        case LEAVE -> {}
      }
    }
    if (seen(SignCode.LEANS) || seen(SignCode.TOPPLES) || seen(SignCode.TIES_CUTTING_IN)) {
      add(Phase.SET, "step.stake");
    }
    plan.fixings()
        .flatMap(Fixings::stake)
        .ifPresent(
            stake ->
                add(
                    Phase.SET,
                    "step.newStake",
                    Length.ofMm(stake.lengthMm()),
                    Length.ofMm(stake.inPotMm()),
                    Length.ofMm(stake.lowTieMm()),
                    Length.ofMm(stake.highTieMm())));
  }

  private void fill() {
    if (hardlyAny()) {
      add(Phase.FILL, "step.handful");
    }
    plan.mix()
        .filter(mix -> !hardlyAny())
        .ifPresent(
            mix -> {
              Volume all = Volume.ofLitres(mix.litres());
              String label = mix.label().toLowerCase(Locale.ROOT);
              if (call.action() == Action.TOP_DRESS) {
                add(Phase.FILL, "step.spread", all, label, mix.recipe());
              } else {
                add(Phase.FILL, "step.fill", portions().part(1), all, label, mix.recipe());
              }
            });
    plan.feed()
        .grams()
        .ifPresentOrElse(
            grams -> add(Phase.FEED, "step.feed", Mass.ofGrams(grams)),
            () -> steps.add(new Step(Phase.FEED, plan.feed().why())));
  }

  /** The ball stays where it is: only the top is renewed. */
  private void topDress() {
    double depth = RootWork.dressedMm(c);
    add(Phase.BEFORE, "step.tarp");
    add(
        Phase.ROOTS,
        "step.takeOff",
        Length.ofMm(depth),
        Volume.ofLitres(chosen.fit().freshLitres()));
    if (findings.stands(FindingCode.SPENT_MEDIUM)) {
      media
          .ingredient("GRIT")
          .ifPresent(
              grit ->
                  Renewal.coarseShare(c.plant().mix(), grit, c.pot().fill(), traits.afpFrom())
                      .ifPresent(
                          share -> {
                            if (share > 0) {
                              add(Phase.ROOTS, "step.renew", Wording.percent(share));
                            }
                          }));
    }
    fill();
  }

  private void finish() {
    FirstWater water = plan.firstWater().orElseThrow();
    if (water.waits(plan.workDay())) {
      add(Phase.WATER, "step.waterLater", water.on(), Volume.ofLitres(water.litres()));
    } else if (water.how() == FirstWater.How.BARELY) {
      add(Phase.WATER, "step.moisten", Volume.ofLitres(water.litres()));
    } else {
      add(Phase.WATER, "step.waterIn", Volume.ofLitres(water.litres()));
    }
    topDressing();
    if (c.site().outdoors()) {
      add(Phase.AFTER, "step.frost");
    }
    if (plan.rootWork().canopyShare() > 0 && traits.strikes()) {
      add(Phase.AFTER, "step.cuttings");
    }
    add(Phase.AFTER, "step.after");
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
              Length.ofMm(top.widthMm()),
              Length.ofMm(top.depthMm()),
              Volume.ofLitres(top.litres()));
      case MOSS -> add(Phase.TOP, "step.moss");
      case MINERAL ->
          add(Phase.TOP, "step.mineral", Length.ofMm(top.depthMm()), Volume.ofLitres(top.litres()));
    }
  }
}
