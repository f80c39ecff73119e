package happysaucer.core.repot;

import happysaucer.core.call.Action;
import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.finding.Findings;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.medium.MixChoice;
import happysaucer.core.method.Method;
import happysaucer.core.method.Method.PotStep;
import happysaucer.core.pot.Clearance;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Pot;
import happysaucer.core.pot.Standing;
import happysaucer.core.repot.Candidate.Failure;
import happysaucer.core.repot.Candidate.Fit;
import happysaucer.core.species.StepPreference;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Rounding;
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
  /** A base is raised by this much at one repot, or set lower by this much, mm (rule of thumb). */
  private static final double RAISE = 25;

  private static final double LOWER = -10;

  /** Base of a pot made to measure, share of its top (rule of thumb). */
  private static final double ORDER_TAPER = 0.8;

  /** No school takes a pot narrower or wider than the ball by more than this, mm. */
  private static final double NEAR_BELOW = 20;

  private static final double NEAR_ABOVE = 210;

  /** Fill over the volume of washed or parted roots that is aimed at (rule of thumb). */
  static final double ROOTS_BEST = 1.8;

  /** A pot in which a base is shown is lower by this (rule of thumb). */
  private static final double SHALLOWER = 0.85;

  private static final String ORDERED = "to order";
  private static final double ORDER_CLEARANCE = 13;
  private static final double ORDER_RIM = 36;
  private static final double ORDER_BASE = 20;

  /** Mass of coarse drainage material, g/L (rule of thumb). */
  private static final double COARSE_GRAMS_PER_LITRE = 1400;

  private final Case c;
  private final Call call;
  private final Aim aim;
  private final RootWork work;
  private final MediumTable media;
  private final WaterModel water;
  private final LocalDate workDay;
  private final School school;
  private final List<School> schools;
  private final double presentPushN;
  private final PotFailures failures;
  private final boolean smallest;

  /**
   * @param presentPushN push that tips the plant in its present pot
   */
  public Sizing(
      Case c,
      Call call,
      Findings findings,
      RootWork work,
      MediumTable media,
      WaterModel water,
      LocalDate workDay,
      double presentPushN) {
    this.presentPushN = presentPushN;
    this.c = c;
    this.call = call;
    this.aim = Aim.of(call, findings);
    this.work = work;
    this.media = media;
    this.water = water;
    this.workDay = workDay;
    boolean smallest =
        call.smallestStep()
            || aim == Aim.ROOTS
            || (c.plant().keepsSize() && call.action() == Action.POT_UP)
            || (c.plant().traits().step() == StepPreference.SMALLEST
                && c.plant().traits().dryLover());
    double ballTop = work.after().topMm();
    this.schools = new ArrayList<>();
    for (PotStep code : PotStep.values()) {
      schools.add(School.of(code, c, ballTop, smallest));
    }
    this.school = schools.get(c.method().potStep().ordinal());
    this.failures = new PotFailures(c, call, aim, school, work);
    this.smallest = smallest || call.smallestStep() || c.plant().traits().dryLover();
  }

  /** How the pot was sized, and what bore on it. */
  public List<Message> words() {
    List<Message> words = new ArrayList<>();
    switch (aim) {
      case SAME_POT -> words.add(Message.of("size.samePot"));
      case TOP_ONLY -> words.add(Message.of("size.top"));
      case SAME_SIZE -> words.add(Message.of("size.same"));
      case SAME_SIZE_OR_STEP -> words.add(Message.of("size.sameOrStep"));
      case SHALLOWER -> words.add(Message.of("size.shallower"));
      case ROOTS -> words.add(Message.of("size.roots"));
      case STEP -> {}
    }
    if (aim == Aim.STEP || aim == Aim.ROOTS || aim == Aim.SHALLOWER) {
      words.add(school.words());
      modifiers(words);
    }
    return words;
  }

  private void modifiers(List<Message> words) {
    if (call.smallestStep()) {
      words.add(Message.of("size.outOfSeason"));
    }
    if (c.plant().traits().dryLover()) {
      words.add(Message.of("size.dry"));
    }
    if (c.plant().keepsSize() && call.action() == Action.POT_UP) {
      words.add(Message.of("size.keeps"));
    }
    if (c.plant().traits().step() == StepPreference.LARGE) {
      words.add(Message.of("size.vigorous"));
    }
  }

  /** All candidates: those that pass by rank, then those that fail. */
  public List<Candidate> compare() {
    List<Pot> pots = new ArrayList<>();
    if (aim.offersPresentPot()) {
      pots.add(c.pot().withId("current"));
    }
    c.candidates().stream()
        .filter(pot -> aim.offersOtherPots() || asked(pot))
        .filter(pot -> pots.isEmpty() || !pot.id().equals("current"))
        .forEach(pots::add);
    return compare(pots, c.fromStock() || !aim.offersOtherPots());
  }

  /** A pot that somebody picked is compared even where the plant stays in its own. */
  private boolean asked(Pot pot) {
    return picked(pot) && aim != Aim.TOP_ONLY;
  }

  private boolean picked(Pot pot) {
    return c.wish().pot().equals(Optional.of(pot.id()));
  }

  /**
   * The pot to buy when none on the shelf will do: the best of the standard trade sizes, or else
   * one made to measure, sides straight enough for the ball.
   */
  public Candidate toOrder(List<Pot> tradeSizes) {
    double ball = work.after().topMm();
    List<Pot> near =
        tradeSizes.stream()
            .filter(
                pot ->
                    pot.topMm() > ball - (work.bends() ? ball : NEAR_BELOW)
                        && pot.topMm() < ball + NEAR_ABOVE)
            .toList();
    return compare(near, false).stream()
        .filter(Candidate::passes)
        .findFirst()
        .map(pot -> pot.ranked(OptionalInt.empty()))
        .orElseGet(() -> candidate(judge(madeToMeasure(), school.mostMm())));
  }

  /** Of the same make and outline as the present pot. */
  private Pot madeToMeasure() {
    if (work.bends() && aim != Aim.SAME_POT) {
      return forRoots();
    }
    if (aim == Aim.SHALLOWER) {
      return shallower();
    }
    return aim.mayFitTightly() ? sameAgain() : aStepUp();
  }

  /** As the present one, smaller in every measure: it holds what the roots need. */
  private Pot forRoots() {
    double wanted = work.ballLitres() * ROOTS_BEST;
    double factor = Math.cbrt(wanted / c.pot().fill().litres());
    return c.pot().sized(ORDERED, c.pot().inside().scaled(Math.min(1, factor)));
  }

  /** As wide as now, and lower. */
  private Pot shallower() {
    Frustum inside = c.pot().inside();
    return c.pot()
        .sized(
            ORDERED,
            new Frustum(
                inside.round(),
                inside.topMm(),
                inside.baseMm(),
                inside.topDepthMm(),
                inside.baseDepthMm(),
                inside.heightMm() * SHALLOWER));
  }

  private Pot sameAgain() {
    Frustum inside = c.pot().inside();
    double height = Math.max(inside.heightMm(), work.after().heightMm() + c.pot().rimGapMm()) + 1;
    return c.pot()
        .sized(
            ORDERED,
            new Frustum(
                inside.round(),
                inside.topMm(),
                inside.baseMm(),
                inside.topDepthMm(),
                inside.baseDepthMm(),
                height));
  }

  private Pot aStepUp() {
    Frustum ball = work.after();
    boolean round = ball.round();
    double across = Math.max(ball.topMm(), ball.baseMm());
    double deep = Math.max(ball.topDepthMm(), ball.baseDepthMm());
    double step = Math.max(school.bestMm(), 2 * ORDER_CLEARANCE);
    double height = ball.heightMm() + ORDER_RIM + ORDER_BASE;
    return c.pot()
        .sized(
            ORDERED,
            round
                ? Frustum.round(across + step, narrowed(across, ball.baseMm()), height)
                : Frustum.rectangular(
                    across + step,
                    narrowed(across, ball.baseMm()),
                    deep + step,
                    narrowed(deep, ball.baseDepthMm()),
                    height));
  }

  /** A base that tapers a little but leaves room for the ball's. */
  private static double narrowed(double top, double ballBase) {
    return Math.max(top * ORDER_TAPER, ballBase + 2 * ORDER_CLEARANCE);
  }

  /**
   * @param showFailing whether those that fail are wanted with their figures; of standard sizes
   *     nobody owns only those that would do are of interest
   */
  private List<Candidate> compare(List<Pot> pots, boolean showFailing) {
    List<Judged> judged = new ArrayList<>();
    for (Pot pot : pots) {
      judged.add(judge(pot, school.mostMm()));
    }
    OptionalDouble next = nextSizeUp(judged);
    if (judged.stream().noneMatch(j -> j.failures().isEmpty()) && next.isPresent()) {
      judged.clear();
      for (Pot pot : pots) {
        judged.add(judge(pot, next.getAsDouble()));
      }
    }
    List<Candidate> compared = new ArrayList<>();
    for (Judged j : judged) {
      if (j.failures().isEmpty() || showFailing) {
        compared.add(candidate(j));
      }
    }
    return ranked(compared);
  }

  /** Where stock leaves a hole: the smallest pot that fits and is only too wide, within bounds. */
  private OptionalDouble nextSizeUp(List<Judged> judged) {
    return judged.stream()
        .filter(j -> j.failures().stream().allMatch(f -> f.code() == FailureCode.OVER_STEP))
        .mapToDouble(j -> Rounding.forDecision(overBall(j.pot())))
        .filter(over -> over <= school.steps().stockHoleMm())
        .min();
  }

  private double overBall(Pot pot) {
    return pot.topMm() - failures.ballTopMm();
  }

  /**
   * Out of season, and for dry-lovers, the smallest step goes first; material and shape only choose
   * between equal ones.
   */
  private double step(Candidate candidate) {
    boolean counts = smallest && (aim == Aim.STEP || aim == Aim.SAME_SIZE_OR_STEP);
    return counts ? Math.round(Math.max(0, overBall(candidate.pot())) / EQUAL_STEPS) : 0;
  }

  /** Steps this near are equal, mm (rule of thumb). */
  private static final double EQUAL_STEPS = 5;

  private List<Candidate> ranked(List<Candidate> compared) {
    List<Candidate> passing =
        compared.stream()
            .filter(Candidate::passes)
            .sorted(
                Comparator.comparing((Candidate candidate) -> !picked(candidate.pot()))
                    .thenComparingDouble(this::step)
                    .thenComparingDouble(candidate -> Rounding.forDecision(candidate.score()))
                    .thenComparingDouble(candidate -> candidate.fit().stepMm())
                    .thenComparing(candidate -> candidate.pot().id()))
            .toList();
    List<Candidate> all = new ArrayList<>();
    for (int i = 0; i < passing.size(); i++) {
      all.add(passing.get(i).ranked(OptionalInt.of(i + 1)));
    }
    compared.stream()
        .filter(candidate -> !candidate.passes())
        .sorted(Comparator.comparingDouble(candidate -> candidate.fit().stepMm()))
        .forEach(all::add);
    return all;
  }

  /** A pot with where the ball would stand in it and why it cannot be taken, before any drying. */
  private record Judged(Pot pot, Fit fit, double mostMm, List<Failure> failures) {}

  private Judged judge(Pot pot, double mostMm) {
    Fit fit = fit(pot);
    return new Judged(pot, fit, mostMm, failures.of(pot, fit, mostMm));
  }

  private Fit fit(Pot pot) {
    double rimGap = pot.rimGapMm();
    double raise = raise(pot, work.after());
    double room = pot.heightMm() - rimGap + raise;
    Frustum ball = work.standing(room - Clearance.comfortBaseMm(pot));
    double under = aim == Aim.TOP_ONLY ? 0 : room - ball.heightMm();
    double base = Math.max(0, under);
    double fill = pot.fill().litres();
    double ballLitres = Math.min(work.ballLitres(), fill);
    double coarse = coarseMm(pot, base);
    double coarseLitres = coarse > 0 ? pot.inside().upTo(coarse).litres() : 0;
    return new Fit(
        ball,
        pot.topMm() - c.ball().body().topMm(),
        ballLitres / fill,
        Clearance.leastMm(pot, ball, base),
        rimGap,
        base,
        Math.max(0, -under),
        raise,
        coarse,
        fill,
        fill - ballLitres,
        Math.min(coarseLitres, fill - ballLitres));
  }

  /**
   * A base that is shown stands above the fill line, so more medium goes beneath the ball. It is
   * raised no further than a ball's third of height would bear.
   */
  private double raise(Pot pot, Frustum ball) {
    if (c.wish().raiseMm().isPresent()) {
      return Math.min(c.wish().raiseMm().getAsDouble(), ball.heightMm() / 3);
    }
    if (!c.plant().traits().showsBase()) {
      return 0;
    }
    if (call.action() == Action.RAISE_OR_SHALLOW) {
      return Math.min(RAISE, ball.heightMm() / 3);
    }
    return c.method().level() == Method.Level.LOW && aim == Aim.STEP
        ? Math.max(LOWER, -Math.max(0, pot.heightMm() - pot.rimGapMm() - ball.heightMm()))
        : 0;
  }

  private double coarseMm(Pot pot, double base) {
    return c.method().overHoles() == Method.OverHoles.COARSE_LAYER && aim != Aim.TOP_ONLY
        ? Math.min(c.method().coarseLayerMm(), Math.max(0, Math.min(base, pot.heightMm() / 2)))
        : 0;
  }

  private Candidate candidate(Judged judged) {
    Pot pot = judged.pot();
    Fit fit = judged.fit();
    MixChoice mix = mix(pot, fit);
    Optional<Drying> settled = Optional.empty();
    Optional<Drying> first = Optional.empty();
    boolean goesIn = work.bends() || Rounding.forDecision(fit.clearanceMm()) >= -PotFailures.GIVES;
    if (fit.trimMm() <= 0 && goesIn || judged.failures().isEmpty()) {
      WaterModel.Bed bed =
          water.bed(
              new WaterModel.Setting(
                  pot, fit.ball(), fit.baseLayerMm(), fit.coarseMm(), mix.retention()));
      settled = Optional.of(water.settled(bed, workDay));
      first = Optional.of(water.after(bed, workDay, new WaterModel.Stage(0, work.activity())));
    }
    double ballLitres = fit.fillLitres() - fit.freshLitres();
    double dryMedium =
        ballLitres * c.plant().mix().dryGramsPerLitre()
            + (fit.freshLitres() - fit.coarseLitres()) * mix.mix().dryGramsPerLitre()
            + fit.coarseLitres() * COARSE_GRAMS_PER_LITRE;
    double full = (fit.fillLitres() - fit.coarseLitres()) * mix.capacity() * 1000;
    double standingWater = full * c.plant().standingWetness();
    Standing standing =
        Standing.of(
            c.standing(pot),
            c.standing(pot).massG(),
            dryMedium + standingWater,
            c.plant().topMassG(),
            c.plant().heightMm(),
            c.plant().leanDegrees());
    double dryMass = pot.massG() + dryMedium + c.plant().topMassG();
    List<PotStep> takenBy = new ArrayList<>();
    for (School other : schools) {
      if (other.takes(overBall(pot), fit.ballShare())) {
        takenBy.add(other.code());
      }
    }
    PotJudgement judgement =
        new PotJudgement(
            c, aim, school, work, pot, fit, mix, first, standing, presentPushN, dryMass + full);
    return new Candidate(
        pot,
        OptionalInt.empty(),
        fit,
        mix,
        settled,
        first,
        standing,
        dryMass,
        dryMass + full,
        takenBy,
        judged.failures(),
        judgement.remarks(judged.mostMm(), overBall(pot)),
        judgement.score(overBall(pot)));
  }

  /** A plant over a reservoir stays in grains that wick; the others get what suits the depth. */
  private MixChoice mix(Pot pot, Fit fit) {
    Frustum filled = pot.fill().above(fit.coarseMm());
    if (c.wish().mix().isPresent()) {
      return MixChoice.in(media, c.wish().mix().get(), filled);
    }
    if (c.plant().inReservoir()) {
      return MixChoice.in(media, c.plant().mix(), filled);
    }
    return MixChoice.of(
        c.plant().traits(), media, filled, c.method().peat() == Method.Peat.PEAT_FREE);
  }
}
