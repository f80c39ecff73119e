package happysaucer.server.keeping;

/** A reason not to start, in words for the person who started it. */
public class CannotStartException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public CannotStartException(String message) {
    super(message);
  }

  /** Another process is at work in the folder. */
  static final class InUseException extends CannotStartException {
    private static final long serialVersionUID = 1L;

    InUseException(String message) {
      super(message);
    }
  }
}
