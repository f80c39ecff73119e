package happysaucer.core.advice;

import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Material;
import happysaucer.core.pot.Pot;
import happysaucer.core.pot.PotMass;
import happysaucer.core.pot.Shape;
import happysaucer.core.root.Ball;
import happysaucer.core.unit.Rounding;
import org.jspecify.annotations.Nullable;

/** Completes a pot or a ball as given. */
final class PotCompletion {
  static final double LEAST_MM = 20;
  static final double MOST_MM = 3000;

  /** Usual proportions of a pot (rules of thumb). */
  private static final double BASE_OF_TOP = 0.76;

  private static final double HEIGHT_OF_TOP = 0.92;
  private static final double WIDEST_BASE = 4.0 / 3;
  private static final double WALL_THIN = 3;
  private static final double WALL_THICK = 9;

  private final Checks checks;

  PotCompletion(Checks checks) {
    this.checks = checks;
  }

  /**
   * @param path "pot" or "candidates[3]"
   * @param standardMaterial what to assume
   * @return null when its top is missing or faulty
   */
  @Nullable Pot pot(String path, AdviceRequest.Pot given, Material standardMaterial) {
    int faultsBefore = checks.faults().size();
    Shape shape =
        checks.codeOr(path + ".shape", given.shape(), Shape.class, Shape.STANDARD, "most pots are");
    Material material =
        checks.codeOr(
            path + ".material", given.material(), Material.class, standardMaterial, "most common");
    if (given.topMm() == null) {
      checks.fault(path + ".topMm", "Give the inside width at the top, in mm.", null);
      return null;
    }
    double top = size(path + ".topMm", given.topMm());
    double base =
        sizeOr(path + ".baseMm", given.baseMm(), top * BASE_OF_TOP, "0.76 of the top, as usual");
    double height =
        sizeOr(
            path + ".heightMm", given.heightMm(), top * HEIGHT_OF_TOP, "0.92 of the top, as usual");
    if (base > top * WIDEST_BASE && shape != Shape.URN) {
      checks.fault(
          path + ".baseMm",
          "The base is wider than the top by more than a third. Swap the two, or give the shape URN.",
          given.baseMm());
    }
    boolean square = shape == Shape.SQUARE || shape == Shape.TROUGH;
    double topDepth = top;
    double baseDepth = base;
    if (shape == Shape.TROUGH) {
      topDepth = sizeOr(path + ".topDepthMm", given.topDepthMm(), top / 2, "half the length");
      baseDepth =
          sizeOr(path + ".baseDepthMm", given.baseDepthMm(), topDepth * BASE_OF_TOP, "as usual");
    } else if (given.topDepthMm() != null || given.baseDepthMm() != null) {
      checks.fault(
          path + (given.topDepthMm() != null ? ".topDepthMm" : ".baseDepthMm"),
          "Only a trough has a depth. Leave it out, or give the shape TROUGH.",
          given.topDepthMm() != null ? given.topDepthMm() : given.baseDepthMm());
    }
    double mouth = sizeOr(path + ".mouthMm", given.mouthMm(), top, "as wide as the top");
    double wall = material == Material.PLASTIC ? WALL_THIN : WALL_THICK;
    double foot =
        sizeOr(
            path + ".footMm",
            given.footMm(),
            Math.min(base, baseDepth) + 2 * wall,
            "the base with its wall");
    int holes = 4;
    if (given.drainHoles() == null) {
      checks.assume(path + ".drainHoles", holes, "pots sold for planting have holes");
    } else {
      holes = (int) checks.range(path + ".drainHoles", given.drainHoles(), 0, 200, "", holes);
    }
    int feet = count(path + ".feet", given.feet());
    int wires = count(path + ".wireHoles", given.wireHoles());
    if (checks.faults().size() > faultsBefore) {
      return null;
    }
    Frustum inside =
        square
            ? Frustum.rectangular(top, base, topDepth, baseDepth, height)
            : Frustum.round(top, base, height);
    double mass =
        checks.rangeOr(
            path + ".massG",
            given.massG(),
            1,
            1_000_000,
            "g",
            PotMass.estimateG(material, inside),
            "wall area and a usual wall");
    boolean cover = given.inCoverPot() != null && given.inCoverPot();
    return new Pot(
        given.id() == null ? path : given.id(),
        shape,
        material,
        inside,
        mouth,
        foot,
        mass,
        holes,
        cover,
        feet,
        wires);
  }

  /** The measured ball, or the old pot's inside up to its fill line. */
  @Nullable Ball ball(AdviceRequest.@Nullable Ball given, Pot pot) {
    Frustum fill = pot.fill();
    if (given == null || given.topMm() == null) {
      if (given != null && (given.baseMm() != null || given.heightMm() != null)) {
        checks.fault(
            "ball.topMm", "Give the ball's width at the top, in mm, or leave the ball out.", null);
        return null;
      }
      checks.assume(
          "ball.topMm", fill.topMm(), "not measured: the pot's inside up to its fill line");
      return new Ball(fill, false);
    }
    int faultsBefore = checks.faults().size();
    double top = size("ball.topMm", given.topMm());
    double scale = top / fill.topMm();
    double base =
        sizeOr("ball.baseMm", given.baseMm(), fill.baseMm() * scale, "the pot's proportion");
    double height =
        sizeOr("ball.heightMm", given.heightMm(), fill.heightMm(), "up to the pot's fill line");
    double widest = Math.max(pot.topMm(), pot.inside().baseMm());
    double width = Math.max(top, base);
    if (Rounding.forDecision(width) > widest) {
      checks.fault(
          base > top ? "ball.baseMm" : "ball.topMm",
          "The ball is wider than its pot's inside ("
              + Rounding.text(widest, 0)
              + " mm). Measure again.",
          width);
    }
    if (Rounding.forDecision(height) > pot.heightMm()) {
      checks.fault(
          "ball.heightMm",
          "The ball is taller than its pot's inside ("
              + Rounding.text(pot.heightMm(), 0)
              + " mm). Measure again.",
          height);
    }
    double topDepth = top;
    double baseDepth = base;
    if (!pot.inside().round()) {
      topDepth =
          sizeOr(
              "ball.topDepthMm",
              given.topDepthMm(),
              fill.topDepthMm() * scale,
              "the pot's proportion");
      baseDepth =
          sizeOr(
              "ball.baseDepthMm",
              given.baseDepthMm(),
              fill.baseDepthMm() * scale,
              "the pot's proportion");
    }
    if (checks.faults().size() > faultsBefore) {
      return null;
    }
    return new Ball(
        pot.inside().round()
            ? Frustum.round(top, base, height)
            : Frustum.rectangular(top, base, topDepth, baseDepth, height),
        true);
  }

  /** Feet and wire holes: most pots have none, so nothing is assumed in writing. */
  private int count(String field, @Nullable Integer given) {
    return given == null ? 0 : (int) checks.range(field, given, 0, 12, "", 0);
  }

  private double size(String field, double given) {
    return checks.range(field, given, LEAST_MM, MOST_MM, "mm", 200);
  }

  private double sizeOr(String field, @Nullable Double given, double standard, String reason) {
    return checks.rangeOr(field, given, LEAST_MM, MOST_MM, "mm", standard, reason);
  }
}
