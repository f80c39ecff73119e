package happysaucer.core.unit;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A length, kept in millimetres. */
public record Length(double mm) {
  private static final double MM_PER_INCH = 25.4;
  private static final Pattern WRITTEN =
      Pattern.compile("\\s*([0-9]+(?:[.,][0-9]+)?)\\s*(mm|cm|m|in|inch|inches|\"|'|ft)?\\s*");

  public Length {
    if (Double.isNaN(mm) || Double.isInfinite(mm)) {
      throw new IllegalArgumentException("A length must be a number of millimetres.");
    }
  }

  public static Length ofMm(double mm) {
    return new Length(mm);
  }

  /**
   * Reads "6 in", "15cm", "150 mm", "15": a bare number is in centimetres, or in inches for someone
   * who reads inches.
   *
   * @throws IllegalArgumentException when the text is no length
   */
  public static Length parse(String text, Units units) {
    Matcher matcher = WRITTEN.matcher(text.toLowerCase(Locale.ROOT));
    if (!matcher.matches()) {
      throw new IllegalArgumentException("Write a length like 15 cm, 150 mm or 6 in.");
    }
    double value = Double.parseDouble(matcher.group(1).replace(',', '.'));
    String unit = matcher.group(2);
    if (unit == null) {
      unit = units == Units.METRIC ? "cm" : "in";
    }
    return new Length(
        switch (unit) {
          case "mm" -> value;
          case "cm" -> value * 10;
          case "m" -> value * 1000;
          case "ft", "'" -> value * 12 * MM_PER_INCH;
          default -> value * MM_PER_INCH;
        });
  }

  /** From here lengths are said in centimetres, mm. */
  static final double CENTIMETRES_FROM = 100;

  /** From here a tape is not read to the millimetre, mm. */
  private static final double METRE = 1000;

  public String text(Units units) {
    return text(units, Math.abs(mm) >= CENTIMETRES_FROM);
  }

  /** The round number nearest to it in the reader's unit. */
  Length rough(Units units) {
    double unit = units == Units.IMPERIAL ? MM_PER_INCH : 1;
    return new Length(About.round(mm / unit) * unit);
  }

  String text(Units units, boolean inCentimetres) {
    if (units == Units.IMPERIAL) {
      double inches = mm / MM_PER_INCH;
      return Rounding.text(Rounding.halfUp(inches * 4, 0) / 4, 2) + " in";
    }
    if (!inCentimetres) {
      return Rounding.text(mm, 0) + " mm";
    }
    return Rounding.text(mm / 10, Math.abs(mm) >= METRE ? 0 : 1) + " cm";
  }
}
