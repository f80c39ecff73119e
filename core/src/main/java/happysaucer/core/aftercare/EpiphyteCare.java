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
    return inBark(c)
        ? "Soak with {}, wetting all of the bark, and let it drain fully."
        : "Soak with {}, wetting all of the medium, and let it drain fully.";
  }

  @Override
  public Optional<String> probe(Case c) {
    return Optional.of(
        inBark(c)
            ? "Lift it: light, and roots silver or pale? Then soak with {}."
            : "Lift it: light? Then soak with {}.");
  }

  /** Only orchids in bark show by their roots that they are dry. */
  private static boolean inBark(Case c) {
    return c.plant().species().group() == Group.ORCHID_EPIPHYTE;
  }

  @Override
  public Optional<Own> own() {
    return Optional.of(
        new Own(
            14,
            42,
            Kind.WATCH,
            "care.newTips",
            "Watch for new growth or bright root tips: from then on water as usual."));
  }
}
