package happysaucer.core.medium;

import happysaucer.core.pot.Frustum;
import happysaucer.core.species.Traits;
import java.util.ArrayList;
import java.util.List;

/**
 * What a mix does in a pot after it has drained: water and air by height. Water stands at the
 * bottom whatever the pot: the lower it is, the wetter the same mix.
 *
 * @param capacity water held, mean share of the volume of the mix
 * @param airFilled air, mean share of the volume of the mix
 * @param layers from the floor upwards, of equal height
 */
public record MixInPot(Mix mix, double capacity, double airFilled, List<Layer> layers) {
  private static final int LAYERS = 16;
  private static final double MM_PER_CM = 10;
  private static final double WATER_GRAMS = 1000;

  /**
   * @param fromMm its lower edge above the floor of the pot
   * @param water share of volume
   * @param air share of volume
   * @param coarse it is the drainage layer, not the mix
   */
  public record Layer(double fromMm, double toMm, double water, double air, boolean coarse) {}

  /**
   * @param pot inside, filled with the mix
   * @param coarseMm depth of a coarse layer under it; the mix then behaves as in a pot that is so
   *     much lower, since water enters the layer only where the mix above is full
   * @param grit of the layer
   */
  public static MixInPot of(
      MediumTable media, Mix mix, Frustum pot, double coarseMm, Retention grit) {
    Retention retention = media.retention(mix);
    List<Layer> layers = new ArrayList<>();
    double step = pot.heightMm() / LAYERS;
    for (int i = 0; i < LAYERS; i++) {
      double from = i * step;
      double middle = from + step / 2;
      boolean coarse = middle < coarseMm;
      Retention here = coarse ? grit : retention;
      double water = here.theta((coarse ? middle : middle - coarseMm) / MM_PER_CM);
      layers.add(new Layer(from, from + step, water, here.saturated() - water, coarse));
    }
    double capacity = retention.capacity(coarseMm > 0 ? pot.above(coarseMm) : pot);
    return new MixInPot(mix, capacity, retention.saturated() - capacity, List.copyOf(layers));
  }

  /** Of a litre that has drained, g. */
  public double wetGramsPerLitre() {
    return mix.dryGramsPerLitre() + capacity * WATER_GRAMS;
  }

  /** Water that roots can draw from it between draining and the last of it, share of volume. */
  public double availableShare(MediumTable media) {
    Retention retention = media.retention(mix);
    return Math.max(0, capacity - retention.wilting()) + retention.beyond();
  }

  /** Whether a kind stands its air. */
  public Fit fit(Traits traits) {
    if (airFilled < traits.afpFrom()) {
      return Fit.TOO_WET;
    }
    return airFilled > traits.afpTo() ? Fit.TOO_AIRY : Fit.SUITS;
  }

  /** How a mix suits a kind in a pot. */
  public enum Fit {
    SUITS,
    TOO_WET,
    TOO_AIRY
  }
}
