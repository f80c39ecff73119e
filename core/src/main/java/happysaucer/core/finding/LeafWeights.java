package happysaucer.core.finding;

import static happysaucer.core.finding.Adjustment.when;

import happysaucer.core.finding.WeightRules.Seen;
import happysaucer.core.season.DayLength;
import happysaucer.core.sign.Observation;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.StateCode;
import java.util.Optional;

/** Where season, feed and moves change what leaf and growth weigh. */
final class LeafWeights {
  private static final double LITTLE_LIGHT_HOURS = 11;

  /** So many leaves between two checks are many (rule of thumb). */
  private static final double MANY_LEAVES = 5;

  /** Weeks of watering after which a shrivelled plant has lost roots (rule of thumb). */
  private static final double SHRIVELLED_WEEKS = 2;

  /** A move explains a fall of leaves for so many days (rule of thumb). */
  private static final int MOVE_EXPLAINS_DAYS = 28;

  /** How much more a pale plant that is not fed speaks for hunger (rule of thumb). */
  private static final double UNFED = 1.6;

  /** Pale although fed: something keeps the feed from it, and only the roots tell what. */
  private static final double FED_AND_PALE = 1.5;

  private LeafWeights() {}

  /** A move to other light costs leaves for about four weeks. */
  static Optional<Adjustment> leafFallAfterAMove(
      Seen seen, Observation observation, Weight weight) {
    Integer days = seen.c().plant().states().get(StateCode.MOVED_LIGHT);
    return when(days != null && days <= MOVE_EXPLAINS_DAYS, 0, "weight.moved");
  }

  static Optional<Adjustment> paleAndNotFed(Seen seen, Observation observation, Weight weight) {
    return when(
        !seen.c().plant().fed().orElse(true) && !seen.c().resting(), UNFED, "weight.paleUnfed");
  }

  static Optional<Adjustment> oneOrTwoOldLeaves(Seen seen, Observation observation, Weight weight) {
    return when(observation.value() != null && observation.value() <= 2, 0, "weight.oldLeaves");
  }

  /** It still grows above and pays for it below. */
  static Optional<Adjustment> manyLeavesUnderNewGrowth(
      Seen seen, Observation observation, Weight weight) {
    return when(
        observation.value() != null
            && observation.value() >= MANY_LEAVES
            && seen.c().signs().absent(SignCode.GROWTH_STALLED),
        2.5,
        "weight.manyLeaves");
  }

  static Optional<Adjustment> leafFallInRest(Seen seen, Observation observation, Weight weight) {
    return when(seen.c().resting(), 0, "weight.leafFall");
  }

  static Optional<Adjustment> shrivelledInDryRest(
      Seen seen, Observation observation, Weight weight) {
    Double weeks = observation.value();
    return when(
        seen.c().plant().is(StateCode.RESTING)
            || (weeks == null ? seen.c().resting() : weeks < SHRIVELLED_WEEKS),
        0,
        "weight.shrivelled");
  }

  static Optional<Adjustment> shrivelledForUnknownWeeks(
      Seen seen, Observation observation, Weight weight) {
    return when(
        observation.value() == null && !seen.c().resting(), 0.5, "weight.shrivelledUnknown");
  }

  static Optional<Adjustment> colourFromMoreSun(Seen seen, Observation observation, Weight weight) {
    return when(seen.c().plant().is(StateCode.MOVED_LIGHT), 0, "weight.moreSun");
  }

  static Optional<Adjustment> noGrowthInRestOrDark(
      Seen seen, Observation observation, Weight weight) {
    boolean dark =
        DayLength.hours(seen.c().site().latitude(), seen.c().date()) < LITTLE_LIGHT_HOURS;
    return when(dark || seen.c().resting(), 0, "weight.noGrowth");
  }

  static Optional<Adjustment> noGrowthAfterLessLight(
      Seen seen, Observation observation, Weight weight) {
    return when(seen.c().plant().is(StateCode.MOVED_LIGHT), 0.5, "weight.movedLight");
  }

  static Optional<Adjustment> paleAndUnfed(Seen seen, Observation observation, Weight weight) {
    return when(!seen.c().plant().fed().orElse(true), 0, "weight.unfed");
  }

  static Optional<Adjustment> paleAlthoughFed(Seen seen, Observation observation, Weight weight) {
    return when(seen.c().plant().fed().orElse(false), FED_AND_PALE, "weight.fedAndPale");
  }

  static Optional<Adjustment> fedIsNotHungry(Seen seen, Observation observation, Weight weight) {
    return when(seen.c().plant().fed().orElse(false), 0, "weight.fedNotHungry");
  }

  static Optional<Adjustment> floweringIsItsSeason(
      Seen seen, Observation observation, Weight weight) {
    return when(Snug.likes(seen.c()), 0, "weight.snugFlowers");
  }
}
