package happysaucer.core.repot;

import happysaucer.core.call.Action;
import happysaucer.core.call.Call;
import happysaucer.core.casefile.Case;
import happysaucer.core.method.Method;
import happysaucer.core.season.Season;
import happysaucer.core.species.AftercarePlan;
import happysaucer.core.species.Traits;
import happysaucer.core.unit.Window;
import happysaucer.core.water.WaterModel;
import java.time.LocalDate;
import java.util.Optional;

/**
 * The first water after the work: one day and one amount for bench, card, weeks and feed.
 *
 * @param litres poured
 * @param why it waits, or does not
 * @param how much of a full watering it is
 * @param ballWetness of the ball as it leaves the bench, 0 to 1
 */
public record FirstWater(LocalDate on, double litres, Why why, How how, double ballWetness) {
  /** Leafy balls come to the bench watered, dry-lovers dry; share of their water left. */
  private static final double BALL_MOIST = 0.8;

  private static final double BALL_DRY = 0.3;
  private static final double BALL_SOAKED = 1;

  /** Days for which a ball that was soaked in a treatment stays without water (rule of thumb). */
  private static final int TREATED_DAYS = 7;

  /** Why it waits. */
  public enum Why {
    AT_ONCE,
    /** Cuts and bruises on its roots must heal. */
    HEALING,
    /** Its ball was soaked in a treatment. */
    TREATED,
    /** The days must be long enough for it to grow. */
    WHEN_IT_GROWS
  }

  /** How much. */
  public enum How {
    /** All stores to capacity, and a little runs through. */
    THROUGH(1),
    /** After a dry wait: half of that. */
    SPARINGLY(0.5),
    /** After rot: barely moist. */
    BARELY(0.5);

    private final double share;

    How(double share) {
      this.share = share;
    }
  }

  /** Whether the plant leaves the bench dry. */
  public boolean waits(LocalDate workDay) {
    return on.isAfter(workDay);
  }

  static FirstWater of(
      Case c,
      Call call,
      RootWork work,
      Method.BallMoisture ballMoisture,
      WaterModel water,
      WaterModel.Bed bed,
      LocalDate workDay) {
    double wetness =
        switch (ballMoisture) {
          case DRY -> BALL_DRY;
          case SOAK -> BALL_SOAKED;
          default -> BALL_MOIST;
        };
    Day day = day(c, call, work, workDay);
    How how =
        afterRot(call, work)
            ? How.BARELY
            : day.why() == Why.HEALING && c.plant().traits().aftercare() == AftercarePlan.WAIT_DRY
                    || day.why() == Why.WHEN_IT_GROWS
                ? How.SPARINGLY
                : How.THROUGH;
    return new FirstWater(
        day.on(), water.waterInLitres(bed, wetness) * how.share, day.why(), how, wetness);
  }

  /** Rotten roots were cut. */
  static boolean afterRot(Call call, RootWork work) {
    return call.action() == Action.ROT_RESCUE
        || call.action() == Action.POT_DOWN && work.rootShare() > 0;
  }

  private record Day(LocalDate on, Why why) {}

  /** When the days are long enough again, where they are not on the day of the work. */
  private static Optional<LocalDate> grows(Case c, Call call, LocalDate workDay) {
    if (call.window().map(Window::from).filter(workDay::equals).isPresent()) {
      return call.growthStarts();
    }
    Window season = Season.currentOrNext(c.plant().traits().window(), c.site().latitude(), workDay);
    return season.contains(workDay) ? Optional.empty() : Optional.of(season.from());
  }

  /** At once, or when cuts and bruises have healed; out of season when it grows again. */
  private static Day day(Case c, Call call, RootWork work, LocalDate workDay) {
    Traits traits = c.plant().traits();
    if (call.action() == Action.PEST_CLEAN) {
      return new Day(workDay.plusDays(TREATED_DAYS), Why.TREATED);
    }
    if (c.method().firstWater() == Method.FirstWater.AT_ONCE || call.action() == Action.TOP_DRESS) {
      return new Day(workDay, Why.AT_ONCE);
    }
    if (traits.aftercare() == AftercarePlan.WAIT_DRY) {
      LocalDate healed = workDay.plusDays(Math.max(traits.dryDays(), work.callusDays()));
      Optional<LocalDate> grows = grows(c, call, workDay).filter(day -> day.isAfter(healed));
      return grows
          .map(day -> new Day(day, Why.WHEN_IT_GROWS))
          .orElseGet(() -> new Day(healed, Why.HEALING));
    }
    boolean healing = traits.aftercare() == AftercarePlan.EPIPHYTE && work.openRoots(call);
    return healing
        ? new Day(workDay.plusDays(Math.max(traits.dryDays(), work.callusDays())), Why.HEALING)
        : new Day(workDay, Why.AT_ONCE);
  }
}
