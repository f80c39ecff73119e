package happysaucer.core.medium;

import happysaucer.core.pot.Frustum;
import happysaucer.core.species.Traits;
import java.util.ArrayList;
import java.util.List;

/**
 * A mix in a given depth of pot.
 *
 * @param capacity water held after draining, share of volume
 * @param airFilled air after draining, share of volume
 */
public record MixChoice(Mix mix, Retention retention, double capacity, double airFilled) {
  /** What an acceptable mix must gain in air-filled porosity to beat the best (rule of thumb). */
  private static final double PREFERENCE = 0.03;

  /**
   * The mix for a species in a given pot: its best, unless another suits this depth better.
   *
   * @param fill what is filled with mix, without a coarse layer
   */
  public static MixChoice of(Traits traits, MediumTable media, Frustum fill, boolean peatFree) {
    List<Mix> mixes = new ArrayList<>();
    mixes.add(media.mix(traits.bestMix()).orElseThrow());
    for (String code : traits.acceptableMixes()) {
      mixes.add(media.mix(code).orElseThrow());
    }
    MixChoice chosen = null;
    double miss = 0;
    for (Mix mix : mixes) {
      MixChoice choice = in(media, peatFree ? media.peatFree(mix) : mix, fill);
      double own = choice.miss(traits) + (chosen == null ? 0 : PREFERENCE);
      if (chosen == null || own < miss) {
        chosen = choice;
        miss = own;
      }
    }
    return chosen;
  }

  /** A given mix at this depth. */
  public static MixChoice in(MediumTable media, Mix mix, Frustum fill) {
    Retention retention = media.retention(mix);
    double capacity = retention.capacity(fill);
    return new MixChoice(mix, retention, capacity, retention.saturated() - capacity);
  }

  /** How far the air is outside what the species likes, share of volume. */
  public double miss(Traits traits) {
    return Math.max(0, Math.max(traits.afpFrom() - airFilled, airFilled - traits.afpTo()));
  }
}
