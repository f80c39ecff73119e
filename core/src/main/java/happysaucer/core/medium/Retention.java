package happysaucer.core.medium;

import happysaucer.core.pot.Frustum;

/**
 * Water retention of a medium: theta(z) = tr + (ts - tr) / (1 + (a z)^n)^(1 - 1/n), z in cm above
 * the pot's floor, theta as a share of volume.
 */
public record Retention(double residual, double saturated, double alphaPerCm, double n) {
  /** Suction past which roots get nothing more, cm. */
  private static final double WILTING_CM = 100;

  private static final int SLICES = 48;

  public double theta(double suctionCm) {
    return residual
        + (saturated - residual) / Math.pow(1 + Math.pow(alphaPerCm * suctionCm, n), 1 - 1 / n);
  }

  /**
   * Mean of theta after draining, over the part of a body between two heights (mm above the pot's
   * floor), each height weighted by its cross-section.
   */
  public double capacity(Frustum body, double fromMm, double toMm) {
    double sum = 0;
    double area = 0;
    double step = (toMm - fromMm) / SLICES;
    for (int i = 0; i < SLICES; i++) {
      double z = fromMm + (i + 0.5) * step;
      double a = body.areaAt(z);
      sum += a * theta(z / 10);
      area += a;
    }
    return area == 0 ? saturated : sum / area;
  }

  /** Container capacity of a filled body. */
  public double capacity(Frustum fill) {
    return capacity(fill, 0, fill.heightMm());
  }

  /** Share of volume that holds air after draining. */
  public double airFilled(Frustum fill) {
    return saturated - capacity(fill);
  }

  public double wilting() {
    return theta(WILTING_CM);
  }
}
