package happysaucer.core.call;

import static happysaucer.core.sign.SignCode.*;

import happysaucer.core.finding.EvidenceCodes;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.finding.NearRoots;
import happysaucer.core.method.Method;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.StateCode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/**
 * What must have been seen, said or measured for a reason to be true, by the reason's key. The
 * rules of the call decide by weighing; this is held against them, and never decides.
 */
final class Grounds {
  private static final Map<String, Predicate<Facts>> OF = new HashMap<>();

  /** Of the life of its mix: from here its age alone says that it is spent. */
  private static final double TWICE_ITS_LIFE = 2;

  private Grounds() {}

  static {
    rot();
    water();
    losses();
    crowding();
    potAndStanding();
    timeAndMethod();
  }

  private static void rot() {
    put("call.rootsLost", f -> f.present(ROOTS_ROTTEN) || f.present(STEM_SOFT_AT_BASE));
    put("call.retire", f -> f.present(ROOTS_ROTTEN) || f.present(STEM_SOFT_AT_BASE));
    put("call.rot", seen(ROOTS_ROTTEN));
    put("call.rotStem", seen(STEM_SOFT_AT_BASE));
    put("call.rotSlight", seen(ROOTS_ROTTEN));
    put("call.rotOldMedium", seen(ROOTS_ROTTEN).and(seen(MEDIUM_BROKEN_DOWN)));
    put("call.rotNoMedium", seen(ROOTS_ROTTEN).and(seen(LITTLE_MEDIUM_LEFT)));
    put("call.rotSuspected", f -> bySign(f, FindingCode.ROT));
    put("call.shrivelled", seen(SHRIVELLED));
    put("call.rootPests", seen(ROOT_PESTS));
    put("call.downRot", seen(ROOTS_ROTTEN));
  }

  private static void water() {
    put("call.overwatered", Facts::wetSeen);
    put("call.underwatered", Facts::drySeen);
    put("call.overwateredByRecord", Grounds::waterings);
    put("call.underwateredByRecord", Grounds::waterings);
    put("call.cover", seen(WATER_IN_COVER_POT));
    put("call.noDrainage", seen(NO_DRAIN_HOLES));
    put("call.noDrainageWet", seen(NO_DRAIN_HOLES).and(Facts::wetRoots));
    put("call.down", f -> f.c().ball().measured() && f.present(STAYS_WET));
    put(
        "call.overPotted",
        f ->
            f.present(MEDIUM_FALLS_AWAY)
                || f.present(STAYS_WET) && f.c().ball().measured()
                || f.present(STAYS_WET) && f.present(LOOSE_IN_POT)
                || f.present(STAYS_WET) && f.c().signs().grade(HEFT).isPresent());
  }

  private static void losses() {
    Predicate<Facts> loss = seen(LOWER_LEAVES_SHED, WHOLE_PLANT_PALE);
    put("call.decline", loss);
    put("call.paleThoughFed", seen(WHOLE_PLANT_PALE).and(f -> f.plant().fed().orElse(false)));
    put("call.paleUnknown", seen(WHOLE_PLANT_PALE).and(f -> f.plant().fed().isEmpty()));
    put("call.lossPests", loss.and(seen(SCALE, MEALYBUG, SPIDER_MITES, THRIPS)));
    put("call.lossCollar", loss.and(seen(STEM_BURIED_OR_MULCHED)));
    put("call.lossSalts", loss.and(seen(SALT_CRUST)));
    put("call.moved", seen(LOWER_LEAVES_SHED).and(f -> f.plant().is(StateCode.MOVED_LIGHT)));
    put("call.journey", seen(LOWER_LEAVES_SHED).and(f -> f.plant().is(StateCode.ARRIVED)));
    put("call.tooDark", seen(GROWTH_STALLED, LOWER_LEAVES_SHED));
    put("call.hungry", seen(WHOLE_PLANT_PALE, GROWTH_STALLED, LEAVES_YELLOWING));
  }

  private static void crowding() {
    Predicate<Facts> near = f -> NearRoots.seen(f.c(), f.expectation());
    put("call.crowdedClear", near);
    put("call.crowdedSevere", near);
    put("call.brokenCrowded", near.and(seen(POT_BROKEN)));
    put("call.begins", near.and(Facts::rootsHaveRoom));
    put("call.beginsToPress", near);
    put("call.beginsSnug", near);
    put("call.suspected", near.negate().and(Facts::crowdingPointedTo));
    put("call.longInPot", Facts::longInItsPot);
    put("call.pups", seen(PUPS_FILL_POT));
    put("call.divide", seen(PUPS_FILL_POT).and(f -> f.plant().keepsSize()));
    put("call.notRooted", seen(MEDIUM_FALLS_AWAY));
    put(PotRules.means(Action.POT_UP, "grows"), f -> !f.plant().keepsSize());
    put(PotRules.means(Action.POT_UP, "told"), f -> f.plant().toldToStay());
    put(PotRules.means(Action.POT_UP, "height"), f -> f.plant().atUsualHeight());
    put(PotRules.means(Action.ROOT_PRUNE_SAME_POT, "told"), f -> f.plant().toldToStay());
    put(PotRules.means(Action.POT_UP, "cover"), f -> f.plant().heldByCover());
    put(PotRules.means(Action.ROOT_PRUNE_SAME_POT, "cover"), f -> f.plant().heldByCover());
    put(PotRules.means(Action.ROOT_PRUNE_SAME_POT, "height"), f -> f.plant().atUsualHeight());
    put("call.spent", f -> spent(f) && f.rootsHaveRoom());
    put("call.spentAlone", Grounds::spent);
  }

  private static void potAndStanding() {
    put("call.broken", seen(POT_BROKEN));
    put("call.unstable", seen(TOPPLES, TOP_HEAVY, LEANS));
    put("call.tooHeavy", Facts::tooHeavyToLift);
    put("call.breakOut", Facts::ballIsCaught);
    put(
        "call.raise",
        f -> f.plant().traits().showsBase() && f.c().method().level() == Method.Level.RAISED);
  }

  private static void timeAndMethod() {
    put(
        "call.interval",
        f ->
            f.c().method().timing() == Method.Timing.INTERVAL
                && f.plant().lastRepotted().isPresent());
    put("call.settles", SettlingRules::repottedLately);
    put("call.ownMix", f -> f.plant().is(StateCode.ARRIVED));
    put("call.normal", f -> f.stands(FindingCode.JUST_NORMAL));
    put("call.follow", Facts::somethingToFollow);
    put("call.leave", f -> !f.somethingToFollow());
    for (String always :
        List.of(
            "call.overrides",
            "call.severeOutOfSeason",
            "call.nextWindow",
            "call.overruled",
            "call.overruledRules")) {
      put(always, f -> true);
    }
    put("because.bud", said(StateCode.IN_BUD));
    put("because.flower", said(StateCode.IN_FLOWER));
    put("because.rest", f -> f.c().resting());
    put("because.pruned", said(StateCode.RECENTLY_PRUNED));
    put("because.arrived", said(StateCode.ARRIVED));
    put("because.pests", seen(SCALE, MEALYBUG, SPIDER_MITES, THRIPS));
    put("because.heat", said(StateCode.HEAT_OR_HUMIDITY_EXTREME));
    put("because.newRoots", said(StateCode.NEW_ROOTS_STARTING));
  }

  /** Of the reasons of a call, those for which nothing was seen, said or measured. */
  static List<String> unfounded(Facts facts, Call call) {
    List<String> unfounded = new ArrayList<>();
    call.reasons()
        .forEach(
            reason -> {
              Predicate<Facts> ground = OF.get(reason.key());
              if (ground == null || !ground.test(facts)) {
                unfounded.add(reason.key());
              }
            });
    return unfounded;
  }

  private static void put(String key, Predicate<Facts> ground) {
    OF.put(key, ground);
  }

  private static Predicate<Facts> seen(SignCode... any) {
    List<SignCode> signs = List.of(any);
    return f -> signs.stream().anyMatch(f::present);
  }

  private static Predicate<Facts> said(StateCode state) {
    return f -> f.plant().is(state);
  }

  private static boolean waterings(Facts f) {
    return f.expectation().pouredOverUse().isPresent();
  }

  /** Something of the medium was seen, or it is twice as old as its mix lasts. */
  private static boolean spent(Facts f) {
    boolean old =
        f.plant()
            .monthsInPot(f.c().date())
            .map(months -> months > TWICE_ITS_LIFE * f.plant().mix().lifeMonths())
            .orElse(false);
    return old || bySign(f, FindingCode.SPENT_MEDIUM);
  }

  /** A sign that was seen speaks for it. */
  private static boolean bySign(Facts f, FindingCode finding) {
    return f.findings().get(finding).evidence().stream()
        .anyMatch(line -> line.weight() > 0 && EvidenceCodes.isOfASign(line.sign()));
  }
}
