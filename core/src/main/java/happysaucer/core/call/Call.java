package happysaucer.core.call;

import happysaucer.core.unit.Message;
import happysaucer.core.unit.Window;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * The recommended action.
 *
 * @param window days in which to do it, empty when nothing is due
 * @param recheck when to look again
 * @param reasons in the order in which they counted
 * @param overridden whether an emergency overrides the holds
 * @param smallestStep out of season: go up as little as will fit
 * @param growthStarts when its window opens, where it is not open on the first day of work
 */
public record Call(
    Action action,
    Urgency urgency,
    Optional<Window> window,
    Optional<LocalDate> recheck,
    List<Message> reasons,
    List<Hold> holds,
    boolean overridden,
    List<Message> interim,
    List<Also> also,
    List<Alternative> alternatives,
    boolean smallestStep,
    Optional<LocalDate> growthStarts,
    Optional<Overruled> overruled) {

  /**
   * @param action the rules' own, in place of which a person's stands
   */
  public record Overruled(Action action, String by, String reason) {}

  public record Also(AlsoCode code, Message text) {}

  public record Alternative(Action action, Message when) {}

  /** Whether it ends in work on the bench with a plan of its own. */
  public boolean needsPlan() {
    return switch (action) {
      case LEAVE, WATCH, FIX_CARE_FIRST, RETIRE, PROPAGATE -> false;
      default -> true;
    };
  }
}
