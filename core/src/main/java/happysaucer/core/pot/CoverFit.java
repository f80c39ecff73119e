package happysaucer.core.pot;

/** Whether a grow pot stands in a cover pot. */
public final class CoverFit {
  /** Room for fingers round a pot that is lifted out, mm (rule of thumb). */
  private static final double FINGERS = 5;

  /**
   * In a cover much wider or deeper a pot is lost and its water cannot be seen (rules of thumb).
   */
  private static final double LOOSEST = 30;

  private static final double SUNK = 2.0 / 3;

  /** A grow pot may look out over its cover by so much, mm (rule of thumb). */
  private static final double LOOKS_OUT = 15;

  private CoverFit() {}

  /**
   * Least gap between the outside of a grow pot and the inside of a cover at any height, mm; the
   * narrower of the two ends decides, since both sides are straight. A mouth that is narrower than
   * the rest must let the rim through.
   */
  public static double gapMm(Pot grow, Pot cover) {
    double height = Math.min(grow.heightMm(), cover.heightMm());
    Frustum inside = cover.inside();
    double wall = grow.outsideMm() - grow.topMm();
    double rim = grow.inside().widthAt(height) + wall;
    double rimDeep = grow.inside().depthAt(height) + wall;
    boolean cornersIn = inside.round() && !grow.inside().round();
    double foot = grow.inside().baseMm() + wall;
    double footDeep = grow.inside().baseDepthMm() + wall;
    double atTop =
        cornersIn
            ? inside.widthAt(height) - Math.hypot(rim, rimDeep)
            : Math.min(inside.widthAt(height) - rim, inside.depthAt(height) - rimDeep);
    double atFoot =
        cornersIn
            ? inside.baseMm() - Math.hypot(foot, footDeep)
            : Math.min(inside.baseMm() - foot, inside.baseDepthMm() - footDeep);
    double atMouth = cover.mouthMm() - Math.max(rim, rimDeep);
    return Math.min(Math.min(atTop, atFoot), atMouth) / 2;
  }

  /** It goes in with room for fingers and looks out by little. */
  public static boolean goesIn(Pot grow, Pot cover) {
    return gapMm(grow, cover) >= FINGERS / 2 && grow.heightMm() <= cover.heightMm() + LOOKS_OUT;
  }

  /** It goes in with room for fingers, is not lost in it, and looks out by little. */
  public static boolean fits(Pot grow, Pot cover) {
    return goesIn(grow, cover)
        && gapMm(grow, cover) <= LOOSEST
        && grow.heightMm() >= SUNK * cover.heightMm();
  }
}
