package happysaucer.core.repot;

/** Why a pot cannot be taken. */
public enum FailureCode {
  NO_HOLES,
  CLEARANCE,
  TOO_SHALLOW,
  OVER_STEP,
  UNRELEASABLE,
  /** It does not go into the cover pot, which stays. */
  COVER
}
