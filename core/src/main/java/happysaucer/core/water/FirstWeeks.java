package happysaucer.core.water;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The waterings of the first weeks after a repot, in one simulation: each pour as it will be
 * poured, each interval as it follows from what the pot then holds.
 */
public final class FirstWeeks {
  /** What was used since the last pour, and a sixth more. */
  private static final double A_SIXTH_MORE = 7.0 / 6;

  /**
   * In a week an interval changes by no more than this, so that weeks differ by a quarter at most.
   */
  private static final double BY_WEEK = 1.15;

  private static final double SHORTEST_DAYS = 1;

  /** Nobody keeps a pot barely moist with a few drops a day (rule of thumb). */
  private static final double SHORTEST_BARELY_MOIST = 2.5;

  /** Smaller pours than this nobody measures, L. */
  private static final double LEAST_POUR = 0.01;

  private FirstWeeks() {}

  /**
   * What is known before it begins.
   *
   * @param day of the work
   * @param firstOn day of the first watering
   * @param firstLitres of it
   * @param ballWetness of the ball on the bench, 0 to 1
   * @param activity of the plant after the work, 0 to 1
   * @param longestDays no interval is longer in its first weeks; empty where roots were cut
   * @param longestWeeks for so many weeks
   * @param usedShare of what was used and a sixth more, that is poured again
   * @param barelyMoist it is kept no wetter than its first watering made it
   */
  public record Setting(
      LocalDate day,
      LocalDate firstOn,
      double firstLitres,
      double ballWetness,
      double activity,
      OptionalDouble longestDays,
      int longestWeeks,
      double usedShare,
      boolean barelyMoist) {}

  /**
   * One watering.
   *
   * @param nextInDays until the next, empty where the pot does not ask for water within the horizon
   * @param cycle how it dries from there
   */
  public record Watering(LocalDate on, double litres, OptionalDouble nextInDays, Drying cycle) {}

  /**
   * The waterings from the first until the horizon, and the one that lasts beyond it.
   *
   * @param days horizon after the work
   */
  public static List<Watering> of(WaterModel water, WaterModel.Bed bed, Setting s, int days) {
    List<Watering> waterings = new ArrayList<>();
    WaterModel.Growing growing = water.growing(bed, s.day(), s.activity());
    Wet before =
        growing.dry(
            growing.onTheBench(s.ballWetness()),
            s.day(),
            Math.max(0, s.firstOn().toEpochDay() - s.day().toEpochDay()));
    LocalDate on = s.firstOn();
    double litres = s.firstLitres();
    Wet.Place place = Wet.Place.ALL_ROUND;
    double last = Double.NaN;
    LocalDate end = s.day().plusDays(days);
    while (waterings.isEmpty() || !on.isAfter(end)) {
      Wet wet = growing.pour(before, litres, place);
      Drying cycle = growing.cycle(wet, wet.ring() - before.ring(), on, s.barelyMoist());
      OptionalDouble interval = interval(cycle, s, on, last);
      waterings.add(new Watering(on, litres, interval, cycle));
      if (interval.isEmpty()) {
        return waterings;
      }
      last = interval.getAsDouble();
      before = growing.dry(wet, on, last);
      litres =
          Math.max(LEAST_POUR, (wet.litres() - before.litres()) * A_SIXTH_MORE * s.usedShare());
      place = Wet.Place.ON_THE_BALL;
      on = on.plusDays(Math.max(1, Math.round(last)));
    }
    return waterings;
  }

  private static OptionalDouble interval(Drying cycle, Setting s, LocalDate on, double last) {
    if (cycle.daysToRefill().isEmpty()) {
      return OptionalDouble.empty();
    }
    double shortest = s.barelyMoist() ? SHORTEST_BARELY_MOIST : SHORTEST_DAYS;
    double days = Math.max(shortest, cycle.daysToRefill().getAsDouble());
    if (s.longestDays().isPresent() && on.isBefore(s.day().plusWeeks(s.longestWeeks()))) {
      days = Math.min(days, s.longestDays().getAsDouble());
    }
    if (!Double.isNaN(last)) {
      double change = Math.pow(BY_WEEK, last / 7);
      days = Math.max(last / change, Math.min(last * change, days));
    }
    return OptionalDouble.of(Math.max(shortest, days));
  }
}
