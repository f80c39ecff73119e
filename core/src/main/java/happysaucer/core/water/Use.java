package happysaucer.core.water;

import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.History;
import happysaucer.core.casefile.PlantCase;
import happysaucer.core.species.Light;
import happysaucer.core.species.Refill;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How much a plant drinks.
 *
 * @param litresPerDay uptake on a day of twelve hours of light, with all roots and leaves at work
 * @param uncertainty relative half width of the range around every day count
 * @param waterings measured waterings it rests on
 * @param weighings times it was weighed before and after that it rests on; with none of either it
 *     comes from the table
 * @param interval how long the pot lasts in fact; empty when no believed watering tells
 */
public record Use(
    double litresPerDay,
    double uncertainty,
    int waterings,
    int weighings,
    Optional<Interval> interval) {
  /** How much of the light a layer of leaves takes from those beneath (rule of thumb). */
  private static final double SHADING = 0.5;

  /** Factors by which leaves, and what such pots usually last, mislead (rules of thumb). */
  private static final double LEAVES_MISLEAD = Math.log(2.1);

  private static final double POTS_MISLEAD = Math.log(1.6);

  /**
   * Days a pot of this width lasts on a day of twelve hours, by refill point and light from LOW to
   * DIRECT (rules of thumb); larger ones last longer by this power of their width.
   */
  private static final double USUAL_POT_MM = 200;

  private static final double LARGER_LAST = 0.4;
  private static final double[] MOIST_DAYS = {14, 10, 7.5, 6};
  private static final double[] TOP_DRY_DAYS = {13, 9.5, 7, 5};
  private static final double[] HALF_DRY_DAYS = {19, 13, 9.5, 6.5};
  private static final double[] FULLY_DRY_DAYS = {34, 23, 15.5, 11};

  /** What is poured outside these shares of what it can drink is doubted (rules of thumb). */
  private static final double LEAST_BELIEVED = 0.3;

  private static final double MOST_BELIEVED = 3;

  /**
   * Ranges: from the table, from one measured watering, and the least with many (rules of thumb).
   */
  private static final double UNCERTAIN_TABLE = 0.4;

  private static final double UNCERTAIN_ONE = 0.15;
  private static final double UNCERTAIN_LEAST = 0.06;

  /** A watering this old counts for 1/e of one today, days (rule of thumb). */
  private static final double FORGOTTEN_DAYS = 180;

  /** Of the daily loss of a pot, at least this share goes through the leaves (rule of thumb). */
  private static final double LEAST_LEAF_SHARE = 0.3;

  /**
   * @param days between waterings
   * @param thirst of those days against days of twelve hours of light
   */
  record Interval(double days, double thirst) {}

  public boolean measured() {
    return waterings + weighings > 0;
  }

  /**
   * The present pot as evidence of what its plant drinks.
   *
   * @param availableLitres what its medium holds for the roots
   * @param surfaceLoss litres a day it loses without a plant, by the rule
   * @param itself litres a day that it lost in its own intervals beside what its plant drinks at
   *     ease; under 0 where it was let dry until its roots could not take that
   */
  record PotEvidence(double availableLitres, double surfaceLoss, double itself) {
    static PotEvidence byRule(double availableLitres, double surfaceLoss) {
      return new PotEvidence(availableLitres, surfaceLoss, surfaceLoss);
    }

    PotEvidence losing(double itself) {
      return new PotEvidence(availableLitres, surfaceLoss, itself);
    }
  }

  /**
   * Where nobody measured: from the leaves and from what such pots usually last, combined in their
   * logarithms, each by its certainty. A plant lives in the pot it is in.
   */
  static Use estimate(Case c, PotEvidence pot) {
    double leaves =
        catchingM2(c.plant()) * perLeafM2(c.light()) * c.plant().traits().waterCoefficient();
    double litres =
        c.plant().refill() == Refill.RESERVOIR ? leaves : combined(leaves, fromPot(c, pot));
    return new Use(litres, UNCERTAIN_TABLE, 0, 0, Optional.empty());
  }

  private static double combined(double leaves, double pot) {
    double byLeaves = 1 / (LEAVES_MISLEAD * LEAVES_MISLEAD);
    double byPot = 1 / (POTS_MISLEAD * POTS_MISLEAD);
    return Math.exp((Math.log(leaves) * byLeaves + Math.log(pot) * byPot) / (byLeaves + byPot));
  }

  private static double fromPot(Case c, PotEvidence pot) {
    Refill refill = c.plant().refill();
    double[] days =
        switch (refill) {
          case EVENLY_MOIST -> MOIST_DAYS;
          case HALF_DRY -> HALF_DRY_DAYS;
          case FULLY_DRY -> FULLY_DRY_DAYS;
          default -> TOP_DRY_DAYS;
        };
    double lasts =
        days[c.light().ordinal()] * Math.pow(c.pot().topMm() / USUAL_POT_MM, LARGER_LAST);
    return throughLeaves(pot.availableLitres() * refill.spentShare() / lasts, pot.surfaceLoss());
  }

  /** What of a pot's daily loss goes through the leaves. */
  private static double throughLeaves(double daily, double surfaceLoss) {
    return Math.max(daily * LEAST_LEAF_SHARE, daily - surfaceLoss);
  }

  /**
   * From the plant's own waterings where they were measured, each weighted by its age and brought
   * to a day of twelve hours; or else estimated. The spread of the waterings is the uncertainty. A
   * watering far from what the plant can drink tells of whoever pours, not of the plant.
   */
  static Use of(Case c, PotEvidence pot, Scales scales) {
    Use estimate = estimate(c, pot);
    Tally tally = new Tally();
    Tally days = new Tally();
    Tally thirstyDays = new Tally();
    for (Told told : told(c, pot, scales, estimate)) {
      if (told.believed()) {
        Poured poured = told.poured();
        tally.add(told.leaf(), poured.ageDays(), poured.tells());
        if (told.from() == Learned.From.WATERED) {
          days.add(poured.days(), poured.ageDays());
          thirstyDays.add(poured.days() * poured.thirst(), poured.ageDays());
        }
      }
    }
    if (tally.count == 0) {
      return estimate;
    }
    return tally.use(
        days.count,
        days.count == 0
            ? Optional.empty()
            : Optional.of(new Interval(days.mean(), thirstyDays.mean() / days.mean())));
  }

  /**
   * What one measurement tells.
   *
   * @param on empty where an interval was told and no day
   * @param leaf litres a day through the leaves, held to what can be believed
   */
  private record Told(
      Learned.From from, Optional<LocalDate> on, Poured poured, double leaf, boolean believed) {}

  /** Waterings first, then weighings, each in the order of their days. */
  private static List<Told> told(Case c, PotEvidence pot, Scales scales, Use estimate) {
    double least = LEAST_BELIEVED * estimate.litresPerDay();
    double most = MOST_BELIEVED * estimate.litresPerDay();
    List<Told> told = new ArrayList<>();
    for (Poured poured : poured(c, pot)) {
      double over = poured.over(c, estimate, pot);
      told.add(
          new Told(
              Learned.From.WATERED,
              poured.on(),
              poured,
              // where a pot loses more by itself than its plant drinks, the difference knows little
              Math.max(least, Math.min(most, poured.leafDaily())),
              over >= LEAST_BELIEVED && over <= MOST_BELIEVED));
    }
    for (Scales.Loss loss : scales.losses(c)) {
      Poured weighed =
          poured(
              pot, loss.daily(), 1, c.thirst(loss.on()), age(c, loss.on()), Optional.of(loss.on()));
      told.add(
          new Told(
              Learned.From.WEIGHED,
              weighed.on(),
              weighed,
              Math.max(least, weighed.leafDaily()),
              true));
    }
    return told;
  }

  /** How it came to know what it knows. */
  static Learned learned(Case c, PotEvidence pot, Scales scales) {
    Use estimate = estimate(c, pot);
    List<Learned.Lesson> lessons = new ArrayList<>();
    lessons.add(
        new Learned.Lesson(
            Learned.From.TABLE,
            Optional.empty(),
            estimate.litresPerDay(),
            true,
            estimate.litresPerDay(),
            estimate.uncertainty()));
    Tally tally = new Tally();
    List<Told> all = new ArrayList<>(told(c, pot, scales, estimate));
    all.sort(Comparator.comparing(one -> one.on().orElse(c.date())));
    for (Told one : all) {
      if (one.believed()) {
        tally.add(one.leaf(), one.poured().ageDays(), one.poured().tells());
      }
      Use now = tally.count == 0 ? estimate : tally.use(0, Optional.empty());
      lessons.add(
          new Learned.Lesson(
              one.from(),
              one.on(),
              one.poured().leafDaily(),
              one.believed(),
              now.litresPerDay(),
              now.uncertainty()));
    }
    // one more that says the same
    tally.add(tally.count == 0 ? estimate.litresPerDay() : tally.mean(), 0);
    return new Learned(lessons, tally.use(0, Optional.empty()).uncertainty());
  }

  private static double age(Case c, LocalDate on) {
    return Math.max(0, ChronoUnit.DAYS.between(on, c.date()));
  }

  /**
   * What is poured on record over what a plant of this size can drink, and its pot lose, in this
   * place; empty when no watering was measured.
   */
  static Optional<Double> pouredOverUse(Case c, PotEvidence pot) {
    Use estimate = estimate(c, pot);
    Tally tally = new Tally();
    poured(c, pot).forEach(poured -> tally.add(poured.over(c, estimate, pot), poured.ageDays()));
    return tally.count == 0 ? Optional.empty() : Optional.of(tally.mean());
  }

  /**
   * One measured watering.
   *
   * @param daily litres a day that stayed in the pot
   * @param days over which it lasted
   * @param leafDaily of that through the leaves, brought to a day of twelve hours
   * @param thirst of that day against one of twelve hours
   * @param on empty where an interval was told and no day
   */
  private record Poured(
      double daily,
      double days,
      double leafDaily,
      double thirst,
      double ageDays,
      Optional<LocalDate> on) {
    /** On a day of little thirst most of what is lost is lost by the pot. */
    double tells() {
      return Math.min(1, thirst);
    }

    /**
     * Over what plant and pot use on such a day, where it is watered as it should be: the drier it
     * is to get, the less of the time its surface is wet (rules of thumb).
     */
    double over(Case c, Use estimate, PotEvidence pot) {
      double wet =
          switch (c.plant().refill()) {
            case FULLY_DRY -> 0.15;
            case HALF_DRY -> 0.4;
            default -> 0.7;
          };
      return daily / (estimate.litresPerDay() * thirst + pot.surfaceLoss() * wet);
    }
  }

  private static List<Poured> poured(Case c, PotEvidence pot) {
    List<Poured> all = new ArrayList<>();
    for (History.Pour pour : c.history().poursSince(c.plant().lastRepotted())) {
      if (pour.keptLitres() > 0) {
        all.add(
            poured(
                pot,
                pour.keptLitres() / pour.days(),
                pour.days(),
                c.thirst(pour),
                age(c, pour.date()),
                Optional.of(pour.date())));
      }
    }
    if (all.isEmpty() && c.watering().isPresent() && c.watering().get().litres().isPresent()) {
      Case.Watering watering = c.watering().get();
      double kept = watering.litres().get() - watering.runOffLitres();
      if (kept > 0) {
        double days = watering.intervalDays();
        all.add(poured(pot, kept / days, days, c.thirst(c.date()), 0, Optional.empty()));
      }
    }
    return all;
  }

  private static Poured poured(
      PotEvidence pot,
      double daily,
      double days,
      double thirst,
      double ageDays,
      Optional<LocalDate> told) {
    return new Poured(
        daily, days, throughLeaves(daily, pot.itself()) / thirst, thirst, ageDays, told);
  }

  /** Weighted mean and spread. */
  private static final class Tally {
    private int count;
    private double weights;
    private double squares;
    private double sum;
    private double sumOfSquares;

    void add(double value, double ageDays) {
      add(value, ageDays, 1);
    }

    /**
     * @param tells how much it tells, 0 to 1
     */
    void add(double value, double ageDays, double tells) {
      double weight = tells * Math.exp(-ageDays / FORGOTTEN_DAYS);
      count++;
      weights += weight;
      squares += weight * weight;
      sum += weight * value;
      sumOfSquares += weight * value * value;
    }

    double mean() {
      return sum / weights;
    }

    Use use(int waterings, Optional<Interval> interval) {
      double variance = Math.max(0, sumOfSquares / weights - mean() * mean());
      double effective = weights * weights / squares;
      double spread = Math.max(UNCERTAIN_ONE, Math.sqrt(variance) / mean());
      double uncertainty = spread / Math.sqrt(effective);
      return new Use(
          mean(),
          Math.max(UNCERTAIN_LEAST, Math.min(UNCERTAIN_TABLE, uncertainty)),
          waterings,
          count - waterings,
          interval);
    }
  }

  /**
   * Leaf area that catches light, m2: leaves shade each other, so a tall tree drinks with its
   * crown's breadth. A (1 - exp(-k L)) / k, with A the ground it covers and L its layers.
   */
  static double catchingM2(PlantCase plant) {
    double ground = Math.PI / 4 * plant.spreadMm() * plant.spreadMm() / 1e6;
    double layers = plant.traits().habit().leafLayers() * plant.traits().leafDensity();
    return ground * (1 - Math.exp(-SHADING * layers)) / SHADING;
  }

  /** Litres per m2 of leaf and day (rules of thumb). */
  private static double perLeafM2(Light light) {
    return switch (light) {
      case LOW -> 0.06;
      case MEDIUM -> 0.12;
      case BRIGHT_INDIRECT -> 0.18;
      case DIRECT -> 0.30;
    };
  }
}
