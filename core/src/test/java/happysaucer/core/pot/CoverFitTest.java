package happysaucer.core.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class CoverFitTest {
  private static Pot cover(double top, double base, double height, double mouth) {
    return new Pot(
        "c",
        Shape.STANDARD,
        Material.GLAZED,
        Frustum.round(top, base, height),
        mouth,
        base + 18,
        3000,
        0,
        false,
        0,
        0);
  }

  private final Pot grow = Pots.plastic(190, 144, 175);

  @Test
  void theTighterEndDecides() {
    // outside 196 at the rim and 150 at the foot; the cover is 220 at the rim's height
    assertThat(CoverFit.gapMm(grow, cover(220, 200, 175, 220))).isCloseTo(12, within(0.01));
    assertThat(CoverFit.gapMm(grow, cover(260, 156, 175, 260))).isCloseTo(3, within(0.01));
  }

  @Test
  void aGrowPotNeedsRoomForFingersAndMayNotTowerOverItsCover() {
    assertThat(CoverFit.fits(grow, cover(210, 180, 190, 210))).isTrue();
    assertThat(CoverFit.fits(grow, cover(199, 180, 190, 199))).isFalse();
    assertThat(CoverFit.fits(grow, cover(230, 180, 150, 230))).isFalse();
  }

  @Test
  void aPotIsLostInACoverMuchTooWideOrTooDeep() {
    assertThat(CoverFit.fits(grow, cover(270, 230, 190, 270))).isFalse();
    assertThat(CoverFit.fits(grow, cover(215, 190, 280, 215))).isFalse();
  }

  @Test
  void aNarrowMouthKeepsItOut() {
    assertThat(CoverFit.fits(grow, cover(230, 190, 200, 230))).isTrue();
    assertThat(CoverFit.fits(grow, cover(230, 190, 200, 190))).isFalse();
  }

  @Test
  void aSquarePotGoesIntoARoundCoverByItsCorners() {
    Pot square =
        new Pot(
            "s",
            Shape.SQUARE,
            Material.PLASTIC,
            Frustum.rectangular(140, 120, 140, 120, 140),
            140,
            126,
            200,
            4,
            false,
            0,
            0);
    assertThat(CoverFit.fits(square, cover(190, 180, 150, 190))).isFalse();
    assertThat(CoverFit.fits(square, cover(220, 200, 150, 220))).isTrue();
  }

  @Test
  void onThreeFeetItStandsOnHalfTheRadiusAndOnFourOnTheSquare() {
    assertThat(feet(0).supportMm()).isEqualTo(100);
    assertThat(feet(3).supportMm()).isEqualTo(50);
    assertThat(feet(4).supportMm()).isCloseTo(70.71, within(0.01));
    Standing three = Standing.of(feet(3), 900, 4000, 800, 900, 0);
    Standing flat = Standing.of(feet(0), 900, 4000, 800, 900, 0);
    assertThat(three.pushN()).isCloseTo(flat.pushN() / 2, within(1e-6));
    assertThat(three.footForMm(25)).isCloseTo(2 * flat.footForMm(25), within(1e-6));
  }

  private static Pot feet(int feet) {
    return new Pot(
        "f",
        Shape.SHALLOW,
        Material.GLAZED,
        Frustum.round(240, 182, 120),
        240,
        200,
        900,
        4,
        false,
        feet,
        2);
  }

  @Test
  void gapsOfCornersAndOfLongSidesAreReckonedAtBothEnds() {
    Pot square = grows(Frustum.rectangular(140, 120, 100, 90, 140), 126);
    // the wall is 36 thick, since its foot is told across the narrower side
    Pot round = cover(260, 240, 140, 300);
    assertThat(CoverFit.gapMm(square, round))
        .isCloseTo(
            Math.min(260 - Math.hypot(176, 136), 240 - Math.hypot(156, 126)) / 2, within(1e-9));
    Pot wideAtTheRim = cover(400, 210, 140, 400);
    assertThat(CoverFit.gapMm(square, wideAtTheRim))
        .isCloseTo((210 - Math.hypot(156, 126)) / 2, within(1e-9));
    Pot trough = grows(Frustum.rectangular(300, 280, 200, 150, 200), 286);
    assertThat(CoverFit.gapMm(square, trough)).isCloseTo((150 - 126) / 2.0, within(1e-9));
    Pot longTrough = grows(Frustum.rectangular(180, 158, 300, 290, 140), 164);
    assertThat(CoverFit.gapMm(square, longTrough)).isCloseTo((158 - 156) / 2.0, within(1e-9));
  }

  private static Pot grows(Frustum inside, double footMm) {
    return new Pot(
        "g",
        Shape.TROUGH,
        Material.PLASTIC,
        inside,
        Math.max(inside.topMm(), inside.topDepthMm()),
        footMm,
        200,
        4,
        false,
        0,
        0);
  }

  @Test
  void theLimitsThemselvesStillFit() {
    // outside 196: five millimetres all round in 206, at feet that leave more
    assertThat(CoverFit.gapMm(grow, cover(201, 190, 175, 300))).isCloseTo(2.5, within(1e-9));
    assertThat(CoverFit.goesIn(grow, cover(201, 190, 175, 300))).isTrue();
    assertThat(CoverFit.goesIn(grow, cover(201, 201, 160, 300))).isTrue();
    assertThat(CoverFit.goesIn(grow, cover(201, 201, 159.9, 300))).isFalse();
    assertThat(CoverFit.fits(grow, cover(256, 256, 175, 256))).isTrue();
    assertThat(CoverFit.fits(grow, cover(215, 215, 262.5, 215))).isTrue();
  }
}
