package happysaucer.core.unit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SplitTest {
  @Test
  void partsAsWrittenAddUpToTheWholeAsWritten() {
    Random random = new Random(5);
    for (int i = 0; i < 2000; i++) {
      double litres = 0.02 + Math.pow(random.nextDouble(), 3) * 60;
      List<Double> parts = new ArrayList<>();
      for (int p = 0; p < 2 + random.nextInt(4); p++) {
        parts.add(0.05 + random.nextDouble());
      }
      for (Units units : Units.values()) {
        double sum = 0;
        for (String text : new Split(litres, parts).texts(units)) {
          sum += read(text);
        }
        double whole = read(Volume.ofLitres(litres).text(units));
        assertThat(sum)
            .as("%s of %s in %s", parts, Volume.ofLitres(litres).text(units), units)
            .isBetween(whole - 1e-9, whole + 1e-9);
      }
    }
  }

  /** Litres, or the imperial unit's own count. */
  private static double read(String text) {
    if (text.equals("a little")) {
      return 0;
    }
    double value = Double.parseDouble(text.split(" ")[0].toLowerCase(Locale.ROOT));
    return text.endsWith("ml") ? value / 1000 : value;
  }

  @Test
  void thePartThatLosesMostByRoundingGetsWhatIsLeft() {
    assertThat(Split.of(4.9, 1, 1, 1).texts(Units.METRIC))
        .containsExactly("1.7 L", "1.6 L", "1.6 L");
    assertThat(Split.of(1.9, 2, 1, 0.02).texts(Units.METRIC))
        .containsExactly("1.25 L", "0.65 L", "a little");
  }

  @Test
  void aWholeInThreeSmallPartsIsMeasuredInMillilitres() {
    assertThat(Split.of(0.09, 2, 1).texts(Units.METRIC)).containsExactly("60 ml", "30 ml");
    assertThat(Split.of(0.2, 1, 0.2).texts(Units.METRIC)).containsExactly("0.17 L", "30 ml");
  }
}
