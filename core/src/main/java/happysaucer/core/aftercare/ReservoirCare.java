package happysaucer.core.aftercare;

import happysaucer.core.aftercare.Aftercare.Kind;
import happysaucer.core.casefile.Case;
import happysaucer.core.species.AftercarePlan;
import java.util.Optional;

/** In grains over a water table. */
record ReservoirCare() implements CarePlan {
  @Override
  public AftercarePlan code() {
    return AftercarePlan.RESERVOIR;
  }

  @Override
  public String first(Case c) {
    return "care.first.reservoir";
  }

  @Override
  public Optional<String> probe(Case c) {
    return Optional.empty();
  }

  @Override
  public Optional<Own> own() {
    return Optional.of(new Own(28, 34, Kind.WATER, "care.flush"));
  }
}
