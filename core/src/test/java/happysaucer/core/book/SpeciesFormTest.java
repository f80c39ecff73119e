package happysaucer.core.book;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.core.Shipped;
import happysaucer.core.advice.Advise;
import happysaucer.core.method.MethodTable;
import happysaucer.core.species.Group;
import happysaucer.core.species.Species;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A team edits species: cells are checked one by one and become a book of its own. */
class SpeciesFormTest {
  private static final SpeciesForm FORM = new SpeciesForm(Shipped.TABLES, Shipped.BOOK.media());

  private static Map<String, String> fig(String... changes) {
    Map<String, String> cells = new HashMap<>(FORM.shipped("Ficus lyrata").orElseThrow());
    for (int i = 0; i < changes.length; i += 2) {
      cells.put(changes[i], changes[i + 1]);
    }
    return cells;
  }

  @Test
  void columnsAreThoseOfTheShippedTable() {
    assertThat(SpeciesForm.columns().stream().map(SpeciesColumn::key))
        .containsExactlyElementsOf(FORM.shipped("Ficus lyrata").orElseThrow().keySet());
    assertThat(SpeciesForm.columns()).allMatch(c -> !c.label().isEmpty() && !c.use().isEmpty());
  }

  @Test
  void everyShippedEntryCanBeSavedAsItIs() {
    for (Species species : Shipped.BOOK.species().all()) {
      assertThat(FORM.faults(FORM.shipped(species.name()).orElseThrow()))
          .as(species.name())
          .isEmpty();
    }
  }

  @ParameterizedTest
  @CsvSource({
    "waterCoefficient, 9, must be between 0.3 and 2",
    "waterCoefficient, much, 'must be a number, not much'",
    "monthsFrom, 12.5, 'must be a whole number, not 12.5'",
    "crowding, TIGHT, 'has no code TIGHT; use LIKES_SNUG, NEUTRAL, NEEDS_ROOM'",
    "surfaceRoots, perhaps, must be yes or no",
    "bestMix, mud, has no mix mud",
    "poisonous, cats fish, 'does not know fish; use people, cats, dogs or none'",
    "rootLimit, 0.9, must be between 0 and 0.67",
    "afpFrom, 0.6, must be over the least air",
    "name, '', is empty",
    "name, a/b, 'may have letters, digits, blanks, full stops, hyphens and quotes'",
    "remarks, '', is empty",
  })
  void aWrongCellIsNamedWithWhatToMend(String column, String cell, String what) {
    Map<String, String> faults = FORM.faults(fig(column, cell));
    assertThat(faults).hasSize(1);
    assertThat(faults.values().iterator().next()).isEqualTo(what);
  }

  @Test
  void aGroupThatIsNotThereIsToldWithThoseThatAre() {
    assertThat(FORM.faults(fig("group", "TREE")).get("group"))
        .startsWith("has no code TREE; use FIG, DRACAENA");
  }

  @Test
  void allFaultsOfAnEntryAreFoundAtOnce() {
    assertThat(
            FORM.faults(fig("refill", "WET", "monthsFrom", "50", "monthsTo", "2", "spines", "?")))
        .containsOnlyKeys("refill", "monthsTo", "spines");
  }

  @Test
  void anEditedEntryReplacesTheShippedOneAndChangesTheVersion() {
    Book team =
        BookReader.read(
            Shipped.TABLES, TeamRows.NONE.withSpecies(List.of(fig("crowding", "LIKES_SNUG"))));
    assertThat(team.species().find("Fiddle-leaf fig").orElseThrow().traits().crowding().name())
        .isEqualTo("LIKES_SNUG");
    assertThat(team.species().all()).hasSameSizeAs(Shipped.BOOK.species().all());
    assertThat(team.version()).startsWith("team-").isNotEqualTo(Shipped.BOOK.version());
  }

  @Test
  void aNewEntryIsFoundAndTakesFromItsGroupWhatIsEmpty() {
    Map<String, String> cells = new HashMap<>();
    SpeciesForm.columns().forEach(column -> cells.put(column.key(), ""));
    cells.put("name", "Ficus imaginata");
    cells.put("group", "FIG");
    cells.put("remarks", "Seen once.");
    cells.put("vigour", "SLOW");
    Book team = BookReader.read(Shipped.TABLES, TeamRows.NONE.withSpecies(List.of(cells)));
    Species made = team.species().find("ficus Imaginata").orElseThrow();
    assertThat(made.traits().vigour().name()).isEqualTo("SLOW");
    assertThat(made.traits().sap()).isEqualTo(team.species().group(Group.FIG).traits().sap());
    assertThat(made.fromGroup()).contains("sap").doesNotContain("vigour");
    assertThat(new Advise(team).book().version()).isEqualTo(team.version());
  }

  @Test
  void everyQuestionOfMethodHasOptionsWithReasonAndCost() {
    MethodTable methods = Shipped.BOOK.methods();
    assertThat(methods.questions()).hasSize(20);
    for (MethodTable.Question question : methods.questions()) {
      assertThat(question.options().isEmpty()).isEqualTo(question.range().isPresent());
      assertThat(question.options()).allMatch(o -> !o.reason().isEmpty() && !o.cost().isEmpty());
      question
          .options()
          .forEach(o -> assertThat(methods.fault(question.key(), o.code())).isEmpty());
    }
    assertThat(methods.fault("timing", "SOMETIMES"))
        .hasValueSatisfying(f -> assertThat(f).contains("CONDITION"));
    assertThat(methods.fault("liftOneG", "heavy"))
        .hasValue("Must be a number between 5000 and 60000 g.");
    assertThat(methods.fault("tea", "GREEN")).isPresent();
  }
}
