package happysaucer.core.finding;

import static happysaucer.core.finding.Adjustment.when;

import happysaucer.core.finding.WeightRules.Seen;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.Observation;
import happysaucer.core.sign.SignCode;
import happysaucer.core.species.RootType;
import java.util.Optional;

/** Where the kind of roots, and what else was seen of them, changes what a sign weighs. */
final class RootWeights {
  private RootWeights() {}

  static Optional<Adjustment> looseMediumBeatsCrowdingSigns(
      Seen seen, Observation observation, Weight weight) {
    boolean beaten =
        seen.c().signs().present(SignCode.MEDIUM_FALLS_AWAY)
            && observation.code() != SignCode.MEDIUM_FALLS_AWAY
            && !seen.c().signs().present(SignCode.LITTLE_MEDIUM_LEFT)
            && weight.present().decibans() > 0;
    return when(beaten, 0, "weight.looseMedium");
  }

  static Optional<Adjustment> littleMediumBeatsLooseMedium(
      Seen seen, Observation observation, Weight weight) {
    return when(seen.c().signs().present(SignCode.LITTLE_MEDIUM_LEFT), 0, "weight.littleMedium");
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
    return when(seeks && !seen.slipped(), 0.55, "weight.seekWater");
  }

  /** Rot of the stem over clean roots is the classic case: the roots do not speak for the stem. */
  static Optional<Adjustment> stemRotsOverCleanRoots(
      Seen seen, Observation observation, Weight weight) {
    return when(seen.c().signs().present(SignCode.STEM_SOFT_AT_BASE), 0, "weight.stemRots");
  }

  static Optional<Adjustment> surfaceRootsAreNormal(
      Seen seen, Observation observation, Weight weight) {
    return when(seen.c().plant().traits().surfaceRoots(), 0, "weight.surfaceRoots");
  }

  static Optional<Adjustment> snugSpeciesCircleSlightly(
      Seen seen, Observation observation, Weight weight) {
    return when(Snug.likes(seen.c()) && observation.grade() == Grade.SLIGHT, 0, "weight.snug");
  }

  static Optional<Adjustment> buriedNeckThatRots(
      Seen seen, Observation observation, Weight weight) {
    return when(seen.c().plant().traits().neckRot(), 1.5, "weight.neckRots");
  }

  static Optional<Adjustment> mouldIsHarmless(Seen seen, Observation observation, Weight weight) {
    return when(true, 0.5, "weight.mould");
  }

  /** Grains of clay break down to mud; out of other media a few fines wash at any time. */
  static Optional<Adjustment> onlyClayTurnsToMud(
      Seen seen, Observation observation, Weight weight) {
    return when(!seen.c().plant().mix().holdsClay(), 0.4, "weight.mud");
  }
}
