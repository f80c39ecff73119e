package happysaucer.core.finding;

import happysaucer.core.casefile.Case;
import happysaucer.core.sign.SignCode;
import happysaucer.core.species.Crowding;

/** Where tight roots are as a kind likes them. */
public final class Snug {
  private Snug() {}

  /**
   * Its kind likes to be snug, and nothing says that this one is past that: no pot pressed out of
   * shape, medium left between the roots, and not a young plant on its way to its size.
   */
  public static boolean likes(Case c) {
    return c.plant().traits().crowding() == Crowding.LIKES_SNUG
        && !c.signs().present(SignCode.POT_DEFORMED)
        && !c.signs().present(SignCode.LITTLE_MEDIUM_LEFT)
        && !c.plant().youngAndToGrow(c.pot().topMm());
  }
}
