package happysaucer.server.job;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One job in a list, with the pot it starts from so that it can be drawn. */
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
    String spotName,
    String siteName,
    String clientName) {}
