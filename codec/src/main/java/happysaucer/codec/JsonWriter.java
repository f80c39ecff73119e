package happysaucer.codec;

import happysaucer.core.unit.Said;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Writes records field by field. */
final class JsonWriter {
  private final StringBuilder json = new StringBuilder();
  private boolean first = true;

  /** How a record is written. */
  interface Writing<T> {
    void write(JsonWriter to, T of);
  }

  void begin() {
    json.append('{');
    first = true;
  }

  void end() {
    json.append('}');
    first = false;
  }

  private void name(String name) {
    if (!first) {
      json.append(',');
    }
    first = false;
    json.append('"').append(name).append("\":");
  }

  /** A text, a day, a number, a truth value, what is said, or a list of those. */
  void field(String name, @Nullable Object value) {
    name(name);
    if (value instanceof List<?> items) {
      json.append('[');
      for (int i = 0; i < items.size(); i++) {
        json.append(i > 0 ? "," : "");
        scalar(items.get(i));
      }
      json.append(']');
    } else {
      scalar(value);
    }
  }

  <T> void field(String name, @Nullable T value, Writing<T> writing) {
    name(name);
    if (value == null) {
      json.append("null");
    } else {
      writing.write(this, value);
      first = false;
    }
  }

  <T> void field(String name, @Nullable List<T> items, Writing<T> writing) {
    name(name);
    if (items == null) {
      json.append("null");
      return;
    }
    json.append('[');
    for (int i = 0; i < items.size(); i++) {
      json.append(i > 0 ? "," : "");
      writing.write(this, items.get(i));
    }
    json.append(']');
    first = false;
  }

  private void scalar(@Nullable Object value) {
    if (value instanceof String text) {
      text(text);
    } else if (value instanceof Said said) {
      text(said.words());
    } else if (value instanceof LocalDate day) {
      text(day.toString());
    } else {
      json.append(value);
    }
  }

  private void text(String text) {
    json.append('"');
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (c == '"' || c == '\\') {
        json.append('\\').append(c);
      } else if (c < ' ') {
        String hex = Integer.toHexString(c);
        json.append("\\u").append("0000".substring(hex.length())).append(hex);
      } else {
        json.append(c);
      }
    }
    json.append('"');
  }

  @Override
  public String toString() {
    return json.toString();
  }
}
