package happysaucer.core.medium;

import happysaucer.core.pot.Frustum;
import java.util.List;

/**
 * A team's own measurement of a mix: a vessel of known shape, saturated from below, drained and
 * weighed. It outranks the estimate from the ingredients.
 */
public final class BucketTest {
  private static final double ALPHA_LEAST = 0.005;
  private static final double ALPHA_MOST = 20;
  private static final int ROUNDS = 60;
  private static final double GRAMS_PER_LITRE = 1000;

  private BucketTest() {}

  /**
   * Container capacity as weighed.
   *
   * @param wetG after draining, without the vessel
   * @param dryG oven or sun dry
   */
  public static double capacity(Frustum vessel, double wetG, double dryG) {
    return (wetG - dryG) / GRAMS_PER_LITRE / vessel.litres();
  }

  /**
   * Retention that meets the measurement: the air drained off gives the saturated content, and the
   * air entry is moved until the vessel holds what was weighed.
   *
   * @param estimate from the ingredients: residual and steepness stay
   * @param drainedLitres what ran out below
   * @throws IllegalArgumentException when the figures cannot be right
   */
  public static Retention fit(
      Retention estimate, Frustum vessel, double drainedLitres, double wetG, double dryG) {
    double capacity = capacity(vessel, wetG, dryG);
    double saturated = capacity + drainedLitres / vessel.litres();
    if (drainedLitres < 0 || saturated > 1 || capacity <= estimate.residual()) {
      throw new IllegalArgumentException(
          "These weights and this drained volume cannot both be right: measure again.");
    }
    double low = Math.log(ALPHA_LEAST);
    double high = Math.log(ALPHA_MOST);
    for (int i = 0; i < ROUNDS; i++) {
      double middle = (low + high) / 2;
      double held = with(estimate, saturated, Math.exp(middle)).capacity(vessel);
      if (held > capacity) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return with(estimate, saturated, Math.exp((low + high) / 2));
  }

  /**
   * Several tests of one recipe as one: pores by their mean, air entry by that of its logarithm.
   */
  public static Mix.Measured together(List<Retention> fits) {
    double saturated = 0;
    double logAlpha = 0;
    for (Retention fit : fits) {
      saturated += fit.saturated() / fits.size();
      logAlpha += Math.log(fit.alphaPerCm()) / fits.size();
    }
    return new Mix.Measured(saturated, Math.exp(logAlpha));
  }

  private static Retention with(Retention estimate, double saturated, double alpha) {
    return new Retention(estimate.residual(), saturated, alpha, estimate.n(), estimate.beyond());
  }
}
