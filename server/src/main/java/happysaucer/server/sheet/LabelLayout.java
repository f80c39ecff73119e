package happysaucer.server.sheet;

import java.util.Optional;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.jspecify.annotations.Nullable;

/** Sheets of labels as they are sold, and labels on their own. Lengths in mm. */
public enum LabelLayout {
  A4_24(Paper.A4, 3, 8, 70, 37, 0, 0.5, 70, 37),
  A4_21(Paper.A4, 3, 7, 63.5, 38.1, 7.2, 15.1, 66, 38.1),
  A4_65(Paper.A4, 5, 13, 38.1, 21.2, 4.65, 10.7, 40.6, 21.2),
  LETTER_30(Paper.LETTER, 3, 10, 66.7, 25.4, 4.8, 12.7, 69.8, 25.4),
  LETTER_10(Paper.LETTER, 2, 5, 101.6, 50.8, 4, 12.7, 106.4, 50.8),
  SINGLE_57(57, 32),
  SINGLE_89(89, 36);

  static final double POINTS_PER_MM = 72 / 25.4;

  private final @Nullable Paper paper;
  private final int columns;
  private final int rows;
  private final double widthMm;
  private final double heightMm;
  private final double leftMm;
  private final double topMm;
  private final double stepXmm;
  private final double stepYmm;

  LabelLayout(
      @Nullable Paper paper,
      int columns,
      int rows,
      double widthMm,
      double heightMm,
      double leftMm,
      double topMm,
      double stepXmm,
      double stepYmm) {
    this.paper = paper;
    this.columns = columns;
    this.rows = rows;
    this.widthMm = widthMm;
    this.heightMm = heightMm;
    this.leftMm = leftMm;
    this.topMm = topMm;
    this.stepXmm = stepXmm;
    this.stepYmm = stepYmm;
  }

  LabelLayout(double widthMm, double heightMm) {
    this(null, 1, 1, widthMm, heightMm, 0, 0, widthMm, heightMm);
  }

  /** Empty for a label on its own. */
  public Optional<Paper> paper() {
    return Optional.ofNullable(paper);
  }

  public int columns() {
    return columns;
  }

  public int rows() {
    return rows;
  }

  public int places() {
    return columns * rows;
  }

  public double widthMm() {
    return widthMm;
  }

  public double heightMm() {
    return heightMm;
  }

  public double leftMm() {
    return leftMm;
  }

  public double topMm() {
    return topMm;
  }

  public double stepXmm() {
    return stepXmm;
  }

  public double stepYmm() {
    return stepYmm;
  }

  public double pageWidthMm() {
    return page().getWidth() / POINTS_PER_MM;
  }

  public double pageHeightMm() {
    return page().getHeight() / POINTS_PER_MM;
  }

  PDRectangle page() {
    return paper == null
        ? new PDRectangle((float) (widthMm * POINTS_PER_MM), (float) (heightMm * POINTS_PER_MM))
        : paper.size;
  }
}
