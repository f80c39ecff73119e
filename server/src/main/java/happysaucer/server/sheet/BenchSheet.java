package happysaucer.server.sheet;

import happysaucer.core.advice.Advice;
import happysaucer.core.call.Action;
import happysaucer.core.repot.Phase;
import happysaucer.core.unit.Units;
import happysaucer.core.unit.Wording;
import happysaucer.server.job.JobSummary;
import happysaucer.server.job.Jobs.JobView;
import happysaucer.server.job.Jobs.StepView;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.jspecify.annotations.Nullable;

/** One job on one page: the steps in working order with boxes to tick, section and cautions. */
final class BenchSheet {
  private static final float MARGIN = 34;
  private static final float GUTTER = 20;
  private static final float LEFT_SHARE = 0.6f;
  private static final float LARGEST = 12;
  private static final float SMALLEST = 5.5f;
  private static final float HEAD = 78;
  private static final float FOOT = 46;
  private static final float SECTION = 168;
  private static final float TICK = 9;

  private final JobView job;
  private final Wording wording;
  private final PDRectangle paper;

  BenchSheet(JobView job, Units units, Paper paper) {
    this.job = job;
    this.wording = new Wording(units);
    this.paper = paper.size;
  }

  byte[] pdf() throws IOException {
    try (PDDocument document = new PDDocument()) {
      PDPage page = new PDPage(paper);
      document.addPage(page);
      document.getDocumentInformation().setTitle(title() + ", " + job.job().label());
      try (Ink ink = new Ink(document, page)) {
        head(ink);
        float size = size(ink);
        steps(ink, size, true);
        side(ink, size, true);
        foot(ink);
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      return out.toByteArray();
    }
  }

  private float leftWidth() {
    return (paper.getWidth() - 2 * MARGIN - GUTTER) * LEFT_SHARE;
  }

  private float sideX() {
    return MARGIN + leftWidth() + GUTTER;
  }

  private float sideWidth() {
    return paper.getWidth() - MARGIN - sideX();
  }

  /** The largest type in which everything stands on the page. */
  private float size(Ink ink) throws IOException {
    float bottom = paper.getHeight() - MARGIN - FOOT;
    for (float size = LARGEST; size > SMALLEST; size -= 0.25f) {
      if (steps(ink, size, false) <= bottom && side(ink, size, false) <= bottom) {
        return size;
      }
    }
    return SMALLEST;
  }

  private String title() {
    return Action.valueOf(job.job().action()).title();
  }

  private void head(Ink ink) throws IOException {
    JobSummary summary = job.job();
    ink.bold(title(), MARGIN, MARGIN + 18, 20);
    ink.text(
        summary.commonName() + " (" + summary.species() + "), " + summary.label(),
        MARGIN,
        MARGIN + 36,
        11);
    ink.text(
        summary.clientName() + ", " + summary.siteName() + ", " + summary.spotName(),
        MARGIN,
        MARGIN + 51,
        10);
    String day = Wording.date(summary.plannedOn()) + ", about " + summary.minutes() + " minutes";
    ink.text(day, paper.getWidth() - MARGIN - ink.width(day, 10), MARGIN + 18, 10);
    String pot = summary.potName() == null ? "" : "Pot: " + summary.potName();
    ink.text(pot, paper.getWidth() - MARGIN - ink.width(pot, 10), MARGIN + 36, 10);
    ink.width(2.2f);
    ink.line(MARGIN, MARGIN + 60, paper.getWidth() - MARGIN, MARGIN + 60);
    ink.width(0.7f);
  }

  private float steps(Ink ink, float size, boolean draw) throws IOException {
    float y = MARGIN + HEAD;
    String phase = "";
    for (StepView step : job.steps()) {
      if (!step.phase().equals(phase)) {
        phase = step.phase();
        y += size * 0.35f;
        if (draw) {
          ink.bold(Phase.valueOf(phase).title(), MARGIN, y, size * 0.88f);
        }
        y += Ink.line(size);
      }
      List<String> lines = ink.wrapped(step.text().words(), size, leftWidth() - TICK - 6);
      if (draw) {
        ink.box(MARGIN, y - TICK + 1.5f, TICK, TICK);
        if (step.tickedAt() != null) {
          ink.line(MARGIN + 1.5f, y - 3, MARGIN + 4, y);
          ink.line(MARGIN + 4, y, MARGIN + TICK - 1, y - TICK + 3);
        }
        ink.lines(lines, MARGIN + TICK + 6, y, size);
      }
      y += lines.size() * Ink.line(size) + size * 0.18f;
    }
    return y;
  }

  private float side(Ink ink, float size, boolean draw) throws IOException {
    float x = sideX();
    float y = MARGIN + HEAD - 10;
    Advice.Repot plan = job.advice().repot();
    if (plan != null) {
      Advice.Candidate chosen = chosen(plan);
      SectionDrawing drawing = new SectionDrawing(ink, plan.section(), chosen, wording);
      if (draw) {
        drawing.draw(x, y, sideWidth(), SECTION);
        ink.gray(0);
      }
      y += drawing.height(sideWidth(), SECTION) + 26;
      for (String[] figure : figures(plan, chosen)) {
        if (draw) {
          ink.text(figure[0], x, y, size * 0.9f);
          ink.bold(figure[1], x + sideWidth() - ink.width(figure[1], size * 0.9f), y, size * 0.9f);
        }
        y += Ink.line(size);
      }
      y += size * 0.6f;
    }
    if (draw) {
      ink.bold("Take care", x, y, size);
    }
    y += Ink.line(size);
    for (Advice.Coded caution : job.advice().cautions()) {
      List<String> lines = ink.wrapped(caution.text().words(), size * 0.88f, sideWidth() - 8);
      if (draw) {
        ink.text("!", x, y, size * 0.88f);
        ink.lines(lines, x + 8, y, size * 0.88f);
      }
      y += lines.size() * Ink.line(size * 0.88f) + size * 0.15f;
    }
    return y;
  }

  private List<String[]> figures(Advice.Repot plan, Advice.@Nullable Candidate chosen) {
    List<String[]> figures = new ArrayList<>();
    if (chosen != null) {
      figures.add(
          row(
              chosen.id().equals("current") ? "Same pot" : "Pot",
              wording.mm(chosen.pot().topMm())
                  + " wide, "
                  + wording.mm(chosen.pot().heightMm())
                  + " deep"
                  + ", "
                  + chosen.material().toLowerCase(Locale.ROOT)));
      figures.add(row("Weight when wet", wording.grams(chosen.wetMassG())));
    }
    if (plan.mix() != null) {
      figures.add(row(plan.mix().label(), wording.litres(plan.mix().litres())));
    }
    if (plan.levels() != null) {
      figures.add(row("Base layer", wording.mm(plan.levels().baseLayerMm())));
      figures.add(row("Rim gap", wording.mm(plan.levels().rimGapMm())));
    }
    if (plan.rootWork().rootShare() > 0) {
      figures.add(
          row(
              "Roots off",
              Wording.percent(plan.rootWork().rootShare())
                  + " (limit "
                  + Wording.percent(plan.rootWork().limit())
                  + ")"));
    }
    if (plan.waterIn() != null) {
      figures.add(row("Water in", wording.litres(plan.waterIn().litres())));
    }
    return figures;
  }

  private static String[] row(String name, String value) {
    return new String[] {name, value};
  }

  private void foot(Ink ink) throws IOException {
    float y = paper.getHeight() - MARGIN - FOOT + 14;
    ink.gray(0.3f);
    ink.line(MARGIN, y - 10, paper.getWidth() - MARGIN, y - 10);
    ink.gray(0);
    ink.text(
        "Found: ______________________________   Minutes: ________   Old pot: shelf / waste   Done by: ______________",
        MARGIN,
        y + 6,
        9);
    ink.text(
        "These notes advise. Local rules, product labels and licensed practice go first.",
        MARGIN,
        y + 24,
        8);
    String mark = "Happy Saucer";
    ink.text(mark, paper.getWidth() - MARGIN - ink.width(mark, 8), y + 24, 8);
  }

  private static Advice.@Nullable Candidate chosen(Advice.Repot plan) {
    return plan.candidates().stream()
        .filter(candidate -> Integer.valueOf(1).equals(candidate.rank()))
        .findFirst()
        .orElse(null);
  }
}
