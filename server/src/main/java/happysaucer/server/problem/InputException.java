package happysaucer.server.problem;

import happysaucer.core.advice.Fault;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Input that is refused with 400, with all its faults. */
public class InputException extends RuntimeException {
  private static final long serialVersionUID = 1L;
  private final transient List<Fault> faults;

  public InputException(List<Fault> faults) {
    super(faults.toString());
    this.faults = List.copyOf(faults);
  }

  public static InputException of(String field, String message, @Nullable Object value) {
    return new InputException(List.of(new Fault(field, message, value)));
  }

  public List<Fault> faults() {
    return faults;
  }
}
