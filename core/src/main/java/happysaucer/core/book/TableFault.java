package happysaucer.core.book;

/** A cell that cannot be read, and what to mend. */
public final class TableFault extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;
  private final String column;
  private final String what;

  TableFault(String table, int line, String column, String what) {
    super(table + " line " + line + ", " + column + ": " + what);
    this.column = column;
    this.what = what;
  }

  public String column() {
    return column;
  }

  /** What is wrong, as the end of a sentence that begins with the column's name. */
  public String what() {
    return what;
  }
}
