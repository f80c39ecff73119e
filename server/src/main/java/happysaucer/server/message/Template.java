package happysaucer.server.message;

import happysaucer.core.aftercare.Reminding;
import happysaucer.server.problem.InputException;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Words with fields in braces, as {@code {plant}}.
 *
 * @param subject one line
 */
record Template(String subject, String body) {
  private static final Pattern FIELD = Pattern.compile("\\{([^{}]*)}");

  /** What can be filled in. */
  static final Set<String> FIELDS =
      new TreeSet<>(
          Set.of(
              "name", "plant", "label", "spot", "day", "amount", "every", "probe", "page", "team"));

  private static final String AT_THEIR_PAGE =
      "\n\nThe next days of water, and a place to tell us something: {page}\n\n{team}\n";

  /** The words that come with the app. */
  static Template shipped(Reminding.Kind kind) {
    return switch (kind) {
      case WATER ->
          new Template(
              "{plant}: water today, {amount}",
              "Good morning {name},\n\ntoday is a day of water for the {plant} ({spot}): {amount}."
                  + " {every}\n\n{probe}"
                  + AT_THEIR_PAGE);
      case MISSED ->
          new Template(
              "{plant}: was it watered?",
              "Good morning {name},\n\nthe {plant} ({spot}) was to have {amount} on {day}, and nobody"
                  + " has told us that it had. If it was watered, tell us on its page. If not, look"
                  + " first: {probe}"
                  + AT_THEIR_PAGE);
      case FOLLOW_UP ->
          new Template(
              "{plant}: we look at it soon",
              "Good morning {name},\n\nfrom {day} on one of us comes to see how the {plant} ({spot})"
                  + " has taken its repot. Please leave it where it stands until then."
                  + AT_THEIR_PAGE);
      case COMING ->
          new Template(
              "We come on {day}",
              "Good morning {name},\n\nwe come on {day} and see to the {plant} ({spot}). Please do"
                  + " not water it before we have looked at it."
                  + AT_THEIR_PAGE);
    };
  }

  /**
   * @throws InputException when a field is none, or the subject is no line
   */
  void check() {
    check("subject", subject);
    check("body", body);
    if (subject.chars().anyMatch(Character::isISOControl)) {
      throw InputException.of("subject", "Write it in one line.", subject);
    }
  }

  private static void check(String where, String text) {
    Matcher field = FIELD.matcher(text);
    while (field.find()) {
      if (!FIELDS.contains(field.group(1))) {
        throw InputException.of(
            where,
            "There is no field {"
                + field.group(1)
                + "}. These can be used: {"
                + String.join("}, {", FIELDS)
                + "}.",
            field.group());
      }
    }
  }

  /** With every field filled in; lines do not end in blanks where one was empty. */
  Template filled(Map<String, String> values) {
    return new Template(
        filled(subject, values).replaceAll("\\s+", " ").trim(),
        filled(body, values).replaceAll("[ \\t]+\\n", "\n").replaceAll("\\n{3,}", "\n\n"));
  }

  private static String filled(String text, Map<String, String> values) {
    return FIELD
        .matcher(text)
        .replaceAll(
            field -> Matcher.quoteReplacement(values.getOrDefault(field.group(1), field.group())));
  }
}
