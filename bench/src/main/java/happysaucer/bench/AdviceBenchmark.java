package happysaucer.bench;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Advise;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Threads;
import org.openjdk.jmh.annotations.Warmup;

/** Full advices per second on one thread. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 5, time = 2)
@Fork(1)
@Threads(1)
public class AdviceBenchmark {
  private final Advise advise = new Advise(Cases.book());
  private final AdviceRequest quiet = Cases.quiet();
  private final AdviceRequest noStock = Cases.crowded(List.of());
  private final AdviceRequest tradeSizes = Cases.crowded(null);
  private final AdviceRequest six = Cases.crowded(Cases.six());

  /** Nothing is due, so no pots are compared. */
  @Benchmark
  public Advice nothingDue() {
    return advise.advise(quiet);
  }

  /** An empty shelf: the pot to order is found among the trade sizes. */
  @Benchmark
  public Advice noCandidates() {
    return advise.advise(noStock);
  }

  /** No stock given: standard trade sizes are offered. */
  @Benchmark
  public Advice standardTradeSizes() {
    return advise.advise(tradeSizes);
  }

  @Benchmark
  public Advice sixCandidates() {
    return advise.advise(six);
  }
}
