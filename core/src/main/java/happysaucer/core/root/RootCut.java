package happysaucer.core.root;

import happysaucer.core.pot.Clearance;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Pot;

/** What a base slice and a side shave remove from a ball, and the way back from gaps to cuts. */
public record RootCut(double baseSliceMm, double sideShaveMm, double share) {
  public static final RootCut NONE = new RootCut(0, 0, 0);

  /** Fresh medium wanted under and round a ball that goes back into its pot (rules of thumb). */
  private static final double GAP_BASE_SHARE = 0.08;

  private static final double GAP_BASE_LEAST = 10;
  private static final double GAP_SIDE_SHARE = 0.04;
  private static final double GAP_SIDE_LEAST = 6;

  /** More than this share of its height or width cannot be cut off a ball (rules of thumb). */
  public static final double MOST_SLICE = 0.75;

  public static final double MOST_SHAVE = 0.4;

  /**
   * What these cuts remove; deeper ones than a ball bears stop at {@link #MOST_SLICE} of its height
   * and {@link #MOST_SHAVE} of its least width, so that something of it is always left.
   */
  public static RootCut of(Frustum ball, double baseSliceMm, double sideShaveMm) {
    double slice = Math.min(baseSliceMm, MOST_SLICE * ball.heightMm());
    double shave = Math.min(sideShaveMm, MOST_SHAVE * ball.without(slice, 0).narrowestMm());
    double left = ball.without(slice, shave).litres();
    return new RootCut(slice, shave, 1 - left / ball.litres());
  }

  /** The cuts that make room for fresh medium in a pot the ball just fills. */
  public static RootCut forSamePot(Frustum ball) {
    return of(
        ball,
        Math.max(GAP_BASE_LEAST, GAP_BASE_SHARE * ball.heightMm()),
        Math.max(GAP_SIDE_LEAST, GAP_SIDE_SHARE * ball.topMm()));
  }

  /**
   * The cuts after which a ball goes back into a pot with so much fresh medium under and round it;
   * 0 where there is room already.
   *
   * @param underMm under the ball
   * @param aroundMm at its sides, at whatever height is tightest
   */
  public static RootCut forGaps(Frustum ball, Pot pot, double underMm, double aroundMm) {
    double slice =
        Math.min(
            MOST_SLICE * ball.heightMm(),
            Math.max(0, ball.heightMm() + underMm - pot.fill().heightMm()));
    double gap = Clearance.leastMm(pot, ball.without(slice, 0), underMm);
    return of(ball, slice, Math.max(0, aroundMm - gap));
  }

  /**
   * The cuts that take a wanted share: a base slice first, up to a quarter of the height, the rest
   * off the sides.
   */
  public static RootCut forShare(Frustum ball, double share) {
    double most = ball.heightMm() / 4;
    if (of(ball, most, 0).share() >= share) {
      return bisect(ball, share, 0, most, true);
    }
    double narrow = Math.min(ball.baseMm(), Math.min(ball.topMm(), ball.baseDepthMm()));
    return bisect(ball, share, most, narrow * 0.45, false);
  }

  private static RootCut bisect(
      Frustum ball, double share, double slice, double upper, boolean sliceMoves) {
    double low = 0;
    double high = upper;
    for (int i = 0; i < 40; i++) {
      double middle = (low + high) / 2;
      RootCut cut = sliceMoves ? of(ball, middle, 0) : of(ball, slice, middle);
      if (cut.share() < share) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return sliceMoves ? of(ball, high, 0) : of(ball, slice, high);
  }
}
