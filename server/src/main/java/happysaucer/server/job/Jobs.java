package happysaucer.server.job;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Differences;
import happysaucer.core.minutes.JobMinutes;
import happysaucer.core.unit.Said;
import happysaucer.server.advice.Given;
import happysaucer.server.advice.PlantRetired;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.job.Plans.Pick;
import happysaucer.server.photo.Photos;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.problem.StaleException;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
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
import tools.jackson.databind.ObjectMapper;

/** Repots that are planned: from an advice to a day, with a pot reserved for them. */
@Service
public class Jobs {
  private static final int MOST = 500;
  private static final int MOST_DAYS = 400;
  private static final int SHOWN = 20;

  /** Own times are learned from so many jobs of a kind. */
  private static final int LEARNED_FROM = 40;

  private final JobMapper mapper;
  private final Plans plans;
  private final JobAdvice acting;
  private final Photos photos;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final ObjectMapper json;
  private final ApplicationEventPublisher events;

  Jobs(
      JobMapper mapper,
      Plans plans,
      JobAdvice acting,
      Photos photos,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      ObjectMapper json,
      ApplicationEventPublisher events) {
    this.events = events;
    this.mapper = mapper;
    this.plans = plans;
    this.acting = acting;
    this.photos = photos;
    this.history = history;
    this.clock = clock;
    this.user = user;
    this.json = json;
  }

  /**
   * A repot to schedule.
   *
   * @param potId of the candidate to take, null for the best
   * @param wish what is to be done otherwise than the rules would
   * @param order true to plan with the pot that is to be ordered
   * @param confirmed somebody who knows the risk confirms that more than a third of the roots goes
   */
  public record JobRequest(
      @NotNull(message = "Say which plant.") UUID plantId,
      @NotNull(message = "Give the day.") LocalDate plannedOn,
      @Nullable String potId,
      AdviceRequest.@Nullable Wish wish,
      @Nullable Boolean order,
      @Nullable Boolean confirmed) {
    PlanRequest plan() {
      return new PlanRequest(potId, wish, order, confirmed);
    }
  }

  public record DayRequest(@NotNull(message = "Give the day.") LocalDate plannedOn) {}

  /**
   * @param tickedAt null takes the tick back
   */
  public record TickRequest(@Nullable Instant tickedAt) {}

  /** A plant that came of a job, with its own label: a piece of a clump, or a cutting. */
  public record Offspring(
      @NotNull(message = "Make an id for it.") UUID id,
      @NotBlank(message = "Give its label.") @Size(max = 20, message = "At most 20 letters.")
          String label,
      @NotNull(message = "Say PIECE or CUTTING.") OffspringKind kind) {}

  public enum OffspringKind {
    PIECE,
    CUTTING
  }

  public record StepView(int position, String phase, Said text, @Nullable Instant tickedAt) {}

  public record FoundView(
      String code, String state, @Nullable String grade, @Nullable Double value) {}

  /**
   * A job with the advice it acts on.
   *
   * @param wish what is done otherwise than the rules would
   * @param toOrder its pot is neither at hand nor on the shelf
   * @param changes what the last recording of what was seen at the bench changed
   * @param why it changed
   */
  public record JobView(
      JobSummary job,
      Advice advice,
      AdviceRequest.@Nullable Wish wish,
      boolean toOrder,
      @Nullable String front,
      @Nullable Double angleDegrees,
      List<StepView> steps,
      List<FoundView> found,
      List<Photos.PhotoView> photos,
      List<Differences.Difference> changes,
      List<String> why) {}

  /**
   * Stores the job with the advice as given, and reserves its pot. The same job twice does nothing
   * twice.
   *
   * @throws ConflictException when the plant has an open job already, or the pot is not free
   */
  @Transactional
  public JobView schedule(UUID id, JobRequest request) {
    if (!history.firstTime(id, request)) {
      return of(id);
    }
    lock(request.plantId());
    Given given =
        plans.given(new Plans.Order(request.plantId(), request.plannedOn(), null), request.plan());
    Advice advice = given.advice();
    Advice.Call call = advice.call();
    checkDay(
        request.plannedOn(),
        Objects.requireNonNull(call.from()),
        Objects.requireNonNull(call.to()));
    if (!mapper.openOf(List.of(request.plantId())).isEmpty()) {
      throw new ConflictException(
          "This plant has a job already. Move that one instead of adding another.");
    }
    Pick pick = plans.reserve(id, advice);
    int ruled = JobMinutes.ruled(advice);
    mapper.add(
        new JobMapper.NewJob(
            id,
            request.plantId(),
            call.action(),
            call.urgency(),
            call.from(),
            call.to(),
            request.plannedOn(),
            expected(ruled, call.action()),
            ruled,
            pick.potId(),
            pick.shelfPot(),
            pick.count(),
            written(request.wish()),
            acting.kept(given),
            acting.asked(given),
            advice.bookVersion()),
        clock.now(),
        user.id());
    acting.follow(id, null, advice);
    history.log("job", id, "Scheduled for " + request.plannedOn() + confirmed(request.plan()));
    events.publishEvent(new JobChanged(request.plantId()));
    return of(id);
  }

  /** Minutes to plan with for work of this kind, by what the team's own took. */
  public int expectedMinutes(int ruled, String action) {
    return expected(ruled, action);
  }

  /** What these jobs need, by job. */
  public Map<UUID, List<Advice.Need>> needsOf(Collection<UUID> jobs) {
    Map<UUID, List<Advice.Need>> needs = new HashMap<>();
    if (!jobs.isEmpty()) {
      for (JobMapper.NeedOf row : mapper.needsOf(jobs)) {
        needs
            .computeIfAbsent(row.jobId(), id -> new ArrayList<>())
            .add(new Advice.Need(row.kind(), row.code(), row.amount(), row.unit()));
      }
    }
    return needs;
  }

  /**
   * What a job acts on.
   *
   * @param potName of the pot it has reserved on the shelf
   * @param potPlace where that stands; empty where nobody said
   */
  public record JobWork(Advice advice, @Nullable String potName, @Nullable String potPlace) {}

  /** What these jobs act on, by job. */
  public Map<UUID, JobWork> workOf(Collection<UUID> jobs) {
    Map<UUID, JobWork> work = new HashMap<>();
    if (!jobs.isEmpty()) {
      mapper
          .advices(jobs)
          .forEach(
              row ->
                  work.put(
                      row.id(),
                      new JobWork(acting.read(row.advice()), row.potName(), row.potPlace())));
    }
    return work;
  }

  private int expected(int ruled, String action) {
    JobMapper.Taken taken = mapper.taken(action, LEARNED_FROM);
    return JobMinutes.expected(ruled, taken.taken(), taken.ruled());
  }

  private static String confirmed(PlanRequest request) {
    return Boolean.TRUE.equals(request.confirmed())
        ? "; confirmed that more than a third of the roots goes"
        : "";
  }

  private void lock(UUID plant) {
    if (mapper.lockPlant(plant) == null) {
      throw new NotFoundException("There is no such plant. It may have been entered elsewhere.");
    }
  }

  private @Nullable String written(AdviceRequest.@Nullable Wish wish) {
    return wish == null ? null : json.writeValueAsString(wish);
  }

  private static void checkDay(LocalDate on, LocalDate from, LocalDate to) {
    if (on.isBefore(from) || on.isAfter(to)) {
      throw InputException.of(
          "plannedOn", "Choose a day in its window, from " + from + " to " + to + ".", on);
    }
  }

  /**
   * Plans an open job anew with another pot or other cuts; its reservation follows.
   *
   * @throws StaleException when someone has changed it meanwhile
   */
  @Transactional
  public JobView plan(UUID id, int version, PlanRequest request) {
    JobSummary job = open(id);
    lock(job.plantId());
    JobSummary now = open(id);
    if (now.version() != version) {
      throw new StaleException(
          now.version(),
          mapper.changedBy(id),
          List.of(new StaleException.Change("pot", request.potId(), now.potName())));
    }
    String reserved = now.shelfPotId() == null ? null : now.shelfPotId().toString();
    Advice before = acting.of(id);
    Given given = plans.given(new Plans.Order(job.plantId(), now.plannedOn(), reserved), request);
    List<Differences.Difference> changes = Plans.changes(before, given.advice(), user.units());
    replan(id, given, request.wish(), "Planned anew" + confirmed(request));
    events.publishEvent(new JobChanged(job.plantId()));
    return view(id, changes, List.of());
  }

  /** Puts another advice in the place of the one a job acts on, with its pot and its steps. */
  void replan(UUID id, Given given, AdviceRequest.@Nullable Wish wish, String words) {
    Advice now = given.advice();
    Advice before = acting.of(id);
    Pick pick = plans.reserve(id, now);
    int replanned =
        mapper.replan(
            id,
            now.call().action(),
            now.call().urgency(),
            pick.potId(),
            pick.shelfPot(),
            pick.count(),
            written(wish),
            acting.kept(given),
            acting.asked(given),
            now.bookVersion(),
            clock.now(),
            user.id());
    if (replanned == 0) {
      throw new ConflictException("This job is closed and cannot be changed.");
    }
    acting.follow(id, before, now);
    history.log("job", id, words);
  }

  /**
   * @throws StaleException when someone has moved it meanwhile
   */
  @Transactional
  public JobView move(UUID id, int version, DayRequest request) {
    // its steps are laid anew for the day: whoever ticks one at this moment does so before or after
    lock(summary(id).plantId());
    JobSummary job = summary(id);
    checkDay(request.plannedOn(), job.windowFrom(), job.windowTo());
    if (mapper.move(id, version, request.plannedOn(), clock.now(), user.id()) == 0) {
      JobSummary now = summary(id);
      if (!now.status().equals("PLANNED")) {
        throw new ConflictException("This job is closed and cannot be moved.");
      }
      if (now.plannedOn().equals(request.plannedOn())) {
        return of(id);
      }
      throw new StaleException(
          now.version(),
          mapper.changedBy(id),
          List.of(new StaleException.Change("plannedOn", request.plannedOn(), now.plannedOn())));
    }
    acting.workedOn(summary(id), request.plannedOn());
    history.log("job", id, "Moved from " + job.plannedOn() + " to " + request.plannedOn());
    events.publishEvent(new JobChanged(job.plantId()));
    return of(id);
  }

  /** Ticks a step, or takes the tick back; the same tick twice does nothing twice. */
  @Transactional
  public void tick(UUID id, int position, TickRequest request) {
    JobSummary job = open(id);
    // whoever finishes or drops it at this moment does so before or after, not in between
    lock(job.plantId());
    open(id);
    int ticked =
        mapper.tick(
            id, position, request.tickedAt(), request.tickedAt() == null ? null : user.id());
    if (ticked == 0) {
      throw new NotFoundException("The job has no such step.");
    }
  }

  /** Takes a planned job off the plan; its pot is free again. It stays on record. */
  @Transactional
  public JobView drop(UUID id) {
    JobSummary job = summary(id);
    if (job.status().equals("DROPPED")) {
      return of(id);
    }
    lock(job.plantId());
    if (summary(id).status().equals("DROPPED")) {
      return of(id);
    }
    open(id);
    if (mapper.close(id, "DROPPED", null, null, null, clock.now(), user.id()) == 0) {
      if (summary(id).status().equals("DROPPED")) {
        return of(id);
      }
      throw new ConflictException("This job was done at the same moment and cannot be dropped.");
    }
    history.log("job", id, "Dropped");
    events.publishEvent(new JobChanged(job.plantId()));
    return of(id);
  }

  /** The open job of a plant that has left care is dropped; it stays on record. */
  @EventListener
  public void onRetired(PlantRetired retired) {
    for (JobSummary job : mapper.openOf(List.of(retired.plantId()))) {
      if (mapper.close(job.id(), "DROPPED", null, null, null, clock.now(), user.id()) > 0) {
        history.log("job", job.id(), "Dropped: the plant was retired");
      }
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
    return view(id, List.of(), List.of());
  }

  JobView view(UUID id, List<Differences.Difference> changes, List<String> why) {
    JobSummary job = summary(id);
    JobMapper.Extras extras = mapper.extras(id);
    Advice advice = acting.of(id);
    return new JobView(
        job,
        advice,
        wishOf(extras),
        job.status().equals("PLANNED") && plans.toOrder(job),
        extras.front(),
        extras.angleDegrees(),
        acting.views(id, advice),
        mapper.found(id).stream()
            .map(found -> new FoundView(found.code(), found.state(), found.grade(), found.value()))
            .toList(),
        photos.ofJob(id),
        changes,
        why);
  }

  AdviceRequest.@Nullable Wish wishOf(JobMapper.Extras extras) {
    return extras.wish() == null ? null : json.readValue(extras.wish(), AdviceRequest.Wish.class);
  }

  JobSummary open(UUID id) {
    JobSummary job = summary(id);
    if (!job.status().equals("PLANNED")) {
      throw new ConflictException("This job is closed and cannot be changed.");
    }
    return job;
  }

  JobSummary summary(UUID id) {
    JobSummary job = mapper.summary(id);
    if (job == null) {
      throw new NotFoundException("There is no such job.");
    }
    return job;
  }
}
