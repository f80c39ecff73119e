package happysaucer.core.medium;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A mix made once for several jobs: what is wanting of it, and how it is measured out by hand.
 *
 * @param neededLitres of all jobs, with the allowances for settling and for grains that fill gaps
 * @param reusedLitres of old medium that stands in for some of it
 * @param readyLitres that stand mixed already and are nobody's
 * @param litres that are to be mixed, by the recipe
 * @param measuredLitres the same in whole measures, never less
 * @param unitLitres of one measure: a scoop, or a quarter of one where a part is too small for it
 * @param error by which the share of an ingredient is off the recipe at most, share of the mix
 * @param parts in the order in which they go into the heap
 */
public record Batch(
    Mix mix,
    double neededLitres,
    double reusedLitres,
    double readyLitres,
    double litres,
    double measuredLitres,
    double unitLitres,
    double error,
    List<Portion> parts) {
  /** A damp mix carries water, g in a litre (rule of thumb, as for the needs of a job). */
  private static final double DAMP_GRAMS = 200;

  /** A scoop that is filled to a quarter can still be told by eye. */
  private static final double QUARTER = 0.25;

  /**
   * By more than this no share may be off the recipe, where finer measures help (rule of thumb).
   */
  private static final double TOLERATED = 0.05;

  /** Less is not mixed for: there is always a handful of it, L. */
  private static final double A_HANDFUL = 0.05;

  /** Less than this is nothing, L. */
  private static final double NOTHING = 0.005;

  /**
   * One ingredient of it.
   *
   * @param litres by the recipe
   * @param measures of {@link Batch#unitLitres}, whole
   * @param measuredLitres in those
   */
  public record Portion(
      Ingredient ingredient, double litres, int measures, double measuredLitres) {}

  /**
   * @param scoopLitres the team's smallest measure
   */
  public static Batch of(Mix mix, double needed, double reused, double ready, double scoopLitres) {
    double wanting = Math.max(0, needed - reused);
    double used = Math.min(Math.max(0, ready), wanting);
    double litres = wanting - used < A_HANDFUL ? 0 : wanting - used;
    Measured whole = measured(mix, litres, scoopLitres);
    Measured best =
        whole.error() > TOLERATED ? measured(mix, litres, scoopLitres * QUARTER) : whole;
    return new Batch(
        mix,
        needed,
        reused,
        used,
        litres,
        best.litres(),
        best.unitLitres(),
        best.error(),
        best.parts());
  }

  private record Measured(double litres, double unitLitres, double error, List<Portion> parts) {}

  private static Measured measured(Mix mix, double litres, double unit) {
    int[] measures = measures(mix, litres, unit);
    List<Portion> parts = new ArrayList<>();
    double measured = 0;
    for (int i = 0; i < measures.length; i++) {
      Mix.Part part = mix.parts().get(i);
      double own = measures[i] * unit;
      measured += own;
      parts.add(
          new Portion(
              part.ingredient(), litres * part.parts() / mix.totalParts(), measures[i], own));
    }
    double error = 0;
    for (Portion part : parts) {
      if (measured > 0) {
        error =
            Math.max(error, Math.abs(part.measuredLitres() / measured - part.litres() / litres));
      }
    }
    parts.sort(Comparator.comparingInt((Portion part) -> turn(part.ingredient())));
    return new Measured(measured, unit, error, List.copyOf(parts));
  }

  /**
   * Whole measures that are enough together: of each those that are full and none left out, then
   * one more of whatever is shortest until there is enough.
   */
  private static int[] measures(Mix mix, double litres, double measureLitres) {
    int[] measures = new int[mix.parts().size()];
    if (litres <= 0) {
      return measures;
    }
    double[] exact = new double[measures.length];
    int all = 0;
    for (int i = 0; i < measures.length; i++) {
      exact[i] = litres * mix.parts().get(i).parts() / mix.totalParts() / measureLitres;
      measures[i] = (int) Math.max(1, Math.floor(exact[i] + NOTHING));
      all += measures[i];
    }
    while (all * measureLitres < litres - NOTHING) {
      int shortest = 0;
      for (int i = 1; i < measures.length; i++) {
        if (exact[i] - measures[i] > exact[shortest] - measures[shortest]) {
          shortest = i;
        }
      }
      measures[shortest]++;
      all++;
    }
    return measures;
  }

  /** What sheds water goes first and is damped, then what is fine, then what gives structure. */
  private static int turn(Ingredient ingredient) {
    if (ingredient.dampFirst()) {
      return 0;
    }
    return ingredient.coarse() ? 2 : 1;
  }

  /** As it is carried, damp, g. */
  public double grams() {
    double grams = 0;
    for (Portion part : parts) {
      grams += part.measuredLitres() * (part.ingredient().dryGramsPerLitre() + DAMP_GRAMS);
    }
    return grams;
  }

  /** Whole bags that are wanting of an ingredient, 0 where the stock is enough. */
  public static int bags(double wantedLitres, double stockLitres, double bagLitres) {
    double wanting = wantedLitres - stockLitres;
    return wanting < NOTHING ? 0 : (int) Math.ceil(wanting / bagLitres - NOTHING / bagLitres);
  }
}
