package happysaucer.core.medium;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.Shipped;
import happysaucer.core.pot.Frustum;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RetentionTest {
  private static Retention of(String code) {
    Ingredient one = Shipped.BOOK.media().ingredient(code).orElseThrow();
    return new Mix(
            "one", "one", List.of(new Mix.Part(one, 1)), 24, false, false, "", Optional.empty())
        .retention();
  }

  @ParameterizedTest
  @CsvSource({
    "PEAT, 60, 0.839", "PEAT, 150, 0.735", "PEAT, 300, 0.622",
    "PERLITE, 60, 0.493", "PERLITE, 150, 0.372", "PERLITE, 300, 0.297"
  })
  void containerCapacityFallsWithDepth(String ingredient, double heightMm, double capacity) {
    assertThat(of(ingredient).capacity(Frustum.round(150, 110, heightMm)))
        .isCloseTo(capacity, within(capacity * 0.005));
  }

  @Test
  void aMixLiesBetweenItsPartsAndItsAirAddsUpToItsPores() {
    Mix mix = Shipped.BOOK.media().mix("foliage").orElseThrow();
    Frustum fill = Frustum.round(240, 190, 200);
    Retention retention = mix.retention();
    assertThat(retention.airFilled(fill) + retention.capacity(fill))
        .isCloseTo(retention.saturated(), within(1e-12));
    assertThat(retention.airFilled(fill)).isBetween(0.15, 0.40);
  }

  @Test
  void everyShippedMixSuitsThePotItIsMadeFor() {
    for (Mix mix : Shipped.BOOK.media().mixes()) {
      assertThat(mix.retention().airFilled(Frustum.round(150, 114, 125)))
          .as(mix.code())
          .isBetween(0.08, 0.75);
    }
  }
}
