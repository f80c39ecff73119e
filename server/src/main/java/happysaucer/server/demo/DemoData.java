package happysaucer.server.demo;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.book.CsvTable;
import happysaucer.core.repot.Need;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.AdviceService;
import happysaucer.server.advice.Books;
import happysaucer.server.advice.PlantTouched;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.crew.Crews;
import happysaucer.server.job.Bench;
import happysaucer.server.job.Bench.OldPot;
import happysaucer.server.job.Jobs;
import happysaucer.server.order.Orders;
import happysaucer.server.plant.Plants;
import happysaucer.server.shelf.Shelf;
import happysaucer.server.shelf.ShelfSheets;
import happysaucer.server.shelf.ShelfSheets.ShelfImportRequest;
import happysaucer.server.team.Account;
import happysaucer.server.team.Acting;
import happysaucer.server.team.Role;
import happysaucer.server.team.TeamStart;
import happysaucer.server.visit.Checks;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Fills an empty data folder with the demo team, from a seed, relative to the clock. */
@Component
class DemoData implements SmartInitializingSingleton {
  private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);

  /** Usual proportions of a pot. */
  private final boolean wanted;

  private final DemoMapper mapper;
  private final TeamStart team;
  private final TeamClock clock;
  private final Books books;
  private final AdviceService advice;
  private final Jobs jobs;
  private final Bench bench;
  private final ShelfSheets shelf;
  private final Plants plants;
  private final Crews crews;
  private final Orders orders;
  private final Checks checks;
  private final Shelf shelfOfPots;
  private final ApplicationEventPublisher events;
  private final TransactionTemplate transaction;

  private final DemoPast past;
  private final DemoWater water;
  private final DemoMessages messages;
  private final DemoCounter counter;
  private final DemoMixRoom mixRoom;
  private final Set<Made> repotted = new HashSet<>();
  private UUID technician;
  private Account technicianAccount;

  DemoData(
      @Value("${saucer.demo}") boolean wanted,
      DemoMapper mapper,
      DemoPast past,
      DemoWater water,
      DemoMessages messages,
      DemoCounter counter,
      DemoMixRoom mixRoom,
      TeamStart team,
      TeamClock clock,
      Books books,
      AdviceService advice,
      Jobs jobs,
      Bench bench,
      ShelfSheets shelf,
      Plants plants,
      Crews crews,
      Orders orders,
      Checks checks,
      Shelf shelfOfPots,
      ApplicationEventPublisher events,
      TransactionTemplate transaction) {
    this.wanted = wanted;
    this.mapper = mapper;
    this.past = past;
    this.water = water;
    this.messages = messages;
    this.counter = counter;
    this.mixRoom = mixRoom;
    this.team = team;
    this.clock = clock;
    this.books = books;
    this.advice = advice;
    this.jobs = jobs;
    this.bench = bench;
    this.shelf = shelf;
    this.plants = plants;
    this.crews = crews;
    this.orders = orders;
    this.checks = checks;
    this.shelfOfPots = shelfOfPots;
    this.events = events;
    this.transaction = transaction;
  }

  private static final int WEEK = 7;

  /** Sites have been visited so many times before today. */
  private static final int PAST_VISITS = 26;

  private record Site(UUID id, LocalDate lastVisit, double latitude) {}

  private record Made(UUID id, Site site, Story story, double interval, double litres) {}

  /** Before the port opens: whoever comes in finds the whole team. */
  @Override
  public void afterSingletonsInstantiated() {
    try {
      makeWhereWanted();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void makeWhereWanted() throws IOException {
    if (!wanted || team.exists()) {
      team.lockDemo();
      return;
    }
    List<Map<String, String>> siteRows = CsvTable.rows("demo-sites", text("demo-sites.csv"));
    List<Map<String, String>> plantRows = CsvTable.rows("demo-plants", text("demo-plants.csv"));
    String shelfRows = text("demo-shelf.csv");
    String ingredientRows = text("demo-ingredients.csv");
    transaction.executeWithoutResult(
        status -> make(siteRows, plantRows, shelfRows, ingredientRows));
    team.lockDemo();
    LOG.info("Demo data made: {} sites, {} plants", siteRows.size(), plantRows.size());
  }

  private static String text(String resource) throws IOException {
    return new ClassPathResource(resource).getContentAsString(StandardCharsets.UTF_8);
  }

  private void make(
      List<Map<String, String>> siteRows,
      List<Map<String, String>> plantRows,
      String shelfRows,
      String ingredientRows) {
    team.makeDemoTeam("Tidepot Plant Care");
    mapper.workshop(44.015, -7.305);
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
                UUID spotId = past.id();
                mapper.spot(spotId, site.id(), row.get("spot"), row.get("light"));
                return spotId;
              });
      made.add(plant(row, site, spot, number++, today, planner));
    }
    past.older(
        made.stream().map(Made::id).toList(),
        made.stream().map(plant -> plant.site().id()).toList(),
        today,
        technician);
    past.write(technician);
    asTechnician(this::crews);
    asTechnician(
        () -> shelf.read(new ShelfImportRequest(past.id(), shelfRows, true), Units.METRIC));
    asTechnician(() -> pastJobs(made, today));
    asTechnician(() -> openJobs(made, today));
    asTechnician(() -> orders(today));
    asTechnician(() -> looksAfter(made, today));
    asTechnician(() -> counter.write(today));
    asTechnician(() -> mixRoom.write(today, ingredientRows));
    past.write(technician);
    messages.write(
        made.stream()
            .filter(repotted::contains)
            .filter(plant -> plant.story().isReminded())
            .map(Made::id)
            .toList(),
        technician,
        today);
    plants.indexAll();
    events.publishEvent(new PlantTouched(made.stream().map(Made::id).toList()));
  }

  /** One that is overdue, one on its way. */
  private void orders(LocalDate today) {
    order("Clay 25 cm", 4, today.minusDays(16), today.minusDays(2));
    order("Plastic 30 cm", 6, today.minusDays(5), today.plusDays(9));
  }

  private void order(String pot, int amount, LocalDate ordered, LocalDate due) {
    orders.add(
        UUID.nameUUIDFromBytes(pot.getBytes(StandardCharsets.UTF_8)),
        new Orders.OrderRequest(
            shelfOfPots.pots().stream()
                .filter(each -> each.name().equals(pot))
                .findFirst()
                .orElseThrow()
                .id(),
            null,
            null,
            "Quay Potters",
            amount,
            ordered,
            due,
            ""));
  }

  /** Three people in two crews; repots are done on two days of the week each, visits on others. */
  private void crews() {
    crews.save(
        past.id(),
        null,
        new Crews.CrewRequest(
            "Tide",
            900,
            450,
            List.of(Need.Skill.ROOT_CUTTING, Need.Skill.TREATMENTS, Need.Skill.TRAINED_TREES),
            List.of(
                new Crews.CrewPerson(past.id(), "Jorun Pell", technician),
                new Crews.CrewPerson(past.id(), "Bastien Orrow", null)),
            List.of(new Crews.Hours(4, "07:30", "14:00")),
            null));
    crews.save(
        past.id(),
        null,
        new Crews.CrewRequest(
            "Ebb",
            400,
            250,
            List.of(Need.Skill.ROOT_CUTTING),
            List.of(new Crews.CrewPerson(past.id(), "Hedda Lunt", null)),
            List.of(new Crews.Hours(2, "08:00", "12:30")),
            null));
  }

  private Map<String, Site> sites(List<Map<String, String>> rows, LocalDate today) {
    Map<String, Site> sites = new HashMap<>();
    int order = 1;
    for (Map<String, String> row : rows) {
      UUID client = past.id();
      UUID site = past.id();
      int ahead = Integer.parseInt(row.get("daysFromNow"));
      int weeks = Integer.parseInt(row.get("weeks"));
      mapper.client(client, row.get("client"));
      mapper.site(
          site,
          client,
          row.get("site"),
          Double.parseDouble(row.get("latitude")),
          Double.parseDouble(row.get("longitude")),
          row.get("use"),
          row.get("access"),
          weeks,
          today.plusDays(ahead - (long) WEEK * weeks * PAST_VISITS),
          row.get("floors"),
          Integer.parseInt(row.get("parking")),
          order++);
      String opens = row.get("opens").isEmpty() ? null : row.get("opens");
      String closes = row.get("closes").isEmpty() ? null : row.get("closes");
      mapper.visitDay(site, today.plusDays(ahead).getDayOfWeek().getValue(), opens, closes);
      for (String weekday : row.get("work").split(" ")) {
        mapper.accessDay(site, Integer.parseInt(weekday), opens, closes);
      }
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
    UUID plant = past.id();
    mapper.plant(
        new DemoMapper.PlantRow(
            plant,
            String.format(Locale.ROOT, "T-%03d", number),
            spot,
            row.get("species"),
            row.get("commonName"),
            Double.parseDouble(row.get("heightMm")),
            Double.parseDouble(row.get("spreadMm")),
            row.get("wish").isEmpty() ? null : row.get("wish"),
            repotted,
            best,
            true,
            row.get("waterer"),
            row.get("shape"),
            row.get("material"),
            top,
            DemoWater.measure(row, "potBaseMm"),
            DemoWater.measure(row, "potHeightMm"),
            DemoWater.measure(row, "mouthMm"),
            DemoWater.measure(row, "potDepthMm"),
            story.withoutHoles() ? 0 : row.get("material").equals("TERRACOTTA") ? 1 : 6,
            row.get("material").equals("GLAZED") && row.get("shape").equals("STANDARD"),
            ""),
        clock.now(),
        planner);
    if (!row.get("choose").isEmpty()) {
      String[] choice = row.get("choose").split("=");
      mapper.choose(plant.toString(), choice[0], choice[1], clock.now(), planner);
    }
    if (story.state() != null) {
      Integer days = story.state().days();
      mapper.state(plant, story.state().code(), today.minusDays(days == null ? 6 : days));
    }
    DemoWater.Lasting lasting = water.lasting(row, site.latitude(), today);
    double interval = lasting.days(today);
    double litres = lasting.litres();
    LocalDate until = story.inAftercare() ? today.minusDays(story.sinceDays() + 1L) : today;
    past.waterings(plant, lasting, story, repotted, until, today);
    past.checks(
        plant,
        site.id(),
        site.lastVisit(),
        story,
        until,
        number % 2 == 1,
        Double.parseDouble(row.get("heightMm")),
        technician);
    return new Made(plant, site, story, interval, litres);
  }

  /** Repots that really went through the app some weeks ago, so that their aftercare runs. */
  private void pastJobs(List<Made> made, LocalDate today) {
    for (Made plant : made) {
      if (!plant.story().inAftercare()) {
        continue;
      }
      LocalDate day = today.minusDays(plant.story().sinceDays());
      clock.at(
          day.atTime(10, 0),
          () -> {
            Advice.Call call = advice.of(plant.id(), Units.METRIC).advice().call();
            if (call.from() == null
                || call.to() == null
                || day.isBefore(call.from())
                || day.isAfter(call.to())) {
              // at rest in that season: nobody would have repotted it
              return;
            }
            repotted.add(plant);
            UUID job = past.id();
            jobs.schedule(job, new Jobs.JobRequest(plant.id(), day, null, null, null, null));
            jobs.of(job)
                .steps()
                .forEach(
                    step -> jobs.tick(job, step.position(), new Jobs.TickRequest(clock.now())));
            bench.done(
                job, new Bench.DoneRequest(day, OldPot.WASTE, jobs.of(job).job().minutes(), null));
          });
      for (LocalDate pour = day;
          !pour.isAfter(today);
          pour = pour.plusDays(past.stretched(plant.interval() * 1.4))) {
        past.pour(plant.id(), pour, plant.litres() * 1.2);
      }
    }
  }

  /** What was seen at plants that recover, a day ago. */
  private void looksAfter(List<Made> made, LocalDate today) {
    for (Made plant : made) {
      List<AdviceRequest.Sign> signs = plant.story().signsAfter();
      if (!signs.isEmpty() && repotted.contains(plant)) {
        clock.at(
            today.minusDays(1).atTime(11, 0),
            () ->
                checks.log(
                    past.id(),
                    new Checks.CheckRequest(
                        plant.id(), clock.now(), signs, null, 3.0, null, null, null, null),
                    Units.METRIC));
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
      Advice advised = advice.of(plant.id(), Units.METRIC).advice();
      Advice.Call call = advised.call();
      if (!schedule || call.from() == null || call.to() == null) {
        continue;
      }
      LocalDate day =
          plant.story() == Story.SEVERE_TODAY && !today.isBefore(call.from())
              ? today
              : call.from().plusDays(1 + 4L * spread++ % 40);
      if (!day.isAfter(call.to()) && spread % 3 != 0) {
        boolean order = advised.repot() != null && advised.repot().chosen().isEmpty();
        jobs.schedule(
            past.id(),
            new Jobs.JobRequest(plant.id(), day, null, null, order ? Boolean.TRUE : null, null));
      }
    }
  }

  private void asTechnician(Runnable work) {
    Acting.as(
        technicianAccount,
        () -> {
          work.run();
          return technicianAccount;
        });
  }
}
