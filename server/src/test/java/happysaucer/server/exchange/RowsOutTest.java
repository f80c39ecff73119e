package happysaucer.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is saved for a spreadsheet, and read back out of it. */
class RowsOutTest {
  private static final Rows.Head HEAD = new Rows.Head(10).needed("name").optional("note");

  private static String lastLine(String csv) {
    String[] lines = csv.split("\r\n");
    return lines[lines.length - 1];
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "=1+2",
        "@now",
        "+the tall one",
        "-",
        "'=quoted already",
        "plain",
        "'tis a pot",
        "a, \"b\"; c",
        "two\nlines"
      })
  void everyTextComesBackAsItWentOut(String text) {
    String csv = Rows.write(List.of("name", "note"), List.of(List.of("x", text)));
    assertThat(Rows.read(csv, HEAD).rows().get(0).text("note")).isEqualTo(text);
  }

  @ParameterizedTest
  @ValueSource(strings = {"=HYPERLINK(1)", "+cmd", "-cmd", "@sum"})
  void noCellIsTakenForAFormula(String text) {
    String csv = Rows.write(List.of("name", "note"), List.of(List.of(text, "")));
    assertThat(lastLine(csv)).startsWith("'").contains(text);
  }

  @ParameterizedTest
  @ValueSource(strings = {"-5", "+2.5", "-3,5 cm"})
  void numbersUnderZeroStayNumbers(String number) {
    String csv = Rows.write(List.of("name", "note"), List.of(List.of(number, "")));
    assertThat(lastLine(csv)).doesNotContain("'");
  }

  @Test
  void whatIsNotThereIsAnEmptyCell() {
    String csv = Rows.write(List.of("name", "note"), List.of(java.util.Arrays.asList("x", null)));
    assertThat(csv).isEqualTo("name,note\r\nx,\r\n");
  }
}
