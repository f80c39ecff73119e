package happysaucer.core.unit;

import java.util.List;

/**
 * A sentence for a person: a stable key, the sentence with a {} for each value, and the values as
 * measures, dates or words. It becomes text only when the units of the reader are known.
 */
public record Message(String key, String sentence, List<Object> values) {
  public Message {
    values = List.copyOf(values);
  }

  public static Message of(String key, String sentence, Object... values) {
    return new Message(key, sentence, List.of(values));
  }
}
