package happysaucer.core.sign;

/** The order in which a person looks. ROOTS only with the plant out of its pot. */
public enum SignGroup {
  POT,
  SURFACE,
  WATER,
  LEAF,
  STABILITY,
  PESTS,
  ROOTS
}
