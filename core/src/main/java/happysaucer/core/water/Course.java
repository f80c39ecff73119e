package happysaucer.core.water;

import java.util.List;
import java.util.OptionalDouble;

/**
 * How a pot dries from full, to be drawn.
 *
 * @param points at even distances, the first when it has drained
 * @param drying the days that are read off it
 */
public record Course(List<Point> points, Drying drying) {
  /**
   * Shares of the water that each store holds when drained, 0 to 1.
   *
   * @param day since watering
   * @param ring empty where there is no fresh medium
   * @param left of all that its roots can reach on that day
   */
  public record Point(double day, double ball, OptionalDouble ring, double top, double left) {}
}
