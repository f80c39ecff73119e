package happysaucer.planner;

/**
 * One or two people with a van, who work together.
 *
 * @param skills bits
 * @param begins by day of the plan, minutes after midnight
 * @param minutes by day of the plan; 0 where nobody of it is at work
 * @param people at work by day of the plan, 0 to 2
 * @param vanLitres what its van takes
 * @param vanGrams what its van carries
 */
public record PlanCrew(
    int index, int skills, int[] begins, int[] minutes, int[] people, int vanLitres, int vanGrams) {
  public boolean can(int asked) {
    return (asked & ~skills) == 0;
  }

  public boolean worksOn(int day) {
    return minutes[day] > 0 && people[day] > 0;
  }

  /** Two of it make a second person needless. */
  public boolean isTwo(int day) {
    return people[day] > 1;
  }

  /** Its own time for a job: two people do what one can do side by side, in half of it. */
  public int minutesFor(PlanJob.Demand demand, int day) {
    return isTwo(day) && demand.people() == 1 ? (demand.minutes() + 1) / 2 : demand.minutes();
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof PlanCrew crew && crew.index == index;
  }

  @Override
  public int hashCode() {
    return index;
  }
}
