package happysaucer.core.finding;

import happysaucer.core.casefile.Case;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import happysaucer.core.species.Crowding;
import java.util.Optional;

/** What circling roots amount to in a given species. */
public final class Circling {
  private Circling() {}

  /**
   * The grade of circling that was seen, one down where the species likes to be snug, unless the
   * pot is pressed out of shape; empty when none was seen.
   */
  public static Optional<Grade> grade(Case c) {
    if (!c.signs().present(SignCode.ROOTS_CIRCLING)) {
      return Optional.empty();
    }
    Grade seen = c.signs().grade(SignCode.ROOTS_CIRCLING).orElse(Grade.CLEAR);
    boolean snug =
        c.plant().traits().crowding() == Crowding.LIKES_SNUG
            && !c.signs().present(SignCode.POT_DEFORMED);
    return Optional.of(snug ? seen.downOne() : seen);
  }
}
