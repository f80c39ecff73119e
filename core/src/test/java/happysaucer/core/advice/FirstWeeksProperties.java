package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.Shipped;
import happysaucer.core.species.Group;
import happysaucer.core.species.Species;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;

/** Bench, card, weeks and feed tell of the same waterings. */
class FirstWeeksProperties {
  @Provide
  Arbitrary<Species> species() {
    return Arbitraries.of(Shipped.BOOK.species().all());
  }

  @Provide
  Arbitrary<String> sign() {
    return Arbitraries.of("ROOTS_CIRCLING", "ROOTS_ROTTEN", "ROOT_PESTS", "POT_BROKEN");
  }

  private static Advice advice(Species species, String sign, double top) {
    return Ask.about(species.name())
        .in(Ask.pot("now", top, 6))
        .sized(Math.min(18000, top * 3), top * 2)
        .inLight(species.traits().light().name())
        .sign(
            sign,
            sign.equals("ROOTS_CIRCLING") ? "SEVERE" : null,
            sign.equals("ROOTS_ROTTEN") ? Double.valueOf(0.3) : null)
        .advice();
  }

  @Property(tries = 200)
  void oneDayOneAmountOneInterval(
      @ForAll("species") Species species,
      @ForAll("sign") String sign,
      @ForAll @DoubleRange(min = 80, max = 350) double top) {
    Advice advice = advice(species, sign, top);
    Assume.that(advice.repot() != null && advice.repot().waterIn() != null);
    Advice.WaterIn first = advice.repot().waterIn();
    List<Advice.Week> weeks = advice.aftercare().weeks();
    Advice.Week wet = weeks.stream().filter(w -> w.litres() > 0).findFirst().orElseThrow();
    assertThat(wet.from().plusDays(6)).isAfterOrEqualTo(first.on());
    assertThat(weeks).filteredOn(w -> w.week() > wet.week()).allMatch(w -> w.litres() > 0);
    assertThat(advice.aftercare().steps())
        .filteredOn(s -> s.kind().equals("WATER") && s.from().isBefore(first.on()))
        .allMatch(s -> !s.text().words().matches("(Water|Soak|Moisten|Stand|First water).*"));
    Double next = advice.water().after().daysToRefill();
    if (first.on().equals(wet.from()) && next != null && next > 7) {
      assertThat(wet.everyDays()).isCloseTo(next, within(1e-9));
    }
  }

  @Property(tries = 200)
  void noFeedBeforeItHasDrunkForTwoWeeks(
      @ForAll("species") Species species,
      @ForAll("sign") String sign,
      @ForAll @DoubleRange(min = 80, max = 350) double top) {
    Advice advice = advice(species, sign, top);
    Assume.that(advice.repot() != null && advice.repot().waterIn() != null);
    Assume.that(advice.repot().feed().holdUntil() != null);
    assertThat(advice.repot().feed().holdUntil())
        .isAfterOrEqualTo(advice.repot().waterIn().on().plusDays(14));
  }

  @Property(tries = 150)
  void bloomsComeOffCutRootsAloneAndNeverOffABromeliad(
      @ForAll("species") Species species, @ForAll("sign") String sign) {
    Advice advice =
        Ask.about(species.name())
            .in(Ask.pot("now", 170, 6))
            .sized(500, 350)
            .state("IN_FLOWER", null)
            .sign(
                sign,
                sign.equals("ROOTS_CIRCLING") ? "SEVERE" : null,
                sign.equals("ROOTS_ROTTEN") ? Double.valueOf(0.3) : null)
            .advice();
    boolean off =
        advice.aftercare().steps().stream().anyMatch(s -> s.kind().equals("REMOVE_BLOOM"));
    if (off) {
      assertThat(species.group()).isNotEqualTo(Group.BROMELIAD);
      assertThat(advice.call().action()).isNotIn("POT_UP", "TOP_DRESS", "REPLACE_POT");
    }
    assertThat(off && advice.repot() == null).isFalse();
  }

  @Example
  void treatedRootsStayDryForAWeekOnTheBenchAndOnTheCard() {
    Advice advice =
        advice(
            Shipped.BOOK.species().find("Spathiphyllum wallisii").orElseThrow(), "ROOT_PESTS", 190);
    assertThat(advice.call().action()).isEqualTo("PEST_CLEAN");
    Advice.WaterIn first = advice.repot().waterIn();
    assertThat(first.on()).isEqualTo(advice.call().from().plusDays(7));
    assertThat(advice.repot().steps())
        .noneMatch(
            s -> s.text().words().startsWith("Water with") || s.text().words().startsWith("Pour"));
    assertThat(advice.aftercare().steps())
        .anyMatch(s -> s.kind().equals("WATER") && s.from().equals(first.on()));
  }

  @Example
  void stepsNameThePartsThatTheKindHas() {
    String fern =
        words(
            advice(
                Shipped.BOOK.species().find("Platycerium bifurcatum").orElseThrow(),
                "ROOTS_CIRCLING",
                170));
    assertThat(fern).contains("wetting all of the medium").doesNotContain("silver");
    String moth =
        words(
            advice(
                Shipped.BOOK.species().all().stream()
                    .filter(s -> s.group() == Group.ORCHID_EPIPHYTE && !s.traits().divides())
                    .findFirst()
                    .orElseThrow(),
                "ROOTS_ROTTEN",
                130));
    assertThat(moth).doesNotContain("back bulb");
  }

  private static String words(Advice advice) {
    StringBuilder words = new StringBuilder();
    advice.aftercare().steps().forEach(s -> words.append(s.text()).append('\n'));
    if (advice.repot() != null) {
      advice.repot().steps().forEach(s -> words.append(s.text()).append('\n'));
    }
    return words.toString();
  }
}
