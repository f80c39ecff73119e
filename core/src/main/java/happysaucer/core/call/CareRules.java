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
        shrivelled
            ? Message.of(
                "call.shrivelled",
                "It has been watered and is still shrivelled, so roots are lost or insects drain them. Slip it out and look at the roots and under the neck.")
            : Message.of(
                "call.rotSuspected",
                "This looks like dying roots, but nobody has seen them. Stop watering and slip it out of its pot."),
        Message.of("interim.stopWater", "Do not water until the roots were looked at."));
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
        rot
            ? Message.of(
                "call.downRot",
                "The pot is far larger than its roots, and the first of them are rotting: it goes down to a pot they can dry.")
            : Message.of(
                "call.down",
                "Its roots fill less than a third of the pot and the rest has been wet for three weeks: it goes down a size."),
        Message.of("interim.noWaterDown", "Do not water until it stands in the smaller pot."));
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
        gone
            ? Message.of(
                "call.rotNoMedium",
                "A few roots are gone, and the cause sits in the pot: hardly any medium is left. Trim the dead roots and give it fresh medium.")
            : Message.of(
                "call.rotOldMedium",
                "A few roots are gone, and the cause sits in the pot: the medium has broken down. Trim the dead roots and give it fresh medium."),
        Message.of("interim.drier", "Let it dry a step further than usual between waterings."));
  }

  /** Shade is no fault of the pot. */
  static Optional<Decision> tooDark(Facts f) {
    if (!f.stands(FindingCode.LIGHT_SHORTAGE) || f.crowdedClearly()) {
      return Optional.empty();
    }
    return Decision.fix(
        AFTER_CARE,
        Message.of(
            "call.tooDark",
            "It stands too dark for its kind, and no pot makes up for that. Give it a brighter place first."),
        Message.of(
            "interim.brighter",
            "Move it nearer to the window in steps of a week, and water less while it stands dark."));
  }

  /** Emptied at once, whatever else; and looked at again before long. */
  static Optional<Decision> standsInWater(Facts f) {
    if (!f.present(SignCode.WATER_IN_COVER_POT)
        || f.plant().inReservoir()
        || f.crowdedClearly()
        || f.stands(FindingCode.SPENT_MEDIUM)) {
      return Optional.empty();
    }
    return Decision.fix(
        AFTER_CARE,
        Message.of(
            "call.cover",
            "Its roots stand in water. Empty the cover pot now, and after every watering: that is all it asks for so far."),
        Message.of("interim.cover", "Do not water again until the surface has dried."));
  }

  /** Leaf or colour goes, and something that needs no repot says why. */
  static Optional<Decision> lossWithACause(Facts f) {
    boolean loses = f.present(SignCode.WHOLE_PLANT_PALE) || Losses.manyLeaves(f.c());
    if (!loses || f.crowdedClearly() || Losses.explainedBy(f.c()).isPresent()) {
      return Optional.empty();
    }
    if (PESTS.stream().anyMatch(f::present)) {
      return Decision.fix(
          AFTER_LOSS,
          Message.of(
              "call.lossPests",
              "It has pests, and they cost it leaf and colour. Treat them first: a repot would weaken it further."),
          Message.of("interim.isolate", "Stand it apart from other plants, and share no saucer."));
    }
    if (f.stands(FindingCode.COLLAR_RISK)) {
      return Decision.fix(
          AFTER_LOSS,
          Message.of(
              "call.lossCollar",
              "It loses leaf or colour, and wet medium lies against its stem. Uncover the stem and see whether the base is firm."),
          Message.of("interim.collarDry", "Let the surface dry before you water again."));
    }
    if (f.stands(FindingCode.SALT_BUILD_UP)) {
      return Decision.fix(
          AFTER_LOSS,
          Message.of(
              "call.lossSalts",
              "It loses leaf or colour, and salts sit in its medium. Rinse them out before feed or a repot."),
          Message.of("interim.noFeed", "No feed until it has been rinsed and grows again."));
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
            ? Message.of(
                "call.paleThoughFed",
                "It is pale although it is fed. Look at the roots before a repot is called: they or the medium no longer pass the feed on.")
            : pale
                ? Message.of(
                    "call.paleUnknown",
                    "It is pale, and nobody has said whether it is fed. Ask that first, and feed it if it is not; if it is, look at the roots.")
                : Message.of(
                    "call.decline",
                    "It loses more than is normal, and nothing seen so far says why. Find the cause first: probe or lift it to tell wet from dry, then look at light and roots."),
        Message.of(
            "interim.findOut",
            "Water only by probe until the cause is known, and change nothing else."));
  }

  static Optional<Decision> rotSlight(Facts f) {
    if (!f.stands(FindingCode.ROT)) {
      return Optional.empty();
    }
    return Decision.fix(
        AFTER_SLIGHT_ROT,
        Message.of(
            "call.rotSlight",
            "Only a few roots are gone. Less water and more air will do; look again in 10 days."),
        Message.of("interim.drier", "Let it dry a step further than usual between waterings."));
  }

  static Optional<Decision> overPotted(Facts f) {
    if (!f.stands(FindingCode.OVER_POTTED)
        || f.findings().stronger(FindingCode.OVERWATERED, FindingCode.OVER_POTTED)) {
      return Optional.empty();
    }
    return Decision.fix(
        AFTER_CARE,
        Message.of(
            "call.overPotted",
            "The pot is larger than its roots: medium without roots stays wet. With firm roots, less water and more light will do."),
        Message.of(
            "interim.overPotted",
            "Water only round the stem, less each time, and give it the brightest place it takes."));
  }

  static Optional<Decision> overwatered(Facts f) {
    if (!f.stands(FindingCode.OVERWATERED)) {
      return Optional.empty();
    }
    return Decision.fix(
        AFTER_CARE,
        f.wetSeen()
            ? Message.of(
                "call.overwatered",
                "It is kept too wet. A repot would be one more strain and no cure: change the watering first.")
            : Message.of(
                "call.overwateredByRecord",
                "On record it gets far more than a plant of this size can drink, or much of it runs through. Probe it before anything else is done."),
        Message.of(
            "interim.over",
            "Water only when the medium is dry two finger joints down; pour away what stands underneath."));
  }

  static Optional<Decision> underwateredNotCrowded(Facts f) {
    if (!f.stands(FindingCode.UNDERWATERED) || f.crowdedClearly()) {
      return Optional.empty();
    }
    return Decision.fix(
        AFTER_CARE,
        f.drySeen()
            ? Message.of(
                "call.underwatered",
                "It is short of water, and its roots are not the reason. Water it properly before judging the pot.")
            : Message.of(
                "call.underwateredByRecord",
                "On record it gets far less than a plant of this size drinks. Probe it, and water it properly before judging the pot."),
        Message.of(
            "interim.under",
            "Soak it through in two pours ten minutes apart, then keep to its interval."));
  }

  static Optional<Decision> hungryNotSpent(Facts f) {
    boolean hungry =
        f.stands(FindingCode.NUTRIENT_SHORTAGE)
            && !f.crowdedClearly()
            && !f.stands(FindingCode.SPENT_MEDIUM);
    if (!hungry) {
      return Optional.empty();
    }
    return Decision.fix(
        AFTER_CARE,
        Message.of(
            "call.hungry",
            "It looks hungry. Feed it first: that is quicker and kinder than a repot."),
        Message.of(
            "interim.feed",
            "Feed at the label's dose for pots, on moist medium, in the growing season."));
  }
}
