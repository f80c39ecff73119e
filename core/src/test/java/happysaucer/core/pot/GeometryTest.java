package happysaucer.core.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.root.RootCut;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GeometryTest {
  /** Exact geometry, held to 0.5 %. */
  private static void close(double actual, double expected) {
    assertThat(actual).isCloseTo(expected, within(expected * 0.005));
  }

  @Test
  void aTaperedRoundPot() {
    Frustum pot = Frustum.round(250, 190, 240);
    close(pot.litres(), 9.180);
    close(pot.upTo(220).litres(), 8.217);
  }

  @Test
  void aBallAndItsFreshMedium() {
    double ball = Frustum.round(150, 110, 140).upTo(128).litres();
    double fill = Frustum.round(190, 140, 180).upTo(165).litres();
    close(ball, 1.666);
    close(fill, 3.462);
    close(ball / fill, 0.481);
    close(fill - ball, 1.797);
  }

  @Test
  void aSquarePot() {
    close(Frustum.rectangular(200, 160, 200, 160, 180).litres(), 5.856);
  }

  @Test
  void cutsRemoveTheirShare() {
    Frustum ball = Frustum.round(180, 150, 160);
    close(RootCut.of(ball, 40, 0).share(), 0.2165);
    close(RootCut.of(ball, 25, 15).share(), 0.4153);
  }

  @Test
  void fixedGapsWouldTakeOverHalfOfASmallBallAndOursDoNot() {
    Frustum ball = Frustum.round(120, 92, 100);
    assertThat(RootCut.of(ball, 25, 15).share()).isGreaterThan(0.5);
    assertThat(RootCut.forSamePot(ball).share()).isLessThan(0.33);
  }

  @ParameterizedTest
  @CsvSource({
    "100, 92, 10",
    "119.9, 110, 10",
    "120, 120, 15",
    "199, 180, 15",
    "200, 180, 20",
    "399, 360, 20",
    "400, 360, 35",
    // shallow ones give up an eighth of their depth, at least 5 mm
    "300, 80, 10",
    "400, 100, 12.5",
    "120, 110, 13.75",
    "3000, 20, 5"
  })
  void rimGapByWidthAndDepth(double topMm, double heightMm, double gapMm) {
    assertThat(Pot.rimGapMm(topMm, heightMm)).isEqualTo(gapMm);
  }

  @Test
  void clearanceIsTheLeastGapAtAnyHeight() {
    Pot pot = Pots.plastic(260, 200, 240);
    // 25 mm up the pot is 206.25 wide, at the ball's top 255 mm.
    assertThat(Clearance.leastMm(pot, Frustum.round(215, 170, 195), 25))
        .isCloseTo((206.25 - 170) / 2, within(1e-9));
    assertThat(Clearance.leastMm(pot, Frustum.round(240, 170, 195), 25))
        .isCloseTo((255 - 240) / 2.0, within(1e-9));
  }

  @Test
  void leanAndLightPotsTipSooner() {
    Pot pot = Pots.plastic(260);
    Standing upright = Standing.of(pot, 550, 5000, 2000, 1400, 0);
    Standing leaning = Standing.of(pot, 550, 5000, 2000, 1400, 8);
    Standing heavy = Standing.of(pot, 4000, 5000, 2000, 1400, 0);
    assertThat(leaning.pushN()).isLessThan(upright.pushN());
    assertThat(heavy.pushN()).isGreaterThan(upright.pushN());
    assertThat(heavy.tiltDegrees()).isGreaterThan(upright.tiltDegrees());
  }

  @Test
  void aBodyWithoutSizeIsRefused() {
    assertThatThrownBy(() -> Frustum.round(0, 10, 10)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void aRectangleIsWidestAcrossItsCorners() {
    Frustum box = Frustum.rectangular(300, 240, 400, 320, 200);
    assertThat(box.acrossTopMm()).isCloseTo(500, within(1e-9));
    assertThat(box.acrossBaseMm()).isCloseTo(400, within(1e-9));
    Frustum round = Frustum.round(300, 240, 200);
    assertThat(round.acrossTopMm()).isEqualTo(300);
    assertThat(round.acrossBaseMm()).isEqualTo(240);
  }

  @Test
  void scalingGrowsEveryLengthAndTheVolumeByItsCube() {
    Frustum box = Frustum.rectangular(300, 240, 400, 320, 200).scaled(0.5);
    assertThat(box).isEqualTo(Frustum.rectangular(150, 120, 200, 160, 100));
    assertThat(Frustum.round(200, 150, 180).scaled(2).litres())
        .isCloseTo(8 * Frustum.round(200, 150, 180).litres(), within(1e-9));
  }

  @Test
  void theTwoPartsOfACutBodyAddUp() {
    Frustum body = Frustum.round(250, 190, 240);
    assertThat(body.upTo(80).litres() + body.above(80).litres())
        .isCloseTo(body.litres(), within(1e-9));
    assertThat(body.above(0)).isEqualTo(body);
  }

  @Test
  void theWallIsThePerimeterTimesTheHeight() {
    assertThat(Frustum.round(200, 100, 300).wallM2())
        .isCloseTo(Math.PI * 150 * 300 / 1e6, within(1e-12));
    assertThat(Frustum.rectangular(200, 100, 80, 60, 300).wallM2())
        .isCloseTo((200 + 100 + 80 + 60) * 300 / 1e6, within(1e-12));
  }

  @Test
  void anEmptyPotWeighsItsWallAndFloor() {
    Frustum inside = Frustum.round(200, 160, 180);
    double cm2 = inside.wallM2() * 1e4 + inside.areaAt(0) / 100;
    assertThat(PotMass.estimateG(Material.PLASTIC, inside))
        .isCloseTo(cm2 * 0.14 * 0.95, within(1e-6));
    assertThat(PotMass.estimateG(Material.TERRACOTTA, inside))
        .isCloseTo(cm2 * 0.76 * 1.9, within(1e-6));
    assertThat(PotMass.estimateG(Material.CONCRETE, inside)).isCloseTo(cm2 * 2 * 2.2, within(1e-6));
    double last = 0;
    for (Material material :
        new Material[] {Material.FABRIC, Material.PLASTIC, Material.WOOD, Material.GLAZED}) {
      double grams = PotMass.estimateG(material, inside);
      assertThat(grams).isGreaterThan(last);
      last = grams;
    }
  }

  @Test
  void aPotMadeToMeasureKeepsItsMakeAndOpensItsMouth() {
    Pot urn =
        new Pot(
            "u",
            Shape.URN,
            Material.GLAZED,
            Frustum.round(300, 250, 280),
            200,
            270,
            4000,
            0,
            true,
            0,
            0);
    Pot made = urn.sized("to order", Frustum.round(340, 280, 300));
    assertThat(made.mouthMm()).isEqualTo(340);
    assertThat(made.footMm()).isEqualTo(280 + 20);
    assertThat(made.drainHoles()).isEqualTo(1);
    assertThat(made.material()).isEqualTo(Material.GLAZED);
    assertThat(made.massG()).isEqualTo(PotMass.estimateG(Material.GLAZED, made.inside()));
  }
}
