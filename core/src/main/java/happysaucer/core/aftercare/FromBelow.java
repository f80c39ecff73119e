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
    return "Stand it in a saucer with {} for 10 to 15 minutes, then pour the rest away.";
  }

  @Override
  public Optional<String> probe(Case c) {
    return Optional.of(
        "Probe the old ball near the stem, not the fresh medium at the edge. Dry to the first finger joint? Then {} into the saucer, and pour the rest away.");
  }
}
