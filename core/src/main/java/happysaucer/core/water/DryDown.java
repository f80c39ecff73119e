package happysaucer.core.water;

import happysaucer.core.species.Refill;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * One drying cycle of the three stores, from drained to well past the refill point: fourth-order
 * Runge-Kutta at fixed steps, finer while the pot dries fast.
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
  /** However dry it is, something is left to be spent. */
  private static final double MOST_SPENT = 0.95;

  private static final double FINE_STEP = 0.25;
  private static final double FINE_UNTIL = 16;
  private static final double MIDDLE_STEP = 0.5;
  private static final double MIDDLE_UNTIL = 50;
  private static final double COARSE_STEP = 1;
  private static final double MOST_DAYS = 150;

  /** Stress begins when this share of a store is left. */
  private static final double STRESS_FROM = 0.3;

  private static final double TOP_SPENT = 0.8;

  /** A TOP_DRY plant is not left past this waiting for its surface (rule of thumb). */
  private static final double TOP_DRY_LATEST = 0.5;

  /** Roots reach so much of the fresh medium on the first day (rule of thumb). */
  private static final double REACH_START = 0.05;

  private static final double NO_STORE = 1e-6;

  /** Step times rate, at most; and no step shorter than this, days. */
  private static final double STABLE = 1.25;

  private static final double SHORTEST_STEP = 0.01;

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
  private final boolean hasRing;

  // Constant over a cycle: wetness a litre, and litres a day exchanged at a difference of one.
  private final double perBall;
  private final double perRing;
  private final double perTop;
  private final double ballToRing;
  private final double ballToTop;
  private final double ringToTop;

  // The slope at the last asked point, litres a day.
  private double slopeBall;
  private double slopeRing;
  private double slopeTop;

  // The stores after the last step, L.
  /** Where a pot is kept barely moist, what was spent of it after its last watering. */
  private double spentAtStart;

  private double nextBall;
  private double nextRing;
  private double nextTop;

  DryDown(Planted.Stores caps, Drive drive) {
    this.caps = caps;
    this.drive = drive;
    this.hasRing = caps.ring() > NO_STORE;
    this.perBall = perLitre(caps.ball());
    this.perRing = perLitre(caps.ring());
    this.perTop = perLitre(caps.top());
    this.ballToRing = exchange(caps.ball(), caps.ring());
    this.ballToTop = exchange(caps.ball(), caps.top());
    this.ringToTop = exchange(caps.ring(), caps.top());
  }

  /** From full. */
  static Cycle run(Planted.Stores caps, Drive drive) {
    return from(Wet.full(caps), caps.ring(), caps, drive);
  }

  /**
   * From any state.
   *
   * @param ringGiven what the last pour gave the fresh medium, L
   */
  static Cycle from(Wet start, double ringGiven, Planted.Stores caps, Drive drive) {
    return new DryDown(caps, drive).integrate(start, ringGiven);
  }

  /** From a pot that is kept barely moist: it is due when so much of what it holds is spent. */
  static Cycle barelyMoist(Wet start, double ringGiven, Planted.Stores caps, Drive drive) {
    DryDown pot = new DryDown(caps, drive);
    pot.spentAtStart = Math.min(MOST_SPENT, pot.spent(0, start.ball(), start.ring(), start.top()));
    return pot.integrate(start, ringGiven);
  }

  /** How wet it is so many days later. */
  static Wet after(Wet start, double days, Planted.Stores caps, Drive drive) {
    return new DryDown(caps, drive).step(start, days);
  }

  /** How it dries from full, day by day, at even distances. */
  static List<Course.Point> course(double days, int samples, Planted.Stores caps, Drive drive) {
    DryDown pot = new DryDown(caps, drive);
    List<Course.Point> points = new ArrayList<>();
    Wet wet = Wet.full(caps);
    double stable = pot.stableStep();
    double day = 0;
    for (int i = 0; i <= samples; i++) {
      double until = days * i / samples;
      double ball = wet.ball();
      double ring = wet.ring();
      double top = wet.top();
      while (day < until - NO_STORE) {
        double h = Math.min(until - day, Math.min(stable, stepAt(day)));
        pot.advance(day, h, ball, ring, top);
        ball = pot.nextBall;
        ring = pot.nextRing;
        top = pot.nextTop;
        day += h;
      }
      wet = new Wet(ball, ring, top);
      points.add(
          new Course.Point(
              until,
              ball * pot.perBall,
              pot.hasRing ? OptionalDouble.of(ring * pot.perRing) : OptionalDouble.empty(),
              top * pot.perTop,
              1 - pot.spent(until, ball, ring, top)));
    }
    return points;
  }

  /** The stores' change at a moment, litres a day: ball, ring, top. */
  double[] slopes(double day, double ball, double ring, double top) {
    slope(day, ball, ring, top);
    return new double[] {slopeBall, slopeRing, slopeTop};
  }

  private Wet step(Wet start, double days) {
    double ball = start.ball();
    double ring = start.ring();
    double top = start.top();
    double stable = stableStep();
    double day = 0;
    while (day < days - NO_STORE) {
      double h = Math.min(days - day, Math.min(stable, stepAt(day)));
      advance(day, h, ball, ring, top);
      ball = nextBall;
      ring = nextRing;
      top = nextTop;
      day += h;
    }
    return new Wet(ball, ring, top);
  }

  private static double stepAt(double day) {
    return day < FINE_UNTIL ? FINE_STEP : day < MIDDLE_UNTIL ? MIDDLE_STEP : COARSE_STEP;
  }

  /** One step of fourth order. */
  private void advance(double day, double h, double ball, double ring, double top) {
    slope(day, ball, ring, top);
    double b1 = slopeBall;
    double r1 = slopeRing;
    double t1 = slopeTop;
    slope(day + h / 2, ball + b1 * h / 2, ring + r1 * h / 2, top + t1 * h / 2);
    double b2 = slopeBall;
    double r2 = slopeRing;
    double t2 = slopeTop;
    slope(day + h / 2, ball + b2 * h / 2, ring + r2 * h / 2, top + t2 * h / 2);
    double b3 = slopeBall;
    double r3 = slopeRing;
    double t3 = slopeTop;
    slope(day + h, ball + b3 * h, ring + r3 * h, top + t3 * h);
    nextBall = Math.max(0, ball + h / 6 * (b1 + 2 * b2 + 2 * b3 + slopeBall));
    nextRing = Math.max(0, ring + h / 6 * (r1 + 2 * r2 + 2 * r3 + slopeRing));
    nextTop = Math.max(0, top + h / 6 * (t1 + 2 * t2 + 2 * t3 + slopeTop));
  }

  private Cycle integrate(Wet start, double ringGiven) {
    double ball = start.ball();
    double ring = start.ring();
    double top = start.top();
    double ringHalved = ring - ringGiven / 2;
    double full = ball + ring + top;
    // what is missing already has made room for air
    double airless = caps.airlessLitres() - (caps.ball() + caps.ring() + caps.top() - full);
    double topDry = Double.NaN;
    double refill = Double.NaN;
    double ringHalf = hasRing && ringGiven > NO_STORE ? Double.NaN : 0;
    double aired = airless <= 0 ? 0 : Double.NaN;
    double usedAtRefill = 0;
    double lastDue = due(0, ball, ring, top);
    double stable = stableStep();
    double day = 0;
    while (day < MOST_DAYS
        && (Double.isNaN(topDry)
            || Double.isNaN(refill)
            || Double.isNaN(ringHalf)
            || Double.isNaN(aired))) {
      double h = Math.min(stable, stepAt(day));
      advance(day, h, ball, ring, top);
      double left = nextBall + nextRing + nextTop;
      if (Double.isNaN(topDry)) {
        topDry = crossing(day, h, 1 - top * perTop, 1 - nextTop * perTop, TOP_SPENT);
      }
      double due = due(day + h, nextBall, nextRing, nextTop);
      if (Double.isNaN(refill)) {
        refill = crossing(day, h, lastDue, due, 1);
        if (!Double.isNaN(refill)) {
          double before = ball + ring + top;
          usedAtRefill = full - before + (refill - day) / h * (before - left);
        }
      }
      if (Double.isNaN(ringHalf)) {
        ringHalf = crossing(day, h, -ring, -nextRing, -ringHalved);
      }
      if (Double.isNaN(aired)) {
        aired = crossing(day, h, full - ball - ring - top, full - left, airless);
      }
      ball = nextBall;
      ring = nextRing;
      top = nextTop;
      lastDue = due;
      day += h;
    }
    return new Cycle(
        reached(topDry), reached(refill), reached(aired), reached(ringHalf), usedAtRefill);
  }

  /**
   * A fixed step is stable up to 2.785 over the fastest rate; half of that is kept to. The rate is
   * bounded by the row sums of the Jacobian, with all roots at work.
   */
  double stableStep() {
    double rooted = caps.ballVolume() + caps.topBallVolume();
    double uptake = drive.uptake() / Math.max(NO_STORE, rooted) / STRESS_FROM;
    double ball = (uptake * caps.ballVolume() + 2 * (ballToRing + ballToTop)) * perBall;
    double ring =
        (uptake * Math.min(caps.ringVolume(), rooted)
                + 2 * (ballToRing + ringToTop)
                + drive.walls())
            * (hasRing ? perRing : 0);
    double top =
        (uptake * caps.topBallVolume() + 2 * (ballToTop + ringToTop) + drive.surface()) * perTop;
    double fastest = Math.max(ball, Math.max(ring, top));
    return Math.max(SHORTEST_STEP, fastest < NO_STORE ? COARSE_STEP : STABLE / fastest);
  }

  private static OptionalDouble reached(double day) {
    return Double.isNaN(day) ? OptionalDouble.empty() : OptionalDouble.of(day);
  }

  /** How near the refill point is: 1 when it is reached. */
  private double due(double day, double ball, double ring, double top) {
    double spent = (spent(day, ball, ring, top) - spentAtStart) / (1 - spentAtStart);
    double wanted = spent / drive.refill().spentShare();
    if (drive.refill() != Refill.TOP_DRY) {
      return wanted;
    }
    double byTop = Math.min(wanted, (1 - top * perTop) / TOP_SPENT);
    return Math.max(byTop, spent / TOP_DRY_LATEST);
  }

  /** Share of the water its roots can reach that is gone. */
  private double spent(double day, double ball, double ring, double top) {
    double reach = drive.reach(day);
    return 1 - (ball + top + reach * ring) / (caps.ball() + caps.top() + reach * caps.ring());
  }

  private void slope(double day, double ball, double ring, double top) {
    double b = Math.max(0, ball) * perBall;
    double r = Math.max(0, ring) * perRing;
    double t = Math.max(0, top) * perTop;
    double reached = drive.reach(day) * caps.ringVolume();
    double rooted = caps.ballVolume() + caps.topBallVolume() + reached;
    double uptake = drive.uptake() * drive.activity(day) / rooted;
    double ballRing = (b - r) * ballToRing;
    double ballTop = (b - t) * ballToTop;
    double ringTop = (r - t) * ringToTop;
    slopeBall =
        -uptake * stress(b) * caps.ballVolume()
            - ballRing
            - ballTop
            - (hasRing ? 0 : drive.walls() * b);
    slopeRing =
        -uptake * stress(r) * reached + ballRing - ringTop - (hasRing ? drive.walls() * r : 0);
    slopeTop = -uptake * stress(t) * caps.topBallVolume() + ballTop + ringTop - drive.surface() * t;
  }

  private double exchange(double capFrom, double capTo) {
    double both = capFrom + capTo;
    return both < 1e-9 ? 0 : capFrom * capTo / both / drive.exchangeDays();
  }

  private static double perLitre(double capacity) {
    return capacity < 1e-9 ? 0 : 1 / capacity;
  }

  private static double stress(double wetness) {
    return wetness >= STRESS_FROM ? 1 : Math.max(0, wetness / STRESS_FROM);
  }

  /** The day on which a rising value passes a level between two steps, NaN when it does not. */
  private static double crossing(
      double day, double step, double before, double after, double level) {
    if (before >= level) {
      return day;
    }
    return after >= level ? day + step * (level - before) / (after - before) : Double.NaN;
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
