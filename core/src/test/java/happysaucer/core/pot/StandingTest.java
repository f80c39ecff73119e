package happysaucer.core.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.unit.About;
import happysaucer.core.unit.Mass;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Standing reckoned by hand. */
class StandingTest {
  private final Pot pot = Pots.plastic(200, 150, 180);

  private static Standing pushed(double newton) {
    return new Standing(20, newton, 5, 30, 80, 700, 2);
  }

  @Test
  void massesTurnAboutTheEdgeOfTheFoot() {
    double fill = pot.fill().heightMm();
    double topCentre = fill + 600 * 0.5;
    double moment = 1000 * topCentre * Math.tan(Math.toRadians(5));
    double free = 78 - moment / 5400;
    double centre = (400 * 180 * 0.45 + 4000 * fill * 0.52 + 1000 * topCentre) / 5400;
    Standing standing = Standing.of(pot, 400, 4000, 1000, 600, 5);

    assertThat(standing.massKg()).isCloseTo(5.4, within(1e-9));
    assertThat(standing.leanKgMm()).isCloseTo(moment / 1000, within(1e-9));
    assertThat(standing.pushAtMm()).isCloseTo(fill + 360, within(1e-9));
    assertThat(standing.pushN()).isCloseTo(5.4 * 9.81 * free / (fill + 360), within(1e-9));
    assertThat(standing.tiltDegrees())
        .isCloseTo(Math.toDegrees(Math.atan(free / centre)), within(1e-9));
    assertThat(standing.footPerSupport()).isCloseTo(2, within(1e-9));
  }

  @Test
  void nobodyPushesHigherThanAHandReaches() {
    assertThat(Standing.of(pot, 400, 4000, 1000, 4000, 0).pushAtMm()).isEqualTo(1200);
  }

  @Test
  void whatLeansPastItsFootStandsNoPush() {
    assertThat(Standing.of(pot, 100, 500, 3000, 1500, 40).pushN()).isZero();
  }

  @ParameterizedTest
  @CsvSource({"0, 6", "5.9, 6", "6, 12", "11.9, 12", "12, 25", "24.9, 25"})
  void theNextGradeIsTheOneNotReachedYet(double pushN, double next) {
    assertThat(pushed(pushN).nextGradeN()).isEqualTo(OptionalDouble.of(next));
  }

  @Test
  void whatStandsAmongChildrenHasNoNextGrade() {
    assertThat(pushed(25).nextGradeN()).isEmpty();
  }

  @Test
  void theMassThatIsToldLiftsItJustToThatPush() {
    Standing standing = pushed(5);
    double added = standing.addedMassG(12);

    assertThat(added).isCloseTo((12 * 700 / 9.81 + 30) / 80 * 1000 - 5000, within(1e-9));
    assertThat(9.81 * ((5 + added / 1000) * 80 - 30) / 700).isCloseTo(12, within(1e-9));
    assertThat(standing.addedMassG(0.1)).isZero();
    assertThat(standing.footForMm(12)).isCloseTo(2 * (12 * 700 / 9.81 + 30) / 5, within(1e-9));
  }

  @Test
  void aPushIsFeltAsTheMassThatPressesSo() {
    assertThat(Standing.pushAsMass(9.81)).isEqualTo(About.of(Mass.ofGrams(1000)));
    assertThat(Standing.pushAsMass(19.62)).isEqualTo(About.of(Mass.ofGrams(2000)));
  }
}
