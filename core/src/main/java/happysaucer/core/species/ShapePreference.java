package happysaucer.core.species;

/** The shape of pot that suits a species. */
public enum ShapePreference {
  STANDARD,
  DEEP,
  SHALLOW
}
