package happysaucer.server.plant;

import happysaucer.core.advice.Fault;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.Books;
import happysaucer.server.advice.PlantTouched;
import happysaucer.server.client.Places;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.exchange.Rows;
import happysaucer.server.history.ChangeLog;
import happysaucer.server.plant.EntryMapper.NewPlant;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Many plants of one site at once, from a pasted or saved sheet: first a dry run, then all. */
@Service
class PlantEntry {
  /** Columns of the sheet and other words for them that people write. */
  static final Rows.Head HEAD =
      new Rows.Head(2000)
          .needed("spot", "where", "place")
          .needed("species", "plant", "botanical name")
          .needed("pot", "pot width", "pot size", "diameter")
          .optional("label", "code", "number")
          .optional("light")
          .optional("group")
          .optional("name", "common name")
          .optional("pot base", "base")
          .optional("pot depth", "depth", "pot height")
          .optional("front to back", "pot depth front to back")
          .optional("mouth", "pot mouth")
          .optional("shape")
          .optional("material")
          .optional("holes")
          .optional("cover pot", "cover")
          .optional("height", "plant height")
          .optional("spread", "plant spread", "width")
          .optional("last repotted", "repotted")
          .optional("size", "size wish")
          .optional("watering", "waterer")
          .optional("note", "notes", "remarks");

  private static final int CHUNK = 200;
  static final String PREFIX = "P-";

  private final EntryMapper mapper;
  private final Places places;
  private final Books books;
  private final Plants plants;
  private final ChangeLog history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final ApplicationEventPublisher events;

  PlantEntry(
      EntryMapper mapper,
      Places places,
      Books books,
      Plants plants,
      ChangeLog history,
      TeamClock clock,
      CurrentUser user,
      ApplicationEventPublisher events) {
    this.mapper = mapper;
    this.places = places;
    this.books = books;
    this.plants = plants;
    this.history = history;
    this.clock = clock;
    this.user = user;
    this.events = events;
  }

  /**
   * @param id made by the sender, so that the same entry sent twice is made once
   * @param sheet rows under a head line, parted by commas, semicolons or tabs
   * @param save false for a dry run
   */
  public record EntryRequest(
      @NotNull(message = "Make an id for this entry.") UUID id,
      @NotBlank(message = "Paste rows under a head line.") String sheet,
      @NotNull(message = "Say whether to save, or only to try.") Boolean save) {}

  /**
   * @param faults of the sheet as a whole; then no row was read
   * @param saved whether the plants are now in care: only when no row has a fault
   */
  public record EntryView(
      List<Fault> faults, List<EntryRow> rows, List<String> newSpots, boolean saved) {}

  /**
   * @param line of the sheet, the head being 1
   * @param label as it is, or as it will be given
   * @param assumed what was not written and is taken instead
   */
  public record EntryRow(
      int line,
      String label,
      String species,
      String spot,
      List<Fault> faults,
      List<String> assumed) {}

  /** Reads the sheet, tells each row's faults, and saves all rows when asked and none has any. */
  @Transactional
  public EntryView enter(UUID siteId, EntryRequest request, Units units) {
    Places.SiteView site = places.site(siteId);
    Rows sheet = Rows.read(request.sheet(), HEAD);
    if (!sheet.faults().isEmpty()) {
      return new EntryView(sheet.faults(), List.of(), List.of(), false);
    }
    EntryReading reading =
        new EntryReading(site, sheet, units, user.id(), clock.today(), books.team(), mapper);
    List<RowRead> read = reading.all();
    boolean faultless = read.stream().allMatch(row -> row.view().faults().isEmpty());
    boolean save = request.save() && faultless && !read.isEmpty();
    if (save && history.firstTime(request.id(), request)) {
      save(siteId, reading, read);
    }
    return new EntryView(
        List.of(),
        read.stream().map(RowRead::view).toList(),
        List.copyOf(reading.newSpots.keySet()),
        save);
  }

  private void save(UUID site, EntryReading reading, List<RowRead> read) {
    Map<String, UUID> spots = new HashMap<>();
    reading.spots.forEach((name, spot) -> spots.put(name, spot.id()));
    reading.newSpots.forEach(
        (name, light) -> spots.put(key(name), places.addSpot(site, name, light)));
    List<NewPlant> made = new ArrayList<>();
    for (RowRead row : read) {
      made.add(row.plant(spots.get(key(row.view().spot()))));
    }
    for (int from = 0; from < made.size(); from += CHUNK) {
      mapper.add(made.subList(from, Math.min(made.size(), from + CHUNK)), clock.now(), user.id());
    }
    List<UUID> ids = made.stream().map(NewPlant::id).toList();
    history.logAll("plant", ids, "Entered");
    plants.index(ids);
    events.publishEvent(new PlantTouched(ids));
  }

  static String key(String name) {
    return name.trim().toLowerCase(Locale.ROOT);
  }

  record RowRead(EntryRow view, @Nullable NewPlant draft) {
    NewPlant plant(UUID spot) {
      if (draft == null) {
        throw new ConflictException("A row with a fault cannot be saved.");
      }
      return new NewPlant(
          draft.id(),
          draft.label(),
          spot,
          draft.species(),
          draft.speciesGroup(),
          draft.commonName(),
          draft.heightMm(),
          draft.spreadMm(),
          draft.sizeWish(),
          draft.lastRepotted(),
          draft.mix(),
          draft.waterer(),
          draft.shape(),
          draft.material(),
          draft.topMm(),
          draft.baseMm(),
          draft.potHeightMm(),
          draft.mouthMm(),
          draft.topDepthMm(),
          draft.baseDepthMm(),
          draft.holes(),
          draft.inCover(),
          draft.note());
    }
  }
}
