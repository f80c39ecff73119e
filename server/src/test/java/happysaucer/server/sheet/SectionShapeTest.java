package happysaucer.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.advice.Advice;
import org.junit.jupiter.api.Test;

/** Where things stand in a printed section. */
class SectionShapeTest {
  private static Advice.Outline outline(String shape, double top, double base, double height) {
    return new Advice.Outline(shape, top, base, height, null, null, null);
  }

  private static final Advice.Outline OLD = outline("STANDARD", 230, 175, 220);
  private static final Advice.Outline BALL = outline("BALL", 215, 170, 195);

  private static Advice.Section section(
      Advice.Outline after, Advice.Outline pot, Advice.Levels levels) {
    return new Advice.Section(OLD, BALL, after, pot, 30, 0, levels, null, null);
  }

  @Test
  void theOldSoilLineStaysLevelWithThatOfTheNewPot() {
    SectionShape shape =
        SectionShape.of(
            section(BALL, outline("STANDARD", 260, 200, 240), new Advice.Levels(20, 25, 0)), false);
    assertThat(shape.fill()).isEqualTo(220);
    assertThat(shape.bottom()).isEqualTo(25);
    assertThat(shape.soil()).isEqualTo(195);
    assertThat(shape.beforeBottom()).isEqualTo(25);
    assertThat(shape.oldFloor().orElseThrow() + OLD.heightMm() - 20).isEqualTo(25 + 195);
    assertThat(shape.widest()).isEqualTo(260);
  }

  @Test
  void aSlicedBaseReachesBelowTheNewOneAndStaysInTheDrawing() {
    Advice.Outline cut = outline("BALL", 190, 160, 150);
    SectionShape shape =
        SectionShape.of(
            section(cut, outline("BOWL", 240, 200, 190), new Advice.Levels(20, 20, 0)), false);
    assertThat(shape.beforeBottom()).isEqualTo(20 + 150 - 195);
    assertThat(shape.lowest()).isLessThanOrEqualTo(shape.beforeBottom());
    assertThat(shape.highest()).isGreaterThanOrEqualTo(190);
  }

  @Test
  void whatStandsOverTheLevelIsBaredOnlyWhereTheBaseIsShown() {
    Advice.Outline pot = outline("BOWL", 240, 200, 210);
    SectionShape raised = SectionShape.of(section(BALL, pot, new Advice.Levels(20, 20, 25)), false);
    assertThat(raised.soil()).isEqualTo(170);
    assertThat(raised.highest()).isEqualTo(raised.oldFloor().orElseThrow() + OLD.heightMm());
    SectionShape tooTall = SectionShape.of(section(BALL, pot, new Advice.Levels(20, 20, 0)), false);
    assertThat(tooTall.soil()).isEqualTo(195);
  }

  @Test
  void inItsOwnPotThereIsNoOtherAndTheBallStoodOnTheFloor() {
    Advice.Outline cut = outline("BALL", 200, 165, 170);
    SectionShape shape = SectionShape.of(section(cut, OLD, new Advice.Levels(20, 14, 0)), true);
    assertThat(shape.oldFloor()).isEmpty();
    assertThat(shape.beforeBottom()).isZero();
    assertThat(shape.lowest()).isZero();
  }

  @Test
  void whereNothingIsPlannedThePotItStandsInIsDrawn() {
    SectionShape shape = SectionShape.of(section(BALL, null, null), false);
    assertThat(shape.pot()).isEqualTo(OLD);
    assertThat(shape.bottom()).isZero();
    assertThat(shape.oldFloor()).isEmpty();
  }
}
