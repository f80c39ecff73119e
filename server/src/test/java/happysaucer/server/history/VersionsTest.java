package happysaucer.server.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import happysaucer.server.problem.InputException;
import happysaucer.server.problem.StaleException;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class VersionsTest {
  private static final Versions.Stored THIRD = new Versions.Stored(3, "Odda Fennick");
  private final List<String> done = new ArrayList<>();

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

  private boolean save(
      int seen,
      Versions.@Nullable Stored now,
      boolean stillThere,
      StaleException.Change... differences) {
    return Versions.save(
        seen,
        now,
        () -> done.add("added"),
        () -> {
          done.add("edited");
          return stillThere;
        },
        () -> List.of(differences));
  }

  @Test
  void whatWasNotThereIsAddedAndWhatWasThereIsEdited() {
    assertThat(save(0, null, false)).isTrue();
    assertThat(save(3, THIRD, true)).isTrue();
    assertThat(done).containsExactly("added", "edited");
  }

  @Test
  void theSameEditSentAgainIsSavedOnce() {
    assertThat(save(2, THIRD, false)).isFalse();
    assertThat(save(0, THIRD, false)).isFalse();
    assertThat(done).doesNotContain("added");
  }

  @Test
  void somebodyElsesEditIsNotOverwritten() {
    StaleException.Change stock = new StaleException.Change("stock", 2.0, 3.0);
    assertThatThrownBy(() -> save(2, THIRD, false, stock))
        .isInstanceOfSatisfying(
            StaleException.class,
            stale -> {
              assertThat(stale.version()).isEqualTo(3);
              assertThat(stale.changedBy()).isEqualTo("Odda Fennick");
              assertThat(stale.changes()).containsExactly(stock);
            });
  }

  @Test
  void whatSomebodyRemovedIsNotBroughtBack() {
    assertThatThrownBy(() -> save(2, null, false)).isInstanceOf(StaleException.class);
    assertThat(done).doesNotContain("added");
  }
}
