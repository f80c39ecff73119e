package happysaucer.server.entry;

import happysaucer.core.advice.Fault;
import happysaucer.server.advice.Glances;
import happysaucer.server.problem.InputException;
import happysaucer.server.problem.StaleException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Entries of the book as cells by column: how they are kept, read, compared and put to use. */
@Component
public class Entries {
  private final ObjectMapper json;
  private final Glances glances;
  private final TransactionTemplate ofItsOwn;

  Entries(ObjectMapper json, Glances glances, PlatformTransactionManager transactions) {
    this.json = json;
    this.glances = glances;
    this.ofItsOwn = new TransactionTemplate(transactions);
    ofItsOwn.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
  }

  /**
   * As stored.
   *
   * @param columns all that an entry has today; those that it has not are empty
   */
  public Map<String, String> read(String stored, List<String> columns) {
    Map<String, String> cells = new LinkedHashMap<>();
    JsonNode tree = json.readTree(stored);
    for (String column : columns) {
      JsonNode cell = tree.get(column);
      cells.put(column, cell == null ? "" : cell.asString());
    }
    return cells;
  }

  public String write(Map<String, String> cells) {
    return json.writeValueAsString(cells);
  }

  /**
   * As sent.
   *
   * @throws InputException for a column that there is not
   */
  public static Map<String, String> byColumn(List<String> columns, List<Cell> given) {
    Map<String, String> byColumn = new LinkedHashMap<>();
    columns.forEach(column -> byColumn.put(column, ""));
    for (Cell cell : given) {
      String text = cell.text() == null ? "" : cell.text().trim();
      if (cell.key() == null || byColumn.put(cell.key(), text) == null) {
        throw InputException.of("cells", "There is no column " + cell.key() + ".", cell.key());
      }
    }
    return byColumn;
  }

  public static List<Cell> list(Map<String, String> cells) {
    return cells.entrySet().stream().map(c -> new Cell(c.getKey(), c.getValue())).toList();
  }

  /**
   * @param found what is wrong, by column
   */
  public static List<Fault> faults(Map<String, String> found, Map<String, String> cells) {
    List<Fault> faults = new ArrayList<>();
    found.forEach(
        (column, what) ->
            faults.add(
                new Fault(
                    column,
                    what.substring(0, 1).toUpperCase(Locale.ROOT) + what.substring(1) + ".",
                    cells.get(column))));
    return faults;
  }

  /** Cells of an edit that say something else than what is stored. */
  public static List<StaleException.Change> differences(
      Map<String, String> yours, Map<String, String> theirs) {
    List<StaleException.Change> changes = new ArrayList<>();
    yours.forEach(
        (column, cell) ->
            StaleException.Change.compare(changes, column, cell, theirs.getOrDefault(column, "")));
    return changes;
  }

  /**
   * The book that all see changes only once the edit is on disk.
   *
   * @param use reads the team's entries anew, in a transaction of its own, since someone else may
   *     have saved another meanwhile, and puts them to use
   */
  public void useAfterCommit(Runnable use) {
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            ofItsOwn.executeWithoutResult(status -> use.run());
            glances.bringUpToDate();
          }
        });
  }
}
