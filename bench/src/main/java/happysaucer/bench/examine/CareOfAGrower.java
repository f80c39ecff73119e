package happysaucer.bench.examine;

import happysaucer.core.advice.Advice;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What a grower would write on the card. */
final class CareOfAGrower {
  private final GrowersRules all;

  CareOfAGrower(GrowersRules all) {
    this.all = all;
  }

  void add() {
    List<Plant> cases = new ArrayList<>();
    cases.addAll(all.inTheirLight(p -> p.wishing("GROW").graded("POT_DEFORMED", "CLEAR")));
    cases.addAll(all.inTheirLight(p -> p.wishing("KEEP").graded("ROOTS_CIRCLING", "SEVERE")));
    cases.addAll(all.inTheirLight(p -> p.valued("ROOTS_ROTTEN", 0.3)));
    cases.addAll(all.inTheirLight(p -> p.sign("ROOT_PESTS")));
    all.add("Care: the first cycle is that of the weeks", cases, CareOfAGrower::oneSimulation);
    all.add("Care: weeks change by no more than a quarter", cases, CareOfAGrower::gently);
    all.add("Care: no zero litres for a pot that lasts", cases, CareOfAGrower::neverZero);
    all.add("Care: water once, on one day, in one amount", cases, CareOfAGrower::firstWaterOnce);
    all.add(
        "Care: a pour follows from what was used, never from a full pot",
        cases,
        CareOfAGrower::poursWhatWasUsed);
    all.add(
        "Care: no drop every day after rot",
        all.inTheirLight(p -> p.valued("ROOTS_ROTTEN", 0.3)),
        CareOfAGrower::noDailyDrop);
    all.add("Care: no feed before the plant drinks again", cases, CareOfAGrower::feedWaits);
    all.add(
        "Care: whole balls keep their bloom",
        all.inSpring(
            p -> p.state("IN_FLOWER", null).wishing("GROW").graded("POT_DEFORMED", "CLEAR")),
        asked ->
            asked.advice().aftercare().steps().stream()
                    .anyMatch(s -> s.kind().equals("REMOVE_BLOOM"))
                ? Optional.of("blooms ordered off")
                : Optional.empty());
  }

  private static Optional<String> oneSimulation(Rule.Asked asked) {
    List<Advice.Week> weeks = asked.advice().aftercare().weeks();
    Advice.Drying after = asked.advice().water().after();
    if (after == null || weeks.isEmpty()) {
      return Optional.empty();
    }
    Optional<Advice.Week> first = weeks.stream().filter(w -> w.litres() > 0).findFirst();
    if (first.isEmpty() || first.get().everyDays() == null || after.daysToRefill() == null) {
      return Optional.empty();
    }
    double ratio = first.get().everyDays() / after.daysToRefill();
    return ratio > 0.75 && ratio < 1.34
        ? Optional.empty()
        : Optional.of(
            String.format(
                Locale.ROOT,
                "%.1f after, %.1f in the weeks",
                after.daysToRefill(),
                first.get().everyDays()));
  }

  private static Optional<String> gently(Rule.Asked asked) {
    Double before = null;
    for (Advice.Week week : asked.advice().aftercare().weeks()) {
      if (before != null && week.everyDays() != null) {
        double change = week.everyDays() / before;
        // a watering that lasts for weeks may change by a quarter for each of them
        double most = Math.pow(1.26, Math.max(1, before / 7));
        if (change > most || change < 1 / most) {
          return Optional.of(
              String.format(Locale.ROOT, "%.1f, then %.1f days", before, week.everyDays()));
        }
      }
      before = week.everyDays();
    }
    return Optional.empty();
  }

  /** Barely moist is kept with pours some days apart: nobody comes each day with 20 ml. */
  private static Optional<String> noDailyDrop(Rule.Asked asked) {
    return asked.advice().aftercare().weeks().stream()
        .filter(week -> week.everyDays() != null && week.everyDays() < 1.8)
        .findFirst()
        .map(week -> String.format(Locale.ROOT, "every %.1f days", week.everyDays()));
  }

  private static Optional<String> neverZero(Rule.Asked asked) {
    boolean watered = false;
    for (Advice.Week week : asked.advice().aftercare().weeks()) {
      watered |= week.litres() > 0;
      if (watered && week.litres() <= 0) {
        return Optional.of("week " + week.week() + ": 0 L");
      }
    }
    return Optional.empty();
  }

  private static Optional<String> firstWaterOnce(Rule.Asked asked) {
    if (asked.advice().repot() == null || asked.advice().repot().waterIn() == null) {
      return Optional.empty();
    }
    var on = asked.advice().repot().waterIn().on();
    boolean onTheCard =
        asked.advice().aftercare().steps().stream()
            .anyMatch(s -> s.kind().equals("WATER") && s.from().equals(on));
    boolean earlier =
        asked.advice().aftercare().weeks().stream()
            .anyMatch(w -> w.litres() > 0 && w.from().plusDays(6).isBefore(on));
    return onTheCard && !earlier ? Optional.empty() : Optional.of("first water on " + on);
  }

  private static Optional<String> poursWhatWasUsed(Rule.Asked asked) {
    for (Advice.Week week : asked.advice().aftercare().weeks()) {
      Advice.Drying after = asked.advice().water().after();
      if (after != null
          && week.everyDays() != null
          && week.week() > 2
          && week.litres()
              > 2.5 * Math.max(after.litresPerDay(), settled(asked)) * week.everyDays()) {
        return Optional.of(
            String.format(
                Locale.ROOT,
                "week %d: %.2f L every %.1f days",
                week.week(),
                week.litres(),
                week.everyDays()));
      }
    }
    return Optional.empty();
  }

  private static double settled(Rule.Asked asked) {
    Advice.Drying settled = asked.advice().water().settled();
    return settled == null ? 0 : settled.litresPerDay();
  }

  private static Optional<String> feedWaits(Rule.Asked asked) {
    if (asked.advice().repot() == null || asked.advice().repot().waterIn() == null) {
      return Optional.empty();
    }
    var hold = asked.advice().repot().feed().holdUntil();
    return hold == null || hold.isAfter(asked.advice().repot().waterIn().on())
        ? Optional.empty()
        : Optional.of("feed from " + hold);
  }
}
