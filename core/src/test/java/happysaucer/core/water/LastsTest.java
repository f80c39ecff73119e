package happysaucer.core.water;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.Shipped;
import happysaucer.core.advice.Ask;
import happysaucer.core.species.Habit;
import happysaucer.core.species.Refill;
import happysaucer.core.species.Rest;
import happysaucer.core.species.RootType;
import happysaucer.core.species.Species;
import happysaucer.core.species.Traits;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * How long pots last, over all kinds at realistic sizes: 85 of a hundred within what people see.
 */
class LastsTest {
  private static final Set<Habit> STORES_WATER =
      Set.of(Habit.GLOBE, Habit.ROSETTE, Habit.COLUMN, Habit.FLESHY_SHRUB);

  /** What people see, in days between waterings. */
  enum Seen {
    FOLIAGE_IN_SPRING(
        "2027-04-12", "BRIGHT_INDIRECT", 4, 10, LastsTest::foliage, 150, 190, 230, 250),
    FOLIAGE_IN_A_DARK_WINTER(
        "2026-12-20",
        "MEDIUM",
        10,
        25,
        t -> foliage(t) && t.rest() != Rest.LEAFLESS,
        150,
        190,
        230,
        250),
    ORCHIDS_IN_BARK(
        "2027-04-12",
        "BRIGHT_INDIRECT",
        4,
        10,
        t -> t.bestMix().equals("orchid-bark"),
        90,
        120,
        150),
    CACTI_AND_ROSETTES_IN_GROWTH(
        "2027-06-10",
        "DIRECT",
        8,
        25,
        t -> t.dryLover() && STORES_WATER.contains(t.habit()),
        90,
        120,
        150,
        190);

    private final String on;
    private final String light;
    private final double least;
    private final double most;
    private final Predicate<Traits> which;
    private final double[] pots;

    Seen(
        String on,
        String light,
        double least,
        double most,
        Predicate<Traits> which,
        double... pots) {
      this.on = on;
      this.light = light;
      this.least = least;
      this.most = most;
      this.which = which;
      this.pots = pots;
    }
  }

  private static boolean foliage(Traits t) {
    return !t.dryLover()
        && t.rootType() != RootType.EPIPHYTE
        && t.refill() != Refill.HALF_DRY
        && t.habit() != Habit.TRAINED;
  }

  @ParameterizedTest
  @EnumSource(Seen.class)
  void mostPotsLastAsLongAsPeopleSee(Seen seen) {
    List<String> outside = new ArrayList<>();
    int cases = 0;
    for (Species species : Shipped.BOOK.species().all()) {
      if (!seen.which.test(species.traits())) {
        continue;
      }
      Habit habit = species.traits().habit();
      for (double pot : seen.pots) {
        Double days =
            Ask.about(species.name())
                .on(seen.on)
                .inLight(seen.light)
                .in(Ask.pot("now", pot, 6))
                .unsized()
                .advice()
                .water()
                .before()
                .daysToRefill();
        cases++;
        if (days == null || days < seen.least || days > seen.most) {
          outside.add("%s (%s) in %.0f mm: %s days".formatted(species.name(), habit, pot, days));
        }
      }
    }
    assertThat(cases).isGreaterThan(15);
    assertThat(outside).as(seen.name()).hasSizeLessThanOrEqualTo((int) (0.15 * cases));
  }
}
