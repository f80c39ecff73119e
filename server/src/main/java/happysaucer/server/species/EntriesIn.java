package happysaucer.server.species;

import happysaucer.core.advice.Fault;
import happysaucer.core.book.SpeciesColumn;
import happysaucer.core.book.SpeciesForm;
import happysaucer.server.exchange.Rows;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Reads entries of the species book from CSV or JSON, as cells by column. */
final class EntriesIn {
  private static final int MOST_IMPORTED = 500;

  private final ObjectMapper json;

  EntriesIn(ObjectMapper json) {
    this.json = json;
  }

  List<Map<String, String>> read(SpeciesAnswers.SpeciesImport request, List<Fault> faults) {
    if (request.format() == SpeciesAnswers.Format.CSV) {
      Rows.Head head = new Rows.Head(MOST_IMPORTED).needed("name").needed("group");
      for (SpeciesColumn column : SpeciesForm.columns()) {
        head.optional(column.key());
      }
      Rows sheet = Rows.read(request.text(), head);
      faults.addAll(sheet.faults());
      return sheet.rows().stream().map(row -> full(row.cells())).toList();
    }
    return readJson(request.text(), faults);
  }

  private List<Map<String, String>> readJson(String text, List<Fault> faults) {
    JsonNode tree;
    try {
      tree = json.readTree(text);
    } catch (JacksonException e) {
      faults.add(new Fault("text", "This is no JSON: " + e.getOriginalMessage(), null));
      return List.of();
    }
    if (!tree.isArray() || tree.isEmpty() || tree.size() > MOST_IMPORTED) {
      faults.add(new Fault("text", "Send a list of 1 to " + MOST_IMPORTED + " entries.", null));
      return List.of();
    }
    Set<String> known = new HashSet<>();
    SpeciesForm.columns().forEach(column -> known.add(column.key()));
    List<Map<String, String>> entries = new ArrayList<>();
    for (JsonNode node : tree) {
      Map<String, String> cells = new LinkedHashMap<>();
      if (!node.isObject()) {
        faults.add(new Fault("text", "Entry " + (entries.size() + 1) + " is no object.", null));
        return List.of();
      }
      for (Map.Entry<String, JsonNode> cell : node.properties()) {
        if (!known.contains(cell.getKey())) {
          faults.add(
              new Fault(
                  cell.getKey(),
                  "Entry " + (entries.size() + 1) + " has a field that the book does not know.",
                  null));
        }
        cells.put(cell.getKey(), cell.getValue().isNull() ? "" : cell.getValue().asString().trim());
      }
      entries.add(full(cells));
    }
    return entries;
  }

  private static Map<String, String> full(Map<String, String> given) {
    Map<String, String> cells = new LinkedHashMap<>();
    for (SpeciesColumn column : SpeciesForm.columns()) {
      cells.put(column.key(), given.getOrDefault(column.key(), "").trim());
    }
    return cells;
  }
}
