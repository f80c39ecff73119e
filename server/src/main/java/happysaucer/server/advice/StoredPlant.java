package happysaucer.server.advice;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A plant as stored, with its place. Lengths in mm, masses in g. */
public record StoredPlant(
    UUID id,
    String label,
    UUID spotId,
    String species,
    @Nullable String speciesGroup,
    String commonName,
    double heightMm,
    double spreadMm,
    String sizeWish,
    @Nullable LocalDate lastRepotted,
    @Nullable String mix,
    @Nullable Boolean fed,
    String watererHabit,
    String potShape,
    String potMaterial,
    double potTopMm,
    double potBaseMm,
    double potHeightMm,
    @Nullable Double potMouthMm,
    @Nullable Double potTopDepthMm,
    @Nullable Double potBaseDepthMm,
    @Nullable Double potFootMm,
    @Nullable Double potMassG,
    int potHoles,
    boolean inCoverPot,
    String note,
    @Nullable LocalDate retiredOn,
    int version,
    String spotName,
    String light,
    UUID siteId,
    String siteName,
    double latitude,
    boolean outdoors,
    String siteUse,
    UUID clientId,
    String clientName) {}
