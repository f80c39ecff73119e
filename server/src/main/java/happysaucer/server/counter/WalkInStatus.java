package happysaucer.server.counter;

/** Where a plant is that a customer brought. */
public enum WalkInStatus {
  /** It was asked about, and is in the customer's hand. */
  ASKED,
  /** Left for work. */
  HERE,
  /** Done, and to be fetched. */
  READY,
  /** Taken home. */
  HOME
}
