package happysaucer.core.finding;

import happysaucer.core.casefile.Case;
import happysaucer.core.pot.Standing;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.StateCode;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Wording;
import java.util.Optional;

/** Evidence that no sign carries: time in the pot, the record of waterings, sizes, and hearsay. */
final class Priors {
  static final String TIME = "TIME_SINCE_REPOT";
  static final String BALL = "BALL_SHARE";
  static final String STANDING = "STANDING";

  /** A measured ball under this share of the fill is a plant in too large a pot (rule of thumb). */
  private static final double SMALL_BALL = 1.0 / 3;

  private static final double LARGE_BALL = 0.6;

  static final String RECORD = "WATERING_RECORD";

  /** Poured over what it can drink, from which the record is doubted (rules of thumb). */
  private static final double POURED_MUCH = 3;

  private static final double POURED_LITTLE = 0.3;

  /** There the finding stands; at half as far nothing is said yet, decibans. */
  private static final double STANDS = 6;

  private static final double DECIBANS_PER_E = STANDS / Math.log(1.6);
  private static final double MOST_BY_RECORD = 12;

  private Priors() {}

  static void weigh(Case c, Expectation expectation, Ledger ledger) {
    intervalOnRecord(c, expectation, ledger);
    timeInPot(c, ledger);
    ballAgainstPot(c, ledger);
    tipsOver(c, expectation, ledger);
    toldOfWatering(c, ledger);
    pouredAgainstUse(c, expectation, ledger);
  }

  /** The record of waterings speaks where nobody ticked the sign. */
  private static void intervalOnRecord(Case c, Expectation expectation, Ledger ledger) {
    if (c.signs().checked(SignCode.DRIES_TOO_FAST)
        || c.signs().present(SignCode.MEDIUM_FALLS_AWAY)
        || expectation.intervalRatio().isEmpty()) {
      return;
    }
    double ratio = expectation.intervalRatio().get();
    String sign = SignCode.DRIES_TOO_FAST.name();
    if (ratio < 0.5) {
      ledger.add(
          FindingCode.CROWDED,
          sign,
          SignWeight.STRONG.decibans(),
          () -> Message.of("record.driesFast", Wording.percent(ratio)));
    } else if (ratio < 0.75) {
      ledger.add(
          FindingCode.CROWDED,
          sign,
          SignWeight.WEAK.decibans(),
          () -> Message.of("record.driesFaster", Wording.percent(ratio)));
    } else {
      ledger.add(
          FindingCode.CROWDED,
          sign,
          SignWeight.AGAINST_WEAK.decibans(),
          () -> Message.of("record.driesAsBefore"));
    }
  }

  /** Time since the last repot against the species' interval and the mix's life. */
  private static void timeInPot(Case c, Ledger ledger) {
    Optional<Double> known = c.plant().monthsInPot(c.date());
    if (known.isEmpty()) {
      return;
    }
    double months = known.get();
    ledger.add(
        FindingCode.CROWDED,
        TIME,
        crowded(months / c.plant().traits().monthsMiddle()),
        () ->
            Message.of(
                "prior.crowded",
                (double) Math.round(months),
                c.plant().traits().monthsFrom(),
                c.plant().traits().monthsTo()));
    ledger.add(
        FindingCode.SPENT_MEDIUM,
        TIME,
        spent(months / c.plant().mix().lifeMonths()),
        () -> Message.of("prior.spent", (double) Math.round(months), c.plant().mix().lifeMonths()));
  }

  /** Decibans by time over the usual interval; even with a weak sign the finding does not stand. */
  private static double crowded(double ratio) {
    if (ratio < 0.25) {
      return -6;
    }
    if (ratio < 0.6) {
      return -3;
    }
    if (ratio < 1) {
      return 0;
    }
    return ratio < 1.6 ? 2 : ratio < 2.5 ? 3 : 3.9;
  }

  /** Medium decays by time alone: at twice its life it stands, without a sign (rule of thumb). */
  private static double spent(double ratio) {
    return ratio < 2.2 ? crowded(ratio) : ratio < 3 ? 6 : 8;
  }

  /** Only a ball that was measured says something: an assumed one fills its pot. */
  private static void ballAgainstPot(Case c, Ledger ledger) {
    if (!c.ball().measured()) {
      return;
    }
    double share = Math.min(1, c.ball().litres() / c.pot().fill().litres());
    if (share < SMALL_BALL) {
      ledger.add(
          FindingCode.OVER_POTTED,
          BALL,
          SignWeight.MODERATE.decibans(),
          () -> Message.of("prior.smallBall", Wording.percent(share)));
    } else if (share > LARGE_BALL) {
      ledger.add(
          FindingCode.OVER_POTTED,
          BALL,
          SignWeight.AGAINST_STRONG.decibans(),
          () -> Message.of("prior.largeBall", Wording.percent(share)));
    }
  }

  /** How hard a push tips it counts beside what was seen to tip, never alone nor for a lean. */
  private static void tipsOver(Case c, Expectation expectation, Ledger ledger) {
    if (!c.signs().present(SignCode.TOPPLES) && !c.signs().present(SignCode.TOP_HEAVY)) {
      return;
    }
    double needed = c.pushNeededN();
    boolean tips = expectation.pushN() < needed;
    ledger.add(
        FindingCode.UNSTABLE,
        STANDING,
        tips ? SignWeight.MODERATE.decibans() : SignWeight.AGAINST_WEAK.decibans(),
        () ->
            tips
                ? Message.of(
                    "prior.tips",
                    Standing.pushAsMass(expectation.pushN()),
                    Standing.pushAsMass(needed))
                : Message.of("prior.stands", Standing.pushAsMass(expectation.pushN())));
  }

  /**
   * The record is evidence too: pours far from what a plant of this size can drink tell of the
   * watering. From half as far on it begins to count, by the logarithm of how far.
   */
  private static void pouredAgainstUse(Case c, Expectation expectation, Ledger ledger) {
    double ratio = expectation.pouredOverUse().orElse(1.0);
    double over = (Math.log(ratio) - Math.log(POURED_MUCH)) * DECIBANS_PER_E;
    double under = (Math.log(POURED_LITTLE) - Math.log(ratio)) * DECIBANS_PER_E;
    if (STANDS + over > 0) {
      boolean light =
          c.signs().grade(SignCode.HEFT).equals(Optional.of(Grade.LIGHT))
              || c.signs().present(SignCode.CORE_DRY)
              || c.signs().present(SignCode.MEDIUM_SHRUNK_FROM_WALL);
      ledger.add(
          light ? FindingCode.SPENT_MEDIUM : FindingCode.OVERWATERED,
          RECORD,
          Math.min(MOST_BY_RECORD, STANDS + over),
          () ->
              light
                  ? Message.of("record.runsPast", times(ratio))
                  : Message.of("record.tooMuch", times(ratio)));
    } else if (STANDS + under > 0) {
      ledger.add(
          FindingCode.UNDERWATERED,
          RECORD,
          Math.min(MOST_BY_RECORD, STANDS + under),
          () -> Message.of("record.tooLittle", Wording.percent(Math.round(ratio * 20) / 20.0)));
    }
  }

  /** Halves while that tells something, then whole numbers. */
  private static double times(double ratio) {
    return ratio < 4 ? Math.round(ratio * 2) / 2.0 : Math.round(ratio);
  }

  private static void toldOfWatering(Case c, Ledger ledger) {
    if (c.plant().is(StateCode.OVERWATERED)) {
      ledger.add(
          FindingCode.OVERWATERED,
          StateCode.OVERWATERED.name(),
          SignWeight.STRONG.decibans(),
          () -> Message.of("told.over"));
    }
    if (c.plant().is(StateCode.UNDERWATERED)) {
      ledger.add(
          FindingCode.UNDERWATERED,
          StateCode.UNDERWATERED.name(),
          SignWeight.STRONG.decibans(),
          () -> Message.of("told.under"));
    }
  }
}
