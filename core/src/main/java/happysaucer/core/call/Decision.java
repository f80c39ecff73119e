package happysaucer.core.call;

import happysaucer.core.unit.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What one call rule decided.
 *
 * @param haste how soon the rule wants it, before holds and season
 * @param recheckDays days until the next look, 0 for none
 */
record Decision(
    Action action, Haste haste, int recheckDays, List<Message> reasons, List<Message> interim) {
  /** Reasons that speak of how, not of why, have this and their action as their key. */
  static final String MEANS = "call.";

  /** The same, when its window is open. */
  Decision inWindow() {
    return new Decision(action, Haste.IN_WINDOW, recheckDays, reasons, interim);
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
    return new Decision(action, haste, recheckDays, List.of(reason), interim);
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
    List<Message> more = new ArrayList<>(reasons);
    more.removeIf(said -> said.key().startsWith(MEANS + action + "."));
    more.add(reason);
    return new Decision(other, haste, recheckDays, more, interim);
  }
}
