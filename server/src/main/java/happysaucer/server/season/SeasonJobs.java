package happysaucer.server.season;

import happysaucer.core.advice.Advice;
import happysaucer.core.round.JobFit;
import happysaucer.core.unit.Said;
import happysaucer.core.work.JobKind;
import happysaucer.core.work.Work;
import happysaucer.core.work.WorkAsked;
import happysaucer.server.advice.CallsMade;
import happysaucer.server.advice.PlantRetired;
import happysaucer.server.advice.WorkAsks;
import happysaucer.server.aftercare.Aftercares;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.job.JobChanged;
import happysaucer.server.job.JobDone;
import happysaucer.server.job.JobSummary;
import happysaucer.server.job.Jobs;
import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
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

  /** Water that was missed longer ago is not made up for, days. */
  private static final int WATER_MISSED = 14;

  private static final String CURRENT_POT = "current";

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
    refresh(made.calls().keySet());
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

  @EventListener
  void onRetired(PlantRetired retired) {
    List<SeasonJobRow> rows = mapper.ofPlants(List.of(retired.plantId()), clock.now());
    rows.forEach(row -> end(row, "The plant has left care."));
    if (!rows.isEmpty()) {
      mapper.store(rows, clock.now());
    }
  }

  private static void end(SeasonJobRow row, String note) {
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

  private void refresh(Collection<UUID> plants, boolean careBegun) {
    if (plants.isEmpty()) {
      return;
    }
    LocalDate today = clock.today();
    Map<UUID, List<Work>> asked = asks.of(plants, DAYS);
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
    List<SeasonJobRow> changed = new ArrayList<>();
    asked.forEach(
        (plant, work) -> {
          Looking looking =
              new Looking(plant, before.getOrDefault(plant, List.of()), today, changed);
          JobSummary job = scheduled.get(plant);
          for (Work each : work) {
            if (job != null && each.key().equals(WorkAsked.REPOT)) {
              looking.why = each.why();
            } else if (each.after().isEmpty()) {
              looking.ask(each, minutes(each, learned));
            }
          }
          if (job != null) {
            looking.scheduled(job, needs.getOrDefault(job.id(), List.of()));
          }
          for (Work each : work) {
            if (each.after().isPresent()) {
              looking.ask(each, each.minutes());
            }
          }
          care.getOrDefault(plant, List.of())
              .forEach(step -> looking.care(step, worked.get(step.jobId())));
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
  private int minutes(Work work, Map<String, Integer> learned) {
    if (work.kind() == JobKind.SLIP_CHECK) {
      return work.minutes();
    }
    return learned.computeIfAbsent(
        work.action() + "/" + work.minutes(),
        key -> jobs.expectedMinutes(work.minutes(), work.action()));
  }

  /** One plant, looked through. */
  private static final class Looking {
    private final UUID plant;
    private final LocalDate today;
    private final List<SeasonJobRow> changed;
    private @Nullable Said why;
    private final Map<String, SeasonJobRow> open = new LinkedHashMap<>();
    private final List<SeasonJobRow> dropped = new ArrayList<>();
    private final Map<String, SeasonJobRow> seen = new HashMap<>();
    private final Map<SeasonJobRow, Integer> states = new HashMap<>();

    Looking(UUID plant, List<SeasonJobRow> before, LocalDate today, List<SeasonJobRow> changed) {
      this.plant = plant;
      this.today = today;
      this.changed = changed;
      for (SeasonJobRow row : before) {
        if (row.open()) {
          open.put(row.workKey, row);
        } else {
          dropped.add(row);
        }
        states.put(row, row.state());
      }
    }

    void ask(Work work, int minutes) {
      if (droppedAlike(work)) {
        return;
      }
      SeasonJobRow row = row(work.key());
      SeasonJobRow after = work.after().map(first -> seen.get(first.key())).orElse(null);
      if (work.after().isPresent() && after == null) {
        // what it follows was dropped
        return;
      }
      boolean told = open.containsKey(work.key());
      row.kind = work.kind();
      row.action = work.action();
      row.urgency = work.urgency();
      row.source = work.foreseen() ? JobSource.FORECAST : JobSource.CALL;
      if (row.place == JobPlace.SITE) {
        // on the bench it follows the day on which it is fetched
        row.afterId = after == null ? null : after.id;
        row.afterFrom = work.after().map(Work.After::fromDays).orElse(null);
        row.afterTo = work.after().map(Work.After::toDays).orElse(null);
      }
      row.idealOn = told ? work.ideal(row.idealOn) : work.ideal();
      row.fromOn = work.days().from();
      row.toOn = work.days().to();
      row.minutes = minutes;
      row.people = work.people();
      row.skills = String.join(",", new TreeSet<>(work.skills()));
      row.litres = work.litres();
      row.grams = work.grams();
      row.toOrder = work.toOrder();
      row.held = work.hold().orElse(null);
      row.why = work.why();
      if (row.jobId != null) {
        // its repot was dropped, with the day it had
        row.jobId = null;
        row.unplan();
      }
      if (told) {
        fit(row);
      }
      finish(row);
    }

    /** Taken out by a person, and it is still the same work. */
    private boolean droppedAlike(Work work) {
      return dropped.stream()
          .anyMatch(
              row ->
                  row.workKey.equals(work.key())
                      && row.action.equals(work.action())
                      && !"NOW".equals(work.urgency()));
    }

    /** Where it stands is not right any more: it waits for the plan again, and says why. */
    private static void fit(SeasonJobRow row) {
      LocalDate on = row.plannedOn;
      if (on == null || row.afterId != null) {
        return;
      }
      if (row.held != null) {
        row.note = "Was planned for " + on + "; held since.";
        row.unplan();
      } else if (on.isBefore(row.fromOn) || on.isAfter(row.toOn)) {
        if (row.pinned) {
          row.note =
              "Pinned to " + on + ", outside its days from " + row.fromOn + " to " + row.toOn + ".";
        } else {
          row.note =
              "Was planned for "
                  + on
                  + "; its days are now from "
                  + row.fromOn
                  + " to "
                  + row.toOn
                  + ".";
          row.unplan();
        }
      }
    }

    /** A repot that has its day and its pot: it stands where somebody put it. */
    void scheduled(JobSummary job, List<Advice.Need> needs) {
      SeasonJobRow row = row(WorkAsked.REPOT);
      row.kind = WorkAsked.kind(job.action());
      row.action = job.action();
      row.urgency = job.urgency();
      row.source = JobSource.CALL;
      row.jobId = job.id();
      row.fromOn = job.windowFrom();
      row.toOn = job.windowTo();
      row.minutes = job.minutes();
      row.held = job.fit() == JobFit.Kind.HELD ? job.note() : null;
      row.note = job.note() == null || row.held != null ? "" : job.note().words();
      row.why = why == null ? row.why : why;
      row.toOrder =
          job.shelfPotId() == null && job.potId() != null && !CURRENT_POT.equals(job.potId());
      Set<String> skills = new TreeSet<>();
      row.people = 1;
      row.litres = 0;
      row.grams = 0;
      for (Advice.Need need : needs) {
        switch (need.kind()) {
          case "SKILL" -> skills.add(need.code());
          case "PEOPLE" -> row.people = Math.max(row.people, (int) need.amount());
          case "VOLUME" -> row.litres += need.amount();
          case "MASS" -> row.grams += need.amount();
          default -> {
            // for whoever packs
          }
        }
      }
      row.skills = String.join(",", skills);
      if (!job.plannedOn().equals(row.plannedOn)) {
        row.idealOn = job.plannedOn();
        row.plannedOn = job.plannedOn();
        row.leadId = null;
        row.helperId = null;
        row.overruled = null;
      }
      finish(row);
    }

    /** What is left of the care after a repot that was done. */
    void care(Aftercares.CareView step, @Nullable LocalDate worked) {
      JobKind kind = WorkAsked.kindOfStep(step.kind(), step.who());
      if (kind == null || step.doneOn() != null || worked == null) {
        return;
      }
      String key = step.kind() + "_" + ChronoUnit.DAYS.between(worked, step.fromOn());
      SeasonJobRow row = row(key);
      row.kind = kind;
      row.action = "";
      row.urgency = "THIS_WINDOW";
      row.source = JobSource.CARE;
      row.aftercareStepId = step.id();
      row.afterId = null;
      row.afterFrom = null;
      row.afterTo = null;
      row.fromOn = step.fromOn();
      row.toOn = step.toOn();
      row.idealOn = step.fromOn().plusDays(ChronoUnit.DAYS.between(step.fromOn(), step.toOn()) / 2);
      row.minutes = kind == JobKind.TOP_UP ? WorkAsked.TOP_UP_MINUTES : WorkAsked.LOOK_MINUTES;
      row.why = step.text();
      fit(row);
      finish(row);
    }

    private SeasonJobRow row(String key) {
      SeasonJobRow row = open.get(key);
      if (row == null) {
        row = new SeasonJobRow();
        row.plantId = plant;
        row.workKey = key;
      }
      return row;
    }

    private void finish(SeasonJobRow row) {
      seen.put(row.workKey, row);
      Integer before = states.get(row);
      if (before == null) {
        if (!changed.contains(row)) {
          changed.add(row);
        }
      } else if (before != row.state() && !changed.contains(row)) {
        row.version++;
        changed.add(row);
      }
    }

    /** The first water after a dry time is no step of a technician's: it stays until it is done. */
    private boolean waterIn(SeasonJobRow row) {
      return row.source == JobSource.CARE
          && row.kind == JobKind.WATER_IN
          && !row.toOn.isBefore(today.minusDays(WATER_MISSED));
    }

    /** Nothing asks for it any more, unless a person did. */
    void endOthers(boolean careBegun) {
      for (SeasonJobRow row : open.values()) {
        boolean bench = row.place == JobPlace.COLLECT || row.place == JobPlace.RETURN;
        if (seen.containsKey(row.workKey)
            || row.source == JobSource.HAND
            || bench && seen.containsKey(WorkAsked.REPOT)
            || row.source == JobSource.CARE && row.aftercareStepId == null && !careBegun
            || waterIn(row)
            || row.source == JobSource.CARE && row.place == JobPlace.RETURN) {
          continue;
        }
        if (row.source == JobSource.CARE && row.aftercareStepId != null) {
          end(row, "Its care is over.");
        } else if (row.plannedOn == null) {
          end(row, "The plant does not ask for it any more.");
        } else {
          end(
              row,
              "Was planned for " + row.plannedOn + "; the plant does not ask for it any more.");
        }
        changed.add(row);
      }
    }
  }
}
