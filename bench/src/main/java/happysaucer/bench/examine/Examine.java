package happysaucer.bench.examine;

import happysaucer.core.advice.Advise;
import happysaucer.core.book.Book;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Asks for advice by the ten thousand, over all species, sizes, seasons, lights and methods, and
 * prints for each rule of a grower the share of answers that break it, with the simplest example.
 */
public final class Examine {
  private Examine() {}

  private record Example(int at, String what) {}

  public static void main(String[] arguments) {
    Book book = happysaucer.bench.Cases.book();
    Advise advise = new Advise(book);
    List<Rule> rules = GrowersRules.all(book);
    String only = arguments.length > 0 ? arguments[0].toLowerCase(Locale.ROOT) : "";
    System.out.println("| rule | cases | broken | simplest example |");
    System.out.println("| --- | ---: | ---: | --- |");
    long asked = 0;
    for (Rule rule : rules) {
      if (!rule.name().toLowerCase(Locale.ROOT).contains(only)) {
        continue;
      }
      List<Example> broken =
          IntStream.range(0, rule.cases().size())
              .parallel()
              .mapToObj(at -> example(rule, at, advise))
              .flatMap(Optional::stream)
              .toList();
      asked += rule.cases().size();
      System.out.printf(
          Locale.ROOT,
          "| %s | %d | %.1f %% | %s |%n",
          rule.name(),
          rule.cases().size(),
          rule.cases().isEmpty() ? 0 : 100.0 * broken.size() / rule.cases().size(),
          broken.isEmpty() ? "" : broken.get(0).what());
    }
    System.out.println();
    System.out.println(asked + " cases.");
  }

  private static Optional<Example> example(Rule rule, int at, Advise advise) {
    Plant plant = rule.cases().get(at);
    return rule.broken()
        .apply(
            new Rule.Asked(
                plant,
                advise.advise(plant.request()),
                other -> advise.advise(other.request()),
                other -> advise.unfounded(other.request())))
        .map(wrong -> new Example(at, plant.told() + " → " + wrong));
  }
}
