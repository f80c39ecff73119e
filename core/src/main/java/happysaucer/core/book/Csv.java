package happysaucer.core.book;

import happysaucer.core.unit.Rounding;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Comma-separated values with a head line and quotes, as RFC 4180 has them. */
final class Csv {
  /** One line under its head; knows where it stands, for messages. */
  record Row(String table, int line, Map<String, String> cells) {
    String text(String column) {
      String cell = cells.get(column);
      if (cell == null) {
        throw fault(column, "the column is missing");
      }
      return cell;
    }

    String needed(String column) {
      if (text(column).isEmpty()) {
        throw fault(column, "is empty");
      }
      return text(column);
    }

    double number(String column) {
      try {
        return Double.parseDouble(needed(column));
      } catch (NumberFormatException e) {
        throw fault(column, "must be a number, not " + text(column));
      }
    }

    int whole(String column) {
      double number = number(column);
      if (number != Math.rint(number)) {
        throw fault(column, "must be a whole number, not " + text(column));
      }
      return (int) number;
    }

    boolean yes(String column) {
      return switch (needed(column)) {
        case "yes" -> true;
        case "no" -> false;
        default -> throw fault(column, "must be yes or no");
      };
    }

    <E extends Enum<E>> E code(String column, Class<E> type) {
      for (E constant : type.getEnumConstants()) {
        if (constant.name().equals(needed(column))) {
          return constant;
        }
      }
      StringBuilder codes = new StringBuilder();
      for (E constant : type.getEnumConstants()) {
        codes.append(codes.isEmpty() ? "" : ", ").append(constant.name());
      }
      throw fault(column, "has no code " + text(column) + "; use " + codes);
    }

    /** Words parted by a sign. */
    List<String> list(String column, String sign) {
      List<String> words = new ArrayList<>();
      for (String word : text(column).split(sign)) {
        if (!word.isBlank()) {
          words.add(word.trim());
        }
      }
      return words;
    }

    TableFault fault(String column, String what) {
      return new TableFault(table, line, column, what);
    }

    /** Both ends inclusive. */
    double numberIn(String column, double least, double most) {
      double number = number(column);
      if (!(number >= least && number <= most)) {
        throw fault(
            column,
            "must be between " + Rounding.text(least, 2) + " and " + Rounding.text(most, 2));
      }
      return number;
    }
  }

  private Csv() {}

  /**
   * @throws IllegalArgumentException when a line has more or fewer cells than the head
   */
  static List<Row> rows(String table, String text) {
    List<List<String>> lines = cells(text);
    List<String> head = lines.get(0);
    List<Row> rows = new ArrayList<>();
    for (int i = 1; i < lines.size(); i++) {
      List<String> line = lines.get(i);
      if (line.size() != head.size()) {
        throw new IllegalArgumentException(
            table + " line " + (i + 1) + ": " + line.size() + " cells, not " + head.size());
      }
      Map<String, String> cells = new LinkedHashMap<>();
      for (int j = 0; j < head.size(); j++) {
        cells.put(head.get(j), line.get(j).trim());
      }
      rows.add(new Row(table, i + 1, cells));
    }
    return rows;
  }

  private static List<List<String>> cells(String text) {
    List<List<String>> lines = new ArrayList<>();
    List<String> line = new ArrayList<>();
    StringBuilder cell = new StringBuilder();
    boolean quoted = false;
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (quoted) {
        if (c == '"' && i + 1 < text.length() && text.charAt(i + 1) == '"') {
          cell.append('"');
          i++;
        } else if (c == '"') {
          quoted = false;
        } else {
          cell.append(c);
        }
      } else if (c == '"') {
        quoted = true;
      } else if (c == ',') {
        line.add(cell.toString());
        cell.setLength(0);
      } else if (c == '\n') {
        line.add(cell.toString());
        cell.setLength(0);
        if (line.size() > 1 || !line.get(0).isBlank()) {
          lines.add(line);
        }
        line = new ArrayList<>();
      } else if (c != '\r') {
        cell.append(c);
      }
    }
    if (!line.isEmpty() || cell.length() > 0) {
      line.add(cell.toString());
      lines.add(line);
    }
    return lines;
  }
}
