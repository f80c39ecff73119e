package happysaucer.server.travel;

import org.springframework.stereotype.Component;

/**
 * Stands in for a map service, and ships with the app: roads are so much longer than the straight
 * line, slow near either end, where it is town, and faster between. Rules of thumb.
 */
@Component
class SimulatedRoads implements Roads {
  private static final double EARTH_KM = 6371;
  private static final double LONGER = 1.35;

  /** So much of a way is driven in town, at each end. */
  private static final double TOWN_KM = 3;

  private static final double TOWN_KM_A_MINUTE = 24.0 / 60;
  private static final double OPEN_KM_A_MINUTE = 70.0 / 60;

  /** To set off and to find the door. */
  private static final double SETTING_OFF = 1;

  @Override
  public int minutes(Place from, Place to) {
    double km = LONGER * straight(from, to);
    double town = Math.min(km, 2 * TOWN_KM);
    return (int) Math.ceil(SETTING_OFF + town / TOWN_KM_A_MINUTE + (km - town) / OPEN_KM_A_MINUTE);
  }

  /** Along a great circle, km. */
  private static double straight(Place from, Place to) {
    double north = Math.toRadians(to.latitude() - from.latitude());
    double east = Math.toRadians(to.longitude() - from.longitude());
    double a =
        Math.pow(Math.sin(north / 2), 2)
            + Math.cos(Math.toRadians(from.latitude()))
                * Math.cos(Math.toRadians(to.latitude()))
                * Math.pow(Math.sin(east / 2), 2);
    return 2 * EARTH_KM * Math.asin(Math.min(1, Math.sqrt(a)));
  }
}
