package happysaucer.planner;

import ai.timefold.solver.core.api.score.analysis.ConstraintAnalysis;
import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import ai.timefold.solver.core.api.solver.ScoreAnalysisFetchPolicy;
import ai.timefold.solver.core.api.solver.SolutionManager;
import ai.timefold.solver.core.api.solver.SolutionUpdatePolicy;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * What a plan costs by rule, and what it would cost otherwise: by the rules that it is searched
 * with, really put there and reckoned anew.
 */
public final class SeasonExplained {
  private final SolutionManager<SeasonPlan, HardMediumSoftLongScore> manager =
      SolutionManager.create(SeasonSolver.rulesOnly());

  /** How hard a rule is. */
  public enum Level {
    HARD,
    MEDIUM,
    SOFT
  }

  /**
   * @param amount in the unit of the rule: minutes, litres, grams or days over it where it is hard,
   *     its weighted cost otherwise
   * @param times it is broken
   */
  public record RuleCost(String rule, Level level, long amount, int times) {}

  /**
   * A job put elsewhere.
   *
   * @param breaks hard rules that break, or break further
   * @param costs what other rules cost more, or less, than now
   */
  public record Try(Slot slot, List<RuleCost> breaks, List<RuleCost> costs) {
    public boolean allowed() {
      return breaks.isEmpty();
    }

    /** What it costs more than now, without what is hard. */
    public long cost() {
      return costs.stream().mapToLong(RuleCost::amount).sum();
    }
  }

  /** By rule; those that cost nothing are left out. */
  public List<RuleCost> costs(SeasonPlan plan) {
    return analysed(plan).values().stream().filter(cost -> cost.amount() != 0).toList();
  }

  private Map<String, RuleCost> analysed(SeasonPlan plan) {
    Map<String, RuleCost> costs = new HashMap<>();
    manager
        .analyze(plan, ScoreAnalysisFetchPolicy.FETCH_MATCH_COUNT, SolutionUpdatePolicy.UPDATE_ALL)
        .constraintMap()
        .forEach(
            (rule, analysis) ->
                costs.put(rule.constraintName(), cost(rule.constraintName(), analysis)));
    return costs;
  }

  private static RuleCost cost(String rule, ConstraintAnalysis<HardMediumSoftLongScore> analysis) {
    HardMediumSoftLongScore score = analysis.score();
    Level level =
        score.hardScore() != 0 ? Level.HARD : score.mediumScore() != 0 ? Level.MEDIUM : Level.SOFT;
    return new RuleCost(
        rule,
        level,
        -score.hardScore() - score.mediumScore() - score.softScore(),
        analysis.matchCount());
  }

  /** What would break and cost if a job stood there; the plan stays as it is. */
  public Try tryAt(SeasonPlan plan, PlanJob job, Slot slot) {
    Map<String, RuleCost> before = analysed(plan);
    return tryAt(plan, job, slot, before);
  }

  private Try tryAt(SeasonPlan plan, PlanJob job, Slot slot, Map<String, RuleCost> before) {
    Slot was = job.getSlot();
    job.setSlot(slot);
    try {
      List<RuleCost> breaks = new ArrayList<>();
      List<RuleCost> costs = new ArrayList<>();
      for (RuleCost after : analysed(plan).values()) {
        RuleCost earlier = before.get(after.rule());
        long more = after.amount() - (earlier == null ? 0 : earlier.amount());
        if (more == 0) {
          continue;
        }
        int times = after.times() - (earlier == null ? 0 : earlier.times());
        boolean hard =
            after.level() == Level.HARD || earlier != null && earlier.level() == Level.HARD;
        if (!hard) {
          costs.add(new RuleCost(after.rule(), after.level(), more, times));
        } else if (more > 0) {
          breaks.add(new RuleCost(after.rule(), Level.HARD, more, times));
        }
      }
      costs.sort(Comparator.comparingLong(RuleCost::amount).reversed());
      return new Try(slot, breaks, costs);
    } finally {
      job.setSlot(was);
    }
  }

  /**
   * The cheapest of a job's slots: the one that breaks least, and then costs least.
   *
   * @param among of which slots
   * @return null where there is none among them
   */
  public @Nullable Try cheapest(SeasonPlan plan, PlanJob job, Predicate<Slot> among) {
    Slot was = job.getSlot();
    Slot best = null;
    HardMediumSoftLongScore bestScore = null;
    try {
      for (Slot slot : job.getSlots()) {
        if (!among.test(slot)) {
          continue;
        }
        job.setSlot(slot);
        HardMediumSoftLongScore score = Objects.requireNonNull(manager.update(plan));
        if (bestScore == null || score.compareTo(bestScore) > 0) {
          best = slot;
          bestScore = score;
        }
      }
    } finally {
      job.setSlot(was);
      manager.update(plan);
    }
    return best == null ? null : tryAt(plan, job, best);
  }
}
