package happysaucer.server.job;

import happysaucer.core.advice.Advice;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * A repot is done; whoever keeps plants and aftercare hears of it in the same transaction.
 *
 * @param advice as it was acted on, given for the day of the work
 * @param offspring plants that came of it: pieces of a clump, cuttings that were struck
 */
public record JobDone(
    UUID jobId,
    UUID plantId,
    LocalDate doneOn,
    UUID userId,
    Advice advice,
    List<Jobs.Offspring> offspring) {}
