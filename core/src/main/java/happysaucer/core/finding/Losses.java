package happysaucer.core.finding;

import happysaucer.core.casefile.Case;
import happysaucer.core.season.DayLength;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.StateCode;
import happysaucer.core.species.Light;
import happysaucer.core.unit.Message;
import java.util.List;
import java.util.Optional;

/**
 * Loss of leaf or colour is never nothing: too dark, explained by a move, or a cause to be found.
 */
public final class Losses {
  static final String SPOT = "SPOT_LIGHT";

  /** So many leaves between two checks are many (rule of thumb). */
  private static final double MANY_LEAVES = 5;

  /** A move or a journey explains a fall of leaves for so many days (rule of thumb). */
  public static final int EXPLAINS_DAYS = 28;

  private static final double GROWING_HOURS = 10;
  private static final double STANDS = 8;

  private static final List<FindingCode> CAUSES =
      List.of(
          FindingCode.CROWDED,
          FindingCode.SPENT_MEDIUM,
          FindingCode.ROT,
          FindingCode.OVER_POTTED,
          FindingCode.OVERWATERED,
          FindingCode.UNDERWATERED,
          FindingCode.ROOT_PESTS,
          FindingCode.NUTRIENT_SHORTAGE,
          FindingCode.SALT_BUILD_UP,
          FindingCode.NO_DRAINAGE,
          FindingCode.COLLAR_RISK,
          FindingCode.LIGHT_SHORTAGE);

  private static final List<SignCode> PESTS =
      List.of(SignCode.SCALE, SignCode.MEALYBUG, SignCode.SPIDER_MITES, SignCode.THRIPS);

  private Losses() {}

  static void weigh(Case c, Ledger ledger) {
    tooDark(c, ledger);
    leavesWithWater(c, ledger);
    if (unexplained(c, ledger)) {
      if (manyLeaves(c)) {
        ledger.add(
            FindingCode.DECLINE,
            SignCode.LOWER_LEAVES_SHED.name(),
            STANDS,
            () -> Message.of("loss.leaves"));
      }
      if (c.signs().present(SignCode.WHOLE_PLANT_PALE)) {
        ledger.add(
            FindingCode.DECLINE,
            SignCode.WHOLE_PLANT_PALE.name(),
            STANDS,
            () -> Message.of("loss.pale"));
      }
    }
  }

  /** So many leaves have fallen since the last check that it is no matter of age. */
  public static boolean manyLeaves(Case c) {
    return c.signs().value(SignCode.LOWER_LEAVES_SHED).orElse(0.0) >= MANY_LEAVES;
  }

  /** A kind of the sun that stalls or sheds in a dim spot. */
  private static void tooDark(Case c, Ledger ledger) {
    Light likes = c.plant().traits().light();
    int missing = likes.ordinal() - c.light().ordinal();
    boolean dim = c.light() == Light.LOW || c.light() == Light.MEDIUM;
    boolean shows =
        (c.signs().present(SignCode.GROWTH_STALLED)
                && DayLength.hours(c.site().latitude(), c.date()) >= GROWING_HOURS)
            || manyLeaves(c);
    if (missing >= 2 && dim && shows && !c.resting()) {
      ledger.add(FindingCode.LIGHT_SHORTAGE, SPOT, STANDS, () -> Message.of("loss.dark"));
    }
  }

  /**
   * Many leaves tell with what the pot tells: from a wet one too much, from a light one too little.
   */
  private static void leavesWithWater(Case c, Ledger ledger) {
    if (!manyLeaves(c) || c.resting() || within(c, StateCode.MOVED_LIGHT)) {
      return;
    }
    String sign = SignCode.LOWER_LEAVES_SHED.name();
    if (c.signs().present(SignCode.SOUR_SMELL) || c.signs().present(SignCode.WILTS_WHEN_WET)) {
      ledger.add(
          FindingCode.ROT, sign, SignWeight.MODERATE.decibans(), () -> Message.of("loss.rot"));
    } else if (wet(c)) {
      ledger.add(
          FindingCode.OVERWATERED,
          sign,
          SignWeight.MODERATE.decibans(),
          () -> Message.of("loss.wet"));
    } else if (light(c)) {
      ledger.add(
          FindingCode.UNDERWATERED,
          sign,
          SignWeight.MODERATE.decibans(),
          () -> Message.of("loss.dry"));
    }
  }

  private static boolean wet(Case c) {
    return c.signs().present(SignCode.STAYS_WET)
        || c.signs().present(SignCode.WATER_IN_COVER_POT)
        || c.signs().grade(SignCode.HEFT).equals(Optional.of(Grade.HEAVY))
        || c.plant().is(StateCode.OVERWATERED);
  }

  private static boolean light(Case c) {
    return c.signs().grade(SignCode.HEFT).equals(Optional.of(Grade.LIGHT))
        || c.plant().is(StateCode.UNDERWATERED);
  }

  private static boolean unexplained(Case c, Ledger ledger) {
    if (c.resting() || within(c, StateCode.MOVED_LIGHT) || within(c, StateCode.ARRIVED)) {
      return false;
    }
    for (SignCode pest : PESTS) {
      if (c.signs().present(pest)) {
        return false;
      }
    }
    for (FindingCode cause : CAUSES) {
      if (Strength.of(ledger.sum(cause)).stands()) {
        return false;
      }
    }
    return true;
  }

  /** Many leaves have fallen, and a move or a journey of the last weeks says why. */
  public static Optional<StateCode> explainedBy(Case c) {
    if (!manyLeaves(c)) {
      return Optional.empty();
    }
    return within(c, StateCode.MOVED_LIGHT)
        ? Optional.of(StateCode.MOVED_LIGHT)
        : within(c, StateCode.ARRIVED) ? Optional.of(StateCode.ARRIVED) : Optional.empty();
  }

  private static boolean within(Case c, StateCode state) {
    Integer days = c.plant().states().get(state);
    return days != null && days <= EXPLAINS_DAYS;
  }
}
