package happysaucer.server.season;

/** What became of a job of the season. */
public enum JobStatus {
  OPEN,
  DONE,
  /** A planner has taken it out. */
  DROPPED,
  /** Nothing asks for it any more. */
  ENDED
}
