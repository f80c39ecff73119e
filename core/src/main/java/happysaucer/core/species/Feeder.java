package happysaucer.core.species;

/** How much feed a species takes, against the usual dose (rule of thumb). */
public enum Feeder {
  HEAVY(1.5),
  NORMAL(1.0),
  LIGHT(0.5);

  private final double factor;

  Feeder(double factor) {
    this.factor = factor;
  }

  public double factor() {
    return factor;
  }
}
