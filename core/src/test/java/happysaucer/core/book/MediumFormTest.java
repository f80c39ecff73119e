package happysaucer.core.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.Shipped;
import happysaucer.core.medium.BucketTest;
import happysaucer.core.medium.Mix;
import happysaucer.core.medium.Retention;
import happysaucer.core.pot.Frustum;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class MediumFormTest {
  private static final MediumForm FORM = new MediumForm(Shipped.TABLES);
  private static final Frustum POT = Frustum.round(170, 130, 156);

  private static Map<String, String> perlite(String key, String text) {
    Map<String, String> cells =
        new LinkedHashMap<>(FORM.shippedIngredient("PERLITE").orElseThrow());
    cells.put(key, text);
    return cells;
  }

  private static Map<String, String> foliage(String key, String text) {
    Map<String, String> cells = new LinkedHashMap<>(FORM.shippedMix("foliage").orElseThrow());
    cells.put(key, text);
    return cells;
  }

  @Test
  void whatIsShippedIsFaultless() {
    Shipped.BOOK
        .media()
        .ingredients()
        .forEach(
            one ->
                assertThat(FORM.ingredientFaults(FORM.shippedIngredient(one.code()).orElseThrow()))
                    .as(one.code())
                    .isEmpty());
    Shipped.BOOK
        .media()
        .mixes()
        .forEach(
            one ->
                assertThat(
                        FORM.mixFaults(
                            FORM.shippedMix(one.code()).orElseThrow(), Shipped.BOOK.media()))
                    .as(one.code())
                    .isEmpty());
  }

  @Test
  void allFaultsAreFoundAtOnce() {
    Map<String, String> cells = perlite("n", "1");
    cells.put("saturated", "1.2");
    cells.put("dust", "perhaps");
    cells.put("dryGramsPerLitre", "heavy");
    assertThat(FORM.ingredientFaults(cells))
        .containsOnlyKeys("n", "saturated", "dust", "dryGramsPerLitre");
  }

  @Test
  void aRecipeNamesOnlyWhatThereIsOnceAndInMeasure() {
    assertThat(FORM.mixFaults(foliage("recipe", "MUD 2"), Shipped.BOOK.media()))
        .containsOnlyKeys("recipe");
    assertThat(FORM.mixFaults(foliage("recipe", "PEAT 2;PEAT 1"), Shipped.BOOK.media()))
        .containsEntry("recipe", "has peat twice");
    assertThat(FORM.mixFaults(foliage("recipe", "PEAT -1"), Shipped.BOOK.media()))
        .containsOnlyKeys("recipe");
    assertThat(FORM.mixFaults(foliage("recipe", ""), Shipped.BOOK.media()))
        .containsOnlyKeys("recipe");
  }

  @Test
  void anIngredientOfTheTeamChangesEveryMixThatIsMadeOfIt() {
    // perlite measured as fine as sand: what is made of it holds less air
    TeamRows rows = TeamRows.NONE.withMedia(List.of(perlite("alphaPerCm", "0.12")), List.of());
    Book team = BookReader.read(Shipped.TABLES, rows);
    assertThat(team.version()).startsWith("team-");
    for (Mix mix : Shipped.BOOK.media().mixes()) {
      boolean made =
          mix.parts().stream().anyMatch(part -> part.ingredient().code().equals("PERLITE"));
      double before = mix.retention().airFilled(POT);
      double after = team.media().mix(mix.code()).orElseThrow().retention().airFilled(POT);
      if (made) {
        assertThat(after).as(mix.code()).isLessThan(before - 0.001);
      } else {
        assertThat(after).as(mix.code()).isEqualTo(before);
      }
    }
  }

  @Test
  void aMixThatIsMeasuredHoldsWhatWasWeighed() {
    Retention estimate = Shipped.BOOK.media().mix("foliage").orElseThrow().estimate();
    // half a litre ran out, and it weighs 60 % of its volume more than dry
    Retention fit = BucketTest.fit(estimate, POT, 0.5, POT.litres() * 600 + 500, 500);
    Map<String, String> cells =
        MediumForm.measured(
            FORM.shippedMix("foliage").orElseThrow(),
            Double.toString(fit.saturated()),
            Double.toString(fit.alphaPerCm()));
    Book team = BookReader.read(Shipped.TABLES, TeamRows.NONE.withMedia(List.of(), List.of(cells)));
    Mix measured = team.media().mix("foliage").orElseThrow();
    assertThat(measured.measured()).isPresent();
    assertThat(measured.retention().capacity(POT)).isCloseTo(0.6, within(0.002));
    assertThat(measured.retention().airFilled(POT)).isCloseTo(0.5 / POT.litres(), within(0.002));
    assertThat(measured.estimate()).isEqualTo(estimate);
  }

  @Test
  void severalTestsAreOneByTheirMeans() {
    Mix.Measured both =
        BucketTest.together(
            List.of(new Retention(0.1, 0.8, 0.1, 1.5, 0), new Retention(0.1, 0.9, 0.4, 1.5, 0)));
    assertThat(both.saturated()).isCloseTo(0.85, within(1e-9));
    assertThat(both.alphaPerCm()).isCloseTo(0.2, within(1e-9));
  }

  @Test
  void aSpeciesThatWantsAMixThatIsGoneIsNamed() {
    assertThatThrownBy(
            () ->
                BookReader.read(
                    Shipped.TABLES,
                    TeamRows.NONE.withSpecies(
                        List.of(
                            Map.of(
                                "name", "Ficus imaginata",
                                "commonNames", "",
                                "synonyms", "",
                                "group", "FIG",
                                "remarks", "x",
                                "bestMix", "gone")))))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
