package happysaucer.core.water;

import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.History;
import happysaucer.core.casefile.PlantCase;
import happysaucer.core.season.Season;
import happysaucer.core.species.Light;
import java.time.temporal.ChronoUnit;

/**
 * How much a plant drinks.
 *
 * @param litresPerDay uptake on a day of twelve hours of light, with all roots and leaves at work
 * @param uncertainty relative half width of the range around every day count
 * @param waterings measured waterings it rests on, 0 when it comes from the table
 */
public record Use(double litresPerDay, double uncertainty, int waterings) {
  /** Leaf layers of a leafy plant as tall as it is wide (rule of thumb). */
  private static final double LAYERS = 1.8;

  /**
   * Ranges: from the table, from one measured watering, and the least with many (rules of thumb).
   */
  private static final double UNCERTAIN_TABLE = 0.4;

  private static final double UNCERTAIN_ONE = 0.15;
  private static final double UNCERTAIN_LEAST = 0.06;

  /** A watering this old counts for 1/e of one today, days (rule of thumb). */
  private static final double FORGOTTEN_DAYS = 180;

  /** Of the daily loss of a pot, at least this share goes through the leaves (rule of thumb). */
  private static final double LEAST_LEAF_SHARE = 0.3;

  /** A plant at rest drinks this share of what its leaves would (rule of thumb). */
  private static final double AT_REST = 0.3;

  public boolean measured() {
    return waterings > 0;
  }

  /** From height, spread and habit, by the table. */
  static Use estimate(PlantCase plant, Light light) {
    return new Use(
        leafM2(plant) * perLeafM2(light) * plant.traits().waterCoefficient(), UNCERTAIN_TABLE, 0);
  }

  private static Use estimate(Case c) {
    Use use = estimate(c.plant(), c.light());
    return c.resting() ? new Use(use.litresPerDay() * AT_REST, use.uncertainty(), 0) : use;
  }

  /**
   * From the plant's own waterings where they were measured, each weighted by its age and brought
   * to a day of twelve hours; or else by the table. The spread of the waterings is the uncertainty.
   *
   * @param surfaceLoss litres a day the pot loses without a plant
   */
  static Use of(Case c, double surfaceLoss) {
    Tally tally = new Tally(c, surfaceLoss);
    for (History.Pour pour : c.history().pours()) {
      boolean thisPot =
          c.plant().lastRepotted().map(day -> !pour.date().isBefore(day)).orElse(true);
      if (thisPot && pour.keptLitres() > 0) {
        tally.add(
            pour.keptLitres() / pour.days(),
            Season.growth(c.site().latitude(), pour.date()),
            Math.max(0, ChronoUnit.DAYS.between(pour.date(), c.date())));
      }
    }
    if (tally.count == 0 && c.watering().isPresent() && c.watering().get().litres().isPresent()) {
      Case.Watering watering = c.watering().get();
      double kept = watering.litres().get() - watering.runOffLitres();
      if (kept > 0) {
        tally.add(kept / watering.intervalDays(), Season.growth(c.site().latitude(), c.date()), 0);
      }
    }
    return tally.count == 0 ? estimate(c) : tally.use();
  }

  /** Weighted mean and spread of daily use. */
  private static final class Tally {
    private final double surfaceLoss;
    private int count;
    private double weights;
    private double squares;
    private double sum;
    private double sumOfSquares;

    Tally(Case c, double surfaceLoss) {
      this.surfaceLoss = surfaceLoss;
    }

    void add(double daily, double growth, double ageDays) {
      double leaf = Math.max(daily * LEAST_LEAF_SHARE, daily - surfaceLoss) / growth;
      double weight = Math.exp(-ageDays / FORGOTTEN_DAYS);
      count++;
      weights += weight;
      squares += weight * weight;
      sum += weight * leaf;
      sumOfSquares += weight * leaf * leaf;
    }

    Use use() {
      double mean = sum / weights;
      double variance = Math.max(0, sumOfSquares / weights - mean * mean);
      double effective = weights * weights / squares;
      double spread = Math.max(UNCERTAIN_ONE, Math.sqrt(variance) / mean);
      double uncertainty = spread / Math.sqrt(effective);
      return new Use(
          mean, Math.max(UNCERTAIN_LEAST, Math.min(UNCERTAIN_TABLE, uncertainty)), count);
    }
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
