package happysaucer.core.pot;

/** Mass of an empty pot where nobody weighed it: wall area times a usual wall (rule of thumb). */
public final class PotMass {
  private PotMass() {}

  /**
   * @return grams
   */
  public static double estimateG(Material material, Frustum inside) {
    double wallMm =
        switch (material) {
          case PLASTIC, FABRIC, METAL -> 1.4;
          case WOOD, FIBRE -> 10;
          case TERRACOTTA, GLAZED -> 4 + inside.topMm() * 0.018;
          case CONCRETE -> 20;
        };
    double gramsPerCm3 =
        switch (material) {
          case PLASTIC -> 0.95;
          case FABRIC -> 0.3;
          case METAL -> 4.5;
          case WOOD -> 0.6;
          case FIBRE -> 1.3;
          case TERRACOTTA -> 1.9;
          case GLAZED -> 2.1;
          case CONCRETE -> 2.2;
        };
    double cm2 = inside.wallM2() * 1e4 + inside.areaAt(0) / 100;
    return cm2 * wallMm / 10 * gramsPerCm3;
  }
}
