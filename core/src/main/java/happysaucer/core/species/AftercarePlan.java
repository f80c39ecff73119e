package happysaucer.core.species;

/** The plan of aftercare; NONE when nothing was potted. */
public enum AftercarePlan {
  SETTLE_IN,
  KEEP_MOIST,
  WAIT_DRY,
  DIPPED_THEN_DRY,
  FROM_BELOW,
  EPIPHYTE,
  RESERVOIR,
  ROT_RESCUE,
  NONE
}
