package happysaucer.core.unit;

/** A volume, kept in litres. */
public record Volume(double litres) {
  private static final double LITRES_PER_QUART = 0.946353;
  private static final double OUNCES_PER_LITRE = 33.814;

  public Volume {
    if (Double.isNaN(litres) || Double.isInfinite(litres)) {
      throw new IllegalArgumentException("A volume must be a number of litres.");
    }
  }

  public static Volume ofLitres(double litres) {
    return new Volume(litres);
  }

  /** The round number nearest to it in the reader's unit. */
  Volume rough(Units units) {
    double unit = units == Units.IMPERIAL ? LITRES_PER_QUART : 1;
    return new Volume(About.round(litres / unit) * unit);
  }

  /** Coarse enough to be measured with a jug: nobody pours 0.837 litres. */
  String text(Units units) {
    if (units == Units.IMPERIAL) {
      return litres < LITRES_PER_QUART
          ? Rounding.text(litres * OUNCES_PER_LITRE, 0) + " fl oz"
          : Rounding.text(litres / LITRES_PER_QUART, 1) + " qt";
    }
    if (litres < 0.095) {
      return Rounding.text(Rounding.halfUp(litres * 200, 0) * 5, 0) + " ml";
    }
    if (litres < 1) {
      return Rounding.text(Rounding.halfUp(litres * 20, 0) / 20, 2) + " L";
    }
    return Rounding.text(litres, 1) + " L";
  }
}
