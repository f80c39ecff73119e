package happysaucer.server.aftercare;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A step of aftercare was done, or that was taken back.
 *
 * @param doneOn null where it is open again
 */
public record CareTicked(UUID plantId, UUID stepId, @Nullable LocalDate doneOn) {}
