package happysaucer.core.call;

import happysaucer.core.call.Decision.Haste;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.sign.SignCode;
import happysaucer.core.unit.Message;
import java.time.temporal.ChronoUnit;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A plant that has just been repotted is not repotted again for what settles by itself. */
final class SettlingRules {
  /** Roots have begun to hold by then (rule of thumb). */
  static final int DAYS = 28;

  private static final int SOONEST_DAYS = 5;

  /** Seen on the ball itself: whatever was done, the roots ask for more. */
  private static final Set<SignCode> SEEN_AT_A_SLIP =
      EnumSet.of(
          SignCode.ROOTS_CIRCLING,
          SignCode.BALL_SOLID,
          SignCode.LITTLE_MEDIUM_LEFT,
          SignCode.MEDIUM_BROKEN_DOWN,
          SignCode.POT_DEFORMED);

  private static final List<FindingCode> PASS =
      List.of(FindingCode.UNSTABLE, FindingCode.CROWDED, FindingCode.SPENT_MEDIUM);

  static final List<Rule> ALL = List.of(SettlingRules::settles);

  private SettlingRules() {}

  static boolean repottedLately(Facts f) {
    return f.plant()
        .lastRepotted()
        .map(last -> ChronoUnit.DAYS.between(last, f.c().date()))
        .filter(days -> days >= 0 && days <= DAYS)
        .isPresent();
  }

  static Optional<Decision> settles(Facts f) {
    if (!repottedLately(f)
        || SEEN_AT_A_SLIP.stream().anyMatch(f::present)
        || PASS.stream().noneMatch(f::stands) && !f.crowdingPointedTo()) {
      return Optional.empty();
    }
    int days = (int) ChronoUnit.DAYS.between(f.plant().lastRepotted().get(), f.c().date());
    boolean leans = f.stands(FindingCode.UNSTABLE);
    return Optional.of(
        Decision.of(
            Action.WATCH,
            Haste.NOT_DUE,
            Math.max(SOONEST_DAYS, DAYS - days),
            Message.of("call.settles", days),
            leans
                ? List.of(Message.of("rescue.leans"))
                : f.present(SignCode.WILTS_SOON_AFTER_WATERING)
                    ? List.of(Message.of("rescue.dryBall"))
                    : List.of()));
  }
}
