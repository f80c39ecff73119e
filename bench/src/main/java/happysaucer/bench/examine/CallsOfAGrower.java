package happysaucer.bench.examine;

import happysaucer.core.species.Crowding;
import happysaucer.core.species.Light;
import happysaucer.core.species.Rest;
import happysaucer.core.species.WindowKind;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;

/** Cases that a grower knows the answer to. */
final class CallsOfAGrower {
  private static final Set<String> NO_WORK = Set.of("LEAVE", "WATCH", "FIX_CARE_FIRST");
  private static final Set<String> WAYS_OUT = Set.of("ROT_RESCUE", "PROPAGATE", "RETIRE");
  private static final Set<String> BY_HAND = Set.of("HEFT", "STAYS_WET");
  private static final LocalDate SUMMER = LocalDate.of(2027, 7, 10);
  private static final LocalDate WINTER = LocalDate.of(2027, 1, 15);

  private final GrowersRules all;

  CallsOfAGrower(GrowersRules all) {
    this.all = all;
  }

  void add() {
    thirst();
    losses();
    sizes();
    time();
    emergencies();
    seasons();
    record();
    snugAndStanding();
    looks();
    textbook();
  }

  private static boolean noWork(Rule.Asked asked) {
    return NO_WORK.contains(asked.action()) && !asked.said().contains("filled the pot");
  }

  /** 1. */
  private void thirst() {
    List<Plant> cases = new ArrayList<>();
    cases.addAll(all.everywhere(p -> p.graded("HEFT", "LIGHT").sign("WILTS_SOON_AFTER_WATERING")));
    cases.addAll(
        all.inTheirLight(
            p ->
                p.graded("HEFT", "LIGHT")
                    .sign("WILTS_SOON_AFTER_WATERING")
                    .state("UNDERWATERED", null)));
    cases.addAll(all.inTheirLight(p -> p.sign("GROWTH_STALLED").sign("SURFACE_HARD")));
    cases.addAll(all.inTheirLight(p -> p.valued("WATER_POOLS", 90).sign("CORE_DRY")));
    cases.addAll(
        all.inTheirLight(
            p ->
                p.repottedMonthsAgo(30)
                    .valued("WATER_POOLS", 90)
                    .sign("GROWTH_STALLED")
                    .valued("LOWER_LEAVES_SHED", 4)));
    all.add(
        "A thirsty plant, or one whose roots nobody saw, is not repotted",
        cases,
        asked -> Rule.unless(noWork(asked), asked));
    all.add(
        "What UNDERWATERED explains is named as thirst",
        all.inSpring(
            p ->
                p.graded("HEFT", "LIGHT")
                    .sign("WILTS_SOON_AFTER_WATERING")
                    .state("UNDERWATERED", null)),
        asked -> Rule.unless(asked.stands("UNDERWATERED") && !asked.stands("CROWDED"), asked));
  }

  /** 2. */
  private void losses() {
    all.add(
        "Many leaves from a wet pot: too much water is named",
        all.inTheirLight(p -> p.valued("LOWER_LEAVES_SHED", 25).valued("STAYS_WET", 21)),
        asked ->
            Rule.unless(
                asked.plant().species().traits().rest() != Rest.NONE
                    || asked.said().contains("wet"),
                asked));
    all.add(
        "Many leaves from a light pot: too little water is named",
        all.inSpring(p -> p.valued("LOWER_LEAVES_SHED", 25).graded("HEFT", "LIGHT")),
        asked -> Rule.unless(asked.said().contains("short of water"), asked));
    all.add(
        "Many leaves and nothing else: a cause is asked for",
        all.inSpring(p -> p.valued("LOWER_LEAVES_SHED", 25)),
        asked -> Rule.unless(asked.action().equals("FIX_CARE_FIRST"), asked));
    all.add(
        "Leaves after a move: the move is named",
        all.inSpring(p -> p.valued("LOWER_LEAVES_SHED", 25).state("MOVED_LIGHT", 10)),
        asked -> Rule.unless(noWork(asked) && asked.said().contains("moved"), asked));
    all.add(
        "A sun species that stalls in low light: light is named",
        all.inSpring(p -> p.on(SUMMER).inLight(Light.LOW).sign("GROWTH_STALLED")).stream()
            .filter(p -> p.species().traits().light() == Light.DIRECT)
            .toList(),
        asked -> Rule.unless(asked.said().contains("dark"), asked));
    all.add(
        "Pale and not fed: feed",
        all.inSpring(p -> p.sign("WHOLE_PLANT_PALE").fed(false)),
        asked ->
            Rule.unless(
                NO_WORK.contains(asked.action())
                    && asked.call().also().stream().anyMatch(a -> a.code().equals("FEED")),
                asked));
    all.add(
        "Pale though fed: roots first, no repot unseen",
        all.inSpring(p -> p.sign("WHOLE_PLANT_PALE").fed(true)),
        asked -> Rule.unless(noWork(asked) && !asked.action().equals("LEAVE"), asked));
    all.add(
        "Water in the cover pot: empty it now",
        all.inTheirLight(p -> p.standingInCover().sign("WATER_IN_COVER_POT")),
        asked ->
            Rule.unless(
                asked.call().also().stream().anyMatch(a -> a.code().equals("EMPTY_COVER")), asked));
  }

  /** 3. */
  private void sizes() {
    List<Plant> cases = new ArrayList<>();
    for (double share : new double[] {0.5, 0.9, 0.949, 0.951, 1, 1.3}) {
      cases.addAll(
          all.inSpring(
              p ->
                  p.tall(Math.min(19000, share * p.species().traits().matureHeightMm()))
                      .wishing("GROW")
                      .graded("ROOTS_CIRCLING", "SEVERE")));
    }
    all.add(
        "Who says GROW is potted up, whatever its height",
        cases,
        asked ->
            Rule.unless(
                !asked.action().equals("ROOT_PRUNE_SAME_POT")
                    && !asked.said().contains("usual height")
                    && !asked.said().contains("stay this size"),
                asked));
    all.add(
        "Where nobody said, trailers, clumps, cacti and rosettes have no usual height",
        all
            .inSpring(
                p ->
                    p.tall(Math.min(19000, 1.1 * p.species().traits().matureHeightMm()))
                        .graded("ROOTS_CIRCLING", "SEVERE"))
            .stream()
            .filter(p -> !p.species().traits().habit().hasUsualHeight())
            .toList(),
        asked -> Rule.unless(!asked.said().contains("usual height"), asked));
  }

  /** 4. */
  private void time() {
    List<Plant> cases = new ArrayList<>();
    for (double times : new double[] {1.05, 1.5, 2, 3}) {
      cases.addAll(
          all.inSpring(
              p -> p.repottedMonthsAgo(times * p.species().traits().monthsTo()).byInterval()));
    }
    all.add(
        "By interval, longer overdue never weakens the call",
        cases,
        asked -> Rule.unless(!NO_WORK.contains(asked.action()), asked));
    List<Plant> room = new ArrayList<>();
    for (double months : new double[] {3, 12, 24, 40, 80}) {
      room.addAll(all.inSpring(p -> p.repottedMonthsAgo(months).sign("MEDIUM_BROKEN_DOWN")));
      room.addAll(
          all.inSpring(
              p -> p.repottedMonthsAgo(months).graded("ROOTS_FROM_DRAIN_HOLES", "SLIGHT")));
    }
    all.add(
        "\"Room\" is not said against the forecast",
        room,
        asked -> {
          Double fill = asked.advice().forecast().rootFill();
          boolean full = fill != null && fill >= 0.6;
          return Rule.unless(!(full && asked.said().contains("have room")), asked);
        });
  }

  /** 5 and 6. */
  private void emergencies() {
    List<Plant> stems = new ArrayList<>();
    for (UnaryOperator<Plant> roots :
        List.<UnaryOperator<Plant>>of(
            p -> p,
            p -> p.sign("ROOTS_HEALTHY"),
            p -> p.absent("ROOTS_ROTTEN"),
            p -> p.sign("ROOTS_HEALTHY").sign("FRESH_ROOT_TIPS").absent("ROOTS_ROTTEN"),
            p -> p.sign("MEDIUM_FALLS_AWAY").state("IN_FLOWER", null),
            p -> p.valued("ROOTS_ROTTEN", 0.05))) {
      stems.addAll(all.inTheirLight(p -> roots.apply(p).sign("STEM_SOFT_AT_BASE")));
    }
    all.add(
        "A soft stem base is an emergency by itself",
        stems,
        asked ->
            Rule.unless(
                WAYS_OUT.contains(asked.action()) && asked.call().urgency().equals("NOW"), asked));
    List<Plant> slight = new ArrayList<>();
    for (double share : new double[] {0.03, 0.06, 0.09}) {
      slight.addAll(all.inSpring(p -> p.valued("ROOTS_ROTTEN", share).sign("MEDIUM_BROKEN_DOWN")));
    }
    all.add(
        "Slight rot in broken-down medium: fresh medium",
        slight,
        asked ->
            Rule.unless(
                asked.action().equals("REFRESH")
                    || asked.action().equals("POT_UP")
                    || asked.action().equals("TOP_DRESS"),
                asked));
  }

  /** 7 and 8. */
  private void seasons() {
    all.add(
        "A kind at rest is not told SOON",
        all.inTheirLight(p -> p.on(WINTER).graded("ROOTS_CIRCLING", "SEVERE")).stream()
            .filter(
                p ->
                    (p.species().traits().rest() == Rest.DRY
                            || p.species().traits().rest() == Rest.LEAFLESS)
                        && p.species().traits().window() != WindowKind.TRAINED_TREE)
            .toList(),
        asked -> Rule.unless(asked.call().urgency().equals("NEXT_WINDOW"), asked));
    all.add(
        "What is moved dormant is not held for its rest",
        all
            .inTheirLight(
                p ->
                    p.on(LocalDate.of(2027, 2, 25))
                        .state("RESTING", null)
                        .graded("ROOTS_CIRCLING", "SEVERE"))
            .stream()
            .filter(p -> p.species().traits().window() == WindowKind.TRAINED_TREE)
            .toList(),
        asked -> Rule.unless(asked.call().urgency().equals("SOON"), asked));
    List<Plant> out = new ArrayList<>();
    for (String wish : new String[] {null, "GROW", "KEEP"}) {
      out.addAll(all.inTheirLight(p -> p.wishing(wish).graded("ROOTS_CIRCLING", "SEVERE")));
    }
    all.add(
        "Out of season the ball stays whole",
        out,
        asked -> {
          boolean late =
              asked.call().urgency().equals("SOON")
                  && asked.call().holds().stream().anyMatch(h -> h.code().equals("OUT_OF_SEASON"));
          boolean cuts =
              asked.advice().repot() != null
                  && (asked.advice().repot().rootWork().rootShare() > 0
                      || asked.advice().repot().rootWork().canopyShare() > 0
                      || Set.of("SCORE", "COMB", "WASH")
                          .contains(asked.advice().repot().rootWork().loosening()));
          return Rule.unless(!(late && cuts), asked);
        });
  }

  /** 9 and 10. */
  private void record() {
    all.add(
        "A figure from defaults explains no strong sign away",
        all.inTheirLight(
            p -> Plant.of(p.species(), p.potMm(), p.date(), p.light()).valued("DRIES_TOO_FAST", 3)),
        asked ->
            Rule.unless(
                asked.advice().findings().stream()
                    .flatMap(f -> f.discounted().stream())
                    .noneMatch(
                        d ->
                            d.sign().equals("DRIES_TOO_FAST")
                                && d.why().words().contains("expected")),
                asked));
    all.add(
        "Six times what it can drink is doubted and not its use",
        all.inTheirLight(p -> p),
        asked -> {
          var table = asked.advice().water().before();
          if (table.daysToRefill() == null || table.litresPerDay() < 0.01) {
            return java.util.Optional.empty();
          }
          var fed = asked.ask().apply(asked.plant().watered(3, 6 * 3 * table.litresPerDay()));
          boolean doubted =
              fed.findings().stream()
                  .anyMatch(
                      f ->
                          Set.of("OVERWATERED", "SPENT_MEDIUM").contains(f.code())
                              && f.decibans() >= 6);
          boolean believed = fed.water().before().litresPerDay() > 2 * table.litresPerDay();
          return doubted && !believed
              ? java.util.Optional.empty()
              : java.util.Optional.of(
                  String.format(
                      java.util.Locale.ROOT,
                      "%.2f L a day of the table, %.2f after the record",
                      table.litresPerDay(),
                      fed.water().before().litresPerDay()));
        });
    all.add(
        "A tenth of what it drinks is named as thirst",
        all.inSpring(p -> p),
        asked -> {
          var table = asked.advice().water().before();
          var dry = asked.ask().apply(asked.plant().watered(10, table.litresPerDay()));
          return Rule.unless(
              dry.findings().stream()
                  .anyMatch(f -> f.code().equals("UNDERWATERED") && f.decibans() >= 6),
              asked);
        });
  }

  /** 13 and 14. */
  private void snugAndStanding() {
    all.add(
        "A young plant of a snug kind that is to grow is potted up",
        all
            .inSpring(
                p ->
                    p.in(90)
                        .tall(Math.max(30, 0.15 * p.species().traits().matureHeightMm()))
                        .wishing(null)
                        .graded("ROOTS_CIRCLING", "CLEAR"))
            .stream()
            .filter(p -> p.species().traits().crowding() == Crowding.LIKES_SNUG)
            .distinct()
            .toList(),
        asked ->
            Rule.unless(
                asked.action().equals("POT_UP") || asked.action().equals("RAISE_OR_SHALLOW"),
                asked));
    all.add(
        "A lean alone asks for a stake, not for a pot",
        all.inTheirLight(p -> p.valued("LEANS", 12)),
        asked ->
            Rule.unless(
                noWork(asked)
                    && asked.call().also().stream().anyMatch(a -> a.code().equals("UPRIGHT")),
                asked));
  }

  /** 15. */
  private void looks() {
    List<Plant> cases = new ArrayList<>();
    cases.addAll(all.inSpring(p -> p.valued("LOWER_LEAVES_SHED", 12)));
    cases.addAll(all.inSpring(p -> p.graded("HEFT", "LIGHT")));
    cases.addAll(all.inSpring(p -> p.sign("WILTS_SOON_AFTER_WATERING")));
    all.add(
        "After leaf fall, heft or wilt: probe or lift first",
        cases,
        asked ->
            Rule.unless(
                asked.advice().lookNext().isEmpty()
                    || asked.said().contains("Slip it out")
                    || BY_HAND.contains(asked.advice().lookNext().get(0).sign()),
                asked));
    List<Plant> any = all.drawn();
    all.add(
        "Nobody is asked for a bulge of a pot that cannot bulge, or for holes that were counted",
        any,
        asked ->
            Rule.unless(
                asked.advice().lookNext().stream()
                    .noneMatch(look -> look.sign().equals("NO_DRAIN_HOLES")),
                asked));
  }

  /** What every apprentice learns. */
  private void textbook() {
    all.add(
        "One or two old leaves are nothing",
        all.inTheirLight(p -> p.valued("LOWER_LEAVES_SHED", 2)),
        asked -> Rule.unless(asked.action().equals("LEAVE"), asked));
    all.add(
        "Medium that falls away is put back, whatever circles",
        all.inSpring(p -> p.graded("ROOTS_CIRCLING", "CLEAR").sign("MEDIUM_FALLS_AWAY")),
        asked -> Rule.unless(NO_WORK.contains(asked.action()), asked));
    all.add(
        "Told to stay: the roots are cut, or it goes up by the smallest step",
        all.inSpring(p -> p.wishing("KEEP").graded("ROOTS_CIRCLING", "SEVERE")),
        asked ->
            Rule.unless(
                asked.plant().species().traits().rootLimit() > 0
                    ? Set.of("ROOT_PRUNE_SAME_POT", "TOP_DRESS").contains(asked.action())
                    : Set.of("POT_UP", "TOP_DRESS").contains(asked.action()),
                asked));
    all.add(
        "What tips and has room gets a heavier pot",
        all.inSpring(p -> p.sign("TOPPLES").absent("ROOTS_CIRCLING")),
        asked -> Rule.unless(asked.action().equals("HEAVIER_POT"), asked));
    all.add(
        "Rot by its share: care, rescue, cuttings",
        rotten(),
        asked -> {
          double share = asked.plant().signs().get(0).value();
          double limits = asked.plant().species().traits().oldRootsDieInTurn() ? 2 : 1;
          boolean fits =
              share < 0.1 * limits
                  ? asked.action().equals("FIX_CARE_FIRST")
                  : share <= Math.min(0.95, 0.75 * limits)
                      ? asked.action().equals("ROT_RESCUE")
                      : Set.of("PROPAGATE", "RETIRE").contains(asked.action());
          return Rule.unless(fits, asked);
        });
    all.add(
        "Buds that would drop are waited for",
        all.inTheirLight(p -> p.state("IN_BUD", null).graded("ROOTS_CIRCLING", "SEVERE")).stream()
            .filter(p -> p.species().traits().budDrop())
            .toList(),
        asked -> Rule.unless(!Set.of("NOW", "SOON").contains(asked.call().urgency()), asked));
    all.add(
        "Clear crowding waits for its window",
        all.inTheirLight(p -> p.graded("POT_DEFORMED", "CLEAR")),
        asked ->
            Rule.unless(
                Set.of("THIS_WINDOW", "NEXT_WINDOW").contains(asked.call().urgency()), asked));
    all.add(
        "Salts are rinsed out, no pot for them",
        all.inSpring(p -> p.sign("SALT_CRUST")),
        asked ->
            Rule.unless(
                noWork(asked)
                    && asked.call().also().stream().anyMatch(a -> a.code().equals("LEACH")),
                asked));
    all.add(
        "It came crowded: it does not settle first",
        all.inSpring(p -> p.state("ARRIVED", 4).graded("POT_DEFORMED", "CLEAR")),
        asked ->
            Rule.unless(
                asked.call().holds().stream().noneMatch(h -> h.code().equals("ARRIVED")), asked));
    all.add(
        "It came well: nothing is done for three weeks",
        all.inSpring(p -> p.state("ARRIVED", 4).sign("MEDIUM_BROKEN_DOWN")),
        asked ->
            Rule.unless(
                asked.call().from() == null
                    || !asked.call().from().isBefore(asked.plant().date().plusDays(17)),
                asked));
    all.add(
        "Pests above ground are treated first",
        all.inSpring(p -> p.graded("MEALYBUG", "CLEAR").graded("ROOTS_CIRCLING", "SEVERE")),
        asked ->
            Rule.unless(
                !Set.of("NOW", "SOON").contains(asked.call().urgency())
                    && asked.call().also().stream().anyMatch(a -> a.code().equals("TREAT_PESTS")),
                asked));
    all.add(
        "Standing wet for three weeks is no matter of waiting",
        all.inSpring(p -> p.valued("STAYS_WET", 30)),
        asked -> Rule.unless(!asked.action().equals("LEAVE"), asked));
    all.add(
        "A dormant cactus is light and hard, and left alone",
        all.inTheirLight(p -> p.on(WINTER).graded("HEFT", "LIGHT").sign("SURFACE_HARD")).stream()
            .filter(p -> p.species().traits().rest() == Rest.DRY)
            .toList(),
        asked -> Rule.unless(asked.action().equals("LEAVE"), asked));
  }

  private List<Plant> rotten() {
    List<Plant> cases = new ArrayList<>();
    for (double share : new double[] {0.05, 0.25, 0.5, 0.97}) {
      cases.addAll(all.inTheirLight(p -> p.valued("ROOTS_ROTTEN", share)));
    }
    return cases;
  }
}
