package happysaucer.server.job;

import java.util.UUID;

/** A repot of a plant was scheduled, planned anew, moved or dropped. */
public record JobChanged(UUID plantId) {}
