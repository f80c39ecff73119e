package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rest means one thing: seen, or the nature of its kind at that time of its year. */
class RestTest {
  private static Ask overfull(String species, String on) {
    return Ask.about(species).on(on).sized(300, 200).sign("ROOTS_CIRCLING", "SEVERE", null);
  }

  @ParameterizedTest
  @CsvSource({
    "Echinopsis oxygona, 2027-01-15, 44",
    "Echinopsis oxygona, 2027-07-01, -38",
    "Adenium obesum, 2027-01-15, 44",
    "Dendrobium nobile, 2027-01-15, 44"
  })
  void aKindAtRestInItsDarkMonthsIsHeldUntilItWakes(String species, String on, double latitude) {
    Advice.Call call = overfull(species, on).at(latitude).advice().call();
    assertThat(call.urgency()).isEqualTo("NEXT_WINDOW");
    assertThat(call.holds()).anyMatch(h -> h.code().equals("RESTING") && h.firm());
    Advice.Hold rest =
        call.holds().stream().filter(h -> h.code().equals("RESTING")).findFirst().orElseThrow();
    assertThat(rest.until()).isEqualTo(call.from().minusDays(1));
  }

  @ParameterizedTest
  @CsvSource({"Echinopsis oxygona, 2027-05-15, 44", "Echinopsis oxygona, 2027-01-15, 8"})
  void thatAreNotItsDarkMonthsHoldNothing(String species, String on, double latitude) {
    assertThat(overfull(species, on).at(latitude).advice().call().holds())
        .noneMatch(h -> h.code().equals("RESTING"));
  }

  /** A dormant maple goes now; once it is in leaf it waits a year. */
  @Test
  void dormancyOpensTheWindowOfTrainedAndHardyKinds() {
    Advice.Call dormant =
        overfull("Acer palmatum", "2027-01-20").state("RESTING", null).advice().call();
    assertThat(dormant.holds()).isEmpty();
    assertThat(dormant.urgency()).isEqualTo("SOON");
    Advice.Call late =
        overfull("Bletilla striata", "2027-04-05").state("RESTING", null).advice().call();
    assertThat(late.holds()).isEmpty();
    Advice.Call inLeaf = overfull("Acer palmatum", "2027-06-01").wish("KEEP").advice().call();
    assertThat(inLeaf.urgency()).isEqualTo("NEXT_WINDOW");
  }

  @Test
  void restThatWasSeenIsHeldUntilGrowthShows() {
    Advice.Call call =
        overfull("Ficus elastica", "2027-05-10").state("RESTING", null).advice().call();
    assertThat(call.holds()).anyMatch(h -> h.code().equals("RESTING") && h.until() == null);
    assertThat(call.urgency()).isEqualTo("THIS_WINDOW");
  }
}
