package happysaucer.core.repot;

/** Parts of the work, in order. */
public enum Phase {
  BEFORE,
  OUT,
  INSPECT,
  ROOTS,
  POT,
  SET,
  FILL,
  FEED,
  WATER,
  TOP,
  AFTER
}
