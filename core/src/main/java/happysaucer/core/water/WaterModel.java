package happysaucer.core.water;

import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.History;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.medium.Retention;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Pot;
import happysaucer.core.root.Ball;
import happysaucer.core.sign.SignCode;
import happysaucer.core.sign.StateCode;
import happysaucer.core.species.Refill;
import happysaucer.core.species.RootType;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The water balance of one plant, calibrated once on its present pot and then asked about any pot,
 * date and stage of rooting.
 */
public final class WaterModel {
  /** Water in the root skins of an epiphyte, share of its ball (rule of thumb). */
  private static final double ROOT_SKINS = 0.04;

  /** Root fill of a pot once the plant has rooted through, as far as the medium goes. */
  private static final double SETTLED_FILL = 0.6;

  /** Root fill of the same pot soon after a repot, for what is expected of it uncrowded. */
  private static final double UNCROWDED_FILL = 0.3;

  /** By how much the share kept of one pour misleads on the next (rule of thumb). */
  private static final double KEPT_MISLEADS = 0.2;

  /** Mean wetness of surface and walls over a cycle, for calibration (rule of thumb). */
  private static final double MEAN_WETNESS = 0.6;

  /** A reservoir stands in the lowest part of the pot, up to this share of its height. */
  public static final double RESERVOIR_SHARE = 0.25;

  /** Fresh medium comes just moist from the bag (rule of thumb). */
  private static final double FRESH_SPENT = 0.5;

  /** 10 to 15 % of a pour runs through. */
  public static final double RUN_THROUGH = 1.12;

  /** A drawing goes on so far past the last day that is read off it, and no further, days. */
  private static final double SHOWN_BEYOND = 1.5;

  private static final double SHOWN_LEAST = 6;
  private static final double SHOWN_MOST = 200;
  private static final int SAMPLES = 24;

  private final Case c;
  private final Losses losses;
  private final Retention ballMedium;
  private final double rootFill;
  private final Optional<SoakIn> soakIn;
  private final Use use;
  private final Use.PotEvidence evidence;
  private final double ballScale;
  private final Bed present;
  private final Scales scales;

  /** A pot as planted: where the ball stands, what lies round it, and under it. */
  public record Setting(Pot pot, Frustum ball, double bottomMm, double coarseMm, Retention ring) {}

  /** A pot as planted, worked out once for all the days and stages it is asked about. */
  public static final class Bed {
    private final Pot pot;
    private final Retention ring;
    private final Planted.Drained drained;

    private Bed(Planted planted) {
      this.pot = planted.pot();
      this.ring = planted.ringMedium();
      this.drained = planted.drained();
    }
  }

  /** The stage of rooting in a newly planted pot. */
  public record Stage(double startDay, double activityStart) {
    public static final Stage UNTOUCHED = new Stage(0, 1);

    /** Just potted, with fresh medium that no watering has reached yet. */
    boolean fresh() {
      return this != UNTOUCHED && startDay == 0;
    }
  }

  /**
   * @param rootFill forecast for the present pot, 0 to 1
   */
  public WaterModel(Case c, MediumTable media, double rootFill) {
    this.c = c;
    this.losses = new Losses(c);
    this.ballMedium = rooted(c, media.retention(c.plant().mix()));
    this.soakIn = SoakIn.of(c);
    this.rootFill = soakIn.map(soak -> soak.with(rootFill)).orElse(rootFill);
    this.present = present();
    this.scales = scales();
    Calibration own = Calibration.of(c, evidence(), scales, this::presentCycle);
    this.use = own.use();
    this.evidence = own.evidence();
    this.ballScale = own.ballScale();
  }

  /** The present pot as it would be with few roots in it, by the table. */
  private WaterModel(Case c, MediumTable media) {
    this.c = c;
    this.losses = new Losses(c);
    this.ballMedium = rooted(c, media.retention(c.plant().mix()));
    this.soakIn = Optional.empty();
    this.rootFill = UNCROWDED_FILL;
    this.present = present();
    this.scales = scales();
    this.evidence = evidence();
    this.use = Use.estimate(c, evidence);
    this.ballScale = 1;
  }

  /** The skins of an epiphyte's roots hold water of their own. */
  private static Retention rooted(Case c, Retention medium) {
    return c.plant().traits().rootType() == RootType.EPIPHYTE
        ? medium.holdingMore(ROOT_SKINS)
        : medium;
  }

  private Scales scales() {
    return Scales.of(c, ballMedium.capacity(c.pot().fill()), evidence().availableLitres());
  }

  /**
   * How wet the present pot is, by the scales.
   *
   * @param wetness share of the water for its roots that is left, 0 to 1
   * @param uncertainty half width of the range of that share
   * @param tooHeavy it weighs more than such a pot can
   * @param litresLeft for its roots
   * @param daysToRefill from now; empty beyond the horizon, and where its weight tells too little
   */
  public record Now(
      double wetness,
      double uncertainty,
      boolean tooHeavy,
      double litresLeft,
      OptionalDouble daysToRefill) {
    /** From here a range says nothing any more (rule of thumb). */
    private static final double TELLS_LITTLE = 0.35;

    public boolean tellsLittle() {
      return tooHeavy || uncertainty > TELLS_LITTLE;
    }
  }

  /** Where it was weighed on the day of the case. */
  public Optional<Now> now() {
    return scales
        .today(c)
        .map(
            grams -> {
              double wetness = scales.wetness(grams);
              Planted.Stores stores = present.drained.stores(rootFill, ballScale);
              Wet full = Wet.full(stores);
              Wet wet = new Wet(full.ball() * wetness, full.ring() * wetness, full.top() * wetness);
              DryDown.Drive drive = drive(present, c.date(), 0, Stage.UNTOUCHED);
              Now now =
                  new Now(
                      wetness,
                      scales.uncertainty(),
                      scales.tooHeavy(grams),
                      wet.litres(),
                      DryDown.from(wet, 0, stores, drive).daysToRefill());
              return now.tellsLittle()
                  ? new Now(
                      wetness,
                      now.uncertainty(),
                      now.tooHeavy(),
                      now.litresLeft(),
                      OptionalDouble.empty())
                  : now;
            });
  }

  private Use.PotEvidence evidence() {
    Planted.Stores stores = present.drained.stores(rootFill, 1);
    return Use.PotEvidence.byRule(
        stores.ball() + stores.ring() + stores.top(),
        MEAN_WETNESS * (losses.surface(c.pot()) + Losses.walls(c.pot())));
  }

  /**
   * What is poured on record over what a plant of this size can drink in this pot; empty when no
   * watering was measured.
   */
  public static Optional<Double> pouredOverUse(Case c, MediumTable media) {
    return c.watering().isEmpty() && c.history().pours().isEmpty()
        ? Optional.empty()
        : Use.pouredOverUse(c, new WaterModel(c, media).evidence);
  }

  /** Measured waterings the model rests on, 0 when it rests on the table. */
  public int waterings() {
    return use.waterings();
  }

  /** Times it was weighed before and after that the model rests on. */
  public int weighings() {
    return use.weighings();
  }

  /** The time a pour took to soak in, where somebody measured it in this pot. */
  public Optional<SoakIn> soakIn() {
    return soakIn;
  }

  /** What the table expects of the present pot with few roots in it. */
  public static Drying uncrowded(Case c, MediumTable media) {
    return new WaterModel(c, media).before();
  }

  /** Share of the water for its roots that is left so many days after a watering. */
  public double leftAfter(double days) {
    Planted.Stores stores = present.drained.stores(rootFill, ballScale);
    Wet full = Wet.full(stores);
    DryDown.Drive drive = drive(present, c.date(), 0, Stage.UNTOUCHED);
    return full.litres() > 0
        ? DryDown.after(full, days, stores, drive).litres() / full.litres()
        : 0;
  }

  /** The present pot, as it is. */
  public Drying before() {
    return keptOfAPour().map(this::rewettedTo).orElseGet(this::presentNow);
  }

  /**
   * Share of a pour that it keeps, where somebody measured it and no waterings are on record, which
   * know that already.
   */
  public Optional<Double> keptOfAPour() {
    return use.measured() || c.plant().refill() == Refill.RESERVOIR
        ? Optional.empty()
        : c.signs().value(SignCode.WATER_RUNS_THROUGH).filter(share -> share < 1);
  }

  /** A watering gives back only so much of what was spent; the rest runs through. */
  private Drying rewettedTo(double kept) {
    Planted.Stores stores = present.drained.stores(rootFill, ballScale);
    double left = 1 - c.plant().refill().spentShare() * (1 - kept);
    Wet wet = new Wet(stores.ball() * left, stores.ring() * left, stores.top() * left);
    DryDown.Drive drive = drive(present, c.date(), 0, Stage.UNTOUCHED);
    return Drying.of(
        DryDown.from(wet, stores.ring(), stores, drive),
        Math.hypot(use.uncertainty(), KEPT_MISLEADS));
  }

  private Drying presentNow() {
    return cycle(
        present,
        present.drained.stores(rootFill, ballScale),
        drive(present, c.date(), 0, Stage.UNTOUCHED),
        Stage.UNTOUCHED);
  }

  /** A pot to ask about, planted with this plant's ball. */
  public Bed bed(Setting at) {
    return new Bed(
        new Planted(at.pot(), at.ball(), at.bottomMm(), at.coarseMm(), ballMedium, at.ring()));
  }

  /** A cycle that starts some days after the repot, on a given date. */
  public Drying after(Bed bed, LocalDate on, Stage stage) {
    return cycle(
        bed, bed.drained.stores(rootFill, ballScale), drive(bed, on, reachDays(on), stage), stage);
  }

  /** Rooted through: the new normal, by the light of a day, on which it is awake. */
  public Drying settled(Bed bed, LocalDate on) {
    double fill = Math.min(rootFill, SETTLED_FILL);
    return cycle(bed, bed.drained.stores(fill, ballScale), awake(bed, on), Stage.UNTOUCHED);
  }

  /** Roots that have gone through a pot did so in growth. */
  private DryDown.Drive awake(Bed bed, LocalDate on) {
    double uptake = use.litresPerDay() * c.growth(on);
    return drive(bed, uptake, losses.surface(bed.pot, on), 0, Stage.UNTOUCHED);
  }

  /** Litres that bring a freshly planted pot to capacity, and the run-through on top. */
  public double waterInLitres(Bed bed, double ballWetness) {
    Planted.Stores stores = bed.drained.stores(rootFill, ballScale);
    double spentBall = (stores.ball() + stores.top()) * (1 - ballWetness);
    double spentRing = stores.ring() * FRESH_SPENT;
    return (spentBall + spentRing) * RUN_THROUGH;
  }

  private Bed present() {
    Ball ball = c.ball();
    double bottom = Math.max(0, c.pot().fill().heightMm() - ball.body().heightMm());
    return new Bed(new Planted(c.pot(), ball.body(), bottom, 0, ballMedium, ballMedium));
  }

  private Drying cycle(Bed bed, Planted.Stores stores, DryDown.Drive drive, Stage stage) {
    // fresh medium comes moist: the first watering gives the rest
    double given = stage.fresh() ? stores.ring() * FRESH_SPENT : stores.ring();
    Drying drying =
        Drying.of(DryDown.from(Wet.full(stores), given, stores, drive), use.uncertainty());
    return c.plant().refill() == Refill.RESERVOIR ? overReservoir(bed, drive, drying) : drying;
  }

  private DryDown.Drive drive(Bed bed, LocalDate on, double reachDays, Stage stage) {
    boolean wakes =
        bed != present && c.plant().traits().repottedDormant() && !c.plant().is(StateCode.RESTING);
    // what is moved dormant is moved as it wakes
    double uptake = use.litresPerDay() * (wakes ? c.growth(on) : c.thirst(on));
    return drive(bed, uptake, losses.surface(bed.pot, on), reachDays, stage);
  }

  /** For the calibration: nobody knows the air of days gone by, what is told is told of today's. */
  private DryDown.Cycle presentCycle(double litresPerDay, double thirst, double scale) {
    double surface =
        c.history().pours().isEmpty() ? losses.surface(c.pot(), c.date()) : losses.surface(c.pot());
    Planted.Stores stores = present.drained.stores(rootFill, scale);
    return DryDown.run(stores, drive(present, litresPerDay * thirst, surface, 0, Stage.UNTOUCHED));
  }

  /**
   * @param uptake litres a day with all roots and leaves at work
   * @param surface loss of the free wet surface, L a day
   */
  private DryDown.Drive drive(
      Bed bed, double uptake, double surface, double reachDays, Stage stage) {
    return new DryDown.Drive(
        uptake,
        surface,
        Losses.walls(bed.pot),
        bed.drained.exchangeDays(),
        stage.startDay(),
        reachDays,
        stage.activityStart(),
        c.plant().traits().vigour().recoveryDays(),
        c.plant().refill());
  }

  /** How the present pot dries from full, as it is. */
  public Course courseNow() {
    DryDown.Drive drive = drive(present, c.date(), 0, Stage.UNTOUCHED);
    return course(present, before(), drive, rootFill);
  }

  /** A pot just planted. */
  public Course courseFirst(Bed bed, LocalDate on, double activity) {
    Stage stage = new Stage(0, activity);
    return course(bed, after(bed, on, stage), drive(bed, on, reachDays(on), stage), rootFill);
  }

  /** The same rooted through. */
  public Course courseSettled(Bed bed, LocalDate on) {
    return course(bed, settled(bed, on), awake(bed, on), Math.min(rootFill, SETTLED_FILL));
  }

  private Course course(Bed bed, Drying drying, DryDown.Drive drive, double fill) {
    double asked =
        Math.max(drying.daysToRefill().orElse(0), drying.daysRingWet().orElse(0)) * SHOWN_BEYOND;
    double days = Math.max(SHOWN_LEAST, Math.min(SHOWN_MOST, asked));
    return new Course(
        DryDown.course(days, SAMPLES, bed.drained.stores(fill, ballScale), drive), drying);
  }

  /** How wet the present pot was found, oldest first. */
  public List<Found> found() {
    double full = Wet.full(present.drained.stores(rootFill, ballScale)).litres();
    return Found.of(c, full, scales, this::daysToday);
  }

  /** Days by the light of the day of the case in which it dries as far as in these up to a day. */
  public double daysToday(LocalDate until, double days) {
    double thirst = c.thirst(new History.Pour(until, days, 0));
    OptionalDouble then = presentCycle(use.litresPerDay(), thirst, ballScale).daysToRefill();
    OptionalDouble now =
        presentCycle(use.litresPerDay(), c.thirst(c.date()), ballScale).daysToRefill();
    return then.isEmpty() || now.isEmpty() || then.getAsDouble() <= 0
        ? days
        : days * now.getAsDouble() / then.getAsDouble();
  }

  /** How the estimate of its thirst came to know what it knows. */
  public Learned learned() {
    return Use.learned(c, evidence, scales);
  }

  /** A planted pot on its way, from the day of the work. */
  public Growing growing(Bed bed, LocalDate day, double activity) {
    return new Growing(bed, day, activity);
  }

  /** What can be asked of a planted pot on any day after the work, however wet it is. */
  public final class Growing {
    private final Bed bed;
    private final LocalDate day;
    private final double activity;
    private final Planted.Stores caps;

    private Growing(Bed bed, LocalDate day, double activity) {
      this.bed = bed;
      this.day = day;
      this.activity = activity;
      this.caps = bed.drained.stores(rootFill, ballScale);
    }

    /** As it leaves the bench, before it is watered. */
    public Wet onTheBench(double ballWetness) {
      return new Wet(
          caps.ball() * ballWetness, caps.ring() * (1 - FRESH_SPENT), caps.top() * ballWetness);
    }

    public Wet pour(Wet wet, double litres, Wet.Place place) {
      return wet.pour(litres, place, caps);
    }

    /** How wet it is so many days later. */
    public Wet dry(Wet wet, LocalDate on, double days) {
      return days <= 0 ? wet : DryDown.after(wet, days, caps, driveOn(on));
    }

    /**
     * How it dries from there.
     *
     * @param ringGiven what the last pour gave the fresh medium, L
     * @param barelyMoist it is kept at the wetness of its last watering, however low
     */
    public Drying cycle(Wet wet, double ringGiven, LocalDate on, boolean barelyMoist) {
      DryDown.Drive drive = driveOn(on);
      DryDown.Cycle cycle =
          barelyMoist
              ? DryDown.barelyMoist(wet, ringGiven, caps, drive)
              : DryDown.from(wet, ringGiven, caps, drive);
      Drying drying = Drying.of(cycle, use.uncertainty());
      return c.plant().refill() == Refill.RESERVOIR ? overReservoir(bed, drive, drying) : drying;
    }

    private DryDown.Drive driveOn(LocalDate on) {
      Stage stage = new Stage(on.toEpochDay() - day.toEpochDay(), activity);
      return drive(bed, on, reachDays(on), stage);
    }
  }

  /** The grains wick from the water table: it lasts as long as the reservoir does. */
  private Drying overReservoir(Bed bed, DryDown.Drive drive, Drying drying) {
    Frustum fill = bed.pot.fill();
    double litres =
        fill.upTo(fill.heightMm() * RESERVOIR_SHARE).litres()
            * (bed.ring.saturated() - bed.ring.wilting());
    double perDay =
        drive.uptake() * drive.activity(0) + MEAN_WETNESS * (drive.surface() + drive.walls());
    return new Drying(
        drying.daysToTopDry(),
        perDay < 1e-9 ? OptionalDouble.empty() : OptionalDouble.of(litres / perDay),
        OptionalDouble.of(0),
        drying.daysRingWet(),
        perDay,
        litres,
        use.uncertainty());
  }

  /** Days in which roots reach through fresh medium: longer where they grow less. */
  private double reachDays(LocalDate on) {
    return c.plant().traits().vigour().reachDays() / Math.min(1, c.growth(on));
  }
}
