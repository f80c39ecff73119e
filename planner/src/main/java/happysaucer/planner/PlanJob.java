package happysaucer.planner;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.entity.PlanningPin;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A piece of work that wants a slot. Where none is left after windows, holds, materials, access,
 * absences and skills, it cannot be planned, whatever the others do.
 */
@PlanningEntity
public class PlanJob {
  @PlanningId private int index;
  private PlanSite site;
  private Demand demand;
  private List<Slot> slots;
  private Map<Long, Slot> byDayAndLead;

  @PlanningVariable(allowsUnassigned = true)
  private @Nullable Slot slot;

  /** Where it stood in the plan that was made known; null where it stood in none. */
  private @Nullable Slot published;

  @PlanningPin private boolean pinned;

  private @Nullable Follows follows;

  /**
   * What it asks for.
   *
   * @param people 1 or 2
   * @param skills of whoever leads, bits
   * @param litres in the lead's van
   * @param grams in the lead's van
   * @param weight of a day late: more for what is urgent
   * @param idealDate calendar days since the first day of the plan
   * @param unplanned what it costs to leave it out
   */
  public record Demand(
      int minutes,
      int people,
      int skills,
      int litres,
      int grams,
      int weight,
      int idealDate,
      int unplanned) {}

  /**
   * It comes so many calendar days after another, as a look after a repot.
   *
   * @param job index of the other: the solver makes copies, which a job itself would not follow
   * @param from the least
   * @param to the most
   */
  public record Follows(int job, int from, int to) {
    /** Days by which a slot lies before or after these, 0 within them. */
    int outside(Slot own, Slot first) {
      int days = own.date() - first.date();
      return Math.max(0, Math.max(from - days, days - to));
    }
  }

  /** For the solver, which makes copies. */
  PlanJob() {}

  /**
   * @param slots it may have, in the order of days
   */
  public PlanJob(int index, PlanSite site, Demand demand, List<Slot> slots) {
    this.index = index;
    this.site = site;
    this.demand = demand;
    this.slots = slots;
    byDayAndLead = new HashMap<>();
    for (Slot open : slots) {
      byDayAndLead.putIfAbsent(key(open.day(), open.lead()), open);
    }
  }

  private static long key(int day, PlanCrew lead) {
    return (long) day << Short.SIZE | lead.index();
  }

  @ValueRangeProvider
  public List<Slot> getSlots() {
    return slots;
  }

  /** Its slot on a day under a lead; null where it may not be then. */
  public @Nullable Slot on(int day, PlanCrew lead) {
    return byDayAndLead.get(key(day, lead));
  }

  /** Its slots on these dates, which stand in the order of days. */
  List<Slot> between(int from, int to) {
    return slots.subList(firstOn(from), firstOn(to + 1));
  }

  private int firstOn(int date) {
    int low = 0;
    int high = slots.size();
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (slots.get(middle).date() < date) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low;
  }

  public int index() {
    return index;
  }

  public PlanSite site() {
    return site;
  }

  public Demand demand() {
    return demand;
  }

  public @Nullable Slot getSlot() {
    return slot;
  }

  public void setSlot(@Nullable Slot slot) {
    this.slot = slot;
  }

  public @Nullable Slot published() {
    return published;
  }

  public void publish(@Nullable Slot was) {
    published = was;
  }

  public boolean isPinned() {
    return pinned;
  }

  public void pin(boolean stays) {
    pinned = stays;
  }

  public @Nullable Follows follows() {
    return follows;
  }

  /** It is done only where that other job is, and so many days after it. */
  public void follow(Follows after) {
    follows = after;
  }

  /** What follows another job is in time on every day that is right after that one. */
  int daysLate(Slot at) {
    return follows != null ? 0 : Math.max(0, at.date() - demand.idealDate());
  }

  int daysEarly(Slot at) {
    return follows != null ? 0 : Math.max(0, demand.idealDate() - at.date());
  }

  @Override
  public String toString() {
    return "job " + index;
  }
}
