package happysaucer.planner;

import ai.timefold.solver.core.api.solver.Solver;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.constructionheuristic.ConstructionHeuristicPhaseConfig;
import ai.timefold.solver.core.config.constructionheuristic.ConstructionHeuristicType;
import ai.timefold.solver.core.config.heuristic.selector.move.factory.MoveIteratorFactoryConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.localsearch.decider.acceptor.LocalSearchAcceptorConfig;
import ai.timefold.solver.core.config.localsearch.decider.forager.LocalSearchForagerConfig;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import java.time.Duration;
import java.util.function.Consumer;

/** Searches for a plan: a greedy start that takes the cheapest slot for each job, then moves. */
public final class SeasonSolver {
  /**
   * A search that knows its end begins by taking moves that cost about as much as so many minutes
   * of driving, and then fewer.
   */
  private static final int WARMTH = 25;

  /** One that starts from a good plan takes what is no worse than so many moves ago. */
  private static final int LOOKS_BACK = 60;

  private static final long SEED = 1;

  private final Solver<SeasonPlan> solver;

  private SeasonSolver(Duration most, LocalSearchAcceptorConfig acceptor) {
    solver = SolverFactory.<SeasonPlan>create(config(most, acceptor)).buildSolver();
  }

  /**
   * For a plan made anew.
   *
   * @param most so long it searches, unless it is stopped before; it cools down towards that
   */
  public static SeasonSolver anew(Duration most, PlanWeights weights) {
    return new SeasonSolver(
        most,
        new LocalSearchAcceptorConfig()
            .withSimulatedAnnealingStartingTemperature(
                "0hard/0medium/" + WARMTH * Math.max(1, weights.trip()) + "soft"));
  }

  /** For a plan that was made known and is mended: few jobs move. */
  public static SeasonSolver gently(Duration most) {
    return new SeasonSolver(
        most, new LocalSearchAcceptorConfig().withLateAcceptanceSize(LOOKS_BACK));
  }

  /** Reckons by the same rules without searching. */
  static SolverFactory<SeasonPlan> rulesOnly() {
    return SolverFactory.create(
        new SolverConfig()
            .withSolutionClass(SeasonPlan.class)
            .withEntityClasses(PlanJob.class)
            .withConstraintProviderClass(SeasonRules.class));
  }

  private static SolverConfig config(Duration most, LocalSearchAcceptorConfig acceptor) {
    return new SolverConfig()
        .withSolutionClass(SeasonPlan.class)
        .withEntityClasses(PlanJob.class)
        .withConstraintProviderClass(SeasonRules.class)
        .withEnvironmentMode(EnvironmentMode.NO_ASSERT)
        .withRandomSeed(SEED)
        .withTerminationConfig(new TerminationConfig().withSpentLimit(most))
        .withPhases(
            new ConstructionHeuristicPhaseConfig()
                .withConstructionHeuristicType(ConstructionHeuristicType.FIRST_FIT),
            new LocalSearchPhaseConfig()
                .withMoveSelectorConfig(
                    new MoveIteratorFactoryConfig().withMoveIteratorFactoryClass(SeasonMoves.class))
                .withAcceptorConfig(acceptor)
                .withForagerConfig(new LocalSearchForagerConfig().withAcceptedCountLimit(1)));
  }

  /**
   * The best plan that was found until the time is over or the search is stopped. Jobs that have no
   * slot left, or where there is nothing to move, are answered as they are.
   *
   * @param better is told of each better plan
   */
  public SeasonPlan solve(SeasonPlan plan, Consumer<SeasonPlan> better) {
    if (plan.jobs().stream().allMatch(job -> job.isPinned() || job.getSlots().isEmpty())) {
      return plan;
    }
    solver.addEventListener(event -> better.accept(event.getNewBestSolution()));
    return solver.solve(plan);
  }

  /** Ends the search; the best plan so far is what it answers. */
  public void stop() {
    solver.terminateEarly();
  }
}
