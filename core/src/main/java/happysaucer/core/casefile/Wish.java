package happysaucer.core.casefile;

import happysaucer.core.medium.Mix;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Where a person wants the work done otherwise than the rules would plan it.
 *
 * @param cuts in place of the rules' own, mm
 * @param gaps of fresh medium wanted in the same pot, mm; the cuts follow from them
 * @param raiseMm how far the ball is to stand above its old line
 * @param breakOut what is kept where a mouth holds the ball
 * @param pieces into how many a clump is parted
 * @param pot id of the candidate that somebody picked: it is taken where it will do
 */
public record Wish(
    Optional<Cuts> cuts,
    Optional<Gaps> gaps,
    Optional<Mix> mix,
    OptionalDouble raiseMm,
    Optional<BreakOut> breakOut,
    int pieces,
    Optional<String> pot) {
  /** A clump is parted in two unless somebody wants more. */
  public static final int TWO = 2;

  public static final Wish NONE =
      new Wish(
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          OptionalDouble.empty(),
          Optional.empty(),
          TWO,
          Optional.empty());

  public record Cuts(double baseSliceMm, double sideShaveMm) {}

  public record Gaps(double underMm, double aroundMm) {}

  /** What is kept of a plant in a pot whose mouth is narrower than its ball. */
  public enum BreakOut {
    /** The pot is broken away; the ball stays whole. */
    PLANT,
    /** The ball is cut until it passes the mouth. */
    POT
  }
}
