package happysaucer.core.finding;

import happysaucer.core.casefile.Case;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** How marked a finding is, where the signs grade it. */
final class Grades {
  /** Rot by share of the roots; doubled where old roots die in turn. */
  private static final double ROT_CLEAR = 0.10;

  private static final double ROT_SEVERE = 0.33;
  private static final double ROT_LOST = 0.75;

  /** However slow roots are to die in turn, with so few left only cuttings remain. */
  private static final double ROT_LOST_MOST = 0.95;

  private Grades() {}

  static Optional<Grade> of(FindingCode code, Case c, Expectation expectation, double decibans) {
    return switch (code) {
      case CROWDED ->
          Strength.of(decibans) == Strength.NONE
              ? Optional.empty()
              : Optional.ofNullable(crowded(c, expectation));
      case ROT ->
          c.signs().present(SignCode.ROOTS_ROTTEN)
              ? Optional.of(rotWithStem(c))
              : c.signs().present(SignCode.STEM_SOFT_AT_BASE)
                  ? Optional.of(Grade.CLEAR)
                  : Optional.empty();
      default -> Optional.empty();
    };
  }

  /** The highest of the graded signs and the forecast; circling one down where snug is liked. */
  private static @Nullable Grade crowded(Case c, Expectation expectation) {
    if (c.signs().present(SignCode.LITTLE_MEDIUM_LEFT)) {
      return Grade.SEVERE;
    }
    Grade highest = Circling.grade(c).orElse(null);
    highest = higher(highest, graded(c, SignCode.BALL_SOLID));
    Grade deformed = graded(c, SignCode.POT_DEFORMED);
    highest = higher(highest, deformed == Grade.SLIGHT ? Grade.CLEAR : deformed);
    highest = higher(highest, graded(c, SignCode.ROOTS_FROM_DRAIN_HOLES));
    highest = higher(highest, graded(c, SignCode.BALL_PUSHED_UP));
    highest = higher(highest, graded(c, SignCode.PUPS_FILL_POT));
    return higher(highest, expectation.fillGrade().orElse(null));
  }

  private static @Nullable Grade higher(@Nullable Grade one, @Nullable Grade other) {
    if (one == null || other == null) {
      return one == null ? other : one;
    }
    return one.atLeast(other) ? one : other;
  }

  private static @Nullable Grade graded(Case c, SignCode sign) {
    return c.signs().present(sign) ? c.signs().grade(sign).orElse(Grade.CLEAR) : null;
  }

  /** A soft stem base is clear rot, however few roots are gone. */
  private static Grade rotWithStem(Case c) {
    Grade roots = rot(c, c.signs().value(SignCode.ROOTS_ROTTEN).orElse(null));
    return c.signs().present(SignCode.STEM_SOFT_AT_BASE) && roots == Grade.SLIGHT
        ? Grade.CLEAR
        : roots;
  }

  /** By the share of the roots; CLEAR where nobody measured it. */
  static Grade rot(Case c, @Nullable Double share) {
    if (share == null) {
      return Grade.CLEAR;
    }
    double limits = c.plant().traits().oldRootsDieInTurn() ? 2 : 1;
    if (share < ROT_CLEAR * limits) {
      return Grade.SLIGHT;
    }
    return share <= ROT_SEVERE * limits ? Grade.CLEAR : Grade.SEVERE;
  }

  static boolean rootsLost(Case c) {
    double limits = c.plant().traits().oldRootsDieInTurn() ? 2 : 1;
    return c.signs().value(SignCode.ROOTS_ROTTEN).orElse(0.0)
        > Math.min(ROT_LOST_MOST, ROT_LOST * limits);
  }
}
