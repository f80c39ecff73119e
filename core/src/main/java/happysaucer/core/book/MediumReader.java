package happysaucer.core.book;

import happysaucer.core.book.Csv.Row;
import happysaucer.core.medium.Ingredient;
import happysaucer.core.medium.MediumTable;
import happysaucer.core.medium.Mix;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.regex.Pattern;

/** Ingredients and mixes, with the bounds of what can be true of them. */
final class MediumReader {
  private static final Pattern INGREDIENT = Pattern.compile("[A-Z][A-Z0-9_]{1,38}");
  private static final Pattern MIX = Pattern.compile("[a-z][a-z0-9-]{1,38}");
  private static final int MOST_NAME = 60;
  private static final int MOST_TEXT = 400;
  private static final int MOST_PARTS = 10;

  private final Map<String, Row> ingredients = new LinkedHashMap<>();
  private final Map<String, Row> mixes = new LinkedHashMap<>();

  MediumReader(String ingredientCsv, String mixCsv) {
    Csv.rows("ingredients", ingredientCsv).forEach(row -> ingredients.put(row.needed("code"), row));
    Csv.rows("mixes", mixCsv).forEach(row -> mixes.put(row.needed("code"), row));
  }

  MediumTable read(List<Map<String, String>> teamIngredients, List<Map<String, String>> teamMixes) {
    Map<String, Ingredient> made = new LinkedHashMap<>();
    with(ingredients, "team's ingredients", teamIngredients)
        .forEach(row -> made.put(row.needed("code"), ingredient(row)));
    List<Mix> mixed = new ArrayList<>();
    with(mixes, "team's mixes", teamMixes).forEach(row -> mixed.add(mix(row, made)));
    return new MediumTable(List.copyOf(made.values()), mixed);
  }

  private static List<Row> with(
      Map<String, Row> shipped, String table, List<Map<String, String>> team) {
    Map<String, Row> rows = new LinkedHashMap<>(shipped);
    for (int i = 0; i < team.size(); i++) {
      Row row = new Row(table, i + 1, team.get(i));
      rows.put(row.needed("code"), row);
    }
    return List.copyOf(rows.values());
  }

  Optional<Map<String, String>> shippedIngredient(String code) {
    return Optional.ofNullable(ingredients.get(code)).map(Row::cells);
  }

  Optional<Map<String, String>> shippedMix(String code) {
    return Optional.ofNullable(mixes.get(code)).map(Row::cells);
  }

  static Ingredient ingredient(Row row) {
    Ingredient ingredient =
        new Ingredient(
            code(row, INGREDIENT, "capital letters, digits and low lines"),
            text(row, "label", MOST_NAME),
            row.numberIn("residual", 0, 0.6),
            row.numberIn("saturated", 0.2, 0.98),
            row.numberIn("alphaPerCm", 0.005, 20),
            row.numberIn("n", 1.05, 6),
            row.numberIn("beyond", 0, 0.3),
            row.numberIn("dryGramsPerLitre", 10, 2500),
            row.yes("coarse"),
            row.yes("dust"),
            row.yes("dampFirst"),
            row.yes("measured"),
            row.text("remark"));
    if (ingredient.saturated() <= ingredient.residual() + 0.05) {
      throw row.fault("saturated", "must be well over the water it never gives");
    }
    if (ingredient.remark().length() > MOST_TEXT) {
      throw row.fault("remark", "must have at most " + MOST_TEXT + " letters");
    }
    return ingredient;
  }

  private static String code(Row row, Pattern pattern, String of) {
    if (!pattern.matcher(row.needed("code")).matches()) {
      throw row.fault("code", "must be of 2 to 39 " + of);
    }
    return row.text("code");
  }

  private static String text(Row row, String column, int most) {
    if (row.needed(column).length() > most) {
      throw row.fault(column, "must have at most " + most + " letters");
    }
    return row.text(column);
  }

  static Mix mix(Row row, Map<String, Ingredient> ingredients) {
    return new Mix(
        code(row, MIX, "small letters, digits and hyphens"),
        text(row, "label", MOST_NAME),
        parts(row, ingredients),
        (int) row.numberIn("lifeMonths", 1, 120),
        row.yes("charged"),
        row.yes("reservoir"),
        text(row, "reason", MOST_TEXT),
        measured(row));
  }

  private static List<Mix.Part> parts(Row row, Map<String, Ingredient> ingredients) {
    List<Mix.Part> parts = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    for (String part : row.list("recipe", ";")) {
      String[] words = part.split(" ");
      Ingredient ingredient = ingredients.get(words[0]);
      if (ingredient == null || words.length != 2) {
        throw row.fault("recipe", "has no part like " + part);
      }
      double amount = amount(row, part, words[1]);
      if (!seen.add(words[0])) {
        throw row.fault("recipe", "has " + ingredient.label() + " twice");
      }
      parts.add(new Mix.Part(ingredient, amount));
    }
    if (parts.isEmpty() || parts.size() > MOST_PARTS) {
      throw row.fault("recipe", "must have 1 to " + MOST_PARTS + " parts");
    }
    return List.copyOf(parts);
  }

  private static double amount(Row row, String part, String text) {
    double amount;
    try {
      amount = Double.parseDouble(text);
    } catch (NumberFormatException e) {
      throw row.fault("recipe", "has no part like " + part);
    }
    if (!(amount >= 0.05 && amount <= 100)) {
      throw row.fault("recipe", "must have 0.05 to 100 parts of each, not " + text);
    }
    return amount;
  }

  private static Optional<Mix.Measured> measured(Row row) {
    if (row.text("measuredSaturated").isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        new Mix.Measured(
            row.numberIn("measuredSaturated", 0.1, 1),
            row.numberIn("measuredAlphaPerCm", 0.005, 20)));
  }

  /** All that is wrong with one row, by column; one at a time is put aside to find the next. */
  static Map<String, String> faults(
      Map<String, String> given, Map<String, String> harmless, Consumer<Row> read) {
    Map<String, String> faults = new LinkedHashMap<>();
    Map<String, String> left = new LinkedHashMap<>();
    harmless.keySet().forEach(key -> left.put(key, given.getOrDefault(key, "").trim()));
    for (int i = 0; i <= harmless.size(); i++) {
      try {
        read.accept(new Row("form", 1, left));
        return faults;
      } catch (TableFault fault) {
        faults.put(fault.column(), fault.what());
        left.put(fault.column(), harmless.get(fault.column()));
        if (fault.column().equals("saturated")) {
          left.put("residual", harmless.get("residual"));
        }
      }
    }
    return faults;
  }
}
