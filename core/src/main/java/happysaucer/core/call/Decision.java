package happysaucer.core.call;

import happysaucer.core.unit.Message;
import java.util.List;

/**
 * What one call rule decided.
 *
 * @param haste how soon the rule wants it, before holds and season
 * @param recheckDays days until the next look, 0 for none
 */
record Decision(
    Action action, Haste haste, int recheckDays, List<Message> reasons, List<Message> interim) {
  enum Haste {
    /** An emergency: overrides holds and season. */
    AT_ONCE,
    EMERGENCY_SOON,
    /** As soon as holds allow, in or out of season. */
    AS_SOON_AS_HELD,
    IN_WINDOW,
    NOT_DUE
  }

  static Decision of(
      Action action, Haste haste, int recheckDays, Message reason, List<Message> interim) {
    return new Decision(action, haste, recheckDays, List.of(reason), interim);
  }
}
