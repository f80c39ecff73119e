package happysaucer.core.water;

import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.History;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How wet the present pot was found, against how long before it was watered.
 *
 * @param from a watering, which gave back what was spent, or the scales
 * @param days since the watering before
 * @param daysToday in which it would be as dry by the light of the day of the case
 * @param left share of the water for its roots, 0 to 1
 */
public record Found(Learned.From from, LocalDate on, double days, double daysToday, double left) {
  /** Brings days up to one to the light of the day of the case. */
  interface Brought {
    double daysToday(LocalDate until, double days);
  }

  /**
   * By its waterings and weights in this pot, oldest first.
   *
   * @param full litres that it holds for the roots
   */
  static List<Found> of(Case c, double full, Scales scales, Brought brought) {
    List<Found> found = new ArrayList<>();
    if (full <= 0) {
      return found;
    }
    List<History.Pour> pours = c.history().poursSince(c.plant().lastRepotted());
    for (History.Pour pour : pours) {
      double left = Math.max(0, Math.min(1, 1 - pour.keptLitres() / full));
      found.add(of(Learned.From.WATERED, pour.date(), pour.days(), left, brought));
    }
    for (History.Measured weighed : c.history().measures()) {
      if (weighed.code().equals(History.WEIGHED)
          && inThisPot(c, weighed.date())
          && !scales.tooHeavy(weighed.value())) {
        pours.stream()
            .map(History.Pour::date)
            .filter(day -> !day.isAfter(weighed.date()))
            .max(LocalDate::compareTo)
            .ifPresent(
                day ->
                    found.add(
                        of(
                            Learned.From.WEIGHED,
                            weighed.date(),
                            weighed.date().toEpochDay() - day.toEpochDay(),
                            scales.wetness(weighed.value()),
                            brought)));
      }
    }
    found.sort(Comparator.comparing(Found::on));
    return found;
  }

  private static Found of(
      Learned.From from, LocalDate on, double days, double left, Brought brought) {
    return new Found(from, on, days, brought.daysToday(on, days), left);
  }

  private static boolean inThisPot(Case c, LocalDate day) {
    return c.plant().lastRepotted().map(repotted -> !day.isBefore(repotted)).orElse(true);
  }
}
