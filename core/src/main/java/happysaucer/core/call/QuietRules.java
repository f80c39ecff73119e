package happysaucer.core.call;

import happysaucer.core.call.Decision.Haste;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.finding.Losses;
import happysaucer.core.method.Method;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.StateCode;
import happysaucer.core.unit.Message;
import java.util.List;
import java.util.Optional;

/** When no sign asks for anything. */
final class QuietRules {
  /** Days to the next look (rules of thumb). */
  private static final int NORMAL_DAYS = 90;

  private static final int LEAVE_DAYS = 120;
  private static final int FOLLOW_DAYS = 28;

  /** No sooner than this after a move. */
  private static final int LEAST_DAYS = 10;

  static final List<Rule> ALL =
      List.of(
          QuietRules::newlyBoughtIntoOwnMix,
          QuietRules::leavesAfterAMove,
          QuietRules::onlyNormal,
          QuietRules::nothingStands);

  private QuietRules() {}

  /** Some teams move bought plants into their own mix, whatever came with them. */
  static Optional<Decision> newlyBoughtIntoOwnMix(Facts f) {
    boolean soon =
        f.plant().is(StateCode.ARRIVED)
            && f.c().method().newlyBought() == Method.NewlyBought.REPOT_SOON
            && !f.plant().mix().code().equals(f.plant().traits().bestMix());
    if (!soon) {
      return Optional.empty();
    }
    return Decision.say(Action.REFRESH, Haste.IN_WINDOW, Message.of("call.ownMix"));
  }

  static Optional<Decision> pastTheInterval(Facts f) {
    boolean past =
        f.c().method().timing() == Method.Timing.INTERVAL
            && f.plant()
                .monthsInPot(f.c().date())
                .map(months -> months > f.plant().traits().monthsTo())
                .orElse(false)
            && !f.present(SignCode.MEDIUM_FALLS_AWAY);
    if (!past) {
      return Optional.empty();
    }
    return Decision.say(
        f.plant().keepsSize() || f.rootsHaveRoom() ? Action.REFRESH : Action.POT_UP,
        Haste.IN_WINDOW,
        Message.of("call.interval", f.plant().traits().monthsTo()));
  }

  /** A fall of leaves is never nothing: where a move or a journey explains it, that is said. */
  static Optional<Decision> leavesAfterAMove(Facts f) {
    Optional<StateCode> cause = Losses.explainedBy(f.c());
    if (cause.isEmpty()) {
      return Optional.empty();
    }
    boolean moved = cause.get() == StateCode.MOVED_LIGHT;
    int left = Losses.EXPLAINS_DAYS - f.plant().states().get(cause.get());
    return Optional.of(
        Decision.of(
            Action.LEAVE,
            Haste.NOT_DUE,
            Math.max(LEAST_DAYS, left),
            moved ? Message.of("call.moved") : Message.of("call.journey"),
            List.of(Message.of("interim.still"))));
  }

  static Optional<Decision> onlyNormal(Facts f) {
    if (!f.stands(FindingCode.JUST_NORMAL)) {
      return Optional.empty();
    }
    return Optional.of(
        Decision.of(
            Action.LEAVE, Haste.NOT_DUE, NORMAL_DAYS, Message.of("call.normal"), List.of()));
  }

  static Optional<Decision> nothingStands(Facts f) {
    return Optional.of(
        Decision.of(
            Action.LEAVE,
            Haste.NOT_DUE,
            f.somethingToFollow() ? FOLLOW_DAYS : LEAVE_DAYS,
            f.present(SignCode.MEDIUM_FALLS_AWAY)
                ? Message.of("call.notRooted")
                : f.somethingToFollow() ? Message.of("call.follow") : Message.of("call.leave"),
            List.of()));
  }
}
