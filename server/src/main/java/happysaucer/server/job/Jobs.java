package happysaucer.server.job;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.AdviceService;
import happysaucer.server.advice.PlantRetired;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.History;
import happysaucer.server.job.JobMapper.FoundRow;
import happysaucer.server.job.JobMapper.StepRow;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.problem.StaleException;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.ObjectMapper;

/** Scheduled repots: from an advice to done. */
@Service
public class Jobs {
  private static final int MOST = 500;
  private static final int MOST_DAYS = 400;
  private static final int SHOWN = 20;

  /** Work may be entered late, but aftercare that is long over helps nobody. */
  private static final int MOST_LATE_DAYS = 60;

  private final JobMapper mapper;
  private final AdviceService advice;
  private final History history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final ObjectMapper json;
  private final ApplicationEventPublisher events;

  Jobs(
      JobMapper mapper,
      AdviceService advice,
      History history,
      TeamClock clock,
      CurrentUser user,
      ObjectMapper json,
      ApplicationEventPublisher events) {
    this.mapper = mapper;
    this.advice = advice;
    this.history = history;
    this.clock = clock;
    this.user = user;
    this.json = json;
    this.events = events;
  }

  /**
   * A repot to schedule.
   *
   * @param potId of the candidate to take, null for the best
   */
  public record JobRequest(
      @NotNull(message = "Say which plant.") UUID plantId,
      @NotNull(message = "Give the day.") LocalDate plannedOn,
      @Nullable String potId) {}

  public record DayRequest(@NotNull(message = "Give the day.") LocalDate plannedOn) {}

  /**
   * @param tickedAt null takes the tick back
   */
  public record TickRequest(@Nullable Instant tickedAt) {}

  public record FoundRequest(
      @NotNull(message = "Send the signs found, or an empty list.")
          List<AdviceRequest.Sign> signs) {}

  public record DoneRequest(@NotNull(message = "Give the day.") LocalDate doneOn) {}

  public record StepView(int position, String phase, String text, @Nullable Instant tickedAt) {}

  public record FoundView(
      String code, String state, @Nullable String grade, @Nullable Double value) {}

  /**
   * A job with the advice it acts on.
   *
   * @param changes what the last recording of findings changed, in words
   */
  public record JobView(
      JobSummary job,
      Advice advice,
      List<StepView> steps,
      List<FoundView> found,
      List<String> changes) {}

  /**
   * Stores the job with the advice as given. The same job twice does nothing twice.
   *
   * @throws ConflictException when the plant has an open job already
   */
  @Transactional
  public JobView schedule(UUID id, JobRequest request, Units units) {
    if (!history.firstTime(id, request)) {
      return of(id);
    }
    Advice given = advice.forBench(request.plantId(), List.of(), request.potId(), units);
    check(request, given);
    mapper.lockPlant(request.plantId());
    if (!mapper.openOf(List.of(request.plantId())).isEmpty()) {
      throw new ConflictException(
          "This plant has a job already. Move that one instead of adding another.");
    }
    Advice.Call call = given.call();
    mapper.add(
        new JobMapper.NewJob(
            id,
            request.plantId(),
            call.action(),
            call.urgency(),
            Objects.requireNonNull(call.from()),
            Objects.requireNonNull(call.to()),
            request.plannedOn(),
            JobMinutes.of(given),
            chosenPot(given),
            json.writeValueAsString(given),
            given.bookVersion()),
        clock.now(),
        user.id());
    addSteps(id, given, List.of());
    history.log("job", id, "Scheduled for " + request.plannedOn());
    return of(id);
  }

  private static void check(JobRequest request, Advice given) {
    Advice.Call call = given.call();
    if (given.repot() == null || call.from() == null || call.to() == null) {
      throw InputException.of(
          "plantId",
          "The call for this plant is " + call.action() + ": there is no repot to schedule.",
          request.plantId());
    }
    if (chosenPot(given) == null) {
      throw InputException.of(
          "potId",
          given.repot().order() != null && request.potId() == null
              ? given.repot().order()
              : "This pot will not do. Choose one that passes.",
          request.potId());
    }
    checkDay(request.plannedOn(), call.from(), call.to());
  }

  private static void checkDay(LocalDate on, LocalDate from, LocalDate to) {
    if (on.isBefore(from) || on.isAfter(to)) {
      throw InputException.of(
          "plannedOn", "Choose a day in its window, from " + from + " to " + to + ".", on);
    }
  }

  private static @Nullable String chosenPot(Advice given) {
    return given.repot() == null
        ? null
        : given.repot().candidates().stream()
            .filter(candidate -> Integer.valueOf(1).equals(candidate.rank()))
            .map(Advice.Candidate::id)
            .findFirst()
            .orElse(null);
  }

  private void addSteps(UUID id, Advice given, List<StepRow> before) {
    List<StepRow> steps = new ArrayList<>();
    if (given.repot() != null) {
      for (Advice.Step step : given.repot().steps()) {
        steps.add(new StepRow(steps.size(), step.phase(), step.text(), null));
      }
    } else {
      steps.add(
          new StepRow(
              0,
              "AFTER",
              "Put it back as it was. " + String.join(" ", given.call().reasons()),
              null));
    }
    mapper.addSteps(id, steps);
    Map<String, Instant> ticked = new HashMap<>();
    for (StepRow step : before) {
      if (step.tickedAt() != null) {
        ticked.put(step.phase() + step.text(), step.tickedAt());
      }
    }
    for (StepRow step : steps) {
      Instant at = ticked.get(step.phase() + step.text());
      if (at != null) {
        mapper.tick(id, step.position(), at, user.id());
      }
    }
  }

  /**
   * @throws StaleException when someone has moved it meanwhile
   */
  @Transactional
  public JobView move(UUID id, int version, DayRequest request) {
    JobSummary job = summary(id);
    checkDay(request.plannedOn(), job.windowFrom(), job.windowTo());
    if (mapper.move(id, version, request.plannedOn(), clock.now(), user.id()) == 0) {
      JobSummary now = summary(id);
      if (!now.status().equals("PLANNED")) {
        throw new ConflictException("This job is closed and cannot be moved.");
      }
      throw new StaleException(
          now.version(),
          mapper.changedBy(id),
          List.of(new StaleException.Change("plannedOn", request.plannedOn(), now.plannedOn())));
    }
    history.log("job", id, "Moved from " + job.plannedOn() + " to " + request.plannedOn());
    return of(id);
  }

  /** Ticks a step, or takes the tick back; the same tick twice does nothing twice. */
  @Transactional
  public void tick(UUID id, int position, TickRequest request) {
    open(id);
    int ticked =
        mapper.tick(
            id, position, request.tickedAt(), request.tickedAt() == null ? null : user.id());
    if (ticked == 0) {
      throw new NotFoundException("The job has no such step.");
    }
  }

  /** What was found with the plant out of its pot outranks what was expected: plans again. */
  @Transactional
  public JobView found(UUID id, FoundRequest request, Units units) {
    JobSummary job = open(id);
    Advice before = adviceOf(id);
    Advice now = planAgain(job, request.signs(), units);
    mapper.clearFound(id);
    List<FoundRow> found =
        request.signs().stream()
            .map(
                sign ->
                    new FoundRow(
                        Objects.requireNonNull(sign.code()),
                        sign.state() == null ? "PRESENT" : sign.state(),
                        sign.grade(),
                        sign.value()))
            .filter(sign -> !sign.state().equals("NOT_CHECKED"))
            .toList();
    if (!found.isEmpty()) {
      mapper.addFound(id, found);
    }
    List<String> changes = changes(before, now);
    if (!changes.isEmpty()) {
      mapper.replan(
          id,
          now.call().action(),
          now.call().urgency(),
          chosenPot(now),
          json.writeValueAsString(now),
          now.bookVersion(),
          clock.now(),
          user.id());
      List<StepRow> steps = mapper.steps(id);
      mapper.clearSteps(id);
      addSteps(id, now, steps);
      history.log("job", id, String.join(" ", changes));
    }
    return view(id, changes);
  }

  /** The pot that was picked stays as long as it will do; only then all others are asked. */
  private Advice planAgain(JobSummary job, List<AdviceRequest.Sign> signs, Units units) {
    if (job.potId() != null) {
      Advice kept = advice.forBench(job.plantId(), signs, job.potId(), units);
      if (kept.repot() == null || chosenPot(kept) != null) {
        return kept;
      }
    }
    return advice.forBench(job.plantId(), signs, null, units);
  }

  private static List<String> changes(Advice before, Advice now) {
    List<String> changes = new ArrayList<>();
    if (!before.call().action().equals(now.call().action())) {
      changes.add(
          "The call changed from "
              + words(before.call().action())
              + " to "
              + words(now.call().action())
              + ". "
              + String.join(" ", now.call().reasons()));
    }
    if (!Objects.equals(chosenPot(before), chosenPot(now)) && chosenPot(now) != null) {
      changes.add("The pot changed to " + chosenPot(now) + ".");
    }
    if (before.repot() != null
        && now.repot() != null
        && !before.repot().rootWork().equals(now.repot().rootWork())) {
      changes.add("The root work changed.");
    }
    return changes;
  }

  private static String words(String code) {
    return code.toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  /** Closes the job; plants and aftercare hear of it in the same transaction. */
  @Transactional
  public JobView done(UUID id, DoneRequest request) {
    JobSummary job = summary(id);
    if (job.status().equals("DONE")) {
      return of(id);
    }
    if (request.doneOn().isAfter(clock.today())) {
      throw InputException.of("doneOn", "Lies in the future.", request.doneOn());
    }
    if (request.doneOn().isBefore(clock.today().minusDays(MOST_LATE_DAYS))) {
      throw InputException.of(
          "doneOn", "Lies more than " + MOST_LATE_DAYS + " days back.", request.doneOn());
    }
    Advice acted = adviceOf(id);
    boolean repotted = acted.repot() != null;
    if (mapper.close(id, "DONE", request.doneOn(), clock.now(), user.id()) == 0) {
      throw new ConflictException("This job is closed already.");
    }
    if (repotted) {
      events.publishEvent(new JobDone(id, job.plantId(), request.doneOn(), user.id(), acted));
    }
    history.log("job", id, repotted ? "Done" : "Put back unrepotted");
    return of(id);
  }

  /** The open job of a plant that has left care is dropped; it stays on record. */
  @EventListener
  public void onRetired(PlantRetired retired) {
    for (JobSummary job : mapper.openOf(List.of(retired.plantId()))) {
      mapper.close(job.id(), "DROPPED", null, clock.now(), user.id());
      history.log("job", job.id(), "Dropped: the plant was retired");
    }
  }

  public List<JobSummary> between(LocalDate from, LocalDate to) {
    if (to.isBefore(from)) {
      throw InputException.of("to", "Must not be before from.", to);
    }
    if (ChronoUnit.DAYS.between(from, to) > MOST_DAYS) {
      throw InputException.of("to", "Ask for at most " + MOST_DAYS + " days at once.", to);
    }
    return mapper.between(from, to, MOST);
  }

  /** Open jobs by plant. */
  public Map<UUID, JobSummary> openOf(Collection<UUID> plants) {
    Map<UUID, JobSummary> open = new HashMap<>();
    if (!plants.isEmpty()) {
      mapper.openOf(plants).forEach(job -> open.put(job.plantId(), job));
    }
    return open;
  }

  public List<JobSummary> ofPlant(UUID plant) {
    return mapper.of(plant, SHOWN);
  }

  public JobView of(UUID id) {
    return view(id, List.of());
  }

  private JobView view(UUID id, List<String> changes) {
    return new JobView(
        summary(id),
        adviceOf(id),
        mapper.steps(id).stream()
            .map(step -> new StepView(step.position(), step.phase(), step.text(), step.tickedAt()))
            .toList(),
        mapper.found(id).stream()
            .map(found -> new FoundView(found.code(), found.state(), found.grade(), found.value()))
            .toList(),
        changes);
  }

  private JobSummary open(UUID id) {
    JobSummary job = summary(id);
    if (!job.status().equals("PLANNED")) {
      throw new ConflictException("This job is closed and cannot be changed.");
    }
    return job;
  }

  private JobSummary summary(UUID id) {
    JobSummary job = mapper.summary(id);
    if (job == null) {
      throw new NotFoundException("There is no such job.");
    }
    return job;
  }

  private Advice adviceOf(UUID id) {
    return json.readValue(mapper.advice(id), Advice.class);
  }
}
