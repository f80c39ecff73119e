package happysaucer.server.exchange;

import happysaucer.core.advice.Fault;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Reads entries of a table of the book from CSV or JSON, as cells by column. */
public final class EntriesIn {
  private static final int MOST_IMPORTED = 500;

  private final ObjectMapper json;
  private final List<String> columns;
  private final Set<String> needed;

  /**
   * @param needed of the columns, without which no entry can be read
   */
  public EntriesIn(ObjectMapper json, List<String> columns, Set<String> needed) {
    this.json = json;
    this.columns = columns;
    this.needed = needed;
  }

  /**
   * @param faults of the text as a whole are added here
   */
  public List<Map<String, String>> read(Format format, String text, List<Fault> faults) {
    if (format == Format.CSV) {
      Rows.Head head = new Rows.Head(MOST_IMPORTED);
      for (String column : columns) {
        if (needed.contains(column)) {
          head.needed(column);
        } else {
          head.optional(column);
        }
      }
      Rows sheet = Rows.read(text, head);
      faults.addAll(sheet.faults());
      return sheet.rows().stream().map(row -> full(row.cells())).toList();
    }
    return readJson(text, faults);
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
    Set<String> known = Set.copyOf(columns);
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

  private Map<String, String> full(Map<String, String> given) {
    Map<String, String> cells = new LinkedHashMap<>();
    for (String column : columns) {
      cells.put(column, given.getOrDefault(column, "").trim());
    }
    return cells;
  }
}
