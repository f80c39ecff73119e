package happysaucer.core.unit;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Amounts in what a caretaker pours with, as cans and cups. */
public final class Pouring {
  private static final List<String> NUMBERS =
      List.of("", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten");

  /** The least of a measure that can be judged by eye. */
  private static final double QUARTER = 0.25;

  private Pouring() {}

  /**
   * @param litres it holds
   */
  public record Measure(String name, double litres) {}

  /**
   * To the half, under one to the quarter: "one can and a half", "half a cup". In the largest
   * measure that is filled at least once, else the smallest; empty where none suits.
   */
  public static Optional<String> words(double litres, List<Measure> measures) {
    return fitting(litres, measures).flatMap(measure -> words(litres, measure));
  }

  /** The measure in which an amount is said. */
  public static Optional<Measure> fitting(double litres, List<Measure> measures) {
    if (litres <= 0 || measures.isEmpty()) {
      return Optional.empty();
    }
    List<Measure> bySize =
        measures.stream().sorted(Comparator.comparingDouble(Measure::litres).reversed()).toList();
    return Optional.of(
        bySize.stream()
            .filter(measure -> litres >= measure.litres() * (1 - QUARTER / 2))
            .findFirst()
            .orElse(bySize.get(bySize.size() - 1)));
  }

  private static Optional<String> words(double litres, Measure measure) {
    double exact = litres / measure.litres();
    if (exact < 1 - QUARTER / 2) {
      long quarters = Math.max(1, Math.round(exact / QUARTER));
      String share =
          quarters == 1 ? "a quarter of a " : quarters == 2 ? "half a " : "three quarters of a ";
      return Optional.of(share + measure.name());
    }
    long halves = Math.round(exact * 2);
    int whole = (int) (halves / 2);
    if (whole >= NUMBERS.size()) {
      return Optional.empty();
    }
    return Optional.of(
        NUMBERS.get(whole)
            + " "
            + plural(measure.name(), whole)
            + (halves % 2 == 1 ? " and a half" : ""));
  }

  public static String plural(String name, double count) {
    if (count <= 1 || name.endsWith("s") && !name.endsWith("ss")) {
      return name;
    }
    return name + (name.endsWith("ss") ? "es" : "s");
  }

  /** So many of a measure, to the quarter, as a number to begin with. */
  public static double count(double litres, Measure measure) {
    return Math.max(QUARTER, Math.round(litres / measure.litres() / QUARTER) * QUARTER);
  }
}
