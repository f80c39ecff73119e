package happysaucer.server.sheet;

import happysaucer.core.advice.Advice;
import happysaucer.core.pot.Pot;
import happysaucer.core.unit.Wording;
import java.io.IOException;
import java.util.ArrayList;
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
  private float scale;
  private float centre;
  private float floor;

  SectionDrawing(
      Ink ink, Advice.Section section, Advice.@Nullable Candidate chosen, Wording wording) {
    this.ink = ink;
    this.section = section;
    this.chosen = chosen;
    this.wording = wording;
  }

  private record Label(String text, float x, float y) {}

  /** Least height for five labels beside a low wide pot. */
  private static final float LEAST = 74;

  /** The height it takes in a box of this width and at most this height. */
  float height(float width, float most) {
    measure(width, most);
    double tallest = Math.max(pot().heightMm(), section.oldPot().heightMm());
    return Math.max(LEAST, 18 + (float) tallest * scale);
  }

  private Advice.Outline pot() {
    return section.newPot() == null ? section.oldPot() : section.newPot();
  }

  private void measure(float width, float height) {
    Advice.Outline pot = pot();
    double widest =
        Math.max(
            Math.max(pot.topMm(), pot.baseMm()),
            Math.max(section.oldPot().topMm(), section.oldPot().baseMm()));
    double tallest = Math.max(pot.heightMm(), section.oldPot().heightMm());
    scale = (float) Math.min((width - LABELS) / widest, (height - 14) / tallest);
  }

  /** Draws into a box from its top left. */
  void draw(float x, float y, float width, float height) throws IOException {
    Advice.Outline pot = pot();
    measure(width, height);
    Advice.Levels levels = section.levels();
    double tallest = Math.max(pot.heightMm(), section.oldPot().heightMm());
    centre = x + (width - LABELS) / 2;
    floor = y + 12 + (float) tallest * scale;
    double gap = levels == null ? 0 : levels.rimGapMm();
    double base = levels == null ? 0 : Math.max(0, levels.baseLayerMm());
    double fill = pot.heightMm() - gap;
    filled(pot, 0, fill, FRESH);
    filled(pot, section.coarseLayerMm(), Math.min(fill, section.wetZoneMm()), WET);
    filled(pot, 0, section.coarseLayerMm(), COARSE);
    body(section.ballAfter(), base, BALL);
    if (differs(section.ballBefore(), section.ballAfter())) {
      ink.gray(0);
      ink.dashed(2, 2);
      outline(section.ballBefore(), fill - section.ballBefore().heightMm());
      ink.dashed();
    }
    oldPot(base);
    ink.gray(0);
    ink.width(1.8f);
    ink.shape(
        new float[] {
          left(pot, pot.heightMm()),
          up(pot.heightMm()),
          left(pot, 0),
          up(0),
          right(pot, 0),
          up(0),
          right(pot, pot.heightMm()),
          up(pot.heightMm())
        },
        false,
        false);
    ink.width(0.7f);
    wires(pot, base);
    String across =
        pot.topDepthMm() != null && Math.abs(pot.topDepthMm() - pot.topMm()) > 1
            ? mm(pot.topMm()) + " x " + mm(pot.topDepthMm())
            : mm(pot.topMm());
    ink.text(across, centre - ink.width(across, SIZE) / 2, up(pot.heightMm()) - 4, SIZE);
    labels(pot, fill, gap, base, x + width - LABELS + 6);
  }

  private static boolean differs(Advice.Outline a, Advice.Outline b) {
    return Math.abs(a.topMm() - b.topMm()) > 1 || Math.abs(a.heightMm() - b.heightMm()) > 1;
  }

  private void labels(Advice.Outline pot, double fill, double gap, double base, float at)
      throws IOException {
    List<Label> labels = new ArrayList<>();
    labels.add(
        new Label("rim gap " + mm(gap), right(pot, pot.heightMm()), up(pot.heightMm() - gap / 2)));
    double ballMiddle = base + section.ballAfter().heightMm() * 0.7;
    labels.add(
        new Label(
            "ball " + mm(section.ballAfter().topMm()) + " x " + mm(section.ballAfter().heightMm()),
            centre + half(section.ballAfter(), section.ballAfter().heightMm() * 0.7),
            up(ballMiddle)));
    if (chosen != null) {
      labels.add(
          new Label(
              "fresh " + wording.litres(chosen.freshLitres()),
              right(pot, fill * 0.45) - 2,
              up(fill * 0.45)));
    }
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
    labels.add(new Label("base layer " + mm(base), right(pot, base / 2) - 2, up(base / 2)));
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
  private void oldPot(double base) throws IOException {
    Advice.Outline old = section.oldPot();
    boolean same = chosen != null && chosen.id().equals("current");
    if (section.newPot() == null || same) {
      return;
    }
    ink.gray(0.35f);
    ink.dashed(4, 3);
    outline(
        old, base + section.ballAfter().heightMm() - (old.heightMm() - Pot.rimGapMm(old.topMm())));
    ink.dashed();
  }

  private void wires(Advice.Outline pot, double base) throws IOException {
    if (section.wires() == null) {
      return;
    }
    double top = base + section.ballAfter().heightMm();
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

  private void body(Advice.Outline body, double bottom, float gray) throws IOException {
    ink.gray(gray);
    ink.shape(corners(body, bottom), true, true);
  }

  private void outline(Advice.Outline body, double bottom) throws IOException {
    ink.shape(corners(body, bottom), false, true);
  }

  private float[] corners(Advice.Outline body, double bottom) {
    double top = bottom + body.heightMm();
    float upper = (float) (body.topMm() / 2 * scale);
    float lower = (float) (body.baseMm() / 2 * scale);
    return new float[] {
      centre - upper,
      up(top),
      centre + upper,
      up(top),
      centre + lower,
      up(bottom),
      centre - lower,
      up(bottom)
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
