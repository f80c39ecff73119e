package happysaucer.core.medium;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Ingredients and mixes, with what each mix becomes without peat. */
public final class MediumTable {
  private static final String PEAT = "PEAT";
  private static final String INSTEAD_OF_PEAT = "COIR";

  private final Map<String, Ingredient> ingredients = new LinkedHashMap<>();
  private final Map<String, Mix> mixes = new LinkedHashMap<>();
  private final Map<String, Mix> peatFree = new LinkedHashMap<>();
  private final Map<Mix, Retention> retentions = new IdentityHashMap<>();

  public MediumTable(List<Ingredient> ingredients, List<Mix> mixes) {
    ingredients.forEach(ingredient -> this.ingredients.put(ingredient.code(), ingredient));
    for (Mix mix : mixes) {
      this.mixes.put(mix.code(), mix);
      retentions.put(mix, mix.retention());
      Mix without = mix.peat() ? replace(mix, PEAT, INSTEAD_OF_PEAT) : mix;
      peatFree.put(mix.code(), without);
      retentions.put(without, without.retention());
    }
  }

  public Optional<Ingredient> ingredient(String code) {
    return Optional.ofNullable(ingredients.get(code));
  }

  public List<Ingredient> ingredients() {
    return List.copyOf(ingredients.values());
  }

  public Optional<Mix> mix(String code) {
    return Optional.ofNullable(mixes.get(code));
  }

  public List<Mix> mixes() {
    return List.copyOf(mixes.values());
  }

  /** The same recipe with coir in place of peat. */
  public Mix peatFree(Mix mix) {
    return peatFree.getOrDefault(mix.code(), mix);
  }

  /** Water retention of a mix; worked out once for the mixes of the table. */
  public Retention retention(Mix mix) {
    Retention known = retentions.get(mix);
    return known == null ? mix.retention() : known;
  }

  /**
   * A recipe with one ingredient in place of another that is out of stock, part for part. The
   * physics change with it: ask {@link MixChoice#in} what it does in the pot.
   *
   * @throws IllegalArgumentException when there is no such ingredient
   */
  public Mix replace(Mix mix, String missing, String instead) {
    Ingredient other =
        ingredient(instead)
            .orElseThrow(
                () -> new IllegalArgumentException("There is no ingredient " + instead + "."));
    Map<String, Mix.Part> parts = new LinkedHashMap<>();
    for (Mix.Part part : mix.parts()) {
      Ingredient ingredient = part.ingredient().code().equals(missing) ? other : part.ingredient();
      parts.merge(
          ingredient.code(),
          new Mix.Part(ingredient, part.parts()),
          (a, b) -> new Mix.Part(ingredient, a.parts() + b.parts()));
    }
    return new Mix(
        mix.code(),
        mix.label(),
        new ArrayList<>(parts.values()),
        mix.lifeMonths(),
        mix.charged(),
        mix.reservoir(),
        mix.reason(),
        Optional.empty());
  }
}
