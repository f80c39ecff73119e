package happysaucer.core.call;

import happysaucer.core.call.Decision.Haste;
import happysaucer.core.casefile.Case;
import happysaucer.core.unit.Window;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * How soon, from haste, holds and season.
 *
 * @param window days in which to do it, empty when nothing is due
 * @param free first day on which no dated firm hold stands
 * @param undated a firm hold stands that has no date
 * @param inSeason the date lies in the window of the year
 */
record Timing(
    Urgency urgency, Optional<Window> window, LocalDate free, boolean undated, boolean inSeason) {
  private static final int NOW_DAYS = 7;
  private static final int SOON_DAYS = 28;

  static Timing of(Case c, Haste haste, List<Hold> holds, Windows windows) {
    LocalDate date = c.date();
    LocalDate free = date;
    boolean undated = false;
    boolean firm = false;
    for (Hold hold : holds) {
      if (!hold.firm()) {
        continue;
      }
      firm = true;
      if (hold.until().isEmpty()) {
        undated = true;
      } else if (!hold.until().get().isBefore(free)) {
        free = hold.until().get().plusDays(1);
      }
    }
    boolean inSeason = windows.current().contains(date);
    if (haste == Haste.NOT_DUE) {
      return new Timing(Urgency.NOT_DUE, Optional.empty(), free, undated, inSeason);
    }
    if (haste.emergency() || (haste == Haste.AS_SOON_AS_HELD && !firm)) {
      boolean now = haste == Haste.AT_ONCE;
      return new Timing(
          now ? Urgency.NOW : Urgency.SOON,
          Optional.of(Window.ofDays(date, now ? NOW_DAYS : SOON_DAYS)),
          free,
          undated,
          inSeason);
    }
    Window open = free.isAfter(windows.current().to()) ? windows.following() : windows.current();
    LocalDate from = open.from().isAfter(free) ? open.from() : free;
    from = from.isBefore(date) ? date : from;
    return new Timing(
        open.contains(date) ? Urgency.THIS_WINDOW : Urgency.NEXT_WINDOW,
        Optional.of(Window.between(from, open.to())),
        free,
        undated,
        inSeason);
  }
}
