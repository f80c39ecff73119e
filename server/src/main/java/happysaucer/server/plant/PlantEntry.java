package happysaucer.server.plant;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Fault;
import happysaucer.core.casefile.SizeWish;
import happysaucer.core.casefile.WatererHabit;
import happysaucer.core.pot.Material;
import happysaucer.core.pot.Shape;
import happysaucer.core.species.Group;
import happysaucer.core.species.Light;
import happysaucer.core.species.Species;
import happysaucer.core.unit.Length;
import happysaucer.core.unit.Units;
import happysaucer.server.advice.Books;
import happysaucer.server.advice.PlantTouched;
import happysaucer.server.client.Places;
import happysaucer.server.clock.TeamClock;
import happysaucer.server.exchange.Sheet;
import happysaucer.server.history.History;
import happysaucer.server.plant.EntryMapper.NewPlant;
import happysaucer.server.problem.ConflictException;
import happysaucer.server.team.CurrentUser;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Many plants of one site at once, from a pasted or saved sheet: first a dry run, then all. */
@Service
class PlantEntry {
  /** Columns of the sheet and other words for them that people write. */
  static final Sheet.Head HEAD =
      new Sheet.Head(2000)
          .needed("spot", "where", "place")
          .needed("species", "plant", "botanical name")
          .needed("pot", "pot width", "pot size", "diameter")
          .optional("label", "code", "number")
          .optional("light")
          .optional("group")
          .optional("name", "common name")
          .optional("pot base", "base")
          .optional("pot depth", "depth", "pot height")
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

  private static final String PREFIX = "P-";

  /** As the core takes them where a measure is not known. */
  private static final double BASE_OF_TOP = 0.76;

  private static final double DEPTH_OF_TOP = 0.92;
  private static final double HEIGHT_OF_POT = 3;
  private static final int HOLES = 4;

  private final EntryMapper mapper;
  private final Places places;
  private final Books books;
  private final Plants plants;
  private final History history;
  private final TeamClock clock;
  private final CurrentUser user;
  private final ApplicationEventPublisher events;

  PlantEntry(
      EntryMapper mapper,
      Places places,
      Books books,
      Plants plants,
      History history,
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
    Sheet sheet = Sheet.read(request.sheet(), HEAD);
    if (!sheet.faults().isEmpty()) {
      return new EntryView(sheet.faults(), List.of(), List.of(), false);
    }
    Reading reading = new Reading(site, sheet, units);
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

  private void save(UUID site, Reading reading, List<RowRead> read) {
    Map<String, UUID> spots = new HashMap<>();
    reading.spots.forEach((name, spot) -> spots.put(name, spot.id()));
    reading.newSpots.forEach(
        (name, light) -> spots.put(key(name), places.addSpot(site, name, light)));
    List<NewPlant> made = new ArrayList<>();
    for (RowRead row : read) {
      made.add(row.plant(spots.get(key(row.view().spot()))));
    }
    mapper.add(made, clock.now(), user.id());
    List<UUID> ids = made.stream().map(NewPlant::id).toList();
    for (NewPlant plant : made) {
      history.log("plant", plant.id(), "Entered");
    }
    plants.index(ids);
    events.publishEvent(new PlantTouched(ids));
  }

  private static String key(String name) {
    return name.trim().toLowerCase(Locale.ROOT);
  }

  private record RowRead(EntryRow view, @Nullable NewPlant draft) {
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
          draft.holes(),
          draft.inCover(),
          draft.note());
    }
  }

  /** Reads all rows of one sheet; knows what other rows have taken. */
  private final class Reading {
    private final Sheet sheet;
    private final Units units;
    private final Map<String, Places.SpotItem> spots = new HashMap<>();
    private final Map<String, Light> newSpots = new LinkedHashMap<>();
    private final Set<String> newSpotKeys = new HashSet<>();
    private final Set<String> taken = new HashSet<>();
    private int number;

    Reading(Places.SiteView site, Sheet sheet, Units units) {
      this.sheet = sheet;
      this.units = units;
      site.spots().forEach(spot -> spots.put(key(spot.name()), spot));
      Set<String> labels = new HashSet<>();
      sheet.rows().forEach(row -> labels.add(row.text("label")));
      labels.remove("");
      if (!labels.isEmpty()) {
        taken.addAll(mapper.taken(labels));
      }
      number = mapper.highest(PREFIX, PREFIX.length());
    }

    List<RowRead> all() {
      return sheet.rows().stream().map(this::row).toList();
    }

    private RowRead row(Sheet.Row row) {
      List<Fault> faults = new ArrayList<>();
      List<String> assumed = new ArrayList<>();
      String spot = needed(row, "spot", faults);
      spot(row, spot, faults, assumed);
      String name = needed(row, "species", faults);
      Optional<Species> known =
          name.isEmpty() ? Optional.empty() : books.team().book().species().find(name);
      Group group = code(row, "group", Group.class, null, faults);
      Species species = known.orElse(null);
      if (species == null && group != null) {
        species = books.team().book().species().group(group);
        assumed.add(
            "Not in the book: takes the values of " + species.name().toLowerCase(Locale.ROOT));
      } else if (species == null && !name.isEmpty()) {
        faults.add(
            new Fault(
                "species",
                "Not in the book. Nearest: "
                    + String.join(", ", books.team().book().species().nearest(name))
                    + ". Or give its group.",
                name));
      }
      double top = length(row, "pot", 20, 3000, 0, faults);
      double base = length(row, "pot base", 20, 3000, round(top * BASE_OF_TOP), faults);
      double depth = length(row, "pot depth", 20, 3000, round(top * DEPTH_OF_TOP), faults);
      if (row.text("pot depth").isEmpty() && top > 0) {
        assumed.add("Pot depth " + Length.ofMm(depth).text(units));
      }
      double mature = species == null ? 1000 : species.traits().matureHeightMm();
      double height =
          length(row, "height", 10, 20000, round(Math.min(mature, top * HEIGHT_OF_POT)), faults);
      double spread = length(row, "spread", 10, 20000, round(Math.max(top, height * 0.5)), faults);
      if (row.text("height").isEmpty() && top > 0) {
        assumed.add("Plant height " + Length.ofMm(height).text(units));
      }
      Shape shape = code(row, "shape", Shape.class, Shape.STANDARD, faults);
      if (top > 0 && base > top * 4 / 3 && shape != Shape.URN) {
        faults.add(
            new Fault("pot base", "The base is wider than the top by more than a third.", base));
      }
      int holes = whole(row, "holes", HOLES, faults);
      if (row.text("holes").isEmpty()) {
        assumed.add("Pot with holes");
      }
      String label = label(row, faults);
      NewPlant draft = null;
      Material material = code(row, "material", Material.class, Material.PLASTIC, faults);
      SizeWish wish = code(row, "size", SizeWish.class, SizeWish.GROW, faults);
      WatererHabit waterer = code(row, "watering", WatererHabit.class, WatererHabit.EVEN, faults);
      LocalDate repotted = date(row, faults);
      boolean cover = yes(row, faults);
      String note = text(row, "note", 1000, faults);
      String commonName = text(row, "name", 120, faults);
      if (faults.isEmpty() && species != null) {
        draft =
            new NewPlant(
                UUID.randomUUID(),
                label,
                user.id(),
                known.map(Species::name).orElse(name),
                known.isPresent() || group == null ? null : group.name(),
                commonName.isEmpty() ? known.map(Species::commonName).orElse(name) : commonName,
                height,
                spread,
                wish.name(),
                repotted,
                species.traits().bestMix(),
                waterer.name(),
                shape.name(),
                material.name(),
                top,
                base,
                depth,
                holes,
                cover,
                note);
        coreFaults(draft, faults);
      }
      return new RowRead(
          new EntryRow(row.line(), label, name, spot, faults, assumed),
          faults.isEmpty() ? draft : null);
    }

    /** Whatever else the rules would refuse. */
    private void coreFaults(NewPlant plant, List<Fault> faults) {
      AdviceRequest.Pot pot =
          new AdviceRequest.Pot(
              null,
              plant.shape(),
              plant.material(),
              plant.topMm(),
              plant.baseMm(),
              null,
              null,
              plant.potHeightMm(),
              null,
              null,
              null,
              plant.holes(),
              plant.inCover());
      AdviceRequest.Plant about =
          new AdviceRequest.Plant(
              plant.species(),
              plant.speciesGroup(),
              plant.heightMm(),
              plant.spreadMm(),
              null,
              null,
              null,
              plant.lastRepotted(),
              null,
              null,
              null,
              null);
      faults.addAll(
          books
              .team()
              .faults(
                  new AdviceRequest(
                      clock.today(),
                      null,
                      null,
                      about,
                      pot,
                      null,
                      null,
                      null,
                      List.of(),
                      null,
                      null,
                      null,
                      null)));
    }

    private void spot(Sheet.Row row, String spot, List<Fault> faults, List<String> assumed) {
      if (spot.isEmpty()) {
        return;
      }
      if (spot.length() > 160) {
        faults.add(new Fault("spot", "At most 160 letters.", spot));
        return;
      }
      Light light = code(row, "light", Light.class, null, faults);
      Places.SpotItem there = spots.get(key(spot));
      if (there != null) {
        if (light != null && !light.name().equals(there.light())) {
          faults.add(
              new Fault(
                  "light",
                  "This spot is on record with another light. Leave it empty, or edit the spot.",
                  row.text("light")));
        }
      } else if (newSpotKeys.add(key(spot))) {
        if (light == null) {
          assumed.add("New spot with medium light");
        }
        newSpots.put(spot, light == null ? Light.MEDIUM : light);
      }
    }

    private String label(Sheet.Row row, List<Fault> faults) {
      String label = row.text("label");
      if (label.isEmpty()) {
        do {
          number++;
        } while (!taken.add(PREFIX + number));
        return PREFIX + number;
      }
      if (label.length() > 20) {
        faults.add(new Fault("label", "At most 20 letters.", label));
      } else if (!taken.add(label)) {
        faults.add(new Fault("label", "Another plant has this label.", label));
      }
      return label;
    }

    private double length(
        Sheet.Row row,
        String column,
        double least,
        double most,
        double standard,
        List<Fault> faults) {
      String text = row.text(column);
      if (text.isEmpty()) {
        if (column.equals("pot")) {
          faults.add(new Fault(column, "Is empty. Write a width like 15 cm or 6 in.", text));
        }
        return standard;
      }
      try {
        double mm = Length.parse(text, units).mm();
        if (mm >= least && mm <= most) {
          return round(mm);
        }
        faults.add(
            new Fault(
                column,
                "Must be between "
                    + Length.ofMm(least).text(units)
                    + " and "
                    + Length.ofMm(most).text(units)
                    + ".",
                text));
      } catch (IllegalArgumentException e) {
        faults.add(new Fault(column, "Write a length like 15 cm, 150 mm or 6 in.", text));
      }
      return standard;
    }

    private LocalDate date(Sheet.Row row, List<Fault> faults) {
      String text = row.text("last repotted");
      if (text.isEmpty()) {
        return null;
      }
      try {
        LocalDate date = LocalDate.parse(text);
        if (date.isAfter(clock.today())) {
          faults.add(new Fault("last repotted", "Lies in the future.", text));
        }
        return date;
      } catch (DateTimeParseException e) {
        faults.add(new Fault("last repotted", "Write the date as 2027-03-10.", text));
        return null;
      }
    }
  }

  private static double round(double mm) {
    return Math.round(mm * 10) / 10.0;
  }

  private static String needed(Sheet.Row row, String column, List<Fault> faults) {
    String text = row.text(column);
    if (text.isEmpty()) {
      faults.add(new Fault(column, "Is empty.", text));
    }
    return text;
  }

  private static String text(Sheet.Row row, String column, int most, List<Fault> faults) {
    String text = row.text(column);
    if (text.length() > most) {
      faults.add(new Fault(column, "At most " + most + " letters.", text));
    }
    return text;
  }

  private static boolean yes(Sheet.Row row, List<Fault> faults) {
    return switch (row.text("cover pot").toLowerCase(Locale.ROOT)) {
      case "yes", "y", "true", "1" -> true;
      case "", "no", "n", "false", "0" -> false;
      default -> {
        faults.add(new Fault("cover pot", "Write yes or no.", row.text("cover pot")));
        yield false;
      }
    };
  }

  private static int whole(Sheet.Row row, String column, int standard, List<Fault> faults) {
    String text = row.text(column);
    if (text.isEmpty()) {
      return standard;
    }
    if (text.matches("[0-9]{1,3}") && Integer.parseInt(text) <= 200) {
      return Integer.parseInt(text);
    }
    faults.add(new Fault(column, "Write a whole number from 0 to 200.", text));
    return standard;
  }

  /** Codes may be written as words: "bright indirect" is BRIGHT_INDIRECT. */
  private static <E extends Enum<E>> @Nullable E code(
      Sheet.Row row, String column, Class<E> type, @Nullable E standard, List<Fault> faults) {
    String text = row.text(column);
    if (text.isEmpty()) {
      return standard;
    }
    String code = text.toUpperCase(Locale.ROOT).replaceAll("[^A-Z]+", "_");
    List<String> words = new ArrayList<>();
    for (E constant : type.getEnumConstants()) {
      if (constant.name().equals(code)) {
        return constant;
      }
      words.add(constant.name().toLowerCase(Locale.ROOT).replace('_', ' '));
    }
    faults.add(new Fault(column, "Use one of: " + String.join(", ", words) + ".", text));
    return standard;
  }
}
