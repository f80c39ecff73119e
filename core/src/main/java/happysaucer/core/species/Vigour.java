package happysaucer.core.species;

/** How fast roots reach into fresh medium and damage is made good (rules of thumb). */
public enum Vigour {
  STRONG(21, 25),
  MODERATE(28, 45),
  SLOW(42, 90);

  private final int reachDays;
  private final int recoveryDays;

  Vigour(int reachDays, int recoveryDays) {
    this.reachDays = reachDays;
    this.recoveryDays = recoveryDays;
  }

  /** Days, in season, until the roots have grown through fresh medium. */
  public int reachDays() {
    return reachDays;
  }

  /** Days until the activity lost to cuts and disturbance is back. */
  public int recoveryDays() {
    return recoveryDays;
  }
}
