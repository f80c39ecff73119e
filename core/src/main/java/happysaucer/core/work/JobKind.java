package happysaucer.core.work;

import happysaucer.core.call.Action;

/** What a job is, as it stands in a season. */
public enum JobKind {
  REPOT("Repot"),
  /** Out of its pot for a look at the roots, and back again. */
  SLIP_CHECK("Slip check"),
  /** A look after a repot, two and four weeks after it, sooner after rot. */
  FOLLOW_UP("Follow-up"),
  /** The first water of a plant that was kept dry. */
  WATER_IN("Water in"),
  /** Medium that has settled is filled up; the top of one in a large pot is renewed. */
  TOP_UP("Top up"),
  /** Against what lives in its roots. */
  TREATMENT("Treatment");

  private final String title;

  JobKind(String title) {
    this.title = title;
  }

  /** As the head of a line: of a repot what is done, where its action is known. */
  public String title(String action) {
    return this == REPOT && !action.isEmpty() ? Action.valueOf(action).title() : title;
  }
}
