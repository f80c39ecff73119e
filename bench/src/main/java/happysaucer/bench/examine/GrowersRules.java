package happysaucer.bench.examine;

import happysaucer.core.book.Book;
import happysaucer.core.species.Light;
import happysaucer.core.species.Species;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** The rules, each with the cases on which it is tried. */
final class GrowersRules {
  private static final double[] POTS = {90, 130, 190, 260, 380};
  private static final LocalDate[] SEASONS = {
    LocalDate.of(2027, 4, 12),
    LocalDate.of(2027, 7, 10),
    LocalDate.of(2027, 10, 20),
    LocalDate.of(2027, 1, 15)
  };
  static final LocalDate SPRING = SEASONS[0];

  /** Draws for the rules that must hold of any signs whatever. */
  private static final int DRAWN = 4000;

  private final Book book;
  private final List<Rule> rules = new ArrayList<>();

  private GrowersRules(Book book) {
    this.book = book;
  }

  static List<Rule> all(Book book) {
    GrowersRules all = new GrowersRules(book);
    new CallsOfAGrower(all).add();
    new PotsOfAGrower(all).add();
    new WaterOfAGrower(all).add();
    new CareOfAGrower(all).add();
    new AlwaysTrue(all).add();
    return all.rules;
  }

  Book book() {
    return book;
  }

  void add(
      String name, List<Plant> cases, Function<Rule.Asked, java.util.Optional<String>> broken) {
    rules.add(new Rule(name, cases, broken));
  }

  /** All species in all pots, seasons and lights, measured, with what was seen. */
  List<Plant> everywhere(UnaryOperator<Plant> seen) {
    List<Plant> plants = new ArrayList<>();
    for (double pot : POTS) {
      for (LocalDate season : SEASONS) {
        for (Light light : Light.values()) {
          for (Species species : book.species().all()) {
            plants.add(seen.apply(Plant.of(species, pot, season, light).measured()));
          }
        }
      }
    }
    return plants;
  }

  /** All species in all pots and seasons, in the light they like. */
  List<Plant> inTheirLight(UnaryOperator<Plant> seen) {
    List<Plant> plants = new ArrayList<>();
    for (double pot : POTS) {
      for (LocalDate season : SEASONS) {
        for (Species species : book.species().all()) {
          plants.add(
              seen.apply(Plant.of(species, pot, season, species.traits().light()).measured()));
        }
      }
    }
    return plants;
  }

  /** All species in all pots, in spring, in the light they like. */
  List<Plant> inSpring(UnaryOperator<Plant> seen) {
    List<Plant> plants = new ArrayList<>();
    for (double pot : POTS) {
      for (Species species : book.species().all()) {
        plants.add(seen.apply(Plant.of(species, pot, SPRING, species.traits().light()).measured()));
      }
    }
    return plants;
  }

  /** Any plants with any signs. */
  List<Plant> drawn() {
    Random random = new Random(20270412);
    List<Plant> plants = new ArrayList<>();
    for (int i = 0; i < DRAWN; i++) {
      plants.add(Draw.plant(book, random, POTS, SEASONS));
    }
    return plants;
  }
}
