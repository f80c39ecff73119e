package happysaucer.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.Shipped;
import happysaucer.core.medium.Mix;
import happysaucer.core.medium.Retention;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Material;
import happysaucer.core.pot.Pots;
import happysaucer.core.species.Refill;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The fixed-step integration against a well-kept adaptive one, and what drives it. */
class DryDownTest {
  private static Retention mix(String code) {
    return Shipped.BOOK.media().retention(Shipped.BOOK.media().mix(code).orElseThrow());
  }

  private static Planted.Stores stores(double potMm, double ballMm, String mix) {
    Frustum ball = Frustum.round(ballMm, ballMm * 0.78, ballMm * 0.82);
    double bottom = Math.max(0, Pots.plastic(potMm).fill().heightMm() - ball.heightMm());
    return new Planted(Pots.plastic(potMm), ball, bottom, 0, mix("foliage"), mix(mix))
        .drained()
        .stores(0.8, 1);
  }

  private static DryDown.Drive drive(double uptake, double activity, double walls, Refill refill) {
    return new DryDown.Drive(uptake, 0.012, walls, 6, 0, 28, activity, 45, refill);
  }

  @ParameterizedTest
  @CsvSource({
    "230, 190, foliage, 0.10, 1.0, 0.00, HALF_DRY",
    "230, 190, foliage, 0.10, 1.0, 0.02, EVENLY_MOIST",
    "140, 110, succulent, 0.02, 0.8, 0.00, FULLY_DRY",
    "300, 240, chunky-aroid, 0.25, 0.6, 0.00, HALF_DRY",
    "120, 105, moisture, 0.08, 1.0, 0.01, EVENLY_MOIST",
    "260, 120, foliage, 0.03, 1.0, 0.00, HALF_DRY"
  })
  void agreesWithAnAdaptiveIntegratorWithinATenthOfADay(
      double pot,
      double ball,
      String mix,
      double uptake,
      double activity,
      double walls,
      Refill refill) {
    Planted.Stores caps = stores(pot, ball, mix);
    DryDown.Drive drive = drive(uptake, activity, walls, refill);
    DryDown.Cycle cycle = DryDown.run(caps, drive);

    double due = cycle.daysToRefill().orElseThrow();
    double[] store = ByLibrary.after(caps, drive, due);
    double reach = drive.reach(due);
    double left = store[0] + store[2] + reach * store[1];
    double spent = 1 - left / (caps.ball() + caps.top() + reach * caps.ring());
    assertThat(spent).isCloseTo(refill.spentShare(), within(0.006));
    double full = caps.ball() + caps.ring() + caps.top();
    assertThat(cycle.usedLitres())
        .isCloseTo(full - store[0] - store[1] - store[2], within(0.004 * full));

    double half = cycle.daysRingWet().orElseThrow();
    assertThat(ByLibrary.after(caps, drive, half)[1] / caps.ring()).isCloseTo(0.5, within(0.004));
    double top = cycle.daysToTopDry().orElseThrow();
    assertThat(1 - ByLibrary.after(caps, drive, top)[2] / caps.top()).isCloseTo(0.8, within(0.006));
  }

  @Test
  void nothingIsLostThatIsNotDrunkOrDried() {
    Planted.Stores caps = stores(230, 190, "foliage");
    double[] slopes = new DryDown(caps, drive(0, 1, 0, Refill.HALF_DRY)).slopes(0, 0.3, 0.4, 0);
    assertThat(slopes[0] + slopes[1] + slopes[2]).isCloseTo(0, within(1e-12));
  }

  @Test
  void storesEvenOutFromTheWetterToTheDrier() {
    Planted.Stores caps = stores(230, 190, "foliage");
    DryDown still = new DryDown(caps, drive(0, 1, 0, Refill.HALF_DRY));
    double[] wetBall = still.slopes(0, caps.ball(), caps.ring() / 2, caps.top() / 2);
    assertThat(wetBall[0]).isNegative();
    assertThat(wetBall[1]).isPositive();
    double[] wetRing = still.slopes(0, caps.ball() / 2, caps.ring(), caps.top() / 2);
    assertThat(wetRing[0]).isPositive();
    assertThat(wetRing[1]).isNegative();
  }

  @Test
  void stressSetsInBelowThirtyPerCentAndEndsAtNone() {
    Planted.Stores caps = stores(230, 190, "foliage");
    DryDown only =
        new DryDown(caps, new DryDown.Drive(0.1, 0, 0, 1e9, 0, 0, 1, 45, Refill.HALF_DRY));
    double full = only.slopes(0, caps.ball(), caps.ring(), caps.top())[0];
    assertThat(only.slopes(0, caps.ball() * 0.31, caps.ring(), caps.top())[0])
        .isCloseTo(full, within(1e-9));
    assertThat(only.slopes(0, caps.ball() * 0.15, caps.ring(), caps.top())[0])
        .isCloseTo(full / 2, within(1e-6));
    assertThat(only.slopes(0, 0, caps.ring(), caps.top())[0]).isCloseTo(0, within(1e-9));
  }

  @Test
  void rootsReachFreshMediumWithinTheirWeeksAndActivityComesBack() {
    DryDown.Drive drive = drive(0.1, 0.4, 0, Refill.HALF_DRY);
    assertThat(drive.reach(0)).isCloseTo(0.05, within(1e-12));
    assertThat(drive.reach(14)).isCloseTo(0.525, within(1e-12));
    assertThat(drive.reach(28)).isEqualTo(1);
    assertThat(drive.reach(90)).isEqualTo(1);
    assertThat(drive.activity(0)).isCloseTo(0.4, within(1e-12));
    assertThat(drive.activity(22.5)).isCloseTo(0.7, within(1e-12));
    assertThat(drive.activity(45)).isEqualTo(1);
  }

  @Test
  void aTopDryPlantWaitsForItsSurfaceButNotForEver() {
    Planted.Stores caps = stores(230, 190, "foliage");
    double byTop = DryDown.run(caps, drive(0.1, 1, 0, Refill.TOP_DRY)).daysToRefill().orElseThrow();
    double even =
        DryDown.run(caps, drive(0.1, 1, 0, Refill.EVENLY_MOIST)).daysToRefill().orElseThrow();
    double half = DryDown.run(caps, drive(0.1, 1, 0, Refill.HALF_DRY)).daysToRefill().orElseThrow();
    assertThat(byTop).isGreaterThan(even).isLessThanOrEqualTo(half + 1e-9);
  }

  @Test
  void aPlantThatDrinksNothingNeverAsksForWaterWithinTheHorizon() {
    Planted.Stores caps = stores(300, 150, "foliage");
    DryDown.Cycle cycle =
        DryDown.run(caps, new DryDown.Drive(0, 0, 0, 6, 0, 28, 1, 45, Refill.HALF_DRY));
    assertThat(cycle.daysToRefill()).isEqualTo(OptionalDouble.empty());
    assertThat(cycle.usedLitres()).isZero();
  }

  @Test
  void aPotWithoutFreshMediumHasNoWetRing() {
    Planted.Stores caps =
        new Planted(
                Pots.plastic(200), Pots.plastic(200).fill(), 0, 0, mix("foliage"), mix("foliage"))
            .drained()
            .stores(0.8, 1);
    assertThat(DryDown.run(caps, drive(0.1, 1, 0, Refill.HALF_DRY)).daysRingWet())
        .isEqualTo(OptionalDouble.of(0));
  }

  @Test
  void aBowlOfPeatyMixIsAirlessForAWhileAndADeepPotIsNot() {
    Retention compost = Shipped.BOOK.media().mix("foliage").orElseThrow().retention();
    Retention loam =
        new Mix(
                "loam",
                "loam",
                List.of(new Mix.Part(Shipped.BOOK.media().ingredient("LOAM").orElseThrow(), 1)),
                24,
                false,
                false,
                "",
                Optional.empty())
            .retention();
    Planted.Stores bowl =
        new Planted(
                Pots.of(Material.PLASTIC, 200, 180, 60),
                Frustum.round(150, 140, 40),
                0,
                0,
                loam,
                loam)
            .drained()
            .stores(0.5, 1);
    Planted.Stores deep =
        new Planted(Pots.plastic(260), Frustum.round(200, 160, 180), 30, 0, compost, compost)
            .drained()
            .stores(0.5, 1);
    assertThat(DryDown.run(bowl, drive(0.05, 1, 0, Refill.HALF_DRY)).daysAirless().orElse(99))
        .isPositive();
    assertThat(DryDown.run(deep, drive(0.05, 1, 0, Refill.HALF_DRY)).daysAirless())
        .isEqualTo(OptionalDouble.of(0));
  }

  @Test
  void rootsTakeTheRoomOfWaterAndTheBallCanBeScaledToItsOwnRecord() {
    Planted planted =
        new Planted(
            Pots.plastic(230), Frustum.round(190, 150, 160), 30, 0, mix("foliage"), mix("foliage"));
    Planted.Drained drained = planted.drained();
    double empty = drained.stores(0, 1).ball();
    assertThat(drained.stores(1, 1).ball()).isCloseTo(0.6 * empty, within(1e-12));
    assertThat(drained.stores(0.5, 2).ball()).isCloseTo(1.6 * empty, within(1e-12));
    assertThat(drained.stores(1, 1).ring()).isEqualTo(drained.stores(0, 1).ring());
  }
}
