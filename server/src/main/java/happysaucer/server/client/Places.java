package happysaucer.server.client;

import happysaucer.core.casefile.SiteUse;
import happysaucer.core.species.Light;
import happysaucer.server.advice.PlantTouched;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.NotFoundException;
import happysaucer.server.problem.StaleException;
import happysaucer.server.problem.StaleException.Change;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Clients, their sites, and the spots where plants stand. */
@Service
public class Places {
  static final int PAGE = 40;

  private final PlaceMapper mapper;
  private final ChangeLog history;
  private final ApplicationEventPublisher events;

  Places(PlaceMapper mapper, ChangeLog history, ApplicationEventPublisher events) {
    this.mapper = mapper;
    this.history = history;
    this.events = events;
  }

  public record ClientItem(UUID id, String name, int version, List<SiteItem> sites) {}

  /**
   * @param visitWeekday 1 for Monday to 7 for Sunday
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
      int visitWeekday,
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
      @NotNull(message = "Give the day of the visit.")
          @Min(value = 1, message = "1 for Monday to 7 for Sunday.")
          @Max(value = 7, message = "1 for Monday to 7 for Sunday.")
          Integer visitWeekday) {}

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
    mapper
        .sites(rows.stream().map(PlaceMapper.ClientRow::id).toList())
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
    SiteItem site = mapper.site(id);
    if (site == null) {
      throw new NotFoundException("There is no such site.");
    }
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
            given.visitWeekday());
    if (mapper.client(request.clientId()) == null) {
      throw InputException.of("clientId", "There is no such client.", request.clientId());
    }
    if (version == null) {
      if (history.firstTime(id, request)) {
        mapper.addSite(id, request);
        history.log("site", id, "Added: " + request.name());
      }
      return;
    }
    SiteItem before = mapper.site(id);
    if (before == null) {
      throw new NotFoundException("There is no such site.");
    }
    if (mapper.editSite(id, version, request) == 0) {
      throw stale(id, before.version(), new Change("name", request.name(), before.name()));
    }
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
    SiteItem site = mapper.site(request.siteId());
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

  /** A spot that bulk entry named and that was not there yet. */
  public UUID addSpot(UUID site, String name, Light light) {
    UUID id = UUID.randomUUID();
    mapper.addSpot(id, site, name, light.name());
    history.log("spot", id, "Added: " + name);
    return id;
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
