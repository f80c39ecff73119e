package happysaucer.core.unit;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** A span of days, both ends inclusive. */
public record Window(LocalDate from, LocalDate to) {
  public Window {
    if (to.isBefore(from)) {
      throw new IllegalArgumentException("A window ends on or after the day on which it starts.");
    }
  }

  public static Window between(LocalDate from, LocalDate to) {
    return new Window(from, to);
  }

  public static Window ofDays(LocalDate from, int days) {
    return new Window(from, from.plusDays(days));
  }

  public boolean contains(LocalDate date) {
    return !date.isBefore(from) && !date.isAfter(to);
  }

  /** Number of days from the first to the last, 0 for a single day. */
  public long days() {
    return ChronoUnit.DAYS.between(from, to);
  }
}
