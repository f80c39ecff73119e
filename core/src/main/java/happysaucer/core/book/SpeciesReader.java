package happysaucer.core.book;

import happysaucer.core.book.Csv.Row;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.species.AftercarePlan;
import happysaucer.core.species.Crowding;
import happysaucer.core.species.Disturbance;
import happysaucer.core.species.Feeder;
import happysaucer.core.species.Group;
import happysaucer.core.species.Habit;
import happysaucer.core.species.Light;
import happysaucer.core.species.Refill;
import happysaucer.core.species.Rest;
import happysaucer.core.species.RootType;
import happysaucer.core.species.Sap;
import happysaucer.core.species.ShapePreference;
import happysaucer.core.species.Species;
import happysaucer.core.species.SpeciesTable;
import happysaucer.core.species.StepPreference;
import happysaucer.core.species.Traits;
import happysaucer.core.species.Vigour;
import happysaucer.core.species.WindowKind;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** Groups, and species that say only what differs from their group. */
final class SpeciesReader {
  /** What a botanical name is made of; it also is an address. */
  private static final Pattern NAME = Pattern.compile("[\\p{L}0-9 .'\u00d7-]+");

  private static final int MOST_TEXT = 1000;
  private static final int MOST_NAME = 120;

  /** Ends of a range: when the upper is put aside, so is the lower. */
  private static final Map<String, String> PARTNERS =
      Map.of("afpTo", "afpFrom", "monthsTo", "monthsFrom");

  private final MediumTable media;
  private final Map<Group, Row> groupRows = new EnumMap<>(Group.class);
  private final Map<Group, Species> groups = new EnumMap<>(Group.class);

  SpeciesReader(String groupCsv, MediumTable media) {
    this.media = media;
    for (Row row : Csv.rows("groups", groupCsv)) {
      Group group = row.code("group", Group.class);
      groupRows.put(group, row);
      groups.put(
          group,
          new Species(
              row.needed("label"), List.of(), List.of(), group, traits(row), List.of(), true, ""));
    }
  }

  /**
   * @param team cells by column, in place of the shipped entry of that name or after them all
   */
  SpeciesTable read(String speciesCsv, List<Map<String, String>> team) {
    Map<String, Row> rows = new LinkedHashMap<>();
    for (Row row : Csv.rows("species", speciesCsv)) {
      rows.put(row.needed("name"), row);
    }
    for (int i = 0; i < team.size(); i++) {
      Row row = new Row("team's species", i + 1, team.get(i));
      rows.put(row.needed("name"), row);
    }
    List<Species> species = new ArrayList<>();
    for (Row row : rows.values()) {
      species.add(entry(row));
    }
    return new SpeciesTable(species, groups);
  }

  private Species entry(Row row) {
    Group group = row.code("group", Group.class);
    List<String> fromGroup = new ArrayList<>();
    Map<String, String> cells = new LinkedHashMap<>(row.cells());
    for (SpeciesColumn column : SpeciesColumn.TRAITS) {
      if (row.text(column.key()).isEmpty()) {
        cells.put(column.key(), groupRows.get(group).text(column.key()));
        fromGroup.add(column.key());
      }
    }
    for (String key : List.of("commonNames", "synonyms", "remarks")) {
      if (row.text(key).length() > MOST_TEXT) {
        throw row.fault(key, "must have at most " + MOST_TEXT + " letters");
      }
    }
    if (!NAME.matcher(row.needed("name")).matches()) {
      throw row.fault("name", "may have letters, digits, blanks, full stops, hyphens and quotes");
    }
    if (row.needed("name").length() > MOST_NAME) {
      throw row.fault("name", "must have at most " + MOST_NAME + " letters");
    }
    return new Species(
        row.needed("name"),
        row.list("commonNames", ";"),
        row.list("synonyms", ";"),
        group,
        traits(new Row(row.table(), row.line(), cells)),
        fromGroup,
        false,
        row.needed("remarks"));
  }

  /** Cells of a group, by column. */
  Map<String, String> groupCells(Group group) {
    return groupRows.get(group).cells();
  }

  /**
   * All that is wrong with one entry, by column. Each faulty trait is put aside, so that the others
   * are looked at too.
   */
  Map<String, String> faults(Map<String, String> cells) {
    Map<String, String> faults = new LinkedHashMap<>();
    Map<String, String> left = new LinkedHashMap<>();
    for (SpeciesColumn column : SpeciesColumn.all()) {
      left.put(column.key(), cells.getOrDefault(column.key(), "").trim());
    }
    for (int i = 0; i <= SpeciesColumn.all().size(); i++) {
      try {
        entry(new Row("species", 1, left));
        return faults;
      } catch (TableFault fault) {
        faults.put(fault.column(), fault.what());
        left.put(fault.column(), harmless(fault.column()));
        if (PARTNERS.containsKey(fault.column())) {
          left.put(PARTNERS.get(fault.column()), "");
        }
      }
    }
    return faults;
  }

  private static String harmless(String column) {
    return switch (column) {
      case "group" -> Group.FIG.name();
      case "name", "remarks" -> "x";
      default -> "";
    };
  }

  private static double number(Row row, String key) {
    SpeciesColumn column = SpeciesColumn.trait(key);
    return row.numberIn(key, column.least(), column.most());
  }

  private static int whole(Row row, String key) {
    number(row, key);
    return row.whole(key);
  }

  private static List<String> poisonous(Row row) {
    List<String> words = row.list("poisonous", " ");
    for (String word : words) {
      if (!SpeciesColumn.trait("poisonous").options().contains(word)) {
        throw row.fault("poisonous", "does not know " + word + "; use people, cats, dogs or none");
      }
    }
    return words.stream().filter(who -> !who.equals("none")).toList();
  }

  private Traits traits(Row row) {
    List<String> acceptable = row.list("acceptableMixes", " ");
    for (String mix : acceptable) {
      if (media.mix(mix).isEmpty()) {
        throw row.fault("acceptableMixes", "has no mix " + mix);
      }
    }
    if (media.mix(row.needed("bestMix")).isEmpty()) {
      throw row.fault("bestMix", "has no mix " + row.text("bestMix"));
    }
    Traits traits =
        new Traits(
            row.code("refill", Refill.class),
            number(row, "waterCoefficient"),
            row.code("crowding", Crowding.class),
            row.code("vigour", Vigour.class),
            whole(row, "monthsFrom"),
            whole(row, "monthsTo"),
            row.code("rootType", RootType.class),
            row.yes("surfaceRoots"),
            number(row, "rootLimit"),
            row.code("disturbance", Disturbance.class),
            row.code("shape", ShapePreference.class),
            row.needed("bestMix"),
            acceptable,
            number(row, "afpFrom"),
            number(row, "afpTo"),
            row.code("window", WindowKind.class),
            row.yes("budDrop"),
            row.code("aftercare", AftercarePlan.class),
            whole(row, "dryDays"),
            number(row, "ringWetDays"),
            row.code("light", Light.class),
            whole(row, "sealDays"),
            row.code("feeder", Feeder.class),
            row.yes("neckRot"),
            row.code("sap", Sap.class),
            row.yes("spines"),
            poisonous(row),
            row.yes("foodCrop"),
            number(row, "leafDensity"),
            number(row, "matureHeightMm"),
            row.code("habit", Habit.class),
            row.yes("canopyPrunable"),
            whole(row, "callusDays"),
            row.code("rest", Rest.class),
            row.code("step", StepPreference.class),
            row.yes("graft"),
            row.yes("sunGrown"),
            row.yes("showsBase"),
            row.yes("divides"),
            row.yes("strikes"));
    if (number(row, "afpFrom") >= number(row, "afpTo")) {
      throw row.fault("afpTo", "must be over the least air");
    }
    if (whole(row, "monthsFrom") > whole(row, "monthsTo")) {
      throw row.fault("monthsTo", "must not be under the least months");
    }
    return traits;
  }
}
