package happysaucer.core.round;

/** The water line of a drawn pot. */
public final class PotWater {
  /** At its usual day a pot is at its refill point, drawn so far down (rule of thumb). */
  private static final double SPENT_AT_REFILL = 0.65;

  private PotWater() {}

  /**
   * Share of its water that is likely left.
   *
   * @param daysSince the last watering
   * @param intervalDays between waterings, over 0
   */
  public static double left(double daysSince, double intervalDays) {
    return Math.max(0, 1 - daysSince / intervalDays * SPENT_AT_REFILL);
  }
}
