package happysaucer.core.book;

import happysaucer.core.book.Csv.Row;
import happysaucer.core.medium.Ingredient;
import happysaucer.core.medium.MediumTable;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The tables of ingredients and mixes as a team edits them: cells by column, checked before they
 * become a book.
 */
public final class MediumForm {
  public static final List<String> INGREDIENT_COLUMNS =
      List.of(
          "code",
          "label",
          "residual",
          "saturated",
          "alphaPerCm",
          "n",
          "beyond",
          "dryGramsPerLitre",
          "coarse",
          "dust",
          "dampFirst",
          "measured",
          "remark");

  /** What is measured of a mix comes from its bucket tests, and is none of these. */
  public static final List<String> MIX_COLUMNS =
      List.of("code", "label", "recipe", "lifeMonths", "charged", "reservoir", "reason");

  private static final Map<String, String> INGREDIENT =
      row(
          INGREDIENT_COLUMNS,
          "XX",
          "x",
          "0.1",
          "0.8",
          "1",
          "1.5",
          "0",
          "100",
          "no",
          "no",
          "no",
          "no",
          "");

  private final MediumReader reader;

  /**
   * @param tables CSV text by name, as for {@link BookReader}
   */
  public MediumForm(Map<String, String> tables) {
    reader = new MediumReader(tables.get("ingredients"), tables.get("mixes"));
  }

  /**
   * Ingredients and mixes with a team's rows.
   *
   * @throws IllegalArgumentException naming table, line and column of the first fault
   */
  public MediumTable media(TeamRows team) {
    return reader.read(team.ingredients(), team.mixes());
  }

  public Optional<Map<String, String>> shippedIngredient(String code) {
    return reader.shippedIngredient(code);
  }

  public Optional<Map<String, String>> shippedMix(String code) {
    return reader.shippedMix(code);
  }

  /** What is wrong, by column, each as the end of a sentence; empty when it can be saved. */
  public Map<String, String> ingredientFaults(Map<String, String> cells) {
    return MediumReader.faults(cells, INGREDIENT, MediumReader::ingredient);
  }

  /**
   * @param media whose ingredients it may be made of
   */
  public Map<String, String> mixFaults(Map<String, String> cells, MediumTable media) {
    Map<String, Ingredient> known = new LinkedHashMap<>();
    media.ingredients().forEach(one -> known.put(one.code(), one));
    Map<String, String> harmless =
        row(MIX_COLUMNS, "xx", "x", known.keySet().iterator().next() + " 1", "24", "no", "no", "x");
    return MediumReader.faults(
        cells,
        harmless,
        row -> MediumReader.mix(new Row("form", 1, unmeasured(row.cells())), known));
  }

  /** Cells of a mix that nobody measured. */
  public static Map<String, String> unmeasured(Map<String, String> cells) {
    return measured(cells, "", "");
  }

  /**
   * @param saturated pore space as measured, share of volume
   * @param alphaPerCm air entry as fitted, 1/cm
   */
  public static Map<String, String> measured(
      Map<String, String> cells, String saturated, String alphaPerCm) {
    Map<String, String> all = new LinkedHashMap<>(cells);
    all.put("measuredSaturated", saturated);
    all.put("measuredAlphaPerCm", alphaPerCm);
    return all;
  }

  private static Map<String, String> row(List<String> columns, String... cells) {
    Map<String, String> row = new LinkedHashMap<>();
    for (int i = 0; i < columns.size(); i++) {
      row.put(columns.get(i), cells[i]);
    }
    return row;
  }
}
