package happysaucer.planner;

/**
 * A place where plants stand.
 *
 * @param index from 0
 * @param open on each day of the plan
 * @param personMinutes the site takes on a day
 * @param tripMinutes the way there and back and setting up, once for each of the crew who come on a
 *     day
 */
public record PlanSite(int index, boolean[] open, int personMinutes, int tripMinutes) {
  @Override
  public boolean equals(Object other) {
    return other instanceof PlanSite site && site.index == index;
  }

  @Override
  public int hashCode() {
    return index;
  }
}
