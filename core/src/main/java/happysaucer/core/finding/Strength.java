package happysaucer.core.finding;

import happysaucer.core.unit.Rounding;

/** How well supported a finding is (thresholds in decibans, rules of thumb). */
public enum Strength {
  NONE(Double.NEGATIVE_INFINITY),
  WEAK(3),
  MODERATE(6),
  STRONG(10),
  DECISIVE(20);

  private final double from;

  Strength(double from) {
    this.from = from;
  }

  public static Strength of(double decibans) {
    double rounded = Rounding.forDecision(decibans);
    Strength strength = NONE;
    for (Strength candidate : values()) {
      if (rounded >= candidate.from) {
        strength = candidate;
      }
    }
    return strength;
  }

  /** A finding stands from MODERATE. */
  public boolean stands() {
    return compareTo(MODERATE) >= 0;
  }
}
