package happysaucer.planner;

/**
 * Where plants stand.
 *
 * @param opens by day of the plan, minutes after midnight
 * @param closes by day of the plan, minutes after midnight; as opens where it is closed
 * @param personMinutes it takes a day of all people together
 * @param tripMinutes the way there and back, parking and setting up, for each visit
 */
public record PlanSite(int index, int[] opens, int[] closes, int personMinutes, int tripMinutes) {
  public boolean isOpen(int day) {
    return closes[day] > opens[day];
  }

  /** Minutes for which it is open while a crew is at work. */
  public int openFor(PlanCrew crew, int day) {
    int until = Math.min(closes[day], crew.begins()[day] + crew.minutes()[day]);
    return Math.max(0, until - Math.max(opens[day], crew.begins()[day]));
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
