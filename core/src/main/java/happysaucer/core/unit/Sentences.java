package happysaucer.core.unit;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The one table of what is said: the sentence of a message by its key. A line of it is a key, an
 * equals sign and the sentence, in which {} stands for one value and {*, } for all that are left,
 * with what follows the star between them.
 *
 * <p>A sentence may be reworded. One that takes other values is another one and gets a key of its
 * own: messages are kept for years.
 */
public final class Sentences {
  /** A place for one value. */
  static final String HOLE = "{}";

  /** A place for all values that are left; what follows up to the brace stands between them. */
  static final String ALL_LEFT = "{*";

  private static final String IS = " = ";

  private static final Map<String, String> BY_KEY =
      read(
          List.of(
              CallSentences.TABLE,
              FindingSentences.TABLE,
              PotSentences.TABLE,
              BenchSentences.TABLE,
              CareSentences.TABLE,
              RecoverySentences.TABLE,
              SpeciesSentences.TABLE));

  private Sentences() {}

  private static Map<String, String> read(List<String> tables) {
    Map<String, String> sentences = new LinkedHashMap<>();
    for (String table : tables) {
      for (String line : table.split("\n")) {
        if (line.isEmpty() || line.startsWith("#")) {
          continue;
        }
        int is = line.indexOf(IS);
        String before = sentences.put(line.substring(0, is), line.substring(is + IS.length()));
        if (before != null) {
          throw new IllegalStateException("Said twice: " + line);
        }
      }
    }
    return Collections.unmodifiableMap(sentences);
  }

  /**
   * @throws IllegalArgumentException when nothing is said under this key
   */
  public static String of(String key) {
    String sentence = BY_KEY.get(key);
    if (sentence == null) {
      throw new IllegalArgumentException("There is no sentence for '" + key + "'.");
    }
    return sentence;
  }

  public static Set<String> keys() {
    return BY_KEY.keySet();
  }

  /** Whether these values fill the sentence of the key, none missing and none left over. */
  public static boolean takes(String key, List<?> values) {
    String sentence = BY_KEY.get(key);
    return sentence != null && (sentence.contains(ALL_LEFT) || holes(sentence) == values.size());
  }

  private static int holes(String sentence) {
    return (sentence.length() - sentence.replace(HOLE, "").length()) / HOLE.length();
  }
}
