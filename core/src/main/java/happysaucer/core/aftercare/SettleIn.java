package happysaucer.core.aftercare;

import happysaucer.core.aftercare.Aftercare.Kind;
import happysaucer.core.casefile.Case;
import happysaucer.core.species.AftercarePlan;
import java.util.Optional;

/** Foliage with whole roots: watered through, then by the old ball until it has rooted through. */
record SettleIn(boolean topOnly) implements CarePlan {
  @Override
  public AftercarePlan code() {
    return AftercarePlan.SETTLE_IN;
  }

  @Override
  public String first(Case c) {
    return "care.first.untilItRuns";
  }

  @Override
  public Optional<String> probe(Case c) {
    return Optional.of(topOnly ? "care.probe.underTheTop" : "care.probe.oldBall");
  }

  @Override
  public Optional<Own> own() {
    return topOnly ? Optional.empty() : Optional.of(new Own(28, 42, Kind.WATER, "care.newNormal"));
  }
}
