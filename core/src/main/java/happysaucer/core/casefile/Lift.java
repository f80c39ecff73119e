package happysaucer.core.casefile;

import happysaucer.core.method.Method;

/**
 * Who and what it takes to lift a wet plant: one answer for cautions, steps, minutes and pots.
 *
 * @param grams wet, with its pot
 * @param how what it takes
 * @param tall over two metres, so that one holds the stem base whatever it weighs
 */
public record Lift(double grams, How how, boolean tall) {
  /** From this height a plant swings, mm. */
  private static final double TALL_MM = 2000;

  /** In the order of effort. */
  public enum How {
    ONE("one person"),
    /** One at the waist, two from the floor or on stairs. */
    TWO_FROM_THE_FLOOR("two persons from the floor"),
    TWO("two persons"),
    HOIST("a dolly or hoist");

    private final String words;

    How(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  public static Lift of(double grams, double heightMm, Method method) {
    How how =
        grams > method.liftTwoG()
            ? How.HOIST
            : grams > method.liftOneG()
                ? How.TWO
                : grams > method.liftFloorG() ? How.TWO_FROM_THE_FLOOR : How.ONE;
    return new Lift(grams, how, heightMm > TALL_MM);
  }

  /** Two are needed: by mass at the bench, or since a tall plant swings. */
  public boolean two() {
    return tall || how.compareTo(How.TWO) >= 0;
  }

  /** A second person is wanted somewhere on the way, stairs and floor included. */
  public boolean secondOnTheWay() {
    return tall || how != How.ONE;
  }

  /** More than two persons lift. */
  public boolean hoist() {
    return how == How.HOIST;
  }
}
