package happysaucer.core.book;

import java.util.List;
import java.util.Map;

/** The core's reader of comma-separated values, for tables that are not of the book. */
public final class CsvTable {
  private CsvTable() {}

  /**
   * @return one map per line, by the column's name
   * @throws IllegalArgumentException naming table and line of the first fault
   */
  public static List<Map<String, String>> rows(String table, String text) {
    return Csv.rows(table, text).stream().map(Csv.Row::cells).toList();
  }
}
