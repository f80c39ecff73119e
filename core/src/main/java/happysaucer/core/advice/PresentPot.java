package happysaucer.core.advice;

import happysaucer.core.casefile.Case;
import happysaucer.core.finding.Expectation;
import happysaucer.core.forecast.Forecast;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.medium.Retention;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Standing;
import happysaucer.core.sign.SignCode;
import happysaucer.core.water.Drying;
import happysaucer.core.water.WaterModel;
import java.util.Optional;
import java.util.OptionalDouble;

/** What models and geometry say of the pot a plant stands in. */
final class PresentPot {
  private static final double GRAMS_PER_LITRE = 1000;

  private PresentPot() {}

  static Expectation expectation(Case c, Forecast forecast, MediumTable media) {
    Optional<Drying> uncrowded =
        asksTheModel(c, SignCode.DRIES_TOO_FAST) || asksTheModel(c, SignCode.STAYS_WET)
            ? Optional.of(WaterModel.uncrowded(c, media))
            : Optional.empty();
    Retention retention = media.retention(c.plant().mix());
    Frustum fill = c.pot().fill();
    double capacity = retention.capacity(fill);
    double litres = fill.litres();
    double dryPerLitre = c.plant().mix().dryGramsPerLitre();
    double waterShare = capacity * c.plant().standingWetness();
    Standing standing =
        Standing.of(
            c.standing(c.pot()),
            c.standing(c.pot()).massG(),
            litres * (dryPerLitre + waterShare * GRAMS_PER_LITRE),
            c.plant().topMassG(),
            c.plant().heightMm(),
            c.plant().leanDegrees());
    double ballG =
        c.ball().litres() * (dryPerLitre + capacity * GRAMS_PER_LITRE) + c.plant().topMassG();
    return new Expectation(
        forecast.grade(),
        Forecast.intervalRatio(c),
        uncrowded.flatMap(drying -> present(drying.daysToRefill())),
        uncrowded.flatMap(drying -> present(drying.daysToTopDry())),
        WaterModel.pouredOverUse(c, media),
        standing.pushN(),
        ballG);
  }

  /** A sign with a number means something only against what is expected. */
  private static boolean asksTheModel(Case c, SignCode sign) {
    return c.signs().value(sign).isPresent();
  }

  private static Optional<Double> present(OptionalDouble days) {
    return days.isPresent() ? Optional.of(days.getAsDouble()) : Optional.empty();
  }
}
