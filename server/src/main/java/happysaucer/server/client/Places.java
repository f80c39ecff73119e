package happysaucer.server.client;

import happysaucer.core.advice.Fault;
import happysaucer.core.casefile.SiteUse;
import happysaucer.core.species.Light;
import happysaucer.server.advice.PlantTouched;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.problem.StaleException;
import happysaucer.server.problem.StaleException.Change;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
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
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Clients, their sites, and the spots where plants stand. */
@Service
public class Places {
  private static final UUID COUNTER = new UUID(0x5a0cL, 1);
  static final int PAGE = 40;

  private final PlaceMapper mapper;
  private final ChangeLog history;
  private final TeamClock clock;
  private final ApplicationEventPublisher events;

  Places(PlaceMapper mapper, ChangeLog history, TeamClock clock, ApplicationEventPublisher events) {
    this.clock = clock;
    this.mapper = mapper;
    this.history = history;
    this.events = events;
  }

  public record ClientItem(UUID id, String name, int version, List<SiteItem> sites) {}

  /**
   * @param nextVisit null where nobody comes by the calendar
   * @param plants in care there
   */
  public record SiteItem(
      UUID id,
      UUID clientId,
      String name,
      double latitude,
      double longitude,
      boolean outdoors,
      String siteUse,
      String accessNote,
      VisitPlan visits,
      @Nullable LocalDate nextVisit,
      SiteAccess access,
      int version,
      int plants) {}

  public record SpotItem(
      UUID id, UUID siteId, String name, String light, int version, int plants) {}

  public record SiteView(SiteItem site, UUID clientId, String clientName, List<SpotItem> spots) {}

  public record ClientRequest(
      @NotBlank(message = "Give it a name.") @Size(max = 160, message = "At most 160 letters.")
          String name) {}

  public record SiteRequest(
      @NotNull(message = "Say whose site it is.") UUID clientId,
      @NotBlank(message = "Give it a name.") @Size(max = 160, message = "At most 160 letters.")
          String name,
      @NotNull(message = "Give the latitude: the windows depend on it.")
          @DecimalMin(value = "-90", message = "Must be between -90 and 90.")
          @DecimalMax(value = "90", message = "Must be between -90 and 90.")
          Double latitude,
      @NotNull(message = "Give the longitude.")
          @DecimalMin(value = "-180", message = "Must be between -180 and 180.")
          @DecimalMax(value = "180", message = "Must be between -180 and 180.")
          Double longitude,
      @NotNull(message = "Say whether plants stand outdoors.") Boolean outdoors,
      @NotNull(message = "Say who comes past.") SiteUse use,
      @NotNull(message = "Send a note on access, empty if there is none.")
          @Size(max = 400, message = "At most 400 letters.")
          String accessNote,
      @NotNull(message = "Say when it is visited.") @Valid VisitPlan visits,
      @Nullable @Valid SiteAccess access) {}

  public record SpotRequest(
      @NotNull(message = "Say at which site.") UUID siteId,
      @NotBlank(message = "Give it a name.") @Size(max = 160, message = "At most 160 letters.")
          String name,
      @NotNull(message = "Say how light it is.") Light light) {}

  /** Clients with their sites, by name, a page at a time; the search looks at both. */
  public List<ClientItem> clients(String search, int page) {
    if (page < 0 || page > 10_000) {
      throw InputException.of("page", "Must be between 0 and 10000.", page);
    }
    String like =
        "%"
            + search
                .toLowerCase(Locale.ROOT)
                .trim()
                .replace("\\", "\\\\")
                .replace("%", "\\%")
                .replace("_", "\\_")
            + "%";
    List<PlaceMapper.ClientRow> rows = mapper.clients(like, PAGE, page * PAGE);
    if (rows.isEmpty()) {
      return List.of();
    }
    Map<UUID, List<SiteItem>> sites = new HashMap<>();
    withVisits(mapper.sites(rows.stream().map(PlaceMapper.ClientRow::id).toList()))
        .forEach(site -> sites.computeIfAbsent(site.clientId(), id -> new ArrayList<>()).add(site));
    return rows.stream()
        .map(
            row ->
                new ClientItem(
                    row.id(), row.name(), row.version(), sites.getOrDefault(row.id(), List.of())))
        .toList();
  }

  /**
   * @throws NotFoundException when there is no such site
   */
  public SiteView site(UUID id) {
    PlaceMapper.SiteRow row = mapper.site(id);
    if (row == null) {
      throw new NotFoundException("There is no such site.");
    }
    SiteItem site = withVisits(List.of(row)).get(0);
    PlaceMapper.ClientRow client = Objects.requireNonNull(mapper.client(site.clientId()));
    return new SiteView(site, client.id(), client.name(), mapper.spots(id));
  }

  /**
   * Adds a client, or edits the one of this id.
   *
   * @param version null to add
   */
  @Transactional
  public void saveClient(UUID id, @Nullable Integer version, ClientRequest request) {
    String name = request.name().trim();
    if (version == null) {
      if (history.firstTime(id, request)) {
        mapper.addClient(id, name);
        history.log("client", id, "Added: " + name);
      }
      return;
    }
    PlaceMapper.ClientRow before = mapper.client(id);
    if (before == null) {
      throw new NotFoundException("There is no such client.");
    }
    if (mapper.editClient(id, version, name) == 0) {
      throw stale(id, before.version(), new Change("name", name, before.name()));
    }
    history.log("client", id, "name: " + before.name() + " -> " + name);
    events.publishEvent(new PlaceRenamed(id));
  }

  /**
   * Adds a site, or edits the one of this id. Latitude, use and outdoors change what is advised for
   * its plants.
   *
   * @param version null to add
   */
  @Transactional
  public void saveSite(UUID id, @Nullable Integer version, SiteRequest given) {
    SiteRequest request =
        new SiteRequest(
            given.clientId(),
            given.name().trim(),
            given.latitude(),
            given.longitude(),
            given.outdoors(),
            given.use(),
            given.accessNote().trim(),
            given.visits(),
            given.access());
    refuseFaulty("visits", request.visits().days());
    if (request.access() != null) {
      refuseFaulty("access", request.access().days());
    }
    if (mapper.client(request.clientId()) == null) {
      throw InputException.of("clientId", "There is no such client.", request.clientId());
    }
    if (version == null) {
      if (history.firstTime(id, request)) {
        mapper.addSite(id, request);
        addDays(id, request);
        history.log("site", id, "Added: " + request.name());
      }
      return;
    }
    PlaceMapper.SiteRow before = mapper.site(id);
    if (before == null) {
      throw new NotFoundException("There is no such site.");
    }
    if (mapper.editSite(id, version, request) == 0) {
      throw stale(id, before.version(), new Change("name", request.name(), before.name()));
    }
    mapper.clearDays(id);
    addDays(id, request);
    history.log("site", id, "Edited: " + request.name());
    events.publishEvent(new PlaceRenamed(request.clientId()));
    List<UUID> plants = mapper.plantsAtSite(id);
    if (!plants.isEmpty()) {
      events.publishEvent(new PlantTouched(plants));
    }
  }

  /**
   * Adds a spot, or edits the one of this id.
   *
   * @param version null to add
   */
  @Transactional
  public void saveSpot(UUID id, @Nullable Integer version, SpotRequest request) {
    PlaceMapper.SiteRow site = mapper.site(request.siteId());
    if (site == null) {
      throw InputException.of("siteId", "There is no such site.", request.siteId());
    }
    String name = request.name().trim();
    if (version == null) {
      if (history.firstTime(id, request)) {
        mapper.addSpot(id, request.siteId(), name, request.light().name());
        history.log("spot", id, "Added: " + name);
      }
      return;
    }
    SpotItem before = mapper.spot(id);
    if (before == null) {
      throw new NotFoundException("There is no such spot.");
    }
    if (mapper.editSpot(id, version, name, request.light().name()) == 0) {
      throw stale(
          id,
          before.version(),
          new Change("name", name, before.name()),
          new Change("light", request.light().name(), before.light()));
    }
    history.log("spot", id, "Edited: " + name);
    events.publishEvent(new PlaceRenamed(site.clientId()));
    List<UUID> plants = mapper.plantsAtSpot(id);
    if (!plants.isEmpty()) {
      events.publishEvent(new PlantTouched(plants));
    }
  }

  /**
   * Where plants stand that customers bring, made when the first one comes; its light is that of
   * their homes.
   */
  @Transactional
  public UUID counterSpot(Light light) {
    UUID site = mapper.counter();
    if (site == null) {
      site = COUNTER;
      UUID client = new UUID(COUNTER.getMostSignificantBits(), 2);
      mapper.addClient(client, "Counter");
      mapper.addCounter(site, client);
      history.log("site", site, "Added: Counter");
    }
    UUID spot = mapper.spotInLight(site, light.name());
    return spot == null
        ? addSpot(
            site, "At home: " + light.name().toLowerCase(Locale.ROOT).replace('_', ' '), light)
        : spot;
  }

  /** A spot that bulk entry named and that was not there yet. */
  public UUID addSpot(UUID site, String name, Light light) {
    UUID id = UUID.randomUUID();
    mapper.addSpot(id, site, name, light.name());
    history.log("spot", id, "Added: " + name);
    return id;
  }

  /** Sites that are visited by the calendar on a day, with the hours in which they are open. */
  public Map<UUID, VisitPlan.VisitDay> visitedOn(LocalDate day) {
    Map<UUID, VisitPlan.VisitDay> visited = new HashMap<>();
    for (PlaceMapper.RhythmRow row : mapper.rhythms(day.getDayOfWeek().getValue(), day)) {
      VisitPlan.VisitDay open =
          new VisitPlan.VisitDay(day.getDayOfWeek().getValue(), row.opens(), row.closes());
      if (new VisitPlan(row.visitEvery(), row.visitFrom(), List.of(open)).rhythm().falls(day)) {
        visited.put(row.siteId(), open);
      }
    }
    return visited;
  }

  private List<SiteItem> withVisits(List<PlaceMapper.SiteRow> rows) {
    if (rows.isEmpty()) {
      return List.of();
    }
    List<UUID> ids = rows.stream().map(PlaceMapper.SiteRow::id).toList();
    Map<UUID, List<VisitPlan.VisitDay>> days = byDay(mapper.days(ids));
    Map<UUID, List<VisitPlan.VisitDay>> access = byDay(mapper.accessDays(ids));
    LocalDate today = clock.today();
    return rows.stream()
        .map(
            row ->
                row.with(
                    days.getOrDefault(row.id(), List.of()),
                    access.getOrDefault(row.id(), List.of()),
                    today))
        .toList();
  }

  private void addDays(UUID site, SiteRequest request) {
    if (!request.visits().days().isEmpty()) {
      mapper.addDays(site, request.visits().days());
    }
    SiteAccess access = request.access();
    if (access != null) {
      mapper.access(site, access);
      mapper.clearAccess(site);
      if (!access.days().isEmpty()) {
        mapper.addAccess(site, access.days());
      }
    }
  }

  /** Every site as a season asks for it, with the days on which one gets in. */
  public List<SeasonSite> seasonSites() {
    List<PlaceMapper.SeasonSiteRow> rows = mapper.seasonSites();
    if (rows.isEmpty()) {
      return List.of();
    }
    List<UUID> ids = rows.stream().map(PlaceMapper.SeasonSiteRow::id).toList();
    Map<UUID, List<VisitPlan.VisitDay>> visits = byDay(mapper.days(ids));
    Map<UUID, List<VisitPlan.VisitDay>> access = byDay(mapper.accessDays(ids));
    return rows.stream()
        .map(
            row ->
                new SeasonSite(
                    row.id(),
                    row.name(),
                    row.clientId(),
                    row.clientName(),
                    row.latitude(),
                    row.longitude(),
                    row.accessNote(),
                    row.floors(),
                    row.parkingMinutes(),
                    access.containsKey(row.id())
                        ? access.get(row.id())
                        : visits.getOrDefault(row.id(), List.of())))
        .toList();
  }

  private static Map<UUID, List<VisitPlan.VisitDay>> byDay(List<PlaceMapper.DayRow> rows) {
    Map<UUID, List<VisitPlan.VisitDay>> days = new HashMap<>();
    rows.forEach(
        day ->
            days.computeIfAbsent(day.siteId(), id -> new ArrayList<>())
                .add(new VisitPlan.VisitDay(day.weekday(), day.opens(), day.closes())));
    return days;
  }

  private static void refuseFaulty(String field, List<VisitPlan.VisitDay> days) {
    List<Fault> faults = new ArrayList<>();
    Set<Integer> seen = new HashSet<>();
    for (int i = 0; i < days.size(); i++) {
      VisitPlan.VisitDay day = days.get(i);
      String at = field + ".days[" + i + "].";
      if (!seen.add(day.weekday())) {
        faults.add(new Fault(at + "weekday", "This day is named twice.", day.weekday()));
      }
      if (day.opens() != null && day.closes() != null && day.opens().compareTo(day.closes()) >= 0) {
        faults.add(
            new Fault(
                at + "closes", "It closes before it opens. Give a later hour.", day.closes()));
      }
    }
    if (!faults.isEmpty()) {
      throw new InputException(faults);
    }
  }

  private StaleException stale(UUID id, int version, Change... changes) {
    String who = mapper.changedBy(id);
    return new StaleException(
        version,
        who == null ? "Somebody" : who,
        List.of(changes).stream()
            .filter(change -> !Objects.equals(change.yours(), change.theirs()))
            .toList());
  }
}
