package happysaucer.core.species;

/** How large a step up suits a species. */
public enum StepPreference {
  SMALLEST,
  USUAL,
  LARGE
}
