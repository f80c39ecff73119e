package happysaucer.core.advice;

import happysaucer.core.unit.Said;
import java.util.List;

/** What is said, as a person reads it. */
final class Words {
  private Words() {}

  static String of(List<Said> said) {
    return String.join(" ", each(said));
  }

  static List<String> each(List<Said> said) {
    return said.stream().map(Said::words).toList();
  }
}
