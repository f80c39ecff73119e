package happysaucer.planner;

/**
 * What the soft rules weigh against each other.
 *
 * @param late a day after the ideal date, times the weight of the job
 * @param early a day before it
 * @param trip a minute of going to a site
 * @param uneven a minute between whoever works most and least
 * @param moved a job that stands elsewhere than in the plan that was made known
 */
public record PlanWeights(int late, int early, int trip, int uneven, int moved) {}
