package happysaucer.planner;

/**
 * Where plants stand.
 *
 * @param openMinutes by day of the plan: so long it is open, 0 where it is closed
 * @param personMinutes it takes a day of all people together
 * @param tripMinutes the way there and back, parking and setting up, for each visit
 */
public record PlanSite(int index, int[] openMinutes, int personMinutes, int tripMinutes) {
  public boolean isOpen(int day) {
    return openMinutes[day] > 0;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof PlanSite site && site.index == index;
  }

  @Override
  public int hashCode() {
    return index;
  }
}
