package happysaucer.server.job;

import happysaucer.core.advice.Advice;
import happysaucer.core.unit.Units;
import java.util.function.Function;

/** One advice worded in both units: whoever plans a job and whoever works by it read their own. */
record Given(Advice metric, Advice imperial) {
  /**
   * @param advise the same decision in the units asked for
   */
  static Given in(Function<Units, Advice> advise) {
    return new Given(advise.apply(Units.METRIC), advise.apply(Units.IMPERIAL));
  }

  Advice in(Units units) {
    return units == Units.IMPERIAL ? imperial : metric;
  }
}
