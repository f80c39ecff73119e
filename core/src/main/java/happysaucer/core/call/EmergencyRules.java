package happysaucer.core.call;

import happysaucer.core.call.Decision.Haste;
import happysaucer.core.finding.Assess;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import happysaucer.core.unit.Message;
import java.util.List;
import java.util.Optional;

/** What does not wait: these override holds and the season. */
final class EmergencyRules {
  static final List<Rule> ALL =
      List.of(
          EmergencyRules::rootsLost,
          EmergencyRules::rotClearOrMore,
          EmergencyRules::rootPests,
          EmergencyRules::potWithoutDrainage,
          EmergencyRules::potBroken);

  private EmergencyRules() {}

  /** The base is gone: cuttings where its kind roots from them, else it has to go. */
  static Optional<Decision> rootsLost(Facts f) {
    boolean baseGone =
        f.present(SignCode.STEM_SOFT_AT_BASE) && f.findings().stands(FindingCode.ROT, Grade.SEVERE);
    if (!Assess.rootsLost(f.c()) && !baseGone) {
      return Optional.empty();
    }
    if (!f.plant().traits().strikes()) {
      return Decision.say(Action.RETIRE, Haste.AT_ONCE, Message.of("call.retire"));
    }
    return Decision.say(Action.PROPAGATE, Haste.AT_ONCE, Message.of("call.rootsLost"));
  }

  static Optional<Decision> rotClearOrMore(Facts f) {
    if (!f.findings().stands(FindingCode.ROT, Grade.CLEAR)) {
      return Optional.empty();
    }
    boolean stem = f.present(SignCode.STEM_SOFT_AT_BASE);
    return Decision.say(
        Action.ROT_RESCUE,
        Haste.AT_ONCE,
        stem && !f.present(SignCode.ROOTS_ROTTEN)
            ? Message.of("call.rotStem")
            : Message.of("call.rot"),
        Message.of("interim.noWater"));
  }

  static Optional<Decision> rootPests(Facts f) {
    if (!f.stands(FindingCode.ROOT_PESTS) || !f.present(SignCode.ROOT_PESTS)) {
      return Optional.empty();
    }
    return Decision.say(
        Action.PEST_CLEAN,
        Haste.AT_ONCE,
        Message.of("call.rootPests"),
        Message.of("interim.isolate"));
  }

  static Optional<Decision> potWithoutDrainage(Facts f) {
    if (!f.stands(FindingCode.NO_DRAINAGE)) {
      return Optional.empty();
    }
    boolean wet = f.wetRoots();
    return Decision.say(
        Action.DRAINAGE_RESCUE,
        wet ? Haste.AT_ONCE : Haste.EMERGENCY_SOON,
        wet ? Message.of("call.noDrainageWet") : Message.of("call.noDrainage"),
        Message.of("interim.littleWater"));
  }

  /** Same size in a sound pot in any season; the roots are left alone unless they ask for more. */
  static Optional<Decision> potBroken(Facts f) {
    if (!f.present(SignCode.POT_BROKEN)) {
      return Optional.empty();
    }
    boolean grows = f.crowdedClearly() && !f.plant().keepsSize();
    return Decision.say(
        Action.REPLACE_POT,
        Haste.EMERGENCY_SOON,
        grows ? Message.of("call.brokenCrowded") : Message.of("call.broken"),
        Message.of("interim.tape"));
  }
}
