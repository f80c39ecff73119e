package happysaucer.core.water;

import happysaucer.core.casefile.Case;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.medium.Retention;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Pot;
import happysaucer.core.root.Ball;
import happysaucer.core.season.Season;
import happysaucer.core.sign.StateCode;
import java.time.LocalDate;

/**
 * The water balance of one plant, calibrated once on its present pot and then asked about any pot,
 * date and stage of rooting.
 */
public final class WaterModel {
  /** Loss off a free wet surface and through wet unglazed walls, L/m2 and day (rules of thumb). */
  private static final double SURFACE = 0.6;

  private static final double WALLS = 0.35;
  private static final double DRY_AIR = 1.5;

  private static final double SCALE_LEAST = 0.4;
  private static final double SCALE_MOST = 2.2;
  private static final int CALIBRATION_ROUNDS = 4;

  /** Root fill of a pot once the plant has rooted through, as far as the medium goes. */
  private static final double SETTLED_FILL = 0.6;

  private final Case c;
  private final Retention ballMedium;
  private final double rootFill;
  private final Use use;
  private final double ballScale;

  /**
   * @param rootFill forecast for the present pot, 0 to 1
   */
  public WaterModel(Case c, MediumTable media, double rootFill) {
    this.c = c;
    this.ballMedium = media.retention(c.plant().mix());
    this.rootFill = rootFill;
    this.use = Use.of(c, 0.6 * (surface(c.pot(), c.date()) + walls(c.pot())));
    this.ballScale = calibrate();
  }

  public boolean measured() {
    return use.measured();
  }

  /** The stage of rooting in a newly planted pot. */
  public record Stage(double startDay, double activityStart) {
    public static final Stage UNTOUCHED = new Stage(0, 1);
  }

  /** The present pot, as it is. */
  public Drying before() {
    return cycle(present(ballScale), c.date(), 0, Stage.UNTOUCHED);
  }

  /** What the model expects of the present pot with few roots in it: days between waterings. */
  public static double uncrowdedDays(Case c, MediumTable media) {
    WaterModel fresh = new WaterModel(c, media, 0.3, 1);
    return fresh
        .cycle(fresh.present(1), c.date(), 0, Stage.UNTOUCHED)
        .daysToRefill()
        .orElse(DAYS_UNKNOWN);
  }

  private static final double DAYS_UNKNOWN = 150;

  private WaterModel(Case c, MediumTable media, double rootFill, double ballScale) {
    this.c = c;
    this.ballMedium = media.retention(c.plant().mix());
    this.rootFill = rootFill;
    this.use = Use.estimate(c.plant(), c.light());
    this.ballScale = ballScale;
  }

  /** A cycle that starts some days after the repot, on a given date. */
  public Drying after(
      Pot pot, Frustum ball, double bottomMm, Retention ring, LocalDate on, Stage stage) {
    double season = growth(on);
    double reachDays = c.plant().traits().vigour().reachDays() / Math.min(1, season);
    return cycle(planted(pot, ball, bottomMm, ring, rootFill), on, reachDays, stage);
  }

  /** Rooted through: the new normal. */
  public Drying settled(Pot pot, Frustum ball, double bottomMm, Retention ring, LocalDate on) {
    return cycle(
        planted(pot, ball, bottomMm, ring, Math.min(rootFill, SETTLED_FILL)),
        on,
        0,
        Stage.UNTOUCHED);
  }

  /** Litres that bring a freshly planted pot to capacity, and the run-through on top. */
  public double waterInLitres(
      Pot pot, Frustum ball, double bottomMm, Retention ring, double ballWetness) {
    Planted.Stores stores = planted(pot, ball, bottomMm, ring, rootFill).stores();
    double spentBall = (stores.ball() + stores.top()) * (1 - ballWetness);
    double spentRing = stores.ring() * FRESH_SPENT;
    return (spentBall + spentRing) * RUN_THROUGH;
  }

  /** Fresh medium comes just moist from the bag (rule of thumb). */
  private static final double FRESH_SPENT = 0.5;

  /** 10 to 15 % of a pour runs through. */
  public static final double RUN_THROUGH = 1.12;

  private Planted planted(Pot pot, Frustum ball, double bottomMm, Retention ring, double fill) {
    return new Planted(pot, ball, bottomMm, ballMedium, ring, fill, ballScale);
  }

  private Planted present(double scale) {
    Ball ball = c.ball();
    double bottom = Math.max(0, c.pot().fill().heightMm() - ball.body().heightMm());
    return new Planted(c.pot(), ball.body(), bottom, ballMedium, ballMedium, rootFill, scale);
  }

  private Drying cycle(Planted planted, LocalDate on, double reachDays, Stage stage) {
    DryDown.Drive drive =
        new DryDown.Drive(
            use.litresPerDay() * growth(on),
            surface(planted.pot(), on),
            walls(planted.pot()),
            planted.exchangeDays(),
            stage.startDay(),
            reachDays,
            stage.activityStart(),
            c.plant().traits().vigour().recoveryDays(),
            c.plant().traits().refill());
    return Drying.of(DryDown.run(planted.stores(), drive), use.uncertainty());
  }

  private double growth(LocalDate on) {
    return Season.growth(c.site().latitude(), on);
  }

  private double surface(Pot pot, LocalDate on) {
    double air =
        on.equals(c.date()) && c.plant().is(StateCode.HEAT_OR_HUMIDITY_EXTREME) ? DRY_AIR : 1;
    Frustum fill = pot.fill();
    return SURFACE * fill.areaAt(fill.heightMm()) / 1e6 * air;
  }

  private static double walls(Pot pot) {
    return pot.breathes() ? WALLS * pot.fill().wallM2() : 0;
  }

  /** The ball's real store: the one that makes the present pot last as long as it does. */
  private double calibrate() {
    if (!use.measured()) {
      return 1;
    }
    double wanted = c.watering().orElseThrow().intervalDays();
    double scale = 1;
    for (int i = 0; i < CALIBRATION_ROUNDS; i++) {
      double days =
          cycle(present(scale), c.date(), 0, Stage.UNTOUCHED).daysToRefill().orElse(DAYS_UNKNOWN);
      if (days < 0.1) {
        break;
      }
      scale = Math.max(SCALE_LEAST, Math.min(SCALE_MOST, scale * wanted / days));
    }
    return scale;
  }
}
