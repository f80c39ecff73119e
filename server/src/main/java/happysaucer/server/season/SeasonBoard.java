package happysaucer.server.season;

import happysaucer.planner.Blocked;
import happysaucer.planner.SeasonSetup;
import happysaucer.planner.Slot;
import happysaucer.server.client.SeasonSite;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.crew.Crews.CrewPerson;
import happysaucer.server.crew.Crews.CrewView;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.problem.StaleException;
import happysaucer.server.season.SeasonPlaces.Placing;
import happysaucer.server.season.Seasons.Season;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Days and crews of a plan, and what a person moves on them: checked by the rules at once. */
@Component
class SeasonBoard {
  private static final int WEEK = 7;

  private final SeasonJobMapper rows;
  private final Seasons seasons;
  private final SeasonPlaces places;
  private final SeasonView view;
  private final ChangeLog history;
  private final TeamClock clock;

  SeasonBoard(
      SeasonJobMapper rows,
      Seasons seasons,
      SeasonPlaces places,
      SeasonView view,
      ChangeLog history,
      TeamClock clock) {
    this.rows = rows;
    this.seasons = seasons;
    this.places = places;
    this.view = view;
    this.history = history;
    this.clock = clock;
  }

  /**
   * One crew on one day, minutes of its own.
   *
   * @param minutes it works; 0 where it does not go out
   * @param people who are there
   * @param away who is not, and why
   * @param trips there and back with setting up, one a site
   */
  record CrewDay(
      UUID crewId, LocalDate day, int minutes, int people, List<String> away, List<Trip> trips) {}

  record Trip(UUID siteId, String siteName, int minutes) {}

  /**
   * @param minutesOf a job in its crew's own time, by its id
   */
  record BoardWeek(
      LocalDate first,
      LocalDate today,
      List<SeasonView.CrewItem> crews,
      List<CrewDay> days,
      List<SeasonView.JobItem> jobs,
      List<SeasonView.JobItem> waiting,
      Map<UUID, Integer> minutesOf,
      SeasonPlaces.@Nullable ChangeView lastChange) {}

  /** A week of the board: what is planned in it, and what waits and could be done in it. */
  BoardWeek week(LocalDate any) {
    LocalDate first = view.weekOf(any);
    LocalDate last = first.plusDays(WEEK - 1);
    List<SeasonJobRow> open = rows.open(Seasons.MOST_JOBS);
    List<SeasonJobRow> all = new ArrayList<>(open);
    rows.planned(first, last, Seasons.MOST_JOBS).stream()
        .filter(row -> !row.open())
        .forEach(all::add);
    Season season = seasons.gather(all);
    Map<UUID, Blocked> blocked = seasons.setup(season, false).ready().blocked();
    List<SeasonView.JobItem> planned = new ArrayList<>();
    List<SeasonView.JobItem> waiting = new ArrayList<>();
    Map<UUID, Integer> minutesOf = new HashMap<>();
    Map<String, Map<UUID, Boolean>> visited = new HashMap<>();
    for (SeasonJobRow job : all) {
      if (job.plannedOn == null || job.leadId == null) {
        boolean then =
            !job.fromOn.isAfter(last) && !job.toOn.isBefore(first)
                || job.plannedOn != null
                    && !job.plannedOn.isBefore(first)
                    && !job.plannedOn.isAfter(last);
        if (then && job.open()) {
          waiting.add(SeasonView.item(season, job, blocked));
        }
        continue;
      }
      if (job.plannedOn.isBefore(first) || job.plannedOn.isAfter(last)) {
        continue;
      }
      planned.add(SeasonView.item(season, job, blocked));
      CrewView lead = season.crew(job.leadId);
      minutesOf.put(job.id, lead == null ? job.minutes : ownMinutes(job, lead));
      for (UUID crew : crewsOf(job)) {
        visited
            .computeIfAbsent(crew + "/" + job.plannedOn, key -> new HashMap<>())
            .put(season.siteOf(job), true);
      }
    }
    return new BoardWeek(
        first,
        clock.today(),
        SeasonView.crews(season),
        days(season, first, visited),
        planned,
        waiting,
        minutesOf,
        places.last());
  }

  /** Two do side by side in half the time what one can. */
  private static int ownMinutes(SeasonJobRow job, CrewView lead) {
    return lead.peopleOn(Objects.requireNonNull(job.plannedOn)) > 1 && job.people == 1
        ? (job.minutes + 1) / 2
        : job.minutes;
  }

  private static List<UUID> crewsOf(SeasonJobRow job) {
    UUID lead = Objects.requireNonNull(job.leadId);
    return job.helperId == null ? List.of(lead) : List.of(lead, job.helperId);
  }

  private static List<CrewDay> days(
      Season season, LocalDate first, Map<String, Map<UUID, Boolean>> visited) {
    List<CrewDay> days = new ArrayList<>();
    for (CrewView crew : season.crews()) {
      for (int i = 0; i < WEEK; i++) {
        LocalDate day = first.plusDays(i);
        List<Trip> trips = new ArrayList<>();
        visited
            .getOrDefault(crew.id() + "/" + day, Map.of())
            .keySet()
            .forEach(
                site -> {
                  SeasonSite at = season.sites().get(site);
                  trips.add(
                      new Trip(
                          site, at == null ? "Workshop" : at.name(), season.tripMinutes(site)));
                });
        days.add(
            new CrewDay(
                crew.id(),
                day,
                crew.peopleOn(day) == 0 ? 0 : crew.minutesOn(day),
                crew.peopleOn(day),
                away(crew, day),
                trips));
      }
    }
    return days;
  }

  /** Who of a crew is not there, and why. */
  static List<String> away(CrewView crew, LocalDate day) {
    return crew.absences().stream()
        .filter(away -> !day.isBefore(away.fromOn()) && !day.isAfter(away.toOn()))
        .map(
            away ->
                crew.people().stream()
                        .filter(person -> person.id().equals(away.personId()))
                        .map(CrewPerson::name)
                        .findFirst()
                        .orElse("Somebody")
                    + (away.reason().isEmpty() ? "" : ": " + away.reason()))
        .toList();
  }

  /**
   * @param overrule why a soft rule is set aside; it is kept with the job, which is pinned then
   */
  record PlaceRequest(
      @Nullable LocalDate on,
      @Nullable UUID leadId,
      @Nullable UUID helperId,
      @NotNull(message = "Say whether it is to stay there.") Boolean pinned,
      @Nullable @Size(max = 400, message = "At most 400 letters.") String overrule) {}

  /** What stands for and against every crew on a day. */
  List<SeasonTrying.DayOption> why(UUID id, LocalDate on) {
    Season season = seasons.gather();
    SeasonJobRow job = required(season, id);
    SeasonTrying trying = new SeasonTrying(season, job, seasons.setup(season, false).ready());
    List<SeasonTrying.DayOption> options = new ArrayList<>();
    for (CrewView crew : season.crews()) {
      options.add(trying.option(on, crew));
    }
    return options;
  }

  private static SeasonJobRow required(Season season, UUID id) {
    return season.jobs().stream()
        .filter(job -> job.id.equals(id))
        .findFirst()
        .orElseThrow(
            () -> new NotFoundException("There is no such job any more. Look at the plan again."));
  }

  /**
   * Moves a job where a person wants it, with what follows it. A rule that must hold refuses it and
   * says which.
   */
  @Transactional
  public SeasonView.JobItem move(UUID id, int version, PlaceRequest request) {
    SeasonJobRow locked = locked(id, version, request);
    Season season = seasons.gather();
    SeasonJobRow job = required(season, id);
    List<Placing> placings = new ArrayList<>();
    String words;
    if (request.on() == null) {
      if (locked.jobId != null) {
        throw new ConflictException("It has its day and its pot. Drop the repot to free both.");
      }
      placings.add(new Placing(id, null, null, null, false));
      words = Solved.name(season, job) + " waits again";
    } else {
      UUID lead = request.leadId();
      CrewView crew = lead == null ? null : season.crew(lead);
      if (crew == null) {
        throw InputException.of("leadId", "Say which crew.", lead);
      }
      SeasonTrying trying = new SeasonTrying(season, job, seasons.setup(season, false).ready());
      SeasonTrying.DayOption option =
          trying.slots(request.on(), crew.id()).stream()
              .filter(slot -> request.helperId() == null || helper(trying, slot, request))
              .map(slot -> trying.option(request.on(), crew, slot))
              .min(
                  java.util.Comparator.comparing((SeasonTrying.DayOption each) -> !each.allowed())
                      .thenComparing(SeasonTrying.DayOption::minutes))
              .orElseGet(() -> trying.option(request.on(), crew));
      if (!option.allowed()) {
        throw new ConflictException(
            SeasonWords.day(request.on())
                + " with "
                + crew.name()
                + " will not do: "
                + option.words()
                + ".");
      }
      boolean pinned = request.pinned() || request.overrule() != null;
      placings.add(new Placing(id, request.on(), crew.id(), option.helperId(), pinned));
      Slot slot =
          trying.slots(request.on(), crew.id()).stream()
              .filter(each -> Objects.equals(trying.names().at(each).helper(), option.helperId()))
              .findFirst()
              .orElseThrow();
      placings.addAll(trying.along(slot));
      words =
          Solved.name(season, job)
              + " to "
              + SeasonWords.day(request.on())
              + ", "
              + crew.name()
              + (request.overrule() == null ? "" : ": " + request.overrule());
    }
    places.place(UUID.randomUUID(), placings, words);
    if (request.overrule() != null && !request.overrule().isBlank()) {
      SeasonJobRow row = Objects.requireNonNull(rows.locked(id));
      row.overruled = request.overrule().trim();
      rows.store(List.of(row), clock.now());
    }
    return item(id);
  }

  private static boolean helper(SeasonTrying trying, Slot slot, PlaceRequest request) {
    return Objects.equals(trying.names().at(slot).helper(), request.helperId());
  }

  private SeasonJobRow locked(UUID id, int version, PlaceRequest request) {
    rows.lockPlantsOf(List.of(id));
    SeasonJobRow row = rows.locked(id);
    if (row == null || !row.open()) {
      throw new NotFoundException("There is no such job any more. Look at the plan again.");
    }
    if (row.version != version) {
      throw new StaleException(
          row.version,
          "Somebody",
          List.of(new StaleException.Change("plannedOn", request.on(), row.plannedOn)));
    }
    return row;
  }

  SeasonView.JobItem item(UUID id) {
    Season season = seasons.gather();
    SeasonSetup setup = seasons.setup(season, false);
    return SeasonView.item(season, required(season, id), setup.ready().blocked());
  }

  record PinRequest(@NotNull(message = "Say whether it stays where it is.") Boolean pinned) {}

  /** Keeps a job where it is, or lets a plan move it again. */
  @Transactional
  public SeasonView.JobItem pin(UUID id, PinRequest request) {
    SeasonJobRow row = rows.locked(id);
    if (row == null || !row.open()) {
      throw new NotFoundException("There is no such job any more. Look at the plan again.");
    }
    if (request.pinned() && (row.plannedOn == null || row.leadId == null)) {
      throw new ConflictException("It has no day yet. Give it one, then pin it.");
    }
    if (row.pinned != request.pinned()) {
      row.pinned = request.pinned();
      row.overruled = request.pinned() ? row.overruled : null;
      row.version++;
      rows.store(List.of(row), clock.now());
      history.log("season_job", id, request.pinned() ? "Pinned" : "Unpinned");
    }
    return item(id);
  }
}
