package happysaucer.core.unit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class UnitTest {
  @ParameterizedTest
  @CsvSource({
    "15, METRIC, 150", "15cm, METRIC, 150", "150 mm, METRIC, 150", "6 in, METRIC, 152.4",
    "6, IMPERIAL, 152.4", "1.4 m, METRIC, 1400", "'2,5', METRIC, 25", "5 ft, IMPERIAL, 1524"
  })
  void lengthsAsPeopleWriteThem(String text, Units units, double mm) {
    assertThat(Length.parse(text, units).mm()).isCloseTo(mm, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "wide", "-3", "3 kg", "1 2"})
  void whatIsNoLengthIsRefused(String text) {
    assertThatThrownBy(() -> Length.parse(text, Units.METRIC))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("15 cm");
  }

  @Test
  void sentencesSpeakTheReadersUnits() {
    String sentence = "{} of mix, {} under the ball, {} in all, by {}.";
    List<Object> values =
        List.of(
            Volume.ofLitres(4.93), Length.ofMm(25), Mass.ofGrams(5400), LocalDate.of(2027, 3, 9));
    assertThat(new Wording(Units.METRIC).fill(sentence, values))
        .isEqualTo("4.9 L of mix, 25 mm under the ball, 5.4 kg in all, by 9 March 2027.");
    assertThat(new Wording(Units.IMPERIAL).fill(sentence, values))
        .isEqualTo("5.2 qt of mix, 1 in under the ball, 11.9 lb in all, by 9 March 2027.");
  }

  @ParameterizedTest
  @CsvSource({"2.5, 0, 3", "-2.5, 0, -3", "0.045, 2, 0.05", "1.005, 1, 1", "0, 3, 0"})
  void halfUpAwayFromZero(double value, int decimals, double rounded) {
    assertThat(Rounding.halfUp(value, decimals)).isEqualTo(rounded);
  }

  @Test
  void nothingButNumbersLeaves() {
    assertThat(Rounding.outgoing(Double.NaN)).isNull();
    assertThat(Rounding.outgoing(Double.POSITIVE_INFINITY)).isNull();
    assertThat(Rounding.outgoing(1.0 / 3)).isEqualTo(0.33333333);
    assertThat(Rounding.outgoing(12345.678901234)).isEqualTo(12345.6789);
  }

  @Test
  void aWindowHoldsBothItsEndsAndNeverRunsBackwards() {
    Window window = Window.ofDays(LocalDate.of(2027, 3, 1), 7);
    assertThat(window.contains(LocalDate.of(2027, 3, 1))).isTrue();
    assertThat(window.contains(LocalDate.of(2027, 3, 8))).isTrue();
    assertThat(window.contains(LocalDate.of(2027, 3, 9))).isFalse();
    assertThatThrownBy(() -> Window.between(window.to(), window.from()))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
