package happysaucer.core.repot;

import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.Lift;
import happysaucer.core.medium.MixChoice;
import happysaucer.core.pot.Clearance;
import happysaucer.core.pot.Material;
import happysaucer.core.pot.Pot;
import happysaucer.core.pot.PotMass;
import happysaucer.core.pot.Standing;
import happysaucer.core.repot.Candidate.Fit;
import happysaucer.core.repot.Candidate.Remark;
import happysaucer.core.species.ShapePreference;
import happysaucer.core.unit.About;
import happysaucer.core.unit.Length;
import happysaucer.core.unit.Mass;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Rounding;
import happysaucer.core.unit.Wording;
import happysaucer.core.water.Drying;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What to know of one pot that can be taken, and how it compares with the others. */
record PotJudgement(
    Case c,
    Aim aim,
    School school,
    RootWork work,
    Pot pot,
    Fit fit,
    MixChoice mix,
    Optional<Drying> first,
    Standing standing,
    double presentPushN,
    double wetMassG) {
  /**
   * Under this height over the floor a plant that tips is a nuisance, no danger (rule of thumb).
   */
  private static final double STANDS_LOW = 600;

  /** Stands firmer than now from here, share of the present push (rule of thumb). */
  private static final double FIRMER = 1.15;

  /** More than this under the ball is remarked on, mm (rule of thumb). */
  private static final double BASE_MOST = 60;

  private static final double AFP_LEAST = 0.10;

  /** A lighter material is worth naming when it saves this much, g (rule of thumb). */
  private static final double SAVING = 1500;

  private static final double DEEP = 0.85;
  private static final double SHALLOW = 1.1;

  List<Remark> remarks(double mostMm, double overBallMm) {
    List<Remark> remarks = new ArrayList<>();
    tight(remarks);
    step(Rounding.forDecision(overBallMm), mostMm, remarks);
    wetAndAir(remarks);
    stands(remarks);
    lifts(remarks);
    shapeAndHoles(remarks);
    cover(remarks);
    return remarks;
  }

  private static void add(List<Remark> remarks, RemarkCode code, String key, Object... values) {
    remarks.add(new Remark(code, Message.of(key, values)));
  }

  /** It can be done, but not in comfort. */
  private void tight(List<Remark> remarks) {
    if (aim == Aim.TOP_ONLY) {
      return;
    }
    if (work.bends()) {
      if (work.after().heightMm() > pot.heightMm()) {
        add(remarks, RemarkCode.TIGHT, "remark.longRoots");
      }
      return;
    }
    if (fit.trimMm() > 0) {
      add(remarks, RemarkCode.TIGHT, "remark.trim", Length.ofMm(fit.trimMm()));
    } else if (!aim.mayFitTightly()
        && Rounding.forDecision(fit.baseLayerMm()) < Clearance.comfortBaseMm(pot)) {
      add(remarks, RemarkCode.TIGHT, "remark.thinBase", Length.ofMm(fit.baseLayerMm()));
    }
    if (!aim.mayFitTightly()
        && Rounding.forDecision(fit.clearanceMm()) < Clearance.comfortMm(pot)) {
      add(remarks, RemarkCode.TIGHT, "remark.tightWall", Length.ofMm(fit.clearanceMm()));
    }
  }

  /** Nobody measured the cover pot: what is known is that the present pot goes into it. */
  private void cover(List<Remark> remarks) {
    if (c.cover().isPresent()) {
      if (!c.cover().get().takes(pot)) {
        add(
            remarks,
            RemarkCode.COVER,
            "remark.coverTooSmall",
            Length.ofMm(c.cover().get().pot().topMm()));
      }
      return;
    }
    if (!c.pot().inCoverPot()) {
      return;
    }
    double wider = pot.outsideMm() - c.pot().outsideMm();
    double taller = pot.heightMm() - c.pot().heightMm();
    if (wider > COVER_GIVES || taller > COVER_GIVES) {
      boolean byWidth = wider >= taller;
      add(
          remarks,
          RemarkCode.COVER,
          byWidth ? "remark.coverWidth" : "remark.coverHeight",
          Length.ofMm(byWidth ? wider : taller));
    }
  }

  /** Pots of one trade size differ by so much, mm (rule of thumb). */
  private static final double COVER_GIVES = 5;

  private void step(double over, double mostMm, List<Remark> remarks) {
    boolean steps = aim == Aim.STEP && !work.bends();
    if (steps && over > school.steps().remarkOverMm() && over <= mostMm) {
      add(
          remarks,
          over > school.mostMm() ? RemarkCode.COARSE_STOCK : RemarkCode.LARGE_STEP,
          "remark.largeStep",
          Length.ofMm(over));
    }
    if (steps && fit.ballShare() < School.SHARE_LEAST) {
      add(remarks, RemarkCode.ABOVE_SHARE, "remark.share", Wording.percent(fit.ballShare()));
    }
    if (fit.baseLayerMm() > BASE_MOST) {
      add(remarks, RemarkCode.DEEP_BASE, "remark.deepBase", Length.ofMm(fit.baseLayerMm()));
    }
  }

  private void wetAndAir(List<Remark> remarks) {
    double stood = c.plant().traits().daysRingWetStood(c.pot().topMm());
    if (first.isPresent() && first.get().daysRingWet().orElse(Double.MAX_VALUE) > stood) {
      add(remarks, RemarkCode.STAYS_WET_LONG, "remark.staysWet", (double) Math.round(stood));
    }
    if (mix.airFilled() < AFP_LEAST) {
      add(remarks, RemarkCode.AIRLESS, "remark.airless", Wording.percent(mix.airFilled()));
    }
    if (fit.coarseMm() > 0) {
      double without = mix.retention().airFilled(pot.fill());
      add(
          remarks,
          RemarkCode.COARSE_LAYER,
          "remark.coarseLayer",
          Wording.percent(mix.airFilled()),
          Wording.percent(without));
    }
  }

  /** Graded and warned of; it never removes a pot from the list. */
  private void stands(List<Remark> remarks) {
    double needed = c.pushNeededN();
    if (mayTip() && standing.pushN() < needed) {
      double wanted = standing.nextGradeN().orElse(needed);
      add(
          remarks,
          RemarkCode.TIPPY,
          "remark.tippy",
          Standing.pushAsMass(standing.pushN()),
          Standing.pushAsMass(wanted),
          About.of(Mass.ofGrams(standing.addedMassG(wanted))),
          About.of(Length.ofMm(standing.footForMm(wanted))));
    } else if (mayTip() && standing.tiltDegrees() < Standing.TILT_WARNING) {
      add(remarks, RemarkCode.TIPPY, "remark.tilts", standing.tiltDegrees());
    }
    if (aim == Aim.SAME_SIZE && c.signsOfTipping() && !firmer()) {
      add(remarks, RemarkCode.NOT_FIRMER, "remark.notFirmer");
    }
  }

  private boolean firmer() {
    return standing.pushN() > presentPushN * FIRMER;
  }

  /** Whether standing matters: tall enough to hurt, or seen to tip. */
  private boolean mayTip() {
    return pot.heightMm() + c.plant().heightMm() >= STANDS_LOW || c.signsOfTipping();
  }

  private void lifts(List<Remark> remarks) {
    Lift lift = c.lift(wetMassG);
    if (lift.how() == Lift.How.ONE) {
      return;
    }
    double saving = pot.massG() - PotMass.estimateG(Material.PLASTIC, pot.inside());
    if (saving > SAVING && pot.material() != Material.PLASTIC) {
      add(
          remarks,
          RemarkCode.HEAVY,
          "remark.heavySaving",
          About.of(Mass.ofGrams(wetMassG)),
          lift.how().words(),
          About.of(Mass.ofGrams(saving)));
    } else {
      add(
          remarks,
          RemarkCode.HEAVY,
          "remark.heavy",
          About.of(Mass.ofGrams(wetMassG)),
          lift.how().words());
    }
  }

  private void shapeAndHoles(List<Remark> remarks) {
    if (shapeMisses()) {
      add(
          remarks,
          RemarkCode.SHAPE,
          c.plant().traits().shape() == ShapePreference.DEEP
              ? "remark.deeper"
              : "remark.shallower");
    }
    if (c.plant().traits().dryLover() && pot.drainHoles() == 1 && pot.topMm() > 150) {
      add(remarks, RemarkCode.FEW_HOLES, "remark.fewHoles");
    }
    double material = material();
    if (material >= 1) {
      add(
          remarks,
          RemarkCode.MATERIAL,
          pot.material() == Material.TERRACOTTA ? "remark.clayDries" : "remark.wallKeepsWet");
    }
  }

  private boolean shapeMisses() {
    return switch (c.plant().traits().shape()) {
      case STANDARD -> false;
      case DEEP -> pot.heightMm() < pot.topMm() * DEEP;
      case SHALLOW -> pot.heightMm() > pot.topMm() * SHALLOW;
    };
  }

  /** Lower is better; the parts are judgement and are kept comparable at about 1 each. */
  double score(double overBallMm) {
    double stood = c.plant().traits().daysRingWetStood(c.pot().topMm());
    double wet = first.map(f -> f.daysRingWet().orElse(stood * 3)).orElse(stood * 3);
    double overWet = Math.max(0, wet / stood - 1) * 2;
    double air = mix.miss(c.plant().traits()) * 20;
    double cramped = fit.trimMm() > 0 ? 2 : 0;
    return size(overBallMm)
        + cramped
        + overWet
        + air
        + tip()
        + (shapeMisses() ? 1 : 0)
        + material();
  }

  private double size(double overBallMm) {
    return switch (aim) {
      case SAME_SIZE, SAME_SIZE_OR_STEP, SAME_POT, TOP_ONLY ->
          Math.abs(pot.topMm() - c.pot().topMm()) / 10
              + Math.abs(pot.heightMm() - c.pot().heightMm()) / 20;
      case ROOTS -> work.bends() ? roots() : Math.abs(overBallMm - school.bestMm()) / 10;
      default -> work.bends() ? roots() : school.missesBy(overBallMm, fit.ballShare());
    };
  }

  /** How far its fill is from what the roots that remain want. */
  private double roots() {
    return Math.abs(fit.fillLitres() / work.ballLitres() - Sizing.ROOTS_BEST) * ROOTS_WEIGH;
  }

  /** Half of their volume more or less weighs as much as two centimetres of a step. */
  private static final double ROOTS_WEIGH = 4;

  /** What a plant that tips needs most is a pot that stands. */
  private double tip() {
    double needed = c.pushNeededN();
    double shortfall = standing.pushN() < needed ? 1 - standing.pushN() / needed : 0;
    if (aim == Aim.SAME_SIZE && c.signsOfTipping()) {
      return 20 * shortfall + (firmer() ? 0 : 5);
    }
    return mayTip() ? shortfall : 0;
  }

  /** Someone who overwaters is served by clay, someone who forgets by plastic. */
  private double material() {
    boolean clay = pot.material() == Material.TERRACOTTA;
    return switch (c.plant().watererHabit()) {
      case OVERDOES -> clay ? 0 : 1;
      case FORGETS -> clay ? 1 : 0;
      // The same material as before keeps the caretaker's habit right.
      case EVEN -> pot.material() == c.pot().material() ? 0 : 0.6;
    };
  }
}
