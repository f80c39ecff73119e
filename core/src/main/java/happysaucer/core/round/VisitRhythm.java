package happysaucer.core.round;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;

/**
 * A site is visited on some weekdays of every so many weeks, from a day on. Weeks begin on a
 * Monday; the one that the first day lies in is the first of them.
 *
 * @param everyWeeks 1 for every week
 * @param days empty where nobody comes by the calendar
 * @param from the first day on which it can be
 */
public record VisitRhythm(int everyWeeks, Set<DayOfWeek> days, LocalDate from) {
  /** The day that days are counted from was a Thursday. */
  private static final int TO_MONDAY = 3;

  private static final int WEEK = 7;

  public VisitRhythm {
    if (everyWeeks < 1) {
      throw new IllegalArgumentException("A site is visited every " + everyWeeks + " weeks.");
    }
    days = Set.copyOf(days);
  }

  /** Whether the site is visited on this day. */
  public boolean falls(LocalDate day) {
    return !day.isBefore(from)
        && days.contains(day.getDayOfWeek())
        && (week(day) - week(from)) % everyWeeks == 0;
  }

  /** The first visit on this day or after it. */
  public Optional<LocalDate> next(LocalDate notBefore) {
    LocalDate day = notBefore.isBefore(from) ? from : notBefore;
    for (int ahead = 0; !days.isEmpty() && ahead < WEEK * (everyWeeks + 1); ahead++) {
      if (falls(day.plusDays(ahead))) {
        return Optional.of(day.plusDays(ahead));
      }
    }
    return Optional.empty();
  }

  private static long week(LocalDate day) {
    return Math.floorDiv(day.toEpochDay() + TO_MONDAY, WEEK);
  }
}
