package happysaucer.core.water;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.Ask;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the table gives where nobody has measured, against what experience says. */
class UseTest {
  @Test
  void aFigOfOneAndAHalfMetresDrinksUpToAThirdOfALitreADay() {
    Advice fig = Ask.about("Ficus lyrata").in(Ask.pot("x", 300, 6)).sized(1500, 800).advice();
    assertThat(fig.water().before().litresPerDay()).isBetween(0.15, 0.35);
  }

  @ParameterizedTest
  @CsvSource({
    "Spathiphyllum wallisii, 170, 450, 420, 2.5, 10",
    "Epipremnum aureum, 150, 250, 350, 4, 12",
    "Schefflera arboricola, 210, 700, 450, 3, 10",
    "Dracaena fragrans, 240, 1300, 500, 4, 14"
  })
  void foliageInSpringWantsWaterEveryFewDays(
      String species, double potMm, double height, double spread, double least, double most) {
    double days =
        Ask.about(species)
            .in(Ask.pot("x", potMm, 6))
            .sized(height, spread)
            .advice()
            .water()
            .before()
            .daysToRefill();
    assertThat(days).isBetween(least, most);
  }

  @Test
  void aDarkWinterDoublesTheDaysAtLeast() {
    Ask plant = Ask.about("Epipremnum aureum").in(Ask.pot("x", 170, 6)).sized(300, 400).at(52);
    double spring = plant.advice().water().before().daysToRefill();
    double winter = plant.on("2026-12-20").inLight("LOW").advice().water().before().daysToRefill();
    assertThat(winter).isGreaterThan(2 * spring);
  }
}
