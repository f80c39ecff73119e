package happysaucer.core.finding;

import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.History;
import happysaucer.core.sign.SignCode;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Wording;
import java.util.List;

/** A measure that worsens from check to check since the last repot is evidence of its own. */
final class Trends {
  /** Values it takes to speak of a trend, today's included. */
  private static final int LEAST = 3;

  /** Change from the first to the last that counts, as a share of the first (rule of thumb). */
  private static final double CHANGE = 0.25;

  /**
   * @param rising whether it worsens by rising
   */
  private record Trend(SignCode sign, FindingCode finding, boolean rising) {}

  private static final List<Trend> ALL =
      List.of(
          new Trend(SignCode.WATER_POOLS, FindingCode.CROWDED, true),
          new Trend(SignCode.WATER_RUNS_THROUGH, FindingCode.SPENT_MEDIUM, false),
          new Trend(SignCode.LOWER_LEAVES_SHED, FindingCode.CROWDED, true),
          new Trend(SignCode.LEANS, FindingCode.UNSTABLE, true));

  static final String GROWTH = "GROWTH_SINCE_REPOT";

  private Trends() {}

  static void weigh(Case c, Ledger ledger) {
    if (c.history().measures().isEmpty()) {
      return;
    }
    for (Trend trend : ALL) {
      List<Double> values = c.history().since(trend.sign().name(), c.plant().lastRepotted());
      Double today = c.signs().value(trend.sign()).orElse(null);
      double[] series = new double[values.size() + (today == null ? 0 : 1)];
      for (int i = 0; i < values.size(); i++) {
        series[i] = values.get(i);
      }
      if (today != null) {
        series[values.size()] = today;
      }
      if (worsens(series, trend.rising())) {
        double first = series[0];
        double last = series[series.length - 1];
        ledger.add(
            trend.finding(),
            EvidenceCodes.TREND + trend.sign().name(),
            SignWeight.WEAK.decibans(),
            () -> Message.of("trend." + trend.sign(), first, last));
      }
    }
    growth(c, ledger);
  }

  /** Each value at least as bad as the one before, and the whole change large enough. */
  static boolean worsens(double[] series, boolean rising) {
    if (series.length < LEAST) {
      return false;
    }
    double sign = rising ? 1 : -1;
    for (int i = 1; i < series.length; i++) {
      if (sign * (series[i] - series[i - 1]) < 0) {
        return false;
      }
    }
    double change = sign * (series[series.length - 1] - series[0]);
    return change > 0 && change >= CHANGE * Math.abs(series[0]);
  }

  /** What grew above since the last repot has grown below as well. */
  private static void growth(Case c, Ledger ledger) {
    List<Double> heights = c.history().since(History.HEIGHT, c.plant().lastRepotted());
    if (heights.isEmpty() || c.plant().lastRepotted().isEmpty()) {
      return;
    }
    double gained = c.plant().heightMm() / heights.get(0) - 1;
    if (gained >= CHANGE) {
      ledger.add(
          FindingCode.CROWDED,
          GROWTH,
          SignWeight.WEAK.decibans(),
          () -> Message.of("trend.height", Wording.percent(gained)));
    }
  }
}
