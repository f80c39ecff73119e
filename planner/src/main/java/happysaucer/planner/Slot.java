package happysaucer.planner;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** A day and who works. One instance for each, so that jobs of one slot share it. */
public final class Slot {
  private final int day;
  private final int date;
  private final PlanCrew lead;
  private final @Nullable PlanCrew helper;
  private final List<PlanCrew> crew;

  /**
   * @param day of the plan, from 0
   * @param date calendar days since the first day of the plan
   * @param lead whose van it is and who has the skill
   * @param helper null where one is enough
   */
  public Slot(int day, int date, PlanCrew lead, @Nullable PlanCrew helper) {
    this.day = day;
    this.date = date;
    this.lead = lead;
    this.helper = helper;
    crew = helper == null ? List.of(lead) : List.of(lead, helper);
  }

  public int day() {
    return day;
  }

  public int date() {
    return date;
  }

  public PlanCrew lead() {
    return lead;
  }

  public @Nullable PlanCrew helper() {
    return helper;
  }

  public List<PlanCrew> crew() {
    return crew;
  }

  public boolean has(PlanCrew member) {
    return crew.contains(member);
  }

  @Override
  public String toString() {
    return "day " + day + " by " + lead.index() + (helper == null ? "" : "+" + helper.index());
  }
}
