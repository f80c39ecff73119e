package happysaucer.core.unit;

import java.util.ArrayList;
import java.util.List;

/**
 * A volume measured out in parts, rounded so that the parts as written add up to the whole as
 * written: somebody adds them up on the bench.
 *
 * @param litres the whole
 * @param parts shares of it by size, in litres or any other measure
 */
public record Split(double litres, List<Double> parts) {
  private static final double LITRES_PER_QUART = 0.946353;
  private static final double OUNCES_PER_LITRE = 33.814;

  public Split {
    parts = List.copyOf(parts);
  }

  public static Split of(double litres, double... parts) {
    List<Double> list = new ArrayList<>();
    for (double part : parts) {
      list.add(part);
    }
    return new Split(litres, list);
  }

  /** One part, to stand in a sentence. */
  public Part part(int index) {
    return new Part(this, index);
  }

  public record Part(Split split, int index) {
    String text(Units units) {
      return split.texts(units).get(index);
    }
  }

  /** Every part in words; one too small to be measured reads "a little". */
  public List<String> texts(Units units) {
    Measure measure = measure(units);
    long whole = Math.round(measure.shown() / measure.step());
    double sum = 0;
    for (double part : parts) {
      sum += part;
    }
    long[] counts = new long[parts.size()];
    double[] rests = new double[parts.size()];
    long given = 0;
    for (int i = 0; i < counts.length; i++) {
      double exact = sum > 0 ? parts.get(i) / sum * whole : 0;
      counts[i] = (long) Math.floor(exact);
      rests[i] = exact - counts[i];
      given += counts[i];
    }
    for (; given < whole && sum > 0; given++) {
      int largest = 0;
      for (int i = 1; i < rests.length; i++) {
        largest = rests[i] > rests[largest] ? i : largest;
      }
      counts[largest]++;
      rests[largest] = -1;
    }
    List<String> texts = new ArrayList<>();
    for (long count : counts) {
      texts.add(count == 0 ? "a little" : measure.text(count));
    }
    return texts;
  }

  /**
   * @param shown the whole as it is written, in the unit
   * @param step to which parts are rounded, in the unit
   */
  private record Measure(double shown, double step, String unit) {
    String text(long steps) {
      double value = steps * step;
      return unit.equals("L") && value < 0.095
          ? Rounding.text(value * 1000, 0) + " ml"
          : Rounding.text(value, 3) + " " + unit;
    }
  }

  private Measure measure(Units units) {
    if (units == Units.IMPERIAL) {
      return litres < LITRES_PER_QUART
          ? new Measure(Rounding.halfUp(litres * OUNCES_PER_LITRE, 0), 1, "fl oz")
          : new Measure(Rounding.halfUp(litres / LITRES_PER_QUART, 1), 0.1, "qt");
    }
    if (litres < 0.095) {
      return new Measure(Rounding.halfUp(litres * 200, 0) / 200, 0.005, "L");
    }
    if (litres < 1) {
      return new Measure(Rounding.halfUp(litres * 20, 0) / 20, 0.01, "L");
    }
    return new Measure(Rounding.halfUp(litres, 1), litres < 3 ? 0.05 : 0.1, "L");
  }
}
