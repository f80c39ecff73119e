package happysaucer.core.species;

/** How a kind grows: what shape stands in its pot, and how large it usually is in one. */
public enum Habit {
  /** A broad-leaved tree on a stem. */
  TREE(true, 5.5, 2.8, 4, 4.5),
  /** A shrub that branches from the base. */
  SHRUB(true, 3.5, 3, 4, 5),
  /** Bare canes with tufts of leaves. */
  CANE(true, 5.5, 2.3, 4, 10),
  PALM(true, 6.5, 4.3, 5, 1.35),
  /** A miniature tree kept small by hand. */
  TRAINED(true, 2, 2, 3.5, 20),
  /** Climbs a pole, and leans without one. */
  CLIMBER(false, 4, 2.8, 5, 3.5),
  /** Hangs or creeps. */
  TRAILER(false, 2, 2, 4.5, 8),
  /** Leaves from the ground, in a tuft or from offsets. */
  CLUMP(false, 2.5, 2.5, 4.5, 4),
  ROSETTE(false, 1.6, 2, 4, 40),
  /** A low plant under a tall flower spike. */
  SPIKE(false, 4, 2, 3, 7),
  /** Columnar cacti and spurges. */
  COLUMN(false, 4.5, 0.4, 9, 600),
  GLOBE(false, 1, 0.95, 5, 550),
  /** A branching succulent, as a jade. */
  FLESHY_SHRUB(false, 2.8, 2.2, 5, 18),
  /** A swollen base with a light top. */
  CAUDEX(false, 3, 2, 3.5, 20);

  private final boolean usualHeight;
  private final double heightPerPot;
  private final double spreadPerPot;
  private final double leafLayers;
  private final double kgPerM3;

  Habit(
      boolean usualHeight,
      double heightPerPot,
      double spreadPerPot,
      double leafLayers,
      double kgPerM3) {
    this.usualHeight = usualHeight;
    this.heightPerPot = heightPerPot;
    this.spreadPerPot = spreadPerPot;
    this.leafLayers = leafLayers;
    this.kgPerM3 = kgPerM3;
  }

  /**
   * An upright woody kind, which has a height indoors at which it is usually kept. Trailers,
   * clumps, rosettes, cacti and flower spikes have none.
   */
  public boolean hasUsualHeight() {
    return usualHeight;
  }

  /** Height over the inside width of the pot it usually stands in (rule of thumb). */
  public double heightPerPot() {
    return heightPerPot;
  }

  /** Spread over the inside width of the pot it usually stands in (rule of thumb). */
  public double spreadPerPot() {
    return spreadPerPot;
  }

  /**
   * Layers of leaf, or of green skin, over the ground it covers, for a kind as dense as a leafy fig
   * (rule of thumb).
   */
  public double leafLayers() {
    return leafLayers;
  }

  /**
   * Green mass per volume of the cylinder it stands in, kg/m3 (rule of thumb, by weighed plants: a
   * columnar cactus of 1.7 m 12 kg or more, a palm of 2.8 m 10 kg, a jade of 0.7 m 3 kg).
   */
  public double kgPerM3() {
    return kgPerM3;
  }
}
