package happysaucer.core.pot;

import happysaucer.core.unit.About;
import happysaucer.core.unit.Mass;
import java.util.OptionalDouble;

/**
 * Whether a planted pot stands.
 *
 * @param tiltDegrees angle to which it can be tilted before it falls
 * @param pushN horizontal push at mid canopy, at most 1.2 m up, that tips it
 * @param massKg of all together
 * @param leanKgMm moment of a leaning top, kg mm
 * @param supportMm shortest half-width of the support
 * @param pushAtMm height of that push
 * @param footPerSupport width of foot for each mm of that half-width, 2 on a flat base
 */
public record Standing(
    double tiltDegrees,
    double pushN,
    double massKg,
    double leanKgMm,
    double supportMm,
    double pushAtMm,
    double footPerSupport) {
  /** Push that should not tip it: anywhere, where the public passes, where children play, N. */
  public static final double UNSAFE = 6;

  public static final double PUBLIC = 12;
  public static final double CHILDREN = 25;

  /** A static tilt under this is a warning, degrees (rule of thumb). */
  public static final double TILT_WARNING = 10;

  private static final double GRAVITY = 9.81;
  private static final double HIGHEST_PUSH_MM = 1200;

  /** Centres of mass as shares of height: an empty pot, its medium, a plant (rules of thumb). */
  private static final double POT_CENTRE = 0.45;

  private static final double MEDIUM_CENTRE = 0.52;
  private static final double PLANT_CENTRE = 0.5;
  private static final double CANOPY_CENTRE = 0.6;

  /**
   * @param potG pot and cover pot
   * @param mediumG medium and water as it stands
   * @param topG plant above the medium
   * @param plantMm height of the plant above the medium
   * @param leanDegrees lean of the plant; one-sided foliage counts as lean
   */
  public static Standing of(
      Pot pot, double potG, double mediumG, double topG, double plantMm, double leanDegrees) {
    double fill = pot.fill().heightMm();
    double topCentre = fill + plantMm * PLANT_CENTRE;
    double mass = potG + mediumG + topG;
    double centre =
        (potG * pot.heightMm() * POT_CENTRE + mediumG * fill * MEDIUM_CENTRE + topG * topCentre)
            / mass;
    double moment = topG * topCentre * Math.tan(Math.toRadians(leanDegrees));
    double support = pot.supportMm();
    double footPerSupport = support > 0 ? pot.footMm() / support : 2;
    double free = Math.max(0, support - moment / mass);
    double pushAt = Math.min(HIGHEST_PUSH_MM, fill + plantMm * CANOPY_CENTRE);
    return new Standing(
        Math.toDegrees(Math.atan(free / centre)),
        mass / 1000 * GRAVITY * free / pushAt,
        mass / 1000,
        moment / 1000,
        support,
        pushAt,
        footPerSupport);
  }

  /** A push as people feel it: the mass that presses with that force. */
  public static About pushAsMass(double newton) {
    return About.of(Mass.ofGrams(newton / GRAVITY * 1000));
  }

  /** The next grade of push it does not reach yet, N; empty when it stands where children play. */
  public OptionalDouble nextGradeN() {
    return pushN < UNSAFE
        ? OptionalDouble.of(UNSAFE)
        : pushN < PUBLIC
            ? OptionalDouble.of(PUBLIC)
            : pushN < CHILDREN ? OptionalDouble.of(CHILDREN) : OptionalDouble.empty();
  }

  /**
   * Mass low in the pot that lifts it to a push, g: from push = g (m r - M) / p, where M is the
   * moment of the leaning top. 0 when it stands already.
   */
  public double addedMassG(double wantedN) {
    double needed = (wantedN * pushAtMm / GRAVITY + leanKgMm) / supportMm;
    return Math.max(0, needed - massKg) * 1000;
  }

  /** Width of foot that lifts it to a push at its present mass, mm. */
  public double footForMm(double wantedN) {
    return footPerSupport * (wantedN * pushAtMm / GRAVITY + leanKgMm) / massKg;
  }
}
