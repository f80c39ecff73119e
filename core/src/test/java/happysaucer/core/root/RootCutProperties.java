package happysaucer.core.root;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.pot.Frustum;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class RootCutProperties {
  private static Frustum ball(double top, double taper, double depth) {
    return Frustum.round(top, top * taper, top * depth);
  }

  @Property(tries = 300)
  void aWantedShareIsTakenExactlyBaseFirst(
      @ForAll @DoubleRange(min = 80, max = 500) double top,
      @ForAll @DoubleRange(min = 0.6, max = 1) double taper,
      @ForAll @DoubleRange(min = 0.5, max = 1.2) double depth,
      @ForAll @DoubleRange(min = 0.02, max = 0.6) double share) {
    Frustum ball = ball(top, taper, depth);
    RootCut cut = RootCut.forShare(ball, share);
    assertThat(cut.share()).isCloseTo(share, within(1e-6));
    assertThat(cut.baseSliceMm()).isLessThanOrEqualTo(ball.heightMm() / 4 + 1e-9);
    if (cut.sideShaveMm() > 1e-9) {
      assertThat(cut.baseSliceMm()).isCloseTo(ball.heightMm() / 4, within(1e-6));
    }
  }

  @Property(tries = 300)
  void moreOffTakesMore(
      @ForAll @DoubleRange(min = 80, max = 500) double top,
      @ForAll @DoubleRange(min = 1, max = 20) double slice,
      @ForAll @DoubleRange(min = 1, max = 12) double shave) {
    Frustum ball = ball(top, 0.8, 0.85);
    double share = RootCut.of(ball, slice, shave).share();
    assertThat(share).isBetween(0.0, 1.0);
    assertThat(RootCut.of(ball, slice + 1, shave).share()).isGreaterThan(share);
    assertThat(RootCut.of(ball, slice, shave + 1).share()).isGreaterThan(share);
  }

  @Property(tries = 200)
  void theSamePotGetsItsGapsUnderAndAround(@ForAll @DoubleRange(min = 80, max = 600) double top) {
    Frustum ball = ball(top, 0.8, 0.85);
    RootCut cut = RootCut.forSamePot(ball);
    assertThat(cut.baseSliceMm()).isEqualTo(Math.max(10, 0.08 * ball.heightMm()));
    assertThat(cut.sideShaveMm()).isEqualTo(Math.max(6, 0.04 * top));
    // Gaps that scale with the ball stay far from half of it, however small it is.
    assertThat(cut.share()).isLessThan(0.45);
  }

  @Test
  void theFiguresOfTheBrief() {
    Frustum ball = Frustum.round(180, 150, 160);
    assertThat(RootCut.of(ball, 40, 0).share()).isCloseTo(0.2165, within(0.0005));
    assertThat(RootCut.of(ball, 25, 15).share()).isCloseTo(0.4153, within(0.0005));
  }

  @Test
  void moreThanThereIsCannotBeCut() {
    Frustum ball = Frustum.round(100, 80, 90);
    assertThat(RootCut.of(ball, 90, 0)).isEqualTo(RootCut.of(ball, 0.75 * 90, 0));
    RootCut cut = RootCut.of(ball, 10, 45);
    assertThat(cut.sideShaveMm()).isLessThan(40);
    assertThat(cut.share()).isBetween(0.9, 1.0);
  }
}
