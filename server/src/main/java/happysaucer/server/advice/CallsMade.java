package happysaucer.server.advice;

import happysaucer.core.advice.Advice;
import java.util.Map;
import java.util.UUID;

/**
 * The calls of these plants were made anew; planned work hears of it in the same transaction.
 *
 * @param calls by plant
 */
public record CallsMade(Map<UUID, Advice.Call> calls) {}
