package happysaucer.core.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class StandingProperties {
  private static final Pot POT = Pots.plastic(230);

  private static Standing at(
      double potG, double mediumG, double topG, double plantMm, double lean) {
    return Standing.of(POT, potG, mediumG, topG, plantMm, lean);
  }

  @Test
  void pushAndTiltFollowFromMassCentreAndFoot() {
    Standing standing = at(500, 6000, 1500, 1500, 0);
    double fill = POT.fill().heightMm();
    double top = fill + 750;
    double centre = (500 * POT.heightMm() * 0.45 + 6000 * fill * 0.52 + 1500 * top) / 8000;
    double half = POT.footMm() / 2;
    assertThat(standing.tiltDegrees())
        .isCloseTo(Math.toDegrees(Math.atan(half / centre)), within(1e-9));
    assertThat(standing.pushN()).isCloseTo(8 * 9.81 * half / (fill + 0.6 * 1500), within(1e-9));
  }

  @Test
  void aPushIsNeverTakenHigherThanAPersonLeans() {
    Standing tall = at(500, 6000, 1500, 4000, 0);
    assertThat(tall.pushAtMm()).isEqualTo(1200);
    assertThat(at(500, 6000, 1500, 500, 0).pushAtMm()).isLessThan(600);
  }

  @Test
  void aLeaningTopEatsTheSupportAndAtLastTips() {
    assertThat(at(500, 6000, 1500, 1500, 8).pushN())
        .isLessThan(at(500, 6000, 1500, 1500, 0).pushN());
    assertThat(at(500, 1000, 3000, 2000, 40).pushN()).isZero();
    assertThat(at(500, 1000, 3000, 2000, 40).tiltDegrees()).isZero();
  }

  @Test
  void gradesGoUpToWhereChildrenPlay() {
    assertThat(at(300, 3000, 1500, 1500, 0).nextGradeN()).isEqualTo(OptionalDouble.of(6));
    assertThat(at(500, 7500, 1500, 1200, 0).nextGradeN()).isEqualTo(OptionalDouble.of(12));
    assertThat(at(3000, 12000, 1500, 1000, 0).nextGradeN()).isEqualTo(OptionalDouble.of(25));
    assertThat(at(30000, 30000, 1500, 900, 0).nextGradeN()).isEmpty();
  }

  /** The inverse: with so much more mass, or so wide a foot, it takes exactly the wanted push. */
  @Property(tries = 300)
  void whatIsMissingBringsItExactlyThere(
      @ForAll @DoubleRange(min = 300, max = 4000) double potG,
      @ForAll @DoubleRange(min = 2000, max = 9000) double mediumG,
      @ForAll @DoubleRange(min = 200, max = 3000) double topG,
      @ForAll @DoubleRange(min = 500, max = 2500) double plantMm,
      @ForAll @DoubleRange(min = 0, max = 5) double lean) {
    Standing standing = at(potG, mediumG, topG, plantMm, lean);
    double wanted = 30;
    double added = standing.addedMassG(wanted) / 1000;
    double mass = standing.massKg() + added;
    double free = standing.supportMm() - standing.leanKgMm() / mass;
    if (added > 0) {
      assertThat(mass * 9.81 * free / standing.pushAtMm()).isCloseTo(wanted, within(1e-6));
    }
    double half = standing.footForMm(wanted) / 2;
    double freeWide = half - standing.leanKgMm() / standing.massKg();
    assertThat(standing.massKg() * 9.81 * freeWide / standing.pushAtMm())
        .isCloseTo(wanted, within(1e-6));
  }

  @Test
  void whatStandsNeedsNothingAdded() {
    assertThat(at(30000, 30000, 1500, 900, 0).addedMassG(25)).isZero();
  }
}
