package happysaucer.server.exchange;

import happysaucer.core.advice.Fault;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * Rows under a head line, as saved from a spreadsheet or pasted out of one: parted by commas,
 * semicolons or tabs.
 *
 * @param faults of the sheet as a whole; then there are no rows
 */
public record Rows(List<Fault> faults, List<Row> rows) {

  /** One line; a column that is not in the sheet reads empty. */
  public record Row(int line, Map<String, String> cells) {
    public String text(String column) {
      return cells.getOrDefault(column, "");
    }
  }

  /** The columns a sheet may have, and other words for them. */
  public static final class Head {
    private final int mostRows;
    private final Map<String, String> names = new LinkedHashMap<>();
    private final Set<String> columns = new LinkedHashSet<>();
    private final Set<String> needed = new LinkedHashSet<>();

    public Head(int mostRows) {
      this.mostRows = mostRows;
    }

    public Head needed(String column, String... others) {
      needed.add(column);
      return optional(column, others);
    }

    public Head optional(String column, String... others) {
      columns.add(column);
      names.put(plain(column), column);
      for (String other : others) {
        names.put(plain(other), column);
      }
      return this;
    }

    public Set<String> columns() {
      return columns;
    }

    private static String plain(String name) {
      return name.toLowerCase(Locale.ROOT).replaceAll("[^a-z]", "");
    }
  }

  /** A spreadsheet would work out a cell that begins so, in full width too; a number may. */
  private static final Pattern FORMULA =
      Pattern.compile("'*[=+\\-@\t\r\uFF1D\uFF0B\uFF0D\uFF20].*", Pattern.DOTALL);

  private static final Pattern NUMBER = Pattern.compile("[+-]?[0-9.,]+( [a-z]+)?");

  /**
   * Rows as CSV under their head line. What a spreadsheet would take for a formula has an
   * apostrophe before it, which reading takes off again.
   */
  public static String write(List<String> columns, List<? extends List<?>> rows) {
    StringBuilder out = new StringBuilder();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
      csv.printRecord(columns);
      for (List<?> row : rows) {
        csv.printRecord(row.stream().map(Rows::guarded).toList());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  private static String guarded(@Nullable Object cell) {
    String text = cell == null ? "" : cell.toString();
    return FORMULA.matcher(text).matches() && !NUMBER.matcher(text).matches() ? "'" + text : text;
  }

  private static String unguarded(String cell) {
    return cell.startsWith("'") && FORMULA.matcher(cell).matches() ? cell.substring(1) : cell;
  }

  /** Reads what can be read; nothing is thrown for what a person wrote. */
  public static Rows read(String text, Head head) {
    String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
    String first = plain.strip().split("\\R", 2)[0];
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setDelimiter(delimiter(first))
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .get();
    List<Fault> faults = new ArrayList<>();
    List<Row> rows = new ArrayList<>();
    try (CSVParser parser = CSVParser.parse(new StringReader(plain.strip()), format)) {
      Map<Integer, String> columns = null;
      for (CSVRecord line : parser) {
        if (columns == null) {
          columns = columns(line, head, faults);
          if (!faults.isEmpty()) {
            return new Rows(faults, List.of());
          }
        } else if (rows.size() == head.mostRows) {
          return fault("At most " + head.mostRows + " rows at once. Split the sheet.");
        } else {
          rows.add(row(line, columns));
        }
      }
    } catch (IOException | UncheckedIOException | IllegalStateException e) {
      return fault("A quote is not closed. Mend it in line " + (rows.size() + 2) + " or after.");
    }
    return rows.isEmpty()
        ? fault("There are no rows under the head line.")
        : new Rows(List.of(), List.copyOf(rows));
  }

  private static Rows fault(String message) {
    return new Rows(List.of(new Fault("sheet", message, null)), List.of());
  }

  private static char delimiter(String head) {
    if (head.indexOf('\t') >= 0) {
      return '\t';
    }
    return head.chars().filter(c -> c == ';').count() > head.chars().filter(c -> c == ',').count()
        ? ';'
        : ',';
  }

  private static Map<Integer, String> columns(CSVRecord line, Head head, List<Fault> faults) {
    Map<Integer, String> columns = new HashMap<>();
    Set<String> found = new HashSet<>();
    for (int i = 0; i < line.size(); i++) {
      String name = line.get(i);
      String column = head.names.get(Head.plain(name));
      if (column == null && !name.isEmpty()) {
        faults.add(
            new Fault(
                "sheet",
                "There is no column " + name + ". Use: " + String.join(", ", head.columns) + ".",
                name));
      } else if (column != null && !found.add(column)) {
        faults.add(new Fault("sheet", "The column " + column + " is there twice.", name));
      } else if (column != null) {
        columns.put(i, column);
      }
    }
    for (String column : head.needed) {
      if (!found.contains(column)) {
        faults.add(new Fault("sheet", "The column " + column + " is missing.", null));
      }
    }
    return columns;
  }

  private static Row row(CSVRecord line, Map<Integer, String> columns) {
    Map<String, String> cells = new LinkedHashMap<>();
    for (int i = 0; i < line.size(); i++) {
      if (columns.containsKey(i)) {
        cells.put(columns.get(i), unguarded(line.get(i)));
      }
    }
    return new Row((int) line.getRecordNumber(), cells);
  }
}
