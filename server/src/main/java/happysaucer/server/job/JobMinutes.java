package happysaucer.server.job;

import happysaucer.core.advice.Advice;

/** How long a repot takes, until a team's own times are known (rules of thumb, minutes). */
final class JobMinutes {
  private static final double BASE = 12;
  private static final double PER_LITRE = 0.9;
  private static final double ROOT_WORK = 12;
  private static final double TWO_PERSONS = 15;

  private JobMinutes() {}

  static int of(Advice advice) {
    if (advice.repot() == null) {
      return (int) BASE;
    }
    double litres =
        advice.repot().candidates().stream()
            .filter(candidate -> Integer.valueOf(1).equals(candidate.rank()))
            .mapToDouble(Advice.Candidate::fillLitres)
            .findFirst()
            .orElse(5);
    boolean two = advice.cautions().stream().anyMatch(c -> c.code().equals("TWO_PERSONS"));
    double minutes =
        BASE
            + PER_LITRE * litres
            + (advice.repot().rootWork().rootShare() > 0 ? ROOT_WORK : 0)
            + (two ? TWO_PERSONS : 0);
    return (int) (Math.ceil(minutes / 5) * 5);
  }
}
