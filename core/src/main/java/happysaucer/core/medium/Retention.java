package happysaucer.core.medium;

import happysaucer.core.pot.Frustum;

/**
 * Water retention of a medium: theta(z) = tr + (ts - tr) / (1 + (a z)^n)^(1 - 1/n), z in cm above
 * the pot's floor, theta as a share of volume.
 *
 * @param beyond water that roots draw out of the pieces themselves past 100 cm of suction, share of
 *     volume: bark holds it, and the skins of an epiphyte's roots
 */
public record Retention(
    double residual, double saturated, double alphaPerCm, double n, double beyond) {
  /** Suction past which roots get nothing more, cm. */
  private static final double WILTING_CM = 100;

  private static final int POINTS = 24;

  public double theta(double suctionCm) {
    return residual
        + (saturated - residual) / Math.pow(1 + Math.pow(alphaPerCm * suctionCm, n), 1 - 1 / n);
  }

  /**
   * Container capacity of a filled body: mean of theta after draining, each height weighted by its
   * cross-section. Points lie closer near the floor, where theta changes fastest: z = h u2.
   */
  public double capacity(Frustum fill) {
    double sum = 0;
    double weights = 0;
    for (int i = 0; i < POINTS; i++) {
      double u = (i + 0.5) / POINTS;
      double z = fill.heightMm() * u * u;
      double weight = fill.areaAt(z) * u;
      sum += weight * theta(z / 10);
      weights += weight;
    }
    return sum / weights;
  }

  /** Share of volume that holds air after draining. */
  public double airFilled(Frustum fill) {
    return saturated - capacity(fill);
  }

  /** Water for the roots at this suction, share of volume. */
  public double available(double suctionCm) {
    return Math.max(0, theta(suctionCm) - wilting()) + beyond;
  }

  public Retention holdingMore(double share) {
    return new Retention(residual, saturated, alphaPerCm, n, beyond + share);
  }

  public double wilting() {
    return theta(WILTING_CM);
  }
}
