package happysaucer.core.finding;

/** Named steps of evidence in decibans (rules of thumb: ten decibans are odds of ten to one). */
public enum Step {
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

  Step(double decibans) {
    this.decibans = decibans;
  }

  public double decibans() {
    return decibans;
  }
}
