package happysaucer.server.sheet;

import happysaucer.core.advice.Advice;
import happysaucer.core.unit.Wording;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Old and new pot in section to one scale, in grays that a printer can tell apart. */
final class SectionDrawing {
  private static final float LABELS = 84;
  private static final float SIZE = 7.5f;
  private static final float FRESH = 0.9f;
  private static final float WET = 0.78f;
  private static final float COARSE = 0.7f;
  private static final float BALL = 0.55f;

  private final Ink ink;
  private final Advice.Section section;
  private final Advice.@Nullable Candidate chosen;
  private final Wording wording;
  private final Advice.Stand stand;
  private final Advice.Outline drawn;
  private float scale;
  private float centre;
  private float floor;

  SectionDrawing(
      Ink ink, Advice.Section section, Advice.@Nullable Candidate chosen, Wording wording) {
    this.ink = ink;
    this.section = section;
    this.chosen = chosen;
    this.wording = wording;
    stand = section.stand();
    drawn = section.newPot() == null ? section.oldPot() : section.newPot();
  }

  private record Label(String text, float x, float y) {}

  /** Least height for seven labels beside a low wide pot. */
  private static final float LEAST = 74;

  /** Over the drawing: the width of the pot, and the neck of one that has a mouth. */
  private static final float ABOVE = 18;

  /** The height it takes in a box of this width and at most this height. */
  float height(float width, float most) {
    measure(width, most);
    return Math.max(LEAST, ABOVE + (float) (stand.highestMm() - stand.lowestMm()) * scale);
  }

  private void measure(float width, float height) {
    double tall = stand.highestMm() - stand.lowestMm();
    scale = (float) Math.min((width - LABELS) / stand.widestMm(), (height - ABOVE) / tall);
  }

  /** Draws into a box from its top left. */
  void draw(float x, float y, float width, float height) throws IOException {
    measure(width, height);
    centre = x + (width - LABELS) / 2;
    floor = y + ABOVE - 6 + (float) stand.highestMm() * scale;
    Advice.Outline pot = drawn;
    Advice.Outline ball = section.ballAfter();
    filled(pot, 0, stand.fillMm(), FRESH);
    filled(pot, section.coarseLayerMm(), Math.min(stand.fillMm(), section.wetZoneMm()), WET);
    filled(pot, 0, section.coarseLayerMm(), COARSE);
    ink.gray(BALL);
    ink.shape(corners(ball, stand.bottomMm(), 0, stand.soilMm()), true, true);
    ink.gray(0);
    ink.dashed(2, 2);
    if (stand.soilMm() < ball.heightMm()) {
      ink.shape(corners(ball, stand.bottomMm(), stand.soilMm(), ball.heightMm()), false, true);
    }
    if (differs(section.ballBefore(), ball)) {
      outline(section.ballBefore(), stand.beforeBottomMm());
    }
    ink.dashed();
    collar(pot);
    oldPot();
    walls(pot);
    wires(pot);
    String across =
        pot.topDepthMm() != null && Math.abs(pot.topDepthMm() - pot.topMm()) > 1
            ? mm(pot.topMm()) + " x " + mm(pot.topDepthMm())
            : mm(pot.topMm());
    ink.text(across, centre - ink.width(across, SIZE) / 2, up(stand.highestMm()) - 6, SIZE);
    labels(pot, x + width - LABELS + 6);
  }

  private void walls(Advice.Outline pot) throws IOException {
    double rim = pot.heightMm();
    ink.gray(0);
    ink.width(1.8f);
    ink.shape(
        new float[] {
          left(pot, rim),
          up(rim),
          left(pot, 0),
          up(0),
          right(pot, 0),
          up(0),
          right(pot, rim),
          up(rim)
        },
        false,
        false);
    if (pot.mouthMm() != null && pot.mouthMm() < pot.topMm()) {
      float mouth = (float) (pot.mouthMm() / 2 * scale);
      ink.line(left(pot, rim), up(rim), centre - mouth, up(rim) - 3);
      ink.line(right(pot, rim), up(rim), centre + mouth, up(rim) - 3);
    }
    ink.width(0.7f);
  }

  /** Grit round the neck, over half the width. */
  private void collar(Advice.Outline pot) throws IOException {
    if (section.collarMm() == null) {
      return;
    }
    float quarter = (float) (pot.topMm() / 4 * scale);
    float top = up(stand.fillMm() + section.collarMm());
    float level = up(stand.fillMm());
    float[] box = {
      centre - quarter, top, centre + quarter, top, centre + quarter, level, centre - quarter, level
    };
    ink.gray(FRESH);
    ink.shape(box, true, true);
    ink.gray(0);
    ink.shape(box, false, true);
  }

  private static boolean differs(Advice.Outline a, Advice.Outline b) {
    return Math.abs(a.topMm() - b.topMm()) > 1 || Math.abs(a.heightMm() - b.heightMm()) > 1;
  }

  private void labels(Advice.Outline pot, float at) throws IOException {
    Advice.Outline ball = section.ballAfter();
    double gap = pot.heightMm() - stand.fillMm();
    double ballAt = stand.soilMm() * 0.7;
    List<Label> labels = new ArrayList<>();
    if (section.levels() != null && section.levels().raiseMm() > 0) {
      labels.add(
          new Label(
              "base shown " + mm(section.levels().raiseMm()),
              centre + half(ball, ball.heightMm()),
              up(stand.topMm())));
    }
    labels.add(
        new Label("rim gap " + mm(gap), right(pot, pot.heightMm()), up(pot.heightMm() - gap / 2)));
    if (section.collarMm() != null) {
      labels.add(
          new Label(
              "grit collar " + mm(section.collarMm()),
              centre + (float) (pot.topMm() / 4 * scale),
              up(stand.fillMm() + section.collarMm() / 2)));
    }
    labels.add(
        new Label(
            "ball " + mm(ball.topMm()) + " x " + mm(ball.heightMm()),
            centre + half(ball, ballAt),
            up(stand.bottomMm() + ballAt)));
    if (chosen != null) {
      labels.add(
          new Label(
              "fresh " + wording.litres(chosen.freshLitres()),
              right(pot, stand.fillMm() * 0.45) - 2,
              up(stand.fillMm() * 0.45)));
    }
    labels.add(
        new Label(
            "base layer " + mm(stand.bottomMm()),
            right(pot, stand.bottomMm() / 2) - 2,
            up(stand.bottomMm() / 2)));
    if (section.coarseLayerMm() > 0) {
      labels.add(
          new Label(
              "coarse " + mm(section.coarseLayerMm()),
              right(pot, section.coarseLayerMm() / 2),
              up(section.coarseLayerMm() / 2)));
    } else if (section.wetZoneMm() > 1) {
      labels.add(
          new Label(
              "wet to " + mm(section.wetZoneMm()),
              right(pot, section.wetZoneMm()) - 2,
              up(section.wetZoneMm() * 0.7)));
    }
    labels.sort(Comparator.comparingDouble(Label::y));
    float next = 0;
    for (Label label : labels) {
      float y = Math.max(label.y() + 2.5f, next);
      ink.gray(0.45f);
      ink.line(label.x(), label.y(), at - 3, y - 2.5f);
      ink.gray(0);
      ink.text(label.text(), at, y, SIZE);
      next = y + Ink.line(SIZE);
    }
  }

  /** The pot it stood in, where that is another: dashed, its fill line at the ball's own. */
  private void oldPot() throws IOException {
    if (stand.oldFloorMm() != null) {
      ink.gray(0.35f);
      ink.dashed(4, 3);
      outline(section.oldPot(), stand.oldFloorMm());
      ink.dashed();
    }
  }

  private void wires(Advice.Outline pot) throws IOException {
    if (section.wires() == null) {
      return;
    }
    double top = stand.topMm();
    for (double share : new double[] {-0.3, 0.3}) {
      float at = (float) (pot.baseMm() * share * scale);
      ink.line(centre + at, floor + 3, centre + at, up(top));
      ink.line(centre + at, up(top), centre - at * 0.1f, up(top) - 3);
    }
  }

  private void filled(Advice.Outline pot, double from, double to, float gray) throws IOException {
    if (to - from > 0.5 && section.newPot() != null) {
      ink.gray(gray);
      ink.shape(
          new float[] {
            left(pot, to),
            up(to),
            right(pot, to),
            up(to),
            right(pot, from),
            up(from),
            left(pot, from),
            up(from)
          },
          true,
          true);
    }
  }

  private void outline(Advice.Outline body, double bottom) throws IOException {
    ink.shape(corners(body, bottom, 0, body.heightMm()), false, true);
  }

  /** The part of a body between two of its own heights, standing at a height. */
  private float[] corners(Advice.Outline body, double bottom, double from, double to) {
    return new float[] {
      left(body, to),
      up(bottom + to),
      right(body, to),
      up(bottom + to),
      right(body, from),
      up(bottom + from),
      left(body, from),
      up(bottom + from)
    };
  }

  private float half(Advice.Outline body, double z) {
    double width = body.baseMm() + (body.topMm() - body.baseMm()) * z / body.heightMm();
    return (float) (width / 2 * scale);
  }

  private float left(Advice.Outline body, double z) {
    return centre - half(body, z);
  }

  private float right(Advice.Outline body, double z) {
    return centre + half(body, z);
  }

  private float up(double z) {
    return floor - (float) z * scale;
  }

  private String mm(double mm) {
    return wording.mm(mm);
  }
}
