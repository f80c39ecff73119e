package happysaucer.core.call;

import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.PlantCase;
import happysaucer.core.finding.FindingCode;
import happysaucer.core.finding.Findings;
import happysaucer.core.method.Method;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.StateCode;
import happysaucer.core.species.RootType;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Window;
import java.util.List;
import java.util.Optional;

/** One small rule per hold. */
final class HoldRules {
  /** Days a newly arrived plant settles (rule of thumb). */
  static final int SETTLING_DAYS = 21;

  interface Rule {
    Optional<Hold> on(Case c, Findings findings, Window window);
  }

  static final List<Rule> ALL =
      List.of(
          HoldRules::inBud,
          HoldRules::inFlower,
          HoldRules::resting,
          HoldRules::recentlyPruned,
          HoldRules::arrived,
          HoldRules::pestsAboveGround,
          HoldRules::heatOrDryAir,
          HoldRules::brittleNewRoots,
          HoldRules::outOfSeason);

  private HoldRules() {}

  /**
   * Firm for those that drop their buds; otherwise advice, and none where the method goes early.
   */
  static Optional<Hold> inBud(Case c, Findings findings, Window window) {
    PlantCase plant = c.plant();
    if (!plant.is(StateCode.IN_BUD)) {
      return Optional.empty();
    }
    boolean early = c.method().inBud() == Method.InBud.BEFORE_BUDS_OPEN;
    if (!plant.traits().budDrop() && early) {
      return Optional.empty();
    }
    return Optional.of(
        new Hold(
            HoldCode.IN_BUD,
            plant.traits().budDrop(),
            plant.traits().budDrop()
                ? Message.of(
                    "hold.bud",
                    "When flowering is over: this species drops its buds when disturbed.")
                : Message.of("hold.budAdvice", "Better after flowering."),
            Optional.empty()));
  }

  static Optional<Hold> inFlower(Case c, Findings findings, Window window) {
    if (!c.plant().is(StateCode.IN_FLOWER)) {
      return Optional.empty();
    }
    return Optional.of(
        new Hold(
            HoldCode.IN_FLOWER,
            c.plant().traits().budDrop(),
            Message.of("hold.flower", "When the flowers are over."),
            Optional.empty()));
  }

  static Optional<Hold> resting(Case c, Findings findings, Window window) {
    return c.plant().is(StateCode.RESTING)
        ? Optional.of(
            new Hold(
                HoldCode.RESTING,
                true,
                Message.of("hold.rest", "When new growth shows."),
                Optional.empty()))
        : Optional.empty();
  }

  static Optional<Hold> recentlyPruned(Case c, Findings findings, Window window) {
    return withinDays(
        c,
        StateCode.RECENTLY_PRUNED,
        c.plant().traits().sealDays(),
        HoldCode.RECENTLY_PRUNED,
        "hold.pruned",
        "When the cuts on top have sealed.");
  }

  /** Not where it came crowded, and not where the method repots new plants at once. */
  static Optional<Hold> arrived(Case c, Findings findings, Window window) {
    if (findings.stands(FindingCode.CROWDED, Grade.CLEAR)
        || c.method().newlyBought() == Method.NewlyBought.REPOT_SOON) {
      return Optional.empty();
    }
    return withinDays(
        c,
        StateCode.ARRIVED,
        SETTLING_DAYS,
        HoldCode.ARRIVED,
        "hold.arrived",
        "When it has settled in its new light.");
  }

  static Optional<Hold> pestsAboveGround(Case c, Findings findings, Window window) {
    boolean pests =
        List.of(SignCode.SCALE, SignCode.MEALYBUG, SignCode.SPIDER_MITES, SignCode.THRIPS).stream()
            .anyMatch(c.signs()::present);
    return pests
        ? Optional.of(
            new Hold(
                HoldCode.PESTS,
                true,
                Message.of("hold.pests", "When two checks in a row find no living pests."),
                Optional.empty()))
        : Optional.empty();
  }

  static Optional<Hold> heatOrDryAir(Case c, Findings findings, Window window) {
    return c.plant().is(StateCode.HEAT_OR_HUMIDITY_EXTREME)
        ? Optional.of(
            new Hold(
                HoldCode.HEAT_OR_HUMIDITY_EXTREME,
                true,
                Message.of("hold.heat", "When the heat or the very dry air is over."),
                Optional.empty()))
        : Optional.empty();
  }

  static Optional<Hold> brittleNewRoots(Case c, Findings findings, Window window) {
    RootType roots = c.plant().traits().rootType();
    return c.plant().is(StateCode.NEW_ROOTS_STARTING) && roots == RootType.BRITTLE
        ? Optional.of(
            new Hold(
                HoldCode.NEW_ROOTS_STARTING,
                true,
                Message.of("hold.newRoots", "When the new roots have hardened; they snap now."),
                Optional.empty()))
        : Optional.empty();
  }

  static Optional<Hold> outOfSeason(Case c, Findings findings, Window window) {
    return window.from().isAfter(c.date())
        ? Optional.of(
            new Hold(
                HoldCode.OUT_OF_SEASON,
                false,
                Message.of("hold.season", "When its window opens with the longer days."),
                Optional.of(window.from().minusDays(1))))
        : Optional.empty();
  }

  private static Optional<Hold> withinDays(
      Case c, StateCode state, int days, HoldCode code, String key, String liftedBy) {
    Integer since = c.plant().states().get(state);
    return since != null && since < days
        ? Optional.of(
            new Hold(
                code,
                true,
                Message.of(key, liftedBy),
                Optional.of(c.date().plusDays(days - since - 1L))))
        : Optional.empty();
  }
}
