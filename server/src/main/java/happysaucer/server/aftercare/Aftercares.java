package happysaucer.server.aftercare;

import happysaucer.core.advice.Advice;
import happysaucer.core.aftercare.Aftercare;
import happysaucer.core.aftercare.Telling;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Pouring;
import happysaucer.core.unit.Said;
import happysaucer.core.unit.Wording;
import happysaucer.server.advice.AdviceJson;
import happysaucer.server.aftercare.AftercareMapper.CareRow;
import happysaucer.server.aftercare.AftercareMapper.NewStep;
import happysaucer.server.aftercare.AftercareMapper.StepRow;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.job.JobDone;
import happysaucer.server.job.JobSummary;
import happysaucer.server.job.Jobs;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.settings.Settings;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
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

  private static final int MOVED_MOST = 120;
  private static final String CARD_DONE = "card.done.";

  private final AftercareMapper mapper;
  private final Jobs jobs;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final AdviceJson json;
  private final ApplicationEventPublisher events;
  private final Settings settings;

  Aftercares(
      AftercareMapper mapper,
      Jobs jobs,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      AdviceJson json,
      ApplicationEventPublisher events,
      Settings settings) {
    this.settings = settings;
    this.json = json;
    this.events = events;
    this.mapper = mapper;
    this.jobs = jobs;
    this.history = history;
    this.clock = clock;
    this.user = user;
  }

  /**
   * @param normal to see while it runs
   * @param alarming to see
   * @param then what to do about that
   * @param skippedWhy why it was left out; null where it was not
   * @param wasFrom its first day before it was moved; null where it was not
   */
  public record CareView(
      UUID id,
      UUID jobId,
      UUID plantId,
      LocalDate fromOn,
      LocalDate toOn,
      String kind,
      String who,
      Said text,
      Said normal,
      Said alarming,
      Said then,
      @Nullable LocalDate doneOn,
      @Nullable String skippedWhy,
      @Nullable LocalDate wasFrom) {
    /** Neither done nor left out. */
    public boolean open() {
      return doneOn == null && skippedWhy == null;
    }
  }

  public record WeekView(int week, LocalDate fromOn, @Nullable Double everyDays, double litres) {}

  public record AftercareView(UUID jobId, List<CareView> steps, List<WeekView> weeks) {}

  /**
   * @param doneOn null takes it back
   */
  public record CareDoneRequest(@Nullable LocalDate doneOn) {}

  /**
   * What whoever waters is given.
   *
   * @param what was done, in one sentence
   * @param before how it dried before the repot
   * @param firstWaterOn as planned
   * @param pours the weeks' amounts in what caretakers pour with, those alike in one
   */
  public record Card(
      JobSummary job,
      LocalDate doneOn,
      Said what,
      LocalDate firstWaterOn,
      Advice.@Nullable Drying before,
      Advice.@Nullable Drying settled,
      List<CareView> steps,
      List<WeekView> weeks,
      List<PourFrom> pours,
      List<Advice.Coded> cautions,
      List<LocalDate> nextVisits) {}

  /**
   * @param words as "one can and a half"
   */
  public record PourFrom(LocalDate fromOn, String words) {}

  private List<PourFrom> pours(List<WeekView> weeks) {
    List<Pouring.Measure> measures = settings.pouring();
    List<PourFrom> pours = new ArrayList<>();
    for (WeekView week : weeks) {
      Pouring.words(week.litres(), measures)
          .filter(words -> pours.isEmpty() || !pours.get(pours.size() - 1).words().equals(words))
          .ifPresent(words -> pours.add(new PourFrom(week.fromOn(), words)));
    }
    return pours;
  }

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

  /** Steps of these jobs in their order, by job. */
  Map<UUID, List<CareView>> ofJobs(Collection<UUID> ids) {
    Map<UUID, List<CareView>> steps = new HashMap<>();
    mapper
        .ofJobs(ids)
        .forEach(row -> steps.computeIfAbsent(row.jobId(), id -> new ArrayList<>()).add(view(row)));
    return steps;
  }

  private CareView view(CareRow row) {
    Said text = json.said(row.said(), user.units());
    Wording wording = new Wording(user.units());
    Telling telling = Telling.of(Aftercare.Kind.valueOf(row.kind()), text.message().key());
    return new CareView(
        row.id(),
        row.jobId(),
        row.plantId(),
        row.fromOn(),
        row.toOn(),
        row.kind(),
        row.who(),
        text,
        wording.say(telling.normal()),
        wording.say(telling.alarming()),
        wording.say(telling.then()),
        row.doneOn(),
        row.skippedWhy(),
        row.wasFrom());
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
    StepRow row = locked(step);
    UUID who = request.doneOn() == null ? null : user.id();
    mapper.done(step, request.doneOn(), who);
    history.log("aftercare_step", step, request.doneOn() == null ? "Opened again" : "Done");
    events.publishEvent(new CareTicked(row.plantId(), step, request.doneOn(), null));
  }

  /**
   * @param why null takes it back
   */
  public record CareSkipRequest(
      @Nullable @Size(max = 400, message = "At most 400 letters.") String why) {}

  /** Leaves a step out, with the reason. */
  @Transactional
  public void skip(UUID step, CareSkipRequest request) {
    StepRow row = locked(step);
    String why = request.why() == null ? null : request.why().trim();
    if (why != null && why.isEmpty()) {
      throw InputException.of("why", "Say why, for whoever looks for it.", request.why());
    }
    mapper.skip(step, why);
    history.log("aftercare_step", step, why == null ? "Opened again" : "Left out: " + why);
    events.publishEvent(new CareTicked(row.plantId(), step, null, why));
  }

  /**
   * @param fromOn its new first day; the last one moves with it
   */
  public record CareMoveRequest(@NotNull(message = "Give the first day.") LocalDate fromOn) {}

  /** Gives a step other days. */
  @Transactional
  public void move(UUID step, CareMoveRequest request) {
    StepRow row = locked(step);
    if (row.doneOn() != null || row.skippedWhy() != null) {
      throw new ConflictException("This step is closed. Open it again first.");
    }
    if (request.fromOn().isBefore(row.workedOn())
        || request.fromOn().isAfter(row.workedOn().plusDays(MOVED_MOST))) {
      throw InputException.of(
          "fromOn", "Give a day within " + MOVED_MOST + " days of the work.", request.fromOn());
    }
    long days = ChronoUnit.DAYS.between(row.fromOn(), row.toOn());
    mapper.move(step, request.fromOn(), request.fromOn().plusDays(days));
    history.log("aftercare_step", step, "Moved to " + request.fromOn());
    events.publishEvent(new CareTicked(row.plantId(), step, null, null));
  }

  private StepRow locked(UUID step) {
    StepRow row = mapper.locked(step);
    if (row == null) {
      throw new NotFoundException("There is no such step of aftercare.");
    }
    return row;
  }

  public Card card(UUID job) {
    Jobs.JobView view = jobs.of(job);
    if (view.job().doneOn() == null) {
      throw new ConflictException("The card is made when the job is done.");
    }
    AftercareView care = ofJob(job);
    Advice.Repot plan = view.advice().repot();
    LocalDate today = clock.today();
    return new Card(
        view.job(),
        view.job().doneOn(),
        new Wording(user.units()).say(Message.of(CARD_DONE + view.job().action())),
        plan == null || plan.waterIn() == null ? view.job().doneOn() : plan.waterIn().on(),
        view.advice().water().before(),
        view.advice().water().settled(),
        care.steps(),
        care.weeks(),
        pours(care.weeks()),
        view.advice().cautions().stream()
            .filter(c -> List.of("SAP", "POISONOUS", "SPINES", "SUN").contains(c.code()))
            .toList(),
        care.steps().stream()
            .filter(step -> step.kind().equals("FOLLOW_UP") && !step.toOn().isBefore(today))
            .map(CareView::fromOn)
            .toList());
  }
}
