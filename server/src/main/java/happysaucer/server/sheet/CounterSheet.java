package happysaucer.server.sheet;

import happysaucer.core.advice.Advice;
import happysaucer.core.unit.Wording;
import happysaucer.server.counter.Counter.WalkInView;
import happysaucer.server.counter.InHand.QuoteLine;
import happysaucer.server.counter.InHand.QuoteView;
import happysaucer.server.sheet.Flow.Line;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.jspecify.annotations.Nullable;

/** What a customer takes home who had a plant looked at, and the label of one that is left. */
final class CounterSheet {
  private static final float MM = 72 / 25.4f;
  private static final PDRectangle LABEL = new PDRectangle(100 * MM, 62 * MM);
  private static final int CENTS = 2;
  private static final int REASONS = 5;
  private static final float CODE = 34 * MM;

  private final String team;
  private final WalkInView who;

  CounterSheet(String team, WalkInView who) {
    this.team = team;
    this.who = who;
  }

  /**
   * The call with its reasons, and what it would cost; half a page.
   *
   * @param quote null where there is nothing to repot
   */
  byte[] slip(Advice advice, String action, @Nullable QuoteView quote) throws IOException {
    List<Line> lines = new ArrayList<>();
    lines.add(new Line(who.commonName(), 2, true, 0));
    lines.add(
        new Line("Number " + who.number() + ", " + who.customer() + ". " + team, 1, false, 0));
    lines.add(new Line(action, 1.4f, true, 0.6f));
    advice.call().reasons().stream()
        .limit(REASONS)
        .forEach(reason -> lines.add(new Line(reason.words(), 1, false, 0.15f)));
    if (!advice.call().interim().isEmpty()) {
      lines.add(Line.head("Until then"));
      advice.call().interim().forEach(step -> lines.add(new Line(step.words(), 1, false, 0.15f)));
    }
    if (advice.call().recheck() != null) {
      lines.add(
          new Line(
              "Look at it again about " + Wording.date(advice.call().recheck()) + ".",
              1,
              false,
              0.5f));
    }
    if (advice.repot() != null && advice.repot().order() != null) {
      lines.add(new Line(advice.repot().order().words(), 1, false, 0.5f));
    }
    if (quote != null) {
      lines.add(Line.head("What it costs"));
      for (QuoteLine line : quote.lines()) {
        lines.add(new Line(words(line, quote.currency()), 1, false, 0.1f));
      }
      lines.add(
          new Line(
              (quote.whole() ? "Together " : "Together, as far as priced, ")
                  + money(quote.cents(), quote.currency()),
              1.1f,
              true,
              0.3f));
    }
    if (!advice.cautions().isEmpty()) {
      lines.add(Line.head("Take care"));
      advice
          .cautions()
          .forEach(caution -> lines.add(new Line(caution.text().words(), 0.9f, false, 0.1f)));
    }
    return pdf(PDRectangle.A5, 26, lines, null);
  }

  /**
   * To tie to a plant that is left: its number, large, and a code that opens it.
   *
   * @param code what stands in the code
   */
  byte[] label(String code) throws IOException {
    List<Line> lines = new ArrayList<>();
    lines.add(new Line(Integer.toString(who.number()), 5, true, 0));
    lines.add(new Line(who.customer(), 1.3f, true, 0.2f));
    lines.add(new Line(who.commonName(), 1.1f, false, 0.1f));
    if (who.promisedOn() != null) {
      lines.add(new Line("for " + Wording.date(who.promisedOn()), 1.1f, true, 0.2f));
    }
    if (!who.note().isEmpty()) {
      lines.add(new Line(who.note(), 0.9f, false, 0.2f));
    }
    return pdf(LABEL, 9, lines, code);
  }

  private byte[] pdf(PDRectangle paper, float margin, List<Line> lines, @Nullable String code)
      throws IOException {
    try (PDDocument document = new PDDocument()) {
      PDPage sheet = new PDPage(paper);
      document.addPage(sheet);
      document.getDocumentInformation().setTitle("Number " + who.number());
      try (Ink ink = new Ink(document, sheet)) {
        float room = paper.getWidth() - 2 * margin - (code == null ? 0 : CODE + margin);
        new Flow(ink, margin, room).draw(lines, 12, paper.getHeight() - margin);
        if (code != null) {
          ink.code(code, paper.getWidth() - margin - CODE, paper.getHeight() - margin - CODE, CODE);
        }
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      return out.toByteArray();
    }
  }

  private static String words(QuoteLine line, String currency) {
    String what =
        switch (line.part()) {
          case POT -> line.amount() == 1 ? "Pot" : Math.round(line.amount()) + " pots";
          case MIX -> "Mix, " + number(line.amount()) + " L";
          case WORK -> "Work, " + Math.round(line.amount()) + " min";
        };
    return what + ": " + (line.cents() == null ? "not priced" : money(line.cents(), currency));
  }

  private static String number(double amount) {
    return BigDecimal.valueOf(amount).stripTrailingZeros().toPlainString();
  }

  private static String money(int cents, String currency) {
    return BigDecimal.valueOf(cents, CENTS).toPlainString() + " " + currency;
  }
}
