package happysaucer.server.sheet;

import happysaucer.core.unit.Wording;
import happysaucer.server.aftercare.Aftercares.Card;
import happysaucer.server.aftercare.Aftercares.CareView;
import happysaucer.server.caretaker.Caretakers.DuePour;
import happysaucer.server.caretaker.Caretakers.Page;
import happysaucer.server.sheet.Flow.Line;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.jspecify.annotations.Nullable;

/** The card for whoever waters, on one page of its size, with a code that leads to their page. */
final class CardSheet {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
  private static final float MM = 72 / 25.4f;
  private static final int LISTED = 6;

  private final Page page;
  private final @Nullable String address;
  private final Size size;

  /** What it is printed on. */
  enum Size {
    A4(PDRectangle.A4, 44, 14),
    LETTER(PDRectangle.LETTER, 44, 14),
    HALF(PDRectangle.A5, 26, 11.5f),
    /** To stick on a pot: the next watering and the code. */
    LABEL(new PDRectangle(100 * MM, 62 * MM), 9, 10.5f);

    private final PDRectangle paper;
    private final float margin;
    private final float largest;

    Size(PDRectangle paper, float margin, float largest) {
      this.paper = paper;
      this.margin = margin;
      this.largest = largest;
    }
  }

  /**
   * @param address of their page; null where there is none
   */
  CardSheet(Page page, @Nullable String address, Size size) {
    this.page = page;
    this.address = address;
    this.size = size;
  }

  byte[] pdf() throws IOException {
    try (PDDocument document = new PDDocument()) {
      PDPage sheet = new PDPage(size.paper);
      document.addPage(sheet);
      document.getDocumentInformation().setTitle("Card for " + page.card().job().commonName());
      try (Ink ink = new Ink(document, sheet)) {
        draw(ink);
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      return out.toByteArray();
    }
  }

  private void draw(Ink ink) throws IOException {
    boolean label = size == Size.LABEL;
    float width = size.paper.getWidth() - 2 * size.margin;
    float bottom = size.paper.getHeight() - size.margin;
    float code = address == null ? 0 : label ? 40 * MM : 30 * MM;
    List<Line> lines = label ? onALabel() : onPaper();
    float room = label ? width - code - (code > 0 ? size.margin : 0) : width;
    float down = label || code == 0 ? bottom : bottom - code - size.margin / 2;
    float type = new Flow(ink, size.margin, room).draw(lines, size.largest, down);
    if (address == null) {
      return;
    }
    float x = label ? size.margin + width - code : size.margin;
    ink.code(address, x, bottom - code, code);
    if (!label) {
      float at = bottom - code + type * 1.4f;
      for (String line :
          ink.wrapped(
              "Your page: the days of water as they stand now, and where you tell us that you"
                  + " watered, or that something looks wrong. Until "
                  + Wording.date(page.card().doneOn().plusDays(70))
                  + ". Whoever has this code can open it.",
              type,
              width - code - size.margin / 2)) {
        ink.text(line, size.margin + code + size.margin / 2, at, type);
        at += Ink.line(type);
      }
    }
  }

  private List<Line> onALabel() {
    List<Line> lines = new ArrayList<>();
    Card card = page.card();
    lines.add(new Line(card.job().commonName(), 1.25f, true, 0));
    lines.add(new Line(card.job().label() + ", " + card.job().spotName(), 0.85f, false, 0));
    lines.add(new Line("Repotted " + Wording.date(card.doneOn()), 0.85f, false, 0));
    lines.add(new Line(first(), 1.05f, true, 0.5f));
    page.probe().ifPresent(probe -> lines.add(new Line(probe, 0.8f, false, 0.2f)));
    return lines;
  }

  private String first() {
    if (page.next().isEmpty()) {
      return "No water in the next weeks; probe first.";
    }
    DuePour pour = page.next().get(0);
    return "Water " + (pour.late() ? "now" : day(pour.on())) + ": " + pour.words();
  }

  private static String day(LocalDate on) {
    return DAY.format(on);
  }

  private List<Line> onPaper() {
    Card card = page.card();
    List<Line> lines = new ArrayList<>();
    lines.add(new Line(card.job().commonName(), 2, true, 0));
    lines.add(
        new Line(
            card.job().spotName() + ", " + card.job().label() + ". " + page.team(), 1, false, 0));
    lines.add(new Line(Wording.date(card.doneOn()) + ": " + card.what().words(), 1, false, 0.5f));
    lines.add(Line.head("Water"));
    lines.add(new Line(first(), 1.25f, true, 0.2f));
    page.probe().ifPresent(probe -> lines.add(new Line(probe, 1, false, 0.2f)));
    page.next().stream()
        .skip(1)
        .limit(LISTED)
        .forEach(pour -> lines.add(new Line(day(pour.on()) + ": " + pour.words(), 1, false, 0.1f)));
    List<CareView> besides =
        card.steps().stream()
            .filter(step -> step.who().equals("CARETAKER") && step.open())
            .filter(step -> !step.toOn().isBefore(page.today()))
            .filter(step -> !step.kind().equals("WATCH") && !step.kind().equals("PROBE"))
            .toList();
    if (!besides.isEmpty()) {
      lines.add(Line.head("And besides"));
      besides.forEach(
          step ->
              lines.add(
                  new Line(
                      page.said(step.text()) + " (until " + day(step.toOn()) + ")",
                      1,
                      false,
                      0.15f)));
    }
    card.steps().stream()
        .filter(step -> step.kind().equals("WATCH"))
        .findFirst()
        .ifPresent(
            watch -> {
              lines.add(Line.head("What is normal, and what is not"));
              lines.add(new Line("Normal: " + watch.normal().words(), 1, false, 0.1f));
              lines.add(
                  new Line(
                      "Not normal: " + watch.alarming().words() + " " + watch.then().words(),
                      1,
                      true,
                      0.15f));
            });
    if (!card.nextVisits().isEmpty()) {
      lines.add(
          new Line(
              "We come back about "
                  + String.join(" and ", card.nextVisits().stream().map(CardSheet::day).toList())
                  + ".",
              1,
              false,
              0.5f));
    }
    if (!card.cautions().isEmpty()) {
      lines.add(Line.head("Take care"));
      card.cautions()
          .forEach(caution -> lines.add(new Line(caution.text().words(), 0.95f, false, 0.1f)));
    }
    return lines;
  }
}
