package happysaucer.server.advice;

import happysaucer.core.advice.Advice;
import happysaucer.server.advice.PlantCases.Gathered;
import java.util.Map;
import java.util.UUID;

/** The calls of these plants were made anew; planned work hears of it in the same transaction. */
public final class CallsMade {
  private final Map<UUID, Advice.Call> calls;

  /** What the calls were made from, so that nobody gathers it again. */
  private final Map<UUID, Gathered> cases;

  CallsMade(Map<UUID, Advice.Call> calls, Map<UUID, Gathered> cases) {
    this.calls = calls;
    this.cases = cases;
  }

  /** By plant. */
  public Map<UUID, Advice.Call> calls() {
    return calls;
  }

  Map<UUID, Gathered> cases() {
    return cases;
  }
}
