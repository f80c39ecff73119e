package happysaucer.core.price;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/**
 * The price of one repot, by its parts, in cents: what a customer is told before it is begun.
 *
 * @param cents of the parts whose price is known
 * @param whole every part has its price
 */
public record Quote(List<Line> lines, int cents, boolean whole) {
  /** Mix is sold by so many litres, begun ones whole. */
  private static final double LITRES = 0.5;

  /** Work is charged by so many minutes, begun ones whole. */
  private static final int MINUTES = 5;

  private static final double HOUR = 60;

  /** Less than this of mix or time is none; the rest of a double's division. */
  private static final double NOTHING = 1e-6;

  public enum Part {
    POT,
    MIX,
    WORK
  }

  /**
   * @param amount pots, litres or minutes, as they are charged
   * @param cents empty where nobody has said what one costs
   */
  public record Line(Part part, double amount, OptionalInt cents) {}

  /**
   * @param hour of work, cents
   * @param litre of any mix, cents
   * @param least for the work on one plant, cents
   */
  public record Rates(OptionalInt hour, OptionalInt litre, OptionalInt least) {}

  /**
   * @param potCents one of them; empty where the shelf does not say
   * @param litres of mix
   * @param minutes at the bench
   */
  public record Parts(int pots, OptionalInt potCents, double litres, int minutes) {}

  public static Quote of(Parts parts, Rates rates) {
    List<Line> lines = new ArrayList<>();
    if (parts.pots() > 0) {
      OptionalInt cents =
          parts.potCents().isPresent()
              ? OptionalInt.of(parts.pots() * parts.potCents().getAsInt())
              : OptionalInt.empty();
      lines.add(new Line(Part.POT, parts.pots(), cents));
    }
    if (parts.litres() > NOTHING) {
      double litres = Math.ceil(parts.litres() / LITRES - NOTHING) * LITRES;
      lines.add(new Line(Part.MIX, litres, times(litres, rates.litre())));
    }
    if (parts.minutes() > 0) {
      int minutes = (parts.minutes() + MINUTES - 1) / MINUTES * MINUTES;
      OptionalInt cents = times(minutes / HOUR, rates.hour());
      if (cents.isPresent() && rates.least().isPresent()) {
        cents = OptionalInt.of(Math.max(cents.getAsInt(), rates.least().getAsInt()));
      }
      lines.add(new Line(Part.WORK, minutes, cents));
    }
    int sum = 0;
    boolean whole = true;
    for (Line line : lines) {
      sum += line.cents().orElse(0);
      whole &= line.cents().isPresent();
    }
    return new Quote(List.copyOf(lines), sum, whole);
  }

  private static OptionalInt times(double amount, OptionalInt cents) {
    return cents.isPresent()
        ? OptionalInt.of((int) Math.round(amount * cents.getAsInt()))
        : OptionalInt.empty();
  }
}
