package happysaucer.core.water;

import happysaucer.core.casefile.Case;
import happysaucer.core.pot.Frustum;
import happysaucer.core.pot.Pot;
import happysaucer.core.sign.StateCode;
import java.time.LocalDate;

/** What a pot loses by itself while it is wet, litres a day. */
record Losses(Case c) {
  /** Loss through wet unglazed walls, L/m2 and day (rule of thumb). */
  private static final double WALLS = 0.35;

  private static final double DRY_AIR = 1.5;

  double surface(Pot pot, LocalDate on) {
    double air =
        on.equals(c.date()) && c.plant().is(StateCode.HEAT_OR_HUMIDITY_EXTREME) ? DRY_AIR : 1;
    return surface(pot) * air;
  }

  /** Off a free wet surface by the light on it, L/m2 and day (rules of thumb). */
  double surface(Pot pot) {
    double perM2 =
        switch (c.light()) {
          case LOW -> 0.4;
          case MEDIUM -> 0.6;
          case BRIGHT_INDIRECT -> 0.9;
          case DIRECT -> 1.6;
        };
    Frustum fill = pot.fill();
    return perM2 * fill.areaAt(fill.heightMm()) / 1e6;
  }

  static double walls(Pot pot) {
    return pot.breathes() ? WALLS * pot.fill().wallM2() : 0;
  }
}
