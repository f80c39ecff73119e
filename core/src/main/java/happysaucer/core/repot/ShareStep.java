package happysaucer.core.repot;

import happysaucer.core.casefile.Case;
import happysaucer.core.method.Method.PotStep;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Rounding;

/** By volume, not by width; plants that want the smallest step keep it. */
record ShareStep(Steps steps) implements School {
  /** The ball should be about two thirds of the fill (rule of thumb). */
  private static final double BEST = 0.66;

  /** The widest step that can still leave the ball half of the fill, and the usual one. */
  private static final double MOST_STEP = 0.30;

  private static final double BEST_STEP = 0.15;

  static ShareStep of(Case c, double ballTopMm, boolean smallest) {
    Steps small = SmallStep.of(c, ballTopMm, smallest).steps();
    double most = Math.max(small.mostMm(), ballTopMm * MOST_STEP);
    return new ShareStep(
        c.plant().traits().dryLover() || smallest
            ? small
            : new Steps(most, ballTopMm * BEST_STEP, most, most));
  }

  @Override
  public PotStep code() {
    return PotStep.SHARE;
  }

  @Override
  public Message words() {
    return Message.of("size.share");
  }

  @Override
  public double missesBy(double overBallMm, double ballShare) {
    return Math.abs(ballShare - BEST) * 10;
  }

  @Override
  public boolean takes(double overBallMm, double ballShare, double mostMm) {
    return School.super.takes(overBallMm, ballShare, mostMm)
        && Rounding.forDecision(ballShare) >= SHARE_LEAST;
  }
}
