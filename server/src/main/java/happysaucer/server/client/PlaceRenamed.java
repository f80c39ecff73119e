package happysaucer.server.client;

import java.util.UUID;

/** A client, or one of its sites or spots, has another name. */
public record PlaceRenamed(UUID clientId) {}
