package happysaucer.planner;

/**
 * Somebody who works.
 *
 * @param index from 0
 * @param skills bits
 * @param minutes free on each day of the plan; 0 where absent
 * @param vanLitres what the van takes
 * @param vanGrams what the van carries
 */
public record CrewMember(int index, int skills, int[] minutes, int vanLitres, int vanGrams) {
  public boolean can(int asked) {
    return (asked & ~skills) == 0;
  }

  public boolean worksOn(int day) {
    return minutes[day] > 0;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof CrewMember member && member.index == index;
  }

  @Override
  public int hashCode() {
    return index;
  }
}
