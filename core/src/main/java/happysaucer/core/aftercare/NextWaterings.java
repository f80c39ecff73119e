package happysaucer.core.aftercare;

import happysaucer.core.aftercare.ExpectedWet.Week;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;

/** The days on which water is due by the plan, counted on from the last pour that was told. */
public final class NextWaterings {
  private NextWaterings() {}

  /**
   * @param late the day is over and nobody has told that it was done
   */
  public record Due(LocalDate on, double litres, boolean late) {}

  /** One week of the plan: as it was given, with its pour in litres. */
  public record Pour(Week week, double litres) {}

  /**
   * @param last pour that was told since the work; empty before the first
   * @param until the last day that is looked at
   */
  public static List<Due> of(
      LocalDate firstOn,
      List<Pour> weeks,
      Optional<LocalDate> last,
      LocalDate today,
      LocalDate until) {
    NavigableMap<LocalDate, Pour> plan = new TreeMap<>();
    weeks.forEach(pour -> plan.put(pour.week().from(), pour));
    List<Due> due = new ArrayList<>();
    if (plan.isEmpty()) {
      return due;
    }
    Optional<LocalDate> on =
        last.filter(day -> !day.isBefore(firstOn))
            .map(day -> after(plan, day))
            .orElse(Optional.of(firstOn));
    while (on.isPresent() && !on.get().isAfter(until)) {
      LocalDate day = on.get();
      boolean late = day.isBefore(today);
      due.add(new Due(day, at(plan, day).litres(), late));
      // what is late is done today, and the next one counts from then
      on = after(plan, late ? today : day);
    }
    return due;
  }

  private static Pour at(NavigableMap<LocalDate, Pour> plan, LocalDate day) {
    var week = plan.floorEntry(day);
    return (week == null ? plan.firstEntry() : week).getValue();
  }

  private static Optional<LocalDate> after(NavigableMap<LocalDate, Pour> plan, LocalDate day) {
    return at(plan, day)
        .week()
        .everyDays()
        .map(every -> day.plusDays(Math.max(1, Math.round(every))));
  }
}
