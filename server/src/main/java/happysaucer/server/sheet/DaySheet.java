package happysaucer.server.sheet;

import happysaucer.core.unit.Units;
import happysaucer.core.unit.Wording;
import happysaucer.core.work.JobKind;
import happysaucer.server.season.DayPlan;
import happysaucer.server.season.DayPlan.DayJob;
import happysaucer.server.season.DayPlan.DayStop;
import happysaucer.server.season.DayPlan.Load;
import happysaucer.server.season.DayPlan.LoadLine;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** A crew's day on one page: the stops with boxes to tick, and what the van carries. */
final class DaySheet {
  private static final float MARGIN = 34;
  private static final float GUTTER = 20;
  private static final float LEFT_SHARE = 0.62f;
  private static final float LARGEST = 11;
  private static final float SMALLEST = 5;
  private static final float HEAD = 74;
  private static final float TICK = 8;

  private static final Map<String, String> FLOORS =
      Map.of("GROUND", "", "LIFT", "Lift. ", "STAIRS", "Stairs only. ");

  private final DayPlan day;
  private final Wording wording;
  private final PDRectangle paper;

  DaySheet(DayPlan day, Units units, Paper paper) {
    this.day = day;
    this.wording = new Wording(units);
    this.paper = paper.size;
  }

  byte[] pdf() throws IOException {
    try (PDDocument document = new PDDocument()) {
      PDPage page = new PDPage(paper);
      document.addPage(page);
      document.getDocumentInformation().setTitle(day.crew() + ", " + Wording.date(day.on()));
      try (Ink ink = new Ink(document, page)) {
        head(ink);
        // each column in the largest type it has room for: the stops are read from further away
        stops(ink, fitting(size -> stops(ink, size, false)), true);
        load(ink, fitting(size -> load(ink, size, false)), true);
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      return out.toByteArray();
    }
  }

  /** What a column needs down to, in a type of this size. */
  private interface Laid {
    float down(float size) throws IOException;
  }

  private float fitting(Laid column) throws IOException {
    float size = LARGEST;
    while (size > SMALLEST && column.down(size) > bottom()) {
      size -= 0.25f;
    }
    return size;
  }

  private float bottom() {
    return paper.getHeight() - MARGIN;
  }

  private float leftWidth() {
    return (paper.getWidth() - 2 * MARGIN - GUTTER) * LEFT_SHARE;
  }

  private void head(Ink ink) throws IOException {
    ink.bold(day.crew() + ", " + Wording.date(day.on()), MARGIN, MARGIN + 18, 20);
    String who = String.join(" and ", day.people());
    String hours = day.begins() == null ? "not out" : day.begins() + " to " + day.ends();
    ink.text(who + ", " + hours + ". Back at " + day.back() + ".", MARGIN, MARGIN + 38, 11);
    if (!day.away().isEmpty()) {
      ink.text("Away: " + String.join(", ", day.away()), MARGIN, MARGIN + 52, 10);
    }
    if (day.overMinutes() > 0) {
      String over = day.overMinutes() + " min too long";
      ink.bold(over, paper.getWidth() - MARGIN - ink.width(over, 11), MARGIN + 18, 11);
    }
    ink.width(2.2f);
    ink.line(MARGIN, MARGIN + 60, paper.getWidth() - MARGIN, MARGIN + 60);
    ink.width(0.7f);
  }

  private float stops(Ink ink, float size, boolean draw) throws IOException {
    float y = MARGIN + HEAD + size;
    float width = leftWidth();
    for (DayStop stop : day.stops()) {
      if (draw) {
        ink.bold(stop.arrive() + "  " + stop.siteName(), MARGIN, y, size * 1.15f);
      }
      y += Ink.line(size * 1.15f);
      for (String line : ink.wrapped(about(stop), size * 0.9f, width)) {
        if (draw) {
          ink.text(line, MARGIN, y, size * 0.9f);
        }
        y += Ink.line(size * 0.9f);
      }
      for (DayJob job : stop.jobs()) {
        y = job(ink, job, y, size, draw);
      }
      for (DayPlan.AlsoDue also : stop.also()) {
        y = also(ink, also, y, size * 0.9f, draw);
      }
      y += size * 0.6f;
    }
    return y;
  }

  private static String about(DayStop stop) {
    List<String> parts = new ArrayList<>();
    parts.add(stop.wayMinutes() + " min of way");
    if (!stop.begin().equals(stop.arrive())) {
      parts.add("opens at " + stop.begin());
    }
    if (stop.closes() != null) {
      parts.add("closes at " + stop.closes());
    }
    if (stop.lateMinutes() > 0) {
      parts.add(stop.lateMinutes() + " min after it has closed");
    }
    return String.join(", ", parts)
        + ". "
        + FLOORS.getOrDefault(stop.floors(), "")
        + stop.accessNote();
  }

  private float job(Ink ink, DayJob job, float from, float size, boolean draw) throws IOException {
    float y = from;
    if (draw) {
      ink.box(MARGIN, y - TICK + 1, TICK, TICK);
      if (job.done()) {
        ink.line(MARGIN + 1, y - TICK / 2 + 1, MARGIN + TICK / 2, y);
        ink.line(MARGIN + TICK / 2, y, MARGIN + TICK, y - TICK + 2);
      }
    }
    float x = MARGIN + TICK + 6;
    String what = JobKind.valueOf(job.kind()).title(job.action());
    String line =
        job.label()
            + " "
            + job.commonName()
            + ", "
            + job.spotName()
            + ": "
            + what
            + place(job)
            + ", "
            + job.minutes()
            + " min"
            + (job.people() > 1 ? ", two people" : "")
            + (job.pot() == null ? "" : ". " + job.pot());
    for (String part : ink.wrapped(line, size, leftWidth() - TICK - 6)) {
      if (draw) {
        ink.text(part, x, y, size);
      }
      y += Ink.line(size);
    }
    String more = job.held() != null ? "On hold: " + job.held() : job.note();
    if (!more.isEmpty()) {
      for (String part : ink.wrapped(more, size * 0.9f, leftWidth() - TICK - 6)) {
        if (draw) {
          ink.text(part, x, y, size * 0.9f);
        }
        y += Ink.line(size * 0.9f);
      }
    }
    return y;
  }

  private float also(Ink ink, DayPlan.AlsoDue also, float from, float size, boolean draw)
      throws IOException {
    float y = from;
    float x = MARGIN + TICK + 6;
    if (draw) {
      ink.box(MARGIN, y - TICK + 1, TICK, TICK);
    }
    String line =
        also.label()
            + " "
            + also.commonName()
            + ", "
            + also.spotName()
            + ": "
            + String.join("; ", also.texts());
    for (String part : ink.wrapped(line, size, leftWidth() - TICK - 6)) {
      if (draw) {
        ink.text(part, x, y, size);
      }
      y += Ink.line(size);
    }
    return y;
  }

  private static String place(DayJob job) {
    return switch (job.place()) {
      case "COLLECT" -> ", fetch it";
      case "BENCH" -> ", on the bench";
      case "RETURN" -> ", bring it back";
      default -> "";
    };
  }

  private float load(Ink ink, float size, boolean draw) throws IOException {
    Load load = day.load();
    float x = MARGIN + leftWidth() + GUTTER;
    float width = paper.getWidth() - MARGIN - x;
    Column column = new Column(ink, x, width, size, draw, MARGIN + HEAD + size);
    column.bold("The van carries");
    column.line(
        wording.grams(load.kilograms() * 1000)
            + " of "
            + wording.grams(load.vanKg() * 1000.0)
            + ", "
            + wording.litres(load.litres())
            + " of "
            + wording.litres(load.vanLitres()));
    if (load.people() > 1) {
      column.line("Two people");
    }
    column.lines("Pots", load.pots(), true);
    column.lines("Mixes", load.mixes(), true);
    column.lines("Of these", load.ingredients(), false);
    column.lines("Besides", load.besides(), false);
    column.lines("Feed", load.feeds(), false);
    column.lines("Tools", load.tools(), false);
    if (!load.without().isEmpty()) {
      column.bold("Without a pot yet");
      for (String each : load.without()) {
        column.line(each);
      }
    }
    if (!load.cautions().isEmpty()) {
      column.bold("Take care");
      for (String each : load.cautions()) {
        column.line(each);
      }
    }
    return column.y;
  }

  /** Lines one under another. */
  private final class Column {
    private final Ink ink;
    private final float x;
    private final float width;
    private final float size;
    private final boolean draw;
    private float y;

    Column(Ink ink, float x, float width, float size, boolean draw, float y) {
      this.ink = ink;
      this.x = x;
      this.width = width;
      this.size = size;
      this.draw = draw;
      this.y = y;
    }

    void bold(String text) throws IOException {
      y += size * 0.4f;
      if (draw) {
        ink.bold(text, x, y, size);
      }
      y += Ink.line(size);
    }

    void line(String text) throws IOException {
      for (String part : ink.wrapped(text, size, width)) {
        if (draw) {
          ink.text(part, x, y, size);
        }
        y += Ink.line(size);
      }
    }

    void lines(String title, List<LoadLine> lines, boolean labels) throws IOException {
      if (lines.isEmpty()) {
        return;
      }
      bold(title);
      for (LoadLine each : lines) {
        line(
            amount(each)
                + (each.place().isEmpty() ? "" : ", " + each.place())
                + (labels ? " (" + String.join(", ", each.of()) + ")" : ""));
      }
    }
  }

  private String amount(LoadLine line) {
    String label = words(line.label());
    return switch (line.unit()) {
      case "L" -> wording.litres(line.amount()) + " " + label;
      case "g" -> wording.grams(line.amount()) + " " + label;
      default -> Math.round(line.amount()) + " " + label;
    };
  }

  /** A code that has no words of its own, as words. */
  private static String words(String code) {
    return code.equals(code.toUpperCase(Locale.ROOT))
        ? code.toLowerCase(Locale.ROOT).replace('_', ' ')
        : code;
  }
}
