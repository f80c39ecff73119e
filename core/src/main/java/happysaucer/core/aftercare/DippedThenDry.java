package happysaucer.core.aftercare;

import happysaucer.core.casefile.Case;
import happysaucer.core.species.AftercarePlan;
import java.util.Optional;

/** Its ball was soaked in a treatment: dry for a week, then when the base of the pot is dry. */
record DippedThenDry() implements CarePlan {
  @Override
  public AftercarePlan code() {
    return AftercarePlan.DIPPED_THEN_DRY;
  }

  @Override
  public String first(Case c) {
    return "care.first.onceDry";
  }

  @Override
  public Optional<String> probe(Case c) {
    return Optional.of("care.probe.toTheBase");
  }
}
