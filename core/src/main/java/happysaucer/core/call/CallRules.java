package happysaucer.core.call;

import happysaucer.core.call.Decision.Haste;
import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.PlantCase;
import happysaucer.core.finding.Assess;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.finding.Findings;
import happysaucer.core.finding.Strength;
import happysaucer.core.forecast.Forecast;
import happysaucer.core.method.Method;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.StateCode;
import happysaucer.core.species.Crowding;
import happysaucer.core.unit.Message;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;

/** The rules that make a call, one each, in the order in which they are asked. */
final class CallRules {
  /** Days to the next look (rules of thumb). */
  private static final int AFTER_SLIGHT_ROT = 10;

  private static final int AFTER_SUSPECTED_ROT = 3;
  private static final int AFTER_CARE = 21;
  private static final int WATCH_LEAST = 90;
  private static final int WATCH_MOST = 180;
  private static final int LEAVE_DAYS = 120;

  /** What a rule may look at. */
  record Facts(Case c, Findings findings, Forecast forecast) {
    PlantCase plant() {
      return c.plant();
    }

    boolean present(SignCode sign) {
      return c.signs().present(sign);
    }

    /** Crowding that calls for work: graded clear or more, or strong where nothing graded it. */
    boolean crowdedClearly() {
      return findings.stands(FindingCode.CROWDED, Grade.CLEAR)
          || (findings.get(FindingCode.CROWDED).grade().isEmpty()
              && findings.get(FindingCode.CROWDED).strength().compareTo(Strength.STRONG) >= 0);
    }

    boolean crowdedSeverely() {
      return findings.stands(FindingCode.CROWDED, Grade.SEVERE);
    }
  }

  interface Rule {
    Optional<Decision> on(Facts facts);
  }

  static final List<Rule> ALL =
      List.of(
          CallRules::rootsLostTopLives,
          CallRules::rotClearOrMore,
          CallRules::wetRootsWithoutDrainage,
          CallRules::rotSuspected,
          CallRules::rotSlight,
          CallRules::overwatered,
          CallRules::overPotted,
          CallRules::underwateredNotCrowded,
          CallRules::hungryNotSpent,
          CallRules::spentNotCrowded,
          CallRules::crowdedMayGrow,
          CallRules::crowdedMustStay,
          CallRules::crowdingBegins,
          CallRules::pastTheInterval,
          CallRules::onlyNormal,
          CallRules::nothingStands);

  private CallRules() {}

  static Optional<Decision> rootsLostTopLives(Facts f) {
    if (!Assess.rootsLost(f.c())) {
      return Optional.empty();
    }
    return decide(
        Action.PROPAGATE,
        Haste.AT_ONCE,
        0,
        Message.of(
            "call.rootsLost",
            "Too few living roots are left to carry it. Take cuttings from what is firm while there is something to take."));
  }

  static Optional<Decision> rotClearOrMore(Facts f) {
    if (!f.findings().stands(FindingCode.ROT, Grade.CLEAR)) {
      return Optional.empty();
    }
    return Optional.of(
        Decision.of(
            Action.ROT_RESCUE,
            Haste.AT_ONCE,
            0,
            Message.of(
                "call.rot",
                "Roots are rotting and the cause sits in the pot: cut back to firm tissue and give fresh airy medium, whatever the season."),
            List.of(Message.of("interim.noWater", "Do not water until it is on the bench."))));
  }

  static Optional<Decision> wetRootsWithoutDrainage(Facts f) {
    if (!f.findings().stands(FindingCode.NO_DRAINAGE)) {
      return Optional.empty();
    }
    boolean wet =
        f.present(SignCode.STAYS_WET)
            || f.present(SignCode.SOUR_SMELL)
            || f.c().signs().grade(SignCode.HEFT).map(g -> g == Grade.HEAVY).orElse(false)
            || f.plant().is(StateCode.OVERWATERED);
    return Optional.of(
        Decision.of(
            Action.DRAINAGE_RESCUE,
            wet ? Haste.AT_ONCE : Haste.EMERGENCY_SOON,
            0,
            wet
                ? Message.of(
                    "call.noDrainageWet",
                    "Its roots stand wet in a pot without holes: water has nowhere to go and they will rot.")
                : Message.of(
                    "call.noDrainage",
                    "The pot has no holes. It is well for now, but one generous watering can drown it."),
            List.of(
                Message.of(
                    "interim.littleWater",
                    "Water only when dry well down, and never more than a tenth of the pot's volume."))));
  }

  /** Suspicion is no proof: look at the roots before anything is cut. */
  static Optional<Decision> rotSuspected(Facts f) {
    boolean suspected =
        f.findings().stands(FindingCode.ROT) && f.findings().get(FindingCode.ROT).grade().isEmpty();
    if (!suspected) {
      return Optional.empty();
    }
    return Optional.of(
        Decision.of(
            Action.FIX_CARE_FIRST,
            Haste.NOT_DUE,
            AFTER_SUSPECTED_ROT,
            Message.of(
                "call.rotSuspected",
                "This looks like dying roots, but nobody has seen them. Stop watering and slip it out of its pot."),
            List.of(
                Message.of("interim.stopWater", "Do not water until the roots were looked at."))));
  }

  static Optional<Decision> rotSlight(Facts f) {
    if (!f.findings().stands(FindingCode.ROT)) {
      return Optional.empty();
    }
    return Optional.of(
        Decision.of(
            Action.FIX_CARE_FIRST,
            Haste.NOT_DUE,
            AFTER_SLIGHT_ROT,
            Message.of(
                "call.rotSlight",
                "Only a few roots are gone. Less water and more air will do; look again in 10 days."),
            List.of(
                Message.of(
                    "interim.drier", "Let it dry a step further than usual between waterings."))));
  }

  static Optional<Decision> overwatered(Facts f) {
    if (!f.findings().stands(FindingCode.OVERWATERED)) {
      return Optional.empty();
    }
    return Optional.of(
        Decision.of(
            Action.FIX_CARE_FIRST,
            Haste.NOT_DUE,
            AFTER_CARE,
            Message.of(
                "call.overwatered",
                "It is kept too wet. A repot would be one more strain and no cure: change the watering first."),
            List.of(
                Message.of(
                    "interim.over",
                    "Water only when the medium is dry two finger joints down; pour away what stands underneath."))));
  }

  static Optional<Decision> overPotted(Facts f) {
    if (!f.findings().stands(FindingCode.OVER_POTTED)) {
      return Optional.empty();
    }
    return Optional.of(
        Decision.of(
            Action.FIX_CARE_FIRST,
            Haste.NOT_DUE,
            AFTER_CARE,
            Message.of(
                "call.overPotted",
                "The pot is larger than its roots: medium without roots stays wet. With firm roots, less water and more light will do."),
            List.of(
                Message.of(
                    "interim.overPotted",
                    "Water only round the stem, less each time, and give it the brightest place it takes."))));
  }

  static Optional<Decision> underwateredNotCrowded(Facts f) {
    if (!f.findings().stands(FindingCode.UNDERWATERED) || f.crowdedClearly()) {
      return Optional.empty();
    }
    return Optional.of(
        Decision.of(
            Action.FIX_CARE_FIRST,
            Haste.NOT_DUE,
            AFTER_CARE,
            Message.of(
                "call.underwatered",
                "It is short of water, and its roots are not the reason. Water it properly before judging the pot."),
            List.of(
                Message.of(
                    "interim.under",
                    "Soak it through in two pours ten minutes apart, then keep to its interval."))));
  }

  static Optional<Decision> hungryNotSpent(Facts f) {
    boolean hungry =
        f.findings().stands(FindingCode.NUTRIENT_SHORTAGE)
            && !f.crowdedClearly()
            && !f.findings().stands(FindingCode.SPENT_MEDIUM);
    if (!hungry) {
      return Optional.empty();
    }
    return Optional.of(
        Decision.of(
            Action.FIX_CARE_FIRST,
            Haste.NOT_DUE,
            AFTER_CARE,
            Message.of(
                "call.hungry",
                "It looks hungry. Feed it first: that is quicker and kinder than a repot."),
            List.of(
                Message.of(
                    "interim.feed",
                    "Feed at the label's dose for pots, on moist medium, in the growing season."))));
  }

  static Optional<Decision> spentNotCrowded(Facts f) {
    if (!f.findings().stands(FindingCode.SPENT_MEDIUM) || f.crowdedClearly()) {
      return Optional.empty();
    }
    return decide(
        Action.REFRESH,
        Haste.IN_WINDOW,
        0,
        Message.of(
            "call.spent",
            "The medium is spent while the roots still have room: new medium in the same pot is what it needs."));
  }

  static Optional<Decision> crowdedMayGrow(Facts f) {
    if (!f.crowdedClearly() || f.plant().keepsSize()) {
      return Optional.empty();
    }
    return crowded(f, Action.POT_UP, "It may grow, so it goes up a size.");
  }

  /** The plant, the spot or the pot must stay this size. */
  static Optional<Decision> crowdedMustStay(Facts f) {
    if (!f.crowdedClearly()) {
      return Optional.empty();
    }
    if (f.plant().traits().rootLimit() <= 0) {
      return crowded(
          f,
          Action.POT_UP,
          "It should stay this size, but its roots do not stand cutting, so it goes up by the smallest step.");
    }
    return crowded(
        f,
        Action.ROOT_PRUNE_SAME_POT,
        "It is to stay this size, so its roots are cut back and it returns to the same pot with fresh medium.");
  }

  private static Optional<Decision> crowded(Facts f, Action action, String what) {
    Message state =
        f.crowdedSeverely()
            ? Message.of(
                "call.crowdedSevere", "Its roots have filled the pot altogether: it is overdue.")
            : Message.of("call.crowdedClear", "Its roots have filled the pot.");
    List<Message> interim =
        f.crowdedSeverely()
            ? List.of(
                Message.of(
                    "interim.soak",
                    "Until then soak it at each watering, and water as often as the ball asks for it."))
            : List.of(
                Message.of("interim.waterAsNow", "Until then keep watering as now; feed lightly."));
    return Optional.of(
        new Decision(
            action,
            f.crowdedSeverely() ? Haste.AS_SOON_AS_HELD : Haste.IN_WINDOW,
            0,
            List.of(state, Message.of("call." + action, what)),
            interim));
  }

  static Optional<Decision> crowdingBegins(Facts f) {
    if (f.findings().get(FindingCode.CROWDED).strength() == Strength.NONE) {
      return Optional.empty();
    }
    boolean snug = f.plant().traits().crowding() == Crowding.LIKES_SNUG;
    return decide(
        Action.WATCH,
        Haste.NOT_DUE,
        watchDays(f),
        snug
            ? Message.of(
                "call.beginsSnug",
                "Roots are getting tight, and this species likes that. Not yet: look again before long.")
            : Message.of(
                "call.begins", "Roots are reaching the wall but still have room. Not yet."));
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
    return decide(
        f.plant().keepsSize() ? Action.REFRESH : Action.POT_UP,
        Haste.IN_WINDOW,
        0,
        Message.of(
            "call.interval",
            "Nothing presses, but it is past its usual {} months and the method works by interval.",
            f.plant().traits().monthsTo()));
  }

  static Optional<Decision> onlyNormal(Facts f) {
    if (!f.findings().stands(FindingCode.JUST_NORMAL)) {
      return Optional.empty();
    }
    return decide(
        Action.LEAVE,
        Haste.NOT_DUE,
        WATCH_LEAST,
        Message.of(
            "call.normal",
            "What was seen is normal for this plant at this time. Leave it in its pot."));
  }

  static Optional<Decision> nothingStands(Facts f) {
    return decide(
        Action.LEAVE,
        Haste.NOT_DUE,
        LEAVE_DAYS,
        f.present(SignCode.MEDIUM_FALLS_AWAY)
            ? Message.of(
                "call.notRooted",
                "The medium falls away from the roots: it has not filled this pot. Put it back.")
            : Message.of("call.leave", "Nothing asks for a repot. Leave it."));
  }

  private static Optional<Decision> decide(
      Action action, Haste haste, int recheckDays, Message reason) {
    return Optional.of(Decision.of(action, haste, recheckDays, reason, List.of()));
  }
}
