package happysaucer.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.Shipped;
import happysaucer.core.species.Species;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a person says of its size goes before its height; where nobody said, the kind decides. */
class SizeWishTest {
  private static Ask crowded(String species, double heightMm) {
    return Ask.about(species)
        .sized(heightMm, heightMm * (species.startsWith("Cereus") ? 0.06 : 0.5))
        .sign("ROOTS_CIRCLING", "SEVERE", null)
        .sign("BALL_SOLID", "CLEAR", null);
  }

  @Test
  void whoSaysGrowIsNeverOverruledByATableOfHeights() {
    List<String> overruled = new ArrayList<>();
    for (Species species : Shipped.BOOK.species().all()) {
      for (double share : new double[] {0.9, 1, 1.5}) {
        double height = Math.min(20000, share * species.traits().matureHeightMm());
        Advice advice = crowded(species.name(), height).wish("GROW").advice();
        boolean prunes = advice.call().action().equals("ROOT_PRUNE_SAME_POT");
        if (prunes || Words.of(advice.call().reasons()).contains("usual height")) {
          overruled.add(species.name() + " at " + height);
        }
      }
    }
    assertThat(overruled).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "Ficus elastica, 2000, POT_UP",
    "Ficus elastica, 2700, ROOT_PRUNE_SAME_POT",
    "Epipremnum aureum, 900, POT_UP",
    "Phalaenopsis hybrids, 700, POT_UP",
    "Cereus repandus, 1900, POT_UP",
    "Spathiphyllum wallisii, 800, POT_UP",
    "Howea forsteriana, 3000, POT_UP"
  })
  void whereNobodySaidOnlyAnUprightWoodyKindHasAUsualHeight(
      String species, double heightMm, String action) {
    assertThat(crowded(species, heightMm).advice().call().action()).isEqualTo(action);
  }

  @Test
  void theReasonNamesTheHeightOrTheWish() {
    assertThat(crowded("Ficus elastica", 2700).advice().call().reasons().get(1).words())
        .startsWith("It has reached its usual height");
    assertThat(crowded("Ficus elastica", 900).wish("KEEP").advice().call().reasons().get(1).words())
        .startsWith("It is to stay this size");
  }

  @Test
  void nearTheBorderBothWaysArePutForward() {
    Advice under = crowded("Ficus elastica", 2650).advice();
    Advice over = crowded("Ficus elastica", 2670).advice();
    assertThat(under.call().alternatives().get(0).action()).isEqualTo("ROOT_PRUNE_SAME_POT");
    assertThat(over.call().alternatives().get(0).action()).isEqualTo("POT_UP");
    assertThat(under.call().urgency()).isEqualTo(over.call().urgency());
  }

  @Test
  void aHeightThatIsOnlyAssumedDecidesNothing() {
    Advice advice =
        Ask.about("Ficus elastica")
            .unsized()
            .in(Ask.pot("now", 600, 6))
            .sign("ROOTS_CIRCLING", "CLEAR", null)
            .advice();
    assertThat(Words.of(advice.call().reasons())).doesNotContain("usual height");
  }
}
