package happysaucer.core.medium;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A recipe by parts.
 *
 * @param lifeMonths after which it is spent
 * @param charged whether it comes with feed
 * @param reservoir whether it wicks water up from a reservoir
 * @param measured by bucket tests of this recipe; empty where it is estimated from its parts
 */
public record Mix(
    String code,
    String label,
    List<Part> parts,
    int lifeMonths,
    boolean charged,
    boolean reservoir,
    String reason,
    Optional<Measured> measured) {
  public record Part(Ingredient ingredient, double parts) {}

  /**
   * What a bucket test says of it.
   *
   * @param saturated pore space, share of volume
   * @param alphaPerCm inverse of the air entry suction, 1/cm
   */
  public record Measured(double saturated, double alphaPerCm) {}

  /** It holds granular clay, whose grains break down to mud. */
  public boolean holdsClay() {
    return parts.stream().anyMatch(part -> part.ingredient().code().equals("HARD_CLAY"));
  }

  public double totalParts() {
    double total = 0;
    for (Part part : parts) {
      total += part.parts();
    }
    return total;
  }

  /**
   * What a litre of it costs, by what its parts cost.
   *
   * @param ofALitre of each ingredient, by its code
   * @return empty where one of them is not known
   */
  public OptionalDouble perLitre(Map<String, Double> ofALitre) {
    double sum = 0;
    for (Part part : parts) {
      Double one = ofALitre.get(part.ingredient().code());
      if (one == null) {
        return OptionalDouble.empty();
      }
      sum += one * part.parts() / totalParts();
    }
    return OptionalDouble.of(sum);
  }

  /** Measured where it was; the residual and the steepness are those of its parts. */
  public Retention retention() {
    Retention estimate = estimate();
    return measured
        .map(
            test ->
                new Retention(
                    estimate.residual(),
                    test.saturated(),
                    test.alphaPerCm(),
                    estimate.n(),
                    estimate.beyond()))
        .orElse(estimate);
  }

  /** Shares of volume average; the air entry averages in its logarithm. */
  public Retention estimate() {
    double residual = 0;
    double saturated = 0;
    double logAlpha = 0;
    double n = 0;
    double beyond = 0;
    double total = totalParts();
    for (Part part : parts) {
      double share = part.parts() / total;
      Ingredient ingredient = part.ingredient();
      residual += share * ingredient.residual();
      saturated += share * ingredient.saturated();
      logAlpha += share * Math.log(ingredient.alphaPerCm());
      n += share * ingredient.n();
      beyond += share * ingredient.beyond();
    }
    return new Retention(residual, saturated, Math.exp(logAlpha), n, beyond);
  }

  /** The same mix with a share of the volume given to one more ingredient. */
  public Mix with(Ingredient more, double share) {
    List<Part> parts = new ArrayList<>();
    for (Part part : this.parts) {
      parts.add(new Part(part.ingredient(), part.parts() / totalParts() * (1 - share)));
    }
    parts.add(new Part(more, share));
    return new Mix(code, label, parts, lifeMonths, charged, reservoir, reason, Optional.empty());
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
