package happysaucer.core.water;

/**
 * How wet a planted pot is.
 *
 * @param ball available water in the old medium below the top, L
 * @param ring in the fresh medium, L
 * @param top in the uppermost 25 mm of both, L
 */
public record Wet(double ball, double ring, double top) {
  public double litres() {
    return ball + ring + top;
  }

  /** Poured until it runs through. */
  static Wet full(Planted.Stores caps) {
    return new Wet(caps.ball(), caps.ring(), caps.top());
  }

  /** Where a pour goes. */
  public enum Place {
    /** On the old ball, round the stem: what it cannot hold goes on into the fresh medium. */
    ON_THE_BALL,
    /** All round, as at the first watering. */
    ALL_ROUND
  }

  /** After a pour; what no store can hold runs out below. */
  Wet pour(double litres, Place place, Planted.Stores caps) {
    double left = litres;
    double toTop = Math.min(left, Math.max(0, caps.top() - top));
    left -= toTop;
    double ballWants = Math.max(0, caps.ball() - ball);
    double ringWants = Math.max(0, caps.ring() - ring);
    double toBall;
    if (place == Place.ON_THE_BALL) {
      toBall = Math.min(left, ballWants);
    } else {
      double wants = ballWants + ringWants;
      toBall = wants <= 0 ? 0 : Math.min(ballWants, left * ballWants / wants);
    }
    double toRing = Math.min(left - toBall, ringWants);
    return new Wet(ball + toBall, ring + toRing, top + toTop);
  }
}
