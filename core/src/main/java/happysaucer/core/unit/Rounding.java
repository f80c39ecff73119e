package happysaucer.core.unit;

import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * Our own rounding, half away from zero, so that every platform that runs the core gives the same
 * digits.
 */
public final class Rounding {
  private static final int SIGNIFICANT = 9;

  private Rounding() {}

  /**
   * @param decimals 0 to 9
   */
  public static double halfUp(double value, int decimals) {
    double scale = 1;
    for (int i = 0; i < decimals; i++) {
      scale *= 10;
    }
    double scaled = Math.floor(Math.abs(value) * scale + 0.5) / scale;
    return value < 0 && scaled != 0 ? -scaled : scaled;
  }

  /** Nine significant digits: what leaves the core; null for what is not a finite number. */
  public static Double outgoing(double value) {
    if (Double.isNaN(value) || Double.isInfinite(value)) {
      return null;
    }
    if (value == 0) {
      return 0.0;
    }
    double magnitude = Math.abs(value);
    int decimals = SIGNIFICANT - 1;
    while (magnitude >= 10 && decimals > 0) {
      magnitude /= 10;
      decimals--;
    }
    return halfUp(value, decimals);
  }

  /** The same of a figure that may not be reached: null then. */
  public static @Nullable Double outgoing(OptionalDouble value) {
    return value.isPresent() ? outgoing(value.getAsDouble()) : null;
  }

  /** A decision near a threshold is taken on a value rounded to a thousandth. */
  public static double forDecision(double value) {
    return halfUp(value, 3);
  }

  /** The number as text with at most the given decimals, without trailing zeros. */
  public static String text(double value, int decimals) {
    double rounded = halfUp(value, decimals);
    long scale = 1;
    for (int i = 0; i < decimals; i++) {
      scale *= 10;
    }
    long units = (long) Math.floor(Math.abs(rounded) * scale + 0.5);
    StringBuilder text = new StringBuilder();
    if (rounded < 0 && units != 0) {
      text.append('-');
    }
    text.append(units / scale);
    String rest = Long.toString(units % scale + scale).substring(1);
    while (rest.endsWith("0")) {
      rest = rest.substring(0, rest.length() - 1);
    }
    if (decimals > 0 && !rest.isEmpty()) {
      text.append('.').append(rest);
    }
    return text.toString();
  }
}
