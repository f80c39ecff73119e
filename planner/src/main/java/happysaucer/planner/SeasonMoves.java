package happysaucer.planner;

import ai.timefold.solver.core.api.score.director.ScoreDirector;
import ai.timefold.solver.core.impl.heuristic.selector.move.factory.MoveIteratorFactory;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/**
 * Moves of the trade: a job joins a visit that is made anyway, a whole visit moves to another day
 * or to somebody else, two jobs change places, one goes where it costs least among a few.
 */
public final class SeasonMoves implements MoveIteratorFactory<SeasonPlan, Reslot> {
  /** A move that turns out impossible is drawn again so often before a job is just moved. */
  private static final int TRIES = 12;

  /** Of a hundred moves: joins, swaps, visits that move; the rest are single jobs. */
  private static final int JOINS = 45;

  private static final int SWAPS = 30;
  private static final int VISITS = 5;
  private static final int HUNDRED = 100;

  private static final int WEEK = 7;

  /** Of a hundred single jobs these go somewhere near in time. */
  private static final int NEAR = 50;

  @Override
  public long getSize(ScoreDirector<SeasonPlan> director) {
    return director.getWorkingSolution().jobs().size() * 100L;
  }

  @Override
  public Iterator<Reslot> createOriginalMoveIterator(ScoreDirector<SeasonPlan> director) {
    throw new UnsupportedOperationException("These moves are drawn, not listed.");
  }

  @Override
  public Iterator<Reslot> createRandomMoveIterator(
      ScoreDirector<SeasonPlan> director, Random random) {
    return new Drawn(director.getWorkingSolution(), random);
  }

  private static final class Drawn implements Iterator<Reslot> {
    private final List<PlanJob> free;
    private final List<List<PlanJob>> bySite;
    private final Random random;
    private final Map<Integer, List<PlanJob>> followers = new HashMap<>();

    Drawn(SeasonPlan plan, Random random) {
      this.random = random;
      free =
          plan.jobs().stream().filter(job -> !job.isPinned() && !job.getSlots().isEmpty()).toList();
      int sites = plan.jobs().stream().mapToInt(job -> job.site().index()).max().orElse(-1) + 1;
      bySite = new ArrayList<>();
      for (int i = 0; i < sites; i++) {
        bySite.add(new ArrayList<>());
      }
      plan.jobs().forEach(job -> bySite.get(job.site().index()).add(job));
      for (PlanJob job : plan.jobs()) {
        if (job.follows() != null && !job.isPinned()) {
          followers.computeIfAbsent(job.follows().job(), i -> new ArrayList<>()).add(job);
        }
      }
    }

    @Override
    public boolean hasNext() {
      return !free.isEmpty();
    }

    @Override
    public Reslot next() {
      Reslot move = drawn();
      return followers.isEmpty() ? move : carrying(move);
    }

    /** What follows a job that moves comes along, to days that are right for it. */
    private Reslot carrying(Reslot move) {
      List<PlanJob> jobs = new ArrayList<>(move.jobs());
      List<@Nullable Slot> slots = new ArrayList<>(move.slots());
      for (int i = 0; i < jobs.size(); i++) {
        Slot first = slots.get(i);
        for (PlanJob follower : followers.getOrDefault(jobs.get(i).index(), List.of())) {
          PlanJob.Follows after = Objects.requireNonNull(follower.follows());
          Slot at = follower.getSlot();
          boolean right = first == null ? at == null : at != null && after.outside(at, first) == 0;
          if (!right && !jobs.contains(follower)) {
            jobs.add(follower);
            slots.add(first == null ? null : near(follower, first, after));
          }
        }
      }
      return jobs.size() == move.jobs().size() ? move : new Reslot(jobs, slots);
    }

    private @Nullable Slot near(PlanJob follower, Slot first, PlanJob.Follows after) {
      List<Slot> right = follower.between(first.date() + after.from(), first.date() + after.to());
      if (right.isEmpty()) {
        return null;
      }
      for (int i = 0; i < TRIES; i++) {
        Slot visit = of(bySite.get(follower.site().index()), random).getSlot();
        Slot joined = visit == null ? null : with(follower, visit);
        if (joined != null && after.outside(joined, first) == 0) {
          return joined;
        }
      }
      return of(right, random);
    }

    private Reslot drawn() {
      int draw = random.nextInt(HUNDRED);
      for (int i = 0; i < TRIES; i++) {
        Reslot move =
            draw < JOINS
                ? join()
                : draw < JOINS + SWAPS ? swap() : draw < JOINS + SWAPS + VISITS ? visit() : null;
        if (move != null) {
          return move;
        }
      }
      return single();
    }

    private PlanJob any() {
      return free.get(random.nextInt(free.size()));
    }

    private static <T> T of(List<T> all, Random random) {
      return all.get(random.nextInt(all.size()));
    }

    private static Reslot one(PlanJob job, @Nullable Slot slot) {
      List<@Nullable Slot> slots = new ArrayList<>(1);
      slots.add(slot);
      return new Reslot(List.of(job), slots);
    }

    /** To a day on which the site is visited anyway, by whoever is there. */
    private @Nullable Reslot join() {
      PlanJob job = any();
      PlanJob there = of(bySite.get(job.site().index()), random);
      Slot visit = there.getSlot();
      if (visit == null || there == job) {
        return null;
      }
      Slot with = with(job, visit);
      return with == null || with == job.getSlot() ? null : one(job, with);
    }

    /** A slot of this job on the day of a visit, with one of those who make it. */
    private @Nullable Slot with(PlanJob job, Slot visit) {
      if (job.demand().people() == 2 && visit.helper() != null && job.getSlots().contains(visit)) {
        return visit;
      }
      PlanCrew lead = of(visit.crew(), random);
      return job.on(visit.day(), lead);
    }

    /** Two jobs change places, as far as each may be where the other was. */
    private @Nullable Reslot swap() {
      PlanJob one = any();
      PlanJob other = any();
      Slot first = one.getSlot();
      Slot second = other.getSlot();
      if (one == other || first == second || (first == null && second == null)) {
        return null;
      }
      Slot forOne = second == null ? null : like(one, second);
      Slot forOther = first == null ? null : like(other, first);
      if ((second != null && forOne == null) || (first != null && forOther == null)) {
        return null;
      }
      List<@Nullable Slot> slots = new ArrayList<>(2);
      slots.add(forOne);
      slots.add(forOther);
      return new Reslot(List.of(one, other), slots);
    }

    private @Nullable Slot like(PlanJob job, Slot slot) {
      Slot same = job.on(slot.day(), slot.lead());
      return same == null && slot.helper() != null ? job.on(slot.day(), slot.helper()) : same;
    }

    /**
     * Everything that one of the crew does at a site on a day goes to another day, or to another.
     */
    private @Nullable Reslot visit() {
      PlanJob of = any();
      Slot from = of.getSlot();
      if (from == null) {
        return null;
      }
      Slot to = of(of.getSlots(), random);
      if (to.day() == from.day() && to.lead() == from.lead()) {
        return null;
      }
      List<PlanJob> jobs = new ArrayList<>();
      List<@Nullable Slot> slots = new ArrayList<>();
      for (PlanJob job : bySite.get(of.site().index())) {
        Slot at = job.getSlot();
        if (job.isPinned() || at == null || at.day() != from.day() || at.lead() != from.lead()) {
          continue;
        }
        Slot next = job == of ? to : job.on(to.day(), to.lead());
        if (next != null) {
          jobs.add(job);
          slots.add(next);
        }
      }
      return jobs.size() < 2 ? null : new Reslot(jobs, slots);
    }

    private Reslot single() {
      PlanJob job = any();
      Slot at = job.getSlot();
      Slot to = of(job.getSlots(), random);
      if (at != null && random.nextInt(HUNDRED) < NEAR) {
        for (int i = 0; i < TRIES && Math.abs(to.date() - at.date()) > WEEK; i++) {
          to = of(job.getSlots(), random);
        }
      }
      return one(job, to);
    }
  }
}
