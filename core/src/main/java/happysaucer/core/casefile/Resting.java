package happysaucer.core.casefile;

import happysaucer.core.season.DayLength;
import happysaucer.core.season.Season;
import happysaucer.core.sign.StateCode;
import happysaucer.core.species.Rest;
import happysaucer.core.species.Traits;
import happysaucer.core.species.WindowKind;
import java.time.LocalDate;
import java.util.Map;

/** Whether a plant is at rest: somebody saw it, or it is the nature of its kind at this time. */
public final class Resting {
  /** Hours of daylight under which a plant that rests in winter does so. */
  private static final double DARK_MONTHS = 11;

  /** Over which one that grows in winter rests (rule of thumb). */
  private static final double LONG_DAYS = 13;

  /** Days before and after one that tell how far it is into its rest, or out of it. */
  private static final int[] AROUND = {-14, -7, 0, 7, 14};

  /** Rest that was seen lasts so many days more, as far as anybody knows (rule of thumb). */
  private static final int SEEN_LASTS_DAYS = 28;

  private Resting() {}

  static boolean of(
      Traits traits, Map<StateCode, Integer> states, double latitude, LocalDate date) {
    return states.containsKey(StateCode.RESTING) || byNature(traits, latitude, date);
  }

  /**
   * How far a plant is at rest on a day, 0 to 1: rest comes and goes within a month.
   *
   * @param states with the days since each began
   * @param today day to which they belong
   */
  static double share(
      Traits traits,
      Map<StateCode, Integer> states,
      double latitude,
      LocalDate today,
      LocalDate on) {
    Integer since = states.get(StateCode.RESTING);
    if (since != null
        && !on.isBefore(today.minusDays(since))
        && !on.isAfter(today.plusDays(SEEN_LASTS_DAYS))) {
      return 1;
    }
    int resting = 0;
    for (int days : AROUND) {
      resting += byNature(traits, latitude, on.plusDays(days)) ? 1 : 0;
    }
    return resting / (double) AROUND.length;
  }

  /** Its kind rests in these months; once its window is open it has woken. */
  private static boolean byNature(Traits traits, double latitude, LocalDate date) {
    boolean rests = traits.rest() == Rest.DRY || traits.rest() == Rest.LEAFLESS;
    if (!rests || Math.abs(latitude) <= Season.EQUATORIAL) {
      return false;
    }
    double hours = DayLength.hours(latitude, date);
    boolean its =
        traits.window() == WindowKind.WINTER_GROWER ? hours > LONG_DAYS : hours < DARK_MONTHS;
    return its
        && (traits.repottedDormant()
            || !Season.currentOrNext(traits.window(), latitude, date).contains(date));
  }
}
