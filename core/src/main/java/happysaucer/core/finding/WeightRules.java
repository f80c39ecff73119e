package happysaucer.core.finding;

import happysaucer.core.casefile.Case;
import happysaucer.core.season.DayLength;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.Observation;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.SignGroup;
import happysaucer.core.sign.SignTable;
import happysaucer.core.sign.StateCode;
import happysaucer.core.species.Crowding;
import happysaucer.core.species.RootType;
import happysaucer.core.unit.Message;
import java.util.List;
import java.util.Optional;

/**
 * Where species, season, state or a measure change what a present sign weighs. One small rule each;
 * a rule speaks only of weights for a finding, unless its text says otherwise.
 */
final class WeightRules {
  /** Seconds a second pour may stand (rule of thumb). */
  private static final double POOLING = 60;

  /** Retained share below which a medium no longer holds (rule of thumb). */
  private static final double RETAINED = 0.10;

  private static final double LITTLE_LIGHT_HOURS = 10;

  interface Rule {
    Optional<Adjustment> on(Seen seen);
  }

  /** A present sign and the weight in question. */
  record Seen(
      Case c, Observation observation, Weight weight, Expectation expectation, SignTable signs) {
    boolean is(SignCode code, FindingCode finding) {
      return observation.code() == code && weight.finding() == finding;
    }

    boolean is(SignCode code) {
      return observation.code() == code;
    }

    boolean slipped() {
      return c.signs().all().stream().anyMatch(o -> signs.get(o.code()).group() == SignGroup.ROOTS);
    }
  }

  static final List<Rule> ALL =
      List.of(
          WeightRules::looseMediumBeatsCrowdingSigns,
          WeightRules::rootsSeekWaterBelow,
          WeightRules::surfaceRootsAreNormal,
          WeightRules::snugSpeciesCircleSlightly,
          WeightRules::runThroughAfterDryRest,
          WeightRules::openMixesHoldLittle,
          WeightRules::retainsEnough,
          WeightRules::soaksInWithinAMinute,
          WeightRules::oneOrTwoOldLeaves,
          WeightRules::leafFallInRest,
          WeightRules::shrivelledInDryRest,
          WeightRules::noGrowthInRestOrDark,
          WeightRules::paleAndUnfed,
          WeightRules::paleAlthoughFed,
          WeightRules::driesAsExpected,
          WeightRules::mouldIsHarmless);

  private WeightRules() {}

  static Optional<Adjustment> looseMediumBeatsCrowdingSigns(Seen seen) {
    boolean beaten =
        seen.weight().finding() == FindingCode.CROWDED
            && seen.c().signs().present(SignCode.MEDIUM_FALLS_AWAY)
            && !seen.is(SignCode.MEDIUM_FALLS_AWAY)
            && !seen.is(SignCode.LITTLE_MEDIUM_LEFT)
            && !seen.c().signs().present(SignCode.LITTLE_MEDIUM_LEFT)
            && seen.weight().present().decibans() > 0;
    return when(
        beaten,
        0,
        "weight.looseMedium",
        "The medium fell away from the roots, so it is not rooted through whatever this looks like.");
  }

  static Optional<Adjustment> rootsSeekWaterBelow(Seen seen) {
    RootType roots = seen.c().plant().traits().rootType();
    boolean seeks =
        roots == RootType.EPIPHYTE
            || roots == RootType.AERIAL
            || roots == RootType.TAP
            || roots == RootType.RHIZOME
            || seen.c().signs().present(SignCode.WATER_IN_COVER_POT);
    return when(
        seen.is(SignCode.ROOTS_FROM_DRAIN_HOLES, FindingCode.CROWDED) && seeks && !seen.slipped(),
        0.55,
        "weight.seekWater",
        "Roots of this kind, or over standing water, look for the holes early; a slip check would tell.");
  }

  static Optional<Adjustment> surfaceRootsAreNormal(Seen seen) {
    return when(
        seen.is(SignCode.ROOTS_AT_SURFACE) && seen.c().plant().traits().surfaceRoots(),
        0,
        "weight.surfaceRoots",
        "Roots at the surface are normal in this species.");
  }

  static Optional<Adjustment> snugSpeciesCircleSlightly(Seen seen) {
    return when(
        seen.is(SignCode.ROOTS_CIRCLING, FindingCode.CROWDED)
            && seen.c().plant().traits().crowding() == Crowding.LIKES_SNUG
            && seen.observation().grade() == Grade.SLIGHT,
        0,
        "weight.snug",
        "This species likes to be snug: a few circling roots are its normal state.");
  }

  static Optional<Adjustment> runThroughAfterDryRest(Seen seen) {
    return when(
        seen.is(SignCode.WATER_RUNS_THROUGH) && seen.c().plant().is(StateCode.RESTING),
        0,
        "weight.afterRest",
        "In and just after a dry rest the first waterings always run through.");
  }

  static Optional<Adjustment> openMixesHoldLittle(Seen seen) {
    return when(
        seen.is(SignCode.WATER_RUNS_THROUGH)
            && seen.c().plant().mix().coarseShare() >= 0.6
            && seen.observation().value() != null
            && seen.observation().value() >= 0.05,
        0,
        "weight.openMix",
        "Bark and mineral mixes keep only 5 to 15 % of a pour anyway.");
  }

  static Optional<Adjustment> retainsEnough(Seen seen) {
    return when(
        seen.is(SignCode.WATER_RUNS_THROUGH)
            && seen.observation().value() != null
            && seen.observation().value() >= RETAINED,
        0,
        "weight.retains",
        "It keeps a tenth or more of the pour: the medium still holds.");
  }

  static Optional<Adjustment> soaksInWithinAMinute(Seen seen) {
    return when(
        seen.is(SignCode.WATER_POOLS)
            && seen.observation().value() != null
            && seen.observation().value() <= POOLING,
        0,
        "weight.soaksIn",
        "The second pour soaked in within a minute: that is no pooling.");
  }

  static Optional<Adjustment> oneOrTwoOldLeaves(Seen seen) {
    return when(
        seen.is(SignCode.LOWER_LEAVES_SHED)
            && seen.observation().value() != null
            && seen.observation().value() <= 2,
        0,
        "weight.oldLeaves",
        "One or two old leaves between checks are normal.");
  }

  static Optional<Adjustment> leafFallInRest(Seen seen) {
    return when(
        (seen.is(SignCode.LOWER_LEAVES_SHED) || seen.is(SignCode.LEAVES_YELLOWING))
            && seen.c().plant().is(StateCode.RESTING),
        0,
        "weight.leafFall",
        "A plant at rest sheds leaves: that is its season, not its pot.");
  }

  static Optional<Adjustment> shrivelledInDryRest(Seen seen) {
    boolean resting = seen.c().plant().is(StateCode.RESTING);
    Double weeks = seen.observation().value();
    return when(
        seen.is(SignCode.SHRIVELLED) && (resting || (weeks != null && weeks < 2)),
        0,
        "weight.shrivelled",
        "Shrivelling is normal in a dry rest and for two weeks after watering resumes.");
  }

  static Optional<Adjustment> noGrowthInRestOrDark(Seen seen) {
    boolean dark =
        DayLength.hours(seen.c().site().latitude(), seen.c().date()) < LITTLE_LIGHT_HOURS;
    return when(
        seen.is(SignCode.GROWTH_STALLED) && (dark || seen.c().plant().is(StateCode.RESTING)),
        0,
        "weight.noGrowth",
        "Nothing grows in rest or in the dark months, so stalled growth means nothing now.");
  }

  static Optional<Adjustment> paleAndUnfed(Seen seen) {
    return when(
        seen.is(SignCode.WHOLE_PLANT_PALE, FindingCode.SPENT_MEDIUM)
            && !seen.c().plant().fed().orElse(true),
        0,
        "weight.unfed",
        "It is not being fed: feed first, before blaming the medium.");
  }

  static Optional<Adjustment> paleAlthoughFed(Seen seen) {
    boolean fed = seen.c().plant().fed().orElse(false);
    if (seen.is(SignCode.WHOLE_PLANT_PALE, FindingCode.SPENT_MEDIUM) && fed) {
      return when(
          true,
          2.5,
          "weight.fedAndPale",
          "It is pale although it is fed: the medium no longer holds nutrients.");
    }
    return when(
        seen.is(SignCode.WHOLE_PLANT_PALE, FindingCode.NUTRIENT_SHORTAGE) && fed,
        0,
        "weight.fedNotHungry",
        "It is fed, so more feed is not what it lacks.");
  }

  /**
   * Compare like with like: the model's uncrowded pot, or its own interval after the last repot.
   */
  static Optional<Adjustment> driesAsExpected(Seen seen) {
    Double days = seen.observation().value();
    if (!seen.is(SignCode.DRIES_TOO_FAST) || days == null) {
      return Optional.empty();
    }
    Optional<Double> expected = seen.expectation().uncrowdedDays();
    boolean underModel = expected.map(e -> days < 0.6 * e).orElse(false);
    boolean underOwn = seen.expectation().intervalRatio().map(r -> r < 0.5).orElse(false);
    boolean comparable = expected.isPresent() || seen.expectation().intervalRatio().isPresent();
    return when(
        comparable && !underModel && !underOwn,
        0,
        "weight.driesAsExpected",
        "A pot of this size is expected to dry about this fast in this light and season.");
  }

  static Optional<Adjustment> mouldIsHarmless(Seen seen) {
    return when(
        seen.is(SignCode.SURFACE_MOULD_OR_FUNGI),
        0.5,
        "weight.mould",
        "Mould on the surface is harmless in itself.");
  }

  private static Optional<Adjustment> when(
      boolean applies, double factor, String key, String sentence) {
    return applies
        ? Optional.of(new Adjustment(factor, Message.of(key, sentence)))
        : Optional.empty();
  }
}
