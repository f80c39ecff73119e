package happysaucer.codec;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The fields of one object that was read; what is absent is null, and nothing is turned into
 * another type.
 */
final class Fields {
  private Fields() {}

  /** How a record is read. */
  interface Reading<T> {
    T read(@Nullable Object node, String path);
  }

  @SuppressWarnings("unchecked")
  static Map<String, Object> of(@Nullable Object node, String path, String... known) {
    if (!(node instanceof Map)) {
      throw new CodecException(path, "Must be an object.");
    }
    Map<String, Object> fields = (Map<String, Object>) node;
    for (String name : fields.keySet()) {
      if (!Set.of(known).contains(name)) {
        throw new CodecException(at(path, name), "There is no such field.");
      }
    }
    return fields;
  }

  static String at(String path, String name) {
    return path.isEmpty() ? name : path + "." + name;
  }

  /** Null where it is absent; nothing is turned into another type. */
  private static <T> @Nullable T typed(
      Map<String, Object> fields, String path, String name, Class<T> type, String wanted) {
    Object value = fields.get(name);
    if (value == null || type.isInstance(value)) {
      return type.cast(value);
    }
    throw new CodecException(at(path, name), "Must be " + wanted + ".");
  }

  static @Nullable String text(Map<String, Object> fields, String path, String name) {
    return typed(fields, path, name, String.class, "a text");
  }

  static @Nullable Double number(Map<String, Object> fields, String path, String name) {
    return typed(fields, path, name, Double.class, "a number");
  }

  static @Nullable Boolean truth(Map<String, Object> fields, String path, String name) {
    return typed(fields, path, name, Boolean.class, "true or false");
  }

  static @Nullable Integer whole(Map<String, Object> fields, String path, String name) {
    Double value = number(fields, path, name);
    if (value == null) {
      return null;
    }
    int whole = value.intValue();
    if (whole != value) {
      throw new CodecException(at(path, name), "Must be a whole number.");
    }
    return whole;
  }

  static @Nullable LocalDate day(Map<String, Object> fields, String path, String name) {
    String value = text(fields, path, name);
    try {
      return value == null ? null : LocalDate.parse(value);
    } catch (DateTimeException e) {
      throw new CodecException(at(path, name), "Write a date that exists, as 2027-03-10.");
    }
  }

  static <T> @Nullable T record(
      Map<String, Object> fields, String path, String name, Reading<T> reading) {
    Object value = fields.get(name);
    return value == null ? null : reading.read(value, at(path, name));
  }

  static <T> @Nullable List<T> list(
      Map<String, Object> fields, String path, String name, Reading<T> reading) {
    Object value = fields.get(name);
    if (value == null) {
      return null;
    }
    if (!(value instanceof List<?> nodes)) {
      throw new CodecException(at(path, name), "Must be a list.");
    }
    List<T> items = new ArrayList<>();
    for (Object node : nodes) {
      items.add(reading.read(node, at(path, name) + "[" + items.size() + "]"));
    }
    return items;
  }
}
