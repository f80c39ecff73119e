package happysaucer.core.medium;

import happysaucer.core.pot.Frustum;
import java.util.OptionalDouble;

/** Bringing an old mix back to its target in place, by working coarse material into it. */
public final class Renewal {
  private static final int ROUNDS = 30;

  /** More than this and it is a new mix rather than a renewed one (rule of thumb). */
  private static final double MOST = 0.6;

  private Renewal() {}

  /**
   * Share of the filled volume that has to be coarse material for the mix to hold a wanted share of
   * air when drained.
   *
   * @return 0 when it holds enough already, empty when no sensible share brings it there
   */
  public static OptionalDouble coarseShare(
      Mix old, Ingredient coarse, Frustum fill, double wantedAir) {
    if (air(old, coarse, 0, fill) >= wantedAir) {
      return OptionalDouble.of(0);
    }
    if (air(old, coarse, MOST, fill) < wantedAir) {
      return OptionalDouble.empty();
    }
    double low = 0;
    double high = MOST;
    for (int i = 0; i < ROUNDS; i++) {
      double middle = (low + high) / 2;
      if (air(old, coarse, middle, fill) < wantedAir) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return OptionalDouble.of(high);
  }

  private static double air(Mix old, Ingredient coarse, double share, Frustum fill) {
    return old.with(coarse, share).retention().airFilled(fill);
  }
}
