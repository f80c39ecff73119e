package happysaucer.core.call;

/** Reasons not to repot yet. */
public enum HoldCode {
  IN_BUD,
  IN_FLOWER,
  RESTING,
  RECENTLY_PRUNED,
  ARRIVED,
  PESTS,
  HEAT_OR_HUMIDITY_EXTREME,
  NEW_ROOTS_STARTING,
  OUT_OF_SEASON
}
