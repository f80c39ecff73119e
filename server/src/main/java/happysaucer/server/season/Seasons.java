package happysaucer.server.season;

import happysaucer.planner.SeasonSetup;
import happysaucer.server.client.Places;
import happysaucer.server.client.SeasonSite;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.crew.Crews;
import happysaucer.server.crew.Crews.CrewView;
import happysaucer.server.season.SeasonJobMapper.PlantAtRow;
import happysaucer.server.settings.Settings;
import happysaucer.server.travel.Roads;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Gathers a season: crews, sites, jobs and where they stand. */
@Component
class Seasons {
  /** The workshop stands among the sites under this id. */
  static final UUID WORKSHOP = new UUID(0, 0);

  static final int MOST_JOBS = 2000;

  /** A pot that is to be ordered, where nobody said when it comes, takes so long: days. */
  static final int ORDER_DAYS = 14;

  /** What it costs to leave a job out, by how soon it should be done. */
  private static final Map<String, Integer> UNPLANNED =
      Map.of("NOW", 20_000, "SOON", 8000, "THIS_WINDOW", 2000, "NEXT_WINDOW", 1500);

  private static final int UNPLANNED_OTHER = 800;
  private static final int NEAR_DAYS = 3;
  private static final int GRAMS = 1000;
  private static final int FULL_DAY = 24 * 60;

  private final SeasonJobMapper mapper;
  private final SeasonWeights weights;
  private final Crews crews;
  private final Places places;
  private final Roads roads;
  private final Settings settings;
  private final TeamClock clock;

  Seasons(
      SeasonJobMapper mapper,
      SeasonWeights weights,
      Crews crews,
      Places places,
      Roads roads,
      Settings settings,
      TeamClock clock) {
    this.mapper = mapper;
    this.weights = weights;
    this.crews = crews;
    this.places = places;
    this.roads = roads;
    this.settings = settings;
    this.clock = clock;
  }

  /**
   * A season as it stands.
   *
   * @param first its first day, today
   * @param way minutes one way from the workshop, by site
   */
  record Season(
      LocalDate first,
      List<CrewView> crews,
      Map<UUID, SeasonSite> sites,
      Map<UUID, Integer> way,
      Map<UUID, PlantAtRow> plants,
      List<SeasonJobRow> jobs,
      SeasonWeights.Weights weights) {
    int day(LocalDate date) {
      return (int) ChronoUnit.DAYS.between(first, date);
    }

    LocalDate date(int day) {
      return first.plusDays(day);
    }

    UUID siteOf(SeasonJobRow job) {
      return job.place == JobPlace.BENCH
          ? WORKSHOP
          : Objects.requireNonNull(plants.get(job.plantId)).siteId();
    }

    /** There and back, parking and setting up; nothing in the workshop. */
    int tripMinutes(UUID site) {
      SeasonSite at = sites.get(site);
      return at == null ? 0 : 2 * way.getOrDefault(site, 0) + at.settingUpMinutes();
    }

    @Nullable CrewView crew(@Nullable UUID id) {
      return crews.stream().filter(crew -> crew.id().equals(id)).findFirst().orElse(null);
    }
  }

  /** Today's season: eight queries. */
  Season gather() {
    return gather(mapper.open(MOST_JOBS));
  }

  /** Open jobs beyond those that are planned at once. */
  int more(Season season) {
    return season.jobs().size() < MOST_JOBS ? 0 : mapper.openCount() - season.jobs().size();
  }

  Season gather(List<SeasonJobRow> rows) {
    List<CrewView> out =
        crews.all().stream()
            .filter(crew -> crew.endedOn() == null || crew.endedOn().isAfter(clock.today()))
            .toList();
    Map<UUID, SeasonSite> sites = new HashMap<>();
    places.seasonSites().forEach(site -> sites.put(site.id(), site));
    Map<UUID, PlantAtRow> plants = new HashMap<>();
    Set<UUID> asked = new HashSet<>();
    rows.forEach(row -> asked.add(row.plantId));
    if (!asked.isEmpty()) {
      mapper.plants(asked).forEach(plant -> plants.put(plant.id(), plant));
    }
    return new Season(clock.today(), out, sites, ways(sites), plants, rows, weights.weights());
  }

  private Map<UUID, Integer> ways(Map<UUID, SeasonSite> sites) {
    Map<UUID, Integer> ways = new HashMap<>();
    if (!sites.isEmpty()) {
      Roads.Place from = workshop(sites);
      sites.forEach((id, site) -> ways.put(id, roads.minutes(from, place(site))));
    }
    return ways;
  }

  static Roads.Place place(SeasonSite site) {
    return new Roads.Place(site.latitude(), site.longitude());
  }

  /** Where nobody said where the workshop is, the middle of the sites stands for it. */
  Roads.Place workshop(Map<UUID, SeasonSite> sites) {
    return settings
        .workshop()
        .map(at -> new Roads.Place(at.latitude(), at.longitude()))
        .orElseGet(
            () ->
                new Roads.Place(
                    sites.values().stream().mapToDouble(SeasonSite::latitude).average().orElse(0),
                    sites.values().stream()
                        .mapToDouble(SeasonSite::longitude)
                        .average()
                        .orElse(0)));
  }

  /**
   * What the planner is given.
   *
   * @param gently jobs stand where they were made known to be, or stand now
   */
  SeasonSetup setup(Season season, boolean gently) {
    int days = SeasonJobs.DAYS;
    List<SeasonSetup.Crew> planCrews = new ArrayList<>();
    for (CrewView crew : season.crews()) {
      int[] begins = new int[days];
      int[] minutes = new int[days];
      int[] people = new int[days];
      for (int day = 0; day < days; day++) {
        LocalDate date = season.date(day);
        people[day] = crew.peopleOn(date);
        begins[day] = crew.beginsOn(date);
        minutes[day] = people[day] == 0 ? 0 : crew.minutesOn(date);
      }
      Set<String> skills = new HashSet<>();
      crew.skills().forEach(skill -> skills.add(skill.name()));
      planCrews.add(
          new SeasonSetup.Crew(
              crew.id(), skills, begins, minutes, people, crew.vanLitres(), crew.vanKg() * GRAMS));
    }
    List<SeasonSetup.Site> planSites = new ArrayList<>();
    int[] always = new int[days];
    Arrays.fill(always, FULL_DAY);
    planSites.add(new SeasonSetup.Site(WORKSHOP, new int[days], always, 0));
    season
        .sites()
        .forEach(
            (id, site) -> {
              int[] opens = new int[days];
              int[] closes = new int[days];
              for (int day = 0; day < days; day++) {
                SeasonSite.Open open = site.on(season.date(day)).orElse(SeasonSite.Open.CLOSED);
                opens[day] = open.from();
                closes[day] = open.to();
              }
              planSites.add(new SeasonSetup.Site(id, opens, closes, season.tripMinutes(id)));
            });
    Set<UUID> known = new HashSet<>();
    season.jobs().forEach(job -> known.add(job.id));
    return new SeasonSetup(
        days,
        planCrews,
        planSites,
        season.jobs().stream().map(job -> work(season, job, known, gently)).toList(),
        season.weights().planned());
  }

  private static SeasonSetup.Work work(
      Season season, SeasonJobRow job, Set<UUID> known, boolean gently) {
    SeasonSetup.At at =
        job.plannedOn == null || job.leadId == null
            ? null
            : new SeasonSetup.At(season.day(job.plannedOn), job.leadId, job.helperId);
    return new SeasonSetup.Work(
        job.id,
        season.siteOf(job),
        job.minutes,
        job.people,
        job.skills.isEmpty() ? Set.of() : Set.of(job.skills.split(",")),
        (int) Math.ceil(job.litres),
        (int) Math.ceil(job.grams),
        season.day(job.fromOn),
        season.day(job.toOn),
        season.day(job.idealOn),
        materials(season, job),
        job.held != null,
        season.weights().ofDayLate(job.urgency),
        UNPLANNED.getOrDefault(job.urgency, UNPLANNED_OTHER),
        job.afterId == null
                || job.afterFrom == null
                || job.afterTo == null
                || !known.contains(job.afterId)
            ? null
            : new SeasonSetup.After(job.afterId, job.afterFrom, job.afterTo),
        at,
        gently ? at : null,
        job.pinned
            ? SeasonSetup.Stay.PINNED
            : gently && at != null && stays(season, job)
                ? SeasonSetup.Stay.KEEP
                : SeasonSetup.Stay.FREE);
  }

  /** What was made known, and what is done in the next days, is not moved by a gentle plan. */
  private static boolean stays(Season season, SeasonJobRow job) {
    return job.published()
        || job.plannedOn != null && job.plannedOn.isBefore(season.first().plusDays(NEAR_DAYS));
  }

  static int materials(Season season, SeasonJobRow job) {
    if (job.materialNever) {
      return SeasonSetup.NEVER;
    }
    if (job.materialOn != null) {
      return season.day(job.materialOn);
    }
    return job.toOrder ? ORDER_DAYS : 0;
  }
}
