package happysaucer.core.call;

import happysaucer.core.unit.Message;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What one call rule decided.
 *
 * @param haste how soon the rule wants it, before holds and season
 * @param recheckDays days until the next look, 0 for none
 * @param why what speaks for it
 * @param means why it is met by this action and no other, where that is not plain
 */
record Decision(
    Action action,
    Haste haste,
    int recheckDays,
    List<Message> why,
    Optional<Message> means,
    List<Message> interim) {

  /** The same, when its window is open. */
  Decision inWindow() {
    return new Decision(action, Haste.IN_WINDOW, recheckDays, why, means, interim);
  }

  List<Message> reasons() {
    return Stream.concat(why.stream(), means.stream()).toList();
  }

  enum Haste {
    /** An emergency: overrides holds and season. */
    AT_ONCE,
    EMERGENCY_SOON,
    /** As soon as holds allow, in or out of season. */
    AS_SOON_AS_HELD,
    IN_WINDOW,
    NOT_DUE;

    boolean emergency() {
      return this == AT_ONCE || this == EMERGENCY_SOON;
    }
  }

  static Decision of(
      Action action, Haste haste, int recheckDays, Message reason, List<Message> interim) {
    return new Decision(action, haste, recheckDays, List.of(reason), Optional.empty(), interim);
  }

  /** Work to do. */
  static Optional<Decision> say(Action action, Haste haste, Message reason, Message... interim) {
    return Optional.of(of(action, haste, 0, reason, List.of(interim)));
  }

  /** Care to change, and another look. */
  static Optional<Decision> fix(int recheckDays, Message reason, Message interim) {
    return Optional.of(
        of(Action.FIX_CARE_FIRST, Haste.NOT_DUE, recheckDays, reason, List.of(interim)));
  }

  /** The same need met by another action: what spoke of the old one's means goes with it. */
  Decision insteadBy(Action other, Message reason) {
    return new Decision(other, haste, recheckDays, why, Optional.of(reason), interim);
  }
}
