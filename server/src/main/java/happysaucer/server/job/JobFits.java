package happysaucer.server.job;

import happysaucer.core.advice.Advice;
import happysaucer.core.round.JobFit;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Said;
import happysaucer.core.unit.Units;
import happysaucer.core.unit.Wording;
import happysaucer.server.advice.CallsMade;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * A planned repot follows its plant: what comes in its way moves, holds or warns it, with a note.
 */
@Component
class JobFits {
  private static final int MOST_NOTE = 1000;
  private static final Wording METRIC = new Wording(Units.METRIC);

  private final JobMapper mapper;
  private final JobAdvice acting;
  private final ChangeLog history;
  private final TeamClock clock;

  JobFits(JobMapper mapper, JobAdvice acting, ChangeLog history, TeamClock clock) {
    this.mapper = mapper;
    this.acting = acting;
    this.history = history;
    this.clock = clock;
  }

  @EventListener
  @Order(0)
  void onCalls(CallsMade made) {
    for (JobSummary job : mapper.openOf(made.calls().keySet())) {
      Advice.Call call = Objects.requireNonNull(made.calls().get(job.plantId()));
      if (JobFit.of(job.action(), job.plannedOn(), call).on().equals(job.plannedOn())) {
        fit(job, call);
      } else {
        // its steps are laid anew for the day: nobody ticks one meanwhile
        mapper.lockPlant(job.plantId());
        mapper.openOf(List.of(job.plantId())).forEach(open -> fit(open, call));
      }
    }
  }

  private void fit(JobSummary job, Advice.Call call) {
    JobFit fit = JobFit.of(job.action(), job.plannedOn(), call);
    // that it was moved is said until somebody has given it a day or a plan
    boolean asTold = fit.kind() == JobFit.Kind.FITS && job.fit() == JobFit.Kind.MOVED;
    Said note = fit.note().map(METRIC::say).orElse(null);
    if (asTold || fit.kind() == job.fit() && Objects.equals(message(note), message(job.note()))) {
      return;
    }
    mapper.follow(job.id(), fit.on(), fit.kind(), note, clock.now());
    acting.workedOn(job, fit.on());
    history.logAs(
        "job",
        job.id(),
        note == null ? "What was in its way is over" : bounded(note.words()),
        mapper.changedById(job.id()));
  }

  private static @Nullable Message message(@Nullable Said note) {
    return note == null ? null : note.message();
  }

  private static String bounded(String note) {
    return note.length() > MOST_NOTE ? note.substring(0, MOST_NOTE) : note;
  }
}
