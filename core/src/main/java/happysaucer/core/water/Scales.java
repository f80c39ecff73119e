package happysaucer.core.water;

import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.History;
import happysaucer.core.casefile.History.Measured;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What the scales say of the present pot: how wet it is, and what it loses from one weighing to the
 * next.
 *
 * @param fullG with all the water its medium holds after draining, g
 * @param errorG by which that may be wrong: what nobody weighed alone is estimated
 * @param availableG water in it for the roots when full, g
 */
record Scales(double fullG, double errorG, double availableG) {
  /** By how much masses that are reckoned mislead, as shares (rules of thumb). */
  private static final double MEDIUM_MISLEADS = 0.12;

  private static final double TOP_MISLEADS = 0.3;
  private static final double POT_MISLEADS = 0.1;

  /**
   * A pot that has just drained, on the day of its watering, weighs what it holds (rule of thumb).
   */
  private static final double DRAINED = 0.01;

  /** A weight over so much of the full one is none of this pot (rule of thumb). */
  private static final double TOO_HEAVY = 1.15;

  /** Longer than this apart, nobody knows what was poured between two weighings, days. */
  private static final int MOST_DAYS = 21;

  /** A loss smaller than this share of what it holds is within the error of scales. */
  private static final double LEAST_LOSS = 0.05;

  /**
   * @param capacity water its medium holds, share of volume
   */
  static Scales of(Case c, double capacity, double availableLitres) {
    double litres = c.pot().fill().litres();
    double medium = litres * c.plant().mix().dryGramsPerLitre();
    double reckoned = c.pot().massG() + medium + litres * capacity * 1000 + c.plant().topMassG();
    double error =
        Math.sqrt(
            square(MEDIUM_MISLEADS * medium)
                + square(TOP_MISLEADS * c.plant().topMassG())
                + square(POT_MISLEADS * c.pot().massG()));
    double heaviest = drainedG(c);
    return heaviest > 0
        ? new Scales(heaviest, DRAINED * heaviest, availableLitres * 1000)
        : new Scales(reckoned, error, availableLitres * 1000);
  }

  /** The heaviest weighing on a day of a watering: it had drained and held all it can. */
  private static double drainedG(Case c) {
    List<LocalDate> watered = c.history().pours().stream().map(History.Pour::date).toList();
    return weighings(c).stream()
        .filter(weighing -> watered.contains(weighing.date()))
        .mapToDouble(Measured::value)
        .max()
        .orElse(0);
  }

  /** In the present pot, oldest first. */
  private static List<Measured> weighings(Case c) {
    return c.history().measures().stream()
        .filter(measured -> measured.code().equals(History.WEIGHED))
        .filter(
            measured ->
                c.plant().lastRepotted().map(day -> measured.date().isAfter(day)).orElse(true))
        .toList();
  }

  /** Its last weighing, where that was on the day of the case, g. */
  Optional<Double> today(Case c) {
    List<Measured> all = weighings(c);
    return all.isEmpty() || !all.get(all.size() - 1).date().equals(c.date())
        ? Optional.empty()
        : Optional.of(all.get(all.size() - 1).value());
  }

  /** Share of the water for its roots that is left at a weight, 0 to 1. */
  double wetness(double grams) {
    return Math.max(0, Math.min(1, 1 - (fullG - grams) / availableG));
  }

  /** Heavier than it can be: its cover was weighed with it, or another plant. */
  boolean tooHeavy(double grams) {
    return grams > fullG * TOO_HEAVY + errorG;
  }

  /** Half width of the range of a wetness. */
  double uncertainty() {
    return Math.min(1, errorG / availableG);
  }

  /**
   * What it lost from one weighing to the next, with no watering between.
   *
   * @param daily L a day
   * @param on the day of the later one
   */
  record Loss(double daily, LocalDate on) {}

  List<Loss> losses(Case c) {
    List<Loss> losses = new ArrayList<>();
    List<Measured> all = weighings(c);
    for (int i = 1; i < all.size(); i++) {
      Measured from = all.get(i - 1);
      Measured to = all.get(i);
      long days = ChronoUnit.DAYS.between(from.date(), to.date());
      boolean watered =
          c.history().pours().stream()
              .anyMatch(
                  pour -> pour.date().isAfter(from.date()) && pour.date().isBefore(to.date()));
      double lost = from.value() - to.value();
      if (days >= 1 && days <= MOST_DAYS && !watered && lost > LEAST_LOSS * availableG) {
        losses.add(new Loss(lost / 1000 / days, to.date()));
      }
    }
    return losses;
  }

  private static double square(double value) {
    return value * value;
  }
}
