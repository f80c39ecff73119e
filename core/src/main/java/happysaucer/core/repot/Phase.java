package happysaucer.core.repot;

/** Parts of the work, in order. */
public enum Phase {
  BEFORE("Before"),
  OUT("Out of the pot"),
  INSPECT("Look at the roots"),
  ROOTS("Roots"),
  POT("Pot"),
  SET("Set"),
  FILL("Fill"),
  FEED("Feed"),
  WATER("Water"),
  TOP("Top"),
  AFTER("After");

  private final String title;

  Phase(String title) {
    this.title = title;
  }

  /** Over its steps, on screens and on paper. */
  public String title() {
    return title;
  }
}
