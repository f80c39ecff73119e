package happysaucer.core.species;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.Shipped;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What kind somebody means who types part of a name. */
class SuggestTest {
  private static List<String> suggested(String typed) {
    return Shipped.BOOK.species().suggest(typed, 8).stream().map(Species::name).toList();
  }

  @ParameterizedTest
  @CsvSource({
    "fidd, Ficus lyrata",
    "Ficus ely, Ficus elastica",
    "fcus lyrata, Ficus lyrata",
    "fiddel leaf, Ficus lyrata",
    "monstra, Monstera deliciosa",
    "spathiphylum, Spathiphyllum wallisii",
    "zamioculas, Zamioculcas zamiifolia"
  })
  void aSlipOrTwoIsForgiven(String typed, String meant) {
    assertThat(suggested(typed)).contains(meant);
  }

  @Test
  void theWholeNameComesFirst() {
    Shipped.BOOK
        .species()
        .all()
        .forEach(
            kind -> {
              assertThat(suggested(kind.name())).first().isEqualTo(kind.name());
              assertThat(suggested(kind.commonName())).first().isEqualTo(kind.name());
            });
  }

  @Test
  void whatResemblesNothingSuggestsNothing() {
    assertThat(suggested("qqqqwwww")).isEmpty();
    assertThat(suggested(" ")).isEmpty();
    assertThat(suggested("x".repeat(5000))).isEmpty();
  }

  @Test
  void noMoreThanAskedForAreGiven() {
    assertThat(Shipped.BOOK.species().suggest("a", 5)).hasSize(5);
  }
}
