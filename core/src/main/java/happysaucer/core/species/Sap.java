package happysaucer.core.species;

/** Sap that hurts skin or eyes. */
public enum Sap {
  NONE,
  IRRITANT,
  MILKY
}
