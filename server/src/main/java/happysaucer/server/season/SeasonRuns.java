package happysaucer.server.season;

import happysaucer.planner.SeasonPlan;
import happysaucer.planner.SeasonSetup;
import happysaucer.planner.SeasonSetup.At;
import happysaucer.planner.SeasonSetup.Ready;
import happysaucer.planner.SeasonSolver;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.season.RunMapper.RunRow;
import happysaucer.server.season.RunMapper.SlotRow;
import happysaucer.server.season.SeasonPlaces.Placing;
import happysaucer.server.season.Seasons.Season;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.ObjectMapper;

/**
 * Searches for plans, one after the other, in a thread of its own. What has been found is kept
 * every few seconds, so that a stop, and a server that ends, lose nothing.
 */
@Component
class SeasonRuns implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(SeasonRuns.class);
  private static final int NEWEST = 6;
  private static final long KEEP_EVERY_MS = 2000;
  private static final int CHUNK = 200;

  private final RunMapper mapper;
  private final Seasons seasons;
  private final Solved solved;
  private final SeasonPlaces places;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final TransactionTemplate transaction;
  private final ObjectMapper json;
  private final AtomicReference<@Nullable Search> running = new AtomicReference<>();
  private final ExecutorService thread =
      Executors.newSingleThreadExecutor(
          work -> {
            Thread made = new Thread(work, "season");
            made.setDaemon(true);
            made.setPriority(Thread.MIN_PRIORITY);
            return made;
          });
  private volatile boolean closed;

  SeasonRuns(
      RunMapper mapper,
      Seasons seasons,
      Solved solved,
      SeasonPlaces places,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      TransactionTemplate transaction,
      ObjectMapper json) {
    this.mapper = mapper;
    this.seasons = seasons;
    this.solved = solved;
    this.places = places;
    this.history = history;
    this.clock = clock;
    this.user = user;
    this.transaction = transaction;
    this.json = json;
  }

  /** How a plan is searched for. */
  enum Kind {
    /** Everything that nobody pinned may go anywhere. */
    ANEW,
    /** What stands stays, as far as it can. */
    GENTLE,
    /** On a copy in which something is otherwise. */
    WHAT_IF
  }

  /**
   * @param otherwise of a question what if
   */
  record RunRequest(
      @NotNull(message = "Say ANEW, GENTLE or WHAT_IF.") Kind kind,
      @NotNull(message = "Say how many seconds it may search.")
          @Min(value = 1, message = "1 to 600 seconds.")
          @Max(value = 600, message = "1 to 600 seconds.")
          Integer seconds,
      @Nullable @Valid Otherwise otherwise) {}

  /**
   * @param ahead how many searches wait before it
   * @param planned so far, while it runs
   * @param outcome once it has ended
   */
  record RunView(
      UUID id,
      String kind,
      String title,
      String status,
      int seconds,
      long spentMs,
      String who,
      int ahead,
      @Nullable Integer planned,
      @Nullable RunOutcome outcome,
      int version) {}

  /** One search at work. */
  private static final class Search {
    final UUID id;
    final SeasonSolver solver;
    final long startedNanos = System.nanoTime();
    volatile @Nullable SeasonPlan best;
    volatile boolean stopped;

    Search(UUID id, SeasonSolver solver) {
      this.id = id;
      this.solver = solver;
    }

    long spentMs() {
      return Duration.ofNanos(System.nanoTime() - startedNanos).toMillis();
    }
  }

  /** A search that the last server was at when it ended is over; those that waited go on. */
  @EventListener
  void onStart(ApplicationReadyEvent started) {
    for (RunRow run : mapper.unfinished()) {
      if (run.status().equals("RUNNING")) {
        mapper.progress(run.id(), "STOPPED", run.spentMs());
        thread.execute(() -> tellKept(run));
      } else {
        thread.execute(() -> search(run.id()));
      }
    }
  }

  @Transactional
  public RunView begin(UUID id, RunRequest request) {
    if ((request.kind() == Kind.WHAT_IF) != (request.otherwise() != null)) {
      throw InputException.of(
          "otherwise", "Say what is otherwise, and only for a question what if.", null);
    }
    Otherwise otherwise = request.otherwise();
    if (otherwise != null && otherwise.toOn().isBefore(otherwise.fromOn())) {
      throw InputException.of(
          "otherwise.toOn", "It ends before it begins. Give a later day.", otherwise.toOn());
    }
    if (history.firstTime(id, request)) {
      mapper.add(
          id,
          request.kind().name(),
          title(request),
          otherwise == null ? null : json.writeValueAsString(otherwise),
          request.seconds(),
          clock.now(),
          user.id());
      TransactionSynchronizationManager.registerSynchronization(
          new TransactionSynchronization() {
            @Override
            public void afterCommit() {
              thread.execute(() -> search(id));
            }
          });
    }
    return of(id);
  }

  private static String title(RunRequest request) {
    Otherwise otherwise = request.otherwise();
    if (otherwise == null) {
      return request.kind() == Kind.ANEW ? "A plan made anew" : "The plan, mended";
    }
    return otherwise.title();
  }

  private void search(UUID id) {
    RunRow run = mapper.run(id);
    if (closed || run == null || !run.status().equals("WAITING")) {
      return;
    }
    try {
      Season season = seasons.gather();
      boolean gently = run.kind().equals(Kind.GENTLE.name());
      SeasonSetup setup = setup(season, run, gently);
      Ready ready = setup.ready();
      Duration most = Duration.ofSeconds(run.seconds());
      Search search =
          new Search(
              id,
              gently
                  ? SeasonSolver.gently(most)
                  : SeasonSolver.anew(most, season.weights().planned()));
      running.set(search);
      mapper.progress(id, "RUNNING", 0);
      SeasonPlan best = solve(search, ready);
      Map<UUID, At> plan = Solved.plan(ready, best);
      finish(search, season, setup, plan, run);
    } catch (RuntimeException e) {
      LOG.error("The search for a plan failed", e);
      mapper.progress(id, "FAILED", 0);
    } finally {
      running.set(null);
    }
  }

  private SeasonPlan solve(Search search, Ready ready) {
    long[] kept = {0};
    return search.solver.solve(
        ready.plan(),
        better -> {
          search.best = better;
          if (search.spentMs() - kept[0] > KEEP_EVERY_MS && !search.stopped) {
            kept[0] = search.spentMs();
            keep(search, Solved.plan(ready, better), "RUNNING");
          }
        });
  }

  private void keep(Search search, Map<UUID, At> plan, String status) {
    LocalDate first = clock.today();
    transaction.executeWithoutResult(
        work -> {
          if (mapper.progress(search.id, status, search.spentMs()) == 0) {
            return;
          }
          store(search.id, first, plan);
        });
  }

  private void store(UUID run, LocalDate first, Map<UUID, At> plan) {
    List<SlotRow> slots =
        plan.entrySet().stream()
            // hands that are only asked about are nobody's crew
            .filter(each -> !each.getValue().lead().equals(Otherwise.HANDS))
            .map(
                each ->
                    new SlotRow(
                        each.getKey(),
                        first.plusDays(each.getValue().day()),
                        each.getValue().lead(),
                        each.getValue().helper()))
            .filter(slot -> !Otherwise.HANDS.equals(slot.helperId()))
            .toList();
    mapper.clearSlots(run);
    for (int from = 0; from < slots.size(); from += CHUNK) {
      mapper.addSlots(run, slots.subList(from, Math.min(slots.size(), from + CHUNK)));
    }
  }

  private void finish(
      Search search, Season season, SeasonSetup setup, Map<UUID, At> plan, RunRow run) {
    RunOutcome outcome = solved.outcome(season, setup, Solved.laid(setup, plan));
    transaction.executeWithoutResult(
        work -> {
          String status = search.stopped ? "STOPPED" : "DONE";
          if (mapper.progress(run.id(), status, search.spentMs()) > 0) {
            store(run.id(), season.first(), plan);
            mapper.outcome(run.id(), json.writeValueAsString(outcome));
          }
        });
  }

  private SeasonSetup setup(Season season, RunRow run, boolean gently) {
    SeasonSetup setup = seasons.setup(season, gently);
    return run.otherwise() == null
        ? setup
        : json.readValue(run.otherwise(), Otherwise.class).in(season, setup);
  }

  /** Ends a search; what it has found so far can be taken. */
  RunView stop(UUID id) {
    RunRow run = required(id);
    Search search = running.get();
    if (search != null && search.id.equals(id)) {
      search.stopped = true;
      search.solver.stop();
    } else if (run.status().equals("WAITING")) {
      mapper.progress(id, "STOPPED", 0);
    }
    return of(id);
  }

  @Transactional
  public void throwAway(UUID id) {
    required(id);
    stop(id);
    mapper.end(id, "GONE");
  }

  /** What a search found becomes the plan; what has changed meanwhile stays as it is. */
  @Transactional
  public RunView accept(UUID id) {
    RunRow run = required(id);
    if (run.status().equals("ACCEPTED")) {
      return of(id);
    }
    if (run.kind().equals(Kind.WHAT_IF.name())) {
      throw new ConflictException("A question what if is no plan. Set up what it asked, and plan.");
    }
    if (!run.status().equals("DONE") && !run.status().equals("STOPPED")) {
      throw new ConflictException("It still searches. Stop it first, or wait.");
    }
    Map<UUID, SlotRow> slots = new HashMap<>();
    mapper.slots(id).forEach(slot -> slots.put(slot.seasonJobId(), slot));
    if (slots.isEmpty()) {
      throw new ConflictException("It has found nothing yet. Let it search longer.");
    }
    Season season = seasons.gather();
    List<Placing> placings = new ArrayList<>();
    for (SeasonJobRow job : season.jobs()) {
      SlotRow slot = slots.get(job.id);
      if (job.pinned) {
        continue;
      }
      if (slot != null) {
        boolean fits =
            job.held == null
                && !slot.plannedOn().isBefore(season.first())
                && (job.afterId != null
                    || !slot.plannedOn().isBefore(job.fromOn)
                        && !slot.plannedOn().isAfter(job.toOn))
                && season.crew(slot.leadId()) != null;
        if (fits) {
          placings.add(
              new Placing(job.id, slot.plannedOn(), slot.leadId(), slot.helperId(), false));
        }
      } else if (job.plannedOn != null
          && job.jobId == null
          && !job.plannedOn.isBefore(season.first())) {
        placings.add(new Placing(job.id, null, null, null, false));
      }
    }
    places.place(id, placings, run.title() + ": taken");
    mapper.end(id, "ACCEPTED");
    return of(id);
  }

  List<RunView> newest() {
    return mapper.newest(NEWEST).stream().map(this::view).toList();
  }

  RunView of(UUID id) {
    return view(required(id));
  }

  private RunView view(RunRow run) {
    Search search = running.get();
    boolean mine = search != null && search.id.equals(run.id());
    SeasonPlan best = mine ? search.best : null;
    RunOutcome outcome =
        run.outcome() == null ? null : json.readValue(run.outcome(), RunOutcome.class);
    return new RunView(
        run.id(),
        run.kind(),
        run.title(),
        run.status(),
        run.seconds(),
        mine ? search.spentMs() : run.spentMs(),
        run.who(),
        run.status().equals("WAITING") ? ahead(run) : 0,
        best == null
            ? null
            : (int) best.jobs().stream().filter(job -> job.getSlot() != null).count(),
        outcome,
        run.version());
  }

  /** Of a search that the end of a server cut off: from what it had kept. */
  private void tellKept(RunRow run) {
    List<SlotRow> slots = mapper.slots(run.id());
    if (closed || slots.isEmpty()) {
      return;
    }
    Season season = seasons.gather();
    SeasonSetup setup = setup(season, run, false);
    Map<UUID, At> plan = new HashMap<>();
    for (SlotRow slot : slots) {
      plan.put(
          slot.seasonJobId(), new At(season.day(slot.plannedOn()), slot.leadId(), slot.helperId()));
    }
    RunOutcome outcome = solved.outcome(season, setup, Solved.laid(setup, plan));
    mapper.outcome(run.id(), json.writeValueAsString(outcome));
  }

  private int ahead(RunRow run) {
    return (int)
        mapper.unfinished().stream().filter(other -> other.number() < run.number()).count();
  }

  private RunRow required(UUID id) {
    RunRow run = mapper.run(id);
    if (run == null || run.status().equals("GONE")) {
      throw new NotFoundException("There is no such search. It may have been thrown away.");
    }
    return run;
  }

  /** What has been found is kept before the server ends. */
  @Override
  public void destroy() throws InterruptedException {
    closed = true;
    Search search = running.get();
    if (search != null) {
      search.stopped = true;
      search.solver.stop();
    }
    thread.shutdown();
    if (!thread.awaitTermination(5, TimeUnit.SECONDS)) {
      LOG.warn("A search for a plan did not end in time; what it kept last stands");
    }
  }
}
