package happysaucer.server.order;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The day on which an order comes is another, or it came, or comes no more.
 *
 * @param comesOn null where it does not come
 * @param words for whoever plans what waits for it
 */
public record OrderMoved(
    UUID orderId, @Nullable LocalDate comesOn, boolean arrived, String words) {}
