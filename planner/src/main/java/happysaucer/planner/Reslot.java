package happysaucer.planner;

import ai.timefold.solver.core.api.score.director.ScoreDirector;
import ai.timefold.solver.core.impl.heuristic.move.AbstractMove;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Several jobs get other slots at once. */
final class Reslot extends AbstractMove<SeasonPlan> {
  private final List<PlanJob> jobs;
  private final List<@Nullable Slot> slots;

  Reslot(List<PlanJob> jobs, List<@Nullable Slot> slots) {
    this.jobs = jobs;
    this.slots = slots;
  }

  List<PlanJob> jobs() {
    return jobs;
  }

  List<@Nullable Slot> slots() {
    return slots;
  }

  @Override
  public boolean isMoveDoable(ScoreDirector<SeasonPlan> director) {
    for (int i = 0; i < jobs.size(); i++) {
      if (jobs.get(i).getSlot() != slots.get(i)) {
        return true;
      }
    }
    return false;
  }

  @Override
  protected void doMoveOnGenuineVariables(ScoreDirector<SeasonPlan> director) {
    for (int i = 0; i < jobs.size(); i++) {
      PlanJob job = jobs.get(i);
      if (job.getSlot() != slots.get(i)) {
        director.beforeVariableChanged(job, "slot");
        job.setSlot(slots.get(i));
        director.afterVariableChanged(job, "slot");
      }
    }
  }

  @Override
  public Reslot rebase(ScoreDirector<SeasonPlan> other) {
    return new Reslot(rebaseList(jobs, other), slots);
  }

  @Override
  public Collection<?> getPlanningEntities() {
    return jobs;
  }

  @Override
  public Collection<?> getPlanningValues() {
    return new ArrayList<>(slots);
  }

  @Override
  public boolean equals(@Nullable Object other) {
    return other instanceof Reslot move && move.jobs.equals(jobs) && move.slots.equals(slots);
  }

  @Override
  public int hashCode() {
    return Objects.hash(jobs, slots);
  }

  @Override
  public String toString() {
    return jobs + " -> " + slots;
  }
}
