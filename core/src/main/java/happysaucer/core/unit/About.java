package happysaucer.core.unit;

/**
 * A measure that a model worked out: it is said with no more digits than it knows, as 300 g rather
 * than 321 g. What was measured, and what a blade or a tape is set to, is said exactly.
 *
 * @param measure a {@link Length}, {@link Mass} or {@link Volume}
 */
public record About(Object measure) {
  /** About a tenth apart, as a person rounds. */
  private static final double[] STEPS = {1, 1.2, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10};

  public static About of(Object measure) {
    return new About(measure);
  }

  /** The nearest round number, by ratio. */
  static double round(double value) {
    if (value <= 0) {
      return value;
    }
    double scale = 1;
    while (value / scale >= 10) {
      scale *= 10;
    }
    while (value / scale < 1) {
      scale /= 10;
    }
    double best = STEPS[0];
    for (double step : STEPS) {
      if (Math.abs(Math.log(value / scale / step)) < Math.abs(Math.log(value / scale / best))) {
        best = step;
      }
    }
    return best * scale;
  }
}
