package happysaucer.core.medium;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import happysaucer.core.Shipped;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class BatchTest {
  private static Mix mix(String code) {
    return Shipped.BOOK.media().mix(code).orElseThrow();
  }

  /** Cactus mix is equal loam, sharp sand and grit: 6 L are 2 L of each, four scoops of a half. */
  @Test
  void partsAreMeasuredInWholeScoops() {
    Batch batch = Batch.of(mix("desert-cactus"), 6, 0, 0, 0.5);
    assertThat(batch.litres()).isEqualTo(6);
    assertThat(batch.measuredLitres()).isEqualTo(6);
    assertThat(batch.parts()).allMatch(part -> part.measures() == 4);
    assertThat(batch.error()).isZero();
    // (2 x (1050 + 200) + 2 x (1550 + 200) + 2 x (1500 + 200)) g, damp
    assertThat(batch.grams()).isCloseTo(9400, within(0.01));
  }

  @Test
  void whatIsReadyAndWhatIsReusedIsNotMixedAgain() {
    Batch some = Batch.of(mix("foliage"), 20, 3, 5, 0.5);
    assertThat(some.litres()).isEqualTo(12);
    assertThat(some.readyLitres()).isEqualTo(5);
    Batch enough = Batch.of(mix("foliage"), 20, 3, 40, 0.5);
    assertThat(enough.litres()).isZero();
    assertThat(enough.readyLitres()).isEqualTo(17);
    assertThat(enough.measuredLitres()).isZero();
    // more was used than is on the books: nothing is ready
    assertThat(Batch.of(mix("foliage"), 20, 0, -4, 0.5).litres()).isEqualTo(20);
  }

  @Test
  void thereIsAlwaysEnoughAndNoPartIsLeftOut() {
    for (Mix mix : Shipped.BOOK.media().mixes()) {
      IntStream.rangeClosed(1, 80)
          .mapToDouble(i -> i * 0.73)
          .forEach(
              litres -> {
                Batch batch = Batch.of(mix, litres, 0, 0, 0.5);
                assertThat(batch.measuredLitres())
                    .as(mix.code() + " " + litres)
                    .isGreaterThanOrEqualTo(litres - 0.01);
                assertThat(batch.parts()).allMatch(part -> part.measures() > 0);
                assertThat(batch.parts().stream().mapToDouble(Batch.Portion::litres).sum())
                    .isCloseTo(litres, within(1e-9));
                if (litres > 10) {
                  assertThat(batch.measuredLitres() - litres).as(mix.code()).isLessThan(0.5);
                  assertThat(batch.error()).as(mix.code() + " " + litres).isLessThan(0.05);
                }
                if (litres > 3) {
                  assertThat(batch.error()).as(mix.code() + " " + litres).isLessThan(0.06);
                }
              });
    }
  }

  @Test
  void whatShedsWaterGoesInFirst() {
    List<String> turns =
        Batch.of(mix("foliage"), 10, 0, 0, 0.5).parts().stream()
            .map(part -> part.ingredient().code())
            .toList();
    assertThat(turns).containsExactly("PEAT", "COIR", "COMPOST", "FINE_BARK", "PERLITE");
  }

  @Test
  void smallBatchesAreMeasuredInQuartersOfAScoop() {
    Batch small = Batch.of(mix("orchid-bark"), 1.5, 0, 0, 0.5);
    assertThat(small.unitLitres()).isEqualTo(0.125);
    assertThat(small.measuredLitres()).isBetween(1.5, 1.75);
    assertThat(Batch.of(mix("orchid-bark"), 30, 0, 0, 0.5).unitLitres()).isEqualTo(0.5);
    assertThat(Batch.of(mix("orchid-bark"), 0.03, 0, 0, 0.5).measuredLitres()).isZero();
  }

  @Test
  void bagsAreWholeAndOnlyForWhatIsWanting() {
    assertThat(Batch.bags(30, 0, 15)).isEqualTo(2);
    assertThat(Batch.bags(30.5, 0, 15)).isEqualTo(3);
    assertThat(Batch.bags(30.5, 20, 15)).isEqualTo(1);
    assertThat(Batch.bags(12, 12, 15)).isZero();
    assertThat(Batch.bags(5, 40, 15)).isZero();
  }

  /** Cactus mix is equal loam, sharp sand and grit: at 20, 8 and 14 cents a litre it costs 14. */
  @Test
  void aLitreCostsWhatItsPartsCost() {
    Mix cactus = mix("desert-cactus");
    List<String> codes = cactus.parts().stream().map(part -> part.ingredient().code()).toList();
    assertThat(
            cactus.perLitre(
                Map.of(codes.get(0), 20.0, codes.get(1), 8.0, codes.get(2), 14.0, "COIR", 90.0)))
        .hasValueCloseTo(14.0, within(1e-9));
    assertThat(cactus.perLitre(Map.of(codes.get(0), 20.0, codes.get(1), 8.0)))
        .as("one price is not known")
        .isEmpty();
  }
}
