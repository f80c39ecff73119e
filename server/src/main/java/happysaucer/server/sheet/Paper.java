package happysaucer.server.sheet;

import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Sizes of paper a printer may hold. */
public enum Paper {
  A4(PDRectangle.A4),
  LETTER(PDRectangle.LETTER);

  final PDRectangle size;

  Paper(PDRectangle size) {
    this.size = size;
  }
}
