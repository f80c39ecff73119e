package happysaucer.server.client;

import happysaucer.core.round.VisitRhythm;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * When a site is visited.
 *
 * @param everyWeeks 1 for every week
 * @param from the first day of it
 * @param days on which it is visited; none where only planned jobs lead there
 */
public record VisitPlan(
    @NotNull(message = "Say every how many weeks.")
        @Min(value = 1, message = "Every 1 to 26 weeks.")
        @Max(value = 26, message = "Every 1 to 26 weeks.")
        Integer everyWeeks,
    @NotNull(message = "Give the day from which on.") LocalDate from,
    @NotNull(message = "Send the weekdays, none where nobody comes by the calendar.")
        @Size(max = 7, message = "At most the seven days of a week.")
        List<@Valid @NotNull(message = "A day is missing here.") VisitDay> days) {
  private static final String HOUR = "([01][0-9]|2[0-3]):[0-5][0-9]";

  /**
   * @param weekday 1 for Monday to 7 for Sunday
   * @param opens HH:mm; null where it does not matter
   * @param closes HH:mm; null where it does not matter
   */
  public record VisitDay(
      @NotNull(message = "Give the day.")
          @Min(value = 1, message = "1 for Monday to 7 for Sunday.")
          @Max(value = 7, message = "1 for Monday to 7 for Sunday.")
          Integer weekday,
      @Nullable @Pattern(regexp = HOUR, message = "Write an hour like 08:30.") String opens,
      @Nullable @Pattern(regexp = HOUR, message = "Write an hour like 17:00.") String closes) {}

  VisitRhythm rhythm() {
    return new VisitRhythm(
        everyWeeks,
        days.stream().map(day -> DayOfWeek.of(day.weekday())).collect(Collectors.toSet()),
        from);
  }
}
