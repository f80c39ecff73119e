package happysaucer.core.species;

/** How well a species stands disturbance. */
public enum Disturbance {
  LOW,
  MEDIUM,
  HIGH
}
