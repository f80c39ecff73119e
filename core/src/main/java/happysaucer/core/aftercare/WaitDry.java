package happysaucer.core.aftercare;

import happysaucer.core.casefile.Case;
import happysaucer.core.species.AftercarePlan;
import java.util.Optional;

/** Cacti, succulents and caudex plants: dry first, then sparingly. */
record WaitDry() implements CarePlan {
  @Override
  public AftercarePlan code() {
    return AftercarePlan.WAIT_DRY;
  }

  @Override
  public String first(Case c) {
    return "care.first.sparingly";
  }

  @Override
  public Optional<String> probe(Case c) {
    return Optional.of("care.probe.toTheBase");
  }
}
