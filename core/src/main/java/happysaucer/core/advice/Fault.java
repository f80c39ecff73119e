package happysaucer.core.advice;

import org.jspecify.annotations.Nullable;

/**
 * One thing wrong in a request.
 *
 * @param field path such as "pot.topMm" or "signs[2].code"
 * @param message what to mend, in plain words
 * @param value what was given, null when nothing was
 */
public record Fault(String field, String message, @Nullable Object value) {}
