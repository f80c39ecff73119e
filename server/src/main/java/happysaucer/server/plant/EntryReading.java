package happysaucer.server.plant;

import happysaucer.core.advice.Advise;
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
import happysaucer.server.client.Places;
import happysaucer.server.exchange.Rows;
import happysaucer.server.plant.EntryMapper.NewPlant;
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

/** Reads all rows of one sheet; knows what other rows have taken. */
final class EntryReading {
  private static final int HOLES = 4;

  private final Rows sheet;
  private final Units units;
  private final UUID user;
  private final LocalDate today;

  /** What was said of a name, since a sheet often has one many times. */
  private final Map<String, String> nearest = new HashMap<>();

  private final Advise rules;
  final Map<String, Places.SpotItem> spots = new HashMap<>();
  final Map<String, Light> newSpots = new LinkedHashMap<>();
  private final Set<String> newSpotKeys = new HashSet<>();
  private final Set<String> taken = new HashSet<>();

  /** Labels that rows of this sheet bring along: none of them is given to another row. */
  private final Set<String> typed = new HashSet<>();

  private int number;

  EntryReading(
      Places.SiteView site,
      Rows sheet,
      Units units,
      UUID user,
      LocalDate today,
      Advise rules,
      EntryMapper mapper) {
    this.user = user;
    this.today = today;
    this.rules = rules;
    this.sheet = sheet;
    this.units = units;
    site.spots().forEach(spot -> spots.put(PlantEntry.key(spot.name()), spot));
    sheet.rows().forEach(row -> typed.add(row.text("label")));
    typed.remove("");
    if (!typed.isEmpty()) {
      taken.addAll(mapper.taken(typed));
    }
    number = mapper.highest(PlantEntry.PREFIX, PlantEntry.PREFIX.length());
  }

  List<PlantEntry.RowRead> all() {
    return sheet.rows().stream().map(this::row).toList();
  }

  private PlantEntry.RowRead row(Rows.Row row) {
    List<Fault> faults = new ArrayList<>();
    List<String> assumed = new ArrayList<>();
    String spot = needed(row, "spot", faults);
    spot(row, spot, faults, assumed);
    String name = needed(row, "species", faults);
    Optional<Species> known = name.isEmpty() ? Optional.empty() : rules.book().species().find(name);
    Group group = code(row, "group", Group.class, null, faults);
    Species species = known.orElse(null);
    if (species == null && group != null) {
      species = rules.book().species().group(group);
      assumed.add(
          "Not in the book: takes the values of " + species.name().toLowerCase(Locale.ROOT));
    } else if (species == null && !name.isEmpty()) {
      faults.add(new Fault("species", nearest.computeIfAbsent(name, this::notInTheBook), name));
    }
    Double top = length(row, "pot", 20, 3000, faults);
    if (top == null && row.text("pot").isEmpty()) {
      faults.add(new Fault("pot", "Is empty. Write a width like 15 cm or 6 in.", ""));
    }
    Double base = length(row, "pot base", 20, 3000, faults);
    Double depth = length(row, "pot depth", 20, 3000, faults);
    if (depth == null) {
      assumed.add("Depth of the pot is not known: it is reckoned with the usual one");
    }
    Double height = length(row, "height", 10, 20000, faults);
    Double spread = length(row, "spread", 10, 20000, faults);
    if (height == null || spread == null) {
      assumed.add("Size of the plant is not known: it is reckoned with the usual one for its pot");
    }
    Shape shape = code(row, "shape", Shape.class, Shape.STANDARD, faults);
    if (top != null && base != null && base > top * 4 / 3 && shape != Shape.URN) {
      faults.add(
          new Fault("pot base", "The base is wider than the top by more than a third.", base));
    }
    Double deep = length(row, "front to back", 20, 3000, faults);
    if (deep != null && shape != Shape.TROUGH) {
      faults.add(
          new Fault(
              "front to back",
              "Only a trough has this measure. Leave it out, or give trough.",
              deep));
    }
    Double mouth = length(row, "mouth", 20, 3000, faults);
    int holes = whole(row, "holes", HOLES, faults);
    if (row.text("holes").isEmpty()) {
      assumed.add("Pot with holes");
    }
    String label = label(row, faults);
    NewPlant draft = null;
    Material material = code(row, "material", Material.class, Material.PLASTIC, faults);
    SizeWish wish = code(row, "size", SizeWish.class, null, faults);
    WatererHabit waterer = code(row, "watering", WatererHabit.class, WatererHabit.EVEN, faults);
    LocalDate repotted = date(row, faults);
    boolean cover = yes(row, faults);
    String note = text(row, "note", 1000, faults);
    String commonName = text(row, "name", 120, faults);
    if (faults.isEmpty() && species != null && top != null) {
      draft =
          new NewPlant(
              UUID.randomUUID(),
              label,
              user,
              known.map(Species::name).orElse(name),
              known.isPresent() || group == null ? null : group.name(),
              commonName.isEmpty() ? known.map(Species::commonName).orElse(name) : commonName,
              height,
              spread,
              wish == null ? null : wish.name(),
              repotted,
              species.traits().bestMix(),
              waterer.name(),
              shape.name(),
              material.name(),
              top,
              base,
              depth,
              mouth,
              deep,
              null,
              holes,
              cover,
              note);
      faults.addAll(draft.refused(rules, today));
    }
    return new PlantEntry.RowRead(
        new PlantEntry.EntryRow(row.line(), label, name, spot, faults, assumed),
        faults.isEmpty() ? draft : null);
  }

  private void spot(Rows.Row row, String spot, List<Fault> faults, List<String> assumed) {
    if (spot.isEmpty()) {
      return;
    }
    if (spot.length() > 160) {
      faults.add(new Fault("spot", "At most 160 letters.", spot));
      return;
    }
    Light light = code(row, "light", Light.class, null, faults);
    Places.SpotItem there = spots.get(PlantEntry.key(spot));
    if (there != null) {
      if (light != null && !light.name().equals(there.light())) {
        faults.add(
            new Fault(
                "light",
                "This spot is on record with another light. Leave it empty, or edit the spot.",
                row.text("light")));
      }
    } else if (newSpotKeys.add(PlantEntry.key(spot))) {
      if (light == null) {
        assumed.add("New spot with medium light");
      }
      newSpots.put(spot, light == null ? Light.MEDIUM : light);
    }
  }

  private String label(Rows.Row row, List<Fault> faults) {
    String label = row.text("label");
    if (label.isEmpty()) {
      do {
        number++;
      } while (typed.contains(PlantEntry.PREFIX + number)
          || !taken.add(PlantEntry.PREFIX + number));
      return PlantEntry.PREFIX + number;
    }
    if (label.length() > 20) {
      faults.add(new Fault("label", "At most 20 letters.", label));
    } else if (!taken.add(label)) {
      faults.add(new Fault("label", "Another plant has this label.", label));
    }
    return label;
  }

  /** Null where nothing is written, or something wrong. */
  private @Nullable Double length(
      Rows.Row row, String column, double least, double most, List<Fault> faults) {
    String text = row.text(column);
    if (text.isEmpty()) {
      return null;
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
    return null;
  }

  private LocalDate date(Rows.Row row, List<Fault> faults) {
    String text = row.text("last repotted");
    if (text.isEmpty()) {
      return null;
    }
    try {
      LocalDate date = LocalDate.parse(text);
      if (date.isAfter(today)) {
        faults.add(new Fault("last repotted", "Lies in the future.", text));
      }
      return date;
    } catch (DateTimeParseException e) {
      faults.add(new Fault("last repotted", "Write the date as 2027-03-10.", text));
      return null;
    }
  }

  private static double round(double mm) {
    return Math.round(mm * 10) / 10.0;
  }

  private String notInTheBook(String name) {
    List<String> names = rules.book().species().nearest(name);
    return names.isEmpty()
        ? "Not in the book. Give its group."
        : "Not in the book. Nearest: " + String.join(", ", names) + ". Or give its group.";
  }

  private static String needed(Rows.Row row, String column, List<Fault> faults) {
    String text = row.text(column);
    if (text.isEmpty()) {
      faults.add(new Fault(column, "Is empty.", text));
    }
    return text;
  }

  private static String text(Rows.Row row, String column, int most, List<Fault> faults) {
    String text = row.text(column);
    if (text.length() > most) {
      faults.add(new Fault(column, "At most " + most + " letters.", text));
    }
    return text;
  }

  private static boolean yes(Rows.Row row, List<Fault> faults) {
    return switch (row.text("cover pot").toLowerCase(Locale.ROOT)) {
      case "yes", "y", "true", "1" -> true;
      case "", "no", "n", "false", "0" -> false;
      default -> {
        faults.add(new Fault("cover pot", "Write yes or no.", row.text("cover pot")));
        yield false;
      }
    };
  }

  private static int whole(Rows.Row row, String column, int standard, List<Fault> faults) {
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
      Rows.Row row, String column, Class<E> type, @Nullable E standard, List<Fault> faults) {
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
