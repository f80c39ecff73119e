package happysaucer.core.method;

import java.util.List;
import java.util.Optional;

/** The questions where good practitioners differ, each option with its reason and its cost. */
public record MethodTable(List<Question> questions) {

  /**
   * @param key as it stands in a request's method
   * @param turnsCalls whether it can make another call, rather than only other work
   * @param options the default first; empty for a number
   */
  public record Question(
      String key, String title, boolean turnsCalls, List<Option> options, Optional<Range> range) {}

  public record Option(String code, String label, String reason, String cost) {}

  /** A number to choose, both ends inclusive. */
  public record Range(
      double least, double most, double standard, String unit, String reason, String cost) {}

  public Optional<Question> question(String key) {
    return questions.stream().filter(question -> question.key().equals(key)).findFirst();
  }

  /** What is wrong with a choice, in words; empty when it can be made. */
  public Optional<String> fault(String key, String choice) {
    Optional<Question> found = question(key);
    if (found.isEmpty()) {
      return Optional.of("There is no such question of method.");
    }
    Question question = found.get();
    if (question.range().isPresent()) {
      Range range = question.range().get();
      double number;
      try {
        number = Double.parseDouble(choice);
      } catch (NumberFormatException e) {
        number = Double.NaN;
      }
      return number >= range.least() && number <= range.most()
          ? Optional.empty()
          : Optional.of(
              "Must be a number between "
                  + (long) range.least()
                  + " and "
                  + (long) range.most()
                  + " "
                  + range.unit()
                  + ".");
    }
    return question.options().stream().anyMatch(option -> option.code().equals(choice))
        ? Optional.empty()
        : Optional.of(
            "Choose one of: "
                + String.join(", ", question.options().stream().map(Option::code).toList())
                + ".");
  }
}
