package happysaucer.server.demo;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.book.CsvTable;
import happysaucer.core.season.Season;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.AdviceService;
import happysaucer.server.advice.Books;
import happysaucer.server.advice.PlantTouched;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.demo.DemoMapper.CheckRow;
import happysaucer.server.demo.DemoMapper.SignRow;
import happysaucer.server.demo.DemoMapper.WateringRow;
import happysaucer.server.job.Jobs;
import happysaucer.server.plant.Plants;
import happysaucer.server.team.Account;
import happysaucer.server.team.Role;
import happysaucer.server.team.SignIn;
import happysaucer.server.team.TeamStart;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.core.io.ClassPathResource;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Fills an empty data folder with the demo team, from a seed, relative to the clock. */
@Component
class DemoData implements ApplicationRunner {
  private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);
  private static final long SEED = 20270412;
  private static final int HISTORY_DAYS = 365;
  private static final int CHECK_EVERY_DAYS = 28;
  private static final int AFTERCARE_SINCE_DAYS = 19;
  private static final int CHUNK = 200;

  private final boolean wanted;
  private final DemoMapper mapper;
  private final TeamStart team;
  private final TeamClock clock;
  private final Books books;
  private final AdviceService advice;
  private final Jobs jobs;
  private final Plants plants;
  private final ApplicationEventPublisher events;
  private final TransactionTemplate transaction;
  private final Random random = new Random(SEED);

  private UUID technician;
  private Account technicianAccount;
  private final Map<String, UUID> visits = new HashMap<>();
  private final List<CheckRow> checks = new ArrayList<>();
  private final List<SignRow> signs = new ArrayList<>();
  private final List<WateringRow> waterings = new ArrayList<>();

  DemoData(
      @Value("${saucer.demo}") boolean wanted,
      DemoMapper mapper,
      TeamStart team,
      TeamClock clock,
      Books books,
      AdviceService advice,
      Jobs jobs,
      Plants plants,
      ApplicationEventPublisher events,
      TransactionTemplate transaction) {
    this.wanted = wanted;
    this.mapper = mapper;
    this.team = team;
    this.clock = clock;
    this.books = books;
    this.advice = advice;
    this.jobs = jobs;
    this.plants = plants;
    this.events = events;
    this.transaction = transaction;
  }

  private record Site(UUID id, LocalDate lastVisit, double latitude) {}

  private record Made(UUID id, Site site, Story story, double interval, double litres) {}

  @Override
  public void run(ApplicationArguments arguments) throws IOException {
    if (!wanted || team.exists()) {
      return;
    }
    List<Map<String, String>> siteRows = CsvTable.rows("demo-sites", text("demo-sites.csv"));
    List<Map<String, String>> plantRows = CsvTable.rows("demo-plants", text("demo-plants.csv"));
    transaction.executeWithoutResult(status -> make(siteRows, plantRows));
    LOG.info("Demo data made: {} sites, {} plants", siteRows.size(), plantRows.size());
  }

  private static String text(String resource) throws IOException {
    return new ClassPathResource(resource).getContentAsString(StandardCharsets.UTF_8);
  }

  private UUID id() {
    return new UUID(
        (random.nextLong() & ~0xF000L) | 0x4000L,
        (random.nextLong() & 0x3FFFFFFFFFFFFFFFL) | 0x8000000000000000L);
  }

  private void make(List<Map<String, String>> siteRows, List<Map<String, String>> plantRows) {
    team.makeDemoTeam("Tidepot Plant Care");
    UUID planner = team.addDemoPerson("planner", "Odda Fennick", Role.PLANNER);
    technician = team.addDemoPerson("technician", "Jorun Pell", Role.TECHNICIAN);
    team.addDemoPerson("counter", "Mirela Tosk", Role.COUNTER);
    technicianAccount =
        new Account(technician, "technician", "Jorun Pell", Role.TECHNICIAN, Units.METRIC, "");
    LocalDate today = clock.today();
    Map<String, Site> sites = sites(siteRows, today);
    Map<String, UUID> spots = new HashMap<>();
    List<Made> made = new ArrayList<>();
    int number = 1;
    for (Map<String, String> row : plantRows) {
      Site site = Objects.requireNonNull(sites.get(row.get("site")));
      UUID spot =
          spots.computeIfAbsent(
              row.get("site") + "/" + row.get("spot"),
              key -> {
                UUID spotId = id();
                mapper.spot(spotId, site.id(), row.get("spot"), row.get("light"));
                return spotId;
              });
      made.add(plant(row, site, spot, number++, today, planner));
    }
    flush();
    asTechnician(() -> pastJobs(made, today));
    asTechnician(() -> openJobs(made, today));
    flush();
    plants.indexAll();
    events.publishEvent(new PlantTouched(made.stream().map(Made::id).toList()));
  }

  private Map<String, Site> sites(List<Map<String, String>> rows, LocalDate today) {
    Map<String, Site> sites = new HashMap<>();
    int order = 1;
    for (Map<String, String> row : rows) {
      UUID client = id();
      UUID site = id();
      int ahead = Integer.parseInt(row.get("daysFromNow"));
      mapper.client(client, row.get("client"));
      mapper.site(
          site,
          client,
          row.get("site"),
          Double.parseDouble(row.get("latitude")),
          Double.parseDouble(row.get("longitude")),
          row.get("use"),
          row.get("access"),
          today.plusDays(ahead).getDayOfWeek().getValue(),
          order++);
      sites.put(
          row.get("site"),
          new Site(site, today.plusDays(ahead - 14L), Double.parseDouble(row.get("latitude"))));
    }
    return sites;
  }

  private Made plant(
      Map<String, String> row, Site site, UUID spot, int number, LocalDate today, UUID planner) {
    Story story = Story.valueOf(row.get("story"));
    double top = Double.parseDouble(row.get("potTopMm"));
    LocalDate repotted =
        today.minusDays(Math.round(Integer.parseInt(row.get("monthsInPot")) * 30.4));
    String best =
        books.team().book().species().find(row.get("species")).orElseThrow().traits().bestMix();
    UUID plant = id();
    mapper.plant(
        new DemoMapper.PlantRow(
            plant,
            String.format(Locale.ROOT, "T-%03d", number),
            spot,
            row.get("species"),
            row.get("commonName"),
            Double.parseDouble(row.get("heightMm")),
            Double.parseDouble(row.get("spreadMm")),
            row.get("wish"),
            repotted,
            best,
            true,
            row.get("waterer"),
            row.get("material"),
            top,
            story.withoutHoles() ? 0 : row.get("material").equals("TERRACOTTA") ? 1 : 6,
            row.get("material").equals("GLAZED"),
            ""),
        clock.now(),
        planner);
    if (story.state() != null) {
      Integer days = story.state().days();
      mapper.state(plant, story.state().code(), today.minusDays(days == null ? 6 : days));
    }
    Advice.Drying usual = usual(row, site.latitude(), today);
    double interval = usual.daysToRefill() == null ? 20 : Math.max(1, usual.daysToRefill());
    double litres = Math.max(0.05, usual.litres());
    LocalDate until = story.inAftercare() ? today.minusDays(AFTERCARE_SINCE_DAYS + 1) : today;
    waterings(plant, site, story, interval, litres, repotted, until, today);
    checks(plant, site, story, until, number % 2 == 1);
    return new Made(plant, site, story, interval, litres);
  }

  /** How such a plant dries by the model: the demo's waterings follow it, with noise. */
  private Advice.Drying usual(Map<String, String> row, double latitude, LocalDate today) {
    AdviceRequest request =
        new AdviceRequest(
            today,
            new AdviceRequest.Site(latitude, false, null),
            new AdviceRequest.Spot(row.get("light")),
            new AdviceRequest.Plant(
                row.get("species"),
                null,
                Double.parseDouble(row.get("heightMm")),
                Double.parseDouble(row.get("spreadMm")),
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null),
            new AdviceRequest.Pot(
                null,
                null,
                row.get("material"),
                Double.parseDouble(row.get("potTopMm")),
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                4,
                null),
            null,
            null,
            null,
            List.of(),
            null,
            null,
            null,
            null);
    return books.team().advise(request).water().before();
  }

  private void waterings(
      UUID plant,
      Site site,
      Story story,
      double interval,
      double litres,
      LocalDate repotted,
      LocalDate until,
      LocalDate today) {
    double now = Season.growth(site.latitude(), today);
    LocalDate day = repotted.plusDays(9);
    for (int i = 0; i < 6 && day.isBefore(today.minusDays(HISTORY_DAYS)); i++) {
      pour(plant, day, litres * 1.1);
      day =
          day.plusDays(
              stretched(
                  interval
                      * story.stretchAfterRepot()
                      * now
                      / Season.growth(site.latitude(), day)));
    }
    LocalDate start = today.minusDays(HISTORY_DAYS);
    day = repotted.isAfter(start) ? repotted.plusDays(9) : start.plusDays(random.nextInt(5));
    while (!day.isAfter(until)) {
      pour(plant, day, litres);
      double growth = Season.growth(site.latitude(), day);
      double since = (day.toEpochDay() - repotted.toEpochDay()) / 30.4;
      double stretch = since < 3 ? story.stretchAfterRepot() : 1;
      day = day.plusDays(stretched(interval * stretch * now / growth));
    }
  }

  private long stretched(double days) {
    return Math.max(1, Math.round(days * (0.88 + random.nextDouble() * 0.24)));
  }

  private void pour(UUID plant, LocalDate day, double litres) {
    double poured = Math.round(litres * 1.12 * (0.92 + random.nextDouble() * 0.16) * 100) / 100.0;
    waterings.add(
        new WateringRow(id(), plant, day, Math.max(0.03, poured), Math.round(poured * 10) / 100.0));
  }

  /** A check every four weeks; half the plants are due at the next visit, half at the one after. */
  private void checks(UUID plant, Site site, Story story, LocalDate until, boolean dueNext) {
    LocalDate last = dueNext ? site.lastVisit().minusDays(14) : site.lastVisit();
    boolean bad = story != Story.HEALTHY;
    if (bad && !story.inAftercare()) {
      last = site.lastVisit();
    }
    while (last.isAfter(until)) {
      last = last.minusDays(7);
    }
    LocalDate day = last.minusDays(CHECK_EVERY_DAYS * 12L);
    while (!day.isAfter(last)) {
      boolean newest = day.equals(last);
      UUID check = id();
      checks.add(
          new CheckRow(
              check,
              plant,
              visit(site.id(), day),
              instant(day, 9 * 60 + random.nextInt(300)),
              day,
              1 + random.nextInt(3),
              "",
              "LEAVE",
              "NOT_DUE",
              null));
      List<AdviceRequest.Sign> seen =
          newest
              ? story.signs()
              : List.of(new AdviceRequest.Sign("STAYS_WET", "ABSENT", null, null));
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

  private UUID visit(UUID site, LocalDate day) {
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

  /** Repots that really went through the app some weeks ago, so that their aftercare runs. */
  private void pastJobs(List<Made> made, LocalDate today) {
    for (Made plant : made) {
      if (!plant.story().inAftercare()) {
        continue;
      }
      LocalDate day = today.minusDays(AFTERCARE_SINCE_DAYS - 2L * (plant.story().ordinal() % 3));
      clock.at(
          day.atTime(10, 0),
          () -> {
            UUID job = id();
            jobs.schedule(job, new Jobs.JobRequest(plant.id(), day, null), Units.METRIC);
            jobs.of(job)
                .steps()
                .forEach(
                    step -> jobs.tick(job, step.position(), new Jobs.TickRequest(clock.now())));
            jobs.done(job, new Jobs.DoneRequest(day));
          });
      for (LocalDate pour = day;
          !pour.isAfter(today);
          pour = pour.plusDays(stretched(plant.interval() * 1.4))) {
        pour(plant.id(), pour, plant.litres() * 1.2);
      }
    }
  }

  /** Everything that can be scheduled in time has a day; one of them is today. */
  private void openJobs(List<Made> made, LocalDate today) {
    int spread = 0;
    for (Made plant : made) {
      boolean schedule =
          switch (plant.story()) {
            case CROWDED, DEFORMED, SPENT, SEVERE_TODAY -> true;
            default -> false;
          };
      Advice.Call call = advice.of(plant.id(), Units.METRIC).advice().call();
      if (!schedule || call.from() == null || call.to() == null) {
        continue;
      }
      LocalDate day =
          plant.story() == Story.SEVERE_TODAY
              ? today
              : call.from().plusDays(1 + 4L * spread++ % 40);
      if (!day.isAfter(call.to()) && spread % 3 != 0) {
        jobs.schedule(id(), new Jobs.JobRequest(plant.id(), day, null), Units.METRIC);
      }
    }
  }

  private void asTechnician(Runnable work) {
    SecurityContext before = SecurityContextHolder.getContext();
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(SignIn.authentication(technicianAccount));
    SecurityContextHolder.setContext(context);
    try {
      work.run();
    } finally {
      SecurityContextHolder.setContext(before);
    }
  }

  private void flush() {
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
