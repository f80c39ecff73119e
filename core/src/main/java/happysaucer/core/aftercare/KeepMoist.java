package happysaucer.core.aftercare;

import happysaucer.core.aftercare.Aftercare.Kind;
import happysaucer.core.casefile.Case;
import happysaucer.core.species.AftercarePlan;
import java.util.Optional;

/** Leafy, with fewer roots: neither dry nor wet for a month. */
record KeepMoist() implements CarePlan {
  @Override
  public AftercarePlan code() {
    return AftercarePlan.KEEP_MOIST;
  }

  @Override
  public String first(Case c) {
    return "care.first.untilItRuns";
  }

  @Override
  public Optional<String> probe(Case c) {
    return Optional.of("care.probe.keepMoist");
  }

  @Override
  public Optional<Own> own() {
    return Optional.of(new Own(0, 27, Kind.WATER, "care.fewerRoots"));
  }

  /** What was used, and no more: there is nothing to build up while roots are few. */
  @Override
  public double usedShare() {
    return NO_MORE;
  }
}
