package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The reason given fits the case, and so does the day of the next look. */
class CallWordsTest {
  private static final LocalDate TODAY = LocalDate.of(2027, 4, 12);

  private static Arguments says(String part, Ask ask, Function<Advice.Call, Object> where) {
    return Arguments.of(part, ask, where);
  }

  static Stream<Arguments> sentences() {
    Function<Advice.Call, Object> reasons = Advice.Call::reasons;
    Function<Advice.Call, Object> interim = Advice.Call::interim;
    return Stream.of(
        says("soft at its base", Ask.about("Ficus elastica").sign("STEM_SOFT_AT_BASE"), reasons),
        says(
            "Roots are rotting",
            Ask.about("Ficus elastica").sign("STEM_SOFT_AT_BASE").sign("ROOTS_ROTTEN", null, 0.2),
            reasons),
        says(
            "still shrivelled", Ask.about("Crassula ovata").sign("SHRIVELLED", null, 4.0), reasons),
        says(
            "looks like dying roots",
            Ask.about("Crassula ovata").sign("SHRIVELLED", null, 4.0).sign("HEFT", "HEAVY", null),
            reasons),
        says(
            "stand wet in a pot without holes",
            Ask.about("Ficus elastica").sign("NO_DRAIN_HOLES").sign("HEFT", "HEAVY", null),
            reasons),
        says(
            "It is well for now",
            Ask.about("Ficus elastica").sign("NO_DRAIN_HOLES").sign("HEFT", "LIGHT", null),
            reasons),
        says(
            "may be a size larger",
            Ask.about("Ficus elastica").sign("POT_BROKEN").sign("ROOTS_CIRCLING", "CLEAR", null),
            reasons),
        says(
            "the roots left alone",
            Ask.about("Ficus elastica")
                .wish("KEEP")
                .sign("POT_BROKEN")
                .sign("ROOTS_CIRCLING", "CLEAR", null),
            reasons),
        says("the roots left alone", Ask.about("Ficus elastica").sign("POT_BROKEN"), reasons),
        says(
            "first of them are rotting",
            Ask.about("Pothos")
                .ball(100, 80, 90)
                .sign("STAYS_WET")
                .sign("ROOTS_ROTTEN", null, 0.05),
            reasons),
        says(
            "wet for three weeks",
            Ask.about("Pothos").ball(100, 80, 90).sign("STAYS_WET", null, 30.0),
            reasons),
        says(
            "the mother plant ends",
            Ask.about("Guzmania lingulata").sign("PUPS_FILL_POT"),
            reasons),
        says(
            "outgrown its pot",
            Ask.about("Maranta leuconeura").wish("KEEP").sign("PUPS_FILL_POT"),
            reasons),
        says(
            "overdue", Ask.about("Ficus elastica").sign("ROOTS_CIRCLING", "SEVERE", null), reasons),
        says(
            "have filled the pot.",
            Ask.about("Ficus elastica").sign("ROOTS_CIRCLING", "CLEAR", null),
            reasons),
        says(
            "soak it at each watering",
            Ask.about("Ficus elastica").sign("ROOTS_CIRCLING", "SEVERE", null),
            interim),
        says(
            "keep watering as now",
            Ask.about("Ficus elastica").sign("ROOTS_CIRCLING", "CLEAR", null),
            interim),
        says(
            "this species likes that",
            Ask.about("Spathiphyllum wallisii").sign("ROOTS_FROM_DRAIN_HOLES", "SLIGHT", null),
            reasons),
        says(
            "does not press yet",
            Ask.about("Ficus elastica").sign("ROOTS_FROM_DRAIN_HOLES", "SLIGHT", null),
            reasons),
        says(
            "nobody has seen the roots",
            Ask.about("Ficus elastica")
                .sign("SURFACE_HARD")
                .sign("GROWTH_STALLED")
                .sign("WATER_POOLS", null, 95.0)
                .mix("trained-tree"),
            reasons),
        says(
            "Find the cause first",
            Ask.about("Ficus elastica").sign("LOWER_LEAVES_SHED", null, 25.0),
            reasons),
        says(
            "Look at the roots before a repot",
            Ask.about("Ficus elastica").fed(true).sign("WHOLE_PLANT_PALE"),
            reasons),
        says(
            "too dark", Ask.about("Citrus x limon").inLight("LOW").sign("GROWTH_STALLED"), reasons),
        says(
            "the medium has broken down",
            Ask.about("Ficus elastica").sign("ROOTS_ROTTEN", null, 0.05).sign("MEDIUM_BROKEN_DOWN"),
            reasons),
        says(
            "slip check is due",
            Ask.about("Ficus elastica").repotted("2023-01-01").mix("trained-tree"),
            reasons),
        says(
            "do not stand cutting",
            Ask.about("Howea forsteriana").wish("KEEP").sign("ROOTS_CIRCLING", "SEVERE", null),
            reasons),
        says(
            "window opens on",
            Ask.about("Ficus elastica").on("2026-12-01").sign("ROOTS_CIRCLING", "CLEAR", null),
            reasons),
        says(
            "cannot wait for",
            Ask.about("Ficus elastica").on("2026-12-01").sign("ROOTS_CIRCLING", "SEVERE", null),
            reasons),
        says(
            "does not wait for the season",
            Ask.about("Ficus elastica").on("2026-12-01").sign("ROOTS_ROTTEN", null, 0.2),
            reasons));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("sentences")
  void theSentenceFitsTheCase(String part, Ask ask, Function<Advice.Call, Object> where) {
    assertThat(where.apply(ask.advice().call()).toString()).contains(part);
  }

  @Test
  void sentencesOfAnotherCaseAreNotSaid() {
    String severe =
        Ask.about("Ficus elastica")
            .sign("ROOTS_CIRCLING", "SEVERE", null)
            .advice()
            .call()
            .reasons()
            .toString();
    assertThat(severe).doesNotContain("cannot wait").doesNotContain("window opens");
    String rot =
        Ask.about("Ficus elastica")
            .sign("ROOTS_ROTTEN", null, 0.2)
            .advice()
            .call()
            .reasons()
            .toString();
    assertThat(rot).doesNotContain("does not wait for the season");
  }

  @ParameterizedTest
  @CsvSource({
    "ROOTS_ROTTEN, 0.05, 10",
    "SHRIVELLED, 4, 3",
  })
  void careIsLookedAtAgainSoon(String sign, double value, int days) {
    assertThat(Ask.about("Crassula ovata").sign(sign, null, value).advice().call().recheck())
        .isEqualTo(TODAY.plusDays(days));
  }

  @ParameterizedTest
  @CsvSource({
    "Ficus elastica, 300, 2025-10-01, 90, 90",
    "Olea europaea, 345, 2025-05-01, 110, 180"
  })
  void aWatchedPlantIsLookedAtAMonthBeforeItMayBeCrowded(
      String species, double potMm, String repotted, int least, int most) {
    Advice.Call call =
        Ask.about(species)
            .in(Ask.pot("x", potMm, 6))
            .repotted(repotted)
            .sign("ROOTS_FROM_DRAIN_HOLES", "SLIGHT", null)
            .advice()
            .call();
    assertThat(call.action()).isEqualTo("WATCH");
    assertThat(call.recheck()).isBetween(TODAY.plusDays(least), TODAY.plusDays(most));
  }

  @Test
  void holdsSetTheNextLook() {
    Ask crowded = Ask.about("Ficus elastica").sign("ROOTS_CIRCLING", "CLEAR", null);
    assertThat(crowded.advice().call().recheck()).isNull();
    assertThat(crowded.state("IN_BUD", null).advice().call().recheck())
        .as("a hold that only advises")
        .isEqualTo(TODAY.plusDays(28));
    Advice.Call winter =
        Ask.about("Ficus elastica")
            .on("2026-12-01")
            .sign("ROOTS_CIRCLING", "CLEAR", null)
            .advice()
            .call();
    assertThat(winter.recheck()).isEqualTo(winter.from());
    Advice.Call resting =
        Ask.about("Ficus elastica")
            .sign("ROOTS_CIRCLING", "CLEAR", null)
            .state("RESTING", null)
            .advice()
            .call();
    assertThat(resting.recheck()).isEqualTo(TODAY.plusDays(28));
    Advice.Call left = Ask.about("Ficus elastica").state("RESTING", null).advice().call();
    assertThat(left.recheck())
        .as("sooner than for a plant that is merely left")
        .isEqualTo(TODAY.plusDays(28));
    Advice.Call rot =
        Ask.about("Ficus elastica")
            .on("2026-12-01")
            .sign("ROOTS_ROTTEN", null, 0.2)
            .advice()
            .call();
    assertThat(rot.recheck()).isEqualTo(rot.to());
    assertThat(
            Ask.about("Ficus elastica").sign("ROOTS_ROTTEN", null, 0.2).advice().call().recheck())
        .isNull();
  }

  @Test
  void outOfSeasonIsNoHoldOnAPlantThatIsLeft() {
    assertThat(Ask.about("Ficus elastica").on("2026-12-01").advice().call().holds()).isEmpty();
  }

  @Test
  void brittleStubsAreAGoodMomentAndLongRootsAreNot() {
    Ask longRoots =
        Ask.about("Howea forsteriana")
            .sign("ROOTS_CIRCLING", "SEVERE", null)
            .state("NEW_ROOTS_STARTING", null);
    assertThat(longRoots.advice().call().holds())
        .extracting(Advice.Hold::code)
        .containsExactly("NEW_ROOTS_STARTING");
    assertThat(longRoots.sign("FRESH_ROOT_TIPS").advice().call().holds()).isEmpty();
  }

  @Test
  void newRootTipsOpenTheWindowOfAnOrchidInWinter() {
    Ask orchid =
        Ask.about("Moth orchid")
            .on("2026-12-01")
            .sized(300, 300)
            .in(Ask.pot("x", 120, 4))
            .sign("MEDIUM_BROKEN_DOWN");
    assertThat(orchid.advice().call().urgency()).isEqualTo("NEXT_WINDOW");
    Advice.Call open = orchid.sign("FRESH_ROOT_TIPS").advice().call();
    assertThat(open.urgency()).isEqualTo("THIS_WINDOW");
    assertThat(open.to()).isEqualTo(LocalDate.of(2026, 12, 29));
  }

  @Test
  void aHoldPastTheEndOfTheWindowMovesTheWorkToTheNext() {
    Advice.Call call =
        Ask.about("Ficus elastica")
            .on("2027-09-05")
            .state("ARRIVED", 1)
            .sign("MEDIUM_BROKEN_DOWN")
            .advice()
            .call();
    assertThat(call.urgency()).isEqualTo("NEXT_WINDOW");
    assertThat(call.from()).isAfter(LocalDate.of(2028, 2, 1));
  }
}
