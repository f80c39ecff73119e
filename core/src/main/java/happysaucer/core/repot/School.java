package happysaucer.core.repot;

import happysaucer.core.casefile.Case;
import happysaucer.core.method.Method.PotStep;
import happysaucer.core.species.StepPreference;
import happysaucer.core.species.Vigour;
import happysaucer.core.unit.Rounding;

/**
 * How much wider than the ball a new pot may be, by one of the three schools.
 *
 * @param mostMm largest step
 * @param bestMm the step to aim at
 * @param remarkOverMm a step over this passes with a remark
 * @param stockHoleMm largest step that passes, with a remark, where nothing smaller is stocked
 * @param applies whether the school has anything to say of this plant at all
 */
record School(
    PotStep code,
    double mostMm,
    double bestMm,
    double remarkOverMm,
    double stockHoleMm,
    boolean applies) {
  /** All numbers are rules of thumb, in mm. */
  private static final double COARSE_SIZES = 5;

  private static final double SMALL_BALL = 150;
  private static final double LARGE_BALL = 200;
  private static final double SMALL_STEP_MOST = 50;
  private static final double SMALL_STEP_REMARK = 40;
  private static final double STOCK_HOLE = 60;
  private static final double DRY_LOVER_MOST = 30;
  private static final double DRY_LOVER_BEST = 20;
  private static final double SMALLEST_BEST = 20;
  static final double GENEROUS_FROM_POT = 300;
  private static final double GENEROUS_MOST = 100;
  private static final double GENEROUS_BEST = 85;

  /** The ball should be about two thirds of the fill; between these it passes (rule of thumb). */
  static final double SHARE_BEST = 0.66;

  static final double SHARE_LEAST = 0.5;

  /** The widest step that can still leave the ball half of the fill. */
  private static final double SHARE_MOST_STEP = 0.30;

  /**
   * @param ballTopMm of the ball after root work
   * @param smallest out of season, after rot, or a species that wants it: the smallest that fits
   */
  static School of(PotStep code, Case c, double ballTopMm, boolean smallest) {
    return switch (code) {
      case SMALL_STEP -> smallStep(c, ballTopMm, smallest);
      case SHARE -> share(c, ballTopMm, smallest);
      case GENEROUS -> generous(c, ballTopMm, smallest);
    };
  }

  private static School smallStep(Case c, double ballTopMm, boolean smallest) {
    if (c.plant().traits().dryLover()) {
      return new School(
          PotStep.SMALL_STEP,
          DRY_LOVER_MOST + COARSE_SIZES,
          smallest ? DRY_LOVER_BEST - 4 : DRY_LOVER_BEST,
          DRY_LOVER_MOST,
          STOCK_HOLE,
          true);
    }
    boolean small = ballTopMm < SMALL_BALL;
    double best = small ? 28 : 38;
    if (c.plant().traits().step() == StepPreference.LARGE) {
      best += 10;
    } else if (c.plant().traits().step() == StepPreference.SMALLEST) {
      best -= 8;
    }
    return new School(
        PotStep.SMALL_STEP,
        SMALL_STEP_MOST + COARSE_SIZES,
        smallest ? SMALLEST_BEST : best,
        small ? SMALL_STEP_REMARK : SMALL_STEP_MOST,
        ballTopMm > LARGE_BALL ? STOCK_HOLE + COARSE_SIZES : SMALL_STEP_MOST + COARSE_SIZES,
        true);
  }

  /** By volume, not by width; the plants that want the smallest step keep it. */
  private static School share(Case c, double ballTopMm, boolean smallest) {
    School small = smallStep(c, ballTopMm, smallest);
    if (c.plant().traits().dryLover() || smallest) {
      return new School(
          PotStep.SHARE,
          small.mostMm(),
          small.bestMm(),
          small.remarkOverMm(),
          small.stockHoleMm(),
          true);
    }
    double most = Math.max(small.mostMm(), ballTopMm * SHARE_MOST_STEP);
    return new School(PotStep.SHARE, most, ballTopMm * 0.15, most, most, true);
  }

  /** Only for large vigorous trees, in the growing season; the others fall back to small steps. */
  private static School generous(Case c, double ballTopMm, boolean smallest) {
    boolean eligible =
        c.plant().traits().vigour() == Vigour.STRONG
            && c.pot().topMm() >= GENEROUS_FROM_POT
            && !c.plant().traits().dryLover()
            && !smallest;
    if (eligible) {
      return new School(
          PotStep.GENEROUS,
          GENEROUS_MOST + COARSE_SIZES,
          GENEROUS_BEST,
          GENEROUS_MOST,
          GENEROUS_MOST + 20,
          true);
    }
    School small = smallStep(c, ballTopMm, smallest);
    return new School(
        PotStep.GENEROUS,
        small.mostMm(),
        small.bestMm(),
        small.remarkOverMm(),
        small.stockHoleMm(),
        false);
  }

  /** Whether the school would take a pot so much wider, holding so large a ball. */
  boolean takes(double overBallMm, double ballShare, double mostMm) {
    boolean byWidth = Rounding.forDecision(overBallMm) <= mostMm;
    return code == PotStep.SHARE
        ? byWidth && Rounding.forDecision(ballShare) >= SHARE_LEAST
        : byWidth;
  }

  boolean takes(double overBallMm, double ballShare) {
    return applies && takes(overBallMm, ballShare, mostMm);
  }
}
