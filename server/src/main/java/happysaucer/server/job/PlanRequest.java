package happysaucer.server.job;

import happysaucer.core.advice.AdviceRequest;
import org.jspecify.annotations.Nullable;

/**
 * Which pot and what work a job is planned with.
 *
 * @param potId of the candidate to take, null for the best
 * @param wish what is to be done otherwise than the rules would
 * @param order true to plan with the pot that is to be ordered
 * @param confirmed somebody who knows the risk confirms that more than a third of the roots goes
 */
public record PlanRequest(
    @Nullable String potId,
    AdviceRequest.@Nullable Wish wish,
    @Nullable Boolean order,
    @Nullable Boolean confirmed) {}
