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
  private static final int LATE_ACCEPTANCE = 3000;
  private static final long SEED = 1;

  private final Solver<SeasonPlan> solver;

  /**
   * @param most so long it searches, unless it is stopped before
   */
  public SeasonSolver(Duration most) {
    solver = SolverFactory.<SeasonPlan>create(config(most)).buildSolver();
  }

  private static SolverConfig config(Duration most) {
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
                .withAcceptorConfig(
                    new LocalSearchAcceptorConfig().withLateAcceptanceSize(LATE_ACCEPTANCE))
                .withForagerConfig(new LocalSearchForagerConfig().withAcceptedCountLimit(1)));
  }

  /**
   * The best plan that was found until the time is over or the search is stopped.
   *
   * @param better is told of each better plan
   */
  public SeasonPlan solve(SeasonPlan plan, Consumer<SeasonPlan> better) {
    solver.addEventListener(event -> better.accept(event.getNewBestSolution()));
    return solver.solve(plan);
  }

  /** Ends the search; the best plan so far is what it answers. */
  public void stop() {
    solver.terminateEarly();
  }
}
