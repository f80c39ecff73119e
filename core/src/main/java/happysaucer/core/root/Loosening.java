package happysaucer.core.root;

/** How the ball is loosened. */
public enum Loosening {
  NONE,
  TEASE,
  OPEN_BASE,
  SCORE,
  COMB,
  WASH
}
