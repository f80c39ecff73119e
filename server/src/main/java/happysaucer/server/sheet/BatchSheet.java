package happysaucer.server.sheet;

import happysaucer.core.unit.Wording;
import happysaucer.server.mix.BatchAnswers.BatchJob;
import happysaucer.server.mix.BatchAnswers.BatchMix;
import happysaucer.server.mix.BatchAnswers.BatchPart;
import happysaucer.server.mix.BatchAnswers.BatchPlan;
import happysaucer.server.mix.BatchAnswers.Buying;
import happysaucer.server.sheet.Flow.Line;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** What is mixed, bought and carried for the jobs of some days, on one page. */
final class BatchSheet {
  private static final float MARGIN = 40;
  private static final float LARGEST = 11;
  private static final double PERCENT = 100;
  private static final int CENTS = 2;

  private BatchSheet() {}

  static byte[] of(String team, PDRectangle paper, BatchPlan plan) throws IOException {
    List<Line> lines = new ArrayList<>();
    String days =
        plan.from().equals(plan.to())
            ? Wording.date(plan.from())
            : Wording.date(plan.from()) + " to " + Wording.date(plan.to());
    lines.add(new Line("To mix, " + days, 1.7f, true, 0));
    lines.add(
        new Line(
            team
                + ". A scoop is "
                + number(plan.scoopLitres())
                + " L, a bucket "
                + number(plan.bucketLitres())
                + " L.",
            1,
            false,
            0));
    if (plan.dusty()) {
      lines.add(
          new Line(
              "Dust of perlite, bark and grains harms lungs: damp it before pouring, mix outdoors"
                  + " or with a mask. Wear gloves; old and new compost may hold germs.",
              1,
              true,
              0.4f));
    }
    plan.mixes().forEach(mix -> mixed(lines, mix, plan.scoopLitres()));
    buying(lines, plan);
    lines.add(Line.head("To carry"));
    plan.mixes()
        .forEach(
            mix ->
                lines.add(
                    new Line(
                        mix.label()
                            + ", "
                            + number(mix.neededLitres())
                            + " L: "
                            + plan.jobs().stream()
                                .filter(job -> job.mix().equals(mix.code()) && job.batch() == null)
                                .map(BatchSheet::words)
                                .collect(Collectors.joining("; ")),
                        1,
                        false,
                        0.2f)));
    return pdf(paper, lines);
  }

  private static String words(BatchJob job) {
    return job.label() + " " + number(job.litres()) + " L (" + job.siteName() + ")";
  }

  private static void mixed(List<Line> lines, BatchMix mix, double scoopLitres) {
    lines.add(
        Line.head(
            mix.label()
                + ": "
                + (mix.litres() > 0 ? number(mix.measuredLitres()) + " L" : "none to mix")));
    StringBuilder sum = new StringBuilder(number(mix.neededLitres()) + " L are needed");
    if (mix.reusedLitres() > 0) {
      sum.append(", ").append(number(mix.reusedLitres())).append(" L of it old medium, sieved");
    }
    if (mix.readyLitres() > 0) {
      sum.append(", ").append(number(mix.readyLitres())).append(" L stand ready");
    }
    if (mix.litres() > 0) {
      sum.append("; in whole measures no part is more than ")
          .append(number(mix.error() * PERCENT))
          .append(" points off the recipe");
    }
    lines.add(new Line(sum + ".", 1, false, 0.1f));
    int turn = 1;
    for (BatchPart part : mix.parts()) {
      lines.add(
          new Line(
              turn++
                  + ". "
                  + part.label()
                  + ": "
                  + scoops(part, scoopLitres)
                  + " ("
                  + number(part.measuredLitres())
                  + " L)"
                  + (part.dampFirst() ? ", damped first" : ""),
              1.05f,
              false,
              0.1f));
    }
  }

  /** A unit is a scoop, or a quarter of one. */
  private static String scoops(BatchPart part, double scoopLitres) {
    double scoops = part.measuredLitres() / scoopLitres;
    return number(scoops) + (scoops == 1 ? " scoop" : " scoops");
  }

  private static void buying(List<Line> lines, BatchPlan plan) {
    List<Buying> wanting =
        plan.ingredients().stream().filter(one -> one.shortLitres() > 0).toList();
    if (wanting.isEmpty()) {
      return;
    }
    lines.add(Line.head("To buy"));
    for (Buying one : wanting) {
      lines.add(
          new Line(
              one.label()
                  + ": "
                  + number(one.shortLitres())
                  + " L"
                  + (one.bags() == null
                      ? ""
                      : ", "
                          + one.bags()
                          + (one.bags() == 1 ? " bag of " : " bags of ")
                          + number(one.bagLitres() == null ? 0 : one.bagLitres())
                          + " L")
                  + (one.bagsCents() == null
                      ? ""
                      : ", "
                          + BigDecimal.valueOf(one.bagsCents(), CENTS).toPlainString()
                          + " "
                          + plan.currency())
                  + (one.supplier().isEmpty() ? "" : ", from " + one.supplier()),
              1,
              false,
              0.1f));
    }
  }

  private static String number(double value) {
    return BigDecimal.valueOf(value)
        .setScale(2, RoundingMode.HALF_UP)
        .stripTrailingZeros()
        .toPlainString();
  }

  private static byte[] pdf(PDRectangle paper, List<Line> lines) throws IOException {
    try (PDDocument document = new PDDocument()) {
      PDPage sheet = new PDPage(paper);
      document.addPage(sheet);
      document.getDocumentInformation().setTitle("To mix");
      try (Ink ink = new Ink(document, sheet)) {
        new Flow(ink, MARGIN, paper.getWidth() - 2 * MARGIN)
            .draw(lines, LARGEST, paper.getHeight() - MARGIN);
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      return out.toByteArray();
    }
  }
}
