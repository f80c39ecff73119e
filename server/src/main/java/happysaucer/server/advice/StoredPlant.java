package happysaucer.server.advice;

import happysaucer.core.advice.AdviceRequest;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A plant as stored, with its place. Lengths in mm, masses in g; null is what nobody measured or
 * said.
 *
 * @param drawnBaseMm base and depth of the pot to draw it by, assumed where nobody measured them
 */
public record StoredPlant(
    UUID id,
    String label,
    UUID spotId,
    String species,
    @Nullable String speciesGroup,
    String commonName,
    @Nullable Double heightMm,
    @Nullable Double spreadMm,
    @Nullable String sizeWish,
    @Nullable LocalDate lastRepotted,
    @Nullable String mix,
    @Nullable Boolean fed,
    String watererHabit,
    String potShape,
    String potMaterial,
    double potTopMm,
    @Nullable Double potBaseMm,
    @Nullable Double potHeightMm,
    @Nullable Double potMouthMm,
    @Nullable Double potTopDepthMm,
    @Nullable Double potBaseDepthMm,
    @Nullable Double potFootMm,
    @Nullable Double potMassG,
    int potHoles,
    boolean inCoverPot,
    int potFeet,
    int potWireHoles,
    @Nullable Double ballTopMm,
    @Nullable Double ballBaseMm,
    @Nullable Double ballTopDepthMm,
    @Nullable Double ballBaseDepthMm,
    @Nullable Double ballHeightMm,
    @Nullable LocalDate ballMeasuredOn,
    @Nullable String feedKind,
    @Nullable Double feedGrams,
    @Nullable LocalDate feedHoldUntil,
    @Nullable UUID parentId,
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
    String clientName,
    double drawnBaseMm,
    double drawnHeightMm,
    @Nullable Double coverTopMm,
    @Nullable Double coverHeightMm,
    @Nullable Double coverMassG,
    boolean coverFixed) {

  /** The pot it stands in. */
  public AdviceRequest.Pot pot() {
    return new AdviceRequest.Pot(
        null,
        potShape,
        potMaterial,
        potTopMm,
        potBaseMm,
        potTopDepthMm,
        potBaseDepthMm,
        potHeightMm,
        potMouthMm,
        potFootMm,
        potMassG,
        potHoles,
        inCoverPot,
        potFeet,
        potWireHoles);
  }

  /** The cover pot it stands in, where somebody measured it. */
  public AdviceRequest.@Nullable Cover cover() {
    return inCoverPot && coverTopMm != null
        ? new AdviceRequest.Cover(
            null, null, coverTopMm, null, coverHeightMm, null, coverMassG, coverFixed)
        : null;
  }

  /** Its ball where somebody measured it, null otherwise. */
  public AdviceRequest.@Nullable Ball ball() {
    return ballTopMm == null
        ? null
        : new AdviceRequest.Ball(
            ballTopMm, ballBaseMm, ballTopDepthMm, ballBaseDepthMm, ballHeightMm);
  }
}
