package happysaucer.core.repot;

import happysaucer.core.casefile.Case;
import happysaucer.core.method.Method;
import happysaucer.core.species.Vigour;

/**
 * How much wider than the ball a new pot may be, by the team's school.
 *
 * @param mostMm largest step
 * @param bestMm the step to aim at
 * @param remarkOverMm a step over this passes with a remark
 * @param stockHoleMm largest step that passes, with a remark, where nothing smaller is stocked
 */
record StepLimit(double mostMm, double bestMm, double remarkOverMm, double stockHoleMm) {
  /** All numbers are rules of thumb, in mm. */
  private static final double COARSE_SIZES = 5;

  private static final double SMALL_BALL = 150;
  private static final double LARGE_BALL = 200;
  private static final double SMALL_STEP_MOST = 50;
  private static final double SMALL_STEP_REMARK = 40;
  private static final double STOCK_HOLE = 60;
  private static final double DRY_LOVER_MOST = 25;
  private static final double GENEROUS_FROM_POT = 300;
  private static final double GENEROUS_MOST = 100;

  /**
   * @param ballTopMm of the ball after root work
   * @param smallest out of season, after rot: the smallest that fits
   */
  static StepLimit of(Case c, double ballTopMm, boolean smallest) {
    if (c.plant().traits().dryLover()) {
      return new StepLimit(
          DRY_LOVER_MOST + COARSE_SIZES, smallest ? 16 : 20, DRY_LOVER_MOST, STOCK_HOLE);
    }
    boolean generous =
        c.method().potStep() == Method.PotStep.GENEROUS
            && c.plant().traits().vigour() == Vigour.STRONG
            && c.pot().topMm() >= GENEROUS_FROM_POT
            && !smallest;
    if (generous) {
      return new StepLimit(GENEROUS_MOST + COARSE_SIZES, 85, GENEROUS_MOST, GENEROUS_MOST + 20);
    }
    boolean small = ballTopMm < SMALL_BALL;
    return new StepLimit(
        SMALL_STEP_MOST + COARSE_SIZES,
        smallest ? 20 : small ? 28 : 38,
        small ? SMALL_STEP_REMARK : SMALL_STEP_MOST,
        ballTopMm > LARGE_BALL ? STOCK_HOLE + COARSE_SIZES : SMALL_STEP_MOST + COARSE_SIZES);
  }
}
