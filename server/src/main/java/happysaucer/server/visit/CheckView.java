package happysaucer.server.visit;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One check in a plant's history, with the call it led to. */
public record CheckView(
    UUID id,
    Instant checkedAt,
    LocalDate checkedOn,
    String who,
    @Nullable Double minutes,
    @Nullable Double heightMm,
    @Nullable Double spreadMm,
    @Nullable Double weightG,
    String note,
    String action,
    String urgency,
    List<SignSeen> signs) {

  public record SignSeen(
      String code, String state, @Nullable String grade, @Nullable Double value) {}
}
