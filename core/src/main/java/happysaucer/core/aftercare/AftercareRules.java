package happysaucer.core.aftercare;

import happysaucer.core.aftercare.Aftercare.Kind;
import happysaucer.core.aftercare.Aftercare.Step;
import happysaucer.core.aftercare.Aftercare.Week;
import happysaucer.core.aftercare.Aftercare.Who;
import happysaucer.core.call.Action;
import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.Case.Watering;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.medium.Retention;
import happysaucer.core.repot.Candidate;
import happysaucer.core.repot.RepotPlan;
import happysaucer.core.species.AftercarePlan;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Volume;
import happysaucer.core.unit.Window;
import happysaucer.core.water.Drying;
import happysaucer.core.water.WaterModel;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Makes the plan of aftercare for a case, its call and its repot plan. */
public final class AftercareRules {
  private static final int WEEKS = 8;

  /** While roots and leaves are whole, the first intervals stretch at most by this. */
  private static final double STRETCH = 1.3;

  /** After rot the medium is kept barely moist: a pour is this share of a full one. */
  private static final double BARELY = 0.5;

  private final Case c;
  private final MediumTable media;
  private final WaterModel water;

  public AftercareRules(Case c, MediumTable media, WaterModel water) {
    this.c = c;
    this.media = media;
    this.water = water;
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
                        Message.of("care.lookAgain", "Look again and log a check."))));
    return new Aftercare(AftercarePlan.NONE, steps, List.of());
  }

  public Aftercare after(Call call, RepotPlan plan, Drying before) {
    if (plan.chosen().isEmpty()) {
      return interim(call);
    }
    AftercarePlan kind = kind(call, plan);
    Candidate chosen = plan.chosen().get();
    List<Week> weeks = weeks(kind, plan, chosen, before);
    List<Step> steps = new ArrayList<>();
    LocalDate day = plan.workDay();
    firstWater(kind, plan, weeks, steps);
    light(kind, plan, day, steps);
    feed(plan, day, steps);
    LocalDate firstLook = day.plusDays(kind == AftercarePlan.ROT_RESCUE ? 8 : 14);
    steps.add(
        step(
            Window.between(firstLook.minusDays(2), firstLook.plusDays(4)),
            Kind.FOLLOW_UP,
            Who.TECHNICIAN,
            kind == AftercarePlan.ROT_RESCUE
                ? Message.of(
                    "care.followRot",
                    "Look again: firm base, no smell, not wet below. Slip it out if in doubt.")
                : Message.of(
                    "care.follow14",
                    "Settled? Top up sunk medium, check ties, upright, and the gap at the wall.")));
    steps.add(
        step(
            Window.between(day.plusDays(25), day.plusDays(33)),
            Kind.FOLLOW_UP,
            Who.TECHNICIAN,
            Message.of(
                "care.follow28",
                "Did it take? Note new leaves or root tips, leaves lost, wilting, pests.")));
    steps.add(
        step(
            Window.ofDays(day, WEEKS * 7),
            Kind.WATCH,
            Who.CARETAKER,
            Message.of(
                "care.watch",
                "Call us if it wilts while wet, smells sour, leans, or is still wet well after its day.")));
    steps.sort(
        java.util.Comparator.comparing((Step step) -> step.window().from())
            .thenComparing(Step::kind));
    return new Aftercare(kind, steps, weeks);
  }

  private AftercarePlan kind(Call call, RepotPlan plan) {
    if (call.action() == Action.ROT_RESCUE) {
      return AftercarePlan.ROT_RESCUE;
    }
    AftercarePlan own = c.plant().traits().aftercare();
    return own == AftercarePlan.SETTLE_IN && plan.rootWork().rootShare() > 0
        ? AftercarePlan.KEEP_MOIST
        : own;
  }

  private void firstWater(AftercarePlan kind, RepotPlan plan, List<Week> weeks, List<Step> steps) {
    RepotPlan.WaterIn in = plan.waterIn().orElseThrow();
    LocalDate day = plan.workDay();
    if (in.on().isAfter(day)) {
      steps.add(
          step(
              Window.between(day, in.on().minusDays(1)),
              Kind.WATER,
              Who.CARETAKER,
              Message.of(
                  "care.stayDry",
                  "Keep it dry until {}: cuts and bruises on its roots must heal first.",
                  in.on())));
    }
    steps.add(
        step(
            Window.ofDays(in.on(), 1),
            Kind.WATER,
            Who.CARETAKER,
            switch (kind) {
              case ROT_RESCUE ->
                  Message.of(
                      "care.barely",
                      "Moisten with {} only; barely moist and warm is right, never wet.",
                      Volume.ofLitres(in.litres()));
              case WAIT_DRY ->
                  Message.of(
                      "care.sparingly",
                      "First water, sparingly: {}.",
                      Volume.ofLitres(in.litres()));
              default ->
                  Message.of(
                      "care.through",
                      "Water with {} until it runs through, and let it drain.",
                      Volume.ofLitres(in.litres()));
            }));
    weeks.stream()
        .filter(week -> week.everyDays().isPresent())
        .findFirst()
        .ifPresent(
            week -> {
              LocalDate next =
                  in.on().plusDays(Math.max(1, Math.round(week.everyDays().getAsDouble())));
              steps.add(
                  step(
                      Window.ofDays(next, 2),
                      Kind.PROBE,
                      Who.CARETAKER,
                      Message.of(
                          "care.probe",
                          "Probe the old ball near the stem, not the fresh medium at the edge. Dry 2 to 3 cm down? Then give {} round the stem.",
                          Volume.ofLitres(week.litres()))));
            });
  }

  private void light(AftercarePlan kind, RepotPlan plan, LocalDate day, List<Step> steps) {
    if (kind == AftercarePlan.WAIT_DRY) {
      steps.add(
          step(
              Window.ofDays(day, 7),
              Kind.LIGHT,
              Who.CARETAKER,
              Message.of(
                  "care.shadeWeek", "Shade from direct sun for a week, then back in steps.")));
    } else if (kind == AftercarePlan.ROT_RESCUE) {
      steps.add(
          step(
              Window.ofDays(day, 28),
              Kind.LIGHT,
              Who.CARETAKER,
              Message.of("care.warmShade", "Warm and out of direct sun until it grows.")));
    } else if (plan.rootWork().cutAnything()) {
      steps.add(
          step(
              Window.ofDays(day, 28),
              Kind.LIGHT,
              Who.CARETAKER,
              Message.of("care.brightMonth", "Bright but no direct sun for a month.")));
    } else {
      steps.add(
          step(
              Window.ofDays(day, 14),
              Kind.LIGHT,
              Who.CARETAKER,
              Message.of("care.sameSpot", "Leave it on the same spot and do not turn it.")));
    }
  }

  private void feed(RepotPlan plan, LocalDate day, List<Step> steps) {
    plan.feed()
        .holdUntil()
        .ifPresent(
            until ->
                steps.add(
                    step(
                        Window.between(day, until),
                        Kind.FEED,
                        Who.CARETAKER,
                        Message.of("care.noFeed", "No feed until {}.", until))));
  }

  /** Interval and litres for eight weeks, by the water model, at each week's light and rooting. */
  private List<Week> weeks(AftercarePlan kind, RepotPlan plan, Candidate chosen, Drying before) {
    List<Week> weeks = new ArrayList<>();
    Retention ring = media.retention(chosen.mix().mix());
    double base = Math.max(0, chosen.baseLayerMm());
    RepotPlan.WaterIn in = plan.waterIn().orElseThrow();
    Optional<Double> old = c.watering().map(Watering::intervalDays);
    double previous = old.orElse(before.daysToRefill().orElse(7));
    for (int week = 1; week <= WEEKS; week++) {
      LocalDate from = plan.workDay().plusDays(7L * (week - 1));
      if (from.plusDays(6).isBefore(in.on())) {
        weeks.add(new Week(week, from, OptionalDouble.empty(), 0));
        continue;
      }
      Drying cycle =
          water.after(
              chosen.pot(),
              plan.rootWork().after(),
              base,
              ring,
              from,
              new WaterModel.Stage(7.0 * (week - 1), plan.rootWork().activity()));
      double days = cycle.daysToRefill().orElse(28);
      if (!plan.rootWork().cutAnything() && week <= 3) {
        days = Math.min(days, previous * STRETCH);
      }
      double pour = cycle.pourLitres() * WaterModel.RUN_THROUGH;
      weeks.add(
          new Week(
              week,
              from,
              OptionalDouble.of(Math.max(1, days)),
              kind == AftercarePlan.ROT_RESCUE ? pour * BARELY : pour));
    }
    return weeks;
  }

  private static Step step(Window window, Kind kind, Who who, Message text) {
    return new Step(window, kind, who, text);
  }
}
