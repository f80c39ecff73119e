package happysaucer.server.season;

import happysaucer.core.round.Route;
import happysaucer.server.client.SeasonSite;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.crew.Crews.CrewPerson;
import happysaucer.server.crew.Crews.CrewView;
import happysaucer.server.job.Jobs;
import happysaucer.server.job.Jobs.JobWork;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.round.Rounds;
import happysaucer.server.season.DayPlan.DayJob;
import happysaucer.server.season.DayPlan.DayStop;
import happysaucer.server.season.SeasonJobMapper.PlantAtRow;
import happysaucer.server.season.Seasons.Season;
import happysaucer.server.team.CurrentUser;
import happysaucer.server.travel.Roads;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A crew's day, from what is planned for it. */
@Component
public class CrewDays {
  private static final int DAY = 24 * 60;

  private final SeasonJobMapper rows;
  private final Seasons seasons;
  private final Jobs jobs;
  private final Roads roads;
  private final TeamClock clock;
  private final Rounds rounds;
  private final CurrentUser user;

  CrewDays(
      SeasonJobMapper rows,
      Seasons seasons,
      Jobs jobs,
      Roads roads,
      TeamClock clock,
      Rounds rounds,
      CurrentUser user) {
    this.rounds = rounds;
    this.user = user;
    this.rows = rows;
    this.seasons = seasons;
    this.jobs = jobs;
    this.roads = roads;
    this.clock = clock;
  }

  /**
   * @param date null for today
   * @throws NotFoundException when there is no such crew
   */
  public DayPlan of(UUID crewId, @Nullable LocalDate date) {
    LocalDate on = date == null ? clock.today() : date;
    List<SeasonJobRow> ofTheDay = rows.planned(on, on, Seasons.MOST_JOBS);
    List<SeasonJobRow> planned =
        ofTheDay.stream()
            .filter(row -> crewId.equals(row.leadId) || crewId.equals(row.helperId))
            .toList();
    Season season = seasons.gather(planned);
    CrewView crew = season.crew(crewId);
    if (crew == null) {
      throw new NotFoundException("There is no such crew. It may go out no more.");
    }
    List<SeasonJobRow> byPlace =
        planned.stream()
            .sorted(
                Comparator.comparing((SeasonJobRow row) -> plant(season, row).spotName())
                    .thenComparing(row -> plant(season, row).label())
                    .thenComparing(row -> row.workKey))
            .toList();
    Map<UUID, JobWork> work =
        jobs.workOf(planned.stream().map(row -> row.jobId).filter(Objects::nonNull).toList());
    Ordered day = ordered(season, crew, on, byPlace);
    return laid(season, crew, on, day, work, beside(day, ofTheDay, on));
  }

  private Map<UUID, Beside> beside(Ordered day, List<SeasonJobRow> ofTheDay, LocalDate on) {
    Map<UUID, Beside> beside = new HashMap<>();
    rounds
        .at(day.sites(), on, user.id())
        .forEach((site, stop) -> beside.put(site, Beside.of(stop, ofTheDay)));
    return beside;
  }

  private static PlantAtRow plant(Season season, SeasonJobRow row) {
    return Objects.requireNonNull(season.plants().get(row.plantId));
  }

  /** The stops of a day with their jobs, and the order in which they are made. */
  record Ordered(List<UUID> sites, Map<UUID, List<SeasonJobRow>> bySite, Route route) {
    List<SeasonJobRow> at(int stop) {
      return Objects.requireNonNull(bySite.get(sites.get(stop)));
    }

    List<SeasonJobRow> jobs() {
      return bySite.values().stream().flatMap(List::stream).toList();
    }
  }

  Ordered ordered(Season season, CrewView crew, LocalDate on, List<SeasonJobRow> rows) {
    Map<UUID, List<SeasonJobRow>> bySite = new LinkedHashMap<>();
    rows.forEach(
        row -> bySite.computeIfAbsent(season.siteOf(row), id -> new ArrayList<>()).add(row));
    List<UUID> sites = List.copyOf(bySite.keySet());
    Roads.Place home = seasons.workshop(season.sites());
    return new Ordered(
        sites,
        bySite,
        Route.of(
            sites.stream()
                .map(site -> stop(season, crew, on, site, Objects.requireNonNull(bySite.get(site))))
                .toList(),
            (from, to) -> minutes(season, home, place(sites, from), place(sites, to)),
            crew.beginsOn(on)));
  }

  private DayPlan laid(
      Season season,
      CrewView crew,
      LocalDate on,
      Ordered day,
      Map<UUID, JobWork> work,
      Map<UUID, Beside> there) {
    Roads.Place home = seasons.workshop(season.sites());
    List<UUID> sites = day.sites();
    Route route = day.route();
    List<DayStop> made = new ArrayList<>();
    int driving = 0;
    int working = 0;
    for (int i = 0; i < route.order().size(); i++) {
      int index = route.order().get(i);
      int from = i == 0 ? Route.HOME : route.order().get(i - 1);
      int way = minutes(season, home, place(sites, from), place(sites, index));
      driving += way;
      Route.Stop stop = stop(season, crew, on, sites.get(index), day.at(index));
      working += stop.minutes();
      made.add(
          stop(
              season,
              crew,
              on,
              sites.get(index),
              day.at(index),
              work,
              route,
              i,
              way,
              stop,
              there.get(sites.get(index))));
    }
    if (!made.isEmpty()) {
      int last = route.order().get(route.order().size() - 1);
      driving += minutes(season, home, place(sites, last), null);
    }
    int begins = crew.beginsOn(on);
    int ends = begins + crew.minutesOn(on);
    boolean out = crew.minutesOn(on) > 0;
    return new DayPlan(
        on,
        crew.id(),
        crew.name(),
        crew.people().stream().map(CrewPerson::name).toList(),
        SeasonBoard.away(crew, on),
        out ? hour(begins) : null,
        out ? hour(ends) : null,
        made,
        hour(route.back()),
        driving,
        working,
        out ? Math.max(0, route.back() - ends) : 0,
        route.exact(),
        DayLoad.of(season, crew, day.jobs(), work));
  }

  private static @Nullable UUID place(List<UUID> sites, int index) {
    return index == Route.HOME ? null : sites.get(index);
  }

  /** Work in the workshop is where the day begins. */
  private int minutes(Season season, Roads.Place home, @Nullable UUID from, @Nullable UUID to) {
    SeasonSite at = from == null ? null : season.sites().get(from);
    SeasonSite next = to == null ? null : season.sites().get(to);
    if (at == null && next == null) {
      return 0;
    }
    return roads.minutes(
        at == null ? home : Seasons.place(at), next == null ? home : Seasons.place(next));
  }

  private static int own(CrewView crew, LocalDate on, SeasonJobRow row) {
    return crew.peopleOn(on) > 1 && row.people == 1 ? (row.minutes + 1) / 2 : row.minutes;
  }

  private static Route.Stop stop(
      Season season, CrewView crew, LocalDate on, UUID site, List<SeasonJobRow> rows) {
    SeasonSite at = season.sites().get(site);
    SeasonSite.Open open =
        at == null ? new SeasonSite.Open(0, DAY) : at.on(on).orElse(new SeasonSite.Open(0, DAY));
    int minutes = rows.stream().mapToInt(row -> own(crew, on, row)).sum();
    return new Route.Stop(
        open.from(), open.to(), minutes + (at == null ? 0 : at.settingUpMinutes()));
  }

  private static DayStop stop(
      Season season,
      CrewView crew,
      LocalDate on,
      UUID site,
      List<SeasonJobRow> rows,
      Map<UUID, JobWork> work,
      Route route,
      int place,
      int way,
      Route.Stop stop,
      @Nullable Beside there) {
    SeasonSite at = season.sites().get(site);
    SeasonSite.Open open = at == null ? null : at.on(on).orElse(null);
    return new DayStop(
        at == null ? null : at.id(),
        at == null ? "Workshop" : at.name(),
        at == null ? "" : at.clientName(),
        at == null ? "" : at.accessNote(),
        at == null ? "GROUND" : at.floors().name(),
        open == null || open.from() == 0 ? null : hour(open.from()),
        open == null || open.to() == DAY ? null : hour(open.to()),
        way,
        hour(route.arrive().get(place)),
        hour(route.begin().get(place)),
        hour(route.leave().get(place)),
        Math.max(0, route.leave().get(place) - stop.closes()),
        at == null ? 0 : at.settingUpMinutes(),
        rows.stream().map(row -> job(season, crew, on, row, work)).toList(),
        there == null ? List.of() : there.also(),
        there == null ? null : there.round());
  }

  private static DayJob job(
      Season season, CrewView crew, LocalDate on, SeasonJobRow row, Map<UUID, JobWork> work) {
    PlantAtRow plant = plant(season, row);
    UUID other = crew.id().equals(row.leadId) ? row.helperId : row.leadId;
    return new DayJob(
        row.id,
        row.plantId,
        row.jobId,
        plant.label(),
        plant.commonName(),
        plant.spotName(),
        row.kind.name(),
        row.place.name(),
        row.action,
        row.urgency,
        row.aftercareStepId,
        row.why == null ? null : row.why.words(),
        row.note,
        row.held == null ? null : row.held.words(),
        own(crew, on, row),
        row.people,
        other == null ? null : SeasonWords.crew(season, other),
        row.status == JobStatus.DONE,
        row.jobId == null || !work.containsKey(row.jobId)
            ? null
            : DayLoad.potWords(Objects.requireNonNull(work.get(row.jobId))));
  }

  static String hour(int minutes) {
    return String.format(Locale.ROOT, "%02d:%02d", minutes / 60 % 24, minutes % 60);
  }
}
