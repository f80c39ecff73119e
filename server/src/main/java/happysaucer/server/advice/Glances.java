package happysaucer.server.advice;

import happysaucer.core.round.Saucer;
import happysaucer.server.clock.TeamClock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ThreadFactory;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.concurrent.CustomizableThreadFactory;
import org.springframework.stereotype.Component;

/**
 * What lists show of each plant, stored so that thousands can be searched by it. A plant that
 * changes is made anew in the same transaction. When the day, the book or the method has changed
 * all of them are, in the background: call, forecast and water of every plant first, then the work
 * that follows from them.
 */
@Component
public class Glances implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(Glances.class);

  /** Plants in one transaction: whoever changes one of them waits no longer than for these. */
  private static final int BATCH = 100;

  private static final int MOST_AT_ONCE = 200_000;

  /** So many are followed before it is looked whether some plant is behind again. */
  private static final int FOLLOWED_AT_ONCE = 1000;

  /** One core is left to those who ask for pages meanwhile. */
  private static final int WORKERS =
      Math.max(1, Math.min(4, Runtime.getRuntime().availableProcessors() - 1));

  private final GlanceMapper mapper;
  private final GlanceWriter writer;
  private final TeamClock clock;
  private final AtomicBoolean sweeping = new AtomicBoolean();
  private final ExecutorService background = Executors.newSingleThreadExecutor(daemon("glances-"));
  private final ExecutorService workers =
      Executors.newFixedThreadPool(WORKERS, daemon("glances-worker-"));
  private volatile boolean closed;

  /** Day and basis with which no plant is behind; whatever is touched since is made at once. */
  private volatile String upToDateWith = "";

  /** Plants that are still behind; null where nobody has looked yet. */
  private volatile @Nullable AtomicInteger behind;

  Glances(GlanceMapper mapper, GlanceWriter writer, TeamClock clock) {
    this.mapper = mapper;
    this.writer = writer;
    this.clock = clock;
  }

  private static ThreadFactory daemon(String name) {
    CustomizableThreadFactory factory = new CustomizableThreadFactory(name);
    factory.setDaemon(true);
    return factory;
  }

  @EventListener
  void onTouched(PlantTouched touched) {
    batches(List.copyOf(touched.plants())).forEach(writer::touched);
  }

  @EventListener
  void onStart(ApplicationReadyEvent started) {
    bringUpToDate();
  }

  private static List<List<UUID>> batches(List<UUID> plants) {
    List<List<UUID>> batches = new ArrayList<>();
    for (int from = 0; from < plants.size(); from += BATCH) {
      batches.add(plants.subList(from, Math.min(plants.size(), from + BATCH)));
    }
    return batches;
  }

  /** What a list shows of these plants: as it is stored, or made anew where that is out of date. */
  public Map<UUID, Glimpse> of(Collection<UUID> plants) {
    Map<UUID, Glimpse> glimpses = new HashMap<>();
    if (plants.isEmpty()) {
      return glimpses;
    }
    mapper
        .fresh(plants, clock.today(), writer.basis())
        .forEach(row -> glimpses.put(row.plantId(), Glimpse.of(row)));
    List<UUID> stale = plants.stream().filter(id -> !glimpses.containsKey(id)).toList();
    if (!stale.isEmpty()) {
      writer.made(stale).forEach(row -> glimpses.put(row.plantId(), Glimpse.of(row)));
    }
    return glimpses;
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
      int leftOut) {
    private static Glimpse of(GlanceMapper.GlanceRow row) {
      return new Glimpse(
          row.action(),
          row.urgency(),
          Saucer.valueOf(row.saucer()),
          row.rootFill(),
          row.waterLeft(),
          row.reason(),
          row.leftOut());
    }
  }

  /** How many plants still wait to be brought up to today, the book and the method. */
  public int waiting() {
    AtomicInteger known = behind;
    if (!sweeping.get()) {
      return 0;
    }
    return known == null ? mapper.countStale(clock.today(), writer.basis()) : known.get();
  }

  /** Of how many plants the planned work still has to follow their calls. */
  public int workWaiting() {
    return sweeping.get() ? mapper.countWork(clock.today(), writer.basis()) : 0;
  }

  /** Starts bringing all plants up to date, unless that is under way. Returns at once. */
  public void bringUpToDate() {
    behind = null;
    begin();
  }

  private void begin() {
    if (!closed && sweeping.compareAndSet(false, true)) {
      behind = null;
      background.execute(this::sweep);
    }
  }

  /** The day has changed since some plant was looked at. */
  public void bringUpToDateIfStale() {
    if (!(clock.today() + writer.basis()).equals(upToDateWith)) {
      // one that is under way knows how many are behind: lists ask for that often
      begin();
    }
  }

  private void sweep() {
    try {
      while (!closed) {
        String with = clock.today() + writer.basis();
        List<UUID> stale = mapper.stale(clock.today(), writer.basis(), MOST_AT_ONCE);
        AtomicInteger left = new AtomicInteger(stale.size());
        behind = left;
        if (!stale.isEmpty()) {
          all(
              stale,
              batch -> {
                writer.remake(batch);
                left.addAndGet(-batch.size());
              });
          continue;
        }
        List<UUID> followed = mapper.workWaits(FOLLOWED_AT_ONCE);
        if (followed.isEmpty()) {
          upToDateWith = with;
          return;
        }
        all(followed, writer::work);
      }
    } catch (RuntimeException e) {
      // someone else writes the same plant just now: whoever asks next starts it again
      LOG.info("Bringing plants up to date stopped: {}", e.getMessage());
    } finally {
      sweeping.set(false);
    }
  }

  private void all(List<UUID> plants, Consumer<List<UUID>> work) {
    List<Future<?>> begun = new ArrayList<>();
    for (List<UUID> batch : batches(plants)) {
      begun.add(
          workers.submit(
              () -> {
                if (!closed) {
                  work.accept(batch);
                }
              }));
    }
    try {
      RuntimeException first = null;
      for (Future<?> batch : begun) {
        try {
          batch.get();
        } catch (ExecutionException e) {
          // the others are made all the same
          first = first == null ? new IllegalStateException(e.getCause()) : first;
        }
      }
      if (first != null) {
        throw first;
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new CancellationException("interrupted");
    } finally {
      begun.forEach(batch -> batch.cancel(false));
    }
  }

  @Override
  public void destroy() {
    closed = true;
    background.shutdown();
    workers.shutdown();
  }
}
