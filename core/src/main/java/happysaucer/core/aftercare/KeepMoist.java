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
    return "Water with {} until it runs through, and let it drain.";
  }

  @Override
  public Optional<String> probe(Case c) {
    return Optional.of(
        "Probe near the stem: neither dry nor wet for a month. Barely moist? Then {}, no more.");
  }

  @Override
  public Optional<Own> own() {
    return Optional.of(
        new Own(
            0,
            27,
            Kind.WATER,
            "care.fewerRoots",
            "For a month it drinks less, since it has fewer roots: smaller amounts, by probe, neither dry nor wet."));
  }

  /** What was used, and no more: there is nothing to build up while roots are few. */
  @Override
  public double usedShare() {
    return NO_MORE;
  }
}
