package happysaucer.server.season;

import happysaucer.core.advice.Advice;
import happysaucer.core.work.JobKind;
import happysaucer.core.work.Work;
import happysaucer.core.work.WorkAsked;
import happysaucer.server.advice.CallsMade;
import happysaucer.server.advice.PlantRetired;
import happysaucer.server.advice.WorkAsks;
import happysaucer.server.aftercare.Aftercares;
import happysaucer.server.aftercare.CareTicked;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.job.JobChanged;
import happysaucer.server.job.JobDone;
import happysaucer.server.job.JobSummary;
import happysaucer.server.job.Jobs;
import happysaucer.server.order.OrderMoved;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * The jobs of a season follow their plants: whatever makes a call anew proposes, moves, holds or
 * ends them in the same transaction, and says so.
 */
@Component
class SeasonJobs {
  /** How far ahead a season is looked at. */
  static final int DAYS = 365;

  /** What a person took out is not proposed again for so long, unless it is other work. */
  private static final Duration DROPPED_FOR = Duration.ofDays(120);

  private static final int CHUNK = 100;

  private final SeasonJobMapper mapper;
  private final WorkAsks asks;
  private final Aftercares aftercares;
  private final Jobs jobs;
  private final TeamClock clock;

  SeasonJobs(
      SeasonJobMapper mapper, WorkAsks asks, Aftercares aftercares, Jobs jobs, TeamClock clock) {
    this.mapper = mapper;
    this.asks = asks;
    this.aftercares = aftercares;
    this.jobs = jobs;
    this.clock = clock;
  }

  /** After jobs have been fitted to the call. */
  @EventListener
  @Order(Ordered.LOWEST_PRECEDENCE)
  void onCalls(CallsMade made) {
    refresh(made.calls().keySet(), false, made);
  }

  @EventListener
  void onJob(JobChanged changed) {
    refresh(List.of(changed.plantId()));
  }

  /** Before the plant is looked through anew: what follows the work keeps its day. */
  @EventListener
  @Order(Ordered.HIGHEST_PRECEDENCE)
  void onDone(JobDone done) {
    SeasonJobRow row = mapper.ofJob(done.jobId());
    if (row == null) {
      return;
    }
    List<SeasonJobRow> changed = new ArrayList<>();
    for (SeasonJobRow each : mapper.ofPlants(List.of(done.plantId()), clock.now())) {
      if (row.id.equals(each.afterId)) {
        if (each.afterFrom != null && each.afterTo != null) {
          each.fromOn = done.doneOn().plusDays(each.afterFrom);
          each.toOn = done.doneOn().plusDays(each.afterTo);
          each.idealOn = each.fromOn.plusDays((each.afterTo - each.afterFrom) / 2);
        }
        each.afterId = null;
        each.afterFrom = null;
        each.afterTo = null;
        each.source = JobSource.CARE;
        changed.add(each);
      } else if (each.open() && each.place == JobPlace.COLLECT) {
        // it stood on the bench
        each.status = JobStatus.DONE;
        each.doneOn = done.doneOn();
        each.version++;
        changed.add(each);
      }
    }
    row.status = JobStatus.DONE;
    row.doneOn = done.doneOn();
    row.version++;
    changed.add(row);
    mapper.store(changed, clock.now());
  }

  /** When its aftercare has begun. */
  @EventListener
  @Order(Ordered.LOWEST_PRECEDENCE)
  void onCareBegun(JobDone done) {
    refresh(List.of(done.plantId()), true);
  }

  /** A step that is done is a job that is done, wherever it was ticked. */
  @EventListener
  void onCare(CareTicked ticked) {
    SeasonJobRow row = mapper.ofStep(ticked.stepId());
    String skipped = ticked.skippedWhy();
    if (row != null && row.open() && skipped != null) {
      end(row, "Left out: " + skipped);
      mapper.store(List.of(row), clock.now());
    } else if (row != null && row.open() != (ticked.doneOn() == null)) {
      row.status = ticked.doneOn() == null ? JobStatus.OPEN : JobStatus.DONE;
      row.doneOn = ticked.doneOn();
      row.taken = null;
      row.version++;
      mapper.store(List.of(row), clock.now());
    }
    refresh(List.of(ticked.plantId()));
  }

  /** What waits for an order follows its day, and says so. */
  @EventListener
  void onOrder(OrderMoved moved) {
    List<SeasonJobRow> rows = mapper.ofOrder(moved.orderId());
    for (SeasonJobRow row : rows) {
      String was = "";
      if (moved.comesOn() == null) {
        row.orderId = null;
        row.materialOn = moved.arrived() ? clock.today() : null;
      } else {
        row.materialOn = moved.comesOn();
        if (row.plannedOn != null
            && row.plannedOn.isBefore(moved.comesOn())
            && row.jobId == null
            && !row.pinned) {
          was = ". It was planned for " + SeasonWords.day(row.plannedOn);
          row.unplan();
        }
      }
      row.note = moved.words() + was + ".";
      row.version++;
    }
    if (!rows.isEmpty()) {
      mapper.store(rows, clock.now());
      refresh(rows.stream().map(row -> row.plantId).collect(Collectors.toSet()));
    }
  }

  @EventListener
  void onRetired(PlantRetired retired) {
    List<SeasonJobRow> rows = mapper.ofPlants(List.of(retired.plantId()), clock.now());
    rows.forEach(row -> end(row, "The plant has left care."));
    if (!rows.isEmpty()) {
      mapper.store(rows, clock.now());
    }
  }

  static void end(SeasonJobRow row, String note) {
    if (row.open()) {
      row.status = JobStatus.ENDED;
      row.note = note;
      row.sequence++;
      row.version++;
    }
  }

  /** Looks through what these plants ask for; a dozen queries whatever their number. */
  void refresh(Collection<UUID> plants) {
    refresh(plants, false);
  }

  private void refresh(Collection<UUID> given, boolean careBegun) {
    refresh(given, careBegun, null);
  }

  /**
   * @param made whose cases are gathered already; null where they are to be gathered
   */
  private void refresh(Collection<UUID> given, boolean careBegun, @Nullable CallsMade made) {
    if (given.isEmpty()) {
      return;
    }
    List<UUID> plants = new ArrayList<>(given);
    plants.removeAll(mapper.atTheCounter(given));
    if (plants.isEmpty()) {
      return;
    }
    LocalDate today = clock.today();
    Map<UUID, List<Work>> asked =
        made == null ? asks.of(plants, DAYS) : asks.of(made, plants, DAYS);
    Map<UUID, JobSummary> scheduled = jobs.openOf(plants);
    Map<UUID, List<Advice.Need>> needs =
        jobs.needsOf(scheduled.values().stream().map(JobSummary::id).toList());
    Map<UUID, List<Aftercares.CareView>> care = aftercares.running(plants, today);
    Map<UUID, LocalDate> worked = new HashMap<>();
    List<UUID> cared =
        care.values().stream().flatMap(List::stream).map(Aftercares.CareView::jobId).toList();
    if (!cared.isEmpty()) {
      mapper.doneOn(cared).forEach(row -> worked.put(row.id(), row.doneOn()));
    }
    Map<UUID, List<SeasonJobRow>> before = new HashMap<>();
    mapper
        .ofPlants(plants, clock.now().minus(DROPPED_FOR))
        .forEach(row -> before.computeIfAbsent(row.plantId, id -> new ArrayList<>()).add(row));
    Map<String, Integer> learned = new HashMap<>();
    Looking.Small small = new Looking.Small(mapper.took(today.minusDays(DAYS)));
    Map<UUID, LocalDate> watered = new HashMap<>();
    mapper.watered(plants).forEach(row -> watered.put(row.plantId(), row.wateredOn()));
    List<SeasonJobRow> changed = new ArrayList<>();
    asked.forEach(
        (plant, work) -> {
          Looking looking =
              new Looking(plant, before.getOrDefault(plant, List.of()), today, small, changed);
          JobSummary job = scheduled.get(plant);
          for (Work each : work) {
            if (job != null && each.key().equals(WorkAsked.REPOT)) {
              looking.why = each.why();
            } else if (each.after().isEmpty()) {
              looking.ask(each, minutes(each, learned, small));
            }
          }
          if (job != null) {
            looking.scheduled(job, needs.getOrDefault(job.id(), List.of()));
          }
          for (Work each : work) {
            if (each.after().isPresent()) {
              looking.ask(each, small.expected(each.kind(), each.minutes()));
            }
          }
          care.getOrDefault(plant, List.of())
              .forEach(step -> looking.care(step, worked.get(step.jobId())));
          looking.watered(watered.get(plant));
          looking.endOthers(careBegun);
        });
    store(changed, states(before));
  }

  private static Set<UUID> states(Map<UUID, List<SeasonJobRow>> before) {
    Set<UUID> known = new HashSet<>();
    before.values().forEach(rows -> rows.forEach(row -> known.add(row.id)));
    return known;
  }

  /** What somebody else has added at the same moment is not added twice. */
  private void store(List<SeasonJobRow> changed, Set<UUID> known) {
    Set<UUID> adding = new TreeSet<>();
    changed.stream().filter(row -> !known.contains(row.id)).forEach(row -> adding.add(row.plantId));
    List<SeasonJobRow> rows = new ArrayList<>(changed);
    if (!adding.isEmpty()) {
      mapper.lockPlants(adding);
      Set<String> there = new HashSet<>();
      mapper.ofPlants(adding, clock.now()).stream()
          .filter(row -> row.open() && !known.contains(row.id))
          .forEach(row -> there.add(row.plantId + row.workKey));
      Set<UUID> twice = new HashSet<>();
      rows.removeIf(
          row -> {
            boolean added =
                !known.contains(row.id)
                    && (there.contains(row.plantId + row.workKey)
                        || row.afterId != null && twice.contains(row.afterId));
            if (added) {
              twice.add(row.id);
            }
            return added;
          });
    }
    for (int from = 0; from < rows.size(); from += CHUNK) {
      mapper.store(rows.subList(from, Math.min(rows.size(), from + CHUNK)), clock.now());
    }
  }

  /** By what the team's own jobs took; asked once for each kind of work. */
  private int minutes(Work work, Map<String, Integer> learned, Looking.Small small) {
    if (work.kind() == JobKind.SLIP_CHECK) {
      return small.expected(work.kind(), work.minutes());
    }
    return learned.computeIfAbsent(
        work.action() + "/" + work.minutes(),
        key -> jobs.expectedMinutes(work.minutes(), work.action()));
  }
}
