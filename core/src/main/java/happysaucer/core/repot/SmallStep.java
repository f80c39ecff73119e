package happysaucer.core.repot;

import happysaucer.core.casefile.Case;
import happysaucer.core.method.Method.PotStep;
import happysaucer.core.species.StepPreference;
import happysaucer.core.unit.Length;
import happysaucer.core.unit.Message;

/** From one size to the next: little fresh medium that could stay wet. */
record SmallStep(Steps steps) implements School {
  /** All numbers are rules of thumb, in mm. */
  private static final double SMALL_BALL = 150;

  private static final double LARGE_BALL = 200;
  private static final double MOST = 50;
  private static final double REMARK_SMALL_BALL = 40;
  private static final double STOCK_HOLE = 60;
  private static final double DRY_LOVER_MOST = 30;
  private static final double DRY_LOVER_BEST = 20;
  private static final double SMALLEST_BEST = 20;

  static SmallStep of(Case c, double ballTopMm, boolean smallest) {
    return new SmallStep(
        c.plant().traits().dryLover()
            ? new Steps(
                DRY_LOVER_MOST + COARSE_SIZES,
                smallest ? DRY_LOVER_BEST - 4 : DRY_LOVER_BEST,
                DRY_LOVER_MOST,
                STOCK_HOLE)
            : usual(c, ballTopMm, smallest));
  }

  private static Steps usual(Case c, double ballTopMm, boolean smallest) {
    boolean small = ballTopMm < SMALL_BALL;
    double best = small ? 28 : 38;
    if (c.plant().traits().step() == StepPreference.LARGE) {
      best += 10;
    } else if (c.plant().traits().step() == StepPreference.SMALLEST) {
      best -= 8;
    }
    return new Steps(
        MOST + COARSE_SIZES,
        smallest ? SMALLEST_BEST : best,
        small ? REMARK_SMALL_BALL : MOST,
        ballTopMm > LARGE_BALL ? STOCK_HOLE + COARSE_SIZES : MOST + COARSE_SIZES);
  }

  @Override
  public PotStep code() {
    return PotStep.SMALL_STEP;
  }

  @Override
  public Message words() {
    return Message.of("size.small", Length.ofMm(mostMm()), Length.ofMm(bestMm()));
  }
}
