package happysaucer.core.casefile;

import happysaucer.core.method.Method;
import happysaucer.core.pot.Pot;
import happysaucer.core.pot.Standing;
import happysaucer.core.root.Ball;
import happysaucer.core.season.Season;
import happysaucer.core.sign.Observations;
import happysaucer.core.sign.SignCode;
import happysaucer.core.species.Light;
import happysaucer.core.unit.Units;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * One complete case: what is asked about one plant on one day, with every default filled in.
 *
 * @param candidates pots to choose from
 * @param wish where a person wants the work done otherwise
 * @param cover pot it stands in, where somebody measured it
 * @param workOn day on which the work is done; empty for the first day the call gives
 * @param fromStock whether the candidates are in stock, or only standard trade sizes
 */
public record Case(
    LocalDate date,
    Site site,
    Light light,
    PlantCase plant,
    Pot pot,
    Ball ball,
    Observations signs,
    Optional<Watering> watering,
    History history,
    List<Pot> candidates,
    boolean fromStock,
    Method method,
    Units units,
    Argument argument,
    Wish wish,
    Optional<LocalDate> workOn,
    Optional<Cover> cover) {

  /**
   * @param latitude degrees, south negative
   */
  public record Site(double latitude, boolean outdoors, SiteUse use) {}

  /**
   * What is known of the watering.
   *
   * @param intervalDays days between the last waterings
   * @param litres poured each time, if known
   * @param runOffLitres caught below
   * @param afterLastRepotDays days between waterings soon after the last repot, if known
   */
  public record Watering(
      double intervalDays,
      Optional<Double> litres,
      double runOffLitres,
      Optional<Double> afterLastRepotDays) {}

  /** So many of the last waterings make the present interval. */
  private static final int PRESENT_POURS = 5;

  /** A plant at rest drinks this share of what its leaves would (rule of thumb). */
  private static final double AT_REST = 0.3;

  /** Growth of a day against one of twelve hours of light. */
  public double growth(LocalDate on) {
    return Season.growth(site.latitude(), on);
  }

  /** Thirst of a day against one of twelve hours of light on which it is awake. */
  public double thirst(LocalDate on) {
    double rest = Resting.share(plant.traits(), plant.states(), site.latitude(), date, on);
    return growth(on) * (1 - (1 - AT_REST) * rest);
  }

  /** Parts of an interval whose days stand for all of it. */
  private static final int PARTS = 6;

  /** Mean thirst of the days since the watering before. */
  public double thirst(History.Pour pour) {
    double sum = 0;
    for (int i = 0; i < PARTS; i++) {
      sum += thirst(pour.date().minusDays(Math.round(pour.days() * (i + 0.5) / PARTS)));
    }
    return sum / PARTS;
  }

  /**
   * Days between waterings, as they would be by the light and rest of a day: waterings on record
   * may reach back over a season. Empty when no interval is known.
   */
  public Optional<Double> intervalOn(LocalDate day) {
    return watering.map(
        known -> {
          List<History.Pour> pours = history.poursSince(plant.lastRepotted());
          double days = 0;
          double drunk = 0;
          for (History.Pour pour :
              pours.subList(Math.max(0, pours.size() - PRESENT_POURS), pours.size())) {
            days += pour.days();
            drunk += pour.days() * thirst(pour);
          }
          double thirst = days > 0 ? drunk / days : thirst(date);
          return known.intervalDays() * thirst / thirst(day);
        });
  }

  /** At rest: somebody saw it, or it is the nature of its kind at this time. */
  public boolean resting() {
    return plant.resting();
  }

  /** A pot as it stands here: in the cover, where it goes in. */
  public Pot standing(Pot grow) {
    return cover.map(c -> c.with(grow)).orElse(grow);
  }

  /** What it takes to lift this plant at a mass with pot and water, g. */
  public Lift lift(double wetGrams) {
    return Lift.of(wetGrams, plant.heightMm(), method);
  }

  /** Push at mid canopy it should stand here: by who comes past, N. */
  public double pushNeededN() {
    return switch (site.use()) {
      case CHILDREN -> Standing.CHILDREN;
      case PUBLIC -> Standing.PUBLIC;
      case PRIVATE -> Standing.UNSAFE;
    };
  }

  /** Somebody saw it tip, or thinks it will. */
  public boolean signsOfTipping() {
    return signs.present(SignCode.TOPPLES)
        || signs.present(SignCode.TOP_HEAVY)
        || signs.present(SignCode.LEANS);
  }

  public Case withSigns(Observations other) {
    return with(other, method);
  }

  public Case withMethod(Method other) {
    return with(signs, other);
  }

  private Case with(Observations otherSigns, Method otherMethod) {
    return new Case(
        date,
        site,
        light,
        plant,
        pot,
        ball,
        otherSigns,
        watering,
        history,
        candidates,
        fromStock,
        otherMethod,
        units,
        argument,
        wish,
        workOn,
        cover);
  }
}
