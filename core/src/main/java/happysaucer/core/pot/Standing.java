package happysaucer.core.pot;

/**
 * Whether a planted pot stands.
 *
 * @param tiltDegrees angle to which it can be tilted before it falls
 * @param pushN horizontal push at mid canopy, at most 1.2 m up, that tips it
 */
public record Standing(double tiltDegrees, double pushN) {
  private static final double GRAVITY = 9.81;
  private static final double HIGHEST_PUSH_MM = 1200;

  /**
   * @param potG pot and cover pot
   * @param mediumG medium and water as it stands
   * @param topG plant above the medium
   * @param plantMm height of the plant above the medium
   * @param leanDegrees lean of the plant; one-sided foliage counts as lean
   */
  public static Standing of(
      Pot pot, double potG, double mediumG, double topG, double plantMm, double leanDegrees) {
    double fill = pot.fill().heightMm();
    double topCentre = fill + plantMm * 0.5;
    double mass = potG + mediumG + topG;
    double centre =
        (potG * pot.heightMm() * 0.45 + mediumG * fill * 0.52 + topG * topCentre) / mass;
    double lean = topG * topCentre * Math.tan(Math.toRadians(leanDegrees)) / mass;
    double support = pot.footMm() / 2;
    double free = Math.max(0, support - lean);
    double pushAt = Math.min(HIGHEST_PUSH_MM, fill + plantMm * 0.6);
    return new Standing(
        Math.toDegrees(Math.atan(free / centre)), mass / 1000 * GRAVITY * free / pushAt);
  }
}
