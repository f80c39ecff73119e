package happysaucer.core.unit;

import java.time.LocalDate;

/** Days that can be meant in a record of plants. */
public final class Days {
  public static final int FIRST_YEAR = 1900;
  public static final int LAST_YEAR = 2200;

  /** What to say of a day outside. */
  public static final String RANGE =
      "The year must be between " + FIRST_YEAR + " and " + LAST_YEAR + ".";

  private Days() {}

  public static boolean sane(LocalDate day) {
    return day.getYear() >= FIRST_YEAR && day.getYear() <= LAST_YEAR;
  }
}
