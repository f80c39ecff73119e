package happysaucer.server.problem;

import happysaucer.core.advice.Fault;
import java.util.List;

/** Further checks of a kind of body, so that all its faults come in one answer. */
public interface BodyCheck<T> {
  Class<T> type();

  List<Fault> faults(T body);
}
