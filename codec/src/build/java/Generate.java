import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.unit.Said;
import java.io.IOException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Writes the class that reads requests and writes answers, from the records as they are. */
class Generate {
  private final StringBuilder code = new StringBuilder();

  public static void main(String[] folder) throws IOException {
    Path file = Path.of(folder[0], "happysaucer", "codec", "AdviceCodec.java");
    Files.createDirectories(file.getParent());
    String written = new Generate().write();
    if (!Files.exists(file) || !Files.readString(file).equals(written)) {
      Files.writeString(file, written);
    }
  }

  private String write() {
    code.append("package happysaucer.codec;\n\n");
    code.append("import happysaucer.core.advice.Advice;\n");
    code.append("import happysaucer.core.advice.AdviceRequest;\n");
    code.append("import java.util.Map;\n\n");
    code.append("/** Generated from the records of the core: do not edit. */\n");
    code.append("public final class AdviceCodec {\n  private AdviceCodec() {}\n\n");
    code.append("  /**\n   * @throws CodecException naming the field that cannot be read\n   */\n");
    code.append("  public static AdviceRequest request(String json) {\n");
    code.append("    return readAdviceRequest(JsonReader.read(json), \"\");\n  }\n\n");
    code.append("  public static String answer(Advice advice) {\n");
    code.append("    JsonWriter to = new JsonWriter();\n");
    code.append("    writeAdvice(to, advice);\n    return to.toString();\n  }\n");
    for (Class<?> record : records(AdviceRequest.class)) {
      reader(record);
    }
    for (Class<?> record : records(Advice.class)) {
      writer(record);
    }
    return code.append("}\n").toString();
  }

  private static Set<Class<?>> records(Class<?> root) {
    Set<Class<?>> found = new LinkedHashSet<>();
    collect(root, found);
    return found;
  }

  private static void collect(Class<?> type, Set<Class<?>> found) {
    if (!type.isRecord() || type == Said.class || !found.add(type)) {
      return;
    }
    for (RecordComponent component : type.getRecordComponents()) {
      collect(element(component.getGenericType()), found);
    }
  }

  private static boolean list(Type type) {
    return type instanceof ParameterizedType of && of.getRawType() == List.class;
  }

  private static Class<?> element(Type type) {
    return (Class<?>) (list(type) ? ((ParameterizedType) type).getActualTypeArguments()[0] : type);
  }

  private static String name(Class<?> type) {
    return type.getCanonicalName().replace("happysaucer.core.advice.", "");
  }

  private static String method(Class<?> type) {
    return name(type).replace(".", "");
  }

  private void reader(Class<?> record) {
    code.append("\n  private static ").append(name(record)).append(" read").append(method(record));
    code.append("(Object node, String path) {\n");
    code.append("    Map<String, Object> fields = Fields.of(node, path");
    for (RecordComponent component : record.getRecordComponents()) {
      code.append(", \"").append(component.getName()).append('"');
    }
    code.append(");\n    return new ").append(name(record)).append('(');
    String comma = "\n        ";
    for (RecordComponent component : record.getRecordComponents()) {
      code.append(comma).append(read(component));
      comma = ",\n        ";
    }
    code.append(");\n  }\n");
  }

  private static String read(RecordComponent component) {
    String at = "fields, path, \"" + component.getName() + "\"";
    Class<?> element = element(component.getGenericType());
    if (element.isRecord()) {
      String by = "AdviceCodec::read" + method(element);
      return (list(component.getGenericType()) ? "Fields.list(" : "Fields.record(") + at + ", " + by + ")";
    }
    if (list(component.getGenericType())) {
      throw new IllegalStateException("No way to read " + component);
    }
    return "Fields." + scalar(element) + "(" + at + ")";
  }

  private static String scalar(Class<?> type) {
    if (type == String.class) {
      return "text";
    }
    if (type == Double.class) {
      return "number";
    }
    if (type == Integer.class) {
      return "whole";
    }
    if (type == Boolean.class) {
      return "truth";
    }
    if (type == LocalDate.class) {
      return "day";
    }
    throw new IllegalStateException("No way to read " + type);
  }

  private void writer(Class<?> record) {
    code.append("\n  private static void write").append(method(record));
    code.append("(JsonWriter to, ").append(name(record)).append(" of) {\n    to.begin();\n");
    for (RecordComponent component : record.getRecordComponents()) {
      Class<?> element = element(component.getGenericType());
      boolean known =
          element == Said.class
              || element == String.class
              || element == LocalDate.class
              || element.isPrimitive()
              || Number.class.isAssignableFrom(element)
              || element == Boolean.class;
      if (!element.isRecord() && !known) {
        throw new IllegalStateException("No way to write " + component);
      }
      code.append("    to.field(\"").append(component.getName()).append("\", of.");
      code.append(component.getName()).append("()");
      if (element.isRecord() && element != Said.class) {
        code.append(", AdviceCodec::write").append(method(element));
      }
      code.append(");\n");
    }
    code.append("    to.end();\n  }\n");
  }
}
