package happysaucer.server.advice;

import happysaucer.core.unit.About;
import happysaucer.core.unit.Length;
import happysaucer.core.unit.Mass;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Sentences;
import happysaucer.core.unit.Split;
import happysaucer.core.unit.Units;
import happysaucer.core.unit.Volume;
import happysaucer.core.unit.Wording;
import happysaucer.core.unit.Written;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * A message as JSON: its key, and its values by the measure they are. Messages kept by earlier
 * versions bring their sentence along; where it is no longer the one of the key, its words stay.
 */
public final class MessageJson {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  private MessageJson() {}

  public static ObjectNode of(Message message) {
    ObjectNode node = NODES.objectNode().put("key", message.key());
    if (!message.values().isEmpty()) {
      ArrayNode values = node.putArray("values");
      message.values().forEach(value -> values.add(value(value)));
    }
    return node;
  }

  private static JsonNode value(Object value) {
    if (value instanceof Message message) {
      return of(message);
    }
    if (value instanceof String text) {
      return NODES.stringNode(text);
    }
    if (value instanceof Integer number) {
      return NODES.numberNode(number);
    }
    if (value instanceof Long number) {
      return NODES.numberNode(number);
    }
    if (value instanceof Double number) {
      return NODES.numberNode(number);
    }
    return measure(NODES.objectNode(), value);
  }

  private static ObjectNode measure(ObjectNode node, Object value) {
    if (value instanceof Length length) {
      return node.put("mm", length.mm());
    }
    if (value instanceof Volume volume) {
      return node.put("litres", volume.litres());
    }
    if (value instanceof Mass mass) {
      return node.put("grams", mass.grams());
    }
    if (value instanceof About about) {
      return node.set("about", value(about.measure()));
    }
    if (value instanceof LocalDate date) {
      return node.put("date", date.toString());
    }
    if (value instanceof Written written) {
      return node.put("metric", written.metric()).put("imperial", written.imperial());
    }
    if (value instanceof Split.Part part) {
      ArrayNode parts =
          node.put("part", part.index()).put("of", part.split().litres()).putArray("parts");
      part.split().parts().forEach(parts::add);
      return node;
    }
    throw new IllegalArgumentException(
        "There is no way to keep a " + value.getClass().getSimpleName() + " in a message.");
  }

  /**
   * @throws IllegalArgumentException when it is no message
   */
  public static Message message(JsonNode node) {
    if (!node.isObject() || !node.has("key")) {
      throw new IllegalArgumentException("Not a message: " + node);
    }
    List<Object> values = new ArrayList<>();
    node.path("values").forEach(value -> values.add(value(value)));
    String key = node.get("key").asString();
    if (node.has("say") && !node.get("say").asString().equals(sentence(key))) {
      return asWritten(node.get("say").asString(), values);
    }
    if (!Sentences.takes(key, values)) {
      throw new IllegalArgumentException("Not what is said as '" + key + "': " + node);
    }
    return new Message(key, values);
  }

  private static @Nullable String sentence(String key) {
    return Sentences.keys().contains(key) ? Sentences.of(key) : null;
  }

  private static Message asWritten(String sentence, List<Object> values) {
    return Message.written(
        new Wording(Units.METRIC).fill(sentence, values),
        new Wording(Units.IMPERIAL).fill(sentence, values));
  }

  private static Object value(JsonNode node) {
    if (node.isString()) {
      return node.asString();
    }
    if (node.isIntegralNumber()) {
      return node.canConvertToInt() ? (Object) node.asInt() : (Object) node.asLong();
    }
    if (node.isNumber()) {
      return node.asDouble();
    }
    if (node.has("mm")) {
      return Length.ofMm(node.get("mm").asDouble());
    }
    if (node.has("litres")) {
      return Volume.ofLitres(node.get("litres").asDouble());
    }
    if (node.has("grams")) {
      return Mass.ofGrams(node.get("grams").asDouble());
    }
    if (node.has("about")) {
      return About.of(value(node.get("about")));
    }
    if (node.has("date")) {
      return LocalDate.parse(node.get("date").asString());
    }
    if (node.has("part")) {
      List<Double> parts = new ArrayList<>();
      node.get("parts").forEach(part -> parts.add(part.asDouble()));
      return new Split(node.get("of").asDouble(), parts).part(node.get("part").asInt());
    }
    if (node.has("metric")) {
      return new Written(node.get("metric").asString(), node.get("imperial").asString());
    }
    return message(node);
  }
}
