package happysaucer.core.species;

/** Light on the spot, or asked for by the species. */
public enum Light {
  LOW,
  MEDIUM,
  BRIGHT_INDIRECT,
  DIRECT
}
