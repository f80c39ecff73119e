package happysaucer.server.qr;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class LabelCodeTest {
  @ParameterizedTest
  @EnumSource(LabelKind.class)
  void whatWasWrittenIsRead(LabelKind kind) {
    for (int i = 0; i < 500; i++) {
      LabelCode code = new LabelCode(kind, UUID.randomUUID());
      assertThat(code.text()).hasSize(27).doesNotContainAnyWhitespaces();
      assertThat(LabelCode.in("http://10.0.0.4:8080" + code.path())).contains(code);
      assertThat(LabelCode.in(code.path().toLowerCase(java.util.Locale.ROOT))).contains(code);
    }
    for (UUID edge : new UUID[] {new UUID(0, 0), new UUID(-1, -1), new UUID(1, Long.MIN_VALUE)}) {
      assertThat(LabelCode.in(new LabelCode(kind, edge).path()))
          .contains(new LabelCode(kind, edge));
    }
  }

  @Test
  void aKeyboardThatTypesOtherMarksIsUnderstood() {
    LabelCode code = new LabelCode(LabelKind.PLANT, UUID.randomUUID());
    assertThat(LabelCode.in("HTTPÖ--10.0.0.4Ö8080-Q-" + code.text())).contains(code);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "T-003",
        "q",
        "/q/P",
        "/q/X00000000000000000000000000",
        "/q/P0000000000000000000000000",
        "/q/P000000000000000000000000000",
        "/q/PXXXXXXXXXXXXXXXXXXXXXXXXXX",
        "https://elsewhere.test/other/P00000000000000000000000000",
        "/q/P0000000000000000000000000O"
      })
  void whatIsNoCodeOfOursIsNone(String text) {
    assertThat(LabelCode.in(text)).isEmpty();
  }
}
