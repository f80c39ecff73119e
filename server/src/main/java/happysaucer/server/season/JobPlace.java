package happysaucer.server.season;

/** Where a job is done. */
public enum JobPlace {
  SITE,
  /** The plant is fetched to the workshop. */
  COLLECT,
  /** In the workshop. */
  BENCH,
  /** The plant is brought back. */
  RETURN
}
