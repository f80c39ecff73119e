package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What else could be done, for each call, and what would make it the call. */
class AlternativesTest {
  private static Ask crowded(String species) {
    return Ask.about(species).sign("ROOTS_CIRCLING", "SEVERE", null);
  }

  private static Arguments call(String action, Supplier<Ask> ask, String... alternatives) {
    return Arguments.of(action, ask, List.of(alternatives));
  }

  static Stream<Arguments> calls() {
    return Stream.of(
        call("POT_UP", () -> crowded("Ficus elastica"), "ROOT_PRUNE_SAME_POT"),
        call(
            "POT_UP",
            () -> crowded("Aglaonema commutatum").sized(300, 300),
            "ROOT_PRUNE_SAME_POT",
            "DIVIDE"),
        call("POT_UP", () -> crowded("Howea forsteriana").wish("KEEP"), "RETIRE"),
        call("POT_UP", () -> crowded("Zz plant").wish("KEEP"), "PROPAGATE", "DIVIDE"),
        call("POT_UP", () -> crowded("Howea forsteriana").wish("GROW")),
        call(
            "POT_UP",
            () -> crowded("Adenium obesum").sized(300, 200).in(Ask.pot("x", 140, 4)),
            "ROOT_PRUNE_SAME_POT",
            "RAISE_OR_SHALLOW"),
        call("ROOT_PRUNE_SAME_POT", () -> crowded("Ficus elastica").wish("KEEP"), "POT_UP"),
        call(
            "ROOT_PRUNE_SAME_POT",
            () -> crowded("Maranta leuconeura").wish("KEEP"),
            "POT_UP",
            "DIVIDE"),
        call("REFRESH", () -> Ask.about("Ficus elastica").sign("MEDIUM_BROKEN_DOWN"), "POT_UP"),
        call("LEAVE", () -> Ask.about("Ficus elastica"), "POT_UP"),
        call("LEAVE", () -> Ask.about("Ficus elastica").wish("KEEP"), "REFRESH"),
        call("LEAVE", () -> Ask.about("Ficus elastica").absent("ROOTS_CIRCLING")),
        call(
            "FIX_CARE_FIRST",
            () -> Ask.about("Ficus elastica").state("OVERWATERED", null),
            "ROT_RESCUE"),
        call(
            "FIX_CARE_FIRST",
            () -> Ask.about("Crassula ovata").sign("SHRIVELLED", null, 4.0),
            "ROT_RESCUE",
            "PEST_CLEAN"),
        call(
            "FIX_CARE_FIRST",
            () -> Ask.about("Pothos").ball(100, 80, 90).sign("STAYS_WET").sign("ROOTS_HEALTHY"),
            "POT_DOWN"),
        call("FIX_CARE_FIRST", () -> Ask.about("Ficus elastica").state("UNDERWATERED", null)),
        call(
            "FIX_CARE_FIRST",
            () -> crowded("Ficus elastica").state("OVERWATERED", null),
            "ROT_RESCUE",
            "POT_UP"),
        call(
            "HEAVIER_POT",
            () -> Ask.about("Ficus lyrata").sized(1800, 800).sign("TOPPLES"),
            "POT_UP"),
        call(
            "POT_DOWN",
            () -> Ask.about("Pothos").ball(100, 80, 90).sign("STAYS_WET", null, 25.0),
            "ROT_RESCUE"),
        call(
            "ROT_RESCUE",
            () -> Ask.about("Ficus elastica").sign("ROOTS_ROTTEN", null, 0.3),
            "PROPAGATE"),
        call(
            "ROT_RESCUE",
            () -> Ask.about("Howea forsteriana").sign("ROOTS_ROTTEN", null, 0.3),
            "RETIRE"),
        call(
            "DRAINAGE_RESCUE",
            () -> Ask.about("Ficus elastica").sign("NO_DRAIN_HOLES"),
            "ROT_RESCUE"),
        call("PEST_CLEAN", () -> Ask.about("Ficus elastica").sign("ROOT_PESTS"), "RETIRE"),
        call("REPLACE_POT", () -> Ask.about("Ficus elastica").sign("POT_BROKEN"), "POT_UP"),
        call(
            "REPLACE_POT",
            () -> crowded("Ficus elastica").wish("KEEP").sign("POT_BROKEN"),
            "ROOT_PRUNE_SAME_POT"),
        call(
            "PROPAGATE",
            () -> Ask.about("Ficus elastica").sign("ROOTS_ROTTEN", null, 0.9),
            "RETIRE",
            "ROT_RESCUE"),
        call(
            "BREAK_OUT",
            () -> crowded("Ficus elastica").sign("POT_MOUTH_NARROWER_THAN_BALL"),
            "POT_UP",
            "TOP_DRESS"),
        call(
            "TOP_DRESS",
            () -> crowded("Ficus elastica").in(Ask.pot("x", 600, 6)).sized(2200, 1200),
            "POT_UP"),
        call(
            "RAISE_OR_SHALLOW",
            () ->
                crowded("Adenium obesum")
                    .sized(300, 200)
                    .in(Ask.pot("x", 140, 4))
                    .choose("level", "RAISED"),
            "POT_UP"));
  }

  @ParameterizedTest(name = "{0}: {2}")
  @MethodSource("calls")
  void theOthersThatApplyAreNamedWithWhatWouldMakeThemTheCall(
      String action, Supplier<Ask> ask, List<String> alternatives) {
    Advice.Call call = ask.get().advice().call();
    assertThat(call.action()).isEqualTo(action);
    assertThat(call.alternatives())
        .extracting(Advice.Alternative::action)
        .containsExactlyElementsOf(alternatives);
    assertThat(call.alternatives()).allMatch(other -> other.when().words().endsWith("."));
  }
}
