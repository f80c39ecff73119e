package happysaucer.core.species;

/** How a species spends the dark months of its year. */
public enum Rest {
  /** It slows with the light, no more. */
  NONE,
  /** It wants less water and no feed. */
  SLOW,
  /** It is kept dry until growth starts. */
  DRY,
  /** It drops its leaves, or dies back to its roots. */
  LEAFLESS
}
