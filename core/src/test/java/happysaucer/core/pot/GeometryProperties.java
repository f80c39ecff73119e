package happysaucer.core.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.root.RootCut;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;

class GeometryProperties {
  @Property
  void aPotCutInTwoHoldsAsMuchAsBothParts(
      @ForAll @DoubleRange(min = 60, max = 900) double top,
      @ForAll @DoubleRange(min = 0.5, max = 1.2) double taper,
      @ForAll @DoubleRange(min = 0.1, max = 0.9) double at) {
    Frustum pot = Frustum.round(top, top * taper, top * 0.9);
    double z = pot.heightMm() * at;
    double below = pot.upTo(z).litres();
    double above = pot.without(z, 0).litres();
    assertThat(below + above).isCloseTo(pot.litres(), within(pot.litres() * 1e-9));
  }

  @Property
  void aWiderPotHoldsMoreAndItsFillIsLessThanItsInside(
      @ForAll @DoubleRange(min = 60, max = 900) double top,
      @ForAll @DoubleRange(min = 1, max = 80) double step) {
    Pot small = Pots.plastic(top);
    Pot large = Pots.plastic(top + step);
    assertThat(large.inside().litres()).isGreaterThan(small.inside().litres());
    assertThat(small.fill().litres()).isLessThan(small.inside().litres());
  }

  @Property
  void theCutForAShareTakesThatShareAndSlicesAtMostAQuarterOfTheHeight(
      @ForAll @DoubleRange(min = 60, max = 600) double top,
      @ForAll @DoubleRange(min = 0.02, max = 0.6) double share) {
    Frustum ball = Frustum.round(top, top * 0.8, top * 0.9);
    RootCut cut = RootCut.forShare(ball, share);
    assertThat(cut.share()).isCloseTo(share, within(1e-6));
    assertThat(cut.baseSliceMm()).isLessThanOrEqualTo(ball.heightMm() / 4 + 1e-9);
  }
}
