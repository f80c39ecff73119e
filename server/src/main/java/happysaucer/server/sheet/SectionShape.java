package happysaucer.server.sheet;

import happysaucer.core.advice.Advice;
import happysaucer.core.pot.Pot;
import java.util.OptionalDouble;

/**
 * How high everything in a section stands, in mm over the floor of the pot that is drawn, and how
 * much room the whole takes.
 *
 * @param pot that is drawn: the new one, or where nothing is planned the one it stands in
 * @param fill level of the medium
 * @param bottom of the ball; a ball that is too tall stands on the floor and looks out
 * @param soil how much of the ball's own height keeps its medium; what stands over the level where
 *     the base is shown is bared
 * @param beforeBottom where the ball as it was ended; below the floor when its base was sliced
 * @param oldFloor of the pot it stood in, where that is another one, with both old soil lines level
 * @param lowest least height that is drawn
 * @param highest greatest height that is drawn
 * @param widest of all that is drawn
 */
record SectionShape(
    Advice.Outline pot,
    double fill,
    double bottom,
    double soil,
    double beforeBottom,
    OptionalDouble oldFloor,
    double lowest,
    double highest,
    double widest) {

  /**
   * @param same whether the plant goes back into the pot it stood in
   */
  static SectionShape of(Advice.Section section, boolean same) {
    boolean another = section.newPot() != null && !same;
    Advice.Outline old = section.oldPot();
    Advice.Outline pot = section.newPot() == null ? old : section.newPot();
    Advice.Outline before = section.ballBefore();
    Advice.Outline after = section.ballAfter();
    Advice.Levels levels =
        section.levels() == null
            ? new Advice.Levels(Pot.rimGapMm(pot.topMm(), pot.heightMm()), 0, 0)
            : section.levels();
    double fill = pot.heightMm() - levels.rimGapMm();
    double bottom = Math.max(0, levels.baseLayerMm());
    double top = bottom + after.heightMm();
    double soil =
        levels.raiseMm() > 0
            ? Math.max(0, Math.min(after.heightMm(), fill - bottom))
            : after.heightMm();
    double oldFloor = top - (old.heightMm() - Pot.rimGapMm(old.topMm(), old.heightMm()));
    double beforeBottom = top - before.heightMm();
    double highest = Math.max(pot.heightMm(), top);
    double lowest = 0;
    double widest = Math.max(widest(pot), widest(before));
    if (another) {
      highest = Math.max(highest, oldFloor + old.heightMm());
      lowest = Math.min(Math.min(lowest, beforeBottom), oldFloor);
      widest = Math.max(widest, widest(old));
    } else {
      // a top dressing takes the top of the ball, not its base
      beforeBottom = Math.max(0, beforeBottom);
      highest = Math.max(highest, beforeBottom + before.heightMm());
    }
    return new SectionShape(
        pot,
        fill,
        bottom,
        soil,
        beforeBottom,
        another ? OptionalDouble.of(oldFloor) : OptionalDouble.empty(),
        lowest,
        highest,
        widest);
  }

  /** Of the ball, where it stands. */
  double top(Advice.Section section) {
    return bottom + section.ballAfter().heightMm();
  }

  private static double widest(Advice.Outline outline) {
    return Math.max(outline.topMm(), outline.baseMm());
  }
}
