package happysaucer.server.travel;

/** A map service: how long one drives from here to there. */
public interface Roads {
  /** A place in degrees. */
  record Place(double latitude, double longitude) {}

  /**
   * Minutes of driving, one way.
   *
   * @return at least 1; a place that no road leads to within a day answers more than a day has
   */
  int minutes(Place from, Place to);
}
