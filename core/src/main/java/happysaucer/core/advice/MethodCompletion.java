package happysaucer.core.advice;

import happysaucer.core.method.Method;
import org.jspecify.annotations.Nullable;

/** Fills the keys of a method that were left out with their defaults. */
final class MethodCompletion {
  private MethodCompletion() {}

  static Method of(AdviceRequest.@Nullable MethodChoice given, Checks checks) {
    Method standard = Method.standard();
    if (given == null) {
      return standard;
    }
    return new Method(
        pick("timing", given.timing(), Method.Timing.class, standard.timing(), checks),
        pick("potStep", given.potStep(), Method.PotStep.class, standard.potStep(), checks),
        pick("season", given.season(), Method.SeasonChoice.class, standard.season(), checks),
        pick("inBud", given.inBud(), Method.InBud.class, standard.inBud(), checks),
        pick(
            "ballMoisture",
            given.ballMoisture(),
            Method.BallMoisture.class,
            standard.ballMoisture(),
            checks),
        pick("loosening", given.loosening(), Method.Loosening.class, standard.loosening(), checks),
        pick("oldMedium", given.oldMedium(), Method.OldMedium.class, standard.oldMedium(), checks),
        pick("overHoles", given.overHoles(), Method.OverHoles.class, standard.overHoles(), checks),
        pick("feed", given.feed(), Method.FeedChoice.class, standard.feed(), checks),
        pick("cutRoots", given.cutRoots(), Method.CutRoots.class, standard.cutRoots(), checks),
        pick(
            "firstWater",
            given.firstWater(),
            Method.FirstWater.class,
            standard.firstWater(),
            checks),
        pick("level", given.level(), Method.Level.class, standard.level(), checks),
        pick(
            "aerialRoots",
            given.aerialRoots(),
            Method.AerialRoots.class,
            standard.aerialRoots(),
            checks),
        pick(
            "topDressing",
            given.topDressing(),
            Method.TopDressing.class,
            standard.topDressing(),
            checks),
        pick(
            "newlyBought",
            given.newlyBought(),
            Method.NewlyBought.class,
            standard.newlyBought(),
            checks),
        pick("peat", given.peat(), Method.Peat.class, standard.peat(), checks),
        number("liftOneG", given.liftOneG(), 1000, 100000, "g", standard.liftOneG(), checks),
        number("liftFloorG", given.liftFloorG(), 1000, 100000, "g", standard.liftFloorG(), checks),
        number("liftTwoG", given.liftTwoG(), 1000, 200000, "g", standard.liftTwoG(), checks),
        number(
            "coarseLayerMm",
            given.coarseLayerMm(),
            5,
            200,
            "mm",
            standard.coarseLayerMm(),
            checks));
  }

  private static <E extends Enum<E>> E pick(
      String key, @Nullable String given, Class<E> type, E standard, Checks checks) {
    E code = checks.code("method." + key, given, type);
    return code == null ? standard : code;
  }

  private static double number(
      String key,
      @Nullable Double given,
      double least,
      double most,
      String unit,
      double standard,
      Checks checks) {
    return given == null
        ? standard
        : checks.range("method." + key, given, least, most, unit, standard);
  }
}
