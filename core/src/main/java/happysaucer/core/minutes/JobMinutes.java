package happysaucer.core.minutes;

import happysaucer.core.advice.Advice;

/** How long a repot takes: by rules of thumb, corrected by what the team's own jobs took. */
public final class JobMinutes {
  private static final double BASE = 12;
  private static final double PER_LITRE = 0.9;
  private static final double ROOT_WORK = 12;
  private static final double TWO_PERSONS = 15;
  private static final int STEP = 5;

  /** Where no pot was chosen (rule of thumb). */
  private static final double USUAL_LITRES = 5;

  /**
   * The rules weigh as much as so many jobs of their own length; own times take over from there.
   */
  private static final double RULES_WEIGH = 4;

  private static final double USUAL_MINUTES = 30;

  private JobMinutes() {}

  /** By the rules alone, minutes. */
  public static int ruled(Advice advice) {
    if (advice.repot() == null) {
      return (int) BASE;
    }
    boolean topOnly = advice.call().action().equals("TOP_DRESS");
    double litres =
        advice
            .repot()
            .chosen()
            .map(pot -> topOnly ? pot.freshLitres() : pot.fillLitres())
            .orElse(USUAL_LITRES);
    boolean two = advice.repot().lift() != null && advice.repot().lift().two();
    return rounded(
        BASE
            + PER_LITRE * litres
            + (advice.repot().rootWork().rootShare() > 0 ? ROOT_WORK : 0)
            + (two ? TWO_PERSONS : 0));
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
