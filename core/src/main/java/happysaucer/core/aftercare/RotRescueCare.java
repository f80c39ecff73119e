package happysaucer.core.aftercare;

import happysaucer.core.casefile.Case;
import happysaucer.core.species.AftercarePlan;
import java.util.Optional;

/** After rot: barely moist, warm and shaded. */
record RotRescueCare() implements CarePlan {
  @Override
  public AftercarePlan code() {
    return AftercarePlan.ROT_RESCUE;
  }

  @Override
  public String first(Case c) {
    return "care.first.barely";
  }

  @Override
  public Optional<String> probe(Case c) {
    return Optional.of("care.probe.barely");
  }

  /** It stays barely moist: what was used, and no more. */
  @Override
  public double usedShare() {
    return NO_MORE;
  }

  @Override
  public boolean barelyMoist() {
    return true;
  }
}
