package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a job needs agrees with the plan it is of. */
class NeedsTest {
  private static List<Advice.Need> of(Advice advice, String kind) {
    return advice.repot().needs().stream().filter(need -> need.kind().equals(kind)).toList();
  }

  private static double sum(Advice advice, String kind) {
    return of(advice, kind).stream().mapToDouble(Advice.Need::amount).sum();
  }

  private static Ask crowded(String species) {
    return Ask.about(species)
        .unsized()
        .sign("ROOTS_CIRCLING", "SEVERE", null)
        .sign("ROOTS_FROM_DRAIN_HOLES", "CLEAR", null);
  }

  @ParameterizedTest
  @ValueSource(strings = {"Ficus elastica", "Phalaenopsis hybrids", "Juniperus procumbens"})
  void theLitresAreThoseOfTheMixAndItsIngredientsAddUp(String species) {
    Advice advice = crowded(species).advice();
    assertThat(of(advice, "MIX"))
        .singleElement()
        .satisfies(
            mix -> {
              assertThat(mix.code()).isEqualTo(advice.repot().mix().code());
              assertThat(mix.amount()).isEqualTo(advice.repot().mix().litres());
              assertThat(mix.unit()).isEqualTo("L");
            });
    assertThat(sum(advice, "INGREDIENT"))
        .isCloseTo(sum(advice, "MIX"), org.assertj.core.data.Offset.offset(1e-6));
    assertThat(of(advice, "POT"))
        .extracting(Advice.Need::code)
        .isSubsetOf(advice.repot().chosen().orElseThrow().id());
  }

  @Test
  void aClumpInThreeTakesThreePotsAndThreeTimesTheMix() {
    Ask clump =
        Ask.about("Aglaonema commutatum")
            .unsized()
            .wish("KEEP")
            .sign("PUPS_FILL_POT", null, null)
            .sign("ROOTS_CIRCLING", "SEVERE", null);
    Advice advice =
        clump
            .wishing(new AdviceRequest.Wish(null, null, null, null, null, null, null, 3, null))
            .advice();
    assertThat(advice.call().action()).isEqualTo("DIVIDE");
    assertThat(sum(advice, "POT")).isEqualTo(3);
    assertThat(sum(advice, "MIX"))
        .isCloseTo(3 * advice.repot().mix().litres(), org.assertj.core.data.Offset.offset(1e-6));
  }

  @Test
  void cutsWantBladesAndWhoeverCanCut() {
    Advice cut = crowded("Ficus elastica").wish("KEEP").advice();
    assertThat(cut.repot().rootWork().rootShare()).isPositive();
    assertThat(of(cut, "TOOL")).extracting(Advice.Need::code).contains("BLADES", "DISINFECTANT");
    assertThat(of(cut, "SKILL")).extracting(Advice.Need::code).contains("ROOT_CUTTING");
    assertThat(of(cut, "POT")).as("it goes back into its own").isEmpty();
    assertThat(of(cut, "MINUTES")).extracting(Advice.Need::code).contains("ROOTS");
  }

  @Test
  void twoAreWantedWhereTwoLift() {
    Advice tall = crowded("Ficus elastica").sized(2300, 900).advice();
    assertThat(sum(tall, "PEOPLE")).isEqualTo(2);
    assertThat(of(tall, "MINUTES")).extracting(Advice.Need::code).contains("SECOND_PERSON", "TALL");
    assertThat(of(crowded("Ficus elastica").advice(), "MINUTES"))
        .extracting(Advice.Need::code)
        .doesNotContain("TALL");
    assertThat(sum(crowded("Ficus elastica").advice(), "PEOPLE")).isEqualTo(1);
  }

  @Test
  void whatIsKeptDryNeedsNoCan() {
    assertThat(of(crowded("Echinopsis oxygona").advice(), "TOOL"))
        .extracting(Advice.Need::code)
        .doesNotContain("WATERING_CAN");
    assertThat(of(crowded("Ficus elastica").advice(), "TOOL"))
        .extracting(Advice.Need::code)
        .contains("WATERING_CAN");
  }
}
