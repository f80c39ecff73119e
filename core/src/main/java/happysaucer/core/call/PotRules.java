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
        Message.of(
            "call.unstable",
            "It tips, and nothing says that it needs more root room: a heavier pot or a wider foot of the same inside size. A larger pot would stay wet and stand no better."),
        Message.of(
            "interim.secure",
            "Until then stand it in a heavy cover pot or against a wall, away from where people pass."));
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
        motherEnds
            ? Message.of(
                "call.pups",
                "Its pups fill the pot, and the mother plant ends after her bloom: pot the pups once they are half her height.")
            : Message.of(
                "call.divide",
                "The clump has outgrown its pot and is to stay this size: part it and replant one piece."));
  }

  static Optional<Decision> spentNotCrowded(Facts f) {
    if (!f.stands(FindingCode.SPENT_MEDIUM) || f.crowdedClearly()) {
      return Optional.empty();
    }
    return Decision.say(
        Action.REFRESH,
        Haste.IN_WINDOW,
        f.rootsHaveRoom()
            ? Message.of(
                "call.spent",
                "The medium is spent while the roots still have room: new medium in the same pot is what it needs.")
            : Message.of(
                "call.spentAlone",
                "The medium is spent, and nothing says that the roots need a larger pot: new medium in the same one is what it needs."));
  }

  static Optional<Decision> crowdedMayGrow(Facts f) {
    if (!f.crowdedClearly() || f.plant().keepsSize()) {
      return Optional.empty();
    }
    return crowded(f, Action.POT_UP, "grows", "It may grow, so it goes up a size.");
  }

  /** The plant, the spot or the pot must stay this size. */
  static Optional<Decision> crowdedMustStay(Facts f) {
    if (!f.crowdedClearly() || !f.plant().keepsSize()) {
      return Optional.empty();
    }
    boolean told = f.plant().toldToStay();
    boolean covered = f.plant().heldByCover();
    if (f.plant().traits().rootLimit() <= 0) {
      return crowded(
          f,
          Action.POT_UP,
          told ? "told" : covered ? "cover" : "height",
          told
              ? "It should stay this size, but its roots do not stand cutting, so it goes up by the smallest step."
              : covered
                  ? "Its cover pot takes no larger one, but its roots do not stand cutting, so it goes up by the smallest step, and into a larger cover."
                  : "It has reached its usual height, but its roots do not stand cutting, so it goes up by the smallest step.");
    }
    return crowded(
        f,
        Action.ROOT_PRUNE_SAME_POT,
        told ? "told" : covered ? "cover" : "height",
        told
            ? "It is to stay this size, so its roots are cut back and it returns to the same pot with fresh medium."
            : covered
                ? "Its cover pot stays and takes no larger one, so its roots are cut back and it returns to the same pot with fresh medium."
                : "It has reached its usual height, so its roots are cut back and it returns to the same pot with fresh medium.");
  }

  private static Optional<Decision> crowded(Facts f, Action action, String wording, String what) {
    boolean severe = f.crowdedSeverely();
    return Optional.of(
        new Decision(
            action,
            severe ? Haste.AS_SOON_AS_HELD : Haste.IN_WINDOW,
            0,
            List.of(
                severe
                    ? Message.of(
                        "call.crowdedSevere",
                        "Its roots have filled the pot altogether: it is overdue.")
                    : Message.of("call.crowdedClear", "Its roots have filled the pot."),
                Message.of(Grounds.means(action, wording), what)),
            List.of(
                severe
                    ? Message.of(
                        "interim.soak",
                        "Until then soak it at each watering, and water as often as the ball asks for it.")
                    : f.growing()
                        ? Message.of(
                            "interim.waterAsNow", "Until then keep watering as now; feed lightly.")
                        : Message.of(
                            "interim.waterUnfed",
                            "Until then keep watering as now, without feed."))));
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
            Message.of(
                "call.suspected",
                "Its pot may be full, but nobody has seen the roots. Slip it out and look before anything is repotted."),
            List.of(
                Message.of(
                    "interim.suspected",
                    "Until then water it through slowly, in two pours ten minutes apart."))));
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
            ? Message.of(
                "call.longInPot",
                "Nothing was seen to press, but it has been in this pot for as long as its kind usually is: a slip check is due.")
            : snug
                ? Message.of(
                    "call.beginsSnug",
                    "Roots are getting tight, and this species likes that. Not yet: look again before long.")
                : f.rootsHaveRoom()
                    ? Message.of(
                        "call.begins", "Roots are reaching the wall but still have room. Not yet.")
                    : Message.of(
                        "call.beginsToPress",
                        "Roots are reaching the wall. It does not press yet: look again before long.");
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
