package happysaucer.server.qr;

import java.util.Arrays;

/** What a label is on. */
public enum LabelKind {
  PLANT('P'),
  SPOT('S'),
  POT('T');

  private final char letter;

  LabelKind(char letter) {
    this.letter = letter;
  }

  char letter() {
    return letter;
  }

  static LabelKind of(char letter) {
    return Arrays.stream(values()).filter(kind -> kind.letter == letter).findFirst().orElseThrow();
  }
}
