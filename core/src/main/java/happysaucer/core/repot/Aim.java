package happysaucer.core.repot;

import happysaucer.core.call.Call;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.finding.Findings;
import happysaucer.core.sign.Grade;

/** What kind of pot an action looks for. */
enum Aim {
  /** A step up from the ball. */
  STEP,
  /** Sized to the roots that are left, a step at most. */
  ROOTS,
  /** The pot it stands in. */
  SAME_POT,
  /** Another pot of the same inside size. */
  SAME_SIZE,
  /** The same size with holes, or a step up. */
  SAME_SIZE_OR_STEP,
  /** No deeper than before, or the pot it stands in. */
  SHALLOWER,
  /** The pot it stands in, without taking the ball out. */
  TOP_ONLY;

  static Aim of(Call call, Findings findings) {
    boolean crowded = findings.stands(FindingCode.CROWDED, Grade.CLEAR);
    return switch (call.action()) {
      case REFRESH, ROOT_PRUNE_SAME_POT, PEST_CLEAN -> SAME_POT;
      case HEAVIER_POT -> SAME_SIZE;
      case REPLACE_POT -> crowded ? SAME_SIZE_OR_STEP : SAME_SIZE;
      case DRAINAGE_RESCUE -> crowded ? STEP : SAME_SIZE_OR_STEP;
      case ROT_RESCUE, POT_DOWN -> ROOTS;
      case RAISE_OR_SHALLOW -> SHALLOWER;
      case TOP_DRESS -> TOP_ONLY;
      default -> STEP;
    };
  }

  /** The ball goes back between walls it has fitted before, so no hand's gap is asked for. */
  boolean mayFitTightly() {
    return this == SAME_POT || this == SAME_SIZE || this == SAME_SIZE_OR_STEP || this == TOP_ONLY;
  }

  boolean offersPresentPot() {
    return this == SAME_POT || this == TOP_ONLY || this == SHALLOWER;
  }

  boolean offersOtherPots() {
    return this != SAME_POT && this != TOP_ONLY;
  }
}
