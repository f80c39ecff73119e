package happysaucer.core.species;

/** The kind of roots a species has. */
public enum RootType {
  FINE,
  FLESHY,
  TAP,
  BRITTLE,
  AERIAL,
  EPIPHYTE,
  RHIZOME
}
