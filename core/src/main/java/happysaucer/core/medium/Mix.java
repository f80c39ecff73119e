package happysaucer.core.medium;

import java.util.List;

/**
 * A recipe by parts.
 *
 * @param lifeMonths after which it is spent
 * @param charged whether it comes with feed
 */
public record Mix(
    String code, String label, List<Part> parts, int lifeMonths, boolean charged, String reason) {
  public record Part(Ingredient ingredient, double parts) {}

  public double totalParts() {
    double total = 0;
    for (Part part : parts) {
      total += part.parts();
    }
    return total;
  }

  /** Shares of volume average; the air entry averages in its logarithm. */
  public Retention retention() {
    double residual = 0;
    double saturated = 0;
    double logAlpha = 0;
    double n = 0;
    double total = totalParts();
    for (Part part : parts) {
      double share = part.parts() / total;
      Ingredient ingredient = part.ingredient();
      residual += share * ingredient.residual();
      saturated += share * ingredient.saturated();
      logAlpha += share * Math.log(ingredient.alphaPerCm());
      n += share * ingredient.n();
    }
    return new Retention(residual, saturated, Math.exp(logAlpha), n);
  }

  public double dryGramsPerLitre() {
    double grams = 0;
    for (Part part : parts) {
      grams += part.parts() / totalParts() * part.ingredient().dryGramsPerLitre();
    }
    return grams;
  }

  /** Share of structure-giving parts. */
  public double coarseShare() {
    double coarse = 0;
    for (Part part : parts) {
      coarse += part.ingredient().coarse() ? part.parts() : 0;
    }
    return coarse / totalParts();
  }

  public boolean dusty() {
    return parts.stream().anyMatch(part -> part.ingredient().dust());
  }

  public boolean peat() {
    return parts.stream().anyMatch(part -> part.ingredient().code().equals("PEAT"));
  }
}
