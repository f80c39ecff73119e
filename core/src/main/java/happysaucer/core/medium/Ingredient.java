package happysaucer.core.medium;

/**
 * One ingredient with its water retention (van Genuchten) and mass.
 *
 * @param residual water held at any suction, share of volume
 * @param saturated pore space, share of volume
 * @param alphaPerCm inverse of the air entry suction, 1/cm
 * @param n steepness, over 1
 * @param beyond water that roots draw out of its pieces past 100 cm of suction, share of volume
 * @param coarse gives structure rather than holding water
 * @param dust its dry dust harms lungs
 * @param dampFirst it sheds water or swells: damped before anything is mixed into it
 * @param measured by the team itself; else they are estimates for the usual grades
 */
public record Ingredient(
    String code,
    String label,
    double residual,
    double saturated,
    double alphaPerCm,
    double n,
    double beyond,
    double dryGramsPerLitre,
    boolean coarse,
    boolean dust,
    boolean dampFirst,
    boolean measured,
    String remark) {
  public Retention retention() {
    return new Retention(residual, saturated, alphaPerCm, n, beyond);
  }
}
