package happysaucer.core.season;

import happysaucer.core.species.WindowKind;
import happysaucer.core.unit.Window;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * The windows in which a kind of plant can be disturbed, from day length. South of the equator they
 * mirror.
 */
public final class Season {
  /** Within this latitude day length never falls low: the window is open all year. */
  public static final double EQUATORIAL = 15;

  private static final int WEEKS_OF_GROWTH_LEFT = 5;

  /**
   * A window that would close before it opens lasts so many days (high latitudes, rule of thumb).
   */
  private static final int SHORTEST_DAYS = 28;

  /** Spring-and-autumn growers rest in summer: days before and after midsummer (rule of thumb). */
  private static final int BEFORE_SUMMER_REST = 42;

  private static final int AFTER_SUMMER_REST = 63;
  private static final int AUTUMN_GROWTH_LEFT = 21;

  /** Winter growers wake this long after midsummer, and are moved for so long (rules of thumb). */
  private static final int WINTER_GROWERS_WAKE = 63;

  private static final int WINTER_GROWERS_DAYS = 70;

  /** Citrus and cool trees close in the middle of the month after midsummer. */
  private static final int AFTER_MIDSUMMER = 24;

  /** The second good moment: the last weeks of the window, when roots grow (rule of thumb). */
  private static final int EARLY_AUTUMN_DAYS = 42;

  private Season() {}

  /**
   * Thresholds of one kind of year, hours of daylight.
   *
   * @param opensRising the window opens when day length passes this, rising
   * @param closesFalling it closes before day length falls through this
   * @param weeksBefore so many weeks before that
   */
  private record Thresholds(double opensRising, double closesFalling, int weeksBefore) {}

  private static Thresholds thresholds(WindowKind kind) {
    return switch (kind) {
      case TROPICAL, ROOT_START, SPRING_AUTUMN -> new Thresholds(11, 11, WEEKS_OF_GROWTH_LEFT);
      case SUMMER_SUCCULENT -> new Thresholds(11.5, 12, 0);
      case SHRUB -> new Thresholds(10.5, 11, WEEKS_OF_GROWTH_LEFT);
      case COOL_TREE -> new Thresholds(10.5, 24, 0);
      case TRAINED_TREE -> new Thresholds(10, 24, 0);
      case WINTER_GROWER -> new Thresholds(24, 24, 0);
    };
  }

  /**
   * The window that holds the date, or else the next one.
   *
   * @param latitude -90 to 90
   */
  public static Window currentOrNext(WindowKind kind, double latitude, LocalDate date) {
    return holdingOrNext(kind, latitude, date, false);
  }

  /** The same for those who work only in its two best moments: its first third, its last weeks. */
  public static Window springOrEarlyAutumn(WindowKind kind, double latitude, LocalDate date) {
    return holdingOrNext(kind, latitude, date, true);
  }

  private static Window holdingOrNext(
      WindowKind kind, double latitude, LocalDate date, boolean bestMoments) {
    if (alwaysOpen(kind, latitude, date.getYear())) {
      return Window.between(date, date.plusYears(1).minusDays(1));
    }
    boolean south = latitude < 0;
    // A southern year runs over the turn of the calendar, a northern one ends with it.
    for (int year = south ? date.getYear() - 1 : date.getYear(); ; year++) {
      for (Window window : ofYear(kind, latitude, south, year)) {
        for (Window part : bestMoments ? best(window) : List.of(window)) {
          if (!part.to().isBefore(date)) {
            return part;
          }
        }
      }
    }
  }

  /** Near the equator, and wherever the shortest day is long enough for tropical foliage. */
  private static boolean alwaysOpen(WindowKind kind, double latitude, int year) {
    if (Math.abs(latitude) <= EQUATORIAL) {
      return true;
    }
    LocalDate darkest = LocalDate.of(year, latitude < 0 ? 6 : 12, 21);
    return (kind == WindowKind.TROPICAL || kind == WindowKind.ROOT_START)
        && DayLength.hours(latitude, darkest) > thresholds(kind).closesFalling();
  }

  /** The first third and the last six weeks of a long window; a short one stays whole. */
  private static List<Window> best(Window window) {
    long third = window.days() / 3;
    LocalDate autumn = window.to().minusDays(EARLY_AUTUMN_DAYS);
    LocalDate springEnds = window.from().plusDays(third);
    return springEnds.isBefore(autumn)
        ? List.of(Window.between(window.from(), springEnds), Window.between(autumn, window.to()))
        : List.of(window);
  }

  /** The windows that start after the darkest day of a year, in order. */
  private static List<Window> ofYear(WindowKind kind, double latitude, boolean south, int year) {
    LocalDate darkest = south ? LocalDate.of(year, 6, 21) : LocalDate.of(year - 1, 12, 21);
    LocalDate brightest = south ? LocalDate.of(year, 12, 21) : LocalDate.of(year, 6, 21);
    LocalDate nextDarkest = darkest.plusYears(1);
    Thresholds thresholds = thresholds(kind);
    if (kind == WindowKind.WINTER_GROWER) {
      return List.of(Window.ofDays(brightest.plusDays(WINTER_GROWERS_WAKE), WINTER_GROWERS_DAYS));
    }
    LocalDate opens = crossing(latitude, darkest, brightest, thresholds.opensRising());
    if (kind == WindowKind.SPRING_AUTUMN) {
      List<Window> windows = new ArrayList<>();
      windows.add(window(opens, brightest.minusDays(BEFORE_SUMMER_REST)));
      windows.add(
          window(
              brightest.plusDays(AFTER_SUMMER_REST),
              crossing(latitude, brightest, nextDarkest, thresholds.closesFalling())
                  .minusDays(AUTUMN_GROWTH_LEFT)));
      return windows;
    }
    LocalDate closes =
        switch (kind) {
          case COOL_TREE -> brightest.plusDays(AFTER_MIDSUMMER);
          // Before the buds break.
          case TRAINED_TREE -> crossing(latitude, darkest, brightest, 12);
          default ->
              crossing(latitude, brightest, nextDarkest, thresholds.closesFalling())
                  .minusDays(1)
                  .minusWeeks(thresholds.weeksBefore());
        };
    return List.of(window(opens, closes));
  }

  private static Window window(LocalDate opens, LocalDate closes) {
    return closes.isBefore(opens)
        ? Window.ofDays(opens, SHORTEST_DAYS)
        : Window.between(opens, closes);
  }

  /**
   * First day on which day length has crossed the threshold between two solstices, between which it
   * only rises or only falls; the first day itself when it never does.
   */
  private static LocalDate crossing(
      double latitude, LocalDate from, LocalDate to, double threshold) {
    boolean rising = DayLength.hours(latitude, from) < DayLength.hours(latitude, to);
    long low = from.toEpochDay();
    long high = to.toEpochDay();
    while (low < high) {
      long middle = Math.floorDiv(low + high, 2L);
      double hours = DayLength.hours(latitude, LocalDate.ofEpochDay(middle));
      boolean crossed = rising ? hours >= threshold : hours <= threshold;
      if (crossed) {
        high = middle;
      } else {
        low = middle + 1;
      }
    }
    return LocalDate.ofEpochDay(low);
  }

  /** How much plants drink and grow at this day length against twelve hours, 0.4 to 1.6. */
  public static double growth(double latitude, LocalDate date) {
    double ratio = DayLength.hours(latitude, date) / 12;
    return Math.max(0.4, Math.min(1.6, ratio * ratio));
  }
}
