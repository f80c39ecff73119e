package happysaucer.core.sign;

/** The state of the plant: no evidence, but needed for timing. */
public enum StateCode {
  IN_BUD(false),
  IN_FLOWER(false),
  RESTING(false),
  NEW_ROOTS_STARTING(false),
  RECENTLY_PRUNED(true),
  ARRIVED(true),
  MOVED_LIGHT(true),
  OVERWATERED(false),
  UNDERWATERED(false),
  HEAT_OR_HUMIDITY_EXTREME(false);

  private final boolean countsDays;

  StateCode(boolean countsDays) {
    this.countsDays = countsDays;
  }

  /** Whether the days since it began matter. */
  public boolean countsDays() {
    return countsDays;
  }
}
