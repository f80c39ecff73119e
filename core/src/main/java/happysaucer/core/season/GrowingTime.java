package happysaucer.core.season;

import java.time.LocalDate;
import java.time.YearMonth;

/**
 * Time as a plant at one latitude counts it: a month of long days is more than a month, a dark one
 * less, a whole year is twelve. Growth goes with the square of day length, as in {@link
 * Season#growth}.
 */
public final class GrowingTime {
  private static final double DAYS_PER_MONTH = 30.44;
  private static final double MOST_MONTHS = 600;

  /** More days than that many growing months can take. */
  private static final long MOST_DAYS = 20_000;

  /** Growth in each month of the year against the year's mean. */
  private final double[] factors = new double[12];

  /**
   * @param latitude -90 to 90
   */
  public GrowingTime(double latitude) {
    double sum = 0;
    for (int month = 0; month < 12; month++) {
      factors[month] = Season.growth(latitude, LocalDate.of(2027, month + 1, 15));
      sum += factors[month];
    }
    for (int month = 0; month < 12; month++) {
      factors[month] *= 12 / sum;
    }
  }

  private double factor(LocalDate date) {
    return factors[date.getMonthValue() - 1];
  }

  /** Growing months from one day to a later one; 0 where it is no later. */
  public double months(LocalDate from, LocalDate to) {
    return from.isBefore(to) ? sinceYearZero(to) - sinceYearZero(from) : 0;
  }

  /** Growing months up to a day, from a start that is the same for all: no walk over months. */
  private double sinceYearZero(LocalDate day) {
    long years = day.getYear();
    long leapYears =
        Math.floorDiv(years + 3, 4)
            - Math.floorDiv(years + 99, 100)
            + Math.floorDiv(years + 399, 400);
    double days = leapYears * factors[1];
    for (int month = 1; month <= 12; month++) {
      long inYear = YearMonth.of(2027, month).lengthOfMonth();
      days += years * inYear * factors[month - 1];
      if (month < day.getMonthValue()) {
        days += day.withDayOfMonth(1).withMonth(month).lengthOfMonth() * factors[month - 1];
      }
    }
    return (days + (day.getDayOfMonth() - 1) * factor(day)) / DAYS_PER_MONTH;
  }

  /** The day so many growing months after, or before where negative; at most fifty years away. */
  public LocalDate after(LocalDate from, double growingMonths) {
    double wanted =
        sinceYearZero(from) + Math.max(-MOST_MONTHS, Math.min(MOST_MONTHS, growingMonths));
    long low = -MOST_DAYS;
    long high = MOST_DAYS;
    // growing time never runs backwards, so the day is found by halving
    while (high - low > 1) {
      long middle = (low + high) / 2;
      if (sinceYearZero(from.plusDays(middle)) <= wanted) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return from.plusDays(growingMonths < 0 ? high : low);
  }
}
