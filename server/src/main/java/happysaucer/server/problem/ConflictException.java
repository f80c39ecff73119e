package happysaucer.server.problem;

/** A write that contradicts what is already stored. */
public class ConflictException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public ConflictException(String message) {
    super(message);
  }
}
