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
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** One small rule per hold. */
final class HoldRules {
  /** Days a newly arrived plant settles (rule of thumb). */
  static final int SETTLING_DAYS = 21;

  private static final List<SignCode> PESTS =
      List.of(SignCode.SCALE, SignCode.MEALYBUG, SignCode.SPIDER_MITES, SignCode.THRIPS);

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

  static List<Hold> of(Case c, Findings findings, Window window) {
    List<Hold> holds = new ArrayList<>(2);
    for (Rule rule : ALL) {
      rule.on(c, findings, window).ifPresent(holds::add);
    }
    return holds;
  }

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
    return hold(
        HoldCode.IN_BUD,
        plant.traits().budDrop(),
        Message.of("because.bud"),
        plant.traits().budDrop() ? Message.of("hold.bud") : Message.of("hold.budAdvice"));
  }

  static Optional<Hold> inFlower(Case c, Findings findings, Window window) {
    if (!c.plant().is(StateCode.IN_FLOWER)) {
      return Optional.empty();
    }
    return hold(
        HoldCode.IN_FLOWER,
        c.plant().traits().budDrop(),
        Message.of("because.flower"),
        Message.of("hold.flower"));
  }

  static Optional<Hold> resting(Case c, Findings findings, Window window) {
    if (!c.resting() || c.plant().traits().repottedDormant()) {
      return Optional.empty();
    }
    Message because = Message.of("because.rest");
    if (c.plant().is(StateCode.RESTING) || !window.from().isAfter(c.date())) {
      return hold(HoldCode.RESTING, true, because, Message.of("hold.rest"));
    }
    return Optional.of(
        new Hold(
            HoldCode.RESTING,
            true,
            because,
            Message.of("hold.restSeason"),
            Optional.of(window.from().minusDays(1))));
  }

  static Optional<Hold> recentlyPruned(Case c, Findings findings, Window window) {
    return withinDays(
        c,
        StateCode.RECENTLY_PRUNED,
        c.plant().traits().sealDays(),
        HoldCode.RECENTLY_PRUNED,
        Message.of("because.pruned"),
        Message.of("hold.pruned"));
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
        Message.of("because.arrived"),
        Message.of("hold.arrived"));
  }

  static Optional<Hold> pestsAboveGround(Case c, Findings findings, Window window) {
    for (SignCode pest : PESTS) {
      if (c.signs().present(pest)) {
        return hold(HoldCode.PESTS, true, Message.of("because.pests"), Message.of("hold.pests"));
      }
    }
    return Optional.empty();
  }

  static Optional<Hold> heatOrDryAir(Case c, Findings findings, Window window) {
    return c.plant().is(StateCode.HEAT_OR_HUMIDITY_EXTREME)
        ? hold(
            HoldCode.HEAT_OR_HUMIDITY_EXTREME,
            true,
            Message.of("because.heat"),
            Message.of("hold.heat"))
        : Optional.empty();
  }

  /** Fresh tips are stubs still, and a good moment; longer brittle roots snap. */
  static Optional<Hold> brittleNewRoots(Case c, Findings findings, Window window) {
    return c.plant().is(StateCode.NEW_ROOTS_STARTING)
            && c.plant().traits().rootType() == RootType.BRITTLE
            && !c.signs().present(SignCode.FRESH_ROOT_TIPS)
        ? hold(
            HoldCode.NEW_ROOTS_STARTING,
            true,
            Message.of("because.newRoots"),
            Message.of("hold.newRoots"))
        : Optional.empty();
  }

  static Optional<Hold> outOfSeason(Case c, Findings findings, Window window) {
    return window.from().isAfter(c.date())
        ? Optional.of(
            new Hold(
                HoldCode.OUT_OF_SEASON,
                false,
                Message.of("because.season"),
                Message.of("hold.season"),
                Optional.of(window.from().minusDays(1))))
        : Optional.empty();
  }

  private static Optional<Hold> hold(
      HoldCode code, boolean firm, Message because, Message liftedBy) {
    return Optional.of(new Hold(code, firm, because, liftedBy, Optional.empty()));
  }

  private static Optional<Hold> withinDays(
      Case c, StateCode state, int days, HoldCode code, Message because, Message liftedBy) {
    Integer since = c.plant().states().get(state);
    return since != null && since < days
        ? Optional.of(
            new Hold(
                code, true, because, liftedBy, Optional.of(c.date().plusDays(days - since - 1L))))
        : Optional.empty();
  }
}
