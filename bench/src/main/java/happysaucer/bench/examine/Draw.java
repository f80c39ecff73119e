package happysaucer.bench.examine;

import happysaucer.core.book.Book;
import happysaucer.core.sign.Measure;
import happysaucer.core.sign.Sign;
import happysaucer.core.species.Light;
import java.time.LocalDate;
import java.util.Random;

/** A plant with one to five signs, as a check of a bad day might find it. */
final class Draw {
  private static final String[] GRADES = {"SLIGHT", "CLEAR", "SEVERE"};
  private static final String[] STATES = {
    "IN_BUD", "IN_FLOWER", "RESTING", "ARRIVED", "MOVED_LIGHT", "OVERWATERED", "UNDERWATERED"
  };

  private Draw() {}

  static Plant plant(Book book, Random random, double[] pots, LocalDate[] seasons) {
    Plant plant =
        Plant.of(
            book.species().all().get(random.nextInt(book.species().all().size())),
            pots[random.nextInt(pots.length)],
            seasons[random.nextInt(seasons.length)].plusDays(random.nextInt(40)),
            Light.values()[random.nextInt(4)]);
    if (random.nextInt(3) > 0) {
      plant = plant.measured();
    }
    if (random.nextInt(2) == 0) {
      plant = plant.repottedMonthsAgo(2 + random.nextInt(60));
    }
    if (random.nextInt(3) == 0) {
      plant = plant.wishing(random.nextBoolean() ? "GROW" : "KEEP");
    }
    if (random.nextInt(4) == 0) {
      String state = STATES[random.nextInt(STATES.length)];
      boolean days = state.equals("ARRIVED") || state.equals("MOVED_LIGHT");
      plant = plant.state(state, days ? random.nextInt(40) : null);
    }
    int signs = 1 + random.nextInt(5);
    for (int i = 0; i < signs; i++) {
      plant =
          signed(plant, book.signs().all().get(random.nextInt(book.signs().all().size())), random);
    }
    return plant;
  }

  private static Plant signed(Plant plant, Sign sign, Random random) {
    String code = sign.code().name();
    if (random.nextInt(4) == 0) {
      return plant.absent(code);
    }
    Measure measure = sign.measure();
    if (measure == Measure.HEFT) {
      return plant.graded(code, random.nextBoolean() ? "LIGHT" : "HEAVY");
    }
    if (measure.takesGrade()) {
      return plant.graded(code, GRADES[random.nextInt(3)]);
    }
    if (!measure.takesValue()) {
      return plant.sign(code);
    }
    double value = measure.least() + random.nextDouble() * (usual(measure) - measure.least());
    double step = measure.most() <= 1 ? 100 : 1;
    return plant.valued(code, Math.round(value * step) / step);
  }

  /** The upper end of what people write down. */
  private static double usual(Measure measure) {
    return Math.min(measure.most(), 30);
  }
}
