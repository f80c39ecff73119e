package happysaucer.core.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Gaps reckoned by hand. */
class ClearanceTest {
  private static Pot shaped(Shape shape, Frustum inside) {
    return new Pot(
        "test",
        shape,
        Material.PLASTIC,
        inside,
        inside.topMm(),
        inside.baseMm() + 6,
        400,
        6,
        false,
        0,
        0);
  }

  @Test
  void theNarrowerEndOfTheBallDecides() {
    Pot pot = Pots.plastic(200, 160, 200);

    // top of the ball at 170 of 200: inside 194 there; its base at 20: 164
    assertThat(Clearance.leastMm(pot, Frustum.round(180, 130, 150), 20)).isCloseTo(7, within(1e-9));
    assertThat(Clearance.leastMm(pot, Frustum.round(150, 140, 150), 20))
        .isCloseTo(12, within(1e-9));
    // a ball as high as the pot is measured at the rim, one below the floor on it
    assertThat(Clearance.leastMm(pot, Frustum.round(190, 130, 260), 20)).isCloseTo(5, within(1e-9));
    assertThat(Clearance.leastMm(pot, Frustum.round(150, 140, 150), -30))
        .isCloseTo(10, within(1e-9));
  }

  @Test
  void aRectangularBallInARoundPotCountsByItsCorners() {
    Pot pot = Pots.plastic(200, 200, 200);
    Frustum ball = Frustum.rectangular(90, 90, 120, 120, 100);

    assertThat(Clearance.leastMm(pot, ball, 0)).isCloseTo((200 - 150) / 2.0, within(1e-9));
  }

  @Test
  void inATroughTheTighterWayDecides() {
    Pot trough = shaped(Shape.TROUGH, Frustum.rectangular(400, 360, 200, 160, 200));
    Frustum ball = Frustum.rectangular(300, 300, 150, 150, 100);

    // along 400 and 360 against 300, across 180 and 160 against 150, each at half its height
    assertThat(Clearance.leastMm(trough, ball, 0)).isCloseTo(5, within(1e-9));
    assertThat(Clearance.leastMm(trough, Frustum.rectangular(360, 340, 90, 90, 100), 0))
        .isCloseTo(10, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"149, 8", "150, 12", "300, 12"})
  void aSmallPotIsWorkedWithLess(double topMm, double comfortMm) {
    assertThat(Clearance.comfortMm(Pots.plastic(topMm))).isEqualTo(comfortMm);
  }

  @ParameterizedTest
  @CsvSource({
    "STANDARD, 60, 8",
    "STANDARD, 80, 8",
    "STANDARD, 165, 14",
    "STANDARD, 250, 20",
    "STANDARD, 500, 20",
    "SHALLOW, 165, 7",
    "BOWL, 250, 10",
    "DEEP, 250, 20"
  })
  void theBaseLayerGrowsWithThePotAndIsHalfInShallowOnes(Shape shape, double topMm, double baseMm) {
    Pot pot = shaped(shape, Frustum.round(topMm, topMm * 0.8, topMm * 0.8));

    assertThat(Clearance.comfortBaseMm(pot)).isCloseTo(baseMm, within(1e-9));
  }
}
