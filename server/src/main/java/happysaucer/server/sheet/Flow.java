package happysaucer.server.sheet;

import java.io.IOException;
import java.util.List;

/** Paragraphs one below the other, as large as they fit. Lengths in points. */
final class Flow {
  private static final float LEAST = 5;
  private static final float STEP = 0.25f;

  private final Ink ink;
  private final float margin;
  private final float width;

  Flow(Ink ink, float margin, float width) {
    this.ink = ink;
    this.margin = margin;
    this.width = width;
  }

  /** One paragraph: how large beside the others, whether bold, and how far below the last. */
  record Line(String text, float scale, boolean bold, float before) {
    static Line head(String text) {
      return new Line(text, 1.2f, true, 0.7f);
    }
  }

  /** Draws them, and answers the size of type that fits above a height. */
  float draw(List<Line> lines, float largest, float down) throws IOException {
    float type = largest;
    while (type > LEAST && flow(lines, type, false) > down) {
      type -= STEP;
    }
    flow(lines, type, true);
    return type;
  }

  private float flow(List<Line> lines, float type, boolean draw) throws IOException {
    float y = margin;
    for (Line line : lines) {
      float own = type * line.scale();
      y += type * line.before();
      for (String part : ink.wrapped(line.text(), own, width)) {
        y += Ink.line(own);
        if (draw && line.bold()) {
          ink.bold(part, margin, y, own);
        } else if (draw) {
          ink.text(part, margin, y, own);
        }
      }
    }
    return y;
  }
}
