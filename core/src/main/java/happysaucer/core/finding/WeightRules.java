package happysaucer.core.finding;

import happysaucer.core.casefile.Case;
import happysaucer.core.season.DayLength;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.Observation;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.SignGroup;
import happysaucer.core.sign.SignTable;
import happysaucer.core.sign.StateCode;
import happysaucer.core.species.RootType;
import happysaucer.core.unit.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Where species, season, state or a measure change what a present sign weighs. One small rule each;
 * a rule is asked only of the sign, or the finding, it was entered for.
 */
final class WeightRules {
  /** Seconds a second pour may stand (rule of thumb). */
  private static final double POOLING = 60;

  /** Retained share below which a medium no longer holds (rule of thumb). */
  private static final double RETAINED = 0.10;

  /** Below this even a bark mix no longer holds (rule of thumb). */
  private static final double RETAINED_OPEN = 0.05;

  private static final double OPEN_MIX = 0.6;

  private static final double LITTLE_LIGHT_HOURS = 10;

  /**
   * Against the model: dries too fast under this share, stays wet over this one (rule of thumb).
   */
  private static final double FAST_SHARE = 0.6;

  private static final double OWN_SHARE = 0.5;
  private static final double WET_SHARE = 1.3;

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

  interface Rule {
    Optional<Adjustment> on(Seen seen, Observation observation, Weight weight);
  }

  /** The case a present sign was seen in. */
  record Seen(Case c, Expectation expectation, SignTable signs) {
    /**
     * Whether what the model expects rests on the plant's own waterings: a figure from defaults
     * explains no sign away.
     */
    boolean restsOnItsOwn() {
      return c.watering().isPresent() || !c.history().pours().isEmpty();
    }

    boolean slipped() {
      for (Observation observation : c.signs().all()) {
        if (signs.get(observation.code()).group() == SignGroup.ROOTS) {
          return true;
        }
      }
      return false;
    }
  }

  /**
   * @param sign the sign the rule speaks of, null for all
   * @param finding the finding it speaks of, null for all
   */
  private record Entry(@Nullable SignCode sign, @Nullable FindingCode finding, Rule rule) {}

  private static final List<Entry> ALL =
      List.of(
          new Entry(null, FindingCode.CROWDED, WeightRules::looseMediumBeatsCrowdingSigns),
          new Entry(
              SignCode.MEDIUM_FALLS_AWAY,
              FindingCode.CROWDED,
              WeightRules::littleMediumBeatsLooseMedium),
          new Entry(
              SignCode.ROOTS_FROM_DRAIN_HOLES,
              FindingCode.CROWDED,
              WeightRules::rootsSeekWaterBelow),
          new Entry(SignCode.HEFT, FindingCode.CROWDED, WeightRules::thirstSpeaksForItself),
          new Entry(
              SignCode.WILTS_SOON_AFTER_WATERING,
              FindingCode.CROWDED,
              WeightRules::thirstSpeaksForItself),
          new Entry(SignCode.ROOTS_HEALTHY, FindingCode.ROT, WeightRules::stemRotsOverCleanRoots),
          new Entry(SignCode.FRESH_ROOT_TIPS, FindingCode.ROT, WeightRules::stemRotsOverCleanRoots),
          new Entry(SignCode.LOWER_LEAVES_SHED, null, WeightRules::leafFallAfterAMove),
          new Entry(
              SignCode.WHOLE_PLANT_PALE, FindingCode.NUTRIENT_SHORTAGE, WeightRules::paleAndNotFed),
          new Entry(SignCode.ROOTS_AT_SURFACE, null, WeightRules::surfaceRootsAreNormal),
          new Entry(
              SignCode.ROOTS_CIRCLING, FindingCode.CROWDED, WeightRules::snugSpeciesCircleSlightly),
          new Entry(SignCode.WATER_RUNS_THROUGH, null, WeightRules::runThroughAfterDryRest),
          new Entry(SignCode.WATER_RUNS_THROUGH, null, WeightRules::openMixesHoldLittle),
          new Entry(SignCode.WATER_RUNS_THROUGH, null, WeightRules::retainsEnough),
          new Entry(SignCode.WATER_POOLS, null, WeightRules::soaksInWithinAMinute),
          new Entry(SignCode.LOWER_LEAVES_SHED, null, WeightRules::oneOrTwoOldLeaves),
          new Entry(
              SignCode.LOWER_LEAVES_SHED,
              FindingCode.CROWDED,
              WeightRules::manyLeavesUnderNewGrowth),
          new Entry(SignCode.LOWER_LEAVES_SHED, null, WeightRules::leafFallInRest),
          new Entry(SignCode.LEAVES_YELLOWING, null, WeightRules::leafFallInRest),
          new Entry(SignCode.SHRIVELLED, null, WeightRules::shrivelledInDryRest),
          new Entry(SignCode.SHRIVELLED, null, WeightRules::shrivelledForUnknownWeeks),
          new Entry(SignCode.STRESS_COLOUR, null, WeightRules::colourFromMoreSun),
          new Entry(SignCode.GROWTH_STALLED, null, WeightRules::noGrowthInRestOrDark),
          new Entry(SignCode.GROWTH_STALLED, null, WeightRules::noGrowthAfterLessLight),
          new Entry(SignCode.WHOLE_PLANT_PALE, FindingCode.SPENT_MEDIUM, WeightRules::paleAndUnfed),
          new Entry(
              SignCode.WHOLE_PLANT_PALE, FindingCode.SPENT_MEDIUM, WeightRules::paleAlthoughFed),
          new Entry(
              SignCode.WHOLE_PLANT_PALE,
              FindingCode.NUTRIENT_SHORTAGE,
              WeightRules::fedIsNotHungry),
          new Entry(SignCode.DRIES_TOO_FAST, null, WeightRules::driesAsExpected),
          new Entry(SignCode.STAYS_WET, FindingCode.OVERWATERED, WeightRules::wetAsLongAsExpected),
          new Entry(SignCode.STAYS_WET, FindingCode.ROT, WeightRules::wetAsLongAsExpected),
          new Entry(
              SignCode.STEM_BURIED_OR_MULCHED,
              FindingCode.COLLAR_RISK,
              WeightRules::buriedNeckThatRots),
          new Entry(SignCode.FLOWERS_INSTEAD_OF_GROWTH, null, WeightRules::floweringIsItsSeason),
          new Entry(SignCode.WATER_IN_COVER_POT, null, WeightRules::reservoirStandsInWater),
          new Entry(SignCode.SURFACE_MOULD_OR_FUNGI, null, WeightRules::mouldIsHarmless));

  private static final List<List<List<Rule>>> INDEX = index();

  private WeightRules() {}

  /** The rules that may change what a sign weighs for a finding. */
  static List<Rule> on(SignCode sign, FindingCode finding) {
    return INDEX.get(sign.ordinal()).get(finding.ordinal());
  }

  private static List<List<List<Rule>>> index() {
    List<List<List<Rule>>> index = new ArrayList<>();
    for (SignCode sign : SignCode.values()) {
      List<List<Rule>> ofSign = new ArrayList<>();
      for (FindingCode finding : FindingCode.values()) {
        ofSign.add(
            ALL.stream()
                .filter(entry -> entry.sign() == null || entry.sign() == sign)
                .filter(entry -> entry.finding() == null || entry.finding() == finding)
                .map(Entry::rule)
                .toList());
      }
      index.add(ofSign);
    }
    return index;
  }

  static Optional<Adjustment> looseMediumBeatsCrowdingSigns(
      Seen seen, Observation observation, Weight weight) {
    boolean beaten =
        seen.c().signs().present(SignCode.MEDIUM_FALLS_AWAY)
            && observation.code() != SignCode.MEDIUM_FALLS_AWAY
            && !seen.c().signs().present(SignCode.LITTLE_MEDIUM_LEFT)
            && weight.present().decibans() > 0;
    return when(
        beaten,
        0,
        "weight.looseMedium",
        "The medium fell away from the roots, so it is not rooted through whatever this looks like.");
  }

  static Optional<Adjustment> littleMediumBeatsLooseMedium(
      Seen seen, Observation observation, Weight weight) {
    return when(
        seen.c().signs().present(SignCode.LITTLE_MEDIUM_LEFT),
        0,
        "weight.littleMedium",
        "Hardly any medium is left, so what falls away says nothing: it is mostly roots.");
  }

  static Optional<Adjustment> rootsSeekWaterBelow(
      Seen seen, Observation observation, Weight weight) {
    RootType roots = seen.c().plant().traits().rootType();
    boolean seeks =
        roots == RootType.EPIPHYTE
            || roots == RootType.AERIAL
            || roots == RootType.TAP
            || roots == RootType.RHIZOME
            || seen.c().plant().inReservoir()
            || seen.c().signs().present(SignCode.WATER_IN_COVER_POT);
    return when(
        seeks && !seen.slipped(),
        0.55,
        "weight.seekWater",
        "Roots of this kind, or over standing water, look for the holes early; a slip check would tell.");
  }

  /** Where it is short of water, a light pot and early wilting speak for thirst alone. */
  static Optional<Adjustment> thirstSpeaksForItself(
      Seen seen, Observation observation, Weight weight) {
    return when(
        seen.c().plant().is(StateCode.UNDERWATERED),
        0,
        "weight.thirst",
        "It gets too little water, so this is thirst and says nothing of its roots.");
  }

  /** Rot of the stem over clean roots is the classic case: the roots do not speak for the stem. */
  static Optional<Adjustment> stemRotsOverCleanRoots(
      Seen seen, Observation observation, Weight weight) {
    return when(
        seen.c().signs().present(SignCode.STEM_SOFT_AT_BASE),
        0,
        "weight.stemRots",
        "The stem rots at its base, and sound roots do not speak for the stem.");
  }

  /** Why an absent sign says nothing here, if so. */
  static Optional<Message> absentSaysNothing(Seen seen, Observation observation, Weight weight) {
    boolean roots =
        weight.finding() == FindingCode.ROT
            && observation.code() == SignCode.ROOTS_ROTTEN
            && seen.c().signs().present(SignCode.STEM_SOFT_AT_BASE);
    return roots
        ? Optional.of(
            Message.of(
                "weight.stemRots",
                "The stem rots at its base, and sound roots do not speak for the stem."))
        : Optional.empty();
  }

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

  static Optional<Adjustment> surfaceRootsAreNormal(
      Seen seen, Observation observation, Weight weight) {
    return when(
        seen.c().plant().traits().surfaceRoots(),
        0,
        "weight.surfaceRoots",
        "Roots at the surface are normal in this species.");
  }

  static Optional<Adjustment> snugSpeciesCircleSlightly(
      Seen seen, Observation observation, Weight weight) {
    return when(
        Snug.likes(seen.c()) && observation.grade() == Grade.SLIGHT,
        0,
        "weight.snug",
        "This species likes to be snug: a few circling roots are its normal state.");
  }

  static Optional<Adjustment> runThroughAfterDryRest(
      Seen seen, Observation observation, Weight weight) {
    return when(
        seen.c().resting(),
        0,
        "weight.afterRest",
        "In and just after a dry rest the first waterings always run through.");
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
        "weight.openMix",
        "Bark and mineral mixes keep only 5 to 15 % of a pour anyway.");
  }

  static Optional<Adjustment> retainsEnough(Seen seen, Observation observation, Weight weight) {
    return when(
        observation.value() != null && observation.value() >= RETAINED,
        0,
        "weight.retains",
        "It keeps a tenth or more of the pour: the medium still holds.");
  }

  static Optional<Adjustment> soaksInWithinAMinute(
      Seen seen, Observation observation, Weight weight) {
    return when(
        observation.value() != null && observation.value() <= POOLING,
        0,
        "weight.soaksIn",
        "The second pour soaked in within a minute: that is no pooling.");
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
        "weight.driesAsExpected",
        "A pot of this size is expected to dry about this fast in this light and season.");
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
        "weight.wetAsExpected",
        "A pot of this size is expected to stay moist about this long in this light and season.");
  }

  static Optional<Adjustment> buriedNeckThatRots(
      Seen seen, Observation observation, Weight weight) {
    return when(
        seen.c().plant().traits().neckRot(),
        1.5,
        "weight.neckRots",
        "The neck of this species rots when it is buried.");
  }

  static Optional<Adjustment> floweringIsItsSeason(
      Seen seen, Observation observation, Weight weight) {
    return when(
        Snug.likes(seen.c()),
        0,
        "weight.snugFlowers",
        "This species flowers when it is snug: that is how it should be.");
  }

  static Optional<Adjustment> reservoirStandsInWater(
      Seen seen, Observation observation, Weight weight) {
    return when(
        seen.c().plant().inReservoir(),
        0,
        "weight.reservoir",
        "It grows over a reservoir: water below is meant to be there.");
  }

  static Optional<Adjustment> mouldIsHarmless(Seen seen, Observation observation, Weight weight) {
    return when(true, 0.5, "weight.mould", "Mould on the surface is harmless in itself.");
  }

  private static Optional<Adjustment> when(
      boolean applies, double factor, String key, String sentence) {
    return applies
        ? Optional.of(new Adjustment(factor, Message.of(key, sentence)))
        : Optional.empty();
  }
}
