package happysaucer.server.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import happysaucer.server.problem.InputException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class VersionsTest {
  @ParameterizedTest
  @ValueSource(strings = {"\"7\"", "W/\"7\"", "7"})
  void anETagComesBackAsItsVersion(String header) {
    assertThat(Versions.parse(header)).isEqualTo(7);
  }

  @ParameterizedTest
  @ValueSource(strings = {"*", "", "\"seven\""})
  void anythingElseIsRefusedAtTheHeader(String header) {
    assertThatThrownBy(() -> Versions.parse(header))
        .isInstanceOfSatisfying(
            InputException.class, e -> assertThat(e.faults().get(0).field()).isEqualTo("If-Match"));
  }
}
