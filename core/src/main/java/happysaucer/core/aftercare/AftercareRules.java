package happysaucer.core.aftercare;

import happysaucer.core.aftercare.Aftercare.Kind;
import happysaucer.core.aftercare.Aftercare.Step;
import happysaucer.core.aftercare.Aftercare.Week;
import happysaucer.core.aftercare.Aftercare.Who;
import happysaucer.core.call.Action;
import happysaucer.core.call.Call;
import happysaucer.core.call.HoldCode;
import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.Case.Watering;
import happysaucer.core.repot.Candidate;
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

  /** After rot the medium is kept barely moist: a pour is this share of a full one. */
  private static final double BARELY = 0.5;

  /** The first waters after a dry wait are sparing: a share of a full pour. */
  private static final double SPARING = 0.5;

  private static final int SPARING_WEEKS = 3;

  /** Where the model sees no refill within its horizon, days. */
  private static final double SELDOM_DAYS = 28;

  /** A pot this small with a low neck is watered from below, mm (rule of thumb). */
  private static final double FROM_BELOW_POT = 150;

  private static final int DIPPED_DRY_DAYS = 7;
  private static final int MONTH = 28;

  private final Case c;
  private final WaterModel water;

  public AftercareRules(Case c, WaterModel water) {
    this.c = c;
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
    return new Plan(call, plan, before).make();
  }

  /** The plan for one repot. */
  private final class Plan {
    private final Call call;
    private final RepotPlan plan;
    private final Drying before;
    private final Candidate chosen;
    private final AftercarePlan kind;
    private final LocalDate day;
    private final LocalDate firstWater;
    private final double firstLitres;
    private final List<Step> steps = new ArrayList<>();

    Plan(Call call, RepotPlan plan, Drying before) {
      this.call = call;
      this.plan = plan;
      this.before = before;
      this.chosen = plan.chosen().orElseThrow();
      this.kind = kind();
      this.day = plan.workDay();
      RepotPlan.WaterIn in = plan.waterIn().orElseThrow();
      this.firstWater =
          kind == AftercarePlan.DIPPED_THEN_DRY && in.on().isBefore(day.plusDays(DIPPED_DRY_DAYS))
              ? day.plusDays(DIPPED_DRY_DAYS)
              : in.on();
      this.firstLitres = in.litres();
    }

    /** By what was done first, then by the species. */
    private AftercarePlan kind() {
      AftercarePlan own = c.plant().traits().aftercare();
      boolean cut = plan.rootWork().rootShare() > 0 || call.action() == Action.DIVIDE;
      if (call.action() == Action.ROT_RESCUE
          || call.action() == Action.POT_DOWN && plan.rootWork().rootShare() > 0) {
        return AftercarePlan.ROT_RESCUE;
      }
      if (call.action() == Action.PEST_CLEAN) {
        return AftercarePlan.DIPPED_THEN_DRY;
      }
      if (chosen.mix().mix().reservoir()) {
        return AftercarePlan.RESERVOIR;
      }
      if (own != AftercarePlan.SETTLE_IN) {
        return own;
      }
      if (cut) {
        return AftercarePlan.KEEP_MOIST;
      }
      return c.plant().traits().neckRot() && chosen.pot().topMm() <= FROM_BELOW_POT
          ? AftercarePlan.FROM_BELOW
          : AftercarePlan.SETTLE_IN;
    }

    Aftercare make() {
      List<Week> weeks = weeks();
      stayDry();
      firstWatering();
      probe(weeks);
      plansOwnSteps();
      light();
      feed();
      blooms();
      followUps();
      steps.sort(
          Comparator.comparing((Step step) -> step.window().from()).thenComparing(Step::kind));
      return new Aftercare(kind, steps, weeks);
    }

    private void add(Window window, Kind what, Who who, String key, String text, Object... values) {
      steps.add(new Step(window, what, who, Message.of(key, text, values)));
    }

    private void stayDry() {
      if (!firstWater.isAfter(day)) {
        return;
      }
      add(
          Window.between(day, firstWater.minusDays(1)),
          Kind.WATER,
          Who.CARETAKER,
          "care.stayDry",
          call.growthStarts().filter(firstWater::equals).isPresent()
              ? "Keep it dry until {}, when the days are long enough for it to grow."
              : kind == AftercarePlan.DIPPED_THEN_DRY
                  ? "Its ball was soaked in the treatment: no water until {}."
                  : "Keep it dry until {}: cuts and bruises on its roots must heal first.",
          firstWater);
    }

    private void firstWatering() {
      String text =
          switch (kind) {
            case ROT_RESCUE -> "Moisten with {} only; barely moist and warm is right, never wet.";
            case WAIT_DRY -> "First water, sparingly: {}.";
            case DIPPED_THEN_DRY -> "Water with {} once the pot's base is dry.";
            case FROM_BELOW ->
                "Stand it in a saucer with {} for 10 to 15 minutes, then pour the rest away.";
            case EPIPHYTE -> "Soak with {}, wetting all of the bark, and let it drain fully.";
            case RESERVOIR ->
                "Water from above with {} to settle the grains, then fill the reservoir to its mark. Note the colour of what drains.";
            default -> "Water with {} until it runs through, and let it drain.";
          };
      double litres = kind == AftercarePlan.WAIT_DRY ? firstLitres * SPARING : firstLitres;
      add(
          Window.ofDays(firstWater, 1),
          Kind.WATER,
          Who.CARETAKER,
          "care.first." + kind,
          text,
          Volume.ofLitres(litres));
    }

    /** The place to probe and to pour is the old ball. */
    private void probe(List<Week> weeks) {
      Optional<Week> next = weeks.stream().filter(week -> week.everyDays().isPresent()).findFirst();
      if (next.isEmpty() || kind == AftercarePlan.RESERVOIR) {
        return;
      }
      LocalDate due =
          firstWater.plusDays(Math.max(1, Math.round(next.get().everyDays().getAsDouble())));
      String text =
          switch (kind) {
            case WAIT_DRY, DIPPED_THEN_DRY ->
                "Probe to the pot's base through a hole. Dry all the way? Then give {}.";
            case EPIPHYTE -> "Lift it: light, and roots silver or pale? Then soak with {}.";
            case ROT_RESCUE -> "Probe 5 cm down near the stem. Dry there? Then {} round the stem.";
            case KEEP_MOIST ->
                "Probe near the stem: neither dry nor wet for a month. Barely moist? Then {}, no more.";
            default ->
                "Probe the old ball near the stem, not the fresh medium at the edge. Dry 2 to 3 cm down? Then give {} round the stem.";
          };
      add(
          Window.ofDays(due, 2),
          Kind.PROBE,
          Who.CARETAKER,
          "care.probe." + kind,
          text,
          Volume.ofLitres(next.get().litres()));
    }

    private void plansOwnSteps() {
      switch (kind) {
        case KEEP_MOIST ->
            add(
                Window.ofDays(day, MONTH),
                Kind.WATER,
                Who.CARETAKER,
                "care.fewerRoots",
                "For a month it drinks less, since it has fewer roots: smaller amounts, by probe, neither dry nor wet.");
        case EPIPHYTE ->
            add(
                Window.between(day.plusDays(14), day.plusDays(42)),
                Kind.WATCH,
                Who.CARETAKER,
                "care.newTips",
                "Watch for new green or bright root tips: from then on water as usual.");
        case RESERVOIR ->
            add(
                Window.ofDays(day.plusDays(MONTH), 7),
                Kind.WATER,
                Who.CARETAKER,
                "care.flush",
                "Once a month rinse it through from above and empty the reservoir. Muddy water means that the grains are breaking down.");
        case SETTLE_IN ->
            add(
                Window.between(day.plusDays(28), day.plusDays(42)),
                Kind.WATER,
                Who.CARETAKER,
                "care.newNormal",
                "By now its roots drink from the whole pot: keep to the new interval, and pour over the whole surface.");
        default -> {}
      }
    }

    private void light() {
      boolean sunGrown = c.plant().traits().sunGrown();
      if (kind == AftercarePlan.ROT_RESCUE) {
        add(
            Window.ofDays(day, MONTH),
            Kind.LIGHT,
            Who.CARETAKER,
            "care.warmShade",
            "Warm and out of direct sun until it grows.");
      } else if (plan.rootWork().cutAnything() && kind != AftercarePlan.WAIT_DRY) {
        add(
            Window.ofDays(day, MONTH),
            Kind.LIGHT,
            Who.CARETAKER,
            "care.brightMonth",
            "Bright but no direct sun for a month, then back to its light in steps.");
      } else if (kind == AftercarePlan.WAIT_DRY || sunGrown) {
        add(
            Window.ofDays(day, 7),
            Kind.LIGHT,
            Who.CARETAKER,
            "care.shadeWeek",
            "Shade from direct sun for a week, then back in steps.");
      } else {
        add(
            Window.ofDays(day, 14),
            Kind.LIGHT,
            Who.CARETAKER,
            "care.sameSpot",
            "Leave it on the same spot and do not turn it.");
      }
      if (c.plant().species().group() == Group.TRAINED_TREE) {
        add(
            Window.ofDays(day, MONTH),
            Kind.WATCH,
            Who.CARETAKER,
            "care.noTurn",
            "Do not turn or move it until it is firm in its wires.");
      }
    }

    private void feed() {
      plan.feed()
          .holdUntil()
          .ifPresent(
              until ->
                  add(
                      Window.between(day, until),
                      Kind.FEED,
                      Who.CARETAKER,
                      "care.noFeed",
                      "No feed until {}.",
                      until));
    }

    /** A plant that is to grow roots is spared its bloom. */
    private void blooms() {
      boolean blooms =
          c.plant().is(StateCode.IN_BUD)
              || c.plant().is(StateCode.IN_FLOWER)
              || c.signs().present(SignCode.FLOWERS_INSTEAD_OF_GROWTH);
      boolean waitsForBloom =
          !call.overridden()
              && call.holds().stream()
                  .anyMatch(
                      hold ->
                          hold.firm()
                              && (hold.code() == HoldCode.IN_BUD
                                  || hold.code() == HoldCode.IN_FLOWER));
      if (blooms
          && !waitsForBloom
          && call.action() != Action.TOP_DRESS
          && call.action() != Action.REPLACE_POT) {
        add(
            Window.ofDays(day, 7),
            Kind.REMOVE_BLOOM,
            Who.TECHNICIAN,
            "care.blooms",
            "Take off buds and flowers: what it has goes into roots now.");
      }
    }

    private void followUps() {
      boolean rot = kind == AftercarePlan.ROT_RESCUE;
      LocalDate first = day.plusDays(rot ? 8 : 14);
      add(
          Window.between(first.minusDays(rot ? 1 : 2), first.plusDays(rot ? 2 : 4)),
          Kind.FOLLOW_UP,
          Who.TECHNICIAN,
          rot ? "care.followRot" : "care.follow14",
          rot
              ? "Look again: firm base, no smell, not wet below. Slip it out if in doubt."
              : "Settled? Look at ties, whether it stands upright, and the gap at the wall.");
      add(
          Window.between(day.plusDays(12), day.plusDays(18)),
          Kind.TOP_UP,
          Who.TECHNICIAN,
          "care.topUp",
          "Fresh medium sinks: top it up to {} under the rim, not higher on the stem.",
          Length.ofMm(chosen.fit().rimGapMm()));
      add(
          Window.between(day.plusDays(25), day.plusDays(33)),
          Kind.FOLLOW_UP,
          Who.TECHNICIAN,
          "care.follow28",
          "Did it take? Note new leaves or root tips, leaves lost, wilting, pests.");
      add(
          Window.ofDays(day, WEEKS * 7),
          Kind.WATCH,
          Who.CARETAKER,
          "care.watch",
          "A dull leaf or two is normal. Call us if it wilts while wet, smells sour, leans, or is still wet well after its day.");
    }

    /**
     * Interval and litres for eight weeks, by the water model, at each week's light and rooting.
     */
    private List<Week> weeks() {
      List<Week> weeks = new ArrayList<>();
      WaterModel.Bed bed = chosen.bed(water, plan.rootWork());
      double previous =
          c.watering()
              .map(Watering::intervalDays)
              .orElse(before.daysToRefill().orElse(SELDOM_DAYS));
      for (int week = 1; week <= WEEKS; week++) {
        LocalDate from = day.plusDays(7L * (week - 1));
        if (from.plusDays(6).isBefore(firstWater)) {
          weeks.add(new Week(week, from, OptionalDouble.empty(), 0));
          continue;
        }
        Drying cycle =
            water.after(
                bed, from, new WaterModel.Stage(7.0 * (week - 1), plan.rootWork().activity()));
        double days = cycle.daysToRefill().orElse(SELDOM_DAYS);
        if (!plan.rootWork().cutAnything() && week <= STRETCH_WEEKS) {
          days = Math.min(days, previous * STRETCH);
        }
        weeks.add(
            new Week(
                week,
                from,
                OptionalDouble.of(Math.max(1, days)),
                cycle.pourLitres() * WaterModel.RUN_THROUGH * share(from)));
      }
      return weeks;
    }

    private double share(LocalDate week) {
      return switch (kind) {
        case ROT_RESCUE -> BARELY;
        case WAIT_DRY, DIPPED_THEN_DRY ->
            week.isBefore(firstWater.plusWeeks(SPARING_WEEKS)) ? SPARING : 1;
        default -> 1;
      };
    }
  }
}
