package happysaucer.core.minutes;

import happysaucer.core.advice.Advice;

/** How long a repot takes: by rules of thumb, corrected by what the team's own jobs took. */
public final class JobMinutes {
  /** To look at a plant that is put back as it was. */
  private static final double LOOK = 12;

  private static final int STEP = 5;

  /**
   * The rules weigh as much as so many jobs of their own length; own times take over from there.
   */
  private static final double RULES_WEIGH = 4;

  private static final double USUAL_MINUTES = 30;

  private JobMinutes() {}

  /** By the rules alone, minutes. */
  public static int ruled(Advice advice) {
    if (advice.repot() == null) {
      return (int) LOOK;
    }
    double minutes = 0;
    for (Advice.Need need : advice.repot().needs()) {
      if (need.kind().equals("MINUTES")) {
        minutes += need.amount();
      }
    }
    return rounded(minutes);
  }

  /**
   * Minutes to plan with.
   *
   * @param taken minutes that jobs of this kind took, together
   * @param thought minutes that the rules had thought of those jobs
   */
  public static int expected(int ruled, double taken, double thought) {
    double weight = RULES_WEIGH * USUAL_MINUTES;
    return rounded(ruled * (taken + weight) / (thought + weight));
  }

  private static int rounded(double minutes) {
    return (int) (Math.ceil(minutes / STEP - 1e-9) * STEP);
  }
}
