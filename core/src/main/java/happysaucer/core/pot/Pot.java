package happysaucer.core.pot;

/**
 * A pot by its inside measures, mm and g.
 *
 * @param id of a candidate on the shelf or a trade size; "current" for the present pot
 * @param mouthMm the narrowest width above the ball
 * @param footMm outside width on which it stands
 * @param drainHoles number of holes
 * @param feet it stands on, 0 for a flat base
 * @param wireHoles holes through which a trained tree is tied
 */
public record Pot(
    String id,
    Shape shape,
    Material material,
    Frustum inside,
    double mouthMm,
    double footMm,
    double massG,
    int drainHoles,
    boolean inCoverPot,
    int feet,
    int wireHoles) {
  /** Inside width by which the rim gap changes, mm, and the gap below it, mm (rule of thumb). */
  private static final double[][] RIM_GAPS = {{120, 10}, {200, 15}, {400, 20}};

  private static final double RIM_GAP_LARGE = 35;

  /** A shallow pot gives up no more than this share of its depth (rule of thumb). */
  private static final double RIM_GAP_OF_DEPTH = 1.0 / 8;

  private static final double LEAST_RIM_GAP = 5;

  public double topMm() {
    return inside.topMm();
  }

  public double heightMm() {
    return inside.heightMm();
  }

  /** Room to pool a watering, mm; too full a pot spills (rule of thumb). */
  public double rimGapMm() {
    return rimGapMm(topMm(), heightMm());
  }

  /** The rim gap of a pot of this inside width and depth, mm. */
  public static double rimGapMm(double topMm, double heightMm) {
    double usual = Math.max(LEAST_RIM_GAP, Math.min(byWidth(topMm), heightMm * RIM_GAP_OF_DEPTH));
    // a dish too low for any gap is still half filled
    return Math.min(usual, heightMm / 2);
  }

  private static double byWidth(double topMm) {
    for (double[] row : RIM_GAPS) {
      if (topMm < row[0]) {
        return row[1];
      }
    }
    return RIM_GAP_LARGE;
  }

  /**
   * Shortest half-width of what it stands on, mm: on three feet it tips over the line between two
   * of them, half the radius away; on four or more, the square's side.
   */
  public double supportMm() {
    double radius = footMm / 2;
    return feet == 3 ? radius / 2 : feet > 3 ? radius * Math.cos(Math.PI / feet) : radius;
  }

  /** Widest across its outside, mm: the wall is told by the foot over the base. */
  public double outsideMm() {
    double wall = Math.max(2, footMm - Math.min(inside.baseMm(), inside.baseDepthMm()));
    return inside.topMm() + wall;
  }

  /** The inside up to the fill line. */
  public Frustum fill() {
    return inside.upTo(heightMm() - rimGapMm());
  }

  /** Unglazed walls let water through. */
  public boolean breathes() {
    return material == Material.TERRACOTTA || material == Material.FABRIC;
  }

  /** A pot of the same make with other inside measures, holes in it and an open mouth. */
  public Pot sized(String newId, Frustum other) {
    double wall = Math.max(0, footMm - Math.min(inside.baseMm(), inside.baseDepthMm()));
    return new Pot(
        newId,
        Shape.STANDARD,
        material,
        other,
        other.topMm(),
        other.baseMm() + wall,
        PotMass.estimateG(material, other),
        Math.max(1, drainHoles),
        false,
        0,
        0);
  }

  /** The same outline so much wider at the top. */
  public Pot widerBy(double mm) {
    return sized(id, inside.scaled((topMm() + mm) / topMm()));
  }

  /** As it stands in a cover pot: on its foot, with its mass. */
  public Pot standingIn(Pot cover) {
    return new Pot(
        id,
        shape,
        material,
        inside,
        mouthMm,
        cover.footMm(),
        massG + cover.massG(),
        drainHoles,
        true,
        cover.feet(),
        wireHoles);
  }

  public Pot withId(String newId) {
    return new Pot(
        newId,
        shape,
        material,
        inside,
        mouthMm,
        footMm,
        massG,
        drainHoles,
        inCoverPot,
        feet,
        wireHoles);
  }
}
