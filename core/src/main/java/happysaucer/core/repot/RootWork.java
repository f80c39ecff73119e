package happysaucer.core.repot;

import happysaucer.core.call.Action;
import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.finding.Findings;
import happysaucer.core.method.Method;
import happysaucer.core.pot.Frustum;
import happysaucer.core.root.Loosening;
import happysaucer.core.root.RootCut;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import happysaucer.core.species.RootType;
import happysaucer.core.species.Traits;

/**
 * What is done to the ball.
 *
 * @param after the ball after the work
 * @param rootShare share of the roots that goes
 * @param canopyShare share of the top to take off to match
 * @param limit largest share of roots this species stands to lose
 * @param callusDays days cut roots lie open before moist medium
 * @param bareRooted the old medium goes altogether
 */
public record RootWork(
    Loosening loosening,
    double baseSliceMm,
    double sideShaveMm,
    double rootShare,
    double canopyShare,
    double limit,
    int callusDays,
    boolean bareRooted,
    Frustum after) {
  /** Roots may be lost up to this share before the top is cut to match (rule of thumb). */
  private static final double CANOPY_FROM = 0.25;

  /** A base cause is removed with a margin: some firm root goes with the rotten (rule of thumb). */
  private static final double ROT_MARGIN = 1.15;

  /** Share of rotten roots where nobody has measured it (rule of thumb). */
  private static final double ROT_UNKNOWN = 0.25;

  public static RootWork of(Case c, Call call, Findings findings) {
    Traits traits = c.plant().traits();
    Frustum ball = c.ball().body();
    if (call.action() == Action.ROT_RESCUE) {
      double share =
          Math.min(0.9, ROT_MARGIN * c.signs().value(SignCode.ROOTS_ROTTEN).orElse(ROT_UNKNOWN));
      double scale = Math.cbrt(1 - share);
      Frustum left =
          new Frustum(
              ball.round(),
              ball.topMm() * scale,
              ball.baseMm() * scale,
              ball.topDepthMm() * scale,
              ball.baseDepthMm() * scale,
              ball.heightMm() * scale);
      return new RootWork(
          Loosening.WASH,
          0,
          0,
          share,
          canopy(traits, share),
          traits.rootLimit(),
          callus(c, true),
          true,
          left);
    }
    if (call.action() == Action.ROOT_PRUNE_SAME_POT) {
      RootCut cut = RootCut.forSamePot(ball);
      if (cut.share() > traits.rootLimit()) {
        cut = RootCut.forShare(ball, traits.rootLimit() * 0.98);
      }
      return new RootWork(
          loosening(c, call, findings),
          cut.baseSliceMm(),
          cut.sideShaveMm(),
          cut.share(),
          canopy(traits, cut.share()),
          traits.rootLimit(),
          callus(c, true),
          false,
          ball.without(cut.baseSliceMm(), cut.sideShaveMm()));
    }
    if (call.action() == Action.REFRESH) {
      // The outer loose medium is shaken off; no root is cut.
      RootCut off = RootCut.forSamePot(ball);
      return new RootWork(
          Loosening.TEASE,
          0,
          0,
          0,
          0,
          traits.rootLimit(),
          0,
          false,
          ball.without(off.baseSliceMm(), off.sideShaveMm()));
    }
    return new RootWork(
        loosening(c, call, findings), 0, 0, 0, 0, traits.rootLimit(), 0, false, ball);
  }

  /** By tightness; brittle and fleshy roots are handled by the soil, never combed. */
  private static Loosening loosening(Case c, Call call, Findings findings) {
    RootType roots = c.plant().traits().rootType();
    boolean gentle = roots == RootType.BRITTLE || roots == RootType.FLESHY;
    Method.Loosening method = c.method().loosening();
    boolean solid =
        c.signs().present(SignCode.BALL_SOLID)
            || findings.stands(FindingCode.CROWDED, Grade.SEVERE);
    if (roots == RootType.BRITTLE) {
      return Loosening.NONE;
    }
    if (solid) {
      return gentle ? Loosening.OPEN_BASE : Loosening.SCORE;
    }
    if (method == Method.Loosening.ONLY_IF_SOLID) {
      return Loosening.NONE;
    }
    boolean tight = findings.stands(FindingCode.CROWDED, Grade.CLEAR);
    if (tight) {
      return gentle ? Loosening.OPEN_BASE : Loosening.TEASE;
    }
    return method == Method.Loosening.ALWAYS || findings.stands(FindingCode.CROWDED)
        ? Loosening.TEASE
        : Loosening.NONE;
  }

  private static double canopy(Traits traits, double rootShare) {
    return traits.canopyPrunable() && rootShare > CANOPY_FROM ? rootShare : 0;
  }

  private static int callus(Case c, boolean cut) {
    return cut && c.method().cutRoots() == Method.CutRoots.CALLUS
        ? c.plant().traits().callusDays()
        : 0;
  }

  /** How disturbed the roots that stay are, 0 to 1 (rules of thumb). */
  public double disturbance() {
    if (bareRooted) {
      return 0.4;
    }
    return switch (loosening) {
      case NONE -> 0;
      case TEASE, OPEN_BASE -> 0.05;
      case SCORE, COMB, WASH -> 0.15;
    };
  }

  /** Activity on the day of the work: (1 - canopy) (1 - roots beyond it) (1 - disturbance). */
  public double activity() {
    double beyond = Math.max(0, rootShare - canopyShare);
    return Math.max(0, Math.min(1, (1 - canopyShare) * (1 - beyond) * (1 - disturbance())));
  }

  public boolean cutAnything() {
    return rootShare > 0 || canopyShare > 0;
  }
}
