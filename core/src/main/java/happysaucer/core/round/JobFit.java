package happysaucer.core.round;

import happysaucer.core.advice.Advice;
import happysaucer.core.call.Action;
import happysaucer.core.unit.Message;
import java.time.LocalDate;
import java.util.Optional;

/**
 * Whether a planned repot still fits its plant: a bud, a pest, a new sign or another call may move
 * it, hold it, or warn whoever comes to do it.
 *
 * @param on the day for which it is planned now
 * @param note what came in its way, for whoever reads it; empty when nothing does
 */
public record JobFit(Kind kind, LocalDate on, Optional<Message> note) {
  /** What became of the job. */
  public enum Kind {
    FITS,
    /** To the first day on which nothing holds it. */
    MOVED,
    /** Not to be done until what holds it is over; nobody knows the day. */
    HELD,
    /** The plant asks for something else now. */
    OTHER_CALL,
    /** Planned for later than it should be done. */
    LATE
  }

  /**
   * @param action of the job
   * @param plannedOn its day
   * @param call of the plant as it is now
   */
  public static JobFit of(String action, LocalDate plannedOn, Advice.Call call) {
    if (call.from() == null || call.to() == null || !action.equals(call.action())) {
      return new JobFit(
          Kind.OTHER_CALL,
          plannedOn,
          Optional.of(
              Message.of(
                  "fit.otherCall",
                  Action.valueOf(call.action()).phrase(),
                  call.reasons().get(0).message())));
    }
    Optional<Advice.Hold> undated =
        call.holds().stream()
            .filter(hold -> hold.firm() && !hold.overridden() && hold.until() == null)
            .findFirst();
    if (undated.isPresent()) {
      return new JobFit(
          Kind.HELD,
          plannedOn,
          Optional.of(Message.of("fit.held", undated.get().liftedBy().message())));
    }
    if (plannedOn.isBefore(call.from())) {
      return new JobFit(
          Kind.MOVED, call.from(), Optional.of(Message.of("fit.moved", plannedOn, because(call))));
    }
    if (plannedOn.isAfter(call.to())) {
      return new JobFit(
          Kind.LATE,
          plannedOn,
          Optional.of(Message.of("fit.late", call.to(), call.reasons().get(0).message())));
    }
    return new JobFit(Kind.FITS, plannedOn, Optional.empty());
  }

  private static Message because(Advice.Call call) {
    return call.holds().stream()
        .filter(hold -> !hold.overridden() && hold.until() != null)
        .map(Advice.Hold::liftedBy)
        .findFirst()
        .orElse(call.reasons().get(0))
        .message();
  }
}
