package happysaucer.core.finding;

/**
 * How much one sign weighs, in decibans (rules of thumb: ten decibans are odds of ten to one). How
 * well a finding is supported by all of them is its {@link Strength}.
 */
public enum SignWeight {
  DECISIVE(20),
  STRONG(9),
  MODERATE(5),
  WEAK(2),
  NONE(0),
  AGAINST_WEAK(-2),
  AGAINST_MODERATE(-5),
  AGAINST_STRONG(-9),
  AGAINST_DECISIVE(-20);

  private final double decibans;

  SignWeight(double decibans) {
    this.decibans = decibans;
  }

  public double decibans() {
    return decibans;
  }
}
