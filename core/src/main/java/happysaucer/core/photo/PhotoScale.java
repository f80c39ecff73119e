package happysaucer.core.photo;

import happysaucer.core.unit.Rounding;

/**
 * A photo of a plant in which the rim of its pot gives the scale: a pinhole camera, and everything
 * measured in the plane that the rim's two ends lie in. The pot is taken to stand level, so the rim
 * tells what is upright however the camera was turned.
 */
public final class PhotoScale {
  /** A finger on a screen, as a share of the longer side (rule of thumb). */
  private static final double TAP = 0.006;

  /** Focal length of the usual camera of a phone, as a share of the longer side. */
  private static final double FOCAL = 0.75;

  /** Leaves lie so far before or behind the plane of the rim, as a share of its width. */
  private static final double DEPTH = 0.25;

  /** Nobody holds a camera more level than this without trying, degrees. */
  private static final double TILT = 5;

  /** A pot stands level to so much, degrees. */
  private static final double LEVEL = 1;

  /** A rim of fewer points gives no scale. */
  private static final double LEAST_RIM = 8;

  private final double side;
  private final Point left;
  private final double rimMm;
  private final double rimPx;
  private final double alongX;
  private final double alongY;

  /** In the photo's own points, x to the right, y down. */
  public record Point(double x, double y) {
    double to(Point other) {
      double dx = other.x - x;
      double dy = other.y - y;
      return Math.sqrt(dx * dx + dy * dy);
    }
  }

  /** What the error of a reading comes from most. */
  public enum Cause {
    /** The rim is small in the photo: come closer, or hold the phone so that it is larger. */
    RIM,
    /** What is measured is small in the photo. */
    TAP,
    /** The camera was near: what lies before or behind the rim looks larger or smaller. */
    DEPTH,
    /** The photo takes in a wide angle: a tilted camera stretches it. */
    TILT
  }

  /**
   * @param value mm or degrees
   * @param error so much more or less, two times in three
   */
  public record Reading(double value, double error, Cause cause) {}

  /**
   * @param width of the photo, points
   * @param height of the photo, points
   * @param rimMm what lies between the two ends of the rim
   * @throws IllegalArgumentException when the rim is too small to measure by
   */
  public PhotoScale(double width, double height, Point rimLeft, Point rimRight, double rimMm) {
    side = Math.max(width, height);
    boolean turned = rimLeft.x() > rimRight.x();
    left = turned ? rimRight : rimLeft;
    Point right = turned ? rimLeft : rimRight;
    this.rimMm = rimMm;
    rimPx = left.to(right);
    if (!(rimPx >= LEAST_RIM)) {
      throw new IllegalArgumentException("The two ends of the rim lie too near each other.");
    }
    alongX = (right.x() - left.x()) / rimPx;
    alongY = (right.y() - left.y()) / rimPx;
  }

  /**
   * How high a point stands above the medium.
   *
   * @param rimGapMm the medium lies so far below the rim
   * @throws IllegalArgumentException when it lies below the rim
   */
  public Reading height(Point top, double rimGapMm) {
    double px = upright(left, top);
    if (px <= 0) {
      throw new IllegalArgumentException("The top lies below the rim.");
    }
    Reading above = length(px);
    return new Reading(Rounding.halfUp(above.value() + rimGapMm, 1), above.error(), above.cause());
  }

  /** How far two points lie apart along the rim. */
  public Reading across(Point one, Point other) {
    return length(Math.abs((other.x() - one.x()) * alongX + (other.y() - one.y()) * alongY));
  }

  /** How far two points lie apart. */
  public Reading between(Point one, Point other) {
    return length(one.to(other));
  }

  /** The angle from upright of a stem, degrees, as it is seen from this side. */
  public Reading lean(Point foot, Point tip) {
    double along = (tip.x() - foot.x()) * alongX + (tip.y() - foot.y()) * alongY;
    double up = upright(foot, tip);
    if (up <= 0) {
      throw new IllegalArgumentException("The tip of the stem lies below its foot.");
    }
    double tap = tap();
    double stem = tap / foot.to(tip);
    double rim = tap / rimPx;
    double error = Math.toDegrees(Math.sqrt(2 * stem * stem + 2 * rim * rim)) + LEVEL;
    return new Reading(
        Rounding.halfUp(Math.toDegrees(StrictMath.atan2(Math.abs(along), up)), 1),
        Rounding.halfUp(error, 1),
        rim > stem ? Cause.RIM : Cause.TAP);
  }

  private double upright(Point from, Point to) {
    return (to.x() - from.x()) * alongY - (to.y() - from.y()) * alongX;
  }

  private double tap() {
    return TAP * side;
  }

  private Reading length(double px) {
    double value = px / rimPx * rimMm;
    double focal = FOCAL * side;
    double rim = Math.sqrt(2) * tap() / rimPx;
    double ends = Math.sqrt(2) * tap() / Math.max(1, px);
    double depth = DEPTH * rimPx / focal;
    double tilt = px / focal * StrictMath.sin(Math.toRadians(TILT));
    double share = Math.sqrt(rim * rim + ends * ends + depth * depth + tilt * tilt);
    double most = Math.max(Math.max(rim, ends), Math.max(depth, tilt));
    Cause cause =
        most == rim
            ? Cause.RIM
            : most == ends ? Cause.TAP : most == depth ? Cause.DEPTH : Cause.TILT;
    return new Reading(Rounding.halfUp(value, 1), Rounding.halfUp(value * share, 1), cause);
  }
}
