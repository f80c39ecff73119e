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
      alternatives.add(first.action(), "alt.rules");
    } else if (first.action() != decision.action()) {
      alternatives.replaced(first.action());
    }
    alternatives.usual();
    alternatives.otherRulesThatSpoke();
    return alternatives.found.stream().limit(MOST).toList();
  }

  private void add(Action action, String key) {
    if (action != decision.action() && !when.containsKey(action)) {
      Message message = Message.of(key);
      when.put(action, message);
      found.add(new Alternative(action, message));
    }
  }

  /** What the plant asked for before pot, weight or looks spoke. */
  private void replaced(Action first) {
    switch (decision.action()) {
      case BREAK_OUT -> {
        add(first, "alt.caught");
        add(Action.TOP_DRESS, "alt.keepBoth");
      }
      case TOP_DRESS -> add(first, "alt.hoist");
      case RAISE_OR_SHALLOW -> add(first, "alt.oldLevel");
      default -> {}
    }
  }

  private void usual() {
    Traits traits = f.plant().traits();
    switch (decision.action()) {
      case POT_UP -> {
        if (traits.rootLimit() > 0) {
          if (f.plant().nearUsualHeight()) {
            add(Action.ROOT_PRUNE_SAME_POT, "alt.nearHeight");
          } else {
            add(Action.ROOT_PRUNE_SAME_POT, "alt.keep");
          }
        } else if (f.plant().keepsSize()) {
          spotIsFixed(traits);
        }
        if (traits.divides()) {
          add(Action.DIVIDE, "alt.divide");
        }
        if (traits.showsBase()) {
          add(Action.RAISE_OR_SHALLOW, "alt.raise");
        }
      }
      case ROOT_PRUNE_SAME_POT -> {
        add(Action.POT_UP, "alt.grow");
        if (traits.divides()) {
          add(Action.DIVIDE, "alt.divide");
        }
      }
      case REFRESH -> add(Action.POT_UP, "alt.slipCrowded");
      case WATCH, LEAVE -> {
        if (!f.c().signs().checked(SignCode.ROOTS_CIRCLING)) {
          add(f.plant().keepsSize() ? Action.REFRESH : Action.POT_UP, "alt.slip");
        }
      }
      case FIX_CARE_FIRST -> fixCare();
      case HEAVIER_POT -> add(Action.POT_UP, "alt.unstableCrowded");
      case POT_DOWN -> add(Action.ROT_RESCUE, "alt.rotten");
      case ROT_RESCUE -> {
        if (traits.strikes()) {
          add(Action.PROPAGATE, "alt.propagate");
        } else {
          add(Action.RETIRE, "alt.retire");
        }
      }
      case DRAINAGE_RESCUE -> add(Action.ROT_RESCUE, "alt.rotBeneath");
      case PEST_CLEAN -> add(Action.RETIRE, "alt.pestsRetire");
      case REPLACE_POT -> {
        if (!f.crowdedClearly()) {
          add(Action.POT_UP, "alt.brokenTight");
        }
      }
      case PROPAGATE -> add(Action.RETIRE, "alt.notWorth");
      default -> {}
    }
  }

  private void spotIsFixed(Traits traits) {
    if (traits.strikes()) {
      add(Action.PROPAGATE, "alt.fixedSpot");
    } else {
      add(Action.RETIRE, "alt.fixedSpotRetire");
    }
  }

  private void fixCare() {
    if (f.stands(FindingCode.ROT) || f.stands(FindingCode.OVERWATERED)) {
      add(Action.ROT_RESCUE, "alt.rotten");
    }
    if (f.findings().get(FindingCode.ROOT_PESTS).decibans() > 0) {
      add(Action.PEST_CLEAN, "alt.pests");
    }
    if (f.stands(FindingCode.OVER_POTTED)) {
      add(Action.POT_DOWN, "alt.stillWet");
    }
    if (f.stands(FindingCode.CROWDED)) {
      add(Action.POT_UP, "alt.afterCare");
    }
  }

  /** Rules further down that speak as well. */
  private void otherRulesThatSpoke() {
    for (Rule rule : Decide.RULES) {
      Optional<Decision> other = rule.on(f);
      if (other.isPresent() && other.get().haste() != Decision.Haste.NOT_DUE) {
        Action action = other.get().action();
        if (action != decision.action() && !when.containsKey(action)) {
          Message message = Message.of("alt.also", other.get().reasons().get(0));
          when.put(action, message);
          found.add(new Alternative(action, message));
        }
      }
    }
  }
}
