package happysaucer.core.method;

/**
 * The choices of a team where good practitioners differ; {@link #standard} holds the defaults.
 *
 * @param liftOneG most one person lifts at waist height, g; local rules go first
 * @param liftFloorG most one person lifts from the floor or on stairs, g
 * @param liftTwoG most two persons lift, g
 * @param coarseLayerMm depth of a coarse layer where the method lays one, mm
 */
public record Method(
    Timing timing,
    PotStep potStep,
    SeasonChoice season,
    InBud inBud,
    BallMoisture ballMoisture,
    Loosening loosening,
    OldMedium oldMedium,
    OverHoles overHoles,
    FeedChoice feed,
    CutRoots cutRoots,
    FirstWater firstWater,
    Level level,
    AerialRoots aerialRoots,
    TopDressing topDressing,
    NewlyBought newlyBought,
    Peat peat,
    double liftOneG,
    double liftFloorG,
    double liftTwoG,
    double coarseLayerMm) {

  /** The defaults: the first option of each question. */
  public static Method standard() {
    return new Method(
        Timing.CONDITION,
        PotStep.SMALL_STEP,
        SeasonChoice.GROWING,
        InBud.AFTER_FLOWERING,
        BallMoisture.BY_SPECIES,
        Loosening.BY_TIGHTNESS,
        OldMedium.OUTER_OFF,
        OverHoles.MESH,
        FeedChoice.SLOW_RELEASE,
        CutRoots.CALLUS,
        FirstWater.BY_SPECIES,
        Level.SAME,
        AerialRoots.TUCK_IN,
        TopDressing.BY_SPECIES,
        NewlyBought.SETTLE,
        Peat.ALLOWED,
        23000,
        16000,
        32000,
        30);
  }

  public enum Timing {
    CONDITION,
    INTERVAL
  }

  public enum PotStep {
    SMALL_STEP,
    SHARE,
    GENEROUS
  }

  public enum SeasonChoice {
    GROWING,
    SPRING_AND_EARLY_AUTUMN,
    ANY_WITH_CARE
  }

  public enum InBud {
    AFTER_FLOWERING,
    BEFORE_BUDS_OPEN
  }

  public enum BallMoisture {
    BY_SPECIES,
    DRY,
    MOIST,
    SOAK
  }

  public enum Loosening {
    BY_TIGHTNESS,
    ALWAYS,
    ONLY_IF_SOLID
  }

  public enum OldMedium {
    OUTER_OFF,
    MOST_OFF,
    LEAVE
  }

  public enum OverHoles {
    MESH,
    COARSE_LAYER,
    NOTHING
  }

  public enum FeedChoice {
    SLOW_RELEASE,
    HOLD
  }

  public enum CutRoots {
    CALLUS,
    DUST,
    NONE
  }

  public enum FirstWater {
    BY_SPECIES,
    AT_ONCE
  }

  public enum Level {
    SAME,
    RAISED,
    LOW
  }

  public enum AerialRoots {
    TUCK_IN,
    LEAVE,
    SHORTEN
  }

  public enum TopDressing {
    BY_SPECIES,
    NONE,
    MINERAL
  }

  public enum NewlyBought {
    SETTLE,
    REPOT_SOON
  }

  public enum Peat {
    ALLOWED,
    PEAT_FREE
  }
}
