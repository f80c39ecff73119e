package happysaucer.core.species;

/** What kind of year a species has; the thresholds stand in season.Season. */
public enum WindowKind {
  TROPICAL,
  SUMMER_SUCCULENT,
  SPRING_AUTUMN,
  WINTER_GROWER,
  SHRUB,
  ROOT_START,
  COOL_TREE,
  TRAINED_TREE
}
