package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What keeps a repot waiting, until when, and what does not wait. */
class HoldsTest {
  private static Ask crowded(String species) {
    return Ask.about(species)
        .in(Ask.pot("x", 140, 4))
        .sized(250, 200)
        .sign("ROOTS_CIRCLING", "CLEAR", null)
        .sign("BALL_SOLID", "CLEAR", null);
  }

  @ParameterizedTest
  @CsvSource({
    "Hibiscus rosa-sinensis, IN_BUD, true",
    "Hibiscus rosa-sinensis, IN_FLOWER, true",
    "Ficus elastica, IN_FLOWER, false",
    "Ficus elastica, IN_BUD, false",
    "Ficus elastica, RESTING, true",
    "Ficus elastica, HEAT_OR_HUMIDITY_EXTREME, true",
    "Howea forsteriana, NEW_ROOTS_STARTING, true"
  })
  void statesHoldFirmlyOrOnlyAdvise(String species, String state, boolean firm) {
    Advice.Call call =
        crowded(species).sign("POT_DEFORMED", "CLEAR", null).state(state, null).advice().call();
    assertThat(call.holds()).hasSize(1);
    assertThat(call.holds().get(0).code()).isEqualTo(state);
    assertThat(call.holds().get(0).firm()).isEqualTo(firm);
    assertThat(call.recheck()).isNotNull();
  }

  @Test
  void budsDoNotHoldWhereTheMethodGoesBeforeTheyOpen() {
    Ask fig = crowded("Ficus elastica").state("IN_BUD", null);
    assertThat(fig.advice().call().holds()).hasSize(1);
    assertThat(fig.method(null, null, null, "BEFORE_BUDS_OPEN").advice().call().holds()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"0, 2027-04-22", "4, 2027-04-18", "9, 2027-04-13"})
  void prunedTopsSealForTenDays(int since, LocalDate from) {
    Advice.Call call = crowded("Ficus elastica").state("RECENTLY_PRUNED", since).advice().call();
    assertThat(call.from()).isEqualTo(from);
    assertThat(call.recheck()).isEqualTo(from);
    assertThat(call.holds().get(0).until()).isEqualTo(from.minusDays(1));
  }

  @Test
  void sealedCutsHoldNoLonger() {
    assertThat(crowded("Ficus elastica").state("RECENTLY_PRUNED", 10).advice().call().holds())
        .isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"SCALE", "MEALYBUG", "SPIDER_MITES", "THRIPS"})
  void pestsHoldAndAreTreatedBesideTheCall(String pest) {
    Advice.Call call = crowded("Ficus elastica").sign(pest, "SLIGHT", null).advice().call();
    assertThat(call.holds()).extracting(Advice.Hold::code).containsExactly("PESTS");
    assertThat(call.also()).extracting(Advice.Coded::code).contains("TREAT_PESTS");
    assertThat(call.urgency()).isEqualTo("THIS_WINDOW");
  }

  @Test
  void aHoldThatOutlastsTheWindowMovesTheWorkToTheNext() {
    Advice.Call call =
        crowded("Ficus elastica").on("2027-09-08").state("RECENTLY_PRUNED", 0).advice().call();
    assertThat(call.urgency()).isEqualTo("NEXT_WINDOW");
    assertThat(call.from()).isBetween(LocalDate.of(2028, 2, 20), LocalDate.of(2028, 3, 5));
  }

  @Test
  void anySeasonWithCareKnowsNoSeason() {
    Ask winter = crowded("Ficus elastica").on("2026-12-10");
    assertThat(winter.advice().call().urgency()).isEqualTo("NEXT_WINDOW");
    assertThat(winter.method(null, null, "ANY_WITH_CARE", null).advice().call().urgency())
        .isEqualTo("THIS_WINDOW");
  }

  @Test
  void outOfSeasonIsAdviceWithADate() {
    Advice.Call call = crowded("Ficus elastica").on("2026-12-10").advice().call();
    assertThat(call.holds()).hasSize(1);
    assertThat(call.holds().get(0).firm()).isFalse();
    assertThat(call.holds().get(0).until()).isEqualTo(call.from().minusDays(1));
  }
}
