package happysaucer.core.pot;

/** Pots for tests. */
public final class Pots {
  private Pots() {}

  public static Pot plastic(double topMm) {
    return plastic(topMm, topMm * 0.76, topMm * 0.92);
  }

  public static Pot plastic(double topMm, double baseMm, double heightMm) {
    return of(Material.PLASTIC, topMm, baseMm, heightMm);
  }

  public static Pot of(Material material, double topMm, double baseMm, double heightMm) {
    return new Pot(
        "test",
        Shape.STANDARD,
        material,
        Frustum.round(topMm, baseMm, heightMm),
        topMm,
        baseMm + 6,
        400,
        6,
        false,
        0,
        0);
  }
}
