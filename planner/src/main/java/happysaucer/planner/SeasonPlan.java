package happysaucer.planner;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.ProblemFactCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.ProblemFactProperty;
import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Jobs with the slots they have so far, and what that costs. */
@PlanningSolution
public class SeasonPlan {
  @PlanningEntityCollectionProperty private List<PlanJob> jobs;
  @ProblemFactCollectionProperty private List<PlanCrew> crew;
  @ProblemFactProperty private PlanWeights weights;
  @PlanningScore private @Nullable HardMediumSoftLongScore score;

  /** For the solver, which makes copies. */
  SeasonPlan() {}

  public SeasonPlan(List<PlanJob> jobs, List<PlanCrew> crew, PlanWeights weights) {
    this.jobs = jobs;
    this.crew = crew;
    this.weights = weights;
  }

  public List<PlanJob> jobs() {
    return jobs;
  }

  public List<PlanCrew> crew() {
    return crew;
  }

  public PlanWeights weights() {
    return weights;
  }

  public @Nullable HardMediumSoftLongScore score() {
    return score;
  }
}
