package happysaucer.core.unit;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.unit.Pouring.Measure;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PouringTest {
  private static final List<Measure> MEASURES =
      List.of(new Measure("cup", 0.2), new Measure("can", 1.5), new Measure("glass", 0.3));

  @ParameterizedTest
  @CsvSource({
    "2.25, one can and a half",
    "3.0, two cans",
    "1.5, one can",
    "0.6, two glasses",
    "0.2, one cup",
    "0.1, half a cup",
    "0.05, a quarter of a cup",
    "0.15, three quarters of a cup",
    "0.01, a quarter of a cup"
  })
  void amountsAreSaidInTheLargestMeasureThatIsFilled(double litres, String words) {
    assertThat(Pouring.words(litres, MEASURES)).contains(words);
  }

  @Test
  void whereNoneSuitsNothingIsSaid() {
    assertThat(Pouring.words(0, MEASURES)).isEmpty();
    assertThat(Pouring.words(1, List.of())).isEmpty();
    assertThat(Pouring.words(40, MEASURES)).as("nobody counts 27 cans").isEmpty();
  }

  @Test
  void aSentenceSaysItsAmountInTheMeasuresOfItsReader() {
    Message water = Message.of("care.first.untilItRuns", Volume.ofLitres(0.6));
    assertThat(new Wording(Units.METRIC, MEASURES).text(water))
        .isEqualTo("Water with two glasses until it runs through, and let it drain.");
    assertThat(new Wording(Units.METRIC).text(water)).contains("0.6 L");
  }

  @Test
  void aNumberToBeginWithIsARoundOne() {
    assertThat(Pouring.count(2.3, MEASURES.get(1))).isEqualTo(1.5);
    assertThat(Pouring.count(0.01, MEASURES.get(1))).isEqualTo(0.25);
  }
}
