package happysaucer.planner;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** A small season to test with: two weeks of five days, everybody there, every site open. */
final class Season {
  static final int DAYS = 10;
  static final PlanWeights WEIGHTS = new PlanWeights(5, 1, 1, 1, 40);
  static final PlanCrew ANNE = member(0, 1);
  static final PlanCrew BEN = member(1, 2);
  static final PlanSite HALL = site(0, 300, 30);
  static final PlanSite STAIR = site(1, 300, 50);

  private Season() {}

  static PlanCrew member(int index, int skills) {
    int[] minutes = new int[DAYS];
    Arrays.fill(minutes, 420);
    int[] people = new int[DAYS];
    Arrays.fill(people, 1);
    return new PlanCrew(index, skills, new int[DAYS], minutes, people, 400, 300_000);
  }

  static PlanSite site(int index, int personMinutes, int tripMinutes) {
    int[] open = new int[DAYS];
    Arrays.fill(open, 24 * 60);
    return new PlanSite(index, new int[DAYS], open, personMinutes, tripMinutes);
  }

  static Slot slot(int day, PlanCrew lead) {
    return new Slot(day, day / 5 * 7 + day % 5, lead, null);
  }

  static Slot slot(int day, PlanCrew lead, PlanCrew helper) {
    return new Slot(day, day / 5 * 7 + day % 5, lead, helper);
  }

  static List<Slot> all(PlanCrew... crew) {
    List<Slot> slots = new ArrayList<>();
    for (int day = 0; day < DAYS; day++) {
      for (PlanCrew lead : crew) {
        slots.add(slot(day, lead));
      }
    }
    return slots;
  }

  static PlanJob job(int index, PlanSite site, int minutes, int litres, int weight, int ideal) {
    return job(
        index, site, new PlanJob.Demand(minutes, 1, 0, litres, 1000, weight, ideal, 1000), null);
  }

  static PlanJob job(int index, PlanSite site, PlanJob.Demand demand, Slot slot) {
    PlanJob job = new PlanJob(index, site, demand, slot == null ? List.of() : List.of(slot));
    job.setSlot(slot);
    return job;
  }

  static PlanJob at(PlanJob job, Slot slot) {
    job.setSlot(slot);
    return job;
  }
}
