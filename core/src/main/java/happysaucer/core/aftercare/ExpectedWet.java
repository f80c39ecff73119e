package happysaucer.core.aftercare;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * How wet a pot should be after its repot, day by day: full after each watering of the plan, and
 * down to where its kind wants water when the next one is due. Shares of the water that its roots
 * can reach, 0 to 1.
 */
public final class ExpectedWet {
  /** So much of the way from one watering to the next, a finger should find it wet no more. */
  private static final double HARDLY_WET = 0.7;

  /** And so soon after one it should not find it dry. */
  private static final double HARDLY_DRY = 0.3;

  /** Nothing is expected of it. */
  private static final double EITHER = 0.5;

  /** Before a first watering that waits, medium out of the bag is about so wet. */
  private static final double FROM_THE_BAG = 0.4;

  private ExpectedWet() {}

  /**
   * @param spent of the way from one watering to the next, 0 to 1 and beyond
   */
  public record Point(LocalDate on, double wet, double spent) {}

  /**
   * A finger, a weight or a sign against the plan.
   *
   * @param wetter than expected; else drier
   */
  public record Against(LocalDate on, boolean wetter) {}

  /** One week of the plan, as it was given. */
  public record Week(LocalDate from, Optional<Double> everyDays) {}

  /**
   * What was found, wet or dry.
   *
   * @param wet heavy, or wet at two finger joints; else light
   */
  public record Found(LocalDate on, boolean wet) {}

  /**
   * By the plan; where pours are told, by those until today, and by the plan from then on.
   *
   * @param poured what was logged since, the oldest first
   * @param spent share of the reachable water after which its kind wants more, 0 to 1
   * @param today so far only what was told counts, once anything was
   * @param until the last day
   */
  public static List<Point> of(
      LocalDate workedOn,
      LocalDate firstOn,
      List<Week> weeks,
      List<LocalDate> poured,
      double spent,
      LocalDate today,
      LocalDate until) {
    NavigableMap<LocalDate, Optional<Double>> plan = new TreeMap<>();
    weeks.forEach(week -> plan.put(week.from(), week.everyDays()));
    List<Point> points = new ArrayList<>();
    @Nullable LocalDate watered = null;
    double every = 0;
    for (LocalDate day = workedOn; !day.isAfter(until); day = day.plusDays(1)) {
      boolean due =
          watered == null
              ? !day.isBefore(firstOn)
              : every > 0 && ChronoUnit.DAYS.between(watered, day) >= Math.round(every);
      boolean told = !poured.isEmpty() && !day.isAfter(today);
      if (poured.contains(day) || due && !told) {
        watered = day;
        every = plan.isEmpty() ? 0 : every(plan, day);
      }
      points.add(point(watered, day, every, spent));
    }
    return points;
  }

  private static double every(NavigableMap<LocalDate, Optional<Double>> plan, LocalDate day) {
    var week = plan.floorEntry(day);
    return (week == null ? plan.firstEntry() : week).getValue().orElse(0.0);
  }

  private static Point point(
      @Nullable LocalDate watered, LocalDate day, double every, double spent) {
    if (watered == null) {
      return new Point(day, FROM_THE_BAG, EITHER);
    }
    if (every <= 0) {
      return new Point(day, 1, EITHER);
    }
    double gone = ChronoUnit.DAYS.between(watered, day) / every;
    return new Point(day, Math.max(0, 1 - spent * gone), gone);
  }

  /** Where what was found is not what was to be expected. */
  public static List<Against> against(List<Point> expected, List<Found> found) {
    List<Against> against = new ArrayList<>();
    for (Found each : found) {
      expected.stream()
          .filter(point -> point.on().equals(each.on()))
          .findFirst()
          .ifPresent(
              point -> {
                if (each.wet() && point.spent() >= HARDLY_WET) {
                  against.add(new Against(each.on(), true));
                } else if (!each.wet() && point.spent() <= HARDLY_DRY) {
                  against.add(new Against(each.on(), false));
                }
              });
    }
    return against;
  }
}
