package happysaucer.core.call;

import happysaucer.core.call.Call.Also;
import happysaucer.core.casefile.Case;
import happysaucer.core.sign.SignCode;
import happysaucer.core.unit.Message;
import java.util.ArrayList;
import java.util.List;

/** Small works that need no repot and come beside any call. */
final class AlsoRules {
  private record Rule(AlsoCode code, List<SignCode> signs, String key, String sentence) {}

  private static final List<Rule> ALL =
      List.of(
          new Rule(
              AlsoCode.CLEAR_COLLAR,
              List.of(SignCode.STEM_BURIED_OR_MULCHED),
              "also.collar",
              "Take medium and mulch away from the stem until the flare or graft is clear."),
          new Rule(
              AlsoCode.TREAT_PESTS,
              List.of(SignCode.SCALE, SignCode.MEALYBUG, SignCode.SPIDER_MITES, SignCode.THRIPS),
              "also.pests",
              "Isolate it and treat the pests; wash or wipe first, products only by their label."),
          new Rule(
              AlsoCode.LEACH,
              List.of(SignCode.SALT_CRUST),
              "also.leach",
              "Scrape off the crust and rinse three pot volumes of water through."),
          new Rule(
              AlsoCode.REWET,
              List.of(SignCode.CORE_DRY),
              "also.rewet",
              "Soak the dry core: two pours ten minutes apart, or stand it in water."),
          new Rule(
              AlsoCode.TOP_UP,
              List.of(SignCode.MEDIUM_SUNK),
              "also.topUp",
              "Top up the medium to the old line, not higher on the stem."),
          new Rule(
              AlsoCode.RETIE,
              List.of(SignCode.TIES_CUTTING_IN),
              "also.retie",
              "Replace rigid ties with stretch ties."),
          new Rule(
              AlsoCode.REMOVE_SUCKERS,
              List.of(SignCode.SUCKERS_BELOW_GRAFT),
              "also.suckers",
              "Remove suckers where they leave the rootstock."),
          new Rule(
              AlsoCode.CUT_GIRDLING,
              List.of(SignCode.GIRDLING_ROOTS),
              "also.girdling",
              "Cut the roots that strangle the base of the stem."));

  private AlsoRules() {}

  static List<Also> of(Case c) {
    List<Also> also = new ArrayList<>();
    for (Rule rule : ALL) {
      if (rule.signs().stream().anyMatch(c.signs()::present)) {
        also.add(new Also(rule.code(), Message.of(rule.key(), rule.sentence())));
      }
    }
    return also;
  }
}
