package happysaucer.server.season;

import happysaucer.core.unit.Said;
import happysaucer.planner.Blocked;
import happysaucer.planner.SeasonSetup;
import happysaucer.server.client.SeasonSite;
import happysaucer.server.crew.Crews.CrewView;
import happysaucer.server.season.SeasonJobMapper.PlantAtRow;
import happysaucer.server.season.Seasons.Season;
import happysaucer.server.settings.Settings;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A season as it is shown: weeks with their load, and every job with where it stands. */
@Component
class SeasonView {
  private static final int WEEK = 7;
  private static final double GRAMS = 1000;

  private final Settings settings;

  SeasonView(Settings settings) {
    this.settings = settings;
  }

  /**
   * One week, in minutes of people.
   *
   * @param capacity of whoever is at work
   * @param wanted if every job were done on its best day, with one visit of each site in the week
   * @param planned work that is planned
   * @param driving and setting up, for what is planned
   */
  record LoadWeek(LocalDate first, int capacity, int wanted, int planned, int driving) {}

  /**
   * @param grams carried there
   * @param daysLate behind its best day as it is planned, or today
   * @param blocked why it cannot be planned at all; null where it can
   */
  record JobItem(
      UUID id,
      UUID plantId,
      String label,
      String commonName,
      String potShape,
      double potTopMm,
      double potBaseMm,
      double potHeightMm,
      UUID siteId,
      String siteName,
      String spotName,
      String kind,
      String place,
      String action,
      String urgency,
      String source,
      @Nullable UUID jobId,
      @Nullable UUID afterId,
      LocalDate fromOn,
      LocalDate toOn,
      LocalDate idealOn,
      int minutes,
      int people,
      List<String> skills,
      double litres,
      double kilograms,
      boolean toOrder,
      @Nullable LocalDate materialOn,
      @Nullable UUID orderId,
      boolean materialNever,
      @Nullable String held,
      @Nullable String why,
      String note,
      @Nullable LocalDate plannedOn,
      @Nullable UUID leadId,
      @Nullable UUID helperId,
      boolean pinned,
      @Nullable String overruled,
      boolean published,
      int daysLate,
      @Nullable String blocked,
      int version) {}

  /** Somebody to go out, as a plan shows them. */
  record CrewItem(UUID id, String name, int people, @Nullable String missing) {}

  static List<CrewItem> crews(Season season) {
    return season.crews().stream()
        .map(crew -> new CrewItem(crew.id(), crew.name(), crew.people().size(), crew.missing()))
        .toList();
  }

  LocalDate weekOf(LocalDate day) {
    return weekOf(day, settings.weekStarts());
  }

  static LocalDate weekOf(LocalDate day, int starts) {
    return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.of(starts)));
  }

  /** Where jobs stand now. */
  static Function<SeasonJobRow, Optional<SeasonSetup.At>> now(Season season) {
    return job ->
        job.plannedOn == null || job.leadId == null
            ? Optional.empty()
            : Optional.of(new SeasonSetup.At(season.day(job.plannedOn), job.leadId, job.helperId));
  }

  /** The weeks of a season with the load of a plan. */
  List<LoadWeek> weeks(Season season, Function<SeasonJobRow, Optional<SeasonSetup.At>> plan) {
    return weeks(season, plan, Optional.empty());
  }

  /**
   * @param hands that are there in a question what if
   */
  List<LoadWeek> weeks(
      Season season,
      Function<SeasonJobRow, Optional<SeasonSetup.At>> plan,
      Optional<SeasonSetup.Crew> hands) {
    int starts = settings.weekStarts();
    Map<LocalDate, int[]> weeks = new LinkedHashMap<>();
    LocalDate last = season.date(SeasonJobs.DAYS - 1);
    for (LocalDate week = weekOf(season.first(), starts);
        !week.isAfter(last);
        week = week.plusDays(WEEK)) {
      weeks.put(week, new int[4]);
    }
    for (CrewView crew : season.crews()) {
      for (LocalDate day = season.first(); !day.isAfter(last); day = day.plusDays(1)) {
        Objects.requireNonNull(weeks.get(weekOf(day, starts)))[0] +=
            crew.minutesOn(day) * crew.peopleOn(day);
      }
    }
    hands.ifPresent(
        more -> {
          for (int day = 0; day < SeasonJobs.DAYS; day++) {
            Objects.requireNonNull(weeks.get(weekOf(season.date(day), starts)))[0] +=
                more.minutes()[day] * more.people()[day];
          }
        });
    Map<UUID, SeasonJobRow> byId = byId(season);
    Set<String> trips = new HashSet<>();
    Set<String> visits = new HashSet<>();
    for (SeasonJobRow job : season.jobs()) {
      LocalDate best = best(season, job, byId);
      int[] wanted = weeks.get(weekOf(best, starts));
      int work = job.minutes * job.people;
      if (wanted != null && job.held == null) {
        wanted[1] += work;
        if (visits.add(weekOf(best, starts) + "/" + season.siteOf(job))) {
          wanted[1] += season.tripMinutes(season.siteOf(job));
        }
      }
      Optional<SeasonSetup.At> at = plan.apply(job);
      if (at.isEmpty() && job.plannedOn == null) {
        continue;
      }
      LocalDate on = at.map(each -> season.date(each.day())).orElse(job.plannedOn);
      int[] planned = weeks.get(weekOf(Objects.requireNonNull(on), starts));
      if (planned == null) {
        continue;
      }
      planned[2] += work;
      UUID site = season.siteOf(job);
      at.ifPresent(
          slot -> {
            for (UUID each : crewsOf(slot)) {
              CrewView crew = season.crew(each);
              int people =
                  crew == null
                      ? hands.map(more -> more.people()[slot.day()]).orElse(0)
                      : Math.max(1, crew.peopleOn(on));
              if (people > 0 && trips.add(slot.day() + "/" + each + "/" + site)) {
                planned[3] += season.tripMinutes(site) * people;
              }
            }
          });
    }
    List<LoadWeek> list = new ArrayList<>();
    weeks.forEach(
        (first, sums) -> list.add(new LoadWeek(first, sums[0], sums[1], sums[2], sums[3])));
    return list;
  }

  /** The best day that is left; of what follows another, in the middle of its days after that. */
  private static LocalDate best(Season season, SeasonJobRow job, Map<UUID, SeasonJobRow> byId) {
    SeasonJobRow first = job.afterId == null ? null : byId.get(job.afterId);
    if (first != null && job.afterFrom != null && job.afterTo != null) {
      return best(season, first, byId).plusDays((job.afterFrom + job.afterTo) / 2);
    }
    return job.idealOn.isBefore(season.first()) ? season.first() : job.idealOn;
  }

  static List<UUID> crewsOf(SeasonSetup.At at) {
    return at.helper() == null ? List.of(at.lead()) : List.of(at.lead(), at.helper());
  }

  static JobItem item(Season season, SeasonJobRow job, Map<UUID, Blocked> blocked) {
    PlantAtRow plant = Objects.requireNonNull(season.plants().get(job.plantId));
    SeasonSite site = Objects.requireNonNull(season.sites().get(plant.siteId()));
    Blocked why = job.open() ? blocked.get(job.id) : null;
    LocalDate by = job.plannedOn == null ? season.first() : job.plannedOn;
    return new JobItem(
        job.id,
        job.plantId,
        plant.label(),
        plant.commonName(),
        plant.potShape(),
        plant.potTopMm(),
        plant.potBaseMm(),
        plant.potHeightMm(),
        plant.siteId(),
        site.name(),
        plant.spotName(),
        job.kind.name(),
        job.place.name(),
        job.action,
        job.urgency,
        job.source.name(),
        job.jobId,
        job.afterId,
        job.fromOn,
        job.toOn,
        job.idealOn,
        job.minutes,
        job.people,
        job.skills.isEmpty() ? List.of() : List.of(job.skills.split(",")),
        job.litres,
        job.grams / GRAMS,
        job.toOrder,
        job.materialOn,
        job.orderId,
        job.materialNever,
        job.held == null ? null : job.held.words(),
        job.why == null ? null : words(job.why),
        job.note,
        job.plannedOn,
        job.leadId,
        job.helperId,
        job.pinned,
        job.overruled,
        job.published() && Objects.equals(job.publishedOn, job.plannedOn),
        job.afterId != null ? 0 : (int) Math.max(0, ChronoUnit.DAYS.between(job.idealOn, by)),
        why == null ? null : SeasonWords.blocked(season, job, why),
        job.version);
  }

  private static String words(Said said) {
    return said.words();
  }

  static Map<UUID, SeasonJobRow> byId(Season season) {
    Map<UUID, SeasonJobRow> byId = new HashMap<>();
    season.jobs().forEach(job -> byId.put(job.id, job));
    return byId;
  }
}
