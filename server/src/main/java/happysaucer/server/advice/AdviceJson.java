package happysaucer.server.advice;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.unit.Said;
import happysaucer.core.unit.Units;
import happysaucer.core.unit.Wording;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.ser.std.StdSerializer;

/**
 * What is kept of an advice: its messages with their values, once; whoever reads it has it said in
 * their own units.
 */
@Component
public class AdviceJson {
  private static final Pattern DATE = Pattern.compile("\\d{4}-\\d{2}-\\d{2}");

  private final JsonMapper plain;
  private final JsonMapper writer;
  private final Map<Units, JsonMapper> readers = new EnumMap<>(Units.class);

  AdviceJson(JsonMapper json) {
    plain = json;
    writer =
        json.rebuild().addModule(new SimpleModule("messages").addSerializer(new Keep())).build();
    for (Units units : Units.values()) {
      SimpleModule module = new SimpleModule("said in " + units);
      module.addDeserializer(Said.class, new Say(new Wording(units)));
      readers.put(units, json.rebuild().addModule(module).build());
    }
  }

  private JsonMapper reader(Units units) {
    return Objects.requireNonNull(readers.get(units));
  }

  public String written(Advice advice) {
    return writer.writeValueAsString(advice);
  }

  public Advice advice(String kept, Units units) {
    return reader(units).readValue(kept, Advice.class);
  }

  public String written(Said said) {
    return writer.writeValueAsString(said);
  }

  public Said said(String kept, Units units) {
    return reader(units).readValue(kept, Said.class);
  }

  /** The same advice with the dates of its work and aftercare moved from one day to another. */
  public String moved(String kept, LocalDate from, LocalDate to) {
    JsonNode advice = plain.readTree(kept);
    long days = ChronoUnit.DAYS.between(from, to);
    for (String dated : List.of("repot", "aftercare")) {
      move(advice.path(dated), days);
    }
    if (advice.path("repot") instanceof ObjectNode repot) {
      repot.put("workOn", to.toString());
    }
    return plain.writeValueAsString(advice);
  }

  private static void move(JsonNode within, long days) {
    if (within instanceof ObjectNode node) {
      for (Map.Entry<String, JsonNode> field : List.copyOf(node.properties())) {
        if (isDate(field.getValue())) {
          node.put(field.getKey(), moved(field.getValue(), days));
        } else {
          move(field.getValue(), days);
        }
      }
    } else if (within instanceof ArrayNode list) {
      list.forEach(item -> move(item, days));
    }
  }

  private static boolean isDate(JsonNode node) {
    return node.isString() && DATE.matcher(node.asString()).matches();
  }

  private static String moved(JsonNode date, long days) {
    return LocalDate.parse(date.asString()).plusDays(days).toString();
  }

  /** The case that an advice answers, to be answered again for another day. */
  public String written(AdviceRequest.MethodChoice method) {
    return plain.writeValueAsString(method);
  }

  public String written(AdviceRequest asked) {
    return plain.writeValueAsString(asked);
  }

  public AdviceRequest asked(String kept) {
    return plain.readValue(kept, AdviceRequest.class);
  }

  public AdviceRequest.Wish wish(String kept) {
    return plain.readValue(kept, AdviceRequest.Wish.class);
  }

  private static final class Keep extends StdSerializer<Said> {
    Keep() {
      super(Said.class);
    }

    @Override
    public void serialize(Said said, JsonGenerator to, SerializationContext context) {
      to.writeTree(MessageJson.of(said.message()));
    }
  }

  private static final class Say extends StdDeserializer<Said> {
    private final Wording wording;

    Say(Wording wording) {
      super(Said.class);
      this.wording = wording;
    }

    @Override
    public Said deserialize(JsonParser from, DeserializationContext context) {
      JsonNode kept = from.readValueAsTree();
      return wording.say(MessageJson.message(kept));
    }
  }
}
