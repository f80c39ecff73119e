package happysaucer.core.season;

import happysaucer.core.species.WindowKind;
import happysaucer.core.unit.Window;
import java.time.LocalDate;

/**
 * The windows in which a kind of plant can be disturbed, from day length. South of the equator they
 * mirror.
 */
public final class Season {
  /** Within this latitude day length never falls low: the window is open all year. */
  private static final double EQUATORIAL = 15;

  private static final int WEEKS_OF_GROWTH_LEFT = 5;

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
      case TROPICAL, ROOT_START -> new Thresholds(11, 11, WEEKS_OF_GROWTH_LEFT);
      case SUMMER_SUCCULENT -> new Thresholds(11.5, 12, 0);
      case SHRUB -> new Thresholds(10.5, 11, WEEKS_OF_GROWTH_LEFT);
      case COOL_TREE -> new Thresholds(10.5, 24, 0);
      case TRAINED_TREE -> new Thresholds(10, 24, 0);
      case SPRING_AUTUMN -> new Thresholds(11, 11, WEEKS_OF_GROWTH_LEFT);
      case WINTER_GROWER -> new Thresholds(13, 12, 0);
    };
  }

  /**
   * The window that holds the date, or else the next one.
   *
   * @param latitude -90 to 90
   */
  public static Window currentOrNext(WindowKind kind, double latitude, LocalDate date) {
    if (Math.abs(latitude) <= EQUATORIAL) {
      return Window.between(date, date.plusYears(1).minusDays(1));
    }
    boolean south = latitude < 0;
    for (int year = date.getYear() - 1; ; year++) {
      Window window = ofYear(kind, latitude, south, year);
      if (!window.to().isBefore(date)) {
        return window;
      }
    }
  }

  /** The window that starts after the current or next one. */
  public static Window following(WindowKind kind, double latitude, Window window) {
    return currentOrNext(kind, latitude, window.to().plusDays(1));
  }

  private static Window ofYear(WindowKind kind, double latitude, boolean south, int year) {
    LocalDate darkest = south ? LocalDate.of(year, 6, 21) : LocalDate.of(year - 1, 12, 21);
    LocalDate brightest = south ? LocalDate.of(year, 12, 21) : LocalDate.of(year, 6, 21);
    LocalDate nextDarkest = darkest.plusYears(1);
    Thresholds thresholds = thresholds(kind);
    LocalDate opens = crossing(latitude, darkest, brightest, thresholds.opensRising());
    LocalDate closes =
        switch (kind) {
          // Citrus and cool trees: to the middle of the seventh month after the darkest.
          case COOL_TREE -> brightest.plusDays(24);
          // Before the buds break.
          case TRAINED_TREE -> crossing(latitude, darkest, brightest, 12);
          default ->
              crossing(latitude, brightest, nextDarkest, thresholds.closesFalling())
                  .minusDays(1)
                  .minusWeeks(thresholds.weeksBefore());
        };
    return closes.isBefore(opens) ? Window.ofDays(opens, 28) : Window.between(opens, closes);
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

  /** How much plants drink at this day length against twelve hours, 0.4 to 1.6. */
  public static double growth(double latitude, LocalDate date) {
    double ratio = DayLength.hours(latitude, date) / 12;
    return Math.max(0.4, Math.min(1.6, ratio * ratio));
  }
}
