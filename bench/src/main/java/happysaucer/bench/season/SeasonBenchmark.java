package happysaucer.bench.season;

import com.sun.management.OperatingSystemMXBean;
import happysaucer.planner.SeasonPlan;
import happysaucer.planner.SeasonSolver;
import java.lang.management.ManagementFactory;
import java.nio.file.Path;
import java.time.Duration;
import java.util.concurrent.TimeUnit;

/** Solves a season of the puzzle with the application's own solver, rules and moves. */
public final class SeasonBenchmark {
  private static final int LOOK_MS = 50;

  /** What the compiler and the collector of the machine take beside the search, and its start. */
  private static final double STARTED_SECONDS = 3.5;

  private SeasonBenchmark() {}

  /**
   * @param args instance, seconds of CPU, and a plan that was made known where it is planned anew
   */
  public static void main(String[] args) throws Exception {
    SeasonPuzzle puzzle = SeasonPuzzle.read(Path.of(args[0]));
    double seconds = Double.parseDouble(args[1]);
    SeasonPlan plan = puzzle.plan();
    boolean again = args.length > 2;
    if (again) {
      puzzle.publish(plan, Path.of(args[2]));
    }
    SeasonSolver solver =
        again
            ? SeasonSolver.gently(Duration.ofMillis((long) (seconds * 1000)))
            // what starting costs is taken off: the search cools down towards its end
            : SeasonSolver.anew(
                Duration.ofMillis((long) (Math.max(1, seconds - STARTED_SECONDS) * 1000)),
                plan.weights());
    Thread watch = new Thread(() -> stopAt(seconds, solver));
    watch.setDaemon(true);
    watch.start();
    SeasonPlan best = solver.solve(plan, better -> {});
    System.out.print(SeasonPuzzle.text(best));
    System.err.printf("%s after %.1f s of CPU%n", best.score(), cpuSeconds());
  }

  private static void stopAt(double seconds, SeasonSolver solver) {
    try {
      while (cpuSeconds() < seconds) {
        TimeUnit.MILLISECONDS.sleep(LOOK_MS);
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    solver.stop();
  }

  private static double cpuSeconds() {
    return ((OperatingSystemMXBean) ManagementFactory.getOperatingSystemMXBean())
            .getProcessCpuTime()
        / 1e9;
  }
}
