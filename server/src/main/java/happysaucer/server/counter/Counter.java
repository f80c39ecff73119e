package happysaucer.server.counter;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.casefile.SiteUse;
import happysaucer.core.pot.Shape;
import happysaucer.core.species.Light;
import happysaucer.server.advice.AdviceService;
import happysaucer.server.caretaker.CareLinks;
import happysaucer.server.client.Places;
import happysaucer.server.client.VisitPlan;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.counter.CounterMapper.WalkInRow;
import happysaucer.server.counter.InHand.LookRequest;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.job.Bench;
import happysaucer.server.job.JobDone;
import happysaucer.server.job.Jobs;
import happysaucer.server.plant.PlantAdding;
import happysaucer.server.plant.Plants;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.problem.StaleException;
import happysaucer.server.settings.Settings;
import happysaucer.server.team.CurrentUser;
import happysaucer.server.visit.Checks;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** From a plant in a customer's hand to its call, its price, and a card to take home. */
@Service
public class Counter {
  private static final int SHOWN = 60;
  private static final int DAYS = 2;
  private static final int MOST_PROMISED = 90;
  private static final String LABEL = "W-";

  private final CounterMapper mapper;
  private final AdviceService stored;
  private final PlantAdding adding;
  private final Plants plants;
  private final Places places;
  private final Checks checks;
  private final Jobs jobs;
  private final Bench bench;
  private final CareLinks links;
  private final Settings settings;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;

  Counter(
      CounterMapper mapper,
      AdviceService stored,
      PlantAdding adding,
      Plants plants,
      Places places,
      Checks checks,
      Jobs jobs,
      Bench bench,
      CareLinks links,
      Settings settings,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user) {
    this.mapper = mapper;
    this.stored = stored;
    this.adding = adding;
    this.plants = plants;
    this.places = places;
    this.checks = checks;
    this.jobs = jobs;
    this.bench = bench;
    this.links = links;
    this.settings = settings;
    this.history = history;
    this.clock = clock;
    this.user = user;
  }

  /**
   * @param customer a name; empty where the number is enough
   * @param reach how the customer is reached, empty where that is not wanted
   */
  public record WalkInRequest(
      @NotNull(message = "Send the name, empty for none.")
          @Size(max = 80, message = "At most 80 letters.")
          String customer,
      @NotNull(message = "Send how to reach them, empty for nothing.")
          @Size(max = 120, message = "At most 120 letters.")
          String reach,
      @NotNull(message = "Send what is in the hand.") @Valid LookRequest look) {}

  /**
   * @param walksIn no client was made of them yet
   * @param jobId its repot, planned or done
   */
  public record WalkInView(
      UUID id,
      int number,
      String customer,
      String reach,
      UUID plantId,
      String label,
      String commonName,
      String potShape,
      double potTopMm,
      double potBaseMm,
      double potHeightMm,
      Instant cameAt,
      WalkInStatus status,
      @Nullable LocalDate promisedOn,
      String note,
      boolean walksIn,
      @Nullable UUID jobId,
      boolean potted,
      int version) {}

  /**
   * @param left those left for work and to be fetched, then who came last
   */
  public record CounterView(
      LocalDate today, String currency, boolean rated, List<WalkInView> left) {}

  public CounterView view() {
    ZoneId zone = clock.zone();
    Instant since = clock.today().minusDays(DAYS - 1L).atStartOfDay(zone).toInstant();
    return new CounterView(
        clock.today(),
        settings.currency(),
        settings.rates().hour().isPresent(),
        mapper.open(since, SHOWN).stream().map(Counter::view).toList());
  }

  /** Who came before, by name, number or kind. */
  public List<WalkInView> found(String text) {
    String plain = text.trim().toLowerCase(Locale.ROOT);
    if (plain.isEmpty()) {
      return List.of();
    }
    String like = "%" + plain.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%";
    return mapper.found(like, SHOWN).stream().map(Counter::view).toList();
  }

  private static WalkInView view(WalkInRow row) {
    return new WalkInView(
        row.id(),
        row.number(),
        row.customer(),
        row.reach(),
        row.plantId(),
        row.label(),
        row.commonName(),
        row.potShape(),
        row.potTopMm(),
        row.potBaseMm(),
        row.potHeightMm(),
        row.cameAt(),
        row.status(),
        row.promisedOn(),
        row.note(),
        row.walksIn(),
        row.jobId(),
        "DONE".equals(row.jobStatus()),
        row.version());
  }

  public WalkInView of(UUID id) {
    return view(required(id));
  }

  private WalkInRow required(UUID id) {
    WalkInRow row = mapper.walkIn(id);
    if (row == null) {
      throw new NotFoundException("There is no such plant at the counter.");
    }
    return row;
  }

  /** Keeps who walked in, the plant and what was seen of it; sent twice, it is one. */
  @Transactional
  public WalkInView keep(UUID id, WalkInRequest request) {
    if (!history.firstTime(id, request)) {
      return of(id);
    }
    LookRequest look = request.look();
    mapper.lockNumbers();
    int number = mapper.highest() + 1;
    UUID spot = places.counterSpot(look.light());
    UUID plant =
        adding
            .add(
                spot,
                new PlantAdding.AddRequest(
                    own(id, "plant"),
                    look.species(),
                    look.group(),
                    look.commonName(),
                    1,
                    LABEL + number,
                    look.potTopMm(),
                    null,
                    Shape.STANDARD,
                    look.potMaterial(),
                    look.potHoles(),
                    look.heightMm(),
                    look.lastRepotted()))
            .get(0)
            .id();
    String customer = request.customer().trim();
    mapper.add(
        id,
        number,
        customer.isEmpty() ? "Customer " + number : customer,
        request.reach().trim(),
        plant,
        clock.now(),
        user.id());
    checks.log(
        own(id, "check"),
        new Checks.CheckRequest(
            plant, clock.now(), look.signs(), null, null, look.heightMm(), null, null, null),
        user.units());
    history.log("walk_in", id, "Came to the counter");
    return of(id);
  }

  private static UUID own(UUID id, String what) {
    return UUID.nameUUIDFromBytes((id + "/" + what).getBytes(StandardCharsets.UTF_8));
  }

  /**
   * @param potId the pot of the shelf; null for what the rules take
   * @param mix code of a mix; null for what the rules take
   */
  public record PottedRequest(
      @Nullable @Size(max = 60, message = "At most 60 letters.") String potId,
      @Nullable @Size(max = 40, message = "At most 40 letters.") String mix,
      @Nullable Boolean confirmed) {}

  /** It was potted at the counter: the pot leaves the shelf, and its card can go along. */
  @Transactional
  public WalkInView potted(UUID id, PottedRequest request) {
    WalkInRow row = required(id);
    UUID job = row.jobId();
    if ("DONE".equals(row.jobStatus())) {
      return view(row);
    }
    LocalDate today = clock.today();
    if (job == null) {
      job = own(id, "job");
      plan(row, job, new Planned(request.potId(), request.mix(), request.confirmed()));
    }
    bench.done(job, new Bench.DoneRequest(today, Bench.OldPot.CLIENT, null, List.of()));
    links.open(job, new CareLinks.CareLinkRequest(true));
    move(required(id), WalkInStatus.HOME, null, row.note());
    return of(id);
  }

  /** With what it is potted; null for what the rules take. */
  private record Planned(@Nullable String pot, @Nullable String mix, @Nullable Boolean confirmed) {}

  private void plan(WalkInRow row, UUID job, Planned with) {
    jobs.schedule(
        job,
        new Jobs.JobRequest(
            row.plantId(),
            clock.today(),
            with.pot(),
            AdviceRequest.Wish.ofMix(with.mix()),
            null,
            with.confirmed()));
  }

  /**
   * @param potId the pot of the shelf that is kept for it; null for what the rules take
   * @param mix code of a mix; null for what the rules take
   * @param note what was agreed
   */
  public record LeftRequest(
      @NotNull(message = "Give the day it is promised for.") LocalDate promisedOn,
      @NotNull(message = "Send the note, empty for none.")
          @Size(max = 400, message = "At most 400 letters.")
          String note,
      @Nullable @Size(max = 60, message = "At most 60 letters.") String potId,
      @Nullable @Size(max = 40, message = "At most 40 letters.") String mix,
      @Nullable Boolean confirmed) {}

  /**
   * It stays for work: its repot is planned and a pot kept for it, where one is called for and at
   * hand; where none will do, the bench plans it with a pot to order.
   */
  @Transactional
  public WalkInView left(UUID id, LeftRequest request) {
    WalkInRow row = required(id);
    LocalDate today = clock.today();
    if (request.promisedOn().isBefore(today)
        || request.promisedOn().isAfter(today.plusDays(MOST_PROMISED))) {
      throw InputException.of(
          "promisedOn",
          "Give a day from today on, within " + MOST_PROMISED + " days.",
          request.promisedOn());
    }
    if (row.jobId() == null && repots(row.plantId())) {
      plan(row, own(id, "job"), new Planned(request.potId(), request.mix(), request.confirmed()));
    }
    move(row, WalkInStatus.HERE, request.promisedOn(), request.note().trim());
    return of(id);
  }

  /** Whether the call of today asks for work that can be planned. */
  private boolean repots(UUID plant) {
    Advice answer = stored.of(plant, user.units()).advice();
    return answer.repot() != null
        && answer.repot().chosen().isPresent()
        && answer.call().from() != null
        && !answer.call().from().isAfter(clock.today());
  }

  /**
   * @param status READY or HOME; HERE takes back what was told too soon
   */
  public record StatusRequest(@NotNull(message = "Say where it is.") WalkInStatus status) {}

  @Transactional
  public WalkInView status(UUID id, int version, StatusRequest request) {
    WalkInRow row = required(id);
    if (row.version() != version) {
      throw new StaleException(
          row.version(),
          "",
          List.of(new StaleException.Change("status", request.status(), row.status())));
    }
    if (request.status() == WalkInStatus.ASKED) {
      throw InputException.of("status", "Say HERE, READY or HOME.", request.status());
    }
    move(row, request.status(), row.promisedOn(), row.note());
    return of(id);
  }

  private void move(WalkInRow row, WalkInStatus status, @Nullable LocalDate promised, String note) {
    if (mapper.status(row.id(), row.version(), status, promised, note, clock.now()) == 0) {
      throw new ConflictException("Somebody else has just told where this plant is. Look again.");
    }
    history.log("walk_in", row.id(), "Now " + status.name().toLowerCase(Locale.ROOT));
  }

  /** What was left for work and is done on the bench is ready. */
  @EventListener
  public void onJobDone(JobDone done) {
    mapper.ready(done.plantId(), clock.now());
  }

  /**
   * @param name of the client; their plant stands at a site of that name from then on
   */
  public record BecomeRequest(
      @NotBlank(message = "Give the client a name.")
          @Size(max = 160, message = "At most 160 letters.")
          String name) {}

  /** A client with a site and a spot of the same light; the plant and its history go along. */
  @Transactional
  public WalkInView client(UUID id, BecomeRequest request) {
    WalkInRow row = required(id);
    if (!row.walksIn()) {
      throw new ConflictException("They are a client already.");
    }
    UUID client = own(id, "client");
    UUID site = own(id, "site");
    UUID spot = own(id, "spot");
    String name = request.name().trim();
    places.saveClient(client, null, new Places.ClientRequest(name));
    Settings.Workshop here = settings.workshop().orElse(new Settings.Workshop(0, 0));
    places.saveSite(
        site,
        null,
        new Places.SiteRequest(
            client,
            "Home",
            here.latitude(),
            here.longitude(),
            false,
            SiteUse.PRIVATE,
            "",
            new VisitPlan(1, clock.today(), List.of()),
            null));
    places.saveSpot(
        spot,
        null,
        new Places.SpotRequest(
            site, "At home", Light.valueOf(stored.plant(row.plantId()).light())));
    plants.move(row.plantId(), mapper.plantVersion(row.plantId()), new Plants.MoveRequest(spot));
    history.log("walk_in", id, "Became a client: " + name);
    return of(id);
  }
}
