package happysaucer.server.sheet;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;

/** Labels on sheets or one by one: the code on the left, beside it what a person reads. */
public final class LabelSheet {
  private static final float PAD = 5.5f;
  private static final float GAP = 5f;
  private static final float MARK_MOST = 17f;
  private static final float MARK_LEAST = 7f;
  private static final float SMALL = 7.5f;
  private static final float SMALL_LEAST = 5.5f;

  private final List<Label> labels;
  private final LabelLayout layout;

  /**
   * @param code the address it leads to
   * @param mark stands large
   * @param name empty where the mark is the name
   */
  public record Label(String code, String mark, String name, String place) {}

  public LabelSheet(List<Label> labels, LabelLayout layout) {
    this.labels = labels;
    this.layout = layout;
  }

  /**
   * The PDF.
   *
   * @param first place on the first sheet, from 1; what lies before it is left free
   */
  public byte[] pdf(int first) throws IOException {
    try (PDDocument document = new PDDocument();
        ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      Ink.Face face = Ink.face(document);
      int next = 0;
      int place = first - 1;
      while (next < labels.size()) {
        PDPage page = new PDPage(layout.page());
        document.addPage(page);
        try (Ink ink = new Ink(face, document, page)) {
          while (place < layout.places() && next < labels.size()) {
            draw(ink, labels.get(next), place);
            next++;
            place++;
          }
        }
        place = 0;
      }
      document.save(out);
      return out.toByteArray();
    }
  }

  private void draw(Ink ink, Label label, int place) throws IOException {
    float x = points(layout.leftMm() + layout.stepXmm() * (place % layout.columns()));
    float y = points(layout.topMm() + layout.stepYmm() * (place / layout.columns()));
    float width = points(layout.widthMm());
    float height = points(layout.heightMm());
    float code = height - 2 * PAD;
    ink.code(label.code(), x + PAD, y + PAD, code);
    float left = x + PAD + code + GAP;
    float room = width - code - 2 * PAD - GAP;
    float markSize = fitted(ink, label.mark(), room, MARK_MOST, MARK_LEAST);
    float small = height < points(24) ? SMALL_LEAST : SMALL;
    List<String> mark = ink.wrapped(label.mark(), markSize, room);
    float at = y + PAD + markSize;
    for (String line : mark.subList(0, Math.min(2, mark.size()))) {
      ink.bold(cut(ink, line, markSize, room), left, at, markSize);
      at += Ink.line(markSize);
    }
    float bottom = y + height - PAD;
    for (String text : List.of(label.name(), label.place())) {
      if (text.isEmpty()) {
        continue;
      }
      for (String line : ink.wrapped(text, small, room)) {
        if (at <= bottom) {
          ink.text(cut(ink, line, small, room), left, at, small);
          at += Ink.line(small);
        }
      }
    }
  }

  private static float fitted(Ink ink, String text, float room, float most, float least)
      throws IOException {
    float width = ink.width(text, most);
    return Math.max(least, Math.min(most, most * room / Math.max(1, width)));
  }

  private static String cut(Ink ink, String text, float size, float room) throws IOException {
    String cut = text;
    while (cut.length() > 1 && ink.width(cut, size) > room) {
      cut = cut.substring(0, cut.length() - 1);
    }
    return cut;
  }

  private static float points(double mm) {
    return (float) (mm * LabelLayout.POINTS_PER_MM);
  }
}
