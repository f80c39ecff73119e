package happysaucer.core.advice;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A request as it came: everything may be missing. Lengths in mm, masses in g, volumes in L, shares
 * 0 to 1. Required: date, plant.species or plant.group, pot.topMm.
 */
public record AdviceRequest(
    @Nullable LocalDate date,
    @Nullable Site site,
    @Nullable Spot spot,
    @Nullable Plant plant,
    @Nullable Pot pot,
    @Nullable Ball ball,
    @Nullable List<Sign> signs,
    @Nullable Watering watering,
    @Nullable List<Pot> candidates,
    @Nullable MethodChoice method,
    @Nullable String units,
    @Nullable History history) {

  public record Site(@Nullable Double latitude, @Nullable Boolean outdoors, @Nullable String use) {}

  public record Spot(@Nullable String light) {}

  public record Plant(
      @Nullable String species,
      @Nullable String group,
      @Nullable Double heightMm,
      @Nullable Double spreadMm,
      @Nullable Double topMassG,
      @Nullable Double leanDegrees,
      @Nullable String sizeWish,
      @Nullable LocalDate lastRepotted,
      @Nullable List<State> states,
      @Nullable String mix,
      @Nullable Boolean fed,
      @Nullable String watererHabit) {}

  public record State(@Nullable String code, @Nullable Integer days) {}

  public record Pot(
      @Nullable String id,
      @Nullable String shape,
      @Nullable String material,
      @Nullable Double topMm,
      @Nullable Double baseMm,
      @Nullable Double topDepthMm,
      @Nullable Double baseDepthMm,
      @Nullable Double heightMm,
      @Nullable Double mouthMm,
      @Nullable Double footMm,
      @Nullable Double massG,
      @Nullable Integer drainHoles,
      @Nullable Boolean inCoverPot) {}

  public record Ball(
      @Nullable Double topMm,
      @Nullable Double baseMm,
      @Nullable Double topDepthMm,
      @Nullable Double baseDepthMm,
      @Nullable Double heightMm) {}

  public record Sign(
      @Nullable String code,
      @Nullable String state,
      @Nullable String grade,
      @Nullable Double value) {}

  public record Watering(
      @Nullable Double intervalDays,
      @Nullable Double litres,
      @Nullable Double runOffLitres,
      @Nullable Double intervalAfterLastRepotDays) {}

  /** Keys of the method, each with its options; what is absent takes the default. */
  public record MethodChoice(
      @Nullable String timing,
      @Nullable String potStep,
      @Nullable String season,
      @Nullable String inBud,
      @Nullable String ballMoisture,
      @Nullable String loosening,
      @Nullable String oldMedium,
      @Nullable String overHoles,
      @Nullable String feed,
      @Nullable String cutRoots,
      @Nullable String firstWater,
      @Nullable String level,
      @Nullable String aerialRoots,
      @Nullable String topDressing,
      @Nullable String newlyBought,
      @Nullable String peat,
      @Nullable Double liftOneG,
      @Nullable Double liftFloorG,
      @Nullable Double liftTwoG,
      @Nullable Double coarseLayerMm) {}

  /**
   * What is on record from before: measured waterings, and earlier values of signs or HEIGHT (mm).
   */
  public record History(@Nullable List<Pour> waterings, @Nullable List<Measured> measures) {}

  /** One watering; days are those since the watering before. */
  public record Pour(
      @Nullable LocalDate date,
      @Nullable Double days,
      @Nullable Double litres,
      @Nullable Double runOffLitres) {}

  public record Measured(@Nullable LocalDate date, @Nullable String code, @Nullable Double value) {}
}
