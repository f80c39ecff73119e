package happysaucer.server.season;

import happysaucer.core.unit.Message;
import happysaucer.core.unit.Units;
import happysaucer.core.unit.Wording;
import happysaucer.core.work.JobKind;
import happysaucer.core.work.WorkAsked;
import happysaucer.server.aftercare.Aftercares;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.job.Jobs;
import happysaucer.server.order.Orders;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What a person adds to a season, says of its jobs, takes out, and does on a day. */
@Component
class SeasonHand {
  private static final int COLLECT_MINUTES = 15;

  /** On the bench within so many days of being fetched, and back within so many of the work. */
  private static final int BENCH_DAYS = 3;

  private static final int RETURN_DAYS = 7;
  private static final int MOST_DAYS = 365;

  private final SeasonJobMapper rows;
  private final Jobs repots;
  private final Aftercares aftercares;
  private final Orders orders;
  private final ChangeLog history;
  private final TeamClock clock;

  SeasonHand(
      SeasonJobMapper rows,
      Jobs repots,
      Aftercares aftercares,
      Orders orders,
      ChangeLog history,
      TeamClock clock) {
    this.rows = rows;
    this.repots = repots;
    this.aftercares = aftercares;
    this.orders = orders;
    this.history = history;
    this.clock = clock;
  }

  record HandRequest(
      @NotNull(message = "Say which plant.") UUID plantId,
      @NotNull(message = "Say what is to be done.") JobKind kind,
      @NotNull(message = "Give the first day.") LocalDate fromOn,
      @NotNull(message = "Give the last day.") LocalDate toOn,
      @NotNull(message = "Give the minutes.")
          @Min(value = 1, message = "1 to 480 minutes.")
          @Max(value = 480, message = "1 to 480 minutes.")
          Integer minutes,
      @NotNull(message = "Say how many people it takes.")
          @Min(value = 1, message = "1 or 2.")
          @Max(value = 2, message = "1 or 2.")
          Integer people,
      @NotBlank(message = "Say why, for whoever does it.")
          @Size(max = 400, message = "At most 400 letters.")
          String why) {}

  /** Adds a job that nothing but a person asks for. */
  @Transactional
  public void add(UUID id, HandRequest request) {
    if (request.toOn().isBefore(request.fromOn())) {
      throw InputException.of(
          "toOn", "It ends before it begins. Give a later day.", request.toOn());
    }
    if (request.toOn().isBefore(clock.today())) {
      throw InputException.of("toOn", "These days are over. Give a later one.", request.toOn());
    }
    if (rows.plants(Set.of(request.plantId())).isEmpty()) {
      throw InputException.of("plantId", "There is no such plant.", request.plantId());
    }
    if (!history.firstTime(id, request)) {
      return;
    }
    SeasonJobRow row = new SeasonJobRow();
    row.id = id;
    row.plantId = request.plantId();
    row.workKey = "HAND_" + id;
    row.kind = request.kind();
    row.urgency = "THIS_WINDOW";
    row.source = JobSource.HAND;
    row.fromOn = request.fromOn();
    row.toOn = request.toOn();
    row.idealOn =
        request.fromOn().plusDays(ChronoUnit.DAYS.between(request.fromOn(), request.toOn()) / 2);
    row.minutes = request.minutes();
    row.minutesRuled = request.minutes();
    row.people = request.people();
    row.why =
        new Wording(Units.METRIC).say(Message.written(request.why().trim(), request.why().trim()));
    rows.store(List.of(row), clock.now());
    history.log("season_job", id, "Added by hand: " + request.why());
  }

  /**
   * @param bench on the bench of the workshop, fetched and brought back
   * @param materialOn the day on which its pot comes; null where nobody knows
   * @param materialNever its pot does not come
   * @param orderId with which its pot comes; its day is that of the order
   */
  record FactsRequest(
      @NotNull(message = "Say whether it is done on the bench.") Boolean bench,
      @Nullable LocalDate materialOn,
      @NotNull(message = "Say whether its pot comes.") Boolean materialNever,
      @Nullable UUID orderId) {}

  @Transactional
  public void say(UUID id, FactsRequest request) {
    SeasonJobRow row = open(id);
    if (request.materialOn() != null
        && request.materialOn().isAfter(clock.today().plusDays(MOST_DAYS))) {
      throw InputException.of(
          "materialOn", "That is more than a year ahead.", request.materialOn());
    }
    List<SeasonJobRow> changed = new ArrayList<>();
    row.materialOn = request.materialNever() ? null : request.materialOn();
    row.materialNever = request.materialNever();
    row.orderId = null;
    if (request.orderId() != null && !request.materialNever()) {
      Orders.OrderView order =
          orders
              .of(request.orderId())
              .orElseThrow(
                  () ->
                      InputException.of(
                          "orderId",
                          "This order has ended. Choose another, or give a day.",
                          request.orderId()));
      row.orderId = order.id();
      row.materialOn = order.dueOn();
    }
    boolean onBench = row.place == JobPlace.BENCH;
    SeasonJobRow back = null;
    if (request.bench() && !onBench) {
      back = toBench(row, changed);
    } else if (!request.bench() && onBench) {
      toSite(row, changed);
    }
    row.version++;
    // each before what refers to it
    changed.add(row);
    if (back != null) {
      changed.add(back);
    }
    rows.store(changed, clock.now());
    history.log("season_job", id, "Changed: " + request);
  }

  /** Two trips, and the plant away between; answers the way back. */
  private static SeasonJobRow toBench(SeasonJobRow row, List<SeasonJobRow> changed) {
    if (!row.workKey.equals(WorkAsked.REPOT)) {
      throw new ConflictException("Only repots and treatments are taken to the bench.");
    }
    SeasonJobRow collect = trip(row, JobPlace.COLLECT);
    collect.fromOn = row.fromOn;
    collect.toOn = row.toOn;
    collect.idealOn = row.idealOn;
    SeasonJobRow back = trip(row, JobPlace.RETURN);
    back.afterId = row.id;
    back.afterFrom = 1;
    back.afterTo = RETURN_DAYS;
    back.fromOn = row.fromOn.plusDays(1);
    back.toOn = row.toOn.plusDays(BENCH_DAYS + RETURN_DAYS);
    back.idealOn = row.idealOn;
    row.place = JobPlace.BENCH;
    row.afterId = collect.id;
    row.afterFrom = 0;
    row.afterTo = BENCH_DAYS;
    row.toOn = row.toOn.plusDays(BENCH_DAYS);
    if (row.jobId == null) {
      row.unplan();
    }
    changed.add(collect);
    return back;
  }

  private static SeasonJobRow trip(SeasonJobRow row, JobPlace place) {
    SeasonJobRow trip = new SeasonJobRow();
    trip.plantId = row.plantId;
    trip.workKey = row.workKey + ":" + place;
    trip.kind = row.kind;
    trip.place = place;
    trip.action = row.action;
    trip.urgency = row.urgency;
    trip.source = row.source;
    trip.minutes = COLLECT_MINUTES;
    trip.minutesRuled = COLLECT_MINUTES;
    trip.people = row.people;
    trip.litres = row.litres;
    trip.grams = row.grams;
    trip.why = row.why;
    return trip;
  }

  private void toSite(SeasonJobRow row, List<SeasonJobRow> changed) {
    for (SeasonJobRow other : rows.ofPlants(List.of(row.plantId), clock.now())) {
      if (other.workKey.equals(row.workKey + ":" + JobPlace.COLLECT)
          || other.workKey.equals(row.workKey + ":" + JobPlace.RETURN)) {
        other.status = JobStatus.ENDED;
        other.note = "It is done on site.";
        other.version++;
        changed.add(other);
      }
    }
    row.place = JobPlace.SITE;
    row.afterId = null;
    row.afterFrom = null;
    row.afterTo = null;
    row.toOn = row.toOn.minusDays(BENCH_DAYS);
    if (row.jobId == null) {
      row.unplan();
    }
  }

  record DropRequest(
      @NotBlank(message = "Say why it is not to be done.")
          @Size(max = 400, message = "At most 400 letters.")
          String why) {}

  /** Takes a job out of the season; a repot that has its pot is dropped with it. */
  @Transactional
  public void drop(UUID id, DropRequest request) {
    rows.lockPlantsOf(List.of(id));
    SeasonJobRow row = rows.locked(id);
    if (row == null) {
      throw new NotFoundException("There is no such job.");
    }
    if (!row.open()) {
      return;
    }
    UUID repot = row.jobId;
    List<SeasonJobRow> changed = new ArrayList<>();
    for (SeasonJobRow other : rows.ofPlants(List.of(row.plantId), clock.now())) {
      if (row.id.equals(other.afterId)) {
        other.status = JobStatus.ENDED;
        other.note = "What it follows was taken out.";
        other.version++;
        changed.add(other);
      }
    }
    row.status = JobStatus.DROPPED;
    row.note = request.why().trim();
    row.jobId = null;
    row.version++;
    changed.add(row);
    rows.store(changed, clock.now());
    history.log("season_job", id, "Taken out: " + request.why());
    if (repot != null) {
      repots.drop(repot);
    }
  }

  /**
   * @param minutes it took; null where nobody looked at the clock
   */
  record SeasonDoneRequest(
      @NotNull(message = "Give the day.") LocalDate doneOn,
      @Nullable
          @Min(value = 1, message = "1 to 600 minutes.")
          @Max(value = 600, message = "1 to 600 minutes.")
          Integer minutes) {}

  /** A job that has no bench sheet of its own is done. */
  @Transactional
  public void done(UUID id, SeasonDoneRequest request) {
    SeasonJobRow row = rows.locked(id);
    if (row == null) {
      throw new NotFoundException("There is no such job.");
    }
    if (row.status == JobStatus.DONE) {
      return;
    }
    if (row.jobId != null && row.place != JobPlace.COLLECT && row.place != JobPlace.RETURN) {
      throw new ConflictException("It has a bench sheet. Finish it there.");
    }
    if (request.doneOn().isAfter(clock.today())) {
      throw InputException.of("doneOn", "That day has not come yet.", request.doneOn());
    }
    row.status = JobStatus.DONE;
    row.doneOn = request.doneOn();
    row.taken = request.minutes();
    row.version++;
    rows.store(List.of(row), clock.now());
    history.log("season_job", id, "Done");
    if (row.aftercareStepId != null) {
      aftercares.done(row.aftercareStepId, new Aftercares.CareDoneRequest(request.doneOn()));
    }
  }

  record SkipRequest(
      @NotBlank(message = "Say why it was not done.")
          @Size(max = 400, message = "At most 400 letters.")
          String why) {}

  /** What was not done on its day goes back to the plan, with its reason. */
  @Transactional
  public void skip(UUID id, SkipRequest request) {
    SeasonJobRow row = open(id);
    String was =
        row.plannedOn == null ? "" : "Not done on " + SeasonWords.day(row.plannedOn) + ": ";
    row.note = was + request.why().trim();
    if (row.jobId == null) {
      row.unplan();
    } else {
      // it keeps its pot; it has a day as long as the plan has not given it another
      row.leadId = null;
      row.helperId = null;
      row.pinned = false;
      row.sequence++;
    }
    row.version++;
    rows.store(List.of(row), clock.now());
    history.log("season_job", id, row.note);
  }

  record EndDayRequest(
      @NotNull(message = "Give the day.") LocalDate on,
      @NotNull(message = "Send the reason, empty where nothing is left.")
          @Size(max = 400, message = "At most 400 letters.")
          String why) {}

  /**
   * @param left jobs that went back to the plan
   */
  record DayEnded(int left) {}

  /** Ends a crew's day: whatever is open on it goes back to the plan with the reason. */
  @Transactional
  public DayEnded endDay(UUID crew, EndDayRequest request) {
    if (request.on().isAfter(clock.today())) {
      throw InputException.of("on", "That day has not come yet.", request.on());
    }
    List<SeasonJobRow> left =
        rows.planned(request.on(), request.on(), Seasons.MOST_JOBS).stream()
            .filter(row -> row.open() && crew.equals(row.leadId))
            .toList();
    if (!left.isEmpty() && request.why().isBlank()) {
      throw InputException.of(
          "why", "Say why " + left.size() + " jobs are left, for whoever plans them.", null);
    }
    left.forEach(row -> skip(row.id, new SkipRequest(request.why())));
    return new DayEnded(left.size());
  }

  private SeasonJobRow open(UUID id) {
    SeasonJobRow row = rows.locked(id);
    if (row == null || !row.open()) {
      throw new NotFoundException("There is no such job any more. Look at the plan again.");
    }
    return row;
  }
}
