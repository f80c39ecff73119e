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
      return Decision.say(
          Action.RETIRE,
          Haste.AT_ONCE,
          Message.of(
              "call.retire",
              "Too few living roots are left to carry it, and its kind does not root from cuttings. Compost it, scrub the pot, and offer the client a new plant."));
    }
    return Decision.say(
        Action.PROPAGATE,
        Haste.AT_ONCE,
        Message.of(
            "call.rootsLost",
            "Too few living roots are left to carry it. Take cuttings from what is firm while there is something to take."));
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
            ? Message.of(
                "call.rotStem",
                "The stem is soft at its base, so rot is at work where it meets the medium: cut to firm tissue and give fresh airy medium, whatever the season.")
            : Message.of(
                "call.rot",
                "Roots are rotting and the cause sits in the pot: cut back to firm tissue and give fresh airy medium, whatever the season."),
        Message.of("interim.noWater", "Do not water until it is on the bench."));
  }

  static Optional<Decision> rootPests(Facts f) {
    if (!f.stands(FindingCode.ROOT_PESTS) || !f.present(SignCode.ROOT_PESTS)) {
      return Optional.empty();
    }
    return Decision.say(
        Action.PEST_CLEAN,
        Haste.AT_ONCE,
        Message.of(
            "call.rootPests",
            "Insects live on its roots and would spread to its neighbours: wash the roots, throw the medium away, treat and isolate it."),
        Message.of("interim.isolate", "Stand it apart from other plants, and share no saucer."));
  }

  static Optional<Decision> potWithoutDrainage(Facts f) {
    if (!f.stands(FindingCode.NO_DRAINAGE)) {
      return Optional.empty();
    }
    boolean wet = f.wetRoots();
    return Decision.say(
        Action.DRAINAGE_RESCUE,
        wet ? Haste.AT_ONCE : Haste.EMERGENCY_SOON,
        wet
            ? Message.of(
                "call.noDrainageWet",
                "Its roots stand wet in a pot without holes: water has nowhere to go and they will rot.")
            : Message.of(
                "call.noDrainage",
                "The pot has no holes. It is well for now, but one generous watering can drown it."),
        Message.of(
            "interim.littleWater",
            "Water only when dry well down, and never more than a tenth of the pot's volume."));
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
        grows
            ? Message.of(
                "call.brokenCrowded",
                "The pot is broken, and the roots have filled it: the sound pot may be a size larger.")
            : Message.of(
                "call.broken",
                "The pot is broken: the same size in a sound pot, with the roots left alone. That can be done in any season."),
        Message.of("interim.tape", "Hold the pieces together with tape or a strap until then."));
  }
}
