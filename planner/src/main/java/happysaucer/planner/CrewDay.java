package happysaucer.planner;

import ai.timefold.solver.core.api.function.TriFunction;
import ai.timefold.solver.core.api.score.stream.bi.BiConstraintCollector;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * What one of the crew has on a day.
 *
 * @param workMinutes of the jobs
 * @param tripMinutes of going to their sites, each once
 */
record CrewDay(int workMinutes, int tripMinutes) {
  int minutes() {
    return workMinutes + tripMinutes;
  }

  /** Adds up as jobs come and go. */
  private static final class Sum {
    private final Map<PlanSite, Integer> jobsAt = new HashMap<>();
    private int work;
    private int trips;

    Runnable add(PlanJob job, PlanCrew crew) {
      int minutes = crew.minutesFor(job.demand(), Objects.requireNonNull(job.getSlot()).day());
      work += minutes;
      if (jobsAt.merge(job.site(), 1, Integer::sum) == 1) {
        trips += job.site().tripMinutes();
      }
      return () -> remove(job, minutes);
    }

    private void remove(PlanJob job, int minutes) {
      work -= minutes;
      if (jobsAt.merge(job.site(), -1, Integer::sum) == 0) {
        jobsAt.remove(job.site());
        trips -= job.site().tripMinutes();
      }
    }

    CrewDay total() {
      return new CrewDay(work, trips);
    }
  }

  static BiConstraintCollector<PlanJob, PlanCrew, ?, CrewDay> collect() {
    return new BiConstraintCollector<PlanJob, PlanCrew, Sum, CrewDay>() {
      @Override
      public Supplier<Sum> supplier() {
        return Sum::new;
      }

      @Override
      public TriFunction<Sum, PlanJob, PlanCrew, Runnable> accumulator() {
        return Sum::add;
      }

      @Override
      public Function<Sum, CrewDay> finisher() {
        return Sum::total;
      }
    };
  }
}
