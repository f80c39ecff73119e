package happysaucer.core.unit;

import java.util.List;

/**
 * What is said to a person: the key of a sentence and what fills it, as measures, dates, words or
 * further messages. It becomes text only when the units of the reader are known.
 */
public record Message(String key, List<Object> values) {
  public Message {
    values = List.copyOf(values);
  }

  /** The key of words that were kept before messages were. */
  public static final String WRITTEN = "as.written";

  public static Message written(String metric, String imperial) {
    return of(WRITTEN, new Written(metric, imperial));
  }

  /** The same of another amount of water. */
  public Message pouring(double litres) {
    return new Message(
        key,
        values.stream()
            .map(value -> value instanceof Volume ? new Volume(litres) : value)
            .toList());
  }

  public static Message of(String key, Object... values) {
    return new Message(key, List.of(values));
  }
}
