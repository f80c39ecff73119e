package happysaucer.server.season;

import happysaucer.core.advice.Advice;
import happysaucer.core.minutes.JobMinutes;
import happysaucer.core.round.JobFit;
import happysaucer.core.unit.Said;
import happysaucer.core.work.JobKind;
import happysaucer.core.work.Work;
import happysaucer.core.work.WorkAsked;
import happysaucer.server.aftercare.Aftercares;
import happysaucer.server.job.JobSummary;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What one plant asks for, held against the jobs that are known of it. */
final class Looking {
  /** Water that was missed longer ago is not made up for, days. */
  private static final int WATER_MISSED = 14;

  private static final String CURRENT_POT = "current";

  /** Jobs without a bench sheet learn from what such jobs took. */
  record Small(Map<JobKind, SeasonJobMapper.TookRow> took) {
    Small(List<SeasonJobMapper.TookRow> rows) {
      this(
          rows.stream()
              .collect(Collectors.toMap(SeasonJobMapper.TookRow::kind, Function.identity())));
    }

    int expected(JobKind kind, int ruled) {
      SeasonJobMapper.TookRow row = took.get(kind);
      return row == null ? ruled : JobMinutes.expected(ruled, row.taken(), row.ruled());
    }
  }

  private final UUID plant;
  private final LocalDate today;
  private final Small small;
  private final List<SeasonJobRow> changed;
  @Nullable Said why;
  private final Map<String, SeasonJobRow> open = new LinkedHashMap<>();
  private final List<SeasonJobRow> dropped = new ArrayList<>();
  private final Map<String, SeasonJobRow> seen = new HashMap<>();
  private final Map<SeasonJobRow, Integer> states = new HashMap<>();

  Looking(
      UUID plant,
      List<SeasonJobRow> before,
      LocalDate today,
      Small small,
      List<SeasonJobRow> changed) {
    this.small = small;
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
    row.minutesRuled = work.minutes();
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
      row.note = "Was planned for " + SeasonWords.day(on) + "; held since.";
      row.unplan();
    } else if (on.isBefore(row.fromOn) || on.isAfter(row.toOn)) {
      if (row.pinned) {
        row.note =
            "Pinned to "
                + SeasonWords.day(on)
                + ", outside its days from "
                + SeasonWords.day(row.fromOn)
                + " to "
                + SeasonWords.day(row.toOn)
                + ".";
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
    row.minutesRuled = row.minutesRuled == 0 ? job.minutes() : row.minutesRuled;
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
    if (kind == null || !step.open() || worked == null) {
      return;
    }
    String key =
        step.kind()
            + "_"
            + ChronoUnit.DAYS.between(
                worked, step.wasFrom() == null ? step.fromOn() : step.wasFrom());
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
    row.minutesRuled = kind == JobKind.TOP_UP ? WorkAsked.TOP_UP_MINUTES : WorkAsked.LOOK_MINUTES;
    row.minutes = small.expected(kind, row.minutesRuled);
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

  /** Whoever poured has done the first water after a dry time, on the list or not. */
  void watered(@Nullable LocalDate on) {
    for (SeasonJobRow row : open.values()) {
      if (on != null
          && row.source == JobSource.CARE
          && row.kind == JobKind.WATER_IN
          && row.afterId == null
          && !on.isBefore(row.fromOn)) {
        row.status = JobStatus.DONE;
        row.doneOn = on;
        finish(row);
      }
    }
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
        SeasonJobs.end(row, "Its care is over.");
      } else if (row.plannedOn == null) {
        SeasonJobs.end(row, "The plant does not ask for it any more.");
      } else {
        SeasonJobs.end(
            row,
            "Was planned for "
                + SeasonWords.day(row.plannedOn)
                + "; the plant does not ask for it any more.");
      }
      changed.add(row);
    }
  }
}
