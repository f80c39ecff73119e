package happysaucer.core.water;

import happysaucer.core.species.Refill;
import java.util.OptionalDouble;

/**
 * One drying cycle of the three stores, from drained to well past the refill point: fourth-order
 * Runge-Kutta at a fixed step.
 *
 * <pre>
 *   dB/dt = -T x stress(b) x VB / V  - (b - r) c(B,R) / tau - (b - t) c(B,T) / tau
 *   dR/dt = -T x stress(r) x reach VR / V - walls r + ...
 *   dT/dt = -T x stress(t) x VT / V - surface t + ...
 * </pre>
 *
 * with b, r, t the stores' relative wetness, c the product over the sum of two capacities, and V
 * the volume that roots reach.
 */
final class DryDown {
  private static final double STEP_DAYS = 0.25;
  private static final double MOST_DAYS = 150;

  /** Stress begins when this share of a store is left. */
  private static final double STRESS_FROM = 0.3;

  private static final double TOP_SPENT = 0.8;

  /** A TOP_DRY plant is not left past this waiting for its surface (rule of thumb). */
  private static final double TOP_DRY_LATEST = 0.5;

  /** Roots reach so much of the fresh medium on the first day (rule of thumb). */
  private static final double REACH_START = 0.05;

  /**
   * All that drives a cycle.
   *
   * @param uptake litres a day at full activity in this season
   * @param surface litres a day off a wet surface
   * @param walls litres a day through wet unglazed walls
   * @param startDay days since the repot at which the cycle starts
   * @param reachDays days until roots reach all fresh medium; 0 when they already do
   * @param activityStart activity on the day of the repot, 0 to 1
   */
  record Drive(
      double uptake,
      double surface,
      double walls,
      double exchangeDays,
      double startDay,
      double reachDays,
      double activityStart,
      double recoveryDays,
      Refill refill) {
    double reach(double day) {
      return reachDays <= 0
          ? 1
          : Math.min(1, REACH_START + (1 - REACH_START) * (startDay + day) / reachDays);
    }

    double activity(double day) {
      double back = recoveryDays <= 0 ? 1 : Math.min(1, (startDay + day) / recoveryDays);
      return activityStart + (1 - activityStart) * back;
    }
  }

  private final Planted.Stores caps;
  private final Drive drive;

  private DryDown(Planted.Stores caps, Drive drive) {
    this.caps = caps;
    this.drive = drive;
  }

  static Cycle run(Planted.Stores caps, Drive drive) {
    return new DryDown(caps, drive).integrate();
  }

  private Cycle integrate() {
    double ball = caps.ball();
    double ring = caps.ring();
    double top = caps.top();
    double full = ball + ring + top;
    OptionalDouble topDry = OptionalDouble.empty();
    OptionalDouble refill = OptionalDouble.empty();
    OptionalDouble ringHalf = caps.ring() < 1e-6 ? OptionalDouble.of(0) : OptionalDouble.empty();
    OptionalDouble aired =
        caps.airlessLitres() <= 0 ? OptionalDouble.of(0) : OptionalDouble.empty();
    double usedAtRefill = 0;
    double lastDue = due(0, ball, ring, top);
    for (double day = 0; day < MOST_DAYS; day += STEP_DAYS) {
      double[] k1 = slope(day, ball, ring, top);
      double[] k2 =
          slope(day + STEP_DAYS / 2, at(ball, k1, 0, 2), at(ring, k1, 1, 2), at(top, k1, 2, 2));
      double[] k3 =
          slope(day + STEP_DAYS / 2, at(ball, k2, 0, 2), at(ring, k2, 1, 2), at(top, k2, 2, 2));
      double[] k4 =
          slope(day + STEP_DAYS, at(ball, k3, 0, 1), at(ring, k3, 1, 1), at(top, k3, 2, 1));
      double nextBall = step(ball, k1, k2, k3, k4, 0);
      double nextRing = step(ring, k1, k2, k3, k4, 1);
      double nextTop = step(top, k1, k2, k3, k4, 2);
      double next = day + STEP_DAYS;
      if (topDry.isEmpty()) {
        topDry = crossing(day, 1 - top / caps.top(), 1 - nextTop / caps.top(), TOP_SPENT);
      }
      double due = due(next, nextBall, nextRing, nextTop);
      if (refill.isEmpty()) {
        refill = crossing(day, lastDue, due, 1);
        if (refill.isPresent()) {
          double part = (refill.getAsDouble() - day) / STEP_DAYS;
          double before = ball + ring + top;
          usedAtRefill = full - before + part * (before - nextBall - nextRing - nextTop);
        }
      }
      if (ringHalf.isEmpty()) {
        ringHalf = crossing(day, 1 - ring / caps.ring(), 1 - nextRing / caps.ring(), 0.5);
      }
      if (aired.isEmpty()) {
        aired =
            crossing(
                day,
                full - ball - ring - top,
                full - nextBall - nextRing - nextTop,
                caps.airlessLitres());
      }
      ball = nextBall;
      ring = nextRing;
      top = nextTop;
      lastDue = due;
      if (topDry.isPresent() && refill.isPresent() && ringHalf.isPresent() && aired.isPresent()) {
        break;
      }
    }
    return new Cycle(topDry, refill, aired, ringHalf, usedAtRefill);
  }

  /** How near the refill point is: 1 when it is reached. */
  private double due(double day, double ball, double ring, double top) {
    double reach = drive.reach(day);
    double left = ball + top + reach * ring;
    double spent = 1 - left / (caps.ball() + caps.top() + reach * caps.ring());
    if (drive.refill() != Refill.TOP_DRY) {
      return spent / drive.refill().spentShare();
    }
    double byTop =
        Math.min(spent / drive.refill().spentShare(), (1 - top / caps.top()) / TOP_SPENT);
    return Math.max(byTop, spent / TOP_DRY_LATEST);
  }

  private double[] slope(double day, double ball, double ring, double top) {
    double b = wet(ball, caps.ball());
    double r = wet(ring, caps.ring());
    double t = wet(top, caps.top());
    double reached = drive.reach(day) * caps.ringVolume();
    double rooted = caps.ballVolume() + caps.topBallVolume() + reached;
    double uptake = drive.uptake() * drive.activity(day) / rooted;
    double ballRing = exchange(b, r, caps.ball(), caps.ring());
    double ballTop = exchange(b, t, caps.ball(), caps.top());
    double ringTop = exchange(r, t, caps.ring(), caps.top());
    boolean hasRing = caps.ring() > 1e-6;
    return new double[] {
      -uptake * stress(b) * caps.ballVolume()
          - ballRing
          - ballTop
          - (hasRing ? 0 : drive.walls() * b),
      -uptake * stress(r) * reached + ballRing - ringTop - (hasRing ? drive.walls() * r : 0),
      -uptake * stress(t) * caps.topBallVolume() + ballTop + ringTop - drive.surface() * t
    };
  }

  private double exchange(double from, double to, double capFrom, double capTo) {
    double both = capFrom + capTo;
    return both < 1e-9 ? 0 : (from - to) * capFrom * capTo / both / drive.exchangeDays();
  }

  private static double wet(double store, double capacity) {
    return capacity < 1e-9 ? 0 : Math.max(0, store) / capacity;
  }

  private static double stress(double wetness) {
    return wetness >= STRESS_FROM ? 1 : Math.max(0, wetness / STRESS_FROM);
  }

  private static double at(double value, double[] slope, int index, double divisor) {
    return value + slope[index] * STEP_DAYS / divisor;
  }

  private static double step(
      double value, double[] k1, double[] k2, double[] k3, double[] k4, int i) {
    return Math.max(0, value + STEP_DAYS / 6 * (k1[i] + 2 * k2[i] + 2 * k3[i] + k4[i]));
  }

  private static OptionalDouble crossing(double day, double before, double after, double level) {
    if (before >= level) {
      return OptionalDouble.of(day);
    }
    return after >= level
        ? OptionalDouble.of(day + STEP_DAYS * (level - before) / (after - before))
        : OptionalDouble.empty();
  }

  /**
   * What one cycle showed; days since watering, empty when not reached within {@value #MOST_DAYS}.
   *
   * @param usedLitres lost from all stores up to the refill point
   */
  record Cycle(
      OptionalDouble daysToTopDry,
      OptionalDouble daysToRefill,
      OptionalDouble daysAirless,
      OptionalDouble daysRingWet,
      double usedLitres) {}
}
