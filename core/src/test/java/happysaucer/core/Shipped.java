package happysaucer.core;

import happysaucer.core.advice.Advise;
import happysaucer.core.book.Book;
import happysaucer.core.book.BookReader;
import happysaucer.core.book.ShippedBook;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;

/** The shipped book, read once for all tests. */
public final class Shipped {
  public static final Map<String, String> TABLES = tables();
  public static final Book BOOK = BookReader.read(TABLES);
  public static final Advise ADVISE = new Advise(BOOK);

  private Shipped() {}

  private static Map<String, String> tables() {
    Map<String, String> tables = new HashMap<>();
    for (String table : BookReader.TABLES) {
      try (InputStream in =
          Shipped.class.getClassLoader().getResourceAsStream(ShippedBook.path(table))) {
        tables.put(table, new String(in.readAllBytes(), StandardCharsets.UTF_8));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    return tables;
  }
}
