package happysaucer.core.unit;

/**
 * What is said to a person: the message that can be kept and said anew, and its words in the units
 * that were asked for.
 */
public record Said(Message message, String words) {
  @Override
  public String toString() {
    return words;
  }
}
