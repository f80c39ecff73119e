package happysaucer.core.species;

/**
 * When a species wants water, as the spent share of the available water its roots can reach (rule
 * of thumb).
 */
public enum Refill {
  EVENLY_MOIST(0.25),
  TOP_DRY(0.35),
  HALF_DRY(0.5),
  FULLY_DRY(0.8),
  /** Fed from a water table below: refilled when the reservoir is at its mark. */
  RESERVOIR(0.9);

  private final double spentShare;

  Refill(double spentShare) {
    this.spentShare = spentShare;
  }

  public double spentShare() {
    return spentShare;
  }
}
