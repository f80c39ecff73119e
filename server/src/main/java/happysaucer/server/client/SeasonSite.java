package happysaucer.server.client;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * A site as a season asks for it.
 *
 * @param days on which one gets in
 */
public record SeasonSite(
    UUID id,
    String name,
    UUID clientId,
    String clientName,
    double latitude,
    double longitude,
    String accessNote,
    SiteAccess.Floors floors,
    int parkingMinutes,
    List<VisitPlan.VisitDay> days) {
  /** To carry what is needed up and down again (rules of thumb). */
  private static final int BY_LIFT = 4;

  private static final int BY_STAIRS = 8;

  private static final int DAY = 24 * 60;

  /** What a visit takes beside driving and work, minutes. */
  public int settingUpMinutes() {
    return parkingMinutes
        + switch (floors) {
          case GROUND -> 0;
          case LIFT -> BY_LIFT;
          case STAIRS -> BY_STAIRS;
        };
  }

  /** When one gets in on a day; empty where nobody does. */
  public Optional<Open> on(LocalDate day) {
    return days.stream()
        .filter(each -> each.weekday() == day.getDayOfWeek().getValue())
        .findFirst()
        .map(
            each ->
                new Open(
                    each.opens() == null ? 0 : minutes(each.opens()),
                    each.closes() == null ? DAY : minutes(each.closes())));
  }

  private static int minutes(String hour) {
    return LocalTime.parse(hour).toSecondOfDay() / 60;
  }

  /** Minutes after midnight. */
  public record Open(int from, int to) {
    /** Nobody gets in. */
    public static final Open CLOSED = new Open(0, 0);

    public int minutes() {
      return to - from;
    }
  }
}
