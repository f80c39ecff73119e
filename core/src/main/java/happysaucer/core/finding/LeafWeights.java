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
    return when(
        days != null && days <= MOVE_EXPLAINS_DAYS,
        0,
        "weight.moved",
        "It was moved to other light in the last four weeks, and that costs leaves.");
  }

  static Optional<Adjustment> paleAndNotFed(Seen seen, Observation observation, Weight weight) {
    return when(
        !seen.c().plant().fed().orElse(true) && !seen.c().resting(),
        UNFED,
        "weight.paleUnfed",
        "It is pale and is not being fed: that is hunger.");
  }

  static Optional<Adjustment> oneOrTwoOldLeaves(Seen seen, Observation observation, Weight weight) {
    return when(
        observation.value() != null && observation.value() <= 2,
        0,
        "weight.oldLeaves",
        "One or two old leaves between checks are normal.");
  }

  /** It still grows above and pays for it below. */
  static Optional<Adjustment> manyLeavesUnderNewGrowth(
      Seen seen, Observation observation, Weight weight) {
    return when(
        observation.value() != null
            && observation.value() >= MANY_LEAVES
            && seen.c().signs().absent(SignCode.GROWTH_STALLED),
        2.5,
        "weight.manyLeaves",
        "Many leaves fall below while it grows above: its roots no longer feed both.");
  }

  static Optional<Adjustment> leafFallInRest(Seen seen, Observation observation, Weight weight) {
    return when(
        seen.c().resting(),
        0,
        "weight.leafFall",
        "A plant at rest sheds leaves: that is its season, not its pot.");
  }

  static Optional<Adjustment> shrivelledInDryRest(
      Seen seen, Observation observation, Weight weight) {
    Double weeks = observation.value();
    return when(
        seen.c().plant().is(StateCode.RESTING)
            || (weeks == null ? seen.c().resting() : weeks < SHRIVELLED_WEEKS),
        0,
        "weight.shrivelled",
        "Shrivelling is normal in a dry rest and for two weeks after watering resumes.");
  }

  static Optional<Adjustment> shrivelledForUnknownWeeks(
      Seen seen, Observation observation, Weight weight) {
    return when(
        observation.value() == null && !seen.c().resting(),
        0.5,
        "weight.shrivelledUnknown",
        "Nobody said for how many weeks it has been watered again, so this counts half.");
  }

  static Optional<Adjustment> colourFromMoreSun(Seen seen, Observation observation, Weight weight) {
    return when(
        seen.c().plant().is(StateCode.MOVED_LIGHT),
        0,
        "weight.moreSun",
        "It was moved to other light, and that colours it.");
  }

  static Optional<Adjustment> noGrowthInRestOrDark(
      Seen seen, Observation observation, Weight weight) {
    boolean dark =
        DayLength.hours(seen.c().site().latitude(), seen.c().date()) < LITTLE_LIGHT_HOURS;
    return when(
        dark || seen.c().resting(),
        0,
        "weight.noGrowth",
        "Nothing grows in rest or in the dark months, so stalled growth means nothing now.");
  }

  static Optional<Adjustment> noGrowthAfterLessLight(
      Seen seen, Observation observation, Weight weight) {
    return when(
        seen.c().plant().is(StateCode.MOVED_LIGHT),
        0.5,
        "weight.movedLight",
        "It stands in other light than before, and that alone can stop growth.");
  }

  static Optional<Adjustment> paleAndUnfed(Seen seen, Observation observation, Weight weight) {
    return when(
        !seen.c().plant().fed().orElse(true),
        0,
        "weight.unfed",
        "It is not being fed: feed first, before blaming the medium.");
  }

  static Optional<Adjustment> paleAlthoughFed(Seen seen, Observation observation, Weight weight) {
    return when(
        seen.c().plant().fed().orElse(false),
        FED_AND_PALE,
        "weight.fedAndPale",
        "It is pale although it is fed: the medium may no longer hold nutrients, or the roots no longer take them.");
  }

  static Optional<Adjustment> fedIsNotHungry(Seen seen, Observation observation, Weight weight) {
    return when(
        seen.c().plant().fed().orElse(false),
        0,
        "weight.fedNotHungry",
        "It is fed, so more feed is not what it lacks.");
  }

  static Optional<Adjustment> floweringIsItsSeason(
      Seen seen, Observation observation, Weight weight) {
    return when(
        Snug.likes(seen.c()),
        0,
        "weight.snugFlowers",
        "This species flowers when it is snug: that is how it should be.");
  }
}
