package happysaucer.planner;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.planner.SeasonExplained.RuleCost;
import happysaucer.planner.SeasonExplained.Try;
import happysaucer.planner.SeasonSetup.At;
import happysaucer.planner.SeasonSetup.Crew;
import happysaucer.planner.SeasonSetup.Ready;
import happysaucer.planner.SeasonSetup.Site;
import happysaucer.planner.SeasonSetup.Work;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class SeasonSetupTest {
  private static final int DAYS = 28;
  private static final PlanWeights WEIGHTS = new PlanWeights(5, 1, 1, 0, 40);
  private static final UUID HALL = UUID.randomUUID();
  private static final UUID PAIR = UUID.randomUUID();
  private static final UUID ALONE = UUID.randomUUID();

  private static int[] each(int value) {
    int[] all = new int[DAYS];
    Arrays.fill(all, value);
    return all;
  }

  private static int[] on(int day, int value) {
    int[] all = new int[DAYS];
    all[day] = value;
    return all;
  }

  private static Crew pair() {
    return new Crew(PAIR, Set.of("ROOT_CUTTING"), each(480), each(400), each(2), 400, 300_000);
  }

  private static Crew alone() {
    return new Crew(ALONE, Set.of(), each(480), each(300), each(1), 200, 100_000);
  }

  private static Site hall() {
    return new Site(HALL, each(500), each(740), 40);
  }

  private static Work work(int minutes, int people) {
    return new Work(
        UUID.randomUUID(),
        HALL,
        minutes,
        people,
        Set.of(),
        10,
        5000,
        2,
        20,
        6,
        0,
        false,
        2,
        500,
        null,
        null,
        null,
        SeasonSetup.Stay.FREE);
  }

  private static Work at(Work w, At at, boolean pinned) {
    return new Work(
        w.id(),
        w.site(),
        w.minutes(),
        w.people(),
        w.skills(),
        w.litres(),
        w.grams(),
        w.from(),
        w.to(),
        w.ideal(),
        w.materials(),
        w.held(),
        w.weight(),
        w.unplanned(),
        w.after(),
        at,
        null,
        pinned ? SeasonSetup.Stay.PINNED : SeasonSetup.Stay.FREE);
  }

  private static Work needing(Work w, Set<String> skills, int litres, int grams, boolean held) {
    return new Work(
        w.id(),
        w.site(),
        w.minutes(),
        w.people(),
        skills,
        litres,
        grams,
        w.from(),
        w.to(),
        w.ideal(),
        w.materials(),
        held,
        w.weight(),
        w.unplanned(),
        null,
        null,
        null,
        SeasonSetup.Stay.FREE);
  }

  private static Ready season(List<Crew> crews, Site site, Work... work) {
    return new SeasonSetup(DAYS, crews, List.of(site), List.of(work), WEIGHTS).ready();
  }

  static Stream<Arguments> blocked() {
    UnaryOperator<Work> same = UnaryOperator.identity();
    return Stream.of(
        Arguments.of(Blocked.WINDOW_PASSED, pair(), hall(), op(w -> w.within(-20, -3, 0))),
        Arguments.of(Blocked.WINDOW_PASSED, pair(), hall(), op(w -> w.within(40, 60, 0))),
        Arguments.of(
            Blocked.MATERIAL_NEVER, pair(), hall(), op(w -> w.within(2, 20, SeasonSetup.NEVER))),
        Arguments.of(Blocked.MATERIAL_LATE, pair(), hall(), op(w -> w.within(2, 20, 24))),
        Arguments.of(Blocked.SITE_CLOSED, pair(), new Site(HALL, each(0), each(0), 40), same),
        Arguments.of(Blocked.SITE_CLOSED, pair(), new Site(HALL, each(0), on(25, 400), 40), same),
        Arguments.of(
            Blocked.SITE_TOO_SHORT, alone(), new Site(HALL, each(735), each(1200), 40), same),
        Arguments.of(
            Blocked.DAY_TOO_SHORT, pair(), new Site(HALL, each(500), each(740), 9000), same),
        Arguments.of(Blocked.HELD, pair(), hall(), op(w -> needing(w, Set.of(), 10, 5000, true))),
        Arguments.of(
            Blocked.NO_SKILL,
            alone(),
            hall(),
            op(w -> needing(w, Set.of("ROOT_CUTTING"), 10, 5000, false))),
        Arguments.of(
            Blocked.VAN_TOO_SMALL,
            alone(),
            hall(),
            op(w -> needing(w, Set.of(), 250, 5000, false))),
        Arguments.of(
            Blocked.VAN_TOO_SMALL,
            alone(),
            hall(),
            op(w -> needing(w, Set.of(), 10, 150_000, false))),
        Arguments.of(
            Blocked.NO_CREW,
            new Crew(ALONE, Set.of(), each(480), each(0), each(1), 200, 100_000),
            hall(),
            same),
        Arguments.of(Blocked.NO_SECOND_PERSON, alone(), hall(), op(w -> work(60, 2))));
  }

  private static UnaryOperator<Work> op(UnaryOperator<Work> op) {
    return op;
  }

  @ParameterizedTest
  @MethodSource("blocked")
  void whatCannotBePlannedSaysWhy(Blocked why, Crew crew, Site site, UnaryOperator<Work> change) {
    Work work = change.apply(work(60, 1));
    Ready ready = season(List.of(crew), site, work);
    assertThat(ready.blocked()).containsExactly(java.util.Map.entry(work.id(), why));
    assertThat(
            SeasonSolver.anew(Duration.ofMillis(50), WEIGHTS).solve(ready.plan(), p -> {}).jobs())
        .allMatch(job -> job.getSlot() == null);
  }

  @Test
  void withoutAnybodyThereIsNobody() {
    Work work = work(60, 1);
    assertThat(season(List.of(), hall(), work).blocked()).containsValue(Blocked.NO_CREW);
  }

  @Test
  void twoOfACrewDoInHalfTheTimeWhatOneCanAndNeedNoThird() {
    Work one = work(61, 1);
    Work two = work(61, 2);
    Ready ready = season(List.of(pair(), alone()), hall(), one, two);
    PlanJob lifted = Objects.requireNonNull(ready.jobs().get(two.id()));
    assertThat(lifted.getSlots())
        .filteredOn(slot -> slot.helper() == null)
        .isNotEmpty()
        .allMatch(slot -> slot.lead().isTwo(slot.day()));
    assertThat(lifted.getSlots())
        .filteredOn(slot -> slot.helper() != null)
        .allMatch(slot -> !slot.lead().isTwo(slot.day()));
    PlanCrew both = ready.plan().crew().get(0);
    assertThat(both.minutesFor(lifted.demand(), 3)).isEqualTo(61);
    assertThat(both.minutesFor(Objects.requireNonNull(ready.jobs().get(one.id())).demand(), 3))
        .isEqualTo(31);
  }

  @Test
  void nobodyIsThereLongerThanTheSiteIsOpen() {
    Work first = at(work(150, 1), new At(3, ALONE, null), false);
    Work second = at(work(100, 1), new At(3, ALONE, null), false);
    Ready ready = season(List.of(alone()), hall(), first, second);
    assertThat(new SeasonExplained().costs(ready.plan()))
        .contains(new RuleCost(SeasonRules.SITE_HOURS, SeasonExplained.Level.HARD, 250 - 240, 1));
  }

  @Test
  void whatSomebodyPinnedStaysAlsoWhereItCouldNotBePut() {
    Work pinned = at(work(60, 1).within(10, 20, 0), new At(3, PAIR, null), true);
    Ready ready = season(List.of(pair()), hall(), pinned, work(60, 1));
    SeasonPlan solved =
        SeasonSolver.anew(Duration.ofMillis(200), WEIGHTS).solve(ready.plan(), p -> {});
    assertThat(solved.jobs().get(0).getSlot()).extracting(Slot::day).isEqualTo(3);
  }

  @Test
  void aTryTellsWhatBreaksAndWhatItCostsAndChangesNothing() {
    Work full = at(work(250, 1), new At(5, ALONE, null), true);
    Work asked = at(work(60, 1), new At(6, ALONE, null), false);
    Ready ready = season(List.of(alone()), new Site(HALL, each(0), each(1440), 40), full, asked);
    PlanJob job = Objects.requireNonNull(ready.jobs().get(asked.id()));
    SeasonExplained explained = new SeasonExplained();
    PlanCrew crew = ready.plan().crew().get(0);

    Try onFullDay = explained.tryAt(ready.plan(), job, Objects.requireNonNull(job.on(5, crew)));
    assertThat(onFullDay.allowed()).isFalse();
    assertThat(onFullDay.breaks())
        .containsExactly(
            new RuleCost(
                SeasonRules.CREW_MINUTES, SeasonExplained.Level.HARD, 250 + 60 + 40 - 300, 1));

    Try later = explained.tryAt(ready.plan(), job, Objects.requireNonNull(job.on(9, crew)));
    assertThat(later.allowed()).isTrue();
    assertThat(later.cost()).as("three days late, weight 2, 5 a day").isEqualTo(3 * 2 * 5);
    assertThat(ready.at(asked.id())).contains(new At(6, ALONE, null));
  }

  @Test
  void theCheapestOfItsSlotsIsTheOneASearchOverAllFinds() {
    Work full = at(work(250, 1), new At(6, ALONE, null), true);
    Work asked = work(60, 1);
    Ready ready = season(List.of(alone()), new Site(HALL, each(0), each(1440), 40), full, asked);
    PlanJob job = Objects.requireNonNull(ready.jobs().get(asked.id()));
    Try cheapest =
        Objects.requireNonNull(new SeasonExplained().cheapest(ready.plan(), job, slot -> true));
    assertThat(cheapest.allowed()).isTrue();
    assertThat(cheapest.slot().day()).as("a day early costs 1, a day late 10").isEqualTo(5);
  }

  @Test
  void aRepotThatMovesTakesItsFollowUpsAlong() {
    Work repot = at(work(60, 1).within(2, 20, 0), new At(18, ALONE, null), false);
    Work look =
        new Work(
            UUID.randomUUID(),
            HALL,
            10,
            1,
            Set.of(),
            0,
            0,
            0,
            DAYS,
            12,
            0,
            false,
            1,
            100,
            new SeasonSetup.After(repot.id(), 5, 7),
            new At(24, ALONE, null),
            null,
            SeasonSetup.Stay.FREE);
    Ready ready = season(List.of(alone()), hall(), look, repot);
    SeasonPlan solved =
        SeasonSolver.anew(Duration.ofMillis(500), WEIGHTS).solve(ready.plan(), p -> {});
    PlanJob first = solved.jobs().get(0);
    PlanJob after = solved.jobs().get(1);
    assertThat(Objects.requireNonNull(first.getSlot()).day())
        .as("to its ideal day, though its follow-up stood fast before")
        .isEqualTo(6);
    assertThat(Objects.requireNonNull(after.getSlot()).day() - first.getSlot().day())
        .isBetween(5, 7);
    assertThat(IntStream.of(first.index(), after.index())).containsExactly(0, 1);
  }
}
