package happysaucer.core.aftercare;

import happysaucer.core.species.AftercarePlan;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Window;
import happysaucer.core.water.Drying;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The dated steps after a repot, and the watering week by week.
 *
 * @param weeks eight, or none when nothing was potted
 * @param after the first cycle, as it will be watered
 */
public record Aftercare(
    AftercarePlan plan, List<Step> steps, List<Week> weeks, Optional<Drying> after) {
  public enum Kind {
    WATER,
    PROBE,
    LIGHT,
    FEED,
    FOLLOW_UP,
    TOP_UP,
    REMOVE_BLOOM,
    WATCH
  }

  public enum Who {
    CARETAKER,
    TECHNICIAN
  }

  public record Step(Window window, Kind kind, Who who, Message text) {}

  /**
   * @param everyDays days between waterings, empty in a week without water
   * @param litres a pour, 0 in a week without water
   */
  public record Week(int week, LocalDate from, OptionalDouble everyDays, double litres) {}
}
