package happysaucer.core.finding;

import static happysaucer.core.finding.Adjustment.when;

import happysaucer.core.finding.WeightRules.Seen;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.Observation;
import happysaucer.core.sign.StateCode;
import java.util.Optional;

/** Where medium, season and what is expected of the pot change what water behaviour weighs. */
final class WaterWeights {
  /** Seconds a second pour may stand (rule of thumb). */
  private static final double POOLING = 60;

  /** Retained share below which a medium no longer holds (rule of thumb). */
  private static final double RETAINED = 0.10;

  /** Below this even a bark mix no longer holds (rule of thumb). */
  private static final double RETAINED_OPEN = 0.05;

  private static final double OPEN_MIX = 0.6;

  /**
   * Against the model: dries too fast under this share, stays wet over this one (rule of thumb).
   */
  private static final double FAST_SHARE = 0.6;

  private static final double OWN_SHARE = 0.5;

  private static final double WET_SHARE = 1.3;

  /** How much more a wet pot weighs where it should be dry, or has been wet for long. */
  private static final double WET_AT_REST = 1.6;

  private static final double WET_LONG = 2;
  private static final double WET_DAYS = 7;

  /** So long is too long in any light (rule of thumb). */
  private static final double WET_ANYWHERE = 21;

  private WaterWeights() {}

  /** Where it is short of water, a light pot and early wilting speak for thirst alone. */
  static Optional<Adjustment> thirstSpeaksForItself(
      Seen seen, Observation observation, Weight weight) {
    return when(seen.c().plant().is(StateCode.UNDERWATERED), 0, "weight.thirst");
  }

  static Optional<Adjustment> runThroughAfterDryRest(
      Seen seen, Observation observation, Weight weight) {
    return when(seen.c().resting(), 0, "weight.afterRest");
  }

  static Optional<Adjustment> openMixesHoldLittle(
      Seen seen, Observation observation, Weight weight) {
    Double share = observation.value();
    return when(
        seen.c().plant().mix().coarseShare() >= OPEN_MIX
            && share != null
            && share >= RETAINED_OPEN
            && share < RETAINED,
        0,
        "weight.openMix");
  }

  static Optional<Adjustment> retainsEnough(Seen seen, Observation observation, Weight weight) {
    return when(
        observation.value() != null && observation.value() >= RETAINED, 0, "weight.retains");
  }

  static Optional<Adjustment> soaksInWithinAMinute(
      Seen seen, Observation observation, Weight weight) {
    return when(observation.value() != null && observation.value() <= POOLING, 0, "weight.soaksIn");
  }

  /**
   * Compare like with like: the model's uncrowded pot, or its own interval after the last repot.
   */
  static Optional<Adjustment> driesAsExpected(Seen seen, Observation observation, Weight weight) {
    Double days = observation.value();
    if (days == null) {
      return Optional.empty();
    }
    Optional<Double> expected = seen.expectation().uncrowdedDays();
    Optional<Double> own = seen.expectation().intervalRatio();
    boolean underModel = expected.isPresent() && days < FAST_SHARE * expected.get();
    boolean underOwn = own.isPresent() && own.get() < OWN_SHARE;
    return when(
        seen.restsOnItsOwn()
            && (expected.isPresent() || own.isPresent())
            && !underModel
            && !underOwn,
        0,
        "weight.driesAsExpected");
  }

  /** A large pot in a dark month is wet for long by nature; too large a pot is so all the same. */
  static Optional<Adjustment> wetAsLongAsExpected(
      Seen seen, Observation observation, Weight weight) {
    Double days = observation.value();
    Optional<Double> expected = seen.expectation().topDryDays();
    return when(
        seen.restsOnItsOwn()
            && days != null
            && expected.isPresent()
            && days <= WET_SHARE * expected.get(),
        0,
        "weight.wetAsExpected");
  }

  static Optional<Adjustment> reservoirStandsInWater(
      Seen seen, Observation observation, Weight weight) {
    return when(seen.c().plant().inReservoir(), 0, "weight.reservoir");
  }

  /**
   * Kept dry until it grows: a light pot, a hard surface and quick drying are as they should be.
   */
  static Optional<Adjustment> dryIsItsRest(Seen seen, Observation observation, Weight weight) {
    return when(seen.restsDry() && observation.grade() != Grade.HEAVY, 0, "weight.dryRest");
  }

  /** What should be dry and is wet rots first. */
  static Optional<Adjustment> wetInDryRest(Seen seen, Observation observation, Weight weight) {
    return when(
        seen.restsDry() && observation.grade() != Grade.LIGHT, WET_AT_REST, "weight.wetRest");
  }

  /** Twice as long as such a pot keeps its surface moist, or for three weeks in any light. */
  static Optional<Adjustment> wetForLong(Seen seen, Observation observation, Weight weight) {
    Double days = observation.value();
    Optional<Double> expected = seen.expectation().topDryDays();
    return when(
        days != null && days >= Math.min(WET_ANYWHERE, WET_LONG * expected.orElse(WET_DAYS)),
        WET_AT_REST,
        "weight.wetLong");
  }
}
