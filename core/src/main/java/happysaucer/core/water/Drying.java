package happysaucer.core.water;

import java.util.OptionalDouble;

/**
 * How one planted pot dries; days since watering.
 *
 * @param daysAirless days with less than a tenth of the pot's volume as air
 * @param daysRingWet days until the fresh medium has lost half of its available water
 * @param litresPerDay mean loss up to the refill point
 * @param pourLitres what brings all stores back to capacity at the refill point
 * @param uncertainty relative half width of the range of the days
 */
public record Drying(
    OptionalDouble daysToTopDry,
    OptionalDouble daysToRefill,
    OptionalDouble daysAirless,
    OptionalDouble daysRingWet,
    double litresPerDay,
    double pourLitres,
    double uncertainty) {

  /** The same, saying nothing of fresh medium. */
  public Drying withoutRing() {
    return new Drying(
        daysToTopDry,
        daysToRefill,
        daysAirless,
        OptionalDouble.empty(),
        litresPerDay,
        pourLitres,
        uncertainty);
  }

  static Drying of(DryDown.Cycle cycle, double uncertainty) {
    double days = cycle.daysToRefill().orElse(0);
    return new Drying(
        cycle.daysToTopDry(),
        cycle.daysToRefill(),
        cycle.daysAirless(),
        cycle.daysRingWet(),
        days > 0 ? cycle.usedLitres() / days : 0,
        cycle.usedLitres(),
        uncertainty);
  }
}
