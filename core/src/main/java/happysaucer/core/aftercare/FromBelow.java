package happysaucer.core.aftercare;

import happysaucer.core.casefile.Case;
import happysaucer.core.species.AftercarePlan;
import java.util.Optional;

/** Small and low-set: it drinks from the saucer. */
record FromBelow() implements CarePlan {
  @Override
  public AftercarePlan code() {
    return AftercarePlan.FROM_BELOW;
  }

  @Override
  public String first(Case c) {
    return "care.first.saucer";
  }

  @Override
  public Optional<String> probe(Case c) {
    return Optional.of("care.probe.saucer");
  }
}
