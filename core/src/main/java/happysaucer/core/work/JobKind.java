package happysaucer.core.work;

/** What a job is, as it stands in a season. */
public enum JobKind {
  REPOT,
  /** Out of its pot for a look at the roots, and back again. */
  SLIP_CHECK,
  /** A look after a repot, two and four weeks after it, sooner after rot. */
  FOLLOW_UP,
  /** The first water of a plant that was kept dry. */
  WATER_IN,
  /** Medium that has settled is filled up; the top of one in a large pot is renewed. */
  TOP_UP,
  /** Against what lives in its roots. */
  TREATMENT
}
