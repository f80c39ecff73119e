package happysaucer.server.season;

import happysaucer.planner.Blocked;
import happysaucer.planner.PlanCrew;
import happysaucer.planner.PlanJob;
import happysaucer.planner.SeasonExplained;
import happysaucer.planner.SeasonExplained.Try;
import happysaucer.planner.SeasonSetup;
import happysaucer.planner.SeasonSetup.At;
import happysaucer.planner.SeasonSetup.Ready;
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
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
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

  /**
   * What another day would be.
   *
   * @param words which rules break, or what it costs
   * @param minutes of driving that it costs as much as, more than now
   */
  record DayOption(
      LocalDate on,
      UUID leadId,
      @Nullable UUID helperId,
      String crew,
      boolean allowed,
      String words,
      long minutes) {}

  /** What stands for and against every crew on a day. */
  List<DayOption> why(UUID id, LocalDate on) {
    Season season = seasons.gather();
    SeasonJobRow job = required(season, id);
    Trying trying = new Trying(season, job);
    List<DayOption> options = new ArrayList<>();
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

  /** One job, laid here and there on a copy of the plan. */
  private final class Trying {
    private final Season season;
    private final SeasonJobRow job;
    private final Ready ready;
    private final PlanJob planned;
    private final SeasonExplained explained = new SeasonExplained();

    Trying(Season season, SeasonJobRow job) {
      this.season = season;
      this.job = job;
      ready = seasons.setup(season, false).ready();
      planned = Objects.requireNonNull(ready.jobs().get(job.id));
    }

    private PlanCrew crew(UUID id) {
      return ready.plan().crew().get(ready.names().crews().indexOf(id));
    }

    /** Those of its slots on a day that this crew leads. */
    private List<Slot> slots(LocalDate on, UUID lead) {
      int day = season.day(on);
      return planned.getSlots().stream()
          .filter(slot -> slot.day() == day && slot.lead().equals(crew(lead)))
          .toList();
    }

    DayOption option(LocalDate on, CrewView lead) {
      DayOption best = null;
      for (Slot slot : slots(on, lead.id())) {
        DayOption each = option(on, lead, slot);
        if (best == null
            || each.allowed() && (!best.allowed() || each.minutes() < best.minutes())) {
          best = each;
        }
      }
      return best == null
          ? new DayOption(on, lead.id(), null, lead.name(), false, barred(on, lead), 0)
          : best;
    }

    private DayOption option(LocalDate on, CrewView lead, Slot slot) {
      Try tried = tryAt(slot);
      At at = ready.names().at(slot);
      return new DayOption(
          on,
          lead.id(),
          at.helper(),
          lead.name(),
          tried.allowed(),
          tried.allowed() ? SeasonWords.costs(tried) : SeasonWords.breaks(season, job, at, tried),
          SeasonWords.driving(tried.cost()));
    }

    /** What follows it comes along: it does not stand against a day. */
    Try tryAt(Slot slot) {
      Map<PlanJob, Slot> out = new HashMap<>();
      for (PlanJob other : followers(slot)) {
        out.put(other, other.getSlot());
        other.setSlot(null);
      }
      try {
        return explained.tryAt(ready.plan(), planned, slot);
      } finally {
        out.forEach(PlanJob::setSlot);
      }
    }

    /** Those that would be out of their days. */
    private List<PlanJob> followers(Slot slot) {
      return ready.plan().jobs().stream()
          .filter(
              other -> {
                PlanJob.Follows after = other.follows();
                Slot at = other.getSlot();
                return after != null
                    && after.job() == planned.index()
                    && at != null
                    && (slot.date() + after.from() > at.date()
                        || slot.date() + after.to() < at.date());
              })
          .toList();
    }

    /** Where the followers go when the job goes there; those that find no day wait. */
    List<Placing> along(Slot slot) {
      List<PlanJob> following = followers(slot);
      following.forEach(other -> other.setSlot(null));
      planned.setSlot(slot);
      List<Placing> along = new ArrayList<>();
      for (PlanJob other : following) {
        Try best = explained.cheapest(ready.plan(), other, each -> true);
        UUID id = ready.names().work(other);
        if (best != null && best.allowed()) {
          other.setSlot(best.slot());
          At at = ready.names().at(best.slot());
          along.add(new Placing(id, season.date(at.day()), at.lead(), at.helper(), false));
        } else {
          along.add(new Placing(id, null, null, null, false));
        }
      }
      return along;
    }

    /** Why this crew cannot have it on that day at all. */
    String barred(LocalDate on, CrewView lead) {
      if (on.isBefore(season.first())) {
        return "that day is over";
      }
      if (job.held != null) {
        return "it is held: " + job.held.words();
      }
      if (job.afterId == null && (on.isBefore(job.fromOn) || on.isAfter(job.toOn))) {
        return "its days are " + SeasonWords.day(job.fromOn) + " to " + SeasonWords.day(job.toOn);
      }
      if (season.day(on) < Math.min(Seasons.materials(season, job), SeasonJobs.DAYS)) {
        return job.materialNever
            ? "its pot does not come"
            : "its pot comes on " + SeasonWords.day(season.date(Seasons.materials(season, job)));
      }
      SeasonSite site = season.sites().get(season.siteOf(job));
      if (site != null && site.on(on).isEmpty()) {
        return "nobody gets in at " + site.name() + " on that day";
      }
      if (lead.minutesOn(on) == 0) {
        return lead.name() + " does not go out on that day";
      }
      if (lead.peopleOn(on) == 0) {
        return "everybody of " + lead.name() + " is away";
      }
      Set<String> learned = new HashSet<>();
      lead.skills().forEach(skill -> learned.add(skill.name()));
      if (!job.skills.isEmpty() && !learned.containsAll(List.of(job.skills.split(",")))) {
        return lead.name() + " has not learned what it takes";
      }
      if (job.people > lead.peopleOn(on)) {
        return "it takes two people, and nobody else is there";
      }
      return "it does not fit into that day: "
          + SeasonWords.minutes(job.minutes)
          + " of work and "
          + SeasonWords.minutes(season.tripMinutes(season.siteOf(job)))
          + " of way";
    }
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
      Trying trying = new Trying(season, job);
      DayOption option =
          trying.slots(request.on(), crew.id()).stream()
              .filter(slot -> request.helperId() == null || helper(trying, slot, request))
              .map(slot -> trying.option(request.on(), crew, slot))
              .min(
                  java.util.Comparator.comparing((DayOption each) -> !each.allowed())
                      .thenComparing(DayOption::minutes))
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
              .filter(
                  each -> Objects.equals(trying.ready.names().at(each).helper(), option.helperId()))
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

  private static boolean helper(Trying trying, Slot slot, PlaceRequest request) {
    return Objects.equals(trying.ready.names().at(slot).helper(), request.helperId());
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
