package happysaucer.core.water;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.Shipped;
import happysaucer.core.medium.Retention;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Material;
import happysaucer.core.pot.Pot;
import happysaucer.core.pot.Pots;
import happysaucer.core.species.Refill;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;

/** As experience says: what makes a pot last longer or shorter. */
class WaterProperties {
  private static Retention mix(String code) {
    return Shipped.BOOK.media().retention(Shipped.BOOK.media().mix(code).orElseThrow());
  }

  private static DryDown.Cycle cycle(
      Pot pot, double ballTop, Retention medium, double uptake, double activity, double walls) {
    Frustum ball = Frustum.round(ballTop, ballTop * 0.78, ballTop * 0.85);
    Planted planted =
        new Planted(
            pot, ball, Math.max(0, pot.fill().heightMm() - ball.heightMm()), 0, medium, medium);
    return DryDown.run(
        planted.drained().stores(0.8, 1),
        new DryDown.Drive(uptake, 0.01, walls, 6, 0, 28, activity, 45, Refill.HALF_DRY));
  }

  @Property
  void moreLightOrSeasonDriesSooner(
      @ForAll @DoubleRange(min = 0.02, max = 0.3) double uptake,
      @ForAll @DoubleRange(min = 1.1, max = 2) double more) {
    Pot pot = Pots.plastic(230);
    double slow = cycle(pot, 190, mix("foliage"), uptake, 1, 0).daysToRefill().orElse(999);
    double fast = cycle(pot, 190, mix("foliage"), uptake * more, 1, 0).daysToRefill().orElse(999);
    assertThat(fast).isLessThan(slow);
  }

  @Property
  void cutCanopyDriesLater(@ForAll @DoubleRange(min = 0.2, max = 0.8) double activity) {
    Pot pot = Pots.plastic(230);
    assertThat(cycle(pot, 190, mix("foliage"), 0.1, activity, 0).daysToRefill().orElse(999))
        .isGreaterThan(cycle(pot, 190, mix("foliage"), 0.1, 1, 0).daysToRefill().orElse(999));
  }

  @Property
  void aBiggerPotKeepsItsFreshMediumWetLonger(
      @ForAll @DoubleRange(min = 20, max = 80) double step) {
    double small =
        cycle(Pots.plastic(220), 190, mix("foliage"), 0.08, 1, 0).daysRingWet().orElse(999);
    double large =
        cycle(Pots.plastic(220 + step), 190, mix("foliage"), 0.08, 1, 0).daysRingWet().orElse(999);
    assertThat(large).isGreaterThan(small);
  }

  @Property
  void unglazedWallsDrySooner(@ForAll @DoubleRange(min = 0.02, max = 0.2) double uptake) {
    Pot clay = Pots.of(Material.TERRACOTTA, 230, 175, 212);
    double walls = 0.35 * clay.fill().wallM2();
    assertThat(cycle(clay, 190, mix("foliage"), uptake, 1, walls).daysRingWet().orElse(999))
        .isLessThan(cycle(clay, 190, mix("foliage"), uptake, 1, 0).daysRingWet().orElse(999));
  }

  /** Whatever it drinks, it asks for water when that share of its water is gone, and no other. */
  @Property
  void atItsRefillPointThatShareOfTheWaterIsGone(
      @ForAll @DoubleRange(min = 0.02, max = 2) double uptake) {
    Pot pot = Pots.plastic(230);
    Frustum ball = Frustum.round(190, 150, 160);
    Planted.Stores stores =
        new Planted(pot, ball, 30, 0, mix("foliage"), mix("foliage")).drained().stores(0.8, 1);
    DryDown.Cycle cycle =
        DryDown.run(stores, new DryDown.Drive(uptake, 0.02, 0, 6, 0, 0, 1, 45, Refill.FULLY_DRY));
    double share = cycle.usedLitres() / (stores.ball() + stores.ring() + stores.top());
    assertThat(share).isBetween(0.78, 0.82);
  }
}
