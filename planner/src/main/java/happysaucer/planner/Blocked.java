package happysaucer.planner;

/** Why a job cannot be planned on any day, whatever else is planned. In the order of asking. */
public enum Blocked {
  /** A firm hold without a date stands against it. */
  HELD,
  /** Its days are over, or begin after the season. */
  WINDOW_PASSED,
  MATERIAL_NEVER,
  /** Material comes only after its last day. */
  MATERIAL_LATE,
  /** Nobody gets in on any of its days. */
  SITE_CLOSED,
  /** It takes longer than the site is open. */
  SITE_TOO_SHORT,
  NO_SKILL,
  /** Nobody who could lead it is at work on any of its days. */
  NO_CREW,
  /** Not everybody it takes is at work on one of its days. */
  NO_SECOND_PERSON,
  VAN_TOO_SMALL,
  /** The way there and back with the work is longer than any day of work. */
  DAY_TOO_SHORT
}
