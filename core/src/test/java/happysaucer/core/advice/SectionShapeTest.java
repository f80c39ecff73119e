package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Where things stand in a section, drawn or printed. */
class SectionShapeTest {
  private static Advice.Outline outline(String shape, double top, double base, double height) {
    return new Advice.Outline(shape, top, base, height, null, null, null);
  }

  private static final Advice.Outline OLD = outline("STANDARD", 230, 175, 220);
  private static final Advice.Outline BALL = outline("BALL", 215, 170, 195);

  private static Advice.Stand stand(
      Advice.Outline after, Advice.Outline pot, Advice.Levels levels) {
    return SectionShape.of(OLD, pot, BALL, after, levels);
  }

  @Test
  void theOldSoilLineStaysLevelWithThatOfTheNewPot() {
    Advice.Stand shape =
        stand(BALL, outline("STANDARD", 260, 200, 240), new Advice.Levels(20, 25, 0));
    assertThat(shape.fillMm()).isEqualTo(220);
    assertThat(shape.bottomMm()).isEqualTo(25);
    assertThat(shape.soilMm()).isEqualTo(195);
    assertThat(shape.beforeBottomMm()).isEqualTo(25);
    assertThat(shape.oldFloorMm() + OLD.heightMm() - 20).isEqualTo(25 + 195);
    assertThat(shape.widestMm()).isEqualTo(260);
  }

  @Test
  void aSlicedBaseReachesBelowTheNewOneAndStaysInTheDrawing() {
    Advice.Outline cut = outline("BALL", 190, 160, 150);
    Advice.Stand shape = stand(cut, outline("BOWL", 240, 200, 190), new Advice.Levels(20, 20, 0));
    assertThat(shape.beforeBottomMm()).isEqualTo(20 + 150 - 195);
    assertThat(shape.lowestMm()).isLessThanOrEqualTo(shape.beforeBottomMm());
    assertThat(shape.highestMm()).isGreaterThanOrEqualTo(190);
  }

  @Test
  void whatStandsOverTheLevelIsBaredOnlyWhereTheBaseIsShown() {
    Advice.Outline pot = outline("BOWL", 240, 200, 210);
    Advice.Stand raised = stand(BALL, pot, new Advice.Levels(20, 20, 25));
    assertThat(raised.soilMm()).isEqualTo(170);
    assertThat(raised.highestMm()).isEqualTo(raised.oldFloorMm() + OLD.heightMm());
    Advice.Stand tooTall = stand(BALL, pot, new Advice.Levels(20, 20, 0));
    assertThat(tooTall.soilMm()).isEqualTo(195);
  }

  @Test
  void inItsOwnPotThereIsNoOtherAndTheBallStoodOnTheFloor() {
    Advice.Outline cut = outline("BALL", 200, 165, 170);
    Advice.Stand shape = stand(cut, null, new Advice.Levels(20, 14, 0));
    assertThat(shape.oldFloorMm()).isNull();
    assertThat(shape.beforeBottomMm()).isZero();
    assertThat(shape.lowestMm()).isZero();
  }

  @Test
  void whereNothingIsPlannedThePotItStandsInIsDrawn() {
    Advice.Stand shape = stand(BALL, null, null);
    assertThat(shape.fillMm()).isEqualTo(200);
    assertThat(shape.bottomMm()).isZero();
    assertThat(shape.oldFloorMm()).isNull();
  }
}
