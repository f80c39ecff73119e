package happysaucer.core.medium;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.Shipped;
import happysaucer.core.pot.Frustum;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Mixes, what replaces what, and what a team measures itself. */
class MixTest {
  private static final MediumTable MEDIA = Shipped.BOOK.media();
  private static final Frustum POT = Frustum.round(200, 160, 180);

  private static Mix mix(String code) {
    return MEDIA.mix(code).orElseThrow();
  }

  private static Ingredient ingredient(String code) {
    return MEDIA.ingredient(code).orElseThrow();
  }

  @ParameterizedTest
  @CsvSource({
    "foliage",
    "chunky-aroid",
    "succulent",
    "desert-cactus",
    "trained-tree",
    "caudex",
    "citrus",
    "loam-tree",
    "warm-shrub",
    "moisture",
    "pelargonium",
    "orchid-bark",
    "mineral-reservoir"
  })
  void everyMixIsThereWithItsReasonAndLife(String code) {
    assertThat(mix(code).reason()).endsWith(".");
    assertThat(mix(code).lifeMonths()).isBetween(18, 60);
  }

  @Test
  void theSameMixIsAiryInADeepPotAndSoggyInABowl() {
    Retention foliage = mix("foliage").retention();
    assertThat(foliage.airFilled(Frustum.round(200, 180, 60)))
        .isLessThan(foliage.airFilled(Frustum.round(200, 180, 240)) - 0.05);
  }

  @Test
  void peatFreeMeansCoirPartForPart() {
    Mix without = MEDIA.peatFree(mix("foliage"));
    assertThat(mix("foliage").peat()).isTrue();
    assertThat(without.peat()).isFalse();
    assertThat(without.totalParts()).isEqualTo(mix("foliage").totalParts());
    assertThat(MEDIA.peatFree(mix("succulent"))).isSameAs(mix("succulent"));
  }

  @Test
  void whatIsOutIsReplacedAndThePhysicsChangeWithIt() {
    Mix gritty = MEDIA.replace(mix("succulent"), "PUMICE", "GRIT");
    assertThat(gritty.parts()).hasSize(3);
    assertThat(gritty.totalParts()).isEqualTo(5);
    assertThat(MixChoice.in(MEDIA, gritty, POT).airFilled())
        .isNotCloseTo(MixChoice.in(MEDIA, mix("succulent"), POT).airFilled(), within(0.005));
    assertThatThrownBy(() -> MEDIA.replace(mix("succulent"), "PUMICE", "GOLD"))
        .hasMessageContaining("GOLD");
  }

  @Test
  void massAndStructureFollowTheParts() {
    assertThat(mix("desert-cactus").dryGramsPerLitre())
        .isCloseTo((1050 + 1550 + 1500) / 3.0, within(1e-9));
    assertThat(mix("desert-cactus").coarseShare()).isCloseTo(2 / 3.0, within(1e-12));
    assertThat(mix("foliage").dusty()).isTrue();
    assertThat(mix("desert-cactus").dusty()).isFalse();
  }

  @Test
  void anAcceptableMixStepsInOnlyWhereItIsClearlyBetter() {
    var traits = Shipped.BOOK.species().find("Monstera deliciosa").orElseThrow().traits();
    MixChoice deep = MixChoice.of(traits, MEDIA, Frustum.round(260, 210, 240), false);
    MixChoice bowl = MixChoice.of(traits, MEDIA, Frustum.round(260, 240, 70), false);
    for (MixChoice choice : new MixChoice[] {deep, bowl}) {
      double best =
          MixChoice.in(MEDIA, mix("chunky-aroid"), Frustum.round(260, 210, 240)).miss(traits);
      assertThat(choice.miss(traits)).isLessThanOrEqualTo(best + 0.05);
    }
    assertThat(deep.airFilled() + deep.capacity())
        .isCloseTo(deep.retention().saturated(), within(1e-12));
  }

  @Test
  void gritBringsAnOldMixBackToItsAir() {
    Mix old = mix("pelargonium");
    double now = old.retention().airFilled(POT);
    OptionalDouble share = Renewal.coarseShare(old, ingredient("LAVA"), POT, now + 0.08);
    assertThat(share).isPresent();
    assertThat(old.with(ingredient("LAVA"), share.getAsDouble()).retention().airFilled(POT))
        .isCloseTo(now + 0.08, within(1e-4));
    assertThat(Renewal.coarseShare(old, ingredient("LAVA"), POT, now - 0.02)).hasValue(0);
    assertThat(Renewal.coarseShare(old, ingredient("LAVA"), POT, 0.9)).isEmpty();
  }

  @Test
  void aBucketTestIsMetByTheFittedMix() {
    Frustum bucket = Frustum.round(260, 230, 250);
    Retention truth = new Retention(0.11, 0.80, 0.45, mix("foliage").retention().n(), 0);
    double capacity = truth.capacity(bucket);
    double drained = (truth.saturated() - capacity) * bucket.litres();
    double dry = 2000;
    double wet = dry + capacity * bucket.litres() * 1000;
    Retention estimate = new Retention(0.11, 0.70, 0.2, truth.n(), 0);

    assertThat(BucketTest.capacity(bucket, wet, dry)).isCloseTo(capacity, within(1e-12));
    Retention fitted = BucketTest.fit(estimate, bucket, drained, wet, dry);
    assertThat(fitted.capacity(bucket)).isCloseTo(capacity, within(1e-6));
    assertThat(fitted.alphaPerCm()).isCloseTo(0.45, within(1e-3));
    assertThat(fitted.saturated()).isCloseTo(0.80, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"-1, 5000, 2000", "3, 12000, 2000", "1, 2500, 2400"})
  void weightsThatCannotBeRightAreRefused(double drained, double wet, double dry) {
    assertThatThrownBy(
            () ->
                BucketTest.fit(
                    mix("foliage").retention(), Frustum.round(260, 230, 250), drained, wet, dry))
        .hasMessageContaining("measure again");
  }

  @Test
  void waterHeldFallsWithSuctionFromSaturatedTowardsResidual() {
    Retention peat = new Retention(0.10, 0.90, 0.12, 1.55, 0);
    assertThat(peat.theta(0)).isEqualTo(0.90);
    assertThat(peat.theta(10)).isLessThan(peat.theta(5));
    assertThat(peat.theta(1e7)).isCloseTo(0.10, within(0.001));
    assertThat(peat.wilting()).isEqualTo(peat.theta(100));
  }
}
