package happysaucer.core.call;

/** How soon. */
public enum Urgency {
  NOW,
  SOON,
  THIS_WINDOW,
  NEXT_WINDOW,
  NOT_DUE
}
