package happysaucer.core.water;

import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.Case.Watering;
import happysaucer.core.casefile.PlantCase;
import happysaucer.core.season.Season;
import happysaucer.core.species.Light;

/**
 * How much a plant drinks.
 *
 * @param litresPerDay uptake on a day of twelve hours of light, with all roots and leaves at work
 * @param uncertainty relative half width of the range around every day count
 * @param measured taken from the plant's own waterings
 */
public record Use(double litresPerDay, double uncertainty, boolean measured) {
  /** Leaf layers of a leafy plant as tall as it is wide (rule of thumb). */
  private static final double LAYERS = 1.8;

  private static final double UNCERTAIN_TABLE = 0.4;
  private static final double UNCERTAIN_MEASURED = 0.15;

  /** Of the daily loss of a pot, at least this share goes through the leaves (rule of thumb). */
  private static final double LEAST_LEAF_SHARE = 0.3;

  /** From height, spread and habit, by the table. */
  static Use estimate(PlantCase plant, Light light) {
    return new Use(
        leafM2(plant) * perLeafM2(light) * plant.traits().waterCoefficient(),
        UNCERTAIN_TABLE,
        false);
  }

  /**
   * From the plant's own waterings where they were measured, or else by the table.
   *
   * @param surfaceLoss litres a day the pot loses without a plant
   */
  static Use of(Case c, double surfaceLoss) {
    if (c.watering().isPresent() && c.watering().get().litres().isPresent()) {
      Watering watering = c.watering().get();
      double kept = watering.litres().get() - watering.runOffLitres();
      if (kept > 0) {
        double daily = kept / watering.intervalDays();
        double leaf = Math.max(daily * LEAST_LEAF_SHARE, daily - surfaceLoss);
        double growth = Season.growth(c.site().latitude(), c.date());
        return new Use(leaf / growth, UNCERTAIN_MEASURED, true);
      }
    }
    return estimate(c.plant(), c.light());
  }

  /** Leaf area, m2: the ground it covers times its layers of leaves. */
  static double leafM2(PlantCase plant) {
    double ground = Math.PI / 4 * plant.spreadMm() * plant.spreadMm() / 1e6;
    double slender = Math.max(0.5, Math.min(2, plant.heightMm() / plant.spreadMm()));
    return ground * LAYERS * slender * plant.traits().leafDensity();
  }

  /** Litres per m2 of leaf and day (rules of thumb). */
  private static double perLeafM2(Light light) {
    return switch (light) {
      case LOW -> 0.06;
      case MEDIUM -> 0.12;
      case BRIGHT_INDIRECT -> 0.18;
      case DIRECT -> 0.30;
    };
  }
}
