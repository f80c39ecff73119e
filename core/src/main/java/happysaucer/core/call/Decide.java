package happysaucer.core.call;

import happysaucer.core.call.Call.Alternative;
import happysaucer.core.call.CallRules.Facts;
import happysaucer.core.call.Decision.Haste;
import happysaucer.core.casefile.Case;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.finding.Findings;
import happysaucer.core.forecast.Forecast;
import happysaucer.core.method.Method;
import happysaucer.core.season.Season;
import happysaucer.core.sign.SignCode;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Window;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** From findings to a call: the first rule that speaks, then holds, season and dates. */
public final class Decide {
  private static final int NOW_DAYS = 7;
  private static final int SOON_DAYS = 28;

  /** Days of work a team that works in any season is given (rule of thumb). */
  private static final int ANY_SEASON_DAYS = 56;

  /** A hold without a date is looked at again after so many days (rule of thumb). */
  private static final int UNDATED_HOLD_DAYS = 28;

  private Decide() {}

  public static Call call(Case c, Findings findings, Forecast forecast) {
    Facts facts = new Facts(c, findings, forecast);
    Decision decision =
        CallRules.ALL.stream().flatMap(rule -> rule.on(facts).stream()).findFirst().orElseThrow();
    Window window = window(c);
    List<Hold> holds = holds(c, findings, window, decision);
    boolean emergency =
        decision.haste() == Haste.AT_ONCE || decision.haste() == Haste.EMERGENCY_SOON;
    return timed(c, decision, window, holds, emergency, alternatives(facts, decision));
  }

  /** The window of work by species and method: the present one, or the next. */
  static Window window(Case c) {
    if (c.method().season() == Method.SeasonChoice.ANY_WITH_CARE) {
      return Window.ofDays(c.date(), ANY_SEASON_DAYS);
    }
    return Season.currentOrNext(c.plant().traits().window(), c.site().latitude(), c.date());
  }

  private static List<Hold> holds(Case c, Findings findings, Window window, Decision decision) {
    if (decision.haste() == Haste.NOT_DUE) {
      return List.of();
    }
    List<Hold> holds = new ArrayList<>();
    for (HoldRules.Rule rule : HoldRules.ALL) {
      rule.on(c, findings, window).ifPresent(holds::add);
    }
    return holds;
  }

  private static Call timed(
      Case c,
      Decision decision,
      Window season,
      List<Hold> holds,
      boolean emergency,
      List<Alternative> alternatives) {
    LocalDate date = c.date();
    List<Message> reasons = new ArrayList<>(decision.reasons());
    List<Message> interim = new ArrayList<>(decision.interim());
    Urgency urgency;
    Optional<Window> window;
    Optional<LocalDate> recheck = Optional.empty();
    boolean inSeason = season.contains(date);
    boolean smallestStep = !inSeason && !decision.haste().equals(Haste.NOT_DUE);
    if (decision.haste() == Haste.NOT_DUE) {
      urgency = Urgency.NOT_DUE;
      window = Optional.empty();
      recheck = Optional.of(date.plusDays(decision.recheckDays()));
      smallestStep = false;
    } else if (emergency) {
      urgency = decision.haste() == Haste.AT_ONCE ? Urgency.NOW : Urgency.SOON;
      window = Optional.of(Window.ofDays(date, urgency == Urgency.NOW ? NOW_DAYS : SOON_DAYS));
      if (!holds.isEmpty()) {
        reasons.add(
            Message.of(
                "call.overrides", "This does not wait for the season, for buds or for rest."));
      }
    } else {
      List<Hold> firm = holds.stream().filter(Hold::firm).toList();
      LocalDate free = date;
      for (Hold hold : firm) {
        LocalDate lifted = hold.until().map(until -> until.plusDays(1)).orElse(date);
        free = lifted.isAfter(free) ? lifted : free;
      }
      boolean undated = firm.stream().anyMatch(hold -> hold.until().isEmpty());
      boolean soon = decision.haste() == Haste.AS_SOON_AS_HELD && firm.isEmpty();
      if (soon) {
        urgency = Urgency.SOON;
        window = Optional.of(Window.ofDays(date, SOON_DAYS));
        if (!inSeason) {
          reasons.add(
              Message.of(
                  "call.severeOutOfSeason",
                  "It is out of season, but it cannot wait for {}: go up by the smallest step.",
                  season.from()));
        }
      } else {
        Window open = season;
        if (free.isAfter(open.to())) {
          open = Season.following(c.plant().traits().window(), c.site().latitude(), season);
        }
        urgency = open.contains(date) ? Urgency.THIS_WINDOW : Urgency.NEXT_WINDOW;
        LocalDate from = open.from().isAfter(free) ? open.from() : free;
        from = from.isBefore(date) ? date : from;
        window = Optional.of(Window.between(from, open.to()));
        smallestStep = false;
        if (urgency == Urgency.NEXT_WINDOW) {
          reasons.add(
              Message.of(
                  "call.nextWindow",
                  "Days are short and roots grow slowly now; its window opens on {}.",
                  open.from()));
        }
      }
      if (undated) {
        recheck = Optional.of(date.plusDays(UNDATED_HOLD_DAYS));
      } else if (!firm.isEmpty()) {
        recheck = Optional.of(free);
      }
      if (!firm.isEmpty() && decision.haste() == Haste.AS_SOON_AS_HELD) {
        interim.add(
            Message.of(
                "interim.wiltsTwice",
                "If it wilts more than twice a week in spite of soaking, slip it into the next pot with the ball untouched."));
      }
    }
    return new Call(
        decision.action(),
        urgency,
        window,
        recheck,
        reasons,
        holds,
        emergency,
        interim,
        AlsoRules.of(c),
        alternatives,
        smallestStep);
  }

  /** The next actions the rules would have come to, and what would make them the call. */
  private static List<Alternative> alternatives(Facts f, Decision decision) {
    List<Alternative> alternatives = new ArrayList<>();
    switch (decision.action()) {
      case POT_UP -> {
        if (f.plant().traits().rootLimit() > 0) {
          alternatives.add(
              new Alternative(
                  Action.ROOT_PRUNE_SAME_POT,
                  Message.of("alt.keep", "If it is to stay this size.")));
        }
      }
      case ROOT_PRUNE_SAME_POT ->
          alternatives.add(
              new Alternative(
                  Action.POT_UP, Message.of("alt.grow", "If it may grow and the spot has room.")));
      case REFRESH ->
          alternatives.add(
              new Alternative(
                  Action.POT_UP,
                  Message.of("alt.slipCrowded", "If the slip check shows circling roots.")));
      case WATCH, LEAVE -> {
        if (!f.c().signs().checked(SignCode.ROOTS_CIRCLING)) {
          alternatives.add(
              new Alternative(
                  f.plant().keepsSize() ? Action.REFRESH : Action.POT_UP,
                  Message.of("alt.slip", "If a slip check shows clearly circling roots.")));
        }
      }
      case FIX_CARE_FIRST -> {
        if (f.findings().stands(FindingCode.ROT) || f.findings().stands(FindingCode.OVERWATERED)) {
          alternatives.add(
              new Alternative(
                  Action.ROT_RESCUE,
                  Message.of("alt.rotten", "If more than a tenth of the roots is rotten.")));
        }
        if (f.findings().stands(FindingCode.CROWDED)) {
          alternatives.add(
              new Alternative(
                  Action.POT_UP,
                  Message.of("alt.afterCare", "If it is still tight once the care is right.")));
        }
      }
      case ROT_RESCUE ->
          alternatives.add(
              new Alternative(
                  Action.PROPAGATE,
                  Message.of(
                      "alt.propagate",
                      "If hardly any firm root is left when the ball is cleaned.")));
      case DRAINAGE_RESCUE ->
          alternatives.add(
              new Alternative(
                  Action.ROT_RESCUE,
                  Message.of("alt.rotBeneath", "If the roots turn out to be mushy.")));
      default -> {}
    }
    return alternatives;
  }
}
