package happysaucer.server.season;

/** What a job of the season comes of. */
public enum JobSource {
  CALL,
  /** Its pot is expected to be full by then. */
  FORECAST,
  /** It follows a repot that was done. */
  CARE,
  /** A planner added it. */
  HAND
}
