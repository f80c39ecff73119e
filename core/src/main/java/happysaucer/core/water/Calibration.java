package happysaucer.core.water;

import happysaucer.core.casefile.Case;
import happysaucer.core.species.Refill;
import java.util.Optional;

/**
 * What its own waterings and weights teach of a plant in its pot: both how much it drinks and how
 * much its ball really holds, so that by the model the pot lasts as long as it did and loses in
 * that time what was given back.
 *
 * @param evidence of the pot, with what it loses by itself in such an interval
 * @param ballScale the ball's real store against the computed one
 */
record Calibration(Use use, Use.PotEvidence evidence, double ballScale) {
  /** Beyond these the record tells of whoever pours, not of the ball (rule of thumb). */
  private static final double SCALE_LEAST = 0.4;

  private static final double SCALE_MOST = 2.2;

  /** It ends sooner once neither moves by {@value #NEAR} of itself. */
  private static final int ROUNDS = 12;

  private static final double NEAR = 0.01;

  /** A pot that dries within this is as dry at once, whatever its store, days. */
  private static final double AT_ONCE = 0.1;

  /** A pot that never reaches its refill point within the horizon, days. */
  private static final double DAYS_UNKNOWN = 150;

  /** How the present pot dries. */
  interface Present {
    /**
     * @param litresPerDay drunk on a day of twelve hours of light
     * @param thirst of the days against days of twelve hours of light
     */
    DryDown.Cycle cycle(double litresPerDay, double thirst, double ballScale);
  }

  /**
   * @param evidence with what the pot loses by the rule
   */
  static Calibration of(Case c, Use.PotEvidence evidence, Scales scales, Present present) {
    Use use = Use.of(c, evidence, scales);
    Optional<Use.Interval> lasted =
        use.interval().or(() -> use.measured() ? told(c) : Optional.empty());
    return lasted.isEmpty() || c.plant().refill() == Refill.RESERVOIR
        ? new Calibration(use, evidence, 1)
        : fitted(c, new Calibration(use, evidence, 1), lasted.get(), scales, present);
  }

  /**
   * Each round takes from what was given back what the pot by itself lost in the last, and makes
   * the store as much larger as the pot dried too soon.
   */
  private static Calibration fitted(
      Case c, Calibration start, Use.Interval lasted, Scales scales, Present present) {
    Calibration now = start;
    for (int i = 0; i < ROUNDS; i++) {
      double leaves = now.use.litresPerDay();
      DryDown.Cycle cycle = present.cycle(leaves, lasted.thirst(), now.ballScale);
      double days = cycle.daysToRefill().orElse(DAYS_UNKNOWN);
      if (days < AT_ONCE) {
        break;
      }
      double itself =
          cycle.daysToRefill().isPresent()
              ? cycle.usedLitres() / days - leaves * lasted.thirst()
              : now.evidence.surfaceLoss();
      Use.PotEvidence evidence = now.evidence.losing(itself);
      Use use = Use.of(c, evidence, scales);
      double scale =
          Math.max(SCALE_LEAST, Math.min(SCALE_MOST, now.ballScale * lasted.days() / days));
      boolean settled =
          Math.abs(use.litresPerDay() / leaves - 1) < NEAR
              && Math.abs(scale / now.ballScale - 1) < NEAR;
      now = new Calibration(use, evidence, scale);
      if (settled) {
        break;
      }
    }
    return now;
  }

  /** An interval that was told while no day of a watering is on record. */
  private static Optional<Use.Interval> told(Case c) {
    return c.history().pours().isEmpty()
        ? c.watering().map(told -> new Use.Interval(told.intervalDays(), c.thirst(c.date())))
        : Optional.empty();
  }
}
