package happysaucer.core.repot;

import happysaucer.core.medium.MixChoice;
import happysaucer.core.method.Method.PotStep;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Pot;
import happysaucer.core.pot.Standing;
import happysaucer.core.unit.Message;
import happysaucer.core.water.Drying;
import happysaucer.core.water.WaterModel;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * One pot compared.
 *
 * @param rank 1 for the best, empty when the pot fails
 * @param fit where the ball would stand in it
 * @param mix what goes in, and how it holds water and air at this depth
 * @param settled how it dries once rooted through
 * @param firstCycle how it dries just after the work
 * @param schools those of the three schools that would take this pot
 */
public record Candidate(
    Pot pot,
    OptionalInt rank,
    Fit fit,
    MixChoice mix,
    Optional<Drying> settled,
    Optional<Drying> firstCycle,
    Standing standing,
    double dryMassG,
    double wetMassG,
    List<PotStep> schools,
    List<Failure> failures,
    List<Remark> remarks,
    double score) {
  /**
   * Where a ball stands in a pot; mm and litres.
   *
   * @param stepMm inside top less the ball's top before root work; may be negative
   * @param ballShare ball after root work, share of the fill
   * @param ball as it stands in the pot: whole, or its roots spread in the medium
   * @param baseLayerMm fresh medium under the ball, never negative
   * @param trimMm the ball stands too tall by so much: its base gives, or is sliced
   * @param raiseMm how far the ball stands above its old line
   * @param coarseMm depth of a coarse layer on the floor
   * @param freshLitres fill less ball
   * @param coarseLitres of that, coarse material
   */
  public record Fit(
      Frustum ball,
      double stepMm,
      double ballShare,
      double clearanceMm,
      double rimGapMm,
      double baseLayerMm,
      double trimMm,
      double raiseMm,
      double coarseMm,
      double fillLitres,
      double freshLitres,
      double coarseLitres) {}

  public record Failure(FailureCode code, Message text) {}

  public record Remark(RemarkCode code, Message text) {}

  /** Mix to measure out for it, L, allowances included; a reservoir's filler not taken off. */
  public double mixLitres() {
    return Math.max(0, fit.freshLitres() - fit.coarseLitres()) * Repot.ALLOWANCES;
  }

  public boolean passes() {
    return failures.isEmpty();
  }

  Candidate ranked(OptionalInt place) {
    return new Candidate(
        pot,
        place,
        fit,
        mix,
        settled,
        firstCycle,
        standing,
        dryMassG,
        wetMassG,
        schools,
        failures,
        remarks,
        score);
  }

  /** The pot planted, for the water model. */
  public WaterModel.Bed bed(WaterModel water) {
    return water.bed(
        new WaterModel.Setting(
            pot, fit.ball(), fit.baseLayerMm(), fit.coarseMm(), mix.retention()));
  }
}
