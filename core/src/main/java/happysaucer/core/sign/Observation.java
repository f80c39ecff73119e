package happysaucer.core.sign;

import org.jspecify.annotations.Nullable;

/**
 * One sign as it was seen.
 *
 * @param grade only on a present sign that takes one
 * @param value only on a present sign that takes one, in the unit of its measure
 */
public record Observation(
    SignCode code, SignState state, @Nullable Grade grade, @Nullable Double value) {
  public Observation {
    if (state != SignState.PRESENT && (grade != null || value != null)) {
      throw new IllegalArgumentException("A sign that is not present has no grade or value.");
    }
  }

  public static Observation present(SignCode code) {
    return new Observation(code, SignState.PRESENT, null, null);
  }

  public static Observation present(SignCode code, Grade grade) {
    return new Observation(code, SignState.PRESENT, grade, null);
  }

  public static Observation present(SignCode code, double value) {
    return new Observation(code, SignState.PRESENT, null, value);
  }

  public static Observation absent(SignCode code) {
    return new Observation(code, SignState.ABSENT, null, null);
  }
}
