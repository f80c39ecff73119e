package happysaucer.server.message;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import happysaucer.core.aftercare.Reminding;
import happysaucer.server.problem.InputException;
import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Words with fields: filled in whole, and refused with the field that is none. */
class TemplateTest {
  private static Map<String, String> values() {
    Map<String, String> values = new HashMap<>();
    Template.FIELDS.forEach(field -> values.put(field, "<" + field + ">"));
    return values;
  }

  @ParameterizedTest
  @EnumSource
  void theWordsOfTheAppAreFilledInWhole(Reminding.Kind kind) {
    Template shipped = Template.shipped(kind);
    shipped.check();
    Template filled = shipped.filled(values());
    assertThat(filled.subject() + filled.body()).doesNotContain("{", "}");
    assertThat(filled.body()).contains("<page>", "<plant>", "<name>");
  }

  @Test
  void aFieldThatIsNoneIsNamedWithThoseThatAre() {
    assertThatThrownBy(() -> new Template("{plant}", "Pour {litres} now").check())
        .isInstanceOfSatisfying(
            InputException.class,
            e -> {
              assertThat(e.faults().get(0).field()).isEqualTo("body");
              assertThat(e.faults().get(0).message()).contains("{litres}", "{amount}");
            });
    assertThatThrownBy(() -> new Template("two\nBcc: lines", "x").check())
        .isInstanceOf(InputException.class);
  }

  @Test
  void whatIsFilledInIsNotReadAgain() {
    Map<String, String> values = values();
    values.put("name", "{page} $1 \\");
    values.put("every", "");
    assertThat(new Template("x", "{name}, hello. {every}\nBye").filled(values).body())
        .isEqualTo("{page} $1 \\, hello.\nBye");
  }

  @Test
  void eachTryWaitsLongerThanTheLastAndNotForEver() {
    Duration before = Duration.ZERO;
    for (int tries = 1; tries < 12; tries++) {
      Duration wait = Postman.wait(tries);
      assertThat(wait).isGreaterThanOrEqualTo(before).isLessThanOrEqualTo(Duration.ofHours(2));
      before = wait;
    }
  }
}
