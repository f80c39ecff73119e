package happysaucer.core.pot;

/**
 * A straight-sided body that widens or narrows evenly from its base to its top; the figure behind
 * every pot and every ball. Lengths in mm, z counted up from the base.
 *
 * @param round circular; otherwise rectangular with the given depths
 * @param topMm diameter, or side, at the top
 * @param baseMm diameter, or side, at the base
 * @param topDepthMm second side at the top; equal to topMm for round and square bodies
 * @param baseDepthMm second side at the base
 */
public record Frustum(
    boolean round,
    double topMm,
    double baseMm,
    double topDepthMm,
    double baseDepthMm,
    double heightMm) {
  private static final double MM3_PER_LITRE = 1e6;

  public Frustum {
    if (!(topMm > 0 && baseMm > 0 && topDepthMm > 0 && baseDepthMm > 0 && heightMm > 0)) {
      throw new IllegalArgumentException("A body needs sides and a height over zero.");
    }
  }

  public static Frustum round(double topMm, double baseMm, double heightMm) {
    return new Frustum(true, topMm, baseMm, topMm, baseMm, heightMm);
  }

  public static Frustum rectangular(
      double topMm, double baseMm, double topDepthMm, double baseDepthMm, double heightMm) {
    return new Frustum(false, topMm, baseMm, topDepthMm, baseDepthMm, heightMm);
  }

  /** Width at a height, mm. */
  public double widthAt(double zMm) {
    return baseMm + (topMm - baseMm) * zMm / heightMm;
  }

  public double depthAt(double zMm) {
    return baseDepthMm + (topDepthMm - baseDepthMm) * zMm / heightMm;
  }

  /** Cross-section at a height, mm2. */
  public double areaAt(double zMm) {
    double product = widthAt(zMm) * depthAt(zMm);
    return round ? Math.PI * product / 4 : product;
  }

  /** pi h (D2 + D d + d2) / 12, or h (A1 + A2 + sqrt(A1 A2)) / 3, in litres. */
  public double litres() {
    double base = areaAt(0);
    double top = areaAt(heightMm);
    return heightMm * (base + top + Math.sqrt(base * top)) / 3 / MM3_PER_LITRE;
  }

  /** The part from the base up to a height, which must be over zero. */
  public Frustum upTo(double zMm) {
    return new Frustum(round, widthAt(zMm), baseMm, depthAt(zMm), baseDepthMm, zMm);
  }

  /** The part above a height, which must be under the whole height. */
  public Frustum above(double zMm) {
    return zMm <= 0
        ? this
        : new Frustum(round, topMm, widthAt(zMm), topDepthMm, depthAt(zMm), heightMm - zMm);
  }

  /** The same shape grown or shrunk evenly in all directions. */
  public Frustum scaled(double factor) {
    return new Frustum(
        round,
        topMm * factor,
        baseMm * factor,
        topDepthMm * factor,
        baseDepthMm * factor,
        heightMm * factor);
  }

  /** Widest across at its top: the diagonal of a rectangle. */
  public double acrossTopMm() {
    return round ? topMm : Math.sqrt(topMm * topMm + topDepthMm * topDepthMm);
  }

  public double acrossBaseMm() {
    return round ? baseMm : Math.sqrt(baseMm * baseMm + baseDepthMm * baseDepthMm);
  }

  /** The part that is left when a slice is taken off the base and a shave off all sides. */
  public Frustum without(double baseSliceMm, double sideShaveMm) {
    double shave = 2 * sideShaveMm;
    return new Frustum(
        round,
        topMm - shave,
        widthAt(baseSliceMm) - shave,
        topDepthMm - shave,
        depthAt(baseSliceMm) - shave,
        heightMm - baseSliceMm);
  }

  /** Narrowest side anywhere, mm. */
  public double narrowestMm() {
    return Math.min(Math.min(topMm, baseMm), Math.min(topDepthMm, baseDepthMm));
  }

  /** Area of the wall from the base up to the top, m2. */
  public double wallM2() {
    double perimeter =
        round ? Math.PI * (topMm + baseMm) / 2 : topMm + baseMm + topDepthMm + baseDepthMm;
    return perimeter * heightMm / 1e6;
  }
}
