package happysaucer.server.problem;

import happysaucer.core.advice.Fault;
import happysaucer.core.unit.Days;
import java.lang.reflect.Constructor;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Turns a tree of JSON into a record without coercing anything; a value of the wrong kind becomes
 * null and a fault with its path.
 */
final class RecordReader {
  private final List<Fault> faults = new ArrayList<>();

  List<Fault> faults() {
    return faults;
  }

  <T> @Nullable T read(@Nullable Object tree, Class<T> type) {
    Object value = value(tree, type, "");
    return type.cast(value);
  }

  private @Nullable Object value(@Nullable Object tree, Type type, String path) {
    if (tree == null) {
      return null;
    }
    if (type instanceof ParameterizedType generic && generic.getRawType() == List.class) {
      return list(tree, generic.getActualTypeArguments()[0], path);
    }
    Class<?> plain = (Class<?>) type;
    if (plain.isRecord()) {
      return record(tree, plain, path);
    }
    if (plain == Double.class || plain == double.class) {
      return tree instanceof Number number
          ? (Object) number.doubleValue()
          : wrong(path, "a number", tree);
    }
    if (plain == Integer.class || plain == int.class) {
      return whole(tree, path);
    }
    if (plain == Boolean.class || plain == boolean.class) {
      return tree instanceof Boolean ? tree : wrong(path, "true or false", tree);
    }
    if (!(tree instanceof String text)) {
      return wrong(path, "a text in quotes", tree);
    }
    return fromText(text, plain, path);
  }

  private @Nullable Object fromText(String text, Class<?> type, String path) {
    if (type == String.class) {
      return text;
    }
    try {
      if (type == LocalDate.class) {
        LocalDate day = LocalDate.parse(text);
        return sane(day, text, path) ? day : null;
      }
      if (type == LocalDateTime.class) {
        LocalDateTime moment = LocalDateTime.parse(text);
        return sane(moment.toLocalDate(), text, path) ? moment : null;
      }
      if (type == Instant.class) {
        Instant moment = Instant.parse(text);
        return sane(LocalDate.ofInstant(moment, ZoneOffset.UTC), text, path) ? moment : null;
      }
    } catch (DateTimeException e) {
      faults.add(
          new Fault(
              path,
              type == LocalDate.class
                  ? "There is no such date. Write it as 2027-03-10."
                  : "There is no such moment. Write it as 2027-03-10T08:30:00Z.",
              text));
      return null;
    }
    if (type == UUID.class) {
      try {
        return UUID.fromString(text);
      } catch (IllegalArgumentException e) {
        return wrong(path, "a UUID", text);
      }
    }
    if (type.isEnum()) {
      for (Object constant : type.getEnumConstants()) {
        if (((Enum<?>) constant).name().equals(text)) {
          return constant;
        }
      }
      faults.add(
          new Fault(
              path,
              "There is no such code. Use one of: "
                  + String.join(
                      ", ", Arrays.stream(type.getEnumConstants()).map(Object::toString).toList())
                  + ".",
              text));
      return null;
    }
    throw new IllegalStateException("No way to read " + type);
  }

  private boolean sane(LocalDate day, String text, String path) {
    if (Days.sane(day)) {
      return true;
    }
    faults.add(new Fault(path, Days.RANGE, text));
    return false;
  }

  private @Nullable Object whole(Object tree, String path) {
    if (tree instanceof Long number && number >= Integer.MIN_VALUE && number <= Integer.MAX_VALUE) {
      return number.intValue();
    }
    return wrong(path, "a whole number", tree);
  }

  private @Nullable Object list(Object tree, Type of, String path) {
    if (!(tree instanceof List<?> items)) {
      return wrong(path, "a list", tree);
    }
    List<@Nullable Object> list = new ArrayList<>();
    for (int i = 0; i < items.size(); i++) {
      String at = path + "[" + i + "]";
      if (items.get(i) == null) {
        faults.add(new Fault(at, "Something is missing here. Fill it in, or leave it out.", null));
      }
      list.add(value(items.get(i), of, at));
    }
    return list;
  }

  private @Nullable Object record(Object tree, Class<?> type, String path) {
    if (!(tree instanceof Map<?, ?> given)) {
      return wrong(path, "an object", tree);
    }
    Map<String, RecordComponent> components = new LinkedHashMap<>();
    for (RecordComponent component : type.getRecordComponents()) {
      components.put(component.getName(), component);
    }
    for (Object name : given.keySet()) {
      if (!components.containsKey(name)) {
        faults.add(
            new Fault(
                under(path, name.toString()),
                "There is no such field. Known here: "
                    + String.join(", ", components.keySet())
                    + ".",
                simple(given.get(name))));
      }
    }
    Object[] values = new Object[components.size()];
    Class<?>[] types = new Class<?>[components.size()];
    int i = 0;
    for (RecordComponent component : components.values()) {
      types[i] = component.getType();
      values[i] =
          value(
              given.get(component.getName()),
              component.getGenericType(),
              under(path, component.getName()));
      i++;
    }
    try {
      Constructor<?> constructor = type.getDeclaredConstructor(types);
      constructor.setAccessible(true);
      return constructor.newInstance(values);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }

  private @Nullable Object wrong(String path, String wanted, Object given) {
    faults.add(new Fault(path, "Must be " + wanted + ".", simple(given)));
    return null;
  }

  private static @Nullable Object simple(@Nullable Object given) {
    return given instanceof Map || given instanceof List ? null : given;
  }

  private static String under(String path, String name) {
    return path.isEmpty() ? name : path + "." + name;
  }
}
