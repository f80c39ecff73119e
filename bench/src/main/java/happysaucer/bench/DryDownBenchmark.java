package happysaucer.bench;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Advise;
import happysaucer.core.book.Book;
import happysaucer.core.medium.Retention;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Material;
import happysaucer.core.pot.Pot;
import happysaucer.core.pot.Shape;
import happysaucer.core.water.Drying;
import happysaucer.core.water.WaterModel;
import java.time.LocalDate;
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

/** One dry-down of three stores in a pot. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
@Threads(1)
public class DryDownBenchmark {
  private final Book book = Cases.book();
  private final LocalDate day = LocalDate.of(2027, 3, 10);
  private final AdviceRequest request = Cases.quiet();
  private final WaterModel water = new Advise(book).water(request);
  private final WaterModel.Setting setting = setting();

  private WaterModel.Setting setting() {
    Retention foliage = book.media().retention(book.media().mix("foliage").orElseThrow());
    Pot pot =
        new Pot(
            "p",
            Shape.STANDARD,
            Material.PLASTIC,
            Frustum.round(260, 200, 240),
            260,
            206,
            550,
            6,
            false,
            0,
            0);
    return new WaterModel.Setting(pot, Frustum.round(215, 170, 195), 25, 0, foliage);
  }

  private final WaterModel.Bed bed = water.bed(setting);

  /** A pot that is asked about for the first time: its stores, then the first cycle. */
  @Benchmark
  public Drying newPot() {
    return water.after(water.bed(setting), day, WaterModel.Stage.UNTOUCHED);
  }

  @Benchmark
  public Drying firstCycle() {
    return water.after(bed, day, WaterModel.Stage.UNTOUCHED);
  }

  @Benchmark
  public Drying settled() {
    return water.settled(bed, day);
  }
}
