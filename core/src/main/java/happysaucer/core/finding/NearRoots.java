package happysaucer.core.finding;

import happysaucer.core.casefile.Case;
import happysaucer.core.sign.SignCode;
import java.util.EnumSet;
import java.util.Set;

/**
 * Whether anything was seen near the roots. Heft, wilting, stalled growth or a hard surface may
 * raise a suspicion; that roots have filled the pot is said only on what touches them.
 */
public final class NearRoots {
  private static final Set<SignCode> SIGNS =
      EnumSet.of(
          SignCode.ROOTS_FROM_DRAIN_HOLES,
          SignCode.ROOTS_CIRCLING,
          SignCode.BALL_SOLID,
          SignCode.LITTLE_MEDIUM_LEFT,
          SignCode.POT_DEFORMED,
          SignCode.BALL_PUSHED_UP,
          SignCode.PUPS_FILL_POT);

  /** Of its interval after the last repot; under it the plant's own record closes up. */
  private static final double CLOSING = 0.75;

  private NearRoots() {}

  public static boolean seen(Case c, Expectation expectation) {
    for (SignCode sign : SIGNS) {
      if (c.signs().present(sign)) {
        return true;
      }
    }
    return expectation.intervalRatio().isPresent() && expectation.intervalRatio().get() < CLOSING;
  }
}
