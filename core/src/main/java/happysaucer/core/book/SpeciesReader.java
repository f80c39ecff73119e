package happysaucer.core.book;

import happysaucer.core.book.Csv.Row;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.species.AftercarePlan;
import happysaucer.core.species.Crowding;
import happysaucer.core.species.Disturbance;
import happysaucer.core.species.Feeder;
import happysaucer.core.species.Group;
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

/** Groups, and species that say only what differs from their group. */
final class SpeciesReader {
  private static final List<String> OWN =
      List.of("name", "commonNames", "synonyms", "group", "remarks");

  private SpeciesReader() {}

  static SpeciesTable read(String groupCsv, String speciesCsv, MediumTable media) {
    Map<Group, Row> groupRows = new EnumMap<>(Group.class);
    Map<Group, Species> groups = new EnumMap<>(Group.class);
    for (Row row : Csv.rows("groups", groupCsv)) {
      Group group = row.code("group", Group.class);
      groupRows.put(group, row);
      groups.put(
          group,
          new Species(
              row.needed("label"),
              List.of(),
              List.of(),
              group,
              traits(row, media),
              List.of(),
              true,
              ""));
    }
    List<Species> species = new ArrayList<>();
    for (Row row : Csv.rows("species", speciesCsv)) {
      Group group = row.code("group", Group.class);
      List<String> fromGroup = new ArrayList<>();
      Map<String, String> cells = new LinkedHashMap<>(row.cells());
      for (Map.Entry<String, String> cell : row.cells().entrySet()) {
        if (cell.getValue().isEmpty() && !OWN.contains(cell.getKey())) {
          cells.put(cell.getKey(), groupRows.get(group).text(cell.getKey()));
          fromGroup.add(cell.getKey());
        }
      }
      species.add(
          new Species(
              row.needed("name"),
              row.list("commonNames", ";"),
              row.list("synonyms", ";"),
              group,
              traits(new Row(row.table(), row.line(), cells), media),
              fromGroup,
              false,
              row.needed("remarks")));
    }
    return new SpeciesTable(species, groups);
  }

  private static Traits traits(Row row, MediumTable media) {
    List<String> acceptable = row.list("acceptableMixes", " ");
    for (String mix : acceptable) {
      if (media.mix(mix).isEmpty()) {
        throw row.fault("acceptableMixes", "has no mix " + mix);
      }
    }
    if (media.mix(row.needed("bestMix")).isEmpty()) {
      throw row.fault("bestMix", "has no mix " + row.text("bestMix"));
    }
    return new Traits(
        row.code("refill", Refill.class),
        row.number("waterCoefficient"),
        row.code("crowding", Crowding.class),
        row.code("vigour", Vigour.class),
        row.whole("monthsFrom"),
        row.whole("monthsTo"),
        row.code("rootType", RootType.class),
        row.yes("surfaceRoots"),
        row.number("rootLimit"),
        row.code("disturbance", Disturbance.class),
        row.code("shape", ShapePreference.class),
        row.needed("bestMix"),
        acceptable,
        row.number("afpFrom"),
        row.number("afpTo"),
        row.code("window", WindowKind.class),
        row.yes("budDrop"),
        row.code("aftercare", AftercarePlan.class),
        row.whole("dryDays"),
        row.code("light", Light.class),
        row.whole("sealDays"),
        row.code("feeder", Feeder.class),
        row.yes("neckRot"),
        row.code("sap", Sap.class),
        row.yes("spines"),
        row.list("poisonous", " ").stream().filter(who -> !who.equals("none")).toList(),
        row.yes("foodCrop"),
        row.number("leafDensity"),
        row.number("matureHeightMm"),
        row.yes("canopyPrunable"),
        row.whole("callusDays"),
        row.code("rest", Rest.class),
        row.code("step", StepPreference.class),
        row.yes("graft"),
        row.yes("sunGrown"),
        row.yes("showsBase"),
        row.yes("divides"),
        row.yes("strikes"));
  }
}
