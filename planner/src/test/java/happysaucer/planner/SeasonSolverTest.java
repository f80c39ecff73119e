package happysaucer.planner;

import static happysaucer.planner.Season.ANNE;
import static happysaucer.planner.Season.BEN;
import static happysaucer.planner.Season.HALL;
import static happysaucer.planner.Season.STAIR;
import static happysaucer.planner.Season.WEIGHTS;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class SeasonSolverTest {
  private static final Duration SHORT = Duration.ofMillis(900);

  private static SeasonPlan season(int jobs) {
    Random random = new Random(5);
    List<Slot> slots = Season.all(ANNE, BEN);
    List<PlanJob> all = new ArrayList<>();
    for (int i = 0; i < jobs; i++) {
      all.add(
          new PlanJob(
              i,
              i % 2 == 0 ? HALL : STAIR,
              new PlanJob.Demand(
                  20 + random.nextInt(40),
                  1,
                  0,
                  10,
                  1000,
                  1 + random.nextInt(2) * 9,
                  2 + i % 9,
                  1000),
              slots));
    }
    return new SeasonPlan(all, List.of(ANNE, BEN), WEIGHTS);
  }

  @Test
  void everythingThatFitsIsPlannedAndEachJobKeepsToItsSlots() {
    AtomicInteger told = new AtomicInteger();
    SeasonPlan plan =
        SeasonSolver.anew(SHORT, WEIGHTS).solve(season(40), better -> told.incrementAndGet());
    assertThat(Objects.requireNonNull(plan.score()).isFeasible()).isTrue();
    assertThat(plan.jobs()).allSatisfy(job -> assertThat(job.getSlots()).contains(job.getSlot()));
    assertThat(told.get()).as("progress").isPositive();
  }

  @Test
  void oneVisitIsMadeOfWhatCanGoTogether() {
    List<Slot> slots = Season.all(ANNE);
    List<PlanJob> jobs = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      jobs.add(new PlanJob(i, STAIR, new PlanJob.Demand(30, 1, 0, 10, 1000, 1, i, 1000), slots));
    }
    SeasonPlan plan =
        SeasonSolver.anew(SHORT, WEIGHTS)
            .solve(new SeasonPlan(jobs, List.of(ANNE), WEIGHTS), better -> {});
    assertThat(plan.jobs().stream().map(job -> Objects.requireNonNull(job.getSlot()).day()))
        .as("three days early together cost less than another way there")
        .containsOnly(Objects.requireNonNull(plan.jobs().get(0).getSlot()).day());
  }

  @Test
  void whatHasNoSlotLeftStaysUnplannedAndNothingFails() {
    PlanJob never =
        new PlanJob(0, HALL, new PlanJob.Demand(30, 1, 0, 1, 1000, 1, 0, 1000), List.of());
    PlanJob can =
        new PlanJob(1, HALL, new PlanJob.Demand(30, 1, 0, 1, 1000, 1, 0, 1000), Season.all(BEN));
    SeasonPlan plan =
        SeasonSolver.anew(Duration.ofMillis(300), WEIGHTS)
            .solve(new SeasonPlan(List.of(never, can), List.of(BEN), WEIGHTS), better -> {});
    assertThat(plan.jobs().get(0).getSlot()).isNull();
    assertThat(plan.jobs().get(1).getSlot()).isNotNull();
    SeasonPlan none = new SeasonPlan(List.of(never), List.of(), WEIGHTS);
    assertThat(SeasonSolver.anew(SHORT, WEIGHTS).solve(none, better -> {})).isSameAs(none);
  }

  @Test
  void aFollowUpIsFoundItsDaysAfterTheRepot() {
    SeasonPlan plan = season(12);
    for (int i = 0; i < 4; i++) {
      plan.jobs().get(i + 4).follow(new PlanJob.Follows(i, 3, 6));
    }
    SeasonPlan solved = SeasonSolver.anew(SHORT, WEIGHTS).solve(plan, better -> {});
    assertThat(Objects.requireNonNull(solved.score()).isFeasible()).isTrue();
    for (int i = 0; i < 4; i++) {
      Slot repot = Objects.requireNonNull(solved.jobs().get(i).getSlot());
      Slot look = Objects.requireNonNull(solved.jobs().get(i + 4).getSlot());
      assertThat(look.date() - repot.date()).isBetween(3, 6);
    }
  }

  @Test
  void whatIsPinnedStaysAndAChangeMovesFewOthers() {
    SeasonPlan plan = SeasonSolver.anew(SHORT, WEIGHTS).solve(season(40), better -> {});
    plan.jobs().forEach(job -> job.publish(job.getSlot()));
    PlanJob pinned = plan.jobs().get(3);
    pinned.pin(true);
    PlanJob ill = plan.jobs().get(0);
    Slot was = ill.getSlot();
    ill.publish(null);
    ill.setSlot(null);
    SeasonPlan again = SeasonSolver.gently(SHORT).solve(plan, better -> {});
    long moved =
        again.jobs().stream()
            .filter(job -> job.published() != null && job.published() != job.getSlot())
            .count();
    assertThat(moved).isLessThanOrEqualTo(3);
    assertThat(again.jobs().get(3).getSlot()).isSameAs(pinned.getSlot());
    assertThat(again.jobs().get(0).getSlot()).as("it was on %s", was).isNotNull();
  }

  @Test
  void itIsStoppedAndThePlanSoFarIsKept() throws Exception {
    SeasonSolver solver = SeasonSolver.anew(Duration.ofMinutes(10), WEIGHTS);
    CompletableFuture<Void> begun = new CompletableFuture<>();
    CompletableFuture<SeasonPlan> answered =
        CompletableFuture.supplyAsync(
            () ->
                solver.solve(
                    season(60),
                    better -> {
                      if (better.jobs().stream().anyMatch(job -> job.getSlot() != null)) {
                        begun.complete(null);
                      }
                    }));
    begun.get(60, TimeUnit.SECONDS);
    solver.stop();
    assertThat(answered.get(60, TimeUnit.SECONDS).jobs()).anyMatch(job -> job.getSlot() != null);
  }
}
