package happysaucer.core.record;

import happysaucer.core.advice.AdviceRequest;
import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A sign as somebody recorded it.
 *
 * @param value in the unit of the sign's measure
 * @param look in which look it was seen
 */
public record SeenSign(
    String code,
    String state,
    @Nullable String grade,
    @Nullable Double value,
    LocalDate on,
    Instant at,
    Look look) {

  /** In which look at the plant. */
  public enum Look {
    LAST_CHECK,
    /** Out of its pot, at a job that is not done yet. */
    AT_THE_BENCH,
    EARLIER
  }

  public AdviceRequest.Sign asked() {
    return new AdviceRequest.Sign(code, state, grade, value);
  }
}
