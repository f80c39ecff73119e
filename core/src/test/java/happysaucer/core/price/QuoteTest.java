package happysaucer.core.price;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a customer is told, reckoned by hand. */
class QuoteTest {
  private static final Quote.Rates RATES =
      new Quote.Rates(OptionalInt.of(4200), OptionalInt.of(180), OptionalInt.of(900));

  private static Quote quote(int pots, int potCents, double litres, int minutes) {
    return Quote.of(
        new Quote.Parts(
            pots, potCents < 0 ? OptionalInt.empty() : OptionalInt.of(potCents), litres, minutes),
        RATES);
  }

  /** 1,290 + 3.5 x 180 + 25/60 x 4,200; less work than the least is charged as the least. */
  @ParameterizedTest
  @CsvSource({
    "1, 1290, 3.2, 23, 3670",
    "0, -1, 0.5, 5, 990",
    "2, 500, 4.0, 60, 5920",
    "0, -1, 0, 0, 0",
  })
  void partsAddUp(int pots, int potCents, double litres, int minutes, int cents) {
    Quote quote = quote(pots, potCents, litres, minutes);
    assertThat(quote.cents()).isEqualTo(cents);
    assertThat(quote.whole()).isTrue();
  }

  @Test
  void beganIsCharged() {
    assertThat(quote(0, -1, 2.01, 21).lines())
        .extracting(Quote.Line::amount)
        .containsExactly(2.5, 25.0);
    assertThat(quote(0, -1, 2.5, 25).lines())
        .extracting(Quote.Line::amount)
        .containsExactly(2.5, 25.0);
  }

  @Test
  void aPriceThatNobodyGaveIsMissingAndNotNothing() {
    Quote quote = quote(1, -1, 2, 30);
    assertThat(quote.whole()).isFalse();
    assertThat(quote.cents()).isEqualTo(360 + 2100);
    assertThat(quote.lines().get(0).cents()).isEmpty();
  }
}
