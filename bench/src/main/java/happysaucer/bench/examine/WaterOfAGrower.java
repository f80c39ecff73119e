package happysaucer.bench.examine;

import happysaucer.core.species.Habit;
import happysaucer.core.species.Light;
import happysaucer.core.species.Refill;
import happysaucer.core.species.Rest;
import happysaucer.core.species.RootType;
import happysaucer.core.species.Traits;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/** How long pots of realistic plants last; 85 of a hundred should lie in the range. */
final class WaterOfAGrower {
  private static final LocalDate WINTER = LocalDate.of(2026, 12, 20);
  private static final LocalDate SUMMER = LocalDate.of(2027, 6, 10);
  private static final double[] FOLIAGE_POTS = {150, 190, 230, 250};
  private static final double[] SMALL_POTS = {90, 120, 150};
  private static final double[] LARGE_POTS = {300, 350, 400};

  private final GrowersRules all;

  WaterOfAGrower(GrowersRules all) {
    this.all = all;
  }

  void add() {
    range(
        "Water: foliage in 15 to 25 cm pots, bright spring: every 4 to 10 days",
        cases(this::foliage, FOLIAGE_POTS, GrowersRules.SPRING, Light.BRIGHT_INDIRECT),
        4,
        10);
    range(
        "Water: the same in a dark winter: every 10 to 25 days",
        cases(t -> foliage(t) && t.rest() != Rest.LEAFLESS, FOLIAGE_POTS, WINTER, Light.MEDIUM),
        10,
        25);
    range(
        "Water: orchids in bark, spring: every 4 to 10 days",
        cases(
            t -> t.bestMix().equals("orchid-bark"),
            SMALL_POTS,
            GrowersRules.SPRING,
            Light.BRIGHT_INDIRECT),
        4,
        10);
    range(
        "Water: cacti and rosettes in growth: every 8 to 25 days",
        cases(
            t ->
                t.dryLover()
                    && Set.of(Habit.GLOBE, Habit.ROSETTE, Habit.COLUMN, Habit.FLESHY_SHRUB)
                        .contains(t.habit()),
            new double[] {90, 120, 150, 190},
            SUMMER,
            Light.DIRECT),
        8,
        25);
    all.add(
        "Water: a tree of 4 m in 30 to 40 cm: 0.2 to 1 L a day",
        trees(),
        asked -> {
          double daily = asked.advice().water().before().litresPerDay();
          return within(daily, 0.2, 1.0, "L a day");
        });
    all.add(
        "Water: in growth nobody is told half a day or two months",
        all.inSpring(p -> p),
        asked -> {
          Double days = asked.advice().water().before().daysToRefill();
          return days == null ? Optional.empty() : within(days, 1, 60, "days");
        });
  }

  private boolean foliage(Traits t) {
    return !t.dryLover()
        && t.rootType() != RootType.EPIPHYTE
        && t.refill() != Refill.HALF_DRY
        && t.habit() != Habit.TRAINED;
  }

  private List<Plant> cases(Predicate<Traits> which, double[] pots, LocalDate on, Light light) {
    List<Plant> cases = new ArrayList<>();
    for (double pot : pots) {
      all.book().species().all().stream()
          .filter(species -> which.test(species.traits()))
          .forEach(species -> cases.add(Plant.of(species, pot, on, light).measured()));
    }
    return cases;
  }

  private List<Plant> trees() {
    List<Plant> cases = new ArrayList<>();
    for (double pot : LARGE_POTS) {
      all.book().species().all().stream()
          .filter(
              s ->
                  Set.of(Habit.TREE, Habit.PALM).contains(s.traits().habit())
                      && s.traits().matureHeightMm() >= 2000)
          .forEach(
              s ->
                  cases.add(
                      Plant.of(s, pot, GrowersRules.SPRING, Light.BRIGHT_INDIRECT).tall(4000)));
    }
    return cases;
  }

  private void range(String name, List<Plant> cases, double least, double most) {
    all.add(
        name,
        cases,
        asked -> {
          Double days = asked.advice().water().before().daysToRefill();
          return days == null
              ? Optional.of("never within the horizon")
              : within(days, least, most, "days");
        });
  }

  private static Optional<String> within(double is, double least, double most, String unit) {
    return is >= least && is <= most
        ? Optional.empty()
        : Optional.of(String.format(Locale.ROOT, "%.2f %s", is, unit));
  }
}
