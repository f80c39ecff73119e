package happysaucer.server.entry;

import org.jspecify.annotations.Nullable;

/** One cell of an entry. */
public record Cell(@Nullable String key, @Nullable String text) {}
