package happysaucer.server.advice;

import java.util.UUID;

/** A plant has left care; whoever holds open work for it drops that in the same transaction. */
public record PlantRetired(UUID plantId) {}
