package happysaucer.core.call;

import happysaucer.core.call.Decision.Haste;
import happysaucer.core.casefile.Argument;
import happysaucer.core.casefile.Case;
import happysaucer.core.finding.Expectation;
import happysaucer.core.finding.Findings;
import happysaucer.core.forecast.Forecast;
import happysaucer.core.species.Rest;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Window;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** From findings to a call: the first rule that speaks, then constraints, holds, season, dates. */
public final class Decide {
  /** A hold without a date is looked at again after so many days (rule of thumb). */
  private static final int UNDATED_HOLD_DAYS = 28;

  /** A window so near is waited for (rule of thumb). */
  private static final int WORTH_WAITING_DAYS = 56;

  /** Pests are looked for again sooner than other holds without a date (rule of thumb). */
  private static final int PESTS_DAYS = 14;

  private static final Set<Action> CUTS =
      EnumSet.of(Action.ROOT_PRUNE_SAME_POT, Action.RAISE_OR_SHALLOW, Action.DIVIDE);

  /** What is said of a plant in growth, and untrue of one at rest. */
  private static final Set<String> GROWING_CARE =
      Set.of(
          "interim.soak",
          "interim.waterAsNow",
          "interim.waterUnfed",
          "interim.wiltsTwice",
          "interim.feed",
          "interim.suspected",
          "interim.under");

  static final List<Rule> RULES = rules();

  private Decide() {}

  private static List<Rule> rules() {
    List<Rule> rules = new ArrayList<>();
    rules.addAll(EmergencyRules.ALL);
    rules.addAll(CareRules.ALL);
    rules.addAll(SettlingRules.ALL);
    rules.addAll(PotRules.ALL);
    rules.addAll(QuietRules.ALL);
    return List.copyOf(rules);
  }

  /** What matters of a call when it is asked whether another answer would change it. */
  public record Verdict(Action action, Urgency urgency) {}

  /** Only action and urgency, without sentences. */
  public static Verdict verdict(
      Case c, Findings findings, Forecast forecast, Expectation expectation, Windows windows) {
    Decision decision = seasonal(c, decide(new Facts(c, findings, forecast, expectation)), windows);
    Timing timing =
        Timing.of(c, decision.haste(), HoldRules.of(c, findings, windows.current()), windows);
    return new Verdict(decision.action(), timing.urgency());
  }

  /** The key of the reason that would lead: another cause is another thing to do. */
  public static String lead(Case c, Findings findings, Forecast forecast, Expectation expectation) {
    return decide(new Facts(c, findings, forecast, expectation)).reasons().get(0).key();
  }

  /**
   * The reasons of a call for which nothing was seen, said or measured; none, if the rules hold.
   */
  public static List<String> unfounded(
      Case c, Findings findings, Forecast forecast, Expectation expectation, Call call) {
    return Grounds.unfounded(new Facts(c, findings, forecast, expectation), call);
  }

  public static Call call(
      Case c, Findings findings, Forecast forecast, Expectation expectation, Windows windows) {
    Facts facts = new Facts(c, findings, forecast, expectation);
    Decision first = firstToSpeak(facts);
    Decision ruled = seasonal(c, constrained(facts, first), windows);
    Optional<Argument.Overrule> overrule = c.argument().overrule().filter(o -> holds(o, ruled));
    Decision decision = overrule.map(o -> overruled(o, ruled)).orElse(ruled);
    List<Hold> holds = HoldRules.of(c, findings, windows.current());
    if (decision.haste() == Haste.NOT_DUE) {
      holds = holds.stream().filter(hold -> hold.code() != HoldCode.OUT_OF_SEASON).toList();
    }
    Timing timing = Timing.of(c, decision.haste(), holds, windows);
    return new Call(
        decision.action(),
        timing.urgency(),
        timing.window(),
        recheck(c, decision, holds, timing),
        reasons(decision, holds, timing, windows),
        holds,
        decision.haste().emergency(),
        interim(c, decision, holds),
        AlsoRules.of(facts),
        Alternatives.of(
            facts, overrule.isPresent() ? ruled : first, decision, overrule.isPresent()),
        !timing.inSeason() && (timing.urgency() == Urgency.SOON || timing.urgency() == Urgency.NOW),
        timing.inSeason() || timing.urgency() == Urgency.NEXT_WINDOW
            ? Optional.empty()
            : Optional.of(windows.current().from()),
        overrule.map(o -> new Call.Overruled(ruled.action(), o.by(), o.reason())));
  }

  /** An emergency that was not there when somebody overruled the rules goes before that. */
  private static boolean holds(Argument.Overrule overrule, Decision ruled) {
    return !ruled.haste().emergency()
        || overrule.against().map(ruled.action().name()::equals).orElse(true);
  }

  /** A person's call goes before the rules' own; holds, window and dates still apply to it. */
  private static Decision overruled(Argument.Overrule overrule, Decision ruled) {
    Action action = Action.valueOf(overrule.action());
    Haste haste = Haste.NOT_DUE;
    if (action.isWork()) {
      haste =
          overrule
              .haste()
              .map(h -> h == Argument.Haste.NOW ? Haste.AT_ONCE : Haste.EMERGENCY_SOON)
              .orElse(Haste.IN_WINDOW);
    }
    List<Message> reasons = new ArrayList<>();
    reasons.add(Message.of("call.overruled", overrule.by(), overrule.reason()));
    if (ruled.action() != action) {
      reasons.add(Message.of("call.overruledRules", ruled.action().phrase()));
    }
    return new Decision(
        action,
        haste,
        haste == Haste.NOT_DUE ? overrule.recheckDays() : 0,
        reasons,
        Optional.empty(),
        ruled.interim());
  }

  private static Decision decide(Facts facts) {
    return constrained(facts, firstToSpeak(facts));
  }

  /**
   * Out of season an overfull pot may be moved up with its ball whole, but roots are not cut, and
   * where the window is near it is soaked and waits.
   */
  private static Decision seasonal(Case c, Decision decision, Windows windows) {
    if (decision.haste() != Haste.AS_SOON_AS_HELD || windows.current().contains(c.date())) {
      return decision;
    }
    boolean near =
        !windows.current().from().isAfter(c.date().plusDays(WORTH_WAITING_DAYS))
            && windows.current().from().isAfter(c.date());
    boolean cuts = CUTS.contains(decision.action());
    return cuts || (near && decision.action() == Action.POT_UP) ? decision.inWindow() : decision;
  }

  private static Decision firstToSpeak(Facts facts) {
    for (Rule rule : RULES) {
      Optional<Decision> decision = rule.on(facts);
      if (decision.isPresent()) {
        return decision.get();
      }
    }
    throw new IllegalStateException("the last rule always speaks");
  }

  private static Decision constrained(Facts facts, Decision decision) {
    Decision result = decision;
    for (Constraints.Rule rule : Constraints.ALL) {
      result = rule.on(facts, result).orElse(result);
    }
    return result;
  }

  /** Set for everything that is not due, and for every hold, overridden or not. */
  private static Optional<LocalDate> recheck(
      Case c, Decision decision, List<Hold> holds, Timing timing) {
    boolean firm = holds.stream().anyMatch(Hold::firm);
    Optional<LocalDate> lifted =
        !firm
            ? Optional.empty()
            : Optional.of(timing.undated() ? c.date().plusDays(undatedDays(holds)) : timing.free());
    if (decision.haste() == Haste.NOT_DUE) {
      LocalDate own = c.date().plusDays(decision.recheckDays());
      return Optional.of(lifted.filter(day -> day.isBefore(own)).orElse(own));
    }
    if (decision.haste().emergency()) {
      return holds.isEmpty() ? Optional.empty() : timing.window().map(Window::to);
    }
    if (holds.isEmpty() || firm) {
      return lifted;
    }
    return Optional.of(
        timing.urgency() == Urgency.NEXT_WINDOW
            ? timing.window().orElseThrow().from()
            : c.date().plusDays(UNDATED_HOLD_DAYS));
  }

  private static int undatedDays(List<Hold> holds) {
    return holds.stream().anyMatch(hold -> hold.code() == HoldCode.PESTS)
        ? PESTS_DAYS
        : UNDATED_HOLD_DAYS;
  }

  private static List<Message> reasons(
      Decision decision, List<Hold> holds, Timing timing, Windows windows) {
    List<Message> reasons = new ArrayList<>(decision.reasons());
    if (decision.haste().emergency()) {
      if (!holds.isEmpty()) {
        reasons.add(Message.of("call.overrides"));
      }
      return reasons;
    }
    for (Hold hold : holds) {
      boolean counted = decision.haste() != Haste.NOT_DUE || hold.code() != HoldCode.RESTING;
      if (hold.firm() && counted) {
        reasons.add(hold.because());
      }
    }
    if (timing.urgency() == Urgency.SOON && !timing.inSeason()) {
      reasons.add(Message.of("call.severeOutOfSeason", windows.current().from()));
    } else if (timing.urgency() == Urgency.NEXT_WINDOW) {
      reasons.add(Message.of("call.nextWindow", timing.window().orElseThrow().from()));
    }
    return reasons;
  }

  private static List<Message> interim(Case c, Decision decision, List<Hold> holds) {
    List<Message> interim = new ArrayList<>(decision.interim());
    boolean firm = holds.stream().anyMatch(Hold::firm);
    if (firm && decision.haste() == Haste.AS_SOON_AS_HELD && decision.action() == Action.POT_UP) {
      interim.add(Message.of("interim.wiltsTwice"));
    }
    if (holds.stream().anyMatch(hold -> hold.code() == HoldCode.ARRIVED)) {
      interim.add(Message.of("interim.apart"));
    }
    if (c.resting()) {
      interim.removeIf(said -> GROWING_CARE.contains(said.key()));
      interim.add(restingCare(c));
    }
    return interim;
  }

  /** One word on water at rest, so that nothing else may contradict it. */
  private static Message restingCare(Case c) {
    return c.plant().traits().dryLover() || c.plant().traits().rest() == Rest.DRY
        ? Message.of("interim.dryRest")
        : Message.of("interim.rest");
  }
}
