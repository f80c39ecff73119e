package happysaucer.core.minutes;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.advice.Ask;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JobMinutesTest {
  /** Own times take over the more there are; one quick job hardly shortens the plan. */
  @ParameterizedTest
  @CsvSource({
    "35, 0, 0, 35",
    "30, 60, 30, 40",
    "30, 240, 120, 45",
    "30, 2400, 1200, 60",
    "60, 10, 30, 55"
  })
  void ownTimesTakeOver(int ruled, double taken, double thought, int expected) {
    assertThat(JobMinutes.expected(ruled, taken, thought)).isEqualTo(expected);
  }

  @Test
  void aSecondPersonAndCutsTakeTheirTime() {
    Ask small = Ask.about("Ficus elastica").sized(600, 300).in(Ask.pot("now", 150, 6));
    Ask tall = Ask.about("Ficus elastica").sized(2200, 900).in(Ask.pot("now", 150, 6));
    int alone = JobMinutes.ruled(small.sign("ROOTS_CIRCLING", "CLEAR", null).advice());
    int two = JobMinutes.ruled(tall.wish("GROW").sign("ROOTS_CIRCLING", "CLEAR", null).advice());
    int cut = JobMinutes.ruled(small.wish("KEEP").advice());
    // 15 for the second person and 8 for the height, told in steps of five
    assertThat(two).isBetween(alone + 20, alone + 25);
    Ask high = Ask.about("Ficus elastica").sized(1600, 900).in(Ask.pot("now", 150, 6));
    int laidOver = JobMinutes.ruled(high.sign("ROOTS_CIRCLING", "CLEAR", null).advice());
    assertThat(laidOver).isBetween(alone + 5, alone + 10);
    assertThat(cut).isGreaterThanOrEqualTo(alone + 10);
  }
}
