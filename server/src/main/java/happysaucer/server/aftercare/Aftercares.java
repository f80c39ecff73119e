package happysaucer.server.aftercare;

import happysaucer.core.advice.Advice;
import happysaucer.core.unit.Said;
import happysaucer.server.advice.AdviceJson;
import happysaucer.server.aftercare.AftercareMapper.CareRow;
import happysaucer.server.aftercare.AftercareMapper.NewStep;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.job.JobDone;
import happysaucer.server.job.JobSummary;
import happysaucer.server.job.Jobs;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.team.CurrentUser;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The dated steps after a repot, the watering weeks, and the card for whoever waters. */
@Service
public class Aftercares {
  /**
   * A missed follow-up stays on the round for so long; past that there is nothing left to follow.
   */
  private static final int MISSED_DAYS = 28;

  private final AftercareMapper mapper;
  private final Jobs jobs;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final AdviceJson json;
  private final ApplicationEventPublisher events;

  Aftercares(
      AftercareMapper mapper,
      Jobs jobs,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      AdviceJson json,
      ApplicationEventPublisher events) {
    this.json = json;
    this.events = events;
    this.mapper = mapper;
    this.jobs = jobs;
    this.history = history;
    this.clock = clock;
    this.user = user;
  }

  public record CareView(
      UUID id,
      UUID jobId,
      UUID plantId,
      LocalDate fromOn,
      LocalDate toOn,
      String kind,
      String who,
      Said text,
      @Nullable LocalDate doneOn) {}

  public record WeekView(int week, LocalDate fromOn, @Nullable Double everyDays, double litres) {}

  public record AftercareView(UUID jobId, List<CareView> steps, List<WeekView> weeks) {}

  /**
   * @param doneOn null takes it back
   */
  public record CareDoneRequest(@Nullable LocalDate doneOn) {}

  /**
   * What whoever waters is given.
   *
   * @param before how it dried before the repot
   */
  public record Card(
      JobSummary job,
      LocalDate doneOn,
      Advice.@Nullable Drying before,
      Advice.@Nullable Drying settled,
      List<CareView> steps,
      List<WeekView> weeks,
      List<Advice.Coded> cautions,
      List<LocalDate> nextVisits) {}

  @EventListener
  public void onJobDone(JobDone done) {
    Advice advice = done.advice();
    List<NewStep> steps = new ArrayList<>();
    for (Advice.CareStep step : advice.aftercare().steps()) {
      steps.add(
          new NewStep(
              UUID.randomUUID(),
              steps.size(),
              step.from(),
              step.to(),
              step.kind(),
              step.who(),
              json.written(step.text())));
    }
    if (!steps.isEmpty()) {
      mapper.addSteps(done.jobId(), done.plantId(), steps);
    }
    List<WeekView> weeks =
        advice.aftercare().weeks().stream()
            .map(week -> new WeekView(week.week(), week.from(), week.everyDays(), week.litres()))
            .toList();
    if (!weeks.isEmpty()) {
      mapper.addWeeks(done.jobId(), weeks);
    }
  }

  /** Steps of these plants that are not over, and follow-ups missed in the last weeks, by plant. */
  public Map<UUID, List<CareView>> running(Collection<UUID> plants, LocalDate day) {
    Map<UUID, List<CareView>> running = new HashMap<>();
    if (!plants.isEmpty()) {
      for (CareRow step : mapper.running(plants, day, day.minusDays(MISSED_DAYS))) {
        running.computeIfAbsent(step.plantId(), id -> new ArrayList<>()).add(view(step));
      }
    }
    return running;
  }

  private CareView view(CareRow row) {
    return new CareView(
        row.id(),
        row.jobId(),
        row.plantId(),
        row.fromOn(),
        row.toOn(),
        row.kind(),
        row.who(),
        json.said(row.said(), user.units()),
        row.doneOn());
  }

  /** Sites with a follow-up that must not be put off beyond the day. */
  public List<UUID> lastDaySites(LocalDate day) {
    return mapper.lastDaySites(day);
  }

  public AftercareView ofJob(UUID job) {
    return new AftercareView(
        job, mapper.ofJob(job).stream().map(this::view).toList(), mapper.weeks(job));
  }

  @Transactional
  public void done(UUID step, CareDoneRequest request) {
    UUID who = request.doneOn() == null ? null : user.id();
    if (mapper.done(step, request.doneOn(), who) == 0) {
      throw new NotFoundException("There is no such step of aftercare.");
    }
    history.log("aftercare_step", step, request.doneOn() == null ? "Opened again" : "Done");
    events.publishEvent(
        new CareTicked(Objects.requireNonNull(mapper.plantOf(step)), step, request.doneOn()));
  }

  public Card card(UUID job) {
    Jobs.JobView view = jobs.of(job);
    if (view.job().doneOn() == null) {
      throw new ConflictException("The card is made when the job is done.");
    }
    AftercareView care = ofJob(job);
    LocalDate today = clock.today();
    return new Card(
        view.job(),
        view.job().doneOn(),
        view.advice().water().before(),
        view.advice().water().settled(),
        care.steps(),
        care.weeks(),
        view.advice().cautions().stream()
            .filter(c -> List.of("SAP", "POISONOUS", "SPINES", "SUN").contains(c.code()))
            .toList(),
        care.steps().stream()
            .filter(step -> step.kind().equals("FOLLOW_UP") && !step.toOn().isBefore(today))
            .map(CareView::fromOn)
            .toList());
  }
}
