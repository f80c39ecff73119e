package happysaucer.core.species;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.Shipped;
import happysaucer.core.unit.Units;
import happysaucer.core.unit.Wording;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A species entry reads as a page, and says what its traits are. */
class ReadingTest {
  private static String read(Traits traits, Units units) {
    return Reading.of(traits).stream()
        .map(p -> p.topic() + ": " + String.join(" ", new Wording(units).texts(p.sentences())))
        .collect(Collectors.joining("\n"));
  }

  @Test
  void everyEntryReadsInFullSentences() {
    for (Species species : Shipped.BOOK.species().all()) {
      for (Reading.Passage passage : Reading.of(species.traits())) {
        List<String> sentences = new Wording(Units.METRIC).texts(passage.sentences());
        assertThat(sentences).as(species.name() + " " + passage.topic()).isNotEmpty();
        assertThat(sentences).allMatch(s -> s.matches("[A-Z0-9].*\\.") && !s.contains("{}"));
      }
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "Dracaena trifasciata | Water only when it is dry throughout",
        "Ficus elastica | Roots at the surface are normal",
        "Ficus elastica | bleed milk",
        "Schlumbergera truncata | Drops its buds when disturbed",
        "Citrus x limon | Usually grafted",
        "Beaucarnea recurvata | Its base may be raised",
        "Phalaenopsis hybrids | tree dweller",
      })
  void aSpeciesSaysWhatIsItsOwn(String name, String sentence) {
    Species species = Shipped.BOOK.species().find(name.trim()).orElseThrow();
    assertThat(read(species.traits(), Units.METRIC)).contains(sentence);
  }

  @Test
  void heightsAreInTheReadersUnits() {
    Traits fig = Shipped.BOOK.species().find("Ficus lyrata").orElseThrow().traits();
    assertThat(read(fig, Units.IMPERIAL)).contains(" in").doesNotContain(" cm");
    assertThat(read(fig, Units.METRIC)).contains(" cm").doesNotContain(" in indoors");
  }
}
