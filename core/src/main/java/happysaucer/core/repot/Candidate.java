package happysaucer.core.repot;

import happysaucer.core.medium.MixChoice;
import happysaucer.core.pot.Pot;
import happysaucer.core.pot.Standing;
import happysaucer.core.unit.Message;
import happysaucer.core.water.Drying;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * One pot compared.
 *
 * @param rank 1 for the best, empty when the pot fails
 * @param stepMm inside top less the ball's top before root work; may be negative
 * @param baseLayerMm fresh medium under the ball; negative when the ball is too tall
 * @param ballShare ball after root work, share of the fill
 * @param settled how it dries once rooted through
 * @param firstCycle how it dries just after the work
 */
public record Candidate(
    Pot pot,
    OptionalInt rank,
    double stepMm,
    double ballShare,
    double clearanceMm,
    double rimGapMm,
    double baseLayerMm,
    double fillLitres,
    double freshLitres,
    MixChoice mix,
    Optional<Drying> settled,
    Optional<Drying> firstCycle,
    Standing standing,
    double dryMassG,
    double wetMassG,
    List<Failure> failures,
    List<Remark> remarks,
    double score) {
  public record Failure(FailureCode code, Message text) {}

  public record Remark(RemarkCode code, Message text) {}

  public boolean passes() {
    return failures.isEmpty();
  }

  Candidate ranked(int place) {
    return new Candidate(
        pot,
        OptionalInt.of(place),
        stepMm,
        ballShare,
        clearanceMm,
        rimGapMm,
        baseLayerMm,
        fillLitres,
        freshLitres,
        mix,
        settled,
        firstCycle,
        standing,
        dryMassG,
        wetMassG,
        failures,
        remarks,
        score);
  }
}
