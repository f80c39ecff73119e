package happysaucer.server.demo;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.demo.DemoMapper.CheckRow;
import happysaucer.server.demo.DemoMapper.SignRow;
import happysaucer.server.demo.DemoMapper.WateringRow;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * A demo plant's past, from the demo's seed: waterings and checks, gathered and written at once.
 */
@Component
class DemoPast {
  private static final long SEED = 20270412;
  private static final int HISTORY_DAYS = 365;
  private static final int CHECK_EVERY_DAYS = 28;
  private static final int HEIGHT_EVERY = 3;
  private static final int CHUNK = 200;

  /** The year before the last twelve looks. */
  private static final int OLDER_FROM = 13;

  private static final int OLDER_TO = 26;

  private final DemoMapper mapper;
  private final TeamClock clock;
  private final Random random = new Random(SEED);
  private final Map<String, UUID> visits = new HashMap<>();
  private final List<CheckRow> checks = new ArrayList<>();
  private final List<SignRow> signs = new ArrayList<>();
  private final List<WateringRow> waterings = new ArrayList<>();

  DemoPast(DemoMapper mapper, TeamClock clock) {
    this.mapper = mapper;
    this.clock = clock;
  }

  UUID id() {
    return new UUID(
        (random.nextLong() & ~0xF000L) | 0x4000L,
        (random.nextLong() & 0x3FFFFFFFFFFFFFFFL) | 0x8000000000000000L);
  }

  void waterings(
      UUID plant,
      DemoWater.Lasting lasting,
      Story story,
      LocalDate repotted,
      LocalDate until,
      LocalDate today) {
    LocalDate day = repotted.plusDays(9);
    for (int i = 0; i < 6 && day.isBefore(today.minusDays(HISTORY_DAYS)); i++) {
      pour(plant, day, lasting.litres() * 1.1);
      day = next(day, lasting, story.stretchAfterRepot());
    }
    LocalDate start = today.minusDays(HISTORY_DAYS);
    day = repotted.isAfter(start) ? repotted.plusDays(9) : start.plusDays(random.nextInt(5));
    while (!day.isAfter(until)) {
      pour(plant, day, lasting.litres());
      double since = (day.toEpochDay() - repotted.toEpochDay()) / 30.4;
      day = next(day, lasting, since < 3 ? story.stretchAfterRepot() : 1);
    }
  }

  /** Days are those of the light half way to the next watering. */
  private LocalDate next(LocalDate day, DemoWater.Lasting lasting, double stretch) {
    double days = lasting.days(day) * stretch;
    return day.plusDays(stretched(lasting.days(day.plusDays(Math.round(days / 2))) * stretch));
  }

  long stretched(double days) {
    return Math.max(1, Math.round(days * (0.88 + random.nextDouble() * 0.24)));
  }

  void pour(UUID plant, LocalDate day, double litres) {
    double poured = Math.round(litres * 1.12 * (0.92 + random.nextDouble() * 0.16) * 100) / 100.0;
    waterings.add(
        new WateringRow(id(), plant, day, Math.max(0.03, poured), Math.round(poured * 10) / 100.0));
  }

  /** A check every four weeks; half the plants are due at the next visit, half at the one after. */
  void checks(
      UUID plant,
      UUID site,
      LocalDate lastVisit,
      Story story,
      LocalDate until,
      boolean dueNext,
      double heightMm,
      UUID technician) {
    LocalDate last = dueNext ? lastVisit.minusDays(14) : lastVisit;
    boolean bad = story != Story.HEALTHY;
    if (bad && !story.inAftercare()) {
      last = lastVisit;
    }
    while (last.isAfter(until)) {
      last = last.minusDays(7);
    }
    LocalDate day = last.minusDays(CHECK_EVERY_DAYS * 12L);
    while (!day.isAfter(last)) {
      boolean newest = day.equals(last);
      int back = (int) ((last.toEpochDay() - day.toEpochDay()) / CHECK_EVERY_DAYS);
      UUID check = id();
      checks.add(
          new CheckRow(
              check,
              plant,
              visit(site, day, technician),
              instant(day, 9 * 60 + random.nextInt(300)),
              day,
              1 + random.nextInt(3),
              back % HEIGHT_EVERY == 0 ? height(heightMm, story, back) : null,
              "",
              "LEAVE",
              "NOT_DUE",
              null));
      List<AdviceRequest.Sign> seen = newest ? story.signs() : story.earlierSigns(back);
      for (AdviceRequest.Sign sign : seen) {
        signs.add(
            new SignRow(
                check,
                Objects.requireNonNull(sign.code()),
                Objects.requireNonNull(sign.state()),
                sign.grade(),
                sign.value()));
      }
      day = day.plusDays(CHECK_EVERY_DAYS);
    }
  }

  /**
   * Looks of the year before those, at which nothing was to be reported; from a seed of their own.
   *
   * @param sites of the plants, in their order
   */
  void older(List<UUID> plants, List<UUID> sites, LocalDate today, UUID technician) {
    Random years = new Random(SEED + 1);
    for (int i = 0; i < plants.size(); i++) {
      for (int back = OLDER_FROM; back < OLDER_TO; back++) {
        LocalDate day = today.minusDays((long) CHECK_EVERY_DAYS * back + years.nextInt(6));
        UUID check =
            new UUID(
                years.nextLong() & ~0xF000L | 0x4000L, years.nextLong() >>> 2 | Long.MIN_VALUE);
        checks.add(
            new CheckRow(
                check,
                plants.get(i),
                visit(sites.get(i), day, technician),
                instant(day, 9 * 60 + years.nextInt(300)),
                day,
                1 + years.nextInt(3),
                null,
                "",
                "LEAVE",
                "NOT_DUE",
                null));
        signs.add(new SignRow(check, "STAYS_WET", "ABSENT", null, null));
      }
    }
  }

  /** Grown by a few percent between measures; what is short of room stands still at last. */
  private static double height(double now, Story story, int checksBack) {
    double each = story.stretchAfterRepot() > 2 ? 0.012 : 0.02;
    return Math.round(now * Math.max(0.5, 1 - each * checksBack) / 5) * 5.0;
  }

  private UUID visit(UUID site, LocalDate day, UUID technician) {
    return visits.computeIfAbsent(
        site + "/" + day,
        key -> {
          UUID visit = id();
          mapper.visit(visit, site, day, technician);
          return visit;
        });
  }

  private Instant instant(LocalDate day, int minutes) {
    return day.atTime(LocalTime.MIN.plusMinutes(minutes)).atZone(clock.zone()).toInstant();
  }

  void write(UUID technician) {
    chunks(checks).forEach(chunk -> mapper.checks(chunk, technician));
    chunks(signs).forEach(mapper::signs);
    chunks(waterings).forEach(chunk -> mapper.waterings(chunk, technician, clock.now()));
    checks.clear();
    signs.clear();
    waterings.clear();
  }

  private static <T> List<List<T>> chunks(List<T> rows) {
    List<List<T>> chunks = new ArrayList<>();
    for (int i = 0; i < rows.size(); i += CHUNK) {
      chunks.add(rows.subList(i, Math.min(rows.size(), i + CHUNK)));
    }
    return chunks;
  }
}
