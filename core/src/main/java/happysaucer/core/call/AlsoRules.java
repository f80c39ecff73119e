package happysaucer.core.call;

import happysaucer.core.call.Call.Also;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.sign.SignCode;
import happysaucer.core.unit.Message;
import java.util.ArrayList;
import java.util.List;

/** Small works that need no repot and come beside any call. */
final class AlsoRules {
  private record Rule(AlsoCode code, List<SignCode> signs, Message text) {}

  private static final List<Rule> ALL =
      List.of(
          new Rule(
              AlsoCode.EMPTY_COVER, List.of(SignCode.WATER_IN_COVER_POT), Message.of("also.cover")),
          new Rule(
              AlsoCode.CLEAR_COLLAR,
              List.of(SignCode.STEM_BURIED_OR_MULCHED),
              Message.of("also.collar")),
          new Rule(
              AlsoCode.TREAT_PESTS,
              List.of(
                  SignCode.SCALE,
                  SignCode.MEALYBUG,
                  SignCode.SPIDER_MITES,
                  SignCode.THRIPS,
                  SignCode.ROOT_PESTS),
              Message.of("also.pests")),
          new Rule(AlsoCode.LEACH, List.of(SignCode.SALT_CRUST), Message.of("also.leach")),
          new Rule(
              AlsoCode.REWET,
              List.of(
                  SignCode.CORE_DRY, SignCode.MEDIUM_SHRUNK_FROM_WALL, SignCode.WATER_RUNS_THROUGH),
              Message.of("also.rewet")),
          new Rule(AlsoCode.TOP_UP, List.of(SignCode.MEDIUM_SUNK), Message.of("also.topUp")),
          new Rule(AlsoCode.UPRIGHT, List.of(SignCode.LEANS), Message.of("also.upright")),
          new Rule(AlsoCode.RETIE, List.of(SignCode.TIES_CUTTING_IN), Message.of("also.retie")),
          new Rule(
              AlsoCode.REMOVE_SUCKERS,
              List.of(SignCode.SUCKERS_BELOW_GRAFT),
              Message.of("also.suckers")),
          new Rule(
              AlsoCode.TAKE_OUT,
              List.of(SignCode.STEMS_SOME_DEAD, SignCode.FOREIGN_PLANTS),
              Message.of("also.takeOut")),
          new Rule(
              AlsoCode.CUT_GIRDLING,
              List.of(SignCode.GIRDLING_ROOTS),
              Message.of("also.girdling")));

  private static final Message FEED = Message.of("also.feed");

  private AlsoRules() {}

  static List<Also> of(Facts f) {
    List<Also> also = new ArrayList<>();
    for (Rule rule : ALL) {
      boolean meantToBe =
          rule.code() == AlsoCode.EMPTY_COVER && f.plant().inReservoir()
              || rule.code() == AlsoCode.REWET && f.keptDry();
      if (!meantToBe && rule.signs().stream().anyMatch(f::present)) {
        also.add(new Also(rule.code(), rule.text()));
      }
    }
    if (hungryWithSoundRoots(f)) {
      also.add(new Also(AlsoCode.FEED, FEED));
    }
    return also;
  }

  /** Never where roots are lost or salts are the trouble; at rest nothing makes it stand. */
  private static boolean hungryWithSoundRoots(Facts f) {
    return f.stands(FindingCode.NUTRIENT_SHORTAGE)
        && !f.stands(FindingCode.ROT)
        && !f.stands(FindingCode.SALT_BUILD_UP);
  }
}
