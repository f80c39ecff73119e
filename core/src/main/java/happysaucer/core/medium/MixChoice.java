package happysaucer.core.medium;

import happysaucer.core.pot.Frustum;
import happysaucer.core.species.Traits;

/** The mix for a species in a given pot: its best, unless another suits this depth better. */
public record MixChoice(Mix mix, double capacity, double airFilled) {
  /** What an acceptable mix must gain in air-filled porosity to beat the best (rule of thumb). */
  private static final double PREFERENCE = 0.03;

  public static MixChoice of(Traits traits, MediumTable media, Frustum fill) {
    MixChoice chosen = in(media, traits.bestMix(), fill);
    double miss = chosen.miss(traits);
    for (String code : traits.acceptableMixes()) {
      MixChoice other = in(media, code, fill);
      if (other.miss(traits) + PREFERENCE < miss) {
        chosen = other;
        miss = other.miss(traits) + PREFERENCE;
      }
    }
    return chosen;
  }

  private static MixChoice in(MediumTable media, String code, Frustum fill) {
    Mix mix = media.mix(code).orElseThrow();
    Retention retention = media.retention(mix);
    double capacity = retention.capacity(fill);
    return new MixChoice(mix, capacity, retention.saturated() - capacity);
  }

  /** How far the air is outside what the species likes, share of volume. */
  public double miss(Traits traits) {
    return Math.max(0, Math.max(traits.afpFrom() - airFilled, airFilled - traits.afpTo()));
  }
}
