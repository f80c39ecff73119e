package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.Shipped;
import happysaucer.core.pot.Material;
import happysaucer.core.pot.Shape;
import happysaucer.core.species.Species;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.jspecify.annotations.Nullable;

/** Whatever is drawn within the accepted limits is either refused by name or answered. */
class LimitsProperties {
  private static final List<List<String>> SIGNS =
      List.of(
          List.of(),
          List.of("ROOTS_CIRCLING", "LITTLE_MEDIUM_LEFT"),
          List.of("ROOTS_ROTTEN"),
          List.of("MEDIUM_BROKEN_DOWN", "WATER_RUNS_THROUGH"),
          List.of("POT_BROKEN"),
          List.of("PUPS_FILL_POT", "BALL_SOLID"),
          List.of("ROOT_PESTS"),
          List.of("TOPPLES", "TOP_HEAVY"),
          List.of("POT_MOUTH_NARROWER_THAN_BALL", "LITTLE_MEDIUM_LEFT"),
          List.of("STAYS_WET", "HEFT"));

  /** Draws within limits, small and shallow ones as often as large ones. */
  private record Draw(Random random) {
    double mm(double least, double most) {
      return Math.exp(Math.log(least) + random.nextDouble() * Math.log(most / least));
    }

    @Nullable Double maybe(double least, double most) {
      return random.nextInt(3) == 0 ? null : (Double) mm(least, most);
    }

    <T> T one(List<T> all) {
      return all.get(random.nextInt(all.size()));
    }

    AdviceRequest.Pot pot(String id) {
      Shape shape = one(List.of(Shape.values()));
      boolean trough = shape == Shape.TROUGH;
      double top = mm(20, 3000);
      boolean proportioned = random.nextBoolean();
      return new AdviceRequest.Pot(
          id,
          shape.name(),
          random.nextInt(4) == 0 ? null : one(List.of(Material.values())).name(),
          top,
          proportioned ? null : maybe(20, Math.min(3000, Math.max(21, top * 1.3))),
          trough ? maybe(20, 3000) : null,
          trough ? maybe(20, 3000) : null,
          proportioned ? null : maybe(20, 3000),
          random.nextInt(4) == 0 ? (Double) mm(20, 3000) : null,
          random.nextInt(4) == 0 ? (Double) mm(20, 3000) : null,
          random.nextInt(4) == 0 ? (Double) mm(1, 1_000_000) : null,
          random.nextInt(8),
          random.nextInt(5) == 0,
          random.nextInt(6) == 0 ? (Integer) random.nextInt(13) : null,
          null);
    }

    Ask ask() {
      Species species = one(Shipped.BOOK.species().all());
      AdviceRequest.Pot pot = pot("now");
      Ask ask =
          Ask.about(species.name())
              .on(LocalDate.of(2027, 1, 1).plusDays(random.nextInt(365)).toString())
              .at(random.nextInt(-90, 91))
              .in(pot)
              .sized(mm(10, 20000), mm(10, 20000));
      if (random.nextInt(4) == 0) {
        ask.ball(mm(20, pot.topMm() + 1), mm(20, pot.topMm() + 1), mm(20, pot.topMm() + 1));
      }
      if (random.nextBoolean()) {
        ask.repotted("2023-05-01");
      }
      for (String code : one(SIGNS)) {
        switch (code) {
          case "ROOTS_CIRCLING", "BALL_SOLID" -> ask.sign(code, "SEVERE", null);
          case "ROOTS_ROTTEN" -> ask.sign(code, null, 0.05 + random.nextDouble() * 0.65);
          case "WATER_RUNS_THROUGH" -> ask.sign(code, null, 0.05);
          case "STAYS_WET" -> ask.sign(code, null, 40.0);
          case "HEFT" -> ask.sign(code, "HEAVY", null);
          default -> ask.sign(code);
        }
      }
      if (random.nextBoolean()) {
        List<AdviceRequest.Pot> pots = new ArrayList<>();
        for (int i = random.nextInt(6); i > 0; i--) {
          pots.add(pot("p" + i));
        }
        ask.choosing(pots.toArray(AdviceRequest.Pot[]::new));
      }
      return random.nextInt(4) == 0 ? ask.wish("KEEP") : ask;
    }
  }

  @Property(tries = 3000)
  void everyPotWithinTheLimitsIsRefusedByNameOrAnswered(@ForAll long seed) {
    AdviceRequest request = new Draw(new Random(seed)).ask().request();
    Advice advice;
    try {
      advice = Shipped.ADVISE.advise(request);
    } catch (RefusedException e) {
      assertThat(e.faults()).allSatisfy(fault -> assertThat(fault.message()).isNotBlank());
      return;
    }
    assertThat(advice.toString()).doesNotContain("NaN", "Infinity");
  }

  /**
   * Drawn once by chance: a rotten ball of an inch in a dish of nine feet asks for a pot lower than
   * its rim gap.
   */
  @Example
  void aPotMadeForTheRootsIsNeverLowerThanItsRimGap() {
    everyPotWithinTheLimitsIsRefusedByNameOrAnswered(-1732690335L);
  }

  @Property(tries = 1000)
  void aPotOfProportionsNobodyGaveIsNeverRefusedForThem(@ForAll long seed) {
    Draw draw = new Draw(new Random(seed));
    AdviceRequest.Pot pot =
        Ask.shaped(
            draw.one(List.of("STANDARD", "SQUARE", "TROUGH", "BOWL", "DEEP")),
            draw.one(List.of(Material.values())).name(),
            draw.mm(20, 3000),
            null,
            null,
            null);
    assertThat(Advise.pot(pot).topMm()).isEqualTo(pot.topMm());
  }

  @Example
  void aShallowTrayAndOneTypedForADeepPotAreAnswered() {
    for (double depth : new double[] {20, 25, 30, 35, 40}) {
      for (String shape : List.of("STANDARD", "SHALLOW", "BOWL", "SQUARE")) {
        for (double top : new double[] {20, 60, 120, 250, 400, 1200, 3000}) {
          Advice advice =
              Ask.about("Ficus benjamina")
                  .in(Ask.shaped(shape, "GLAZED", top, null, depth, null))
                  .sign("LITTLE_MEDIUM_LEFT")
                  .advice();
          assertThat(advice.call().reasons()).as(shape + " " + top + " by " + depth).isNotEmpty();
        }
      }
    }
  }
}
