package happysaucer.core.aftercare;

import happysaucer.core.aftercare.Aftercare.Kind;
import happysaucer.core.casefile.Case;
import happysaucer.core.species.AftercarePlan;
import happysaucer.core.species.Group;
import java.util.Optional;

/** Epiphytes: soaked and drained, and watched for new tips. */
record EpiphyteCare() implements CarePlan {
  @Override
  public AftercarePlan code() {
    return AftercarePlan.EPIPHYTE;
  }

  @Override
  public String first(Case c) {
    return inBark(c) ? "care.first.soakBark" : "care.first.soak";
  }

  @Override
  public Optional<String> probe(Case c) {
    return Optional.of(inBark(c) ? "care.probe.silver" : "care.probe.light");
  }

  /** Only orchids in bark show by their roots that they are dry. */
  private static boolean inBark(Case c) {
    return c.plant().species().group() == Group.ORCHID_EPIPHYTE;
  }

  @Override
  public Optional<Own> own() {
    return Optional.of(new Own(14, 42, Kind.WATCH, "care.newTips"));
  }
}
