package happysaucer.core.aftercare;

import happysaucer.core.aftercare.Aftercare.Kind;
import happysaucer.core.aftercare.Aftercare.Step;
import happysaucer.core.aftercare.Aftercare.Week;
import happysaucer.core.aftercare.Aftercare.Who;
import happysaucer.core.call.Call;
import happysaucer.core.call.HoldCode;
import happysaucer.core.casefile.Case;
import happysaucer.core.repot.Candidate;
import happysaucer.core.repot.FirstWater;
import happysaucer.core.repot.RepotPlan;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.StateCode;
import happysaucer.core.species.AftercarePlan;
import happysaucer.core.species.Group;
import happysaucer.core.unit.Length;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Volume;
import happysaucer.core.unit.Window;
import happysaucer.core.water.Drying;
import happysaucer.core.water.FirstWeeks;
import happysaucer.core.water.WaterModel;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Makes the plan of aftercare for a case, its call and its repot plan. */
public final class AftercareRules {
  private static final int WEEKS = 8;

  /** While roots and leaves are whole, the first intervals stretch at most by this. */
  private static final double STRETCH = 1.3;

  private static final int STRETCH_WEEKS = 3;

  private static final int MONTH = 28;

  private final Case c;
  private final WaterModel water;

  public AftercareRules(Case c, WaterModel water) {
    this.c = c;
    this.water = water;
  }

  /**
   * While nothing was cut, its own interval bounds those of the first weeks, days.
   *
   * @param before by the model, on the day of the case
   * @param on day of the work, by whose light they are
   */
  public static OptionalDouble longestAtFirst(Case c, boolean cut, Drying before, LocalDate on) {
    double brought = c.thirst(c.date()) / c.thirst(on);
    OptionalDouble own =
        c.intervalOn(on)
            .map(OptionalDouble::of)
            .orElseGet(
                () ->
                    before.daysToRefill().isPresent()
                        ? OptionalDouble.of(before.daysToRefill().getAsDouble() * brought)
                        : OptionalDouble.empty());
    return cut || own.isEmpty()
        ? OptionalDouble.empty()
        : OptionalDouble.of(own.getAsDouble() * STRETCH);
  }

  /** Interim care only: nothing was potted. */
  public Aftercare interim(Call call) {
    List<Step> steps = new ArrayList<>();
    LocalDate until = call.recheck().orElse(c.date().plusDays(14));
    Window window = Window.between(c.date(), until.isBefore(c.date()) ? c.date() : until);
    for (Message text : call.interim()) {
      steps.add(new Step(window, Kind.WATER, Who.CARETAKER, text));
    }
    call.recheck()
        .ifPresent(
            day ->
                steps.add(
                    new Step(
                        Window.ofDays(day, 7),
                        Kind.FOLLOW_UP,
                        Who.TECHNICIAN,
                        Message.of("care.lookAgain"))));
    return new Aftercare(AftercarePlan.NONE, steps, List.of(), Optional.empty());
  }

  public Aftercare after(Call call, RepotPlan plan, Drying before) {
    if (plan.chosen().isEmpty()) {
      return interim(call);
    }
    return new Plan(call, plan, before).make();
  }

  /** The plan for one repot. */
  private final class Plan {
    private final Call call;
    private final RepotPlan plan;
    private final Candidate chosen;
    private final CarePlan care;
    private final LocalDate day;
    private final FirstWater first;
    private final List<FirstWeeks.Watering> waterings;
    private final List<Step> steps = new ArrayList<>();

    Plan(Call call, RepotPlan plan, Drying before) {
      this.call = call;
      this.plan = plan;
      this.chosen = plan.chosen().orElseThrow();
      this.care = CarePlan.of(c, call, plan);
      this.day = plan.workDay();
      this.first = plan.firstWater().orElseThrow();
      this.waterings = FirstWeeks.of(water, chosen.bed(water), setting(before), WEEKS * 7);
    }

    private FirstWeeks.Setting setting(Drying before) {
      return new FirstWeeks.Setting(
          day,
          first.on(),
          first.litres(),
          first.ballWetness(),
          plan.rootWork().activity(),
          longestAtFirst(c, plan.rootWork().cutAnything(), before, plan.workDay()),
          STRETCH_WEEKS,
          care.usedShare(),
          care.barelyMoist());
    }

    Aftercare make() {
      stayDry();
      firstWatering();
      emptyCover();
      probe();
      care.own()
          .ifPresent(
              own ->
                  add(
                      Window.between(day.plusDays(own.fromDay()), day.plusDays(own.toDay())),
                      own.kind(),
                      Who.CARETAKER,
                      own.key()));
      light();
      feed();
      blooms();
      followUps();
      steps.sort(
          Comparator.comparing((Step step) -> step.window().from()).thenComparing(Step::kind));
      return new Aftercare(care.code(), steps, weeks(), Optional.of(after()));
    }

    private void add(Window window, Kind what, Who who, String key, Object... values) {
      steps.add(new Step(window, what, who, Message.of(key, values)));
    }

    private void stayDry() {
      if (!first.waits(day)) {
        return;
      }
      add(
          Window.between(day, first.on().minusDays(1)),
          Kind.WATER,
          Who.CARETAKER,
          "care.stayDry." + first.why(),
          first.on());
    }

    private void firstWatering() {
      add(
          Window.ofDays(first.on(), 1),
          Kind.WATER,
          Who.CARETAKER,
          care.first(c),
          Volume.ofLitres(first.litres()));
    }

    /** Nobody sees water that stands between a pot and its cover. */
    private void emptyCover() {
      if (c.pot().inCoverPot() && care.code() != AftercarePlan.RESERVOIR) {
        add(Window.ofDays(first.on(), WEEKS * 7), Kind.WATER, Who.CARETAKER, "care.emptyCover");
      }
    }

    /** The place to probe and to pour is the old ball. */
    private void probe() {
      if (care.probe(c).isEmpty()) {
        return;
      }
      if (waterings.size() < 2) {
        add(
            Window.ofDays(first.on().plusDays(MONTH), 7),
            Kind.PROBE,
            Who.CARETAKER,
            "care.probeBefore");
        return;
      }
      add(
          Window.ofDays(waterings.get(1).on(), 2),
          Kind.PROBE,
          Who.CARETAKER,
          care.probe(c).get(),
          Volume.ofLitres(waterings.get(1).litres()));
    }

    private void light() {
      boolean sunGrown = c.plant().traits().sunGrown();
      if (care.code() == AftercarePlan.ROT_RESCUE) {
        add(Window.ofDays(day, MONTH), Kind.LIGHT, Who.CARETAKER, "care.warmShade");
      } else if (plan.rootWork().cutAnything() && care.code() != AftercarePlan.WAIT_DRY) {
        add(Window.ofDays(day, MONTH), Kind.LIGHT, Who.CARETAKER, "care.brightMonth");
      } else if (care.code() == AftercarePlan.WAIT_DRY || sunGrown) {
        add(Window.ofDays(day, 7), Kind.LIGHT, Who.CARETAKER, "care.shadeWeek");
      } else {
        add(Window.ofDays(day, 14), Kind.LIGHT, Who.CARETAKER, "care.sameSpot");
      }
      if (c.plant().species().group() == Group.TRAINED_TREE) {
        add(Window.ofDays(day, MONTH), Kind.WATCH, Who.CARETAKER, "care.noTurn");
      }
    }

    private void feed() {
      plan.feed()
          .holdUntil()
          .ifPresent(
              until ->
                  add(Window.between(day, until), Kind.FEED, Who.CARETAKER, "care.noFeed", until));
    }

    /** Roots that were cut are spared the bloom; a ball left whole carries it. */
    private void blooms() {
      boolean inBloom = c.plant().is(StateCode.IN_BUD) || c.plant().is(StateCode.IN_FLOWER);
      boolean cut = plan.rootWork().openRoots(call) || plan.rootWork().bareRooted();
      boolean blooms =
          inBloom && cut || c.signs().present(SignCode.FLOWERS_INSTEAD_OF_GROWTH) && cut;
      boolean waitsForBloom =
          !call.overridden()
              && call.holds().stream()
                  .anyMatch(
                      hold ->
                          hold.firm()
                              && (hold.code() == HoldCode.IN_BUD
                                  || hold.code() == HoldCode.IN_FLOWER));
      if (blooms && !waitsForBloom && c.plant().species().group() != Group.BROMELIAD) {
        add(Window.ofDays(day, 7), Kind.REMOVE_BLOOM, Who.TECHNICIAN, "care.blooms");
      }
    }

    private void followUps() {
      boolean rot = care.code() == AftercarePlan.ROT_RESCUE;
      LocalDate first = day.plusDays(rot ? 8 : 14);
      add(
          Window.between(first.minusDays(rot ? 1 : 2), first.plusDays(rot ? 2 : 4)),
          Kind.FOLLOW_UP,
          Who.TECHNICIAN,
          rot ? "care.followRot" : "care.follow14");
      add(
          Window.between(day.plusDays(12), day.plusDays(18)),
          Kind.TOP_UP,
          Who.TECHNICIAN,
          "care.topUp",
          Length.ofMm(chosen.fit().rimGapMm()));
      add(
          Window.between(day.plusDays(25), day.plusDays(33)),
          Kind.FOLLOW_UP,
          Who.TECHNICIAN,
          "care.follow28");
      add(Window.ofDays(day, WEEKS * 7), Kind.WATCH, Who.CARETAKER, "care.watch");
    }

    /** Interval and litres for eight weeks, from the waterings as they will be. */
    private List<Week> weeks() {
      List<Week> weeks = new ArrayList<>();
      for (int week = 1; week <= WEEKS; week++) {
        LocalDate from = day.plusDays(7L * (week - 1));
        LocalDate to = from.plusDays(6);
        if (to.isBefore(first.on())) {
          weeks.add(new Week(week, from, OptionalDouble.empty(), 0));
        } else {
          FirstWeeks.Watering in = lastUntil(to);
          weeks.add(new Week(week, from, in.nextInDays(), in.litres()));
        }
      }
      return weeks;
    }

    private FirstWeeks.Watering lastUntil(LocalDate day) {
      FirstWeeks.Watering last = waterings.get(0);
      for (FirstWeeks.Watering watering : waterings) {
        if (!watering.on().isAfter(day)) {
          last = watering;
        }
      }
      return last;
    }

    /** The first cycle, as it will be watered. */
    private Drying after() {
      FirstWeeks.Watering watering = waterings.get(0);
      Drying cycle = watering.cycle();
      return new Drying(
          cycle.daysToTopDry(),
          watering.nextInDays(),
          cycle.daysAirless(),
          cycle.daysRingWet(),
          cycle.litresPerDay(),
          waterings.size() > 1 ? waterings.get(1).litres() : cycle.pourLitres(),
          cycle.uncertainty());
    }
  }
}
