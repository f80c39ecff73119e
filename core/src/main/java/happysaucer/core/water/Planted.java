package happysaucer.core.water;

import happysaucer.core.medium.Retention;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Pot;

/**
 * A ball set into a pot with fresh medium round and beneath it.
 *
 * @param bottomMm height of the ball's bottom over the floor
 * @param coarseMm depth of a coarse drainage layer on the floor: water does not enter it until the
 *     mix above is saturated, so the mix drains as in a pot lower by as much
 * @param ballMedium the old medium
 * @param ringMedium the fresh medium
 */
public record Planted(
    Pot pot,
    Frustum ball,
    double bottomMm,
    double coarseMm,
    Retention ballMedium,
    Retention ringMedium) {
  /** Depth of the top store, mm. */
  static final double TOP_MM = 25;

  /** Roots displace this share of the ball's store when it is full of them (rule of thumb). */
  private static final double DISPLACED = 0.4;

  /** Above this air-filled porosity a medium counts as coarse (rule of thumb). */
  private static final double COARSE_AIR = 0.30;

  /** Half as wide is the border between fine and coarse. */
  private static final double HALF_WAY = 0.05;

  /** Time in which stores even out, days: fine media faster than coarse (rules of thumb). */
  private static final double EXCHANGE_FINE = 6;

  private static final double EXCHANGE_COARSE = 20;

  /** Roots want at least this share of a pot's volume as air (rule of thumb). */
  private static final double AIRLESS = 0.10;

  private static final int SLICES = 24;

  /** Litres of each store when drained, and the air, for a ball without roots. */
  Drained drained() {
    Frustum fill = pot.fill();
    double top = fill.heightMm();
    double topFrom = Math.max(coarseMm, top - TOP_MM);
    double step = (top - coarseMm) / SLICES;
    double ballStore = 0;
    double ringStore = 0;
    double topBall = 0;
    double topRing = 0;
    double ballVolume = 0;
    double ringVolume = 0;
    double topBallVolume = 0;
    double air = 0;
    for (int i = 0; i < SLICES; i++) {
      double above = (i + 0.5) * step;
      double z = coarseMm + above;
      double area = fill.areaAt(z);
      double ballArea = Math.min(area, ballArea(z, step));
      double ballSlice = ballArea * step / 1e6;
      double ringSlice = (area - ballArea) * step / 1e6;
      double ballTheta = ballSlice > 0 ? ballMedium.theta(above / 10) : 0;
      double ringTheta = ringSlice > 0 ? ringMedium.theta(above / 10) : 0;
      air +=
          ballSlice * (ballMedium.saturated() - ballTheta)
              + ringSlice * (ringMedium.saturated() - ringTheta);
      double inTop = Math.max(0, Math.min(1, (z + step / 2 - topFrom) / step));
      double ballWater = ballSlice > 0 ? ballSlice * ballMedium.available(above / 10) : 0;
      double ringWater = ringSlice > 0 ? ringSlice * ringMedium.available(above / 10) : 0;
      topBall += inTop * ballWater;
      topRing += inTop * ringWater;
      topBallVolume += inTop * ballSlice;
      ballStore += (1 - inTop) * ballWater;
      ringStore += (1 - inTop) * ringWater;
      ballVolume += (1 - inTop) * ballSlice;
      ringVolume += (1 - inTop) * ringSlice;
    }
    return new Drained(
        ballStore,
        ringStore,
        topBall,
        topRing,
        ballVolume,
        ringVolume,
        topBallVolume,
        air,
        fill.litres() - (coarseMm > 0 ? fill.upTo(coarseMm).litres() : 0),
        exchangeDays());
  }

  /** Mean cross-section of the ball in a slice of the pot, mm2; a slice may hold part of it. */
  private double ballArea(double z, double step) {
    double from = Math.max(z - step / 2, bottomMm);
    double to = Math.min(z + step / 2, bottomMm + ball.heightMm());
    return to <= from ? 0 : ball.areaAt((from + to) / 2 - bottomMm) * (to - from) / step;
  }

  /** Days in which stores even out: the coarser, the slower, without a step between. */
  private double exchangeDays() {
    double air = ringMedium.saturated() - ringMedium.capacity(pot.fill().above(coarseMm));
    double coarse = Math.max(0, Math.min(1, (air - COARSE_AIR + HALF_WAY) / (2 * HALF_WAY)));
    return EXCHANGE_FINE + (EXCHANGE_COARSE - EXCHANGE_FINE) * coarse;
  }

  /**
   * A planted pot after draining, before it is said how full of roots the ball is.
   *
   * @param ball available water of the ball below the top, litres
   * @param topBall available water of the ball's part of the top, litres
   * @param air drained pore space of the whole pot, litres
   * @param exchangeDays time in which stores even out
   */
  record Drained(
      double ball,
      double ring,
      double topBall,
      double topRing,
      double ballVolume,
      double ringVolume,
      double topBallVolume,
      double air,
      double volume,
      double exchangeDays) {
    /**
     * @param rootFill how full of roots the ball is, 0 to 1
     * @param ballScale the ball's real store against the computed one, from its own waterings
     */
    Stores stores(double rootFill, double ballScale) {
      double rooted = (1 - DISPLACED * rootFill) * ballScale;
      return new Stores(
          ball * rooted,
          ring,
          topBall * rooted + topRing,
          ballVolume,
          ringVolume,
          topBallVolume,
          Math.max(0, AIRLESS * volume - air));
    }
  }

  /**
   * @param ball available water of the ball below the top, litres
   * @param airlessLitres to be lost before a tenth of the pot holds air
   */
  record Stores(
      double ball,
      double ring,
      double top,
      double ballVolume,
      double ringVolume,
      double topBallVolume,
      double airlessLitres) {}
}
