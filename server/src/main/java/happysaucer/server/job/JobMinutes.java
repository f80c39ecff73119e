package happysaucer.server.job;

import happysaucer.core.advice.Advice;

/** How long a repot takes: by rules of thumb, corrected by what the team's own jobs took. */
final class JobMinutes {
  private static final double BASE = 12;
  private static final double PER_LITRE = 0.9;
  private static final double ROOT_WORK = 12;
  private static final double TWO_PERSONS = 15;
  private static final int STEP = 5;

  /**
   * The rules weigh as much as so many jobs of their own length; own times take over from there.
   */
  private static final double RULES_WEIGH = 4;

  private static final double USUAL_MINUTES = 30;

  private JobMinutes() {}

  /** By the rules alone, minutes. */
  static int ruled(Advice advice) {
    if (advice.repot() == null) {
      return (int) BASE;
    }
    boolean topOnly = advice.call().action().equals("TOP_DRESS");
    double litres =
        Plans.chosen(advice).map(pot -> topOnly ? pot.freshLitres() : pot.fillLitres()).orElse(5.0);
    boolean two = advice.cautions().stream().anyMatch(c -> c.code().equals("TWO_PERSONS"));
    double minutes =
        BASE
            + PER_LITRE * litres
            + (advice.repot().rootWork().rootShare() > 0 ? ROOT_WORK : 0)
            + (two ? TWO_PERSONS : 0);
    return rounded(minutes);
  }

  /**
   * Minutes to plan with.
   *
   * @param taken what jobs of this kind took, and what the rules had thought of them
   */
  static int expected(int ruled, JobMapper.Taken taken) {
    double weight = RULES_WEIGH * USUAL_MINUTES;
    return rounded(ruled * (taken.taken() + weight) / (taken.ruled() + weight));
  }

  private static int rounded(double minutes) {
    return (int) (Math.ceil(minutes / STEP - 1e-9) * STEP);
  }
}
