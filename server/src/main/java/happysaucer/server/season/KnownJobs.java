package happysaucer.server.season;

import happysaucer.core.round.Route;
import happysaucer.server.clock.TeamClock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Jobs that were made known, for whoever reads them in a calendar. */
@Component
public class KnownJobs {
  private static final int BACK = 30;
  private static final int MOST = 1000;

  private final SeasonJobMapper rows;
  private final Seasons seasons;
  private final CrewDays days;
  private final TeamClock clock;

  KnownJobs(SeasonJobMapper rows, Seasons seasons, CrewDays days, TeamClock clock) {
    this.rows = rows;
    this.seasons = seasons;
    this.days = days;
    this.clock = clock;
  }

  /**
   * @param cancelled it does not take place, or not with this crew any more
   * @param beginMinutes after midnight, of the stop it is done at
   */
  public record KnownJob(
      UUID id,
      int sequence,
      boolean cancelled,
      LocalDate on,
      int beginMinutes,
      int endMinutes,
      String crew,
      String client,
      String site,
      String accessNote,
      String plant,
      String spot,
      String kind,
      String place,
      String action) {}

  /** Of one crew: also what it does not do any more. */
  public List<KnownJob> ofCrew(UUID crew) {
    return of(rows.known(clock.today().minusDays(BACK), crew, null, MOST), crew);
  }

  /** Of the sites of one client. */
  public List<KnownJob> ofClient(UUID client) {
    return of(rows.known(clock.today().minusDays(BACK), null, client, MOST), null);
  }

  private List<KnownJob> of(List<SeasonJobRow> known, @Nullable UUID crew) {
    if (known.isEmpty()) {
      return List.of();
    }
    Seasons.Season season = seasons.gather(known);
    Map<String, List<SeasonJobRow>> byDay = new HashMap<>();
    for (SeasonJobRow row : known) {
      if (stands(row) && row.leadId != null) {
        byDay.computeIfAbsent(row.leadId + "/" + row.plannedOn, key -> new ArrayList<>()).add(row);
      }
    }
    Map<UUID, int[]> hours = new HashMap<>();
    byDay.values().forEach(day -> hours(season, day, hours));
    return known.stream().map(row -> job(season, row, crew, hours.get(row.id))).toList();
  }

  private static boolean stands(SeasonJobRow row) {
    return row.plannedOn != null && (row.open() || row.status == JobStatus.DONE);
  }

  /** From when to when its crew is at the stop where it is done. */
  private void hours(Seasons.Season season, List<SeasonJobRow> day, Map<UUID, int[]> hours) {
    SeasonJobRow first = day.get(0);
    if (season.crew(first.leadId) == null) {
      return;
    }
    CrewDays.Ordered ordered =
        days.ordered(
            season,
            Objects.requireNonNull(season.crew(first.leadId)),
            Objects.requireNonNull(first.plannedOn),
            day);
    Route route = ordered.route();
    for (int i = 0; i < route.order().size(); i++) {
      for (SeasonJobRow row : ordered.at(route.order().get(i))) {
        hours.put(row.id, new int[] {route.begin().get(i), route.leave().get(i)});
      }
    }
  }

  private static KnownJob job(
      Seasons.Season season, SeasonJobRow row, @Nullable UUID crew, int @Nullable [] hours) {
    var plant = Objects.requireNonNull(season.plants().get(row.plantId));
    var site = Objects.requireNonNull(season.sites().get(plant.siteId()));
    boolean other = crew != null && !crew.equals(row.leadId) && !crew.equals(row.helperId);
    boolean gone = !stands(row) || row.leadId == null || other;
    LocalDate on = gone || row.plannedOn == null ? row.publishedOn : row.plannedOn;
    int[] at = hours == null ? new int[] {8 * 60, 8 * 60 + row.minutes} : hours;
    return new KnownJob(
        row.id,
        row.sequence,
        gone,
        Objects.requireNonNull(on),
        at[0],
        at[1],
        row.leadId == null ? "" : SeasonWords.crew(season, row.leadId),
        site.clientName(),
        site.name(),
        site.accessNote(),
        plant.commonName() + " " + plant.label(),
        plant.spotName(),
        row.kind.name(),
        row.place.name(),
        row.action);
  }
}
