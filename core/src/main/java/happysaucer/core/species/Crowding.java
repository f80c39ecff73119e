package happysaucer.core.species;

/** How a species takes a crowded pot. */
public enum Crowding {
  LIKES_SNUG,
  NEUTRAL,
  NEEDS_ROOM
}
