package happysaucer.core.advice;

import happysaucer.core.advice.Advice.Outline;
import happysaucer.core.advice.Advice.Stand;
import happysaucer.core.pot.Pot;
import happysaucer.core.unit.Rounding;
import org.jspecify.annotations.Nullable;

/** Where everything stands in a section: the screen and the sheet draw by these heights. */
final class SectionShape {
  private SectionShape() {}

  /**
   * @param old the pot it stood in
   * @param another the pot that is drawn, where that is another one; null to draw the old one
   * @param levels of the ball in the pot that is drawn; null where there is no plan
   */
  static Stand of(
      Outline old,
      @Nullable Outline another,
      Outline before,
      Outline after,
      Advice.@Nullable Levels levels) {
    Outline pot = another == null ? old : another;
    Advice.Levels at =
        levels == null
            ? new Advice.Levels(Pot.rimGapMm(pot.topMm(), pot.heightMm()), 0, 0)
            : levels;
    double fill = pot.heightMm() - at.rimGapMm();
    double bottom = Math.max(0, at.baseLayerMm());
    double top = bottom + after.heightMm();
    double soil =
        at.raiseMm() > 0
            ? Math.max(0, Math.min(after.heightMm(), fill - bottom))
            : after.heightMm();
    double beforeBottom = top - before.heightMm();
    double highest = Math.max(pot.heightMm(), top);
    double lowest = 0;
    double widest = Math.max(widest(pot), widest(before));
    Double oldFloor = null;
    if (another != null) {
      // both old soil lines are level
      oldFloor = top - (old.heightMm() - Pot.rimGapMm(old.topMm(), old.heightMm()));
      highest = Math.max(highest, oldFloor + old.heightMm());
      lowest = Math.min(Math.min(lowest, beforeBottom), oldFloor);
      widest = Math.max(widest, widest(old));
    } else {
      // a top dressing takes the top of the ball, not its base
      beforeBottom = Math.max(0, beforeBottom);
      highest = Math.max(highest, beforeBottom + before.heightMm());
    }
    return new Stand(
        Rounding.outgoing(fill),
        Rounding.outgoing(bottom),
        Rounding.outgoing(top),
        Rounding.outgoing(soil),
        Rounding.outgoing(beforeBottom),
        oldFloor == null ? null : Rounding.outgoing(oldFloor),
        Rounding.outgoing(lowest),
        Rounding.outgoing(highest),
        Rounding.outgoing(widest));
  }

  private static double widest(Outline outline) {
    return Math.max(outline.topMm(), outline.baseMm());
  }
}
