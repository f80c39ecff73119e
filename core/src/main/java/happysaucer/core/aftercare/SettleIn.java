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
    return "Water with {} until it runs through, and let it drain.";
  }

  @Override
  public Optional<String> probe(Case c) {
    return Optional.of(
        topOnly
            ? "Probe two finger joints down, under the new top. Dry there? Then give {} round the stem."
            : "Probe the old ball near the stem, not the fresh medium at the edge. Dry to the first finger joint? Then give {} round the stem.");
  }

  @Override
  public Optional<Own> own() {
    return topOnly
        ? Optional.empty()
        : Optional.of(
            new Own(
                28,
                42,
                Kind.WATER,
                "care.newNormal",
                "By now its roots drink from the whole pot: keep to the new interval, and pour over the whole surface."));
  }
}
