package happysaucer.core.medium;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.Shipped;
import happysaucer.core.pot.Frustum;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What stands in a pot after it has drained, over all mixes and depths. */
class MixInPotTest {
  private static final MediumTable MEDIA = Shipped.BOOK.media();
  private static final Retention GRIT = MEDIA.ingredient("GRIT").orElseThrow().retention();

  private static MixInPot in(Mix mix, double heightMm, double coarseMm) {
    return MixInPot.of(MEDIA, mix, Frustum.round(170, 130, heightMm), coarseMm, GRIT);
  }

  @Test
  void everyMixIsWettestAtTheFloorAndTheShallowerTheWetter() {
    for (Mix mix : MEDIA.mixes()) {
      MixInPot deep = in(mix, 200, 0);
      MixInPot shallow = in(mix, 80, 0);
      assertThat(shallow.airFilled()).as(mix.code()).isLessThan(deep.airFilled());
      List<MixInPot.Layer> layers = deep.layers();
      for (int i = 1; i < layers.size(); i++) {
        assertThat(layers.get(i).water()).isLessThanOrEqualTo(layers.get(i - 1).water());
        assertThat(layers.get(i).fromMm()).isEqualTo(layers.get(i - 1).toMm(), within(1e-9));
      }
      assertThat(layers.get(layers.size() - 1).toMm()).isEqualTo(200, within(1e-9));
    }
  }

  @Test
  void aCoarseLayerLiftsTheWetZoneAndLeavesLessAir() {
    for (Mix mix : MEDIA.mixes()) {
      MixInPot without = in(mix, 160, 0);
      MixInPot with = in(mix, 160, 40);
      assertThat(with.airFilled()).as(mix.code()).isLessThan(without.airFilled());
      assertThat(with.layers().stream().filter(MixInPot.Layer::coarse)).hasSize(4);
      assertThat(with.layers().get(4).water())
          .as("just above the layer it is as wet as at the floor")
          .isEqualTo(without.layers().get(0).water(), within(1e-9));
    }
  }

  @Test
  void itsLayersAddUpToWhatItHolds() {
    for (Mix mix : MEDIA.mixes()) {
      MixInPot pot = MixInPot.of(MEDIA, mix, Frustum.round(150, 150, 160), 0, GRIT);
      double mean =
          pot.layers().stream().mapToDouble(MixInPot.Layer::water).average().orElseThrow();
      assertThat(mean).as(mix.code()).isEqualTo(pot.capacity(), within(0.02));
      assertThat(pot.capacity() + pot.airFilled())
          .isEqualTo(MEDIA.retention(mix).saturated(), within(1e-9));
    }
  }
}
