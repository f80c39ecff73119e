package happysaucer.core.advice;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
    @Nullable History history,
    @Nullable Argument argument,
    @Nullable Wish wish,
    @Nullable LocalDate workOn,
    @Nullable Cover cover) {

  /** The same asked about other pots. */
  public AdviceRequest withCandidates(List<Pot> pots) {
    return with(pot, ball, pots, method, units, wish, workOn, cover);
  }

  /** The same of the plant in another pot, its ball not measured. */
  public AdviceRequest withPot(Pot other) {
    return with(other, null, candidates, method, units, wish, workOn, cover);
  }

  /** The same with another ball. */
  public AdviceRequest withBall(@Nullable Ball other) {
    return with(pot, other, candidates, method, units, wish, workOn, cover);
  }

  /** The same by another method. */
  public AdviceRequest withMethod(@Nullable MethodChoice other) {
    return with(pot, ball, candidates, other, units, wish, workOn, cover);
  }

  /** The same, with work done as a person wishes. */
  public AdviceRequest withWish(@Nullable Wish other) {
    return with(pot, ball, candidates, method, units, other, workOn, cover);
  }

  /** The same with the work done on a day; null for the day the call gives. */
  public AdviceRequest workedOn(@Nullable LocalDate day) {
    return with(pot, ball, candidates, method, units, wish, day, cover);
  }

  /** The same in another cover pot, or in none. */
  public AdviceRequest withCover(@Nullable Cover other) {
    return with(pot, ball, candidates, method, units, wish, workOn, other);
  }

  /** The same said in other units, METRIC or IMPERIAL. */
  public AdviceRequest in(String otherUnits) {
    return with(pot, ball, candidates, method, otherUnits, wish, workOn, cover);
  }

  /** The same with somebody's own call in place of the rules'; what was set aside stays so. */
  public AdviceRequest overruled(Overrule call) {
    return new AdviceRequest(
        date,
        site,
        spot,
        plant,
        pot,
        ball,
        signs,
        watering,
        candidates,
        method,
        units,
        history,
        new Argument(argument == null ? null : argument.setAside, call),
        wish,
        workOn,
        cover);
  }

  /**
   * The same on another day, with other signs.
   *
   * @param stateless without its states, which have passed by then
   */
  public AdviceRequest asOf(LocalDate day, List<Sign> otherSigns, boolean stateless) {
    Plant then =
        plant == null || !stateless
            ? plant
            : new Plant(
                plant.species,
                plant.group,
                plant.heightMm,
                plant.spreadMm,
                plant.topMassG,
                plant.leanDegrees,
                plant.sizeWish,
                plant.lastRepotted,
                List.of(),
                plant.mix,
                plant.fed,
                plant.watererHabit);
    return new AdviceRequest(
        day,
        site,
        spot,
        then,
        pot,
        ball,
        otherSigns,
        watering,
        candidates,
        method,
        units,
        history,
        argument,
        wish,
        workOn,
        cover);
  }

  private AdviceRequest with(
      @Nullable Pot otherPot,
      @Nullable Ball otherBall,
      @Nullable List<Pot> pots,
      @Nullable MethodChoice otherMethod,
      @Nullable String otherUnits,
      @Nullable Wish otherWish,
      @Nullable LocalDate otherDay,
      @Nullable Cover otherCover) {
    return new AdviceRequest(
        date,
        site,
        spot,
        plant,
        otherPot,
        otherBall,
        signs,
        watering,
        pots,
        otherMethod,
        otherUnits,
        history,
        argument,
        otherWish,
        otherDay,
        otherCover);
  }

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
      @Nullable Boolean inCoverPot,
      @Nullable Integer feet,
      @Nullable Integer wireHoles) {

    /** The same pot by another name. */
    public Pot withId(String other) {
      return new Pot(
          other,
          shape,
          material,
          topMm,
          baseMm,
          topDepthMm,
          baseDepthMm,
          heightMm,
          mouthMm,
          footMm,
          massG,
          drainHoles,
          inCoverPot,
          feet,
          wireHoles);
    }
  }

  /**
   * The cover pot it stands in, by its inside.
   *
   * @param fixed it stays: what does not go into it cannot be taken
   */
  public record Cover(
      @Nullable String shape,
      @Nullable String material,
      @Nullable Double topMm,
      @Nullable Double baseMm,
      @Nullable Double heightMm,
      @Nullable Double footMm,
      @Nullable Double massG,
      @Nullable Boolean fixed) {
    Pot pot() {
      return new Pot(
          "cover", shape, material, topMm, baseMm, null, null, heightMm, null, footMm, massG, 0,
          null, null, null);
    }
  }

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
      @Nullable Double coarseLayerMm) {

    /**
     * From options by key; numbers as digits.
     *
     * @throws NumberFormatException when a number's key has something else
     */
    public static MethodChoice of(Map<String, String> byKey) {
      return new MethodChoice(
          byKey.get("timing"),
          byKey.get("potStep"),
          byKey.get("season"),
          byKey.get("inBud"),
          byKey.get("ballMoisture"),
          byKey.get("loosening"),
          byKey.get("oldMedium"),
          byKey.get("overHoles"),
          byKey.get("feed"),
          byKey.get("cutRoots"),
          byKey.get("firstWater"),
          byKey.get("level"),
          byKey.get("aerialRoots"),
          byKey.get("topDressing"),
          byKey.get("newlyBought"),
          byKey.get("peat"),
          number(byKey, "liftOneG"),
          number(byKey, "liftFloorG"),
          number(byKey, "liftTwoG"),
          number(byKey, "coarseLayerMm"));
    }

    private static @Nullable Double number(Map<String, String> byKey, String key) {
      return byKey.containsKey(key) ? Double.valueOf(byKey.get(key)) : null;
    }

    /** The choices that were made, by key. */
    public Map<String, String> byKey() {
      Map<String, String> choices = new LinkedHashMap<>();
      put(choices, "timing", timing);
      put(choices, "potStep", potStep);
      put(choices, "season", season);
      put(choices, "inBud", inBud);
      put(choices, "ballMoisture", ballMoisture);
      put(choices, "loosening", loosening);
      put(choices, "oldMedium", oldMedium);
      put(choices, "overHoles", overHoles);
      put(choices, "feed", feed);
      put(choices, "cutRoots", cutRoots);
      put(choices, "firstWater", firstWater);
      put(choices, "level", level);
      put(choices, "aerialRoots", aerialRoots);
      put(choices, "topDressing", topDressing);
      put(choices, "newlyBought", newlyBought);
      put(choices, "peat", peat);
      put(choices, "liftOneG", liftOneG);
      put(choices, "liftFloorG", liftFloorG);
      put(choices, "liftTwoG", liftTwoG);
      put(choices, "coarseLayerMm", coarseLayerMm);
      return choices;
    }

    private static void put(Map<String, String> choices, String key, @Nullable Object option) {
      if (option != null) {
        choices.put(key, option.toString());
      }
    }
  }

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

  /** Where somebody knows better than the rules: lines set aside, and a call of their own. */
  public record Argument(@Nullable List<SetAside> setAside, @Nullable Overrule overrule) {}

  /**
   * A line of evidence that is not to count.
   *
   * @param sign the code of the line, as advice gives it
   */
  public record SetAside(@Nullable String sign, @Nullable String reason, @Nullable String by) {}

  /**
   * A call in place of the rules' own.
   *
   * @param urgency NOW, SOON, or null for the next window it fits
   * @param recheckDays days until the next look, for calls without work
   * @param against what the rules said then; a new emergency goes before the overruling
   */
  public record Overrule(
      @Nullable String action,
      @Nullable String urgency,
      @Nullable Integer recheckDays,
      @Nullable String against,
      @Nullable String reason,
      @Nullable String by) {}

  /**
   * Where a person wants the work done otherwise than the rules would plan it.
   *
   * @param baseSliceMm off the base of the ball; with sideShaveMm, in place of the rules' own cuts
   * @param sideShaveMm off its sides
   * @param gapUnderMm fresh medium wanted under the ball in the same pot; the cuts follow from it
   * @param gapAroundMm and round it
   * @param mix code of a mix in place of the one that suits
   * @param raiseMm how far the ball is to stand above its old line
   * @param breakOut what is kept where a mouth holds the ball: PLANT or POT
   * @param pieces into how many a clump is parted
   * @param pot id of the candidate that somebody picked: it is taken where it will do
   */
  public record Wish(
      @Nullable Double baseSliceMm,
      @Nullable Double sideShaveMm,
      @Nullable Double gapUnderMm,
      @Nullable Double gapAroundMm,
      @Nullable String mix,
      @Nullable Double raiseMm,
      @Nullable String breakOut,
      @Nullable Integer pieces,
      @Nullable String pot) {
    public static final Wish NONE = new Wish(null, null, null, null, null, null, null, null, null);

    /** Another mix and nothing else; null for no wish at all. */
    public static @Nullable Wish ofMix(@Nullable String mix) {
      return mix == null ? null : new Wish(null, null, null, null, mix, null, null, null, null);
    }

    /** Whether cuts are wished, or gaps that cuts follow from. */
    public boolean cuts() {
      return baseSliceMm != null
          || sideShaveMm != null
          || gapUnderMm != null
          || gapAroundMm != null;
    }

    /** The same, with the cuts left to the rules. */
    public Wish withoutCuts() {
      return new Wish(null, null, null, null, mix, raiseMm, breakOut, pieces, pot);
    }

    /** The same with a pot picked, or with none. */
    public Wish picking(@Nullable String id) {
      return new Wish(
          baseSliceMm, sideShaveMm, gapUnderMm, gapAroundMm, mix, raiseMm, breakOut, pieces, id);
    }

    public Wish withBreakOut(String kept) {
      return new Wish(
          baseSliceMm, sideShaveMm, gapUnderMm, gapAroundMm, mix, raiseMm, kept, pieces, pot);
    }
  }
}
