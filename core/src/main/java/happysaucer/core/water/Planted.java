package happysaucer.core.water;

import happysaucer.core.medium.Retention;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Pot;

/**
 * A ball set into a pot with fresh medium round and beneath it.
 *
 * @param bottomMm height of the ball's bottom over the floor
 * @param ballMedium the old medium
 * @param ringMedium the fresh medium
 * @param rootFill how full of roots the ball is, 0 to 1
 * @param ballScale the ball's real store against the computed one, from its own waterings
 */
public record Planted(
    Pot pot,
    Frustum ball,
    double bottomMm,
    Retention ballMedium,
    Retention ringMedium,
    double rootFill,
    double ballScale) {
  /** Depth of the top store, mm. */
  static final double TOP_MM = 25;

  /** Roots displace this share of the ball's store when it is full of them (rule of thumb). */
  private static final double DISPLACED = 0.4;

  private static final int SLICES = 24;

  /** Litres of each store when drained, and the air. */
  Stores stores() {
    Frustum fill = pot.fill();
    double top = fill.heightMm();
    double topFrom = Math.max(0, top - TOP_MM);
    double step = top / SLICES;
    double ballWilt = ballMedium.wilting();
    double ringWilt = ringMedium.wilting();
    double ballStore = 0;
    double ringStore = 0;
    double topBall = 0;
    double topRing = 0;
    double ballVolume = 0;
    double ringVolume = 0;
    double topBallVolume = 0;
    double water = 0;
    double pores = 0;
    for (int i = 0; i < SLICES; i++) {
      double z = (i + 0.5) * step;
      double area = fill.areaAt(z);
      double inBall = z - bottomMm;
      double ballArea =
          inBall >= 0 && inBall <= ball.heightMm() ? Math.min(area, ball.areaAt(inBall)) : 0;
      double ballSlice = ballArea * step / 1e6;
      double ringSlice = (area - ballArea) * step / 1e6;
      double ballTheta = ballMedium.theta(z / 10);
      double ringTheta = ringMedium.theta(z / 10);
      water += ballSlice * ballTheta + ringSlice * ringTheta;
      pores += ballSlice * ballMedium.saturated() + ringSlice * ringMedium.saturated();
      double inTop = Math.max(0, Math.min(1, (z + step / 2 - topFrom) / step));
      double ballWater = ballSlice * Math.max(0, ballTheta - ballWilt);
      double ringWater = ringSlice * Math.max(0, ringTheta - ringWilt);
      topBall += inTop * ballWater;
      topRing += inTop * ringWater;
      topBallVolume += inTop * ballSlice;
      ballStore += (1 - inTop) * ballWater;
      ringStore += (1 - inTop) * ringWater;
      ballVolume += (1 - inTop) * ballSlice;
      ringVolume += (1 - inTop) * ringSlice;
    }
    double rooted = (1 - DISPLACED * rootFill) * ballScale;
    return new Stores(
        ballStore * rooted,
        ringStore,
        topBall * rooted + topRing,
        ballVolume,
        ringVolume,
        topBallVolume,
        pores - water,
        fill.litres(),
        water);
  }

  /** Days in which stores even out: fine media faster than coarse (rule of thumb). */
  double exchangeDays() {
    return ringMedium.airFilled(pot.fill()) > 0.30 ? 20 : 6;
  }

  /**
   * @param ball available water of the ball below the top, litres
   * @param air drained pore space of the whole pot, litres
   */
  record Stores(
      double ball,
      double ring,
      double top,
      double ballVolume,
      double ringVolume,
      double topBallVolume,
      double air,
      double volume,
      double water) {
    double airlessLitres() {
      return Math.max(0, 0.10 * volume - air);
    }
  }
}
