package happysaucer.bench.examine;

import happysaucer.core.advice.Advice;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * What a grower would not sign.
 *
 * @param name of the rule, as a grower says it
 * @param cases to try it on, simplest first
 * @param broken what is wrong with the answer, empty when nothing is
 */
record Rule(String name, List<Plant> cases, Function<Asked, Optional<String>> broken) {
  /** One case with its answer, and a way to ask about its neighbours. */
  record Asked(
      Plant plant,
      Advice advice,
      Function<Plant, Advice> ask,
      Function<Plant, List<String>> grounds) {
    List<String> unfounded() {
      return grounds.apply(plant);
    }

    Advice.Call call() {
      return advice.call();
    }

    String action() {
      return advice.call().action();
    }

    /** All that is said of the call. */
    String said() {
      return String.join(" ", advice.call().reasons().stream().map(said -> said.words()).toList());
    }

    boolean stands(String finding) {
      return advice.findings().stream()
          .anyMatch(f -> f.code().equals(finding) && f.decibans() >= 6);
    }
  }

  static Optional<String> unless(boolean holds, Asked asked) {
    return holds
        ? Optional.empty()
        : Optional.of(asked.action() + " " + asked.call().urgency() + ": " + asked.said());
  }
}
