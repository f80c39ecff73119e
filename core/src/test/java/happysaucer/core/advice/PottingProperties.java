package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.Shipped;
import happysaucer.core.pot.Pots;
import happysaucer.core.species.Species;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;

/** Which pot, for any kind in any pot. */
class PottingProperties {
  @Provide
  Arbitrary<Species> species() {
    return Arbitraries.of(Shipped.BOOK.species().all());
  }

  private static Ask ask(Species species, double pot) {
    return Ask.about(species.name())
        .in(Ask.pot("now", pot, 6))
        .sized(Math.min(18000, pot * 3), pot * 2)
        .inLight(species.traits().light().name());
  }

  private static Optional<Advice.Candidate> pot(Advice advice) {
    return advice.repot() == null
        ? Optional.empty()
        : advice.repot().chosen().or(() -> Optional.ofNullable(advice.repot().orderPot()));
  }

  @Property(tries = 200)
  void afterRotNoPotIsLargerThanTheOneInWhichTheyRotted(
      @ForAll("species") Species species,
      @ForAll @DoubleRange(min = 90, max = 400) double top,
      @ForAll @DoubleRange(min = 0.25, max = 0.7) double share) {
    Advice advice = ask(species, top).sign("ROOTS_ROTTEN", null, share).advice();
    Assume.that(advice.call().action().equals("ROT_RESCUE"));
    Advice.Candidate now = pot(advice).orElseThrow();
    double before = Pots.plastic(top).fill().litres();
    assertThat(now.fillLitres()).isLessThanOrEqualTo(before * 1.02 + 1e-6);
    assertThat(now.pot().topMm()).isLessThanOrEqualTo(top + 2 + 1e-6);
  }

  @Property(tries = 100)
  void aClumpThatIsPartedFindsAPotNoDeeperThanWide(
      @ForAll("species") Species species, @ForAll @DoubleRange(min = 130, max = 350) double top) {
    Advice advice = ask(species, top).wish("KEEP").sign("PUPS_FILL_POT").advice();
    Assume.that(advice.call().action().equals("DIVIDE"));
    Advice.Candidate piece = pot(advice).orElseThrow();
    assertThat(piece.fillLitres()).isLessThan(Pots.plastic(top).fill().litres());
    assertThat(piece.pot().heightMm()).isLessThanOrEqualTo(piece.pot().topMm());
  }

  @Property(tries = 100)
  void outOfSeasonTheSmallestStepGoesFirst(
      @ForAll("species") Species species, @ForAll @DoubleRange(min = 100, max = 330) double top) {
    Advice advice =
        ask(species, top).on("2027-10-25").wish("GROW").sign("LITTLE_MEDIUM_LEFT").advice();
    Assume.that(advice.repot() != null && advice.repot().chosen().isPresent());
    Assume.that(advice.call().action().equals("POT_UP") && advice.call().urgency().equals("SOON"));
    double least =
        advice.repot().candidates().stream()
            .filter(c -> c.rank() != null)
            .mapToDouble(Advice.Candidate::stepMm)
            .min()
            .orElseThrow();
    assertThat(advice.repot().chosen().get().stepMm()).isLessThanOrEqualTo(least + 5);
  }

  @Example
  void theNextTradeSizePassesAndTheTightPlaceIsToldOf() {
    for (double[] step : new double[][] {{120, 140}, {170, 190}, {240, 260}, {300, 320}}) {
      Advice advice =
          Ask.about("Ficus elastica")
              .in(Ask.pot("now", step[0], 6))
              .sized(step[0] * 3, step[0] * 2)
              .wish("GROW")
              .sign("ROOTS_CIRCLING", "CLEAR", null)
              .choosing(Ask.pot("next", step[1], 6))
              .advice();
      Advice.Candidate next = advice.repot().chosen().orElseThrow();
      assertThat(next.failures()).as("%.0f to %.0f", step[0], step[1]).isEmpty();
      boolean tight = next.remarks().stream().anyMatch(r -> r.code().equals("TIGHT"));
      assertThat(tight).as("10 mm all round a ball of %.0f", step[0]).isEqualTo(step[1] >= 150);
    }
  }

  @Example
  void aBaseThatIsShownIsNotOrderedDeeper() {
    Advice advice =
        Ask.about("Adenium obesum")
            .in(Ask.pot("now", 180, 6))
            .sized(400, 300)
            .overruled("RAISE_OR_SHALLOW", "SOON", null)
            .sign("ROOTS_CIRCLING", "SEVERE", null)
            .advice();
    assertThat(advice.call().action()).isEqualTo("RAISE_OR_SHALLOW");
    assertThat(pot(advice).orElseThrow().pot().heightMm()).isLessThanOrEqualTo(180 * 0.92 + 1e-6);
  }

  @Example
  void topsWeighWhatSuchPlantsWeigh() {
    assertThat(topKg("Cereus repandus", 380, 1700, 350)).isGreaterThan(10);
    assertThat(topKg("Howea forsteriana", 380, 2800, 1900)).isBetween(6.0, 15.0);
    assertThat(topKg("Crassula ovata", 220, 700, 600)).isBetween(2.0, 6.0);
  }

  /** What it weighs dry, less pot and medium of the same pot with a seedling in it. */
  private static double topKg(String species, double pot, double height, double spread) {
    return (dryGrams(species, pot, height, spread) - dryGrams(species, pot, 30, 20)) / 1000;
  }

  private static double dryGrams(String species, double pot, double height, double spread) {
    return Ask.about(species)
        .in(Ask.pot("now", pot, 6))
        .sized(height, spread)
        .sign("POT_BROKEN")
        .choosing(Ask.pot("again", pot, 6))
        .advice()
        .repot()
        .candidates()
        .get(0)
        .dryMassG();
  }

  @Example
  void aLargerPotIsHeldAgainstTheCoverItIsToStandIn() {
    Advice bare = covered(false);
    assertThat(bare.repot().candidates().get(0).remarks())
        .extracting(Advice.Coded::code)
        .doesNotContain("COVER");
    assertThat(bare.aftercare().steps()).noneMatch(s -> s.text().words().contains("cover pot"));
    Advice covered = covered(true);
    assertThat(covered.repot().candidates().get(0).remarks())
        .filteredOn(r -> r.code().equals("COVER"))
        .singleElement()
        .satisfies(r -> assertThat(r.text().words()).contains("measure the cover's mouth"));
    assertThat(covered.aftercare().steps())
        .filteredOn(s -> s.text().words().contains("cover pot"))
        .singleElement()
        .satisfies(s -> assertThat(s.from()).isEqualTo(covered.repot().waterIn().on()));
    assertThat(covered.repot().candidates().get(0).dryMassG())
        .as("nobody weighed the cover")
        .isCloseTo(bare.repot().candidates().get(0).dryMassG(), within(1e-6));
  }

  private static Advice covered(boolean inCover) {
    AdviceRequest.Pot now =
        new AdviceRequest.Pot(
            "now",
            "STANDARD",
            "PLASTIC",
            190.0,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            6,
            inCover,
            null,
            null);
    return Ask.about("Ficus elastica")
        .in(now)
        .sized(600, 400)
        .wish("GROW")
        .sign("ROOTS_CIRCLING", "CLEAR", null)
        .choosing(Ask.pot("next", 220, 6))
        .advice();
  }
}
