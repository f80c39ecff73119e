package happysaucer.core.advice;

import java.util.List;

/** A request that cannot be answered, with all its faults. */
public final class RefusedException extends RuntimeException {
  private static final long serialVersionUID = 1L;
  private final transient List<Fault> faults;

  public RefusedException(List<Fault> faults) {
    super(faults.toString());
    this.faults = List.copyOf(faults);
  }

  public List<Fault> faults() {
    return faults;
  }
}
