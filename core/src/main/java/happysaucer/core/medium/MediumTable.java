package happysaucer.core.medium;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Ingredients and mixes. */
public final class MediumTable {
  private final Map<String, Ingredient> ingredients = new LinkedHashMap<>();
  private final Map<String, Mix> mixes = new LinkedHashMap<>();
  private final Map<String, Retention> retentions = new LinkedHashMap<>();

  public MediumTable(List<Ingredient> ingredients, List<Mix> mixes) {
    ingredients.forEach(ingredient -> this.ingredients.put(ingredient.code(), ingredient));
    for (Mix mix : mixes) {
      this.mixes.put(mix.code(), mix);
      retentions.put(mix.code(), mix.retention());
    }
  }

  public Optional<Ingredient> ingredient(String code) {
    return Optional.ofNullable(ingredients.get(code));
  }

  public Optional<Mix> mix(String code) {
    return Optional.ofNullable(mixes.get(code));
  }

  public List<Mix> mixes() {
    return List.copyOf(mixes.values());
  }

  public Retention retention(Mix mix) {
    return retentions.get(mix.code());
  }
}
