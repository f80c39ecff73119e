package happysaucer.server.job;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Differences;
import happysaucer.core.casefile.Wish;
import happysaucer.core.sign.SignCode;
import happysaucer.server.advice.AdviceService;
import happysaucer.server.advice.BenchAdvice;
import happysaucer.server.advice.Books;
import happysaucer.server.advice.PlantTouched;
import happysaucer.server.advice.StoredPlant;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.job.JobMapper.FoundRow;
import happysaucer.server.job.Jobs.JobView;
import happysaucer.server.job.Jobs.Offspring;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.StaleException;
import happysaucer.server.shelf.Shelf;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The work itself: what is found with the plant out of its pot, and what is done in the end. */
@Service
public class Bench {
  /** Work may be entered late, but aftercare that is long over helps nobody. */
  private static final int MOST_LATE_DAYS = 60;

  private static final Set<String> BREAKS_THE_POT = Set.of("BREAK_OUT");

  private final JobMapper mapper;
  private final Jobs jobs;
  private final Plans plans;
  private final JobAdvice acting;
  private final AdviceService advice;
  private final Shelf shelf;
  private final Books books;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final ApplicationEventPublisher events;

  Bench(
      JobMapper mapper,
      Jobs jobs,
      Plans plans,
      JobAdvice acting,
      AdviceService advice,
      Shelf shelf,
      Books books,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      ApplicationEventPublisher events) {
    this.mapper = mapper;
    this.jobs = jobs;
    this.plans = plans;
    this.acting = acting;
    this.advice = advice;
    this.shelf = shelf;
    this.books = books;
    this.history = history;
    this.clock = clock;
    this.user = user;
    this.events = events;
  }

  /**
   * @param ball as measured out of its pot, mm
   */
  public record FoundRequest(
      @NotNull(message = "Send the signs found, or an empty list.") List<AdviceRequest.Sign> signs,
      AdviceRequest.@Nullable Ball ball) {}

  /**
   * @param confirmed somebody who knows the risk confirms that more than a third of the roots goes
   */
  public record BreakOutRequest(
      @NotNull(message = "Say PLANT or POT.") Wish.BreakOut kept, @Nullable Boolean confirmed) {}

  /** How a trained tree is set. */
  public record SettingRequest(
      @Nullable @Size(max = 200, message = "At most 200 letters.") String front,
      @Nullable
          @DecimalMin(value = "-60", message = "Must be at least -60 degrees.")
          @DecimalMax(value = "60", message = "Must be at most 60 degrees.")
          Double angleDegrees) {}

  public enum OldPot {
    SHELF,
    WASTE,
    CLIENT
  }

  /**
   * @param oldPot where the pot it stood in goes; null when nobody says, or it stays in use
   * @param minutes the work took
   * @param offspring plants that came of it
   */
  public record DoneRequest(
      @NotNull(message = "Give the day.") LocalDate doneOn,
      @Nullable OldPot oldPot,
      @Nullable
          @Min(value = 1, message = "Must be at least 1.")
          @Max(value = 1440, message = "Must be at most a day.")
          Integer minutes,
      @Nullable @Size(max = 40, message = "At most 40 at once.") List<Offspring> offspring) {
    public static DoneRequest on(LocalDate day) {
      return new DoneRequest(day, null, null, null);
    }
  }

  /**
   * What was found with the plant out of its pot outranks what was expected: plans again.
   *
   * @param version of the job that was looked at; null takes the place of whatever is recorded
   * @throws StaleException when someone else has recorded or planned something meanwhile
   */
  @Transactional
  public JobView found(UUID id, @Nullable Integer version, FoundRequest request) {
    JobSummary job = jobs.open(id);
    mapper.lockPlant(job.plantId());
    int now = jobs.open(id).version();
    if (version != null && version != now) {
      if (request.ball() == null && rows(request.signs()).equals(mapper.found(id))) {
        // the same sent again over a bad line
        return jobs.of(id);
      }
      throw new StaleException(now, mapper.changedBy(id), both(id, request.signs()));
    }
    Advice before = acting.of(id);
    AdviceRequest.Wish wish = jobs.wishOf(mapper.extras(id));
    if (request.ball() != null) {
      checkBall(job.plantId(), request.ball());
      events.publishEvent(new BallMeasured(job.plantId(), request.ball(), clock.today()));
    }
    // what is sent is all that was found: nothing of an earlier look counts beside it
    mapper.clearFound(id);
    Plans.Found found = plans.found(job, before, request.signs(), wish);
    store(id, request.signs());
    mapper.touch(id, clock.now(), user.id());
    events.publishEvent(PlantTouched.of(job.plantId()));
    return again(id, before, wish, found);
  }

  private JobView again(
      UUID id, Advice before, AdviceRequest.@Nullable Wish wish, Plans.Found found) {
    List<Differences.Difference> changes = Plans.changes(before, found.advice(), user.units());
    if (!changes.isEmpty() || !Objects.equals(wish, found.wish())) {
      jobs.replan(id, found.given(), found.wish(), words(changes));
    }
    return jobs.view(id, changes, changes.isEmpty() ? List.of() : Plans.why(found, before));
  }

  /**
   * What the owner keeps of a plant whose pot holds it by its mouth: settled at the bench, the plan
   * follows.
   */
  @Transactional
  public JobView breakOut(UUID id, BreakOutRequest request) {
    JobSummary job = jobs.open(id);
    mapper.lockPlant(job.plantId());
    job = jobs.open(id);
    Advice before = acting.of(id);
    if (!BREAKS_THE_POT.contains(before.call().action())) {
      throw InputException.of(
          "kept", "Its pot lets it out: there is nothing to choose.", request.kept());
    }
    AdviceRequest.Wish wish = jobs.wishOf(mapper.extras(id));
    AdviceRequest.Wish settled =
        Objects.requireNonNullElse(wish, AdviceRequest.Wish.NONE)
            .withBreakOut(request.kept().name());
    Plans.Found found = plans.found(job, before, List.of(), settled);
    Plans.confirmed(found.advice(), request.confirmed());
    history.log("job", id, "The owner keeps the " + request.kept().name().toLowerCase(Locale.ROOT));
    return again(id, before, wish, found);
  }

  private List<StaleException.Change> both(UUID id, List<AdviceRequest.Sign> mine) {
    return List.of(
        new StaleException.Change(
            "found",
            labels(mine.stream().map(AdviceRequest.Sign::code)),
            labels(mapper.found(id).stream().map(FoundRow::code))));
  }

  /** Signs by the words that a person knows them by. */
  private String labels(Stream<@Nullable String> codes) {
    Set<String> known = codes.filter(Objects::nonNull).collect(Collectors.toSet());
    return Stream.of(SignCode.values())
        .filter(code -> known.contains(code.name()))
        .map(code -> books.team().book().signs().get(code).label())
        .collect(Collectors.joining(", "));
  }

  /** A ball that cannot have been in this pot is refused at its measure. */
  private void checkBall(UUID plant, AdviceRequest.Ball ball) {
    List<happysaucer.core.advice.Fault> faults = advice.ballFaults(plant, ball);
    if (!faults.isEmpty()) {
      throw new InputException(faults);
    }
  }

  private void store(UUID id, List<AdviceRequest.Sign> signs) {
    List<FoundRow> found = rows(signs);
    if (!found.isEmpty()) {
      mapper.addFound(id, found, clock.today(), clock.now());
    }
  }

  /** What is kept of what was sent, in the order it is kept in. */
  private static List<FoundRow> rows(List<AdviceRequest.Sign> signs) {
    return signs.stream()
        .map(
            sign ->
                new FoundRow(
                    Objects.toString(sign.code(), ""),
                    sign.state() == null ? "PRESENT" : sign.state(),
                    sign.grade(),
                    sign.value()))
        .filter(sign -> !sign.state().equals("NOT_CHECKED"))
        .sorted(Comparator.comparing(FoundRow::code))
        .toList();
  }

  private static String words(List<Differences.Difference> changes) {
    return String.join(
        "; ",
        changes.stream()
            .map(change -> change.what() + ": " + change.before() + " -> " + change.after())
            .toList());
  }

  /** Front and angle of a trained tree, as they were set. */
  @Transactional
  public JobView setting(UUID id, SettingRequest request) {
    mapper.lockPlant(jobs.open(id).plantId());
    jobs.open(id);
    String front = request.front() == null ? null : request.front().trim();
    mapper.setting(id, front, request.angleDegrees(), clock.now(), user.id());
    history.log("job", id, "Front: " + front + ", angle: " + request.angleDegrees());
    return jobs.of(id);
  }

  /** Closes the job; plants and aftercare hear of it in the same transaction. */
  @Transactional
  public JobView done(UUID id, DoneRequest request) {
    JobSummary job = jobs.summary(id);
    mapper.lockPlant(job.plantId());
    job = jobs.summary(id);
    if (job.status().equals("DONE")) {
      return jobs.of(id);
    }
    checkDay(request.doneOn());
    Advice acted = acting.workedOn(job, request.doneOn());
    boolean repotted = acted.repot() != null;
    boolean moved = repotted && job.potId() != null && !job.potId().equals(BenchAdvice.CURRENT);
    String oldPot = moved ? oldPot(job, acted, request.oldPot()) : null;
    if (mapper.close(
            id, "DONE", request.doneOn(), oldPot, request.minutes(), clock.now(), user.id())
        == 0) {
      throw new ConflictException("This job is closed already.");
    }
    if (moved && job.shelfPotId() != null) {
      shelf.takeOut(job.shelfPotId(), job.potCount(), "planted with " + job.label());
    }
    if (OldPot.SHELF.name().equals(oldPot)) {
      StoredPlant plant = advice.plant(job.plantId());
      shelf.putBack(plant.pot(), "back from " + job.label());
    }
    if (repotted) {
      events.publishEvent(
          new JobDone(
              id,
              job.plantId(),
              request.doneOn(),
              user.id(),
              acted,
              request.offspring() == null ? List.of() : request.offspring()));
    }
    history.log("job", id, repotted ? done(oldPot, request) : "Put back unrepotted");
    return jobs.of(id);
  }

  private void checkDay(LocalDate on) {
    if (on.isAfter(clock.today())) {
      throw InputException.of("doneOn", "Lies in the future.", on);
    }
    if (on.isBefore(clock.today().minusDays(MOST_LATE_DAYS))) {
      throw InputException.of("doneOn", "Lies more than " + MOST_LATE_DAYS + " days back.", on);
    }
  }

  /** A pot that was broken to get the plant out cannot go back on the shelf. */
  private @Nullable String oldPot(JobSummary job, Advice acted, @Nullable OldPot said) {
    AdviceRequest.Wish wish = jobs.wishOf(mapper.extras(job.id()));
    boolean potKept = wish != null && "POT".equals(wish.breakOut());
    boolean broken = BREAKS_THE_POT.contains(acted.call().action()) && !potKept;
    if (said == OldPot.SHELF && broken) {
      throw InputException.of(
          "oldPot", "The pot was broken to free the plant. Say waste, or the client's.", said);
    }
    return said == null ? null : said.name();
  }

  private static String done(@Nullable String oldPot, DoneRequest request) {
    return "Done"
        + (request.minutes() == null ? "" : " in " + request.minutes() + " minutes")
        + (oldPot == null ? "" : "; old pot: " + oldPot.toLowerCase(Locale.ROOT));
  }
}
