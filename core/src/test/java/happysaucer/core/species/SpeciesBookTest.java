package happysaucer.core.species;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.Shipped;
import happysaucer.core.medium.Mix;
import happysaucer.core.medium.MixChoice;
import happysaucer.core.pot.Frustum;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The shipped species: all that a team meets, and each with its own nature. */
class SpeciesBookTest {
  private static Traits of(String name) {
    return Shipped.BOOK.species().find(name).orElseThrow().traits();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "FIG: Ficus elastica, Ficus lyrata, Ficus benjamina, Ficus microcarpa",
        "DRACAENA: Dracaena fragrans, Dracaena marginata, Dracaena surculosa, Dracaena trifasciata, Cordyline fruticosa",
        "ARALIA: Schefflera arboricola, Polyscias fruticosa, Fatsia japonica",
        "PALM: Howea forsteriana, Chamaedorea elegans, Dypsis lutescens, Rhapis excelsa",
        "WATER_TRUNK: Beaucarnea recurvata, Yucca elephantipes",
        "AROID_LARGE: Monstera deliciosa, Thaumatophyllum bipinnatifidum, Philodendron erubescens",
        "AROID_TRAILING: Epipremnum aureum, Scindapsus pictus, Philodendron hederaceum",
        "AROID_FLOOR: Aglaonema commutatum, Dieffenbachia seguine, Zamioculcas zamiifolia, Alocasia x amazonica",
        "SPATHE: Spathiphyllum wallisii, Anthurium andraeanum",
        "PEPEROMIA: Peperomia obtusifolia, Peperomia argyreia, Peperomia caperata",
        "FERN: Nephrolepis exaltata, Asplenium nidus, Platycerium bifurcatum",
        "FERN_LIKE: Asparagus setaceus, Asparagus densiflorus",
        "STRELITZIA: Strelitzia reginae, Strelitzia nicolai, Musa acuminata",
        "PRAYER: Maranta leuconeura, Goeppertia makoyana, Ctenanthe burle-marxii",
        "BROMELIAD: Guzmania lingulata, Aechmea fasciata, Vriesea splendens",
        "ORCHID_EPIPHYTE: Phalaenopsis hybrids, Dendrobium nobile, Dendrobium kingianum",
        "ORCHID_GROUND: Cymbidium hybrids, Paphiopedilum hybrids, Bletilla striata",
        "CACTUS_DESERT: Echinopsis oxygona, Mammillaria elongata, Rebutia minuscula, Gymnocalycium mihanovichii, Cereus repandus, Opuntia microdasys",
        "CACTUS_FOREST: Schlumbergera truncata, Rhipsalis baccifera, Epiphyllum oxypetalum",
        "SUCCULENT: Crassula ovata, Portulacaria afra, Echeveria elegans, Haworthiopsis attenuata, Aloe vera, Kalanchoe blossfeldiana, Curio rowleyanus",
        "EUPHORBIA: Euphorbia trigona, Euphorbia milii",
        "CAUDEX: Adenium obesum, Pachypodium lamerei",
        "CITRUS: Citrus x microcarpa, Citrus x limon, Citrus japonica",
        "MEDITERRANEAN: Olea europaea, Laurus nobilis, Myrtus communis, Westringia fruticosa",
        "WARM_SHRUB: Hibiscus rosa-sinensis, Gardenia jasminoides, Codiaeum variegatum, Bougainvillea glabra",
        "PELARGONIUM: Pelargonium x hortorum, Pelargonium x domesticum, Pelargonium graveolens",
        "FOLIAGE_TREE: Pachira aquatica, Radermachera sinica",
        "TRAINED_TREE: Juniperus procumbens, Acer palmatum, Serissa japonica, Carmona retusa, Ulmus parvifolia",
        "TRAILER: Hedera helix, Cissus alata, Tradescantia zebrina",
        "HERB: Salvia rosmarinus, Ocimum basilicum, Mentha spicata"
      })
  void everyGroupHasItsSpecies(String line) {
    String[] parts = line.split(": ");
    for (String name : parts[1].split(", ")) {
      Species species = Shipped.BOOK.species().find(name).orElseThrow(AssertionError::new);
      assertThat(species.group().name()).as(name).isEqualTo(parts[0]);
      assertThat(species.remarks()).as(name).endsWith(".");
      assertThat(species.commonNames()).as(name).isNotEmpty();
      assertThat(species.groupOnly()).isFalse();
    }
  }

  @Test
  void everyEntryIsSoundInItself() {
    for (Species species : Shipped.BOOK.species().all()) {
      Traits traits = species.traits();
      assertThat(traits.monthsFrom())
          .as(species.name())
          .isPositive()
          .isLessThanOrEqualTo(traits.monthsTo());
      assertThat(traits.afpFrom()).as(species.name()).isLessThan(traits.afpTo());
      assertThat(traits.waterCoefficient()).as(species.name()).isBetween(0.5, 1.6);
      assertThat(traits.rootLimit()).as(species.name()).isIn(0.0, 0.33, 0.5, 0.67);
      assertThat(Set.of("people", "cats", "dogs")).containsAll(traits.poisonous());
      assertThat(traits.matureHeightMm()).as(species.name()).isBetween(50.0, 4000.0);
      if (traits.aftercare() == AftercarePlan.WAIT_DRY) {
        assertThat(traits.dryDays()).as(species.name()).isBetween(2, 14);
      }
    }
  }

  @Test
  void theBestMixOfASpeciesHasTheAirItLikesInSomePotItIsGrownIn() {
    for (Species species : Shipped.BOOK.species().all()) {
      Traits traits = species.traits();
      double least = Double.MAX_VALUE;
      for (double height : new double[] {70, 110, 150, 200, 260}) {
        Frustum fill = Frustum.round(height * 1.2, height, height);
        Mix best = Shipped.BOOK.media().mix(traits.bestMix()).orElseThrow();
        least = Math.min(least, MixChoice.in(Shipped.BOOK.media(), best, fill).miss(traits));
      }
      assertThat(least).as(species.name() + " in " + traits.bestMix()).isZero();
    }
  }

  @Test
  void noNameLeadsToTwoPlants() {
    Set<String> seen = new HashSet<>();
    for (Species species : Shipped.BOOK.species().all()) {
      Set<String> names = new HashSet<>(species.synonyms());
      names.addAll(species.commonNames());
      names.add(species.name());
      for (String name : names) {
        assertThat(seen.add(name.toLowerCase())).as(name).isTrue();
        assertThat(Shipped.BOOK.species().find(name).orElseThrow().name())
            .isEqualTo(species.name());
      }
    }
  }

  private static Arguments nature(
      String what, String species, String relative, Function<Traits, Object> of) {
    return Arguments.of(what, species, relative, of);
  }

  static Stream<Arguments> natures() {
    return Stream.of(
        nature("dries fully", "Snake plant", "Corn plant", Traits::refill),
        nature("dries fully", "Zz plant", "Chinese evergreen", Traits::refill),
        nature("needs room", "Dwarf banana", "Crane flower", Traits::crowding),
        nature("feeds in a rush", "Dwarf banana", "Crane flower", Traits::monthsTo),
        nature("is no epiphyte", "Slipper orchid", "Moth orchid", Traits::rootType),
        nature("is no epiphyte", "Bletilla striata", "Moth orchid", Traits::rootType),
        nature("grows in spring and autumn", "Zebra haworthia", "Jade plant", Traits::window),
        nature("rests without leaves", "Bletilla striata", "Cymbidium", Traits::rest),
        nature("rests dry", "Dendrobium nobile", "Moth orchid", Traits::rest),
        nature("shows its roots", "Ginseng fig", "Fiddle-leaf fig", Traits::surfaceRoots),
        nature("is no palm in a palm's name", "Ponytail palm", "Kentia palm", Traits::refill),
        nature(
            "stands hard root work", "Chinese elm", "Japanese garden juniper", Traits::rootLimit),
        nature("is root-shy", "Coast rosemary", "Olive", Traits::rootLimit),
        nature("sits on branches", "Bird's nest fern", "Boston fern", Traits::rootType),
        nature("strikes from canes", "Spineless yucca", "Ponytail palm", Traits::strikes),
        nature("may be parted", "Lady palm", "Kentia palm", Traits::divides),
        nature("has brittle roots", "Paper flower", "Rose of China", Traits::rootType),
        nature("grows warm all year", "Fukien tea", "Japanese maple", Traits::window),
        nature("has barbed bristles", "Bunny ears cactus", "Jade plant", Traits::spines),
        nature("burns with milk", "Croton", "Rose of China", Traits::sap));
  }

  @ParameterizedTest(name = "{1} {0}")
  @MethodSource("natures")
  void aGroupDoesNotHideASpeciesOwnNature(
      String what, String species, String relative, Function<Traits, Object> of) {
    assertThat(of.apply(of(species))).isNotEqualTo(of.apply(of(relative)));
  }

  @ParameterizedTest
  @CsvSource({
    "Heptapleurum arboricola, Schefflera arboricola",
    "Philodendron bipinnatifidum, Thaumatophyllum bipinnatifidum",
    "Sansevieria trifasciata, Dracaena trifasciata",
    "Rosmarinus officinalis, Salvia rosmarinus",
    "Senecio rowleyanus, Curio rowleyanus",
    "alocasia amazonica, Alocasia x amazonica",
    "citrus limon, Citrus x limon",
    "pelargonium \u00d7 hortorum, Pelargonium x hortorum",
    "string of pearls, Curio rowleyanus",
    "thanksgiving cactus, Schlumbergera truncata"
  })
  void synonymsAndCommonNamesLeadThere(String asked, String found) {
    assertThat(Shipped.BOOK.species().find(asked).orElseThrow().name()).isEqualTo(found);
  }

  @Test
  void aMisspeltNameSuggestsTheNearest() {
    assertThat(Shipped.BOOK.species().nearest("Spatiphylum walisii"))
        .contains("Spathiphyllum wallisii")
        .hasSizeLessThanOrEqualTo(3);
  }

  @Test
  void aPageOfLettersIsNoMisspeltNameAndIsNotComparedLetterByLetter() {
    assertThat(Shipped.BOOK.species().nearest("qwertzuiop ".repeat(10_000))).isEmpty();
    assertThat(Shipped.BOOK.species().nearest("")).hasSize(3);
  }

  @Test
  void theNearestNameLeadsAndNoSpeciesIsNamedTwice() {
    for (Species species : Shipped.BOOK.species().all()) {
      String misspelt = species.name().substring(1) + "e";
      List<String> nearest = Shipped.BOOK.species().nearest(misspelt);
      assertThat(nearest).as(misspelt).contains(species.name()).doesNotHaveDuplicates();
    }
  }

  @Test
  void valuesThatAreTheGroupsAreMarked() {
    Species kentia = Shipped.BOOK.species().find("Kentia palm").orElseThrow();
    assertThat(kentia.fromGroup()).contains("refill", "rootLimit").doesNotContain("matureHeightMm");
    assertThat(kentia.traits().refill())
        .isEqualTo(Shipped.BOOK.species().group(Group.PALM).traits().refill());
    List<String> all = Arrays.asList("rest", "step", "strikes");
    assertThat(kentia.fromGroup()).containsAll(all);
  }
}
