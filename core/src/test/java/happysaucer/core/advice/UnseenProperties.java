package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.Shipped;
import happysaucer.core.species.Species;
import java.time.LocalDate;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;

/** Nothing is claimed that nobody saw, for any species, in any season, after any time. */
class UnseenProperties {
  private static final List<String> AWAY_FROM_THE_ROOTS =
      List.of(
          "WILTS_SOON_AFTER_WATERING",
          "GROWTH_STALLED",
          "SURFACE_HARD",
          "WATER_POOLS",
          "LOWER_LEAVES_SHED",
          "ROOTS_AT_SURFACE",
          "FLOWERS_INSTEAD_OF_GROWTH",
          "LEAF_TIPS_BROWN",
          "TOP_HEAVY");

  @Provide
  Arbitrary<Species> species() {
    return Arbitraries.of(Shipped.BOOK.species().all());
  }

  @Provide
  Arbitrary<List<String>> signs() {
    return Arbitraries.of(AWAY_FROM_THE_ROOTS).list().uniqueElements();
  }

  private static Ask ask(Species species, List<String> signs, int months, int day) {
    Ask ask =
        Ask.about(species.name())
            .on(LocalDate.of(2027, 1, 1).plusDays(day).toString())
            .repotted(LocalDate.of(2027, 1, 1).minusMonths(months).toString())
            .sized(500, 300);
    for (String sign : signs) {
      Double value =
          sign.equals("WATER_POOLS")
              ? (Double) 120.0
              : sign.equals("LOWER_LEAVES_SHED") ? 12.0 : null;
      ask.sign(sign, null, value);
    }
    return ask;
  }

  @Property(tries = 600)
  void rootsThatNobodySawNeverFillThePotNorHaveRoomAgainstTheForecast(
      @ForAll("species") Species species,
      @ForAll("signs") List<String> signs,
      @ForAll @IntRange(max = 90) int months,
      @ForAll @IntRange(max = 364) int day) {
    Advice advice = ask(species, signs, months, day).sign("HEFT", "LIGHT", null).advice();
    String said = advice.call().reasons().toString();
    assertThat(said).doesNotContain("have filled the pot");
    assertThat(advice.call().action()).isNotIn("POT_UP", "ROOT_PRUNE_SAME_POT", "DIVIDE");
    assertThat(advice.findings())
        .filteredOn(finding -> finding.code().equals("CROWDED"))
        .allMatch(finding -> finding.decibans() < 6);
    if (said.contains("have room")) {
      assertThat(advice.forecast().rootFill()).isNotNull().isLessThan(0.6);
    }
  }

  @Property(tries = 300)
  void aSoftStemBaseIsAnEmergencyWhateverElseWasSeen(
      @ForAll("species") Species species,
      @ForAll("signs") List<String> signs,
      @ForAll @IntRange(max = 364) int day,
      @ForAll @IntRange(max = 3) int roots) {
    Ask ask = ask(species, signs, 20, day).sign("STEM_SOFT_AT_BASE");
    switch (roots) {
      case 1 -> ask.absent("ROOTS_ROTTEN");
      case 2 -> ask.absent("ROOTS_ROTTEN").sign("ROOTS_HEALTHY").sign("FRESH_ROOT_TIPS");
      case 3 -> ask.sign("ROOTS_ROTTEN", null, 0.03).sign("ROOTS_HEALTHY");
      default -> {}
    }
    Advice.Call call = ask.advice().call();
    assertThat(call.urgency()).isEqualTo("NOW");
    assertThat(call.action()).isIn("ROT_RESCUE", "BREAK_OUT", "PROPAGATE", "RETIRE");
  }

  @Property(tries = 200)
  void longerOverdueNeverWeakensACallByInterval(
      @ForAll("species") Species species, @ForAll @IntRange(max = 364) int day) {
    boolean due = false;
    for (int months = 2; months <= 140; months += 6) {
      String action =
          ask(species, List.of(), months, day)
              .choose("timing", "INTERVAL")
              .advice()
              .call()
              .action();
      boolean work =
          List.of("POT_UP", "REFRESH", "TOP_DRESS", "ROOT_PRUNE_SAME_POT").contains(action);
      assertThat(due && !work).as(species.name() + " after " + months + ": " + action).isFalse();
      due |= work;
    }
  }
}
