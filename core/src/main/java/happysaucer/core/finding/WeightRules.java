package happysaucer.core.finding;

import happysaucer.core.casefile.Case;
import happysaucer.core.sign.Observation;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.SignGroup;
import happysaucer.core.sign.SignState;
import happysaucer.core.sign.SignTable;
import happysaucer.core.species.Rest;
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
  interface Rule {
    Optional<Adjustment> on(Seen seen, Observation observation, Weight weight);
  }

  /** The case a present sign was seen in. */
  record Seen(Case c, Expectation expectation, SignTable signs, WeightTable weights) {
    /** A present sign of another place speaks strongly for the finding. */
    boolean speaksElsewhere(FindingCode finding, SignGroup place) {
      for (Observation observation : c.signs().all()) {
        if (observation.state() == SignState.PRESENT
            && signs.get(observation.code()).group() != place) {
          for (Weight weight : weights.of(observation.code())) {
            if (weight.finding() == finding
                && weight.present().decibans() >= SignWeight.STRONG.decibans()) {
              return true;
            }
          }
        }
      }
      return false;
    }

    /**
     * Whether what the model expects rests on the plant's own waterings: a figure from defaults
     * explains no sign away.
     */
    boolean restsOnItsOwn() {
      return c.watering().isPresent() || !c.history().pours().isEmpty();
    }

    /** A kind that is kept dry in its rest, at rest. */
    boolean restsDry() {
      return c.resting()
          && (c.plant().traits().rest() == Rest.DRY || c.plant().traits().dryLover());
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
          new Entry(null, FindingCode.CROWDED, RootWeights::looseMediumBeatsCrowdingSigns),
          new Entry(
              SignCode.MEDIUM_FALLS_AWAY,
              FindingCode.CROWDED,
              RootWeights::littleMediumBeatsLooseMedium),
          new Entry(
              SignCode.ROOTS_FROM_DRAIN_HOLES,
              FindingCode.CROWDED,
              RootWeights::rootsSeekWaterBelow),
          new Entry(SignCode.HEFT, FindingCode.CROWDED, WaterWeights::thirstSpeaksForItself),
          new Entry(
              SignCode.WILTS_SOON_AFTER_WATERING,
              FindingCode.CROWDED,
              WaterWeights::thirstSpeaksForItself),
          new Entry(SignCode.HEFT, null, WaterWeights::dryIsItsRest),
          new Entry(SignCode.SURFACE_HARD, null, WaterWeights::dryIsItsRest),
          new Entry(SignCode.DRIES_TOO_FAST, null, WaterWeights::dryIsItsRest),
          new Entry(SignCode.WATER_POOLS, null, WaterWeights::dryIsItsRest),
          new Entry(SignCode.CORE_DRY, null, WaterWeights::dryIsItsRest),
          new Entry(SignCode.MEDIUM_SHRUNK_FROM_WALL, null, WaterWeights::dryIsItsRest),
          new Entry(SignCode.HEFT, FindingCode.OVERWATERED, WaterWeights::wetInDryRest),
          new Entry(SignCode.STAYS_WET, FindingCode.OVERWATERED, WaterWeights::wetInDryRest),
          new Entry(SignCode.STAYS_WET, FindingCode.OVERWATERED, WaterWeights::wetForLong),
          new Entry(SignCode.RUNOFF_MUDDY, null, RootWeights::onlyClayTurnsToMud),
          new Entry(SignCode.ROOTS_HEALTHY, FindingCode.ROT, RootWeights::stemRotsOverCleanRoots),
          new Entry(SignCode.FRESH_ROOT_TIPS, FindingCode.ROT, RootWeights::stemRotsOverCleanRoots),
          new Entry(SignCode.LOWER_LEAVES_SHED, null, LeafWeights::leafFallAfterAMove),
          new Entry(
              SignCode.WHOLE_PLANT_PALE, FindingCode.NUTRIENT_SHORTAGE, LeafWeights::paleAndNotFed),
          new Entry(SignCode.ROOTS_AT_SURFACE, null, RootWeights::surfaceRootsAreNormal),
          new Entry(
              SignCode.ROOTS_CIRCLING, FindingCode.CROWDED, RootWeights::snugSpeciesCircleSlightly),
          new Entry(SignCode.WATER_RUNS_THROUGH, null, WaterWeights::runThroughAfterDryRest),
          new Entry(SignCode.WATER_RUNS_THROUGH, null, WaterWeights::openMixesHoldLittle),
          new Entry(SignCode.WATER_RUNS_THROUGH, null, WaterWeights::retainsEnough),
          new Entry(SignCode.WATER_POOLS, null, WaterWeights::soaksInWithinAMinute),
          new Entry(SignCode.LOWER_LEAVES_SHED, null, LeafWeights::oneOrTwoOldLeaves),
          new Entry(
              SignCode.LOWER_LEAVES_SHED,
              FindingCode.CROWDED,
              LeafWeights::manyLeavesUnderNewGrowth),
          new Entry(SignCode.LOWER_LEAVES_SHED, null, LeafWeights::leafFallInRest),
          new Entry(SignCode.LEAVES_YELLOWING, null, LeafWeights::leafFallInRest),
          new Entry(SignCode.SHRIVELLED, null, LeafWeights::shrivelledInDryRest),
          new Entry(SignCode.SHRIVELLED, null, LeafWeights::shrivelledForUnknownWeeks),
          new Entry(SignCode.STRESS_COLOUR, null, LeafWeights::colourFromMoreSun),
          new Entry(SignCode.GROWTH_STALLED, null, LeafWeights::noGrowthInRestOrDark),
          new Entry(SignCode.GROWTH_STALLED, null, LeafWeights::noGrowthAfterLessLight),
          new Entry(SignCode.WHOLE_PLANT_PALE, FindingCode.SPENT_MEDIUM, LeafWeights::paleAndUnfed),
          new Entry(
              SignCode.WHOLE_PLANT_PALE, FindingCode.SPENT_MEDIUM, LeafWeights::paleAlthoughFed),
          new Entry(
              SignCode.WHOLE_PLANT_PALE,
              FindingCode.NUTRIENT_SHORTAGE,
              LeafWeights::fedIsNotHungry),
          new Entry(SignCode.DRIES_TOO_FAST, null, WaterWeights::driesAsExpected),
          new Entry(SignCode.STAYS_WET, FindingCode.OVERWATERED, WaterWeights::wetAsLongAsExpected),
          new Entry(SignCode.STAYS_WET, FindingCode.ROT, WaterWeights::wetAsLongAsExpected),
          new Entry(
              SignCode.STEM_BURIED_OR_MULCHED,
              FindingCode.COLLAR_RISK,
              RootWeights::buriedNeckThatRots),
          new Entry(SignCode.FLOWERS_INSTEAD_OF_GROWTH, null, LeafWeights::floweringIsItsSeason),
          new Entry(SignCode.WATER_IN_COVER_POT, null, WaterWeights::reservoirStandsInWater),
          new Entry(SignCode.SURFACE_MOULD_OR_FUNGI, null, RootWeights::mouldIsHarmless));

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

  /** Why an absent sign says nothing here, if so. */
  static Optional<Message> absentSaysNothing(Seen seen, Observation observation, Weight weight) {
    boolean roots =
        weight.finding() == FindingCode.ROT
            && observation.code() == SignCode.ROOTS_ROTTEN
            && seen.c().signs().present(SignCode.STEM_SOFT_AT_BASE);
    if (roots) {
      return Optional.of(Message.of("weight.stemRots"));
    }
    SignGroup place = seen.signs().get(observation.code()).group();
    boolean elsewhere =
        weight.absent().decibans() < 0
            && place != SignGroup.ROOTS
            && (weight.finding() == FindingCode.CROWDED || place != SignGroup.WATER)
            && seen.speaksElsewhere(weight.finding(), place);
    return elsewhere ? Optional.of(Message.of("weight.otherPlace")) : Optional.empty();
  }
}
