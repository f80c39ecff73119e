package happysaucer.core.season;

import java.time.LocalDate;
import java.time.temporal.JulianFields;

/** Hours from sunrise to sunset, from latitude and date. */
public final class DayLength {
  /**
   * The sun's centre at sunrise, refraction and its half disc included, degrees from the zenith.
   */
  private static final double SUNRISE_ZENITH = 90.833;

  private static final double OBLIQUITY = 23.4393;

  private DayLength() {}

  /**
   * @param latitude -90 to 90, south negative
   * @return hours, 0 in polar night, 24 in polar day
   */
  public static double hours(double latitude, LocalDate date) {
    double declination = declination(date);
    double phi = Math.toRadians(latitude);
    double divisor = Math.cos(phi) * Math.cos(declination);
    double numerator =
        Math.cos(Math.toRadians(SUNRISE_ZENITH)) - Math.sin(phi) * Math.sin(declination);
    if (Math.abs(divisor) < 1e-9) {
      return numerator < 0 ? 24 : 0;
    }
    double cosine = numerator / divisor;
    if (cosine >= 1) {
      return 0;
    }
    if (cosine <= -1) {
      return 24;
    }
    return 2 * Math.toDegrees(Math.acos(cosine)) / 15;
  }

  /** The sun's declination at noon, radians. */
  private static double declination(LocalDate date) {
    double days = date.getLong(JulianFields.JULIAN_DAY) - 2451545.0;
    double anomaly = Math.toRadians(357.5291 + 0.98560028 * days);
    double centre =
        1.9148 * Math.sin(anomaly) + 0.02 * Math.sin(2 * anomaly) + 0.0003 * Math.sin(3 * anomaly);
    double longitude = Math.toRadians(280.4665 + 0.98564736 * days + centre);
    return Math.asin(Math.sin(longitude) * Math.sin(Math.toRadians(OBLIQUITY)));
  }
}
