package happysaucer.core.advice;

import happysaucer.core.call.Action;
import happysaucer.core.casefile.Argument;
import happysaucer.core.finding.EvidenceCodes;
import happysaucer.core.sign.Observation;
import happysaucer.core.sign.Observations;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Completes what a person holds against the rules. */
final class ArgumentCompletion {
  /** An overruled call without work is looked at again after so many days (rule of thumb). */
  private static final int RECHECK_DAYS = 28;

  private static final int MOST_RECHECK_DAYS = 730;

  private final Checks checks;

  ArgumentCompletion(Checks checks) {
    this.checks = checks;
  }

  /**
   * @param seen all signs, those set aside included
   */
  Argument of(AdviceRequest.@Nullable Argument given, Observations seen) {
    if (given == null) {
      return Argument.NONE;
    }
    Map<String, Argument.Aside> asides = new LinkedHashMap<>();
    List<AdviceRequest.SetAside> listed = given.setAside() == null ? List.of() : given.setAside();
    for (int i = 0; i < listed.size(); i++) {
      aside("argument.setAside[" + i + "]", listed.get(i), asides);
    }
    List<Observation> observations =
        seen.all().stream().filter(o -> asides.containsKey(o.code().name())).toList();
    return new Argument(asides, observations, overrule(given.overrule()));
  }

  private void aside(
      String path, AdviceRequest.@Nullable SetAside given, Map<String, Argument.Aside> asides) {
    if (given == null || given.sign() == null || !EvidenceCodes.known(given.sign())) {
      checks.fault(
          path + ".sign",
          "Name a line of evidence by its code, as the findings give it.",
          given == null ? null : given.sign());
      return;
    }
    String reason = needed(path + ".reason", given.reason());
    if (asides.put(given.sign(), new Argument.Aside(who(given.by()), reason)) != null) {
      checks.fault(path + ".sign", "This line is set aside twice. Keep one.", given.sign());
    }
  }

  private Optional<Argument.Overrule> overrule(AdviceRequest.@Nullable Overrule given) {
    if (given == null) {
      return Optional.empty();
    }
    String path = "argument.overrule";
    if (given.action() == null) {
      checks.fault(path + ".action", "Say what is to be done instead.", null);
    }
    Action action = checks.code(path + ".action", given.action(), Action.class);
    Argument.Haste haste = checks.code(path + ".urgency", given.urgency(), Argument.Haste.class);
    Action against = checks.code(path + ".against", given.against(), Action.class);
    String reason = needed(path + ".reason", given.reason());
    double days =
        given.recheckDays() == null
            ? RECHECK_DAYS
            : checks.range(
                path + ".recheckDays",
                given.recheckDays(),
                1,
                MOST_RECHECK_DAYS,
                "days",
                RECHECK_DAYS);
    return action == null
        ? Optional.empty()
        : Optional.of(
            new Argument.Overrule(
                action.name(),
                Optional.ofNullable(haste),
                (int) days,
                Optional.ofNullable(against).map(Enum::name),
                who(given.by()),
                reason));
  }

  private String needed(String field, @Nullable String reason) {
    if (reason == null || reason.isBlank()) {
      checks.fault(field, "Give the reason: it is kept on record.", reason);
      return "";
    }
    return reason.trim();
  }

  private static String who(@Nullable String by) {
    return by == null || by.isBlank() ? "Somebody" : by.trim();
  }
}
