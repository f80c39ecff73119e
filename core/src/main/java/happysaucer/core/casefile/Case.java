package happysaucer.core.casefile;

import happysaucer.core.method.Method;
import happysaucer.core.pot.Pot;
import happysaucer.core.pot.Standing;
import happysaucer.core.root.Ball;
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
   * @param intervalDays days between waterings now
   * @param litres poured each time, if known
   * @param runOffLitres caught below
   * @param afterLastRepotDays days between waterings soon after the last repot, if known
   */
  public record Watering(
      double intervalDays,
      Optional<Double> litres,
      double runOffLitres,
      Optional<Double> afterLastRepotDays) {}

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
