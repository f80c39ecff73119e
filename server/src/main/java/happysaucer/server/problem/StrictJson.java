package happysaucer.server.problem;

import happysaucer.core.advice.Fault;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.json.JsonFactory;

/**
 * Reads JSON into maps, lists, strings, numbers (Long or Double), booleans and nulls, and keeps on
 * through duplicate keys so that all faults come in one answer.
 */
final class StrictJson {
  private static final JsonFactory FACTORY = JsonFactory.builder().build();
  private static final int MOST_DEPTH = 30;

  private final List<Fault> faults = new ArrayList<>();

  /**
   * @param tree null for a JSON null or a malformed text
   */
  record Read(@Nullable Object tree, boolean wellFormed, List<Fault> faults) {}

  static Read read(byte[] json) {
    StrictJson reader = new StrictJson();
    try (JsonParser parser = FACTORY.createParser(ObjectReadContext.empty(), json)) {
      JsonToken first = parser.nextToken();
      if (first == null) {
        return new Read(null, false, List.of(new Fault("", "Send a JSON object.", null)));
      }
      Object tree = reader.value(parser, first, "", 0);
      if (parser.nextToken() != null) {
        reader.faults.add(new Fault("", "There is more after the end of the object.", null));
      }
      return new Read(tree, true, reader.faults);
    } catch (JacksonException e) {
      reader.faults.add(
          new Fault(
              "",
              "This is not well-formed JSON, at line "
                  + (e.getLocation() == null ? 1 : e.getLocation().getLineNr())
                  + ", column "
                  + (e.getLocation() == null ? 1 : e.getLocation().getColumnNr())
                  + ".",
              null));
      return new Read(null, false, reader.faults);
    }
  }

  private @Nullable Object value(JsonParser parser, JsonToken token, String path, int depth) {
    if (depth > MOST_DEPTH) {
      throw new tools.jackson.core.exc.StreamReadException(parser, "too deep");
    }
    return switch (token) {
      case START_OBJECT -> object(parser, path, depth);
      case START_ARRAY -> array(parser, path, depth);
      case VALUE_STRING -> parser.getString();
      case VALUE_NUMBER_INT -> whole(parser);
      case VALUE_NUMBER_FLOAT -> parser.getDoubleValue();
      case VALUE_TRUE -> Boolean.TRUE;
      case VALUE_FALSE -> Boolean.FALSE;
      default -> null;
    };
  }

  private static Object whole(JsonParser parser) {
    JsonParser.NumberType type = parser.getNumberType();
    return type == JsonParser.NumberType.BIG_INTEGER
        ? (Object) parser.getBigIntegerValue().doubleValue()
        : (Object) parser.getLongValue();
  }

  private Map<String, @Nullable Object> object(JsonParser parser, String path, int depth) {
    Map<String, @Nullable Object> object = new LinkedHashMap<>();
    while (parser.nextToken() != JsonToken.END_OBJECT) {
      String name = parser.currentName();
      String at = path.isEmpty() ? name : path + "." + name;
      Object value = value(parser, parser.nextToken(), at, depth + 1);
      if (object.containsKey(name)) {
        faults.add(new Fault(at, "This key is there twice. Keep one.", value));
      }
      object.put(name, value);
    }
    return object;
  }

  private List<@Nullable Object> array(JsonParser parser, String path, int depth) {
    List<@Nullable Object> array = new ArrayList<>();
    for (JsonToken token = parser.nextToken();
        token != JsonToken.END_ARRAY;
        token = parser.nextToken()) {
      array.add(value(parser, token, path + "[" + array.size() + "]", depth + 1));
    }
    return array;
  }
}
