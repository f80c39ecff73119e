package happysaucer.core.water;

import happysaucer.core.casefile.Case;
import happysaucer.core.sign.SignCode;
import java.util.List;
import java.util.Optional;

/**
 * What the seconds a pour takes to soak in tell of the room that roots leave for water. Roots stand
 * in the wide pores through which water goes in, so a ball that takes long is a full one (rule of
 * thumb).
 *
 * @param seconds of the newest reading since it was last repotted
 * @param fill how full of roots the ball is by them, 0 to 1
 */
public record SoakIn(double seconds, double fill) {
  /** At this many seconds the sign begins to speak for a crowded ball. */
  private static final double SLOW_SECONDS = 60;

  /** How full such a ball is, and by how much more with every doubling of the time. */
  private static final double SLOW_FILL = 0.8;

  private static final double BY_DOUBLING = 0.2;

  /** A reading and a forecast are off by about as much. */
  private static final double ITS_SHARE = 0.5;

  static Optional<SoakIn> of(Case c) {
    return today(c)
        .or(() -> newest(c))
        .filter(seconds -> seconds > 0)
        .map(seconds -> new SoakIn(seconds, fillBy(seconds)));
  }

  /** A ball dry at its rest sheds water however few its roots are. */
  private static Optional<Double> today(Case c) {
    return c.resting() ? Optional.empty() : c.signs().value(SignCode.WATER_POOLS);
  }

  private static Optional<Double> newest(Case c) {
    List<Double> readings =
        c.history().since(SignCode.WATER_POOLS.name(), c.plant().lastRepotted());
    return readings.isEmpty() ? Optional.empty() : Optional.of(readings.get(readings.size() - 1));
  }

  private static double fillBy(double seconds) {
    double doublings = Math.log(seconds / SLOW_SECONDS) / Math.log(2);
    return Math.max(0, Math.min(1, SLOW_FILL + BY_DOUBLING * doublings));
  }

  /** The forecast's fill and its own, by what each can tell. */
  double with(double forecastFill) {
    return forecastFill + ITS_SHARE * (fill - forecastFill);
  }
}
