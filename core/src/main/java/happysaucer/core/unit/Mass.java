package happysaucer.core.unit;

/** A mass, kept in grams. */
public record Mass(double grams) {
  private static final double GRAMS_PER_OUNCE = 28.3495;
  private static final double OUNCES_PER_POUND = 16;

  public Mass {
    if (Double.isNaN(grams) || Double.isInfinite(grams)) {
      throw new IllegalArgumentException("A mass must be a number of grams.");
    }
  }

  public static Mass ofGrams(double grams) {
    return new Mass(grams);
  }

  /** The round number nearest to it in the reader's unit. */
  Mass rough(Units units) {
    double unit =
        units == Units.METRIC
            ? 1
            : grams < GRAMS_PER_OUNCE * OUNCES_PER_POUND
                ? GRAMS_PER_OUNCE
                : GRAMS_PER_OUNCE * OUNCES_PER_POUND;
    return new Mass(About.round(grams / unit) * unit);
  }

  String text(Units units) {
    if (units == Units.IMPERIAL) {
      double ounces = grams / GRAMS_PER_OUNCE;
      return ounces < OUNCES_PER_POUND
          ? Rounding.text(ounces, 1) + " oz"
          : Rounding.text(ounces / OUNCES_PER_POUND, 1) + " lb";
    }
    return grams < 1000 ? Rounding.text(grams, 0) + " g" : Rounding.text(grams / 1000, 1) + " kg";
  }
}
