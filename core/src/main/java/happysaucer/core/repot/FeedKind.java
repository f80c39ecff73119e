package happysaucer.core.repot;

/** What is done about feed at the repot. */
public enum FeedKind {
  NONE,
  SLOW_RELEASE,
  HOLD,
  IN_MIX
}
