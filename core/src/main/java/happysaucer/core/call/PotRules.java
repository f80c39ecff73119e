package happysaucer.core.call;

import happysaucer.core.call.Decision.Haste;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.finding.NearRoots;
import happysaucer.core.finding.Snug;
import happysaucer.core.finding.Strength;
import happysaucer.core.sign.SignCode;
import happysaucer.core.species.Group;
import happysaucer.core.unit.Message;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;

/** Unstable, then spent medium, then crowded: what the pot itself asks for. */
final class PotRules {
  /** Days to the next look (rules of thumb). */
  private static final int WATCH_LEAST = 90;

  private static final int WATCH_MOST = 180;
  private static final int FIND_OUT = 14;

  static final List<Rule> ALL =
      List.of(
          PotRules::unstableNotCrowded,
          PotRules::clumpOutgrowsThePot,
          PotRules::crowdingSuspected,
          PotRules::spentNotCrowded,
          PotRules::crowdedMayGrow,
          PotRules::crowdedMustStay,
          QuietRules::pastTheInterval,
          PotRules::crowdingBegins);

  private PotRules() {}

  /** Same inside size, more mass or a wider foot; never simply a bigger volume. */
  static Optional<Decision> unstableNotCrowded(Facts f) {
    if (!f.stands(FindingCode.UNSTABLE) || f.crowdedClearly()) {
      return Optional.empty();
    }
    return Decision.say(
        Action.HEAVIER_POT,
        Haste.AS_SOON_AS_HELD,
        Message.of("call.unstable"),
        Message.of("interim.secure"));
  }

  /** Offsets have used up the pot and the plant is to stay as it is, or its mother is ending. */
  static Optional<Decision> clumpOutgrowsThePot(Facts f) {
    boolean clump = f.present(SignCode.PUPS_FILL_POT) && f.plant().traits().divides();
    boolean motherEnds = f.plant().species().group() == Group.BROMELIAD;
    if (!clump || !(f.plant().keepsSize() || motherEnds)) {
      return Optional.empty();
    }
    return Decision.say(
        Action.DIVIDE,
        Haste.IN_WINDOW,
        motherEnds ? Message.of("call.pups") : Message.of("call.divide"));
  }

  static Optional<Decision> spentNotCrowded(Facts f) {
    if (!f.stands(FindingCode.SPENT_MEDIUM) || f.crowdedClearly()) {
      return Optional.empty();
    }
    return Decision.say(
        Action.REFRESH,
        Haste.IN_WINDOW,
        f.rootsHaveRoom() ? Message.of("call.spent") : Message.of("call.spentAlone"));
  }

  static Optional<Decision> crowdedMayGrow(Facts f) {
    if (!f.crowdedClearly() || f.plant().keepsSize()) {
      return Optional.empty();
    }
    return crowded(f, Action.POT_UP, "grows");
  }

  /** The plant, the spot or the pot must stay this size. */
  static Optional<Decision> crowdedMustStay(Facts f) {
    if (!f.crowdedClearly() || !f.plant().keepsSize()) {
      return Optional.empty();
    }
    boolean told = f.plant().toldToStay();
    boolean covered = f.plant().heldByCover();
    if (f.plant().traits().rootLimit() <= 0) {
      return crowded(f, Action.POT_UP, told ? "told" : covered ? "cover" : "height");
    }
    return crowded(f, Action.ROOT_PRUNE_SAME_POT, told ? "told" : covered ? "cover" : "height");
  }

  /** The key of what is said of how a crowded plant's need is met, in one of its wordings. */
  static String means(Action action, String wording) {
    return "call." + action + "." + wording;
  }

  private static Optional<Decision> crowded(Facts f, Action action, String wording) {
    boolean severe = f.crowdedSeverely();
    return Optional.of(
        new Decision(
            action,
            severe ? Haste.AS_SOON_AS_HELD : Haste.IN_WINDOW,
            0,
            List.of(severe ? Message.of("call.crowdedSevere") : Message.of("call.crowdedClear")),
            Optional.of(Message.of(means(action, wording))),
            List.of(
                severe
                    ? Message.of("interim.soak")
                    : f.growing()
                        ? Message.of("interim.waterAsNow")
                        : Message.of("interim.waterUnfed"))));
  }

  /** Signs away from the roots point to crowding: find out before anything is repotted. */
  static Optional<Decision> crowdingSuspected(Facts f) {
    boolean pointed =
        f.findings().get(FindingCode.CROWDED).strength() != Strength.NONE
            && !NearRoots.seen(f.c(), f.expectation())
            && f.crowdingPointedTo()
            && !f.mediumSeenSpent();
    if (!pointed) {
      return Optional.empty();
    }
    return Optional.of(
        Decision.of(
            Action.WATCH,
            Haste.NOT_DUE,
            FIND_OUT,
            Message.of("call.suspected"),
            List.of(Message.of("interim.suspected"))));
  }

  static Optional<Decision> crowdingBegins(Facts f) {
    if (f.findings().get(FindingCode.CROWDED).strength() == Strength.NONE) {
      return Optional.empty();
    }
    boolean snug = Snug.likes(f.c());
    boolean near = NearRoots.seen(f.c(), f.expectation());
    if (!near && !f.longInItsPot()) {
      return Optional.empty();
    }
    Message reason =
        !near
            ? Message.of("call.longInPot")
            : snug
                ? Message.of("call.beginsSnug")
                : f.rootsHaveRoom() ? Message.of("call.begins") : Message.of("call.beginsToPress");
    return Optional.of(Decision.of(Action.WATCH, Haste.NOT_DUE, watchDays(f), reason, List.of()));
  }

  /** Look again a month before crowding may be clear, within three to six months. */
  private static int watchDays(Facts f) {
    long days =
        f.forecast()
            .clearFrom()
            .map(clear -> ChronoUnit.DAYS.between(f.c().date(), clear.minusMonths(1)))
            .orElse((long) WATCH_LEAST);
    return (int) Math.max(WATCH_LEAST, Math.min(WATCH_MOST, days));
  }
}
