package happysaucer.server.job;

import happysaucer.core.round.JobFit;
import happysaucer.core.unit.Said;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One job in a list, with the pot it starts from so that it can be drawn.
 *
 * @param shelfPotId the pot it has reserved
 * @param fit whether it still fits its plant
 * @param note what came in its way
 * @param potCount how many of it: a clump parted in three takes three
 */
public record JobSummary(
    UUID id,
    UUID plantId,
    String action,
    String urgency,
    String status,
    LocalDate windowFrom,
    LocalDate windowTo,
    LocalDate plannedOn,
    int minutes,
    @Nullable String potId,
    @Nullable LocalDate doneOn,
    int version,
    String label,
    String commonName,
    String species,
    String potShape,
    double potTopMm,
    double potBaseMm,
    double potHeightMm,
    @Nullable UUID shelfPotId,
    int potCount,
    @Nullable String potName,
    @Nullable Integer minutesTaken,
    @Nullable String oldPot,
    JobFit.Kind fit,
    @Nullable Said note,
    String spotName,
    String siteName,
    String clientName) {}
