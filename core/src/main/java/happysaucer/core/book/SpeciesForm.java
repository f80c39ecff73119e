package happysaucer.core.book;

import happysaucer.core.medium.MediumTable;
import happysaucer.core.species.Group;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The species table as a team edits it: cells by column, checked before they become a book. */
public final class SpeciesForm {
  private final SpeciesReader reader;
  private final Map<String, Map<String, String>> shipped = new LinkedHashMap<>();

  /**
   * @param tables CSV text by name, as for {@link BookReader}
   */
  public SpeciesForm(Map<String, String> tables, MediumTable media) {
    reader = new SpeciesReader(tables.get("groups"), media);
    for (Csv.Row row : Csv.rows("species", tables.get("species"))) {
      shipped.put(row.needed("name"), row.cells());
    }
  }

  /** Cells of a shipped entry as it was shipped. */
  public Optional<Map<String, String>> shipped(String name) {
    return Optional.ofNullable(shipped.get(name));
  }

  /** What a group says for each trait. */
  public Map<String, String> group(Group group) {
    return reader.groupCells(group);
  }

  /** What is wrong, by column, each as the end of a sentence; empty when it can be saved. */
  public Map<String, String> faults(Map<String, String> cells) {
    return reader.faults(cells);
  }

  public static List<SpeciesColumn> columns() {
    return SpeciesColumn.all();
  }
}
