package happysaucer.core.repot;

import happysaucer.core.call.Action;
import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.SiteUse;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.medium.MixChoice;
import happysaucer.core.method.Method;
import happysaucer.core.pot.Clearance;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Material;
import happysaucer.core.pot.Pot;
import happysaucer.core.pot.Shape;
import happysaucer.core.pot.Standing;
import happysaucer.core.repot.Candidate.Failure;
import happysaucer.core.repot.Candidate.Remark;
import happysaucer.core.species.ShapePreference;
import happysaucer.core.species.Traits;
import happysaucer.core.unit.Length;
import happysaucer.core.unit.Mass;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Rounding;
import happysaucer.core.unit.Wording;
import happysaucer.core.water.Drying;
import happysaucer.core.water.WaterModel;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** Compares pots for one plant: which fail and why, the rest ranked. */
public final class Sizing {
  /** Least fresh medium under a ball, mm (rule of thumb). */
  private static final double BASE_LEAST = 20;

  private static final double BASE_LEAST_SMALL = 10;
  private static final double SMALL_POT = 120;

  /** More than this under the ball is remarked on, mm (rule of thumb). */
  private static final double BASE_MOST = 60;

  /** Push grades, N (rules of thumb). */
  private static final double PUSH_UNSAFE = 6;

  private static final double PUSH_PUBLIC = 12;
  private static final double PUSH_CHILDREN = 25;
  private static final double TILT_WARNING = 10;

  /** Ball's share of the fill by the share school: about two thirds (rule of thumb). */
  private static final double SHARE_BEST = 0.66;

  private static final double SHARE_LEAST = 0.5;
  private static final double AFP_LEAST = 0.10;

  private final Case c;
  private final Call call;
  private final RootWork work;
  private final MediumTable media;
  private final WaterModel water;
  private final LocalDate workDay;

  public Sizing(
      Case c, Call call, RootWork work, MediumTable media, WaterModel water, LocalDate workDay) {
    this.c = c;
    this.call = call;
    this.work = work;
    this.media = media;
    this.water = water;
    this.workDay = workDay;
  }

  /** All candidates: those that pass by rank, then those that fail. */
  public List<Candidate> compare() {
    List<Pot> pots = new ArrayList<>();
    if (call.samePot()) {
      pots.add(c.pot().withId("current"));
    } else {
      pots.addAll(c.candidates());
    }
    StepLimit limit = StepLimit.of(c, work.after().topMm(), smallest());
    List<Candidate> compared = new ArrayList<>();
    for (Pot pot : pots) {
      compared.add(candidate(pot, limit, limit.mostMm()));
    }
    OptionalDouble next = nextSizeUp(compared, limit);
    if (compared.stream().noneMatch(Candidate::passes) && next.isPresent()) {
      compared.clear();
      for (Pot pot : pots) {
        compared.add(candidate(pot, limit, next.getAsDouble()));
      }
    }
    return ranked(compared);
  }

  /** Where stock leaves a hole: the smallest pot that fits and is only too wide, within bounds. */
  private OptionalDouble nextSizeUp(List<Candidate> compared, StepLimit limit) {
    return compared.stream()
        .filter(c -> c.failures().stream().allMatch(f -> f.code() == FailureCode.OVER_STEP))
        .mapToDouble(c -> Rounding.forDecision(c.pot().topMm() - work.after().topMm()))
        .filter(overBall -> overBall <= limit.stockHoleMm())
        .min();
  }

  private boolean smallest() {
    return call.smallestStep() || call.action() == Action.ROT_RESCUE;
  }

  /** The pot to buy when none on the shelf will do: the best of the standard trade sizes. */
  public Optional<Candidate> toOrder(List<Pot> tradeSizes) {
    StepLimit limit = StepLimit.of(c, work.after().topMm(), smallest());
    List<Candidate> compared = new ArrayList<>();
    for (Pot pot : tradeSizes) {
      compared.add(candidate(pot, limit, limit.mostMm()));
    }
    return ranked(compared).stream().filter(Candidate::passes).findFirst();
  }

  private static List<Candidate> ranked(List<Candidate> compared) {
    List<Candidate> passing =
        compared.stream()
            .filter(Candidate::passes)
            .sorted(
                Comparator.comparingDouble(
                        (Candidate candidate) -> Rounding.forDecision(candidate.score()))
                    .thenComparingDouble(Candidate::stepMm)
                    .thenComparing(candidate -> candidate.pot().id()))
            .toList();
    List<Candidate> all = new ArrayList<>();
    for (int i = 0; i < passing.size(); i++) {
      all.add(passing.get(i).ranked(i + 1));
    }
    compared.stream()
        .filter(candidate -> !candidate.passes())
        .sorted(Comparator.comparingDouble(Candidate::stepMm))
        .forEach(all::add);
    return all;
  }

  private Candidate candidate(Pot pot, StepLimit limit, double mostMm) {
    Traits traits = c.plant().traits();
    Frustum ball = work.after();
    double step = pot.topMm() - c.ball().body().topMm();
    double rimGap = pot.rimGapMm();
    double base = pot.heightMm() - rimGap - ball.heightMm();
    double fill = pot.fill().litres();
    double clearance = Clearance.leastMm(pot, ball, base);
    MixChoice mix = MixChoice.of(traits, media, pot.fill());
    List<Failure> failures = failures(pot, ball, base, clearance, mostMm);
    boolean fits = base >= 0 && clearance > 0;
    Optional<Drying> settled = Optional.empty();
    Optional<Drying> first = Optional.empty();
    if (fits) {
      settled = Optional.of(water.settled(pot, ball, base, media.retention(mix.mix()), workDay));
      first =
          Optional.of(
              water.after(
                  pot,
                  ball,
                  base,
                  media.retention(mix.mix()),
                  workDay,
                  new WaterModel.Stage(0, work.activity())));
    }
    double ballLitres = Math.min(ball.litres(), fill);
    double fresh = fill - ballLitres;
    double oldDry = ballLitres * c.plant().mix().dryGramsPerLitre();
    double newDry = fresh * mix.mix().dryGramsPerLitre();
    double full = fill * mix.capacity() * 1000;
    double standingWater = full * (traits.dryLover() ? 0 : 1 - traits.refill().spentShare() * 0.7);
    Standing standing =
        Standing.of(
            pot,
            pot.massG(),
            oldDry + newDry + standingWater,
            c.plant().topMassG(),
            c.plant().heightMm(),
            c.plant().leanDegrees());
    double dryMass = pot.massG() + oldDry + newDry + c.plant().topMassG();
    double share = ballLitres / fill;
    List<Remark> remarks =
        remarks(pot, limit, mostMm, base, mix, first, standing, dryMass + full, share);
    return new Candidate(
        pot,
        OptionalInt.empty(),
        step,
        share,
        clearance,
        rimGap,
        base,
        fill,
        fresh,
        mix,
        settled,
        first,
        standing,
        dryMass,
        dryMass + full,
        failures,
        remarks,
        score(pot, limit, mix, first, standing, share));
  }

  private List<Failure> failures(
      Pot pot, Frustum ball, double base, double clearance, double mostMm) {
    List<Failure> failures = new ArrayList<>();
    if (pot.drainHoles() == 0) {
      failures.add(
          new Failure(
              FailureCode.NO_HOLES,
              Message.of("fail.noHoles", "It has no holes: use it only as a cover pot.")));
    }
    double needed = call.samePot() ? 0 : Clearance.neededMm(pot);
    if (Rounding.forDecision(clearance) < needed) {
      failures.add(
          new Failure(
              FailureCode.CLEARANCE,
              clearance < 0
                  ? Message.of("fail.ballWider", "The ball does not go in.")
                  : Message.of(
                      "fail.clearance",
                      "Only {} between ball and wall; medium cannot be worked in under {}.",
                      Length.ofMm(clearance),
                      Length.ofMm(needed))));
    }
    double least = leastBase(pot);
    if (Rounding.forDecision(base) < least) {
      failures.add(
          new Failure(
              FailureCode.TOO_SHALLOW,
              base < 0
                  ? Message.of(
                      "fail.tooTall", "The ball would stand {} too high.", Length.ofMm(-base))
                  : Message.of(
                      "fail.tooShallow",
                      "Only {} under the ball; it needs {}.",
                      Length.ofMm(base),
                      Length.ofMm(least))));
    }
    double overBall = pot.topMm() - ball.topMm();
    if (!call.samePot() && Rounding.forDecision(overBall) > mostMm) {
      failures.add(
          new Failure(
              FailureCode.OVER_STEP,
              Message.of(
                  "fail.overStep",
                  "{} wider than the ball, more than the {} this method allows: too much medium would stay wet.",
                  Length.ofMm(overBall),
                  Length.ofMm(mostMm))));
    }
    if (pot.shape() == Shape.URN || pot.mouthMm() < pot.topMm() - 1) {
      failures.add(
          new Failure(
              FailureCode.UNRELEASABLE,
              Message.of(
                  "fail.unreleasable",
                  "Its mouth is narrower than its belly: the ball never comes out whole.")));
    }
    return failures;
  }

  private double leastBase(Pot pot) {
    boolean shallow = pot.shape() == Shape.SHALLOW || pot.shape() == Shape.BOWL;
    return pot.topMm() < SMALL_POT || shallow || call.samePot() ? BASE_LEAST_SMALL : BASE_LEAST;
  }

  private List<Remark> remarks(
      Pot pot,
      StepLimit limit,
      double mostMm,
      double base,
      MixChoice mix,
      Optional<Drying> first,
      Standing standing,
      double wetMass,
      double share) {
    List<Remark> remarks = new ArrayList<>();
    double overBall = Rounding.forDecision(pot.topMm() - work.after().topMm());
    if (!call.samePot() && overBall > limit.remarkOverMm() && overBall <= mostMm) {
      remarks.add(
          new Remark(
              overBall > limit.mostMm() ? RemarkCode.COARSE_STOCK : RemarkCode.LARGE_STEP,
              Message.of(
                  "remark.largeStep",
                  "{} over the ball is a large step; water with care at first.",
                  Length.ofMm(overBall))));
    }
    int stood = c.plant().traits().daysRingWetStood();
    boolean wetLong =
        first.isPresent() && first.get().daysRingWet().orElse(Double.MAX_VALUE) > stood;
    if (wetLong) {
      remarks.add(
          new Remark(
              RemarkCode.STAYS_WET_LONG,
              Message.of(
                  "remark.staysWet",
                  "The fresh medium stays wet for longer than the {} days this plant stands.",
                  stood)));
    }
    if (mix.airFilled() < AFP_LEAST) {
      remarks.add(
          new Remark(
              RemarkCode.AIRLESS,
              Message.of(
                  "remark.airless",
                  "Only {} of air left in this mix at this depth.",
                  Wording.percent(mix.airFilled()))));
    }
    if (standing.pushN() < pushNeeded() || standing.tiltDegrees() < TILT_WARNING) {
      remarks.add(
          new Remark(
              RemarkCode.TIPPY,
              Message.of(
                  "remark.tippy",
                  "A push of {} N at mid height tips it; look for a heavier pot or a wider foot of the same size.",
                  standing.pushN())));
    }
    if (wetMass > c.method().liftFloorG()) {
      remarks.add(
          new Remark(
              RemarkCode.HEAVY, Message.of("remark.heavy", "{} when wet.", Mass.ofGrams(wetMass))));
    }
    if (!call.samePot() && share < SHARE_LEAST) {
      remarks.add(
          new Remark(
              RemarkCode.ABOVE_SHARE,
              Message.of(
                  "remark.share",
                  "The ball is {} of the fill; two thirds would be usual.",
                  Wording.percent(share))));
    }
    if (base > BASE_MOST) {
      remarks.add(
          new Remark(
              RemarkCode.DEEP_BASE,
              Message.of(
                  "remark.deepBase", "{} of fresh medium under the ball.", Length.ofMm(base))));
    }
    if (shapeMisses(pot)) {
      remarks.add(
          new Remark(
              RemarkCode.SHAPE,
              Message.of(
                  "remark.shape",
                  c.plant().traits().shape() == ShapePreference.DEEP
                      ? "Its roots would like a deeper pot."
                      : "Its roots would like a shallower pot.")));
    }
    return remarks;
  }

  private double pushNeeded() {
    return c.site().use() == SiteUse.CHILDREN
        ? PUSH_CHILDREN
        : c.site().use() == SiteUse.PUBLIC ? PUSH_PUBLIC : PUSH_UNSAFE;
  }

  private boolean shapeMisses(Pot pot) {
    return switch (c.plant().traits().shape()) {
      case STANDARD -> false;
      case DEEP -> pot.heightMm() < pot.topMm() * 0.85;
      case SHALLOW -> pot.heightMm() > pot.topMm() * 1.1;
    };
  }

  /** Lower is better; the parts are judgement and are kept comparable at about 1 each. */
  private double score(
      Pot pot,
      StepLimit limit,
      MixChoice mix,
      Optional<Drying> first,
      Standing standing,
      double share) {
    double overBall = pot.topMm() - work.after().topMm();
    double size =
        c.method().potStep() == Method.PotStep.SHARE
            ? Math.abs(share - SHARE_BEST) * 10
            : Math.abs(overBall - limit.bestMm()) / 10;
    double stood = c.plant().traits().daysRingWetStood();
    double wet = first.map(f -> f.daysRingWet().orElse(stood * 3)).orElse(stood * 3);
    double overWet = Math.max(0, wet / stood - 1) * 2;
    double air = mix.miss(c.plant().traits()) * 20;
    double tip = standing.pushN() < pushNeeded() ? 1 - standing.pushN() / pushNeeded() : 0;
    return size + overWet + air + tip + (shapeMisses(pot) ? 1 : 0) + material(pot);
  }

  /** Someone who overwaters is served by clay, someone who forgets by plastic. */
  private double material(Pot pot) {
    boolean clay = pot.material() == Material.TERRACOTTA;
    return switch (c.plant().watererHabit()) {
      case OVERDOES -> clay ? 0 : 1;
      case FORGETS -> clay ? 1 : 0;
      // The same material as before keeps the caretaker's habit right.
      case EVEN -> pot.material() == c.pot().material() ? 0 : 0.6;
    };
  }
}
