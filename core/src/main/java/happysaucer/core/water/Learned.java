package happysaucer.core.water;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What the estimate of a plant's thirst knew at first, and what each measurement taught it.
 *
 * @param lessons the table first, then in the order of their days
 * @param next half width of the range with one more measured watering, share
 */
public record Learned(List<Lesson> lessons, double next) {
  /** Where a lesson comes from. */
  public enum From {
    TABLE,
    WATERED,
    WEIGHED
  }

  /**
   * @param on day of the measurement; empty for the table
   * @param litresPerDay that it says by itself, on a day of twelve hours of light
   * @param believed it is near enough to what such a plant can drink
   * @param knows what is made of it and all before, litres a day
   * @param uncertainty half width of the range then, share
   */
  public record Lesson(
      From from,
      Optional<LocalDate> on,
      double litresPerDay,
      boolean believed,
      double knows,
      double uncertainty) {}
}
