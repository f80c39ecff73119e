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

  /** The key of words that were kept before messages were. */
  public static final String WRITTEN = "as.written";

  public static Message written(String metric, String imperial) {
    return of(WRITTEN, "{}", new Written(metric, imperial));
  }

  /** Several, one after the other. */
  public static Message joined(String key, List<Message> messages) {
    return new Message(
        key, String.join(" ", messages.stream().map(m -> "{}").toList()), List.copyOf(messages));
  }

  public static Message of(String key, String sentence, Object... values) {
    return new Message(key, sentence, List.of(values));
  }
}
