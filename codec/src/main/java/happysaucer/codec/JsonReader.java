package happysaucer.codec;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Reads JSON into maps, lists, texts, doubles and truth values. */
final class JsonReader {
  /** Deeper nesting is no case of ours. */
  private static final int MOST_DEEP = 30;

  private final String json;
  private int at;
  private int deep;

  private JsonReader(String json) {
    this.json = json;
  }

  /**
   * @throws CodecException where it is no JSON
   */
  static @Nullable Object read(String json) {
    JsonReader reader = new JsonReader(json);
    Object value = reader.value();
    reader.space();
    if (reader.at < json.length()) {
      throw reader.fault("Something follows after the end.");
    }
    return value;
  }

  private CodecException fault(String message) {
    return new CodecException("", message + " At letter " + (at + 1) + ".");
  }

  private void space() {
    while (at < json.length() && " \t\r\n".indexOf(json.charAt(at)) >= 0) {
      at++;
    }
  }

  private boolean next(char wanted) {
    space();
    if (at < json.length() && json.charAt(at) == wanted) {
      at++;
      return true;
    }
    return false;
  }

  private @Nullable Object value() {
    space();
    if (at >= json.length()) {
      throw fault("It ends too soon.");
    }
    if (++deep > MOST_DEEP) {
      throw fault("It is nested too deep.");
    }
    char first = json.charAt(at);
    Object value =
        first == '{'
            ? object()
            : first == '['
                ? list()
                : first == '"'
                    ? text()
                    : first == '-' || first >= '0' && first <= '9' ? number() : word();
    deep--;
    return value;
  }

  private Map<String, Object> object() {
    at++;
    Map<String, Object> fields = new LinkedHashMap<>();
    if (next('}')) {
      return fields;
    }
    do {
      space();
      if (at >= json.length() || json.charAt(at) != '"') {
        throw fault("A name in quotes is missing.");
      }
      String name = text();
      if (!next(':')) {
        throw fault("A colon is missing.");
      }
      if (fields.containsKey(name)) {
        throw new CodecException(name, "This field is there twice.");
      }
      fields.put(name, value());
    } while (next(','));
    if (!next('}')) {
      throw fault("A closing brace is missing.");
    }
    return fields;
  }

  private List<@Nullable Object> list() {
    at++;
    List<@Nullable Object> items = new ArrayList<>();
    if (next(']')) {
      return items;
    }
    do {
      items.add(value());
    } while (next(','));
    if (!next(']')) {
      throw fault("A closing bracket is missing.");
    }
    return items;
  }

  private String text() {
    StringBuilder text = new StringBuilder();
    at++;
    while (at < json.length()) {
      char c = json.charAt(at++);
      if (c == '"') {
        return text.toString();
      }
      if (c < ' ') {
        throw fault("A line ends within quotes.");
      }
      text.append(c == '\\' ? escaped() : c);
    }
    throw fault("Closing quotes are missing.");
  }

  private char escaped() {
    if (at >= json.length()) {
      throw fault("It ends too soon.");
    }
    char c = json.charAt(at++);
    switch (c) {
      case '"', '\\', '/':
        return c;
      case 'b':
        return '\b';
      case 'f':
        return '\f';
      case 'n':
        return '\n';
      case 'r':
        return '\r';
      case 't':
        return '\t';
      case 'u':
        int code = 0;
        for (int i = 0; i < 4; i++, at++) {
          int digit = at < json.length() ? Character.digit(json.charAt(at), 16) : -1;
          if (digit < 0) {
            throw fault("Four digits are wanted.");
          }
          code = code * 16 + digit;
        }
        return (char) code;
      default:
        throw fault("There is no such escape.");
    }
  }

  private Double number() {
    int start = at;
    while (at < json.length() && "+-.eE0123456789".indexOf(json.charAt(at)) >= 0) {
      at++;
    }
    String digits = json.substring(start, at);
    boolean leadingZero = digits.matches("-?0[0-9].*");
    try {
      double value = Double.parseDouble(digits);
      if (!leadingZero
          && !Double.isInfinite(value)
          && Character.isDigit(digits.charAt(digits.length() - 1))) {
        return value;
      }
    } catch (NumberFormatException e) {
      // told below
    }
    throw fault(digits + " is no number.");
  }

  private @Nullable Boolean word() {
    for (String word : List.of("true", "false", "null")) {
      if (json.startsWith(word, at)) {
        at += word.length();
        return word.equals("null") ? null : word.equals("true");
      }
    }
    throw fault("This is no JSON.");
  }
}
