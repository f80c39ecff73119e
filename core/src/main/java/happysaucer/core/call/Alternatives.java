package happysaucer.core.call;

import happysaucer.core.call.Call.Alternative;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.sign.SignCode;
import happysaucer.core.species.Traits;
import happysaucer.core.unit.Message;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The other actions that apply, and what would make each of them the call. */
final class Alternatives {
  private static final int MOST = 4;

  private final Facts f;
  private final Decision decision;
  private final Map<Action, Message> when = new EnumMap<>(Action.class);
  private final List<Alternative> found = new ArrayList<>();

  private Alternatives(Facts f, Decision decision) {
    this.f = f;
    this.decision = decision;
  }

  static List<Alternative> of(Facts f, Decision first, Decision decision, boolean overruled) {
    Alternatives alternatives = new Alternatives(f, decision);
    if (overruled) {
      alternatives.add(first.action(), "alt.rules", "If the rules are to decide after all.");
    } else if (first.action() != decision.action()) {
      alternatives.replaced(first.action());
    }
    alternatives.usual();
    alternatives.otherRulesThatSpoke();
    return alternatives.found.stream().limit(MOST).toList();
  }

  private void add(Action action, String key, String sentence) {
    if (action != decision.action() && !when.containsKey(action)) {
      Message message = Message.of(key, sentence);
      when.put(action, message);
      found.add(new Alternative(action, message));
    }
  }

  /** What the plant asked for before pot, weight or looks spoke. */
  private void replaced(Action first) {
    switch (decision.action()) {
      case BREAK_OUT -> {
        add(first, "alt.caught", "If the ball turns out to come out whole after all.");
        add(
            Action.TOP_DRESS,
            "alt.keepBoth",
            "If pot and ball are both to stay: replace the top few centimetres and feed.");
      }
      case TOP_DRESS -> add(first, "alt.hoist", "If a hoist or a dolly crew is on hand.");
      case RAISE_OR_SHALLOW -> add(first, "alt.oldLevel", "If its base is not to be shown.");
      default -> {}
    }
  }

  private void usual() {
    Traits traits = f.plant().traits();
    switch (decision.action()) {
      case POT_UP -> {
        if (traits.rootLimit() > 0) {
          if (f.plant().nearUsualHeight()) {
            add(
                Action.ROOT_PRUNE_SAME_POT,
                "alt.nearHeight",
                "It is nearly as tall as its kind usually gets: if it is to stay so.");
          } else {
            add(Action.ROOT_PRUNE_SAME_POT, "alt.keep", "If it is to stay this size.");
          }
        } else if (f.plant().keepsSize()) {
          spotIsFixed(traits);
        }
        if (traits.divides()) {
          add(Action.DIVIDE, "alt.divide", "If two plants are wanted rather than one larger.");
        }
        if (traits.showsBase()) {
          add(Action.RAISE_OR_SHALLOW, "alt.raise", "If its base is to be shown.");
        }
      }
      case ROOT_PRUNE_SAME_POT -> {
        add(Action.POT_UP, "alt.grow", "If it may grow and the spot has room.");
        if (traits.divides()) {
          add(Action.DIVIDE, "alt.divide", "If two plants are wanted rather than one larger.");
        }
      }
      case REFRESH ->
          add(Action.POT_UP, "alt.slipCrowded", "If the slip check shows circling roots.");
      case WATCH, LEAVE -> {
        if (!f.c().signs().checked(SignCode.ROOTS_CIRCLING)) {
          add(
              f.plant().keepsSize() ? Action.REFRESH : Action.POT_UP,
              "alt.slip",
              "If a slip check shows clearly circling roots.");
        }
      }
      case FIX_CARE_FIRST -> fixCare();
      case HEAVIER_POT ->
          add(Action.POT_UP, "alt.unstableCrowded", "If a slip check shows that it is crowded.");
      case POT_DOWN ->
          add(Action.ROT_RESCUE, "alt.rotten", "If more than a tenth of the roots is rotten.");
      case ROT_RESCUE -> {
        if (traits.strikes()) {
          add(
              Action.PROPAGATE,
              "alt.propagate",
              "If hardly any firm root is left when the ball is cleaned.");
        } else {
          add(Action.RETIRE, "alt.retire", "If hardly any firm root is left.");
        }
      }
      case DRAINAGE_RESCUE ->
          add(Action.ROT_RESCUE, "alt.rotBeneath", "If the roots turn out to be mushy.");
      case PEST_CLEAN ->
          add(Action.RETIRE, "alt.pestsRetire", "If they come back and endanger its neighbours.");
      case REPLACE_POT -> {
        if (!f.crowdedClearly()) {
          add(Action.POT_UP, "alt.brokenTight", "If its roots circle when the shards come off.");
        }
      }
      case PROPAGATE -> add(Action.RETIRE, "alt.notWorth", "If it is not worth the bench time.");
      default -> {}
    }
  }

  private void spotIsFixed(Traits traits) {
    if (traits.strikes()) {
      add(
          Action.PROPAGATE,
          "alt.fixedSpot",
          "If the spot takes no larger pot: start a young plant for it.");
    } else {
      add(Action.RETIRE, "alt.fixedSpotRetire", "If the spot takes no larger pot: replace it.");
    }
  }

  private void fixCare() {
    if (f.stands(FindingCode.ROT) || f.stands(FindingCode.OVERWATERED)) {
      add(Action.ROT_RESCUE, "alt.rotten", "If more than a tenth of the roots is rotten.");
    }
    if (f.findings().get(FindingCode.ROOT_PESTS).decibans() > 0) {
      add(Action.PEST_CLEAN, "alt.pests", "If waxy insects sit on the roots or under the neck.");
    }
    if (f.stands(FindingCode.OVER_POTTED)) {
      add(
          Action.POT_DOWN,
          "alt.stillWet",
          "If it is still wet in three weeks and its ball is under a third of the pot.");
    }
    if (f.stands(FindingCode.CROWDED)) {
      add(Action.POT_UP, "alt.afterCare", "If it is still tight once the care is right.");
    }
  }

  /** Rules further down that speak as well. */
  private void otherRulesThatSpoke() {
    for (Rule rule : Decide.RULES) {
      Optional<Decision> other = rule.on(f);
      if (other.isPresent() && other.get().haste() != Decision.Haste.NOT_DUE) {
        Action action = other.get().action();
        if (action != decision.action() && !when.containsKey(action)) {
          Message message =
              Message.of("alt.also." + action, "After that: {}", other.get().reasons().get(0));
          when.put(action, message);
          found.add(new Alternative(action, message));
        }
      }
    }
  }
}
