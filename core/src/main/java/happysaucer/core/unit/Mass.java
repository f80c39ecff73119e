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
