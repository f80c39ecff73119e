package happysaucer.core.pot;

/** The gap between a ball and the wall of a pot it is set into. */
public final class Clearance {
  /** Width of pot under which a narrower gap will do, mm (rule of thumb). */
  private static final double SMALL_POT = 150;

  private static final double COMFORT_SMALL = 8;
  private static final double COMFORT = 12;

  /** Less than this no stick goes down, mm (rule of thumb). */
  public static final double LEAST = 4;

  private Clearance() {}

  /**
   * Least horizontal gap at any height of the ball, mm. Both sides are straight, so it is at the
   * ball's bottom or top; a rectangular ball in a round pot counts by its corners.
   *
   * @param bottomMm height of the ball's bottom over the pot's floor
   */
  public static double leastMm(Pot pot, Frustum ball, double bottomMm) {
    double bottom = Math.max(0, bottomMm);
    double top = Math.min(pot.heightMm(), bottom + ball.heightMm());
    Frustum inside = pot.inside();
    if (inside.round()) {
      return Math.min(
              inside.widthAt(bottom) - ball.acrossBaseMm(),
              inside.widthAt(top) - ball.acrossTopMm())
          / 2;
    }
    double along =
        Math.min(inside.widthAt(bottom) - ball.baseMm(), inside.widthAt(top) - ball.topMm());
    double across =
        Math.min(
            inside.depthAt(bottom) - ball.baseDepthMm(), inside.depthAt(top) - ball.topDepthMm());
    return Math.min(along, across) / 2;
  }

  /** What fingers or a stick like to work medium in, mm (rule of thumb). */
  public static double comfortMm(Pot pot) {
    return pot.topMm() < SMALL_POT ? COMFORT_SMALL : COMFORT;
  }

  /** Pots between which the comfortable base layer grows in proportion, and the layers, mm. */
  private static final double BASE_SMALL_POT = 80;

  private static final double BASE_LARGE_POT = 250;
  private static final double BASE_SMALL = 8;
  private static final double BASE_LARGE = 20;

  /** Fresh medium that one likes under a ball, mm; half of it in shallow pots (rule of thumb). */
  public static double comfortBaseMm(Pot pot) {
    double size = (pot.topMm() - BASE_SMALL_POT) / (BASE_LARGE_POT - BASE_SMALL_POT);
    double base = BASE_SMALL + (BASE_LARGE - BASE_SMALL) * Math.max(0, Math.min(1, size));
    boolean shallow = pot.shape() == Shape.SHALLOW || pot.shape() == Shape.BOWL;
    return shallow ? base / 2 : base;
  }
}
