package happysaucer.server.job;

import happysaucer.core.advice.AdviceRequest;
import java.time.LocalDate;
import java.util.UUID;

/** The root ball of a plant was measured out of its pot. */
public record BallMeasured(UUID plantId, AdviceRequest.Ball ball, LocalDate on) {}
