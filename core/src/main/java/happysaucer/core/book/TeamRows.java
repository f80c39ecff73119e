package happysaucer.core.book;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Rows of a team, each its cells by column: in place of the shipped row of that name or code, or
 * besides them.
 */
public record TeamRows(
    List<Map<String, String>> species,
    List<Map<String, String>> ingredients,
    List<Map<String, String>> mixes) {
  public static final TeamRows NONE = new TeamRows(List.of(), List.of(), List.of());

  public TeamRows withSpecies(List<Map<String, String>> rows) {
    return new TeamRows(rows, ingredients, mixes);
  }

  public TeamRows withMedia(
      List<Map<String, String>> ofIngredients, List<Map<String, String>> ofMixes) {
    return new TeamRows(species, ofIngredients, ofMixes);
  }

  List<Map<String, String>> all() {
    List<Map<String, String>> all = new ArrayList<>(species);
    all.addAll(ingredients);
    all.addAll(mixes);
    return all;
  }
}
