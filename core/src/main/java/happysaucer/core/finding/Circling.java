package happysaucer.core.finding;

import happysaucer.core.casefile.Case;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import java.util.Optional;

/** What circling roots amount to in a given species. */
public final class Circling {
  private Circling() {}

  /**
   * The grade of circling that was seen, one down where it is as snug as it likes; empty when none
   * was seen.
   */
  public static Optional<Grade> grade(Case c) {
    if (!c.signs().present(SignCode.ROOTS_CIRCLING)) {
      return Optional.empty();
    }
    Grade seen = c.signs().grade(SignCode.ROOTS_CIRCLING).orElse(Grade.CLEAR);
    return Optional.of(Snug.likes(c) ? seen.downOne() : seen);
  }
}
