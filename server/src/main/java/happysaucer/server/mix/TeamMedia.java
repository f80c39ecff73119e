package happysaucer.server.mix;

import happysaucer.core.advice.Advise;
import happysaucer.core.advice.Fault;
import happysaucer.core.book.MediumForm;
import happysaucer.core.book.TeamRows;
import happysaucer.core.medium.Ingredient;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.medium.Mix;
import happysaucer.server.advice.Books;
import happysaucer.server.entry.Entries;
import happysaucer.server.mix.MediumMapper.EditRow;
import happysaucer.server.mix.MediumMapper.TestRow;
import happysaucer.server.mix.MixRoom.Kind;
import happysaucer.server.problem.ConflictException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The team's ingredients and mixes as cells by column, and the rules of a book that has them. */
@Component
class TeamMedia {
  private final MediumMapper mapper;
  private final Books books;
  private final Entries entries;

  TeamMedia(MediumMapper mapper, Books books, Entries entries) {
    this.mapper = mapper;
    this.books = books;
    this.entries = entries;
  }

  record Key(Kind kind, String code) {}

  Map<Key, Map<String, String>> edits() {
    Map<Key, Map<String, String>> edits = new LinkedHashMap<>();
    for (EditRow row : mapper.edits()) {
      edits.put(new Key(row.kind(), row.code()), cells(row));
    }
    return edits;
  }

  Map<String, String> cells(EditRow row) {
    return entries.read(row.cells(), columns(row.kind()));
  }

  static List<String> columns(Kind kind) {
    return kind == Kind.MIX ? MediumForm.MIX_COLUMNS : MediumForm.INGREDIENT_COLUMNS;
  }

  Optional<Map<String, String>> shipped(Key key) {
    return key.kind() == Kind.MIX
        ? books.mediumForm().shippedMix(key.code())
        : books.mediumForm().shippedIngredient(key.code());
  }

  /** Rows for a book: the team's, and of mixes also those that it measured. */
  TeamRows rows(Map<Key, Map<String, String>> edits) {
    List<Map<String, String>> ingredients = new ArrayList<>();
    Map<String, Map<String, String>> mixes = new LinkedHashMap<>();
    edits.forEach(
        (key, cells) -> {
          if (key.kind() == Kind.MIX) {
            mixes.put(key.code(), MediumForm.unmeasured(cells));
          } else {
            ingredients.add(cells);
          }
        });
    List<TestRow> tests = mapper.tests();
    if (!tests.isEmpty()) {
      MediumTable media =
          books
              .mediumForm()
              .media(TeamRows.NONE.withMedia(ingredients, List.copyOf(mixes.values())));
      for (Mix mix : media.mixes()) {
        BucketTests.measured(tests, mix)
            .ifPresent(
                measured ->
                    mixes.put(
                        mix.code(),
                        MediumForm.measured(
                            mixes.getOrDefault(
                                mix.code(),
                                books.mediumForm().shippedMix(mix.code()).orElse(Map.of())),
                            Double.toString(measured.saturated()),
                            Double.toString(measured.alphaPerCm()))));
      }
    }
    return TeamRows.NONE.withMedia(ingredients, List.copyOf(mixes.values()));
  }

  List<Fault> faults(Kind kind, Map<String, String> cells, MediumTable media) {
    return Entries.faults(
        kind == Kind.MIX
            ? books.mediumForm().mixFaults(cells, media)
            : books.mediumForm().ingredientFaults(cells),
        cells);
  }

  /** The team's rows with others in place of some; null takes one back. */
  private TeamRows rowsWith(Map<Key, @Nullable Map<String, String>> changed) {
    Map<Key, Map<String, String>> edits = edits();
    changed.forEach(
        (key, cells) -> {
          if (cells == null) {
            edits.remove(key);
          } else {
            edits.put(key, cells);
          }
        });
    return rows(edits);
  }

  /**
   * @throws ConflictException when something else is made of it or wants it
   */
  Advise rulesWith(Map<Key, @Nullable Map<String, String>> changed) {
    try {
      TeamRows rows = rowsWith(changed);
      return books.withMedia(rows.ingredients(), rows.mixes());
    } catch (IllegalArgumentException e) {
      throw new ConflictException(
          "A mix is made of it, or a species of the team wants it. Change those first. ("
              + e.getMessage()
              + ")");
    }
  }

  /** Puts the team's own to use, for all. */
  void use() {
    TeamRows rows = rows(edits());
    books.useMedia(rows.ingredients(), rows.mixes());
  }

  /** All entries as cells by column, the team's in place of the shipped. */
  List<Map<String, String>> all(Kind kind) {
    Map<Key, Map<String, String>> edits = edits();
    MediumTable media = books.team().book().media();
    List<String> codes =
        kind == Kind.MIX
            ? media.mixes().stream().map(Mix::code).toList()
            : media.ingredients().stream().map(Ingredient::code).toList();
    List<Map<String, String>> all = new ArrayList<>();
    for (String code : codes) {
      Key key = new Key(kind, code);
      Map<String, String> cells =
          edits.containsKey(key) ? edits.get(key) : shipped(key).orElseThrow();
      Map<String, String> row = new LinkedHashMap<>();
      columns(kind).forEach(column -> row.put(column, cells.getOrDefault(column, "")));
      all.add(row);
    }
    return all;
  }
}
