package happysaucer.server.advice;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.Advise;
import happysaucer.core.advice.Kept;
import happysaucer.core.round.Saucer;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.PlantCases.Gathered;
import happysaucer.server.clock.TeamClock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * What lists show of each plant, stored so that thousands can be searched by it. A plant that
 * changes is made anew in the same transaction; all of them, in the background, when the day, the
 * book or the method has changed.
 */
@Component
public class Glances implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(Glances.class);
  private static final int BATCH = 100;

  /** To find those that are behind, all are looked through: once for so many. */
  private static final int AT_ONCE = 5000;

  private static final int MOST_REASON = 600;

  private final GlanceMapper mapper;
  private final PlantCases cases;
  private final CaseMapper caseMapper;
  private final Books books;
  private final TeamClock clock;
  private final TransactionTemplate transaction;
  private final ApplicationEventPublisher events;
  private final AtomicBoolean sweeping = new AtomicBoolean();
  private final ExecutorService background =
      Executors.newSingleThreadExecutor(
          work -> {
            Thread thread = new Thread(work, "glances");
            thread.setDaemon(true);
            return thread;
          });
  private volatile boolean closed;

  /** Day and basis with which no plant is behind; whatever is touched since is made at once. */
  private volatile String upToDateWith = "";

  Glances(
      GlanceMapper mapper,
      PlantCases cases,
      CaseMapper caseMapper,
      Books books,
      TeamClock clock,
      TransactionTemplate transaction,
      ApplicationEventPublisher events) {
    this.events = events;
    this.mapper = mapper;
    this.cases = cases;
    this.caseMapper = caseMapper;
    this.books = books;
    this.clock = clock;
    this.transaction = transaction;
  }

  static PlantGlance of(Gathered gathered, Advise rules, LocalDate today) {
    Kept kept = rules.kept(gathered.request(today, Units.METRIC));
    Advise.Glance glance = rules.glance(kept);
    return new PlantGlance(
        gathered.plant(),
        glance.call(),
        glance.forecast(),
        Saucer.of(glance.call()),
        waterLeft(gathered, rules, kept),
        glance.leftOut());
  }

  /** Where its waterings are on record: three in three years tell nothing of the last one. */
  static @Nullable Double waterLeft(Gathered gathered, Advise rules, Kept kept) {
    return gathered.watering() == null
        ? null
        : gathered.daysSinceWatering().map(days -> rules.waterLeft(kept, days)).orElse(null);
  }

  @EventListener
  void onTouched(PlantTouched touched) {
    List<UUID> plants = List.copyOf(touched.plants());
    for (int from = 0; from < plants.size(); from += BATCH) {
      refresh(plants.subList(from, Math.min(plants.size(), from + BATCH)));
    }
  }

  @EventListener
  void onStart(ApplicationReadyEvent started) {
    bringUpToDate();
  }

  private String basis() {
    return books.team().book().version() + "/" + caseMapper.methodVersion();
  }

  private static GlanceMapper.GlanceRow row(UUID id, PlantGlance glance) {
    String reason = glance.call().reasons().get(0).words();
    return new GlanceMapper.GlanceRow(
        id,
        glance.call().action(),
        glance.call().urgency(),
        glance.saucer().name(),
        glance.saucer().pressing(),
        glance.forecast().rootFill(),
        glance.waterLeft(),
        glance.call().from(),
        glance.call().to(),
        glance.call().recheck(),
        reason.length() > MOST_REASON ? reason.substring(0, MOST_REASON) : reason,
        glance.leftOut());
  }

  /** What a list shows of these plants: as it is stored, or made anew where that is out of date. */
  public Map<UUID, Glimpse> of(Collection<UUID> plants) {
    Map<UUID, Glimpse> glimpses = new HashMap<>();
    if (plants.isEmpty()) {
      return glimpses;
    }
    LocalDate today = clock.today();
    mapper.fresh(plants, today, basis()).forEach(row -> glimpses.put(row.plantId(), glimpse(row)));
    List<UUID> stale = plants.stream().filter(id -> !glimpses.containsKey(id)).toList();
    if (!stale.isEmpty()) {
      cases
          .gather(stale, today)
          .forEach(
              (id, gathered) ->
                  glimpses.put(id, glimpse(row(id, of(gathered, books.team(), today)))));
    }
    return glimpses;
  }

  private static Glimpse glimpse(GlanceMapper.GlanceRow row) {
    return new Glimpse(
        row.action(),
        row.urgency(),
        Saucer.valueOf(row.saucer()),
        row.rootFill(),
        row.waterLeft(),
        row.reason(),
        row.leftOut());
  }

  /**
   * A plant's call at a glance.
   *
   * @param reason the one that leads
   * @param leftOut facts on record that were not counted, since the rules refuse them
   */
  public record Glimpse(
      String action,
      String urgency,
      Saucer saucer,
      @Nullable Double rootFill,
      @Nullable Double waterLeft,
      String reason,
      int leftOut) {}

  private void refresh(Collection<UUID> plants) {
    LocalDate today = clock.today();
    String basis = basis();
    List<GlanceMapper.GlanceRow> rows = new ArrayList<>();
    Map<UUID, Advice.Call> calls = new HashMap<>();
    Map<UUID, Gathered> gatheredCases = cases.gather(plants, today);
    gatheredCases.forEach(
        (id, gathered) -> {
          PlantGlance glance = of(gathered, books.team(), today);
          rows.add(row(id, glance));
          calls.put(id, glance.call());
        });
    if (!rows.isEmpty()) {
      // jobs first: whoever works on a job writes it before the glance as well
      events.publishEvent(new CallsMade(calls, gatheredCases));
      mapper.store(rows, today, basis);
    }
  }

  /** How many plants still wait to be brought up to today, the book and the method. */
  public int waiting() {
    return sweeping.get() ? mapper.countStale(clock.today(), basis()) : 0;
  }

  /** Starts bringing all plants up to date, unless that is under way. Returns at once. */
  public void bringUpToDate() {
    if (!closed && sweeping.compareAndSet(false, true)) {
      background.execute(this::sweep);
    }
  }

  /** The day has changed since some plant was looked at. */
  public void bringUpToDateIfStale() {
    if (!(clock.today() + basis()).equals(upToDateWith)) {
      bringUpToDate();
    }
  }

  private void sweep() {
    try {
      while (!closed) {
        List<UUID> stale = mapper.stale(clock.today(), basis(), AT_ONCE);
        if (stale.isEmpty()) {
          upToDateWith = clock.today() + basis();
          return;
        }
        for (int from = 0; from < stale.size() && !closed; from += BATCH) {
          List<UUID> batch = stale.subList(from, Math.min(stale.size(), from + BATCH));
          transaction.executeWithoutResult(status -> refresh(batch));
        }
      }
    } catch (RuntimeException e) {
      // someone else writes the same plant just now: whoever asks next starts it again
      LOG.info("Bringing plants up to date stopped: {}", e.getMessage());
    } finally {
      sweeping.set(false);
    }
  }

  @Override
  public void destroy() {
    closed = true;
    background.shutdown();
  }
}
