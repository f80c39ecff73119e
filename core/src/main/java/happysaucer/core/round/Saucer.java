package happysaucer.core.round;

import happysaucer.core.advice.Advice;

/** What the saucer under a pot tells at a glance. */
public enum Saucer {
  NOTHING_DUE,
  IN_WINDOW,
  DUE_NOW,
  URGENT,
  ON_HOLD,
  /** Set by whoever knows the jobs. */
  IN_AFTERCARE;

  /** Of a call; care that is to change is due as well. */
  public static Saucer of(Advice.Call call) {
    boolean held = call.holds().stream().anyMatch(hold -> hold.firm() && !hold.overridden());
    if (held) {
      return ON_HOLD;
    }
    return switch (call.urgency()) {
      case "NOW" -> URGENT;
      case "SOON" -> DUE_NOW;
      case "THIS_WINDOW" -> IN_WINDOW;
      default -> "FIX_CARE_FIRST".equals(call.action()) ? DUE_NOW : NOTHING_DUE;
    };
  }

  /** Lists begin with what presses: 0 first. */
  public int pressing() {
    return switch (this) {
      case URGENT -> 0;
      case DUE_NOW -> 1;
      case IN_WINDOW -> 2;
      case ON_HOLD -> 3;
      default -> 4;
    };
  }
}
