package happysaucer.server.exchange;

/** As what a table of a book travels. */
public enum Format {
  CSV,
  JSON
}
