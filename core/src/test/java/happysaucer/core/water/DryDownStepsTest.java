package happysaucer.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.species.Refill;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One step of the integration: of fourth order, and never so long that it swings. */
class DryDownStepsTest {
  private static final Planted.Stores THREE = new Planted.Stores(1.2, 0.9, 0.4, 2.6, 2.2, 0.5, 0.3);
  private static final Planted.Stores NO_RING = new Planted.Stores(0.5, 0, 0.2, 1.3, 0, 0.4, 0.1);

  private static DryDown.Drive drive(
      double uptake, double surface, double walls, double reachDays) {
    return new DryDown.Drive(
        uptake, surface, walls, 6, 0, reachDays, 0.6, reachDays, Refill.HALF_DRY);
  }

  @ParameterizedTest
  @CsvSource({"0.06, 0.02, 0.01, 28", "0.12, 0.01, 0.03, 40", "0.02, 0.05, 0.00, 20"})
  void whileNothingIsScarceItIsRightToAMillionth(
      double uptake, double surface, double walls, double reachDays) {
    DryDown.Drive drive = drive(uptake, surface, walls, reachDays);
    Wet after = DryDown.after(Wet.full(THREE), 2, THREE, drive);
    double[] library = ByLibrary.after(THREE, drive, 2);

    assertThat(after.ball()).isCloseTo(library[0], within(1e-6));
    assertThat(after.ring()).isCloseTo(library[1], within(1e-6));
    assertThat(after.top()).isCloseTo(library[2], within(1e-6));
  }

  /**
   * The fastest a wetness can change with all others, a day: the largest row sum of the Jacobian,
   * where everything is scarce and all roots are at work.
   */
  private static double fastest(Planted.Stores caps, DryDown.Drive drive) {
    DryDown model = new DryDown(caps, drive);
    double[] capacity = {caps.ball(), caps.ring(), caps.top()};
    double[] at = {0.1, caps.ring() > 0 ? 0.1 : 0, 0.1};
    double[] rows = new double[3];
    for (int by = 0; by < 3; by++) {
      double[] moved = at.clone();
      moved[by] += 0.01;
      double[] before = slopes(model, capacity, at);
      double[] after = slopes(model, capacity, moved);
      for (int row = 0; row < 3; row++) {
        rows[row] +=
            capacity[row] > 0 ? Math.abs(after[row] - before[row]) / 0.01 / capacity[row] : 0;
      }
    }
    return Math.max(rows[0], Math.max(rows[1], rows[2]));
  }

  private static double[] slopes(DryDown model, double[] capacity, double[] wetness) {
    return model.slopes(
        0, wetness[0] * capacity[0], wetness[1] * capacity[1], wetness[2] * capacity[2]);
  }

  private static DryDown.Drive atWork(double uptake, double surface, double walls) {
    return new DryDown.Drive(uptake, surface, walls, 0.4, 0, 0, 1, 0, Refill.HALF_DRY);
  }

  @ParameterizedTest
  @CsvSource({"6, 0.01, 0", "3, 0.3, 0", "0.2, 5, 0", "0.001, 0.001, 0"})
  void withoutARingTheStepIsOneAndAQuarterOverTheFastestRate(
      double uptake, double surface, double walls) {
    DryDown.Drive drive = atWork(uptake, surface, walls);

    assertThat(new DryDown(NO_RING, drive).stableStep())
        .isCloseTo(1.25 / fastest(NO_RING, drive), within(1e-6));
  }

  @ParameterizedTest
  @CsvSource({"0.0001, 0.001, 9", "0.0001, 9, 0.001", "0.0001, 0.001, 0.001"})
  void withARingItIsTheSameWhileRootsDrinkLittle(double uptake, double surface, double walls) {
    DryDown.Drive drive = atWork(uptake, surface, walls);

    assertThat(new DryDown(THREE, drive).stableStep())
        .isCloseTo(1.25 / fastest(THREE, drive), within(1e-3));
  }

  @ParameterizedTest
  @CsvSource({"20, 0.01, 0", "8, 1, 4", "40, 9, 9"})
  void withARingItIsNeverLongerThanWhatIsStable(double uptake, double surface, double walls) {
    DryDown.Drive drive = atWork(uptake, surface, walls);

    assertThat(new DryDown(THREE, drive).stableStep())
        .isLessThanOrEqualTo(1.25 / fastest(THREE, drive) + 1e-9)
        .isGreaterThan(0.3 / fastest(THREE, drive));
  }

  @Test
  void itNeverGetsShorterThanAQuarterOfAnHour() {
    assertThat(new DryDown(NO_RING, atWork(4000, 900, 0)).stableStep()).isEqualTo(0.01);
  }

  @Test
  void whereNothingMovesItIsADay() {
    DryDown.Drive still = new DryDown.Drive(0, 0, 0, 1e9, 0, 0, 1, 0, Refill.HALF_DRY);

    assertThat(new DryDown(THREE, still).stableStep()).isEqualTo(1);
  }
}
