package happysaucer.core.book;

/**
 * Where the shipped tables lie on the class path; who runs the core reads them and passes them in.
 */
public final class ShippedBook {
  public static final String FOLDER = "happysaucer/core/book/";

  private ShippedBook() {}

  public static String path(String table) {
    return FOLDER + table + ".csv";
  }
}
