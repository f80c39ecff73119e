package happysaucer.core.call;

import happysaucer.core.call.Decision.Haste;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.finding.Losses;
import happysaucer.core.sign.SignCode;
import happysaucer.core.unit.Message;
import java.util.List;
import java.util.Optional;

/** A plant that is unwell from water, light or feed is not repotted for it. */
final class CareRules {
  /** Days to the next look (rules of thumb). */
  private static final int AFTER_SLIGHT_ROT = 10;

  private static final int AFTER_SUSPECTED_ROT = 3;
  private static final int AFTER_CARE = 21;
  private static final int AFTER_LOSS = 14;

  /** A ball under this share of the fill, and still wet after so many days, goes down a size. */
  private static final double SMALL_BALL = 1.0 / 3;

  private static final double STILL_WET_DAYS = 21;

  private static final List<SignCode> PESTS =
      List.of(SignCode.SCALE, SignCode.MEALYBUG, SignCode.SPIDER_MITES, SignCode.THRIPS);

  static final List<Rule> ALL =
      List.of(
          CareRules::rotSuspected,
          CareRules::potMuchTooLarge,
          CareRules::rotFromOldMedium,
          CareRules::rotSlight,
          CareRules::overPotted,
          CareRules::overwatered,
          CareRules::underwateredNotCrowded,
          CareRules::standsInWater,
          CareRules::lossWithACause,
          CareRules::tooDark,
          CareRules::hungryNotSpent,
          CareRules::lossWithoutACause);

  private CareRules() {}

  /** Suspicion is no proof: look at the roots before anything is cut. */
  static Optional<Decision> rotSuspected(Facts f) {
    boolean suspected =
        f.stands(FindingCode.ROT) && f.findings().get(FindingCode.ROT).grade().isEmpty();
    if (!suspected) {
      return Optional.empty();
    }
    boolean shrivelled = f.present(SignCode.SHRIVELLED) && !f.wetRoots();
    return Decision.fix(
        AFTER_SUSPECTED_ROT,
        shrivelled ? Message.of("call.shrivelled") : Message.of("call.rotSuspected"),
        Message.of("interim.stopWater"));
  }

  /** Down a size only with rot, or when a small ball is still wet after three weeks. */
  static Optional<Decision> potMuchTooLarge(Facts f) {
    boolean rot = f.stands(FindingCode.ROT);
    boolean stillWet =
        f.c().ball().measured()
            && f.ballShare() < SMALL_BALL
            && f.c().signs().value(SignCode.STAYS_WET).orElse(0.0) >= STILL_WET_DAYS;
    if (!f.stands(FindingCode.OVER_POTTED) || !(rot || stillWet)) {
      return Optional.empty();
    }
    return Decision.say(
        Action.POT_DOWN,
        Haste.AS_SOON_AS_HELD,
        rot ? Message.of("call.downRot") : Message.of("call.down"),
        Message.of("interim.noWaterDown"));
  }

  /**
   * Where the medium has broken down or is gone, less water does not help: the cause is the pot.
   */
  static Optional<Decision> rotFromOldMedium(Facts f) {
    boolean gone = f.present(SignCode.LITTLE_MEDIUM_LEFT);
    if (!f.stands(FindingCode.ROT) || !(gone || f.present(SignCode.MEDIUM_BROKEN_DOWN))) {
      return Optional.empty();
    }
    return Decision.say(
        gone && !f.plant().keepsSize() ? Action.POT_UP : Action.REFRESH,
        Haste.AS_SOON_AS_HELD,
        gone ? Message.of("call.rotNoMedium") : Message.of("call.rotOldMedium"),
        Message.of("interim.drier"));
  }

  /** Shade is no fault of the pot. */
  static Optional<Decision> tooDark(Facts f) {
    if (!f.stands(FindingCode.LIGHT_SHORTAGE) || f.crowdedClearly()) {
      return Optional.empty();
    }
    return Decision.fix(AFTER_CARE, Message.of("call.tooDark"), Message.of("interim.brighter"));
  }

  /** Emptied at once, whatever else; and looked at again before long. */
  static Optional<Decision> standsInWater(Facts f) {
    if (!f.present(SignCode.WATER_IN_COVER_POT)
        || f.plant().inReservoir()
        || f.crowdedClearly()
        || f.stands(FindingCode.SPENT_MEDIUM)) {
      return Optional.empty();
    }
    return Decision.fix(AFTER_CARE, Message.of("call.cover"), Message.of("interim.cover"));
  }

  /** Leaf or colour goes, and something that needs no repot says why. */
  static Optional<Decision> lossWithACause(Facts f) {
    boolean loses = f.present(SignCode.WHOLE_PLANT_PALE) || Losses.manyLeaves(f.c());
    if (!loses || f.crowdedClearly() || Losses.explainedBy(f.c()).isPresent()) {
      return Optional.empty();
    }
    if (PESTS.stream().anyMatch(f::present)) {
      return Decision.fix(AFTER_LOSS, Message.of("call.lossPests"), Message.of("interim.isolate"));
    }
    if (f.stands(FindingCode.COLLAR_RISK)) {
      return Decision.fix(
          AFTER_LOSS, Message.of("call.lossCollar"), Message.of("interim.collarDry"));
    }
    if (f.stands(FindingCode.SALT_BUILD_UP)) {
      return Decision.fix(AFTER_LOSS, Message.of("call.lossSalts"), Message.of("interim.noFeed"));
    }
    return Optional.empty();
  }

  /** Something takes leaf or colour, and nobody knows what yet. */
  static Optional<Decision> lossWithoutACause(Facts f) {
    if (!f.stands(FindingCode.DECLINE)) {
      return Optional.empty();
    }
    boolean pale = f.present(SignCode.WHOLE_PLANT_PALE);
    return Decision.fix(
        AFTER_LOSS,
        pale && f.plant().fed().orElse(false)
            ? Message.of("call.paleThoughFed")
            : pale ? Message.of("call.paleUnknown") : Message.of("call.decline"),
        Message.of("interim.findOut"));
  }

  static Optional<Decision> rotSlight(Facts f) {
    if (!f.stands(FindingCode.ROT)) {
      return Optional.empty();
    }
    return Decision.fix(
        AFTER_SLIGHT_ROT, Message.of("call.rotSlight"), Message.of("interim.drier"));
  }

  static Optional<Decision> overPotted(Facts f) {
    if (!f.stands(FindingCode.OVER_POTTED)
        || f.findings().stronger(FindingCode.OVERWATERED, FindingCode.OVER_POTTED)) {
      return Optional.empty();
    }
    return Decision.fix(
        AFTER_CARE, Message.of("call.overPotted"), Message.of("interim.overPotted"));
  }

  static Optional<Decision> overwatered(Facts f) {
    if (!f.stands(FindingCode.OVERWATERED)) {
      return Optional.empty();
    }
    return Decision.fix(
        AFTER_CARE,
        f.wetSeen() ? Message.of("call.overwatered") : Message.of("call.overwateredByRecord"),
        Message.of("interim.over"));
  }

  static Optional<Decision> underwateredNotCrowded(Facts f) {
    if (!f.stands(FindingCode.UNDERWATERED) || f.crowdedClearly()) {
      return Optional.empty();
    }
    return Decision.fix(
        AFTER_CARE,
        f.drySeen() ? Message.of("call.underwatered") : Message.of("call.underwateredByRecord"),
        Message.of("interim.under"));
  }

  static Optional<Decision> hungryNotSpent(Facts f) {
    boolean hungry =
        f.stands(FindingCode.NUTRIENT_SHORTAGE)
            && !f.crowdedClearly()
            && !f.stands(FindingCode.SPENT_MEDIUM);
    if (!hungry) {
      return Optional.empty();
    }
    return Decision.fix(AFTER_CARE, Message.of("call.hungry"), Message.of("interim.feed"));
  }
}
