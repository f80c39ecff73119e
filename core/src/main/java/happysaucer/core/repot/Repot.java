package happysaucer.core.repot;

import happysaucer.core.call.Action;
import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.finding.Findings;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.medium.Mix;
import happysaucer.core.method.Method;
import happysaucer.core.pot.Clearance;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Material;
import happysaucer.core.pot.Pot;
import happysaucer.core.repot.RepotPlan.Filler;
import happysaucer.core.repot.RepotPlan.MixNeed;
import happysaucer.core.repot.RepotPlan.Portion;
import happysaucer.core.root.RootCut;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import happysaucer.core.species.Group;
import happysaucer.core.species.RootType;
import happysaucer.core.species.Traits;
import happysaucer.core.unit.Length;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Wording;
import happysaucer.core.water.WaterModel;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Puts together the numbers of one repot. */
public final class Repot {
  /** Fresh medium settles, and fines fill coarse gaps (rules of thumb). */
  static final double SETTLING = 1.10;

  static final double SHRINK = 1.10;

  /** Litres to measure out for each litre of room. */
  static final double ALLOWANCES = SETTLING * SHRINK;

  /** Old medium is at most this share of the new mix (rule of thumb). */
  private static final double REUSE_MOST = 0.5;

  /** Fresh medium that is wanted under a ball at the least, mm (rule of thumb). */
  private static final double LEAST_UNDER = 10;

  /** Grains that wick need so much under the ball before cheaper filler may start, mm. */
  private static final double WICK_MM = 30;

  private final Case c;
  private final Call call;
  private final Findings findings;
  private final MediumTable media;
  private final WaterModel water;
  private final LocalDate workDay;
  private final RootWork work;
  private final double presentPushN;

  private Repot(
      Case c,
      Call call,
      Findings findings,
      MediumTable media,
      WaterModel water,
      double presentPushN) {
    this.presentPushN = presentPushN;
    this.c = c;
    this.call = call;
    this.findings = findings;
    this.media = media;
    this.water = water;
    this.workDay = c.workOn().or(() -> call.window().map(window -> window.from())).orElse(c.date());
    this.work = RootWork.of(c, call, findings);
  }

  /**
   * @param presentPushN push that tips the plant in its present pot
   */
  public static RepotPlan plan(
      Case c,
      Call call,
      Findings findings,
      MediumTable media,
      List<Pot> tradeSizes,
      WaterModel water,
      double presentPushN) {
    return new Repot(c, call, findings, media, water, presentPushN).plan(tradeSizes);
  }

  private RepotPlan plan(List<Pot> tradeSizes) {
    Sizing sizing = new Sizing(c, call, findings, work, media, water, workDay, presentPushN);
    List<Candidate> candidates = sizing.compare();
    Optional<Candidate> best = candidates.stream().filter(Candidate::passes).findFirst();
    Optional<Message> order = Optional.empty();
    if (best.isEmpty()) {
      best = Optional.of(sizing.toOrder(tradeSizes));
      order = Optional.of(order(best.get().pot()));
    }
    Method.BallMoisture ballMoisture = ballMoisture();
    Optional<FirstWater> first = best.map(pot -> firstWater(pot, ballMoisture));
    RepotPlan plan =
        new RepotPlan(
            workDay,
            candidates,
            sizing.words(),
            best,
            order,
            best.map(pot -> Fixings.of(c, pot.pot())),
            work,
            best.map(this::mixNeed),
            ballMoisture,
            FeedRules.of(c, call, work, best, workDay, first),
            first,
            List.of(),
            call.action() == Action.DIVIDE ? c.wish().pieces() : 1,
            List.of(),
            order.isPresent() ? otherwise(candidates) : Optional.empty());
    return plan.with(BenchSteps.of(c, call, findings, plan, media), Needs.of(c, call, plan, media));
  }

  /** A pot at hand that would do if more of the ball came off, within what its roots stand. */
  private Optional<Message> otherwise(List<Candidate> candidates) {
    if (work.bends() || work.limit() <= 0) {
      return Optional.empty();
    }
    RootCut least = null;
    Pot pot = null;
    for (Candidate candidate : candidates) {
      boolean onlyTight =
          candidate.failures().stream()
              .allMatch(
                  failure ->
                      failure.code() == FailureCode.CLEARANCE
                          || failure.code() == FailureCode.TOO_SHALLOW);
      if (!onlyTight) {
        continue;
      }
      RootCut cut = RootCut.forGaps(c.ball().body(), candidate.pot(), LEAST_UNDER, Clearance.LEAST);
      boolean less = least == null || cut.share() < least.share();
      if (cut.share() > 0 && cut.share() <= work.limit() && less) {
        least = cut;
        pot = candidate.pot();
      }
    }
    return least == null
        ? Optional.empty()
        : Optional.of(
            Message.of(
                "order.otherwise",
                Length.ofMm(pot.topMm()),
                Length.ofMm(least.baseSliceMm()),
                Length.ofMm(least.sideShaveMm()),
                Wording.percent(least.share()),
                Wording.percent(work.limit())));
  }

  private Message order(Pot pot) {
    boolean heavy = call.action() == Action.HEAVIER_POT;
    Message buy =
        pot.inside().round()
            ? Message.of(
                heavy ? "order.buyHeavy" : "order.buy",
                Length.ofMm(pot.topMm()),
                Length.ofMm(pot.heightMm()),
                material(pot.material()))
            : Message.of(
                heavy ? "order.buyHeavyTrough" : "order.buyTrough",
                Length.ofMm(pot.topMm()),
                Length.ofMm(pot.inside().topDepthMm()),
                Length.ofMm(pot.heightMm()),
                material(pot.material()));
    return c.fromStock() ? Message.of("order.notOnTheShelf", buy) : buy;
  }

  private static String material(Material material) {
    return material.name().toLowerCase(Locale.ROOT);
  }

  private MixNeed mixNeed(Candidate best) {
    Mix mix = best.mix().mix();
    Optional<Filler> filler = filler(best);
    double fresh =
        best.fit().freshLitres()
            - best.fit().coarseLitres()
            - filler.map(Filler::litres).orElse(0.0);
    double litres = filler.isPresent() ? Math.max(0, fresh) * ALLOWANCES : best.mixLitres();
    List<Portion> portions = new ArrayList<>();
    for (Mix.Part part : mix.parts()) {
      portions.add(
          new Portion(
              part.ingredient().code(),
              part.ingredient().label(),
              litres * part.parts() / mix.totalParts()));
    }
    return new MixNeed(mix.code(), mix.label(), litres, reusable(litres), filler, portions);
  }

  /** Only from healthy balls, never after rot or pests, and never what is broken down. */
  private double reusable(double litres) {
    boolean healthy =
        !findings.stands(FindingCode.ROT)
            && !c.signs().present(SignCode.ROOTS_ROTTEN)
            && !findings.stands(FindingCode.ROOT_PESTS)
            && !findings.stands(FindingCode.SPENT_MEDIUM)
            && !c.signs().present(SignCode.FUNGUS_GNATS);
    double takenOff = Math.max(0, c.ball().litres() - work.ballLitres());
    return healthy ? Math.min(REUSE_MOST * litres, takenOff) : 0;
  }

  /** Cheaper coarse grains under the roots of a plant on a reservoir, up to its mark. */
  private Optional<Filler> filler(Candidate best) {
    if (!best.mix().mix().reservoir() || call.action() == Action.TOP_DRESS) {
      return Optional.empty();
    }
    Frustum fill = best.pot().fill();
    double mark = fill.heightMm() * WaterModel.RESERVOIR_SHARE;
    double depth = Math.max(0, Math.min(mark, best.fit().baseLayerMm() - WICK_MM));
    double litres = depth > 0 ? best.pot().inside().upTo(depth).litres() : 0;
    return Optional.of(new Filler("EXPANDED_CLAY", litres, depth, mark));
  }

  /**
   * Leafy plants come watered, succulents dry, epiphytes soaked so that their roots bend, unless
   * they are wedged in a rigid pot, where swollen roots would jam.
   */
  private Method.BallMoisture ballMoisture() {
    if (c.method().ballMoisture() != Method.BallMoisture.BY_SPECIES) {
      return c.method().ballMoisture();
    }
    Traits traits = c.plant().traits();
    if (traits.dryLover()
        || call.action() == Action.ROT_RESCUE
        || call.action() == Action.POT_DOWN
        || c.plant().species().group() == Group.PELARGONIUM) {
      return Method.BallMoisture.DRY;
    }
    if (traits.rootType() != RootType.EPIPHYTE) {
      return Method.BallMoisture.MOIST;
    }
    boolean rigid = c.pot().material() != Material.PLASTIC && c.pot().material() != Material.FABRIC;
    boolean wedged =
        rigid && c.signs().grade(SignCode.ROOTS_CIRCLING).map(g -> g == Grade.SEVERE).orElse(false);
    return wedged ? Method.BallMoisture.DRY : Method.BallMoisture.SOAK;
  }

  private FirstWater firstWater(Candidate best, Method.BallMoisture ballMoisture) {
    return FirstWater.of(c, call, work, ballMoisture, water, best.bed(water), workDay);
  }
}
