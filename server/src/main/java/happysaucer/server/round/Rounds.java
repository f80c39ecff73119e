package happysaucer.server.round;

import happysaucer.core.call.Action;
import happysaucer.core.round.DueWork;
import happysaucer.core.round.Saucer;
import happysaucer.core.unit.Said;
import happysaucer.server.advice.Glances;
import happysaucer.server.advice.Glances.Glimpse;
import happysaucer.server.aftercare.Aftercares;
import happysaucer.server.client.Places;
import happysaucer.server.client.VisitPlan;
import happysaucer.server.job.JobSummary;
import happysaucer.server.job.Jobs;
import happysaucer.server.keeping.Keeping;
import happysaucer.server.round.RoundMapper.PlantAt;
import happysaucer.server.round.RoundMapper.SiteRow;
import happysaucer.server.visit.Visits;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Works out the round of a day: stops in order, their plants, what is due. */
@Component
public class Rounds {
  private final RoundMapper mapper;
  private final Glances glances;
  private final Jobs jobs;
  private final Aftercares aftercares;
  private final Places places;
  private final Visits visits;
  private final Keeping keeping;

  Rounds(
      RoundMapper mapper,
      Glances glances,
      Jobs jobs,
      Aftercares aftercares,
      Places places,
      Visits visits,
      Keeping keeping) {
    this.keeping = keeping;
    this.mapper = mapper;
    this.glances = glances;
    this.jobs = jobs;
    this.aftercares = aftercares;
    this.places = places;
    this.visits = visits;
  }

  private static final Set<String> DRY_UNTIL_THE_BENCH =
      Set.of(Action.ROT_RESCUE.name(), Action.POT_DOWN.name());

  /** Under this stands why a plant in aftercare stays dry. */
  private static final String STAY_DRY = "care.stayDry.";

  public record Round(LocalDate date, List<Stop> stops) {}

  /**
   * @param opens HH:mm, null where it does not matter or is not visited by the calendar that day
   * @param visit of the reader, once something was done there
   */
  public record Stop(
      UUID siteId,
      String siteName,
      String clientName,
      String accessNote,
      @Nullable String opens,
      @Nullable String closes,
      Visits.@Nullable OwnVisit visit,
      List<RoundPlant> plants) {}

  /**
   * @param checkedToday already looked at on this day
   * @param usualLitres as it was given the last time; null where nothing is on record
   * @param wateredToday already watered on this day
   * @param keepDry why it is not to be watered now; null where it may be
   * @param due what there is to do, empty when nothing is
   */
  public record RoundPlant(
      StopPlant plant,
      String action,
      String urgency,
      @Nullable Double rootFill,
      @Nullable Double waterLeft,
      Saucer saucer,
      @Nullable LocalDate lastChecked,
      boolean checkedToday,
      @Nullable Double usualLitres,
      boolean wateredToday,
      @Nullable String keepDry,
      List<Due> due) {}

  /** What a stop shows of a plant itself. Lengths in mm. */
  public record StopPlant(
      UUID id,
      String label,
      String commonName,
      String spotName,
      String potShape,
      double potTopMm,
      double potBaseMm,
      double potHeightMm) {}

  /**
   * @param id of the job or the step of aftercare, null for a check
   */
  public record Due(DueWork.Kind kind, String text, @Nullable UUID id) {}

  /** The round of a day as somebody walks it. */
  Round on(LocalDate day, UUID user) {
    Map<UUID, VisitPlan.VisitDay> byCalendar = places.visitedOn(day);
    Set<UUID> named = new HashSet<>(byCalendar.keySet());
    named.addAll(aftercares.lastDaySites(day));
    return new Round(day, stops(mapper.sites(day, named), byCalendar, day, user));
  }

  /** These sites as stops of a day, for a crew that goes there anyway. */
  public Map<UUID, Stop> at(Collection<UUID> sites, LocalDate day, UUID user) {
    if (sites.isEmpty()) {
      return Map.of();
    }
    return stops(mapper.named(sites), places.visitedOn(day), day, user).stream()
        .collect(Collectors.toMap(Stop::siteId, Function.identity()));
  }

  private List<Stop> stops(
      List<SiteRow> sites, Map<UUID, VisitPlan.VisitDay> byCalendar, LocalDate day, UUID user) {
    if (sites.isEmpty()) {
      return List.of();
    }
    List<UUID> ids = sites.stream().map(SiteRow::id).toList();
    Map<UUID, List<RoundPlant>> plants = plants(ids, day);
    Map<UUID, Visits.OwnVisit> mine = visits.mine(ids, day, user);
    return sites.stream()
        .map(
            site -> {
              VisitPlan.VisitDay open = byCalendar.get(site.id());
              return new Stop(
                  site.id(),
                  site.name(),
                  site.clientName(),
                  site.accessNote(),
                  open == null ? null : open.opens(),
                  open == null ? null : open.closes(),
                  mine.get(site.id()),
                  plants.getOrDefault(site.id(), List.of()));
            })
        .toList();
  }

  /** What is due at a site on a day and nobody has seen to. */
  List<RoundPlant> left(UUID site, LocalDate day) {
    return plants(List.of(site), day).getOrDefault(site, List.of()).stream()
        .filter(plant -> !plant.checkedToday() && !plant.due().isEmpty())
        .toList();
  }

  private Map<UUID, List<RoundPlant>> plants(List<UUID> sites, LocalDate day) {
    List<PlantAt> plants = mapper.plants(sites);
    List<UUID> ids = plants.stream().map(PlantAt::plantId).toList();
    glances.bringUpToDateIfStale();
    Map<UUID, Glimpse> glimpses = glances.of(ids);
    Map<UUID, JobSummary> open = jobs.openOf(ids);
    Map<UUID, List<Aftercares.CareView>> care = aftercares.running(ids, day);
    boolean clockBehind = keeping.clockBehind();
    Map<UUID, List<RoundPlant>> bySite = new HashMap<>();
    for (PlantAt at : plants) {
      Glimpse glance = glimpses.get(at.plantId());
      if (glance == null) {
        // retired since the stop was read
        continue;
      }
      List<Aftercares.CareView> steps = care.getOrDefault(at.plantId(), List.of());
      Saucer saucer =
          !steps.isEmpty() && glance.saucer() != Saucer.URGENT
              ? Saucer.IN_AFTERCARE
              : glance.saucer();
      bySite
          .computeIfAbsent(at.siteId(), site -> new ArrayList<>())
          .add(
              new RoundPlant(
                  at.plant(),
                  glance.action(),
                  glance.urgency(),
                  glance.rootFill(),
                  glance.waterLeft(),
                  saucer,
                  at.lastChecked(),
                  day.equals(at.lastChecked()),
                  at.usualLitres(),
                  day.equals(at.wateredOn()),
                  keepDry(glance, steps),
                  due(
                      day,
                      at,
                      glance,
                      Optional.ofNullable(open.get(at.plantId())),
                      steps,
                      glance.leftOut() > 0 && !clockBehind)));
    }
    bySite.replaceAll((site, at) -> sorted(at));
    return bySite;
  }

  /** Water harms what rots or stands far too wide, and cut roots that have not healed. */
  private static @Nullable String keepDry(Glimpse glance, List<Aftercares.CareView> steps) {
    if (DRY_UNTIL_THE_BENCH.contains(glance.action())) {
      return "Its roots stand too wet: no water until it is on the bench.";
    }
    return steps.stream()
        .map(Aftercares.CareView::text)
        .filter(text -> text.message().key().startsWith(STAY_DRY))
        .map(Said::words)
        .findFirst()
        .orElse(null);
  }

  /** What presses most comes first; within that by place. */
  private static List<RoundPlant> sorted(List<RoundPlant> plants) {
    return plants.stream()
        .sorted(
            Comparator.comparingInt(Rounds::rank)
                .thenComparing(p -> p.plant().spotName())
                .thenComparing(p -> p.plant().label()))
        .toList();
  }

  private static int rank(RoundPlant plant) {
    return DueWork.rank(
        plant.saucer(),
        plant.due().stream()
            .map(due -> new DueWork.Due<>(due.kind(), due.text(), Optional.ofNullable(due.id())))
            .toList());
  }

  private static List<Due> due(
      LocalDate day,
      PlantAt at,
      Glimpse glance,
      Optional<JobSummary> job,
      List<Aftercares.CareView> steps,
      boolean mend) {
    return DueWork.on(
            new DueWork.Day<>(
                day,
                Optional.ofNullable(at.lastChecked()),
                Optional.ofNullable(at.recheckOn()),
                glance.urgency(),
                glance.reason(),
                job.map(
                    planned ->
                        new DueWork.Planned<>(
                            planned.id(),
                            planned.plannedOn(),
                            Optional.ofNullable(planned.note()).map(Said::words))),
                steps.stream()
                    .filter(step -> step.open() && step.who().equals("TECHNICIAN"))
                    .map(
                        step ->
                            new DueWork.Step<>(
                                step.id(), step.fromOn(), step.toOn(), step.text().words()))
                    .toList(),
                mend))
        .stream()
        .map(due -> new Due(due.kind(), due.text(), due.key().orElse(null)))
        .toList();
  }
}
