package happysaucer.server.aftercare;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A step of aftercare was done, left out or moved, or that was taken back.
 *
 * @param doneOn null where it is open, or was left out
 * @param skippedWhy why it was left out; null where it was not
 */
public record CareTicked(
    UUID plantId, UUID stepId, @Nullable LocalDate doneOn, @Nullable String skippedWhy) {}
