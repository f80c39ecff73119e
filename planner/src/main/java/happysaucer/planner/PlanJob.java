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

  /**
   * What it asks for.
   *
   * @param people 1 or 2
   * @param skills of whoever leads, bits
   * @param litres in the lead's van
   * @param weight of a day late: more for what is urgent
   * @param idealDate calendar days since the first day of the plan
   * @param unplanned what it costs to leave it out
   */
  public record Demand(
      int minutes, int people, int skills, int litres, int weight, int idealDate, int unplanned) {}

  /** For the solver, which makes copies. */
  @SuppressWarnings("NullAway.Init")
  PlanJob() {}

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

  private static long key(int day, CrewMember lead) {
    return (long) day << Short.SIZE | lead.index();
  }

  @ValueRangeProvider
  public List<Slot> getSlots() {
    return slots;
  }

  /** Its slot on a day under a lead; null where it may not be then. */
  public @Nullable Slot on(int day, CrewMember lead) {
    return byDayAndLead.get(key(day, lead));
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

  int daysLate(Slot at) {
    return Math.max(0, at.date() - demand.idealDate());
  }

  int daysEarly(Slot at) {
    return Math.max(0, demand.idealDate() - at.date());
  }

  @Override
  public String toString() {
    return "job " + index;
  }
}
