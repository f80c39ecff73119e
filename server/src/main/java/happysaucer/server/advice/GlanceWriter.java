package happysaucer.server.advice;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.Advise;
import happysaucer.core.advice.Kept;
import happysaucer.core.round.Saucer;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.GlanceMapper.GlanceRow;
import happysaucer.server.advice.PlantCases.Gathered;
import happysaucer.server.clock.TeamClock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Makes what lists show of plants, and stores it. */
@Component
class GlanceWriter {
  private static final int MOST_REASON = 600;

  private final GlanceMapper mapper;
  private final PlantCases cases;
  private final CaseMapper caseMapper;
  private final Books books;
  private final TeamClock clock;
  private final TransactionTemplate transaction;
  private final ApplicationEventPublisher events;

  GlanceWriter(
      GlanceMapper mapper,
      PlantCases cases,
      CaseMapper caseMapper,
      Books books,
      TeamClock clock,
      TransactionTemplate transaction,
      ApplicationEventPublisher events) {
    this.mapper = mapper;
    this.cases = cases;
    this.caseMapper = caseMapper;
    this.books = books;
    this.clock = clock;
    this.transaction = transaction;
    this.events = events;
  }

  /** What a glance is made from besides its plant and the day: the book and the method. */
  String basis() {
    return books.team().book().version() + "/" + caseMapper.methodVersion();
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

  static GlanceRow row(UUID id, PlantGlance glance) {
    String reason = glance.call().reasons().get(0).words();
    return new GlanceRow(
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

  /** Glances of these plants as they are now, not stored. */
  List<GlanceRow> made(Collection<UUID> plants) {
    LocalDate today = clock.today();
    Advise rules = books.team();
    List<GlanceRow> rows = new ArrayList<>();
    cases
        .gather(plants, today)
        .forEach((id, gathered) -> rows.add(row(id, of(gathered, rules, today))));
    return rows;
  }

  /** These plants have changed: their glances are made anew, and the work that follows. */
  void touched(Collection<UUID> plants) {
    LocalDate today = clock.today();
    String basis = basis();
    List<GlanceRow> rows = new ArrayList<>();
    // jobs first: whoever works on a job writes it before the glance as well
    follow(plants, today, rows);
    if (!rows.isEmpty()) {
      // in the order of their ids, as whoever makes many anew
      mapper.lock(plants);
      mapper.store(rows, today, basis, false);
    }
  }

  /**
   * Makes the glances of these plants anew in a transaction of its own, and leaves word that the
   * work is to follow. Whoever changes one of the plants meanwhile waits for it and writes after.
   */
  void remake(Collection<UUID> plants) {
    transaction.executeWithoutResult(
        status -> {
          mapper.lock(plants);
          LocalDate today = clock.today();
          String basis = basis();
          List<GlanceRow> rows = made(plants);
          if (!rows.isEmpty()) {
            mapper.store(rows, today, basis, true);
          }
        });
  }

  /** Tells of the calls of these plants, in a transaction of its own: planned work follows. */
  void work(Collection<UUID> plants) {
    transaction.executeWithoutResult(
        status -> {
          follow(plants, clock.today(), new ArrayList<>());
          mapper.followed(plants);
        });
  }

  private void follow(Collection<UUID> plants, LocalDate today, List<GlanceRow> rows) {
    Map<UUID, Gathered> gatheredCases = cases.gather(plants, today);
    Map<UUID, Advice.Call> calls = new HashMap<>();
    Advise rules = books.team();
    gatheredCases.forEach(
        (id, gathered) -> {
          PlantGlance glance = of(gathered, rules, today);
          rows.add(row(id, glance));
          calls.put(id, glance.call());
        });
    if (!calls.isEmpty()) {
      events.publishEvent(new CallsMade(calls, gatheredCases));
    }
  }
}
