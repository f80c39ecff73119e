package happysaucer.codec;

/** What cannot be read, at the field it stands in. */
public final class CodecException extends IllegalArgumentException {
  private static final long serialVersionUID = 1;

  private final String field;

  CodecException(String field, String message) {
    super(message);
    this.field = field;
  }

  public String field() {
    return field;
  }
}
