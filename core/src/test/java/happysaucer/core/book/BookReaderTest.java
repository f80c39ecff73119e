package happysaucer.core.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import happysaucer.core.Shipped;
import happysaucer.core.species.Group;
import happysaucer.core.species.Refill;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BookReaderTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "weights | ROOTS_FROM_DRAIN_HOLES,STRONG | ROOTS_FROM_DRAIN_HOLES,HUGE | weights line 2, present",
        "weights | CROWDED,POT_DEFORMED | CRAMPED,POT_DEFORMED | finding",
        "signs | ROOTS_FROM_DRAIN_HOLES,POT,GRADE,0.3 | ROOTS_FROM_DRAIN_HOLES,POT,GRADE,soon | minutes",
        "groups | FIG,Figs,TOP_DRY,1.0 | FIG,Figs,SOAKED,1.0 | groups line 2, refill",
        "groups | ,foliage,loam-tree,0.12 | ,foliage,mud,0.12 | acceptableMixes",
        "species | Rubber plant,,FIG | Rubber plant,,TREE | species line 2, group",
        "ingredients | PEAT,peat,0.10,0.90,0.12,1.55 | PEAT,peat,0.10,0.90,0.12,0.9 | line 2, n: must be between 1.05 and 6",
        "mixes | LOAM 1;COARSE_SAND 1 | LOAM 1;GOLD 1 | recipe",
        "trade-sizes | plastic-7,STANDARD | plastic-7,ROUNDISH | shape"
      })
  void aFaultIsNamedByTableLineAndColumn(String table, String good, String bad, String named) {
    Map<String, String> tables = new HashMap<>(Shipped.TABLES);
    assertThat(tables.get(table)).contains(good);
    tables.put(table, tables.get(table).replaceFirst(java.util.regex.Pattern.quote(good), bad));
    assertThatThrownBy(() -> BookReader.read(tables))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining(named);
  }

  @Test
  void aMissingTableOrSignIsNamed() {
    Map<String, String> tables = new HashMap<>(Shipped.TABLES);
    tables.put("signs", tables.get("signs").replaceFirst("THRIPS,.*\n", ""));
    assertThatThrownBy(() -> BookReader.read(tables)).hasMessageContaining("THRIPS is missing");
    tables.remove("mixes");
    assertThatThrownBy(() -> BookReader.read(tables)).hasMessageContaining("mixes");
  }

  @Test
  void everyEditChangesTheVersion() {
    Map<String, String> tables = new HashMap<>(Shipped.TABLES);
    tables.put("mixes", tables.get("mixes").replace("PEAT 2", "PEAT 3"));
    assertThat(BookReader.read(tables).version()).isNotEqualTo(Shipped.BOOK.version());
  }

  @Test
  void aSpeciesSaysOnlyWhatDiffersFromItsGroupAndMarksTheRest() {
    var snake = Shipped.BOOK.species().find("Snake plant").orElseThrow();
    assertThat(snake.traits().refill()).isEqualTo(Refill.FULLY_DRY);
    assertThat(snake.fromGroup()).contains("feeder").doesNotContain("refill");
    assertThat(Shipped.BOOK.species().group(Group.DRACAENA).traits().refill())
        .isEqualTo(Refill.HALF_DRY);
  }

  @Test
  void fifteenSpeciesOverTenGroupsAreShipped() {
    assertThat(Shipped.BOOK.species().all()).hasSizeGreaterThanOrEqualTo(15);
    assertThat(Shipped.BOOK.species().all().stream().map(s -> s.group()).distinct().count())
        .isGreaterThanOrEqualTo(10);
  }

  @Test
  void quotesAndBlankLinesAreRead() {
    var rows = CsvTable.rows("t", "a,b\n\"one, two\",\"say \"\"so\"\"\"\n\nx,y\n");
    assertThat(rows).hasSize(2);
    assertThat(rows.get(0)).containsEntry("a", "one, two").containsEntry("b", "say \"so\"");
    assertThatThrownBy(() -> CsvTable.rows("t", "a,b\n1,2,3\n")).hasMessageContaining("t line 2");
  }
}
