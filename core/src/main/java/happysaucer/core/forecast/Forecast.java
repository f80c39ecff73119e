package happysaucer.core.forecast;

import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.PlantCase;
import happysaucer.core.finding.Circling;
import happysaucer.core.season.Season;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import happysaucer.core.unit.Message;
import java.time.LocalDate;
import java.util.Optional;

/**
 * How full of roots the pot is, and when crowding will be CLEAR.
 *
 * <p>The fill follows a logistic curve in the months since the last repot, from START at the repot
 * to CLEAR at the middle of the species' usual interval; the plant's own watering and what was seen
 * at a slip check move it.
 *
 * @param rootFill 0 to 1, empty when nothing is known to go by
 * @param clearFrom earliest day on which crowding is expected to be CLEAR
 * @param clearTo latest such day
 */
public record Forecast(
    Optional<Double> rootFill,
    Optional<LocalDate> clearFrom,
    Optional<LocalDate> clearTo,
    Message basis) {
  /** Fill just after a pot-up (rule of thumb). */
  private static final double START = 0.35;

  /** Fill at which crowding is slight, clear and severe (rules of thumb). */
  public static final double SLIGHT = 0.7;

  public static final double CLEAR = 0.85;
  public static final double SEVERE = 0.96;

  /** What the water model takes where nothing is known. */
  public static final double UNKNOWN = 0.6;

  private static final double DAYS_PER_MONTH = 30.44;

  /** Half width of the range, as a share of the months to CLEAR (rules of thumb). */
  private static final double SPREAD_CALENDAR = 0.35;

  private static final double SPREAD_OWN = 0.2;

  public double fillOrUnknown() {
    return rootFill.orElse(UNKNOWN);
  }

  public Optional<Grade> grade() {
    return rootFill.flatMap(
        fill ->
            fill >= SEVERE
                ? Optional.of(Grade.SEVERE)
                : fill >= CLEAR
                    ? Optional.of(Grade.CLEAR)
                    : fill >= SLIGHT ? Optional.of(Grade.SLIGHT) : Optional.empty());
  }

  public static Forecast of(Case c) {
    Optional<Double> seen = seenAtSlip(c);
    Optional<Double> months = c.plant().monthsInPot(c.date());
    if (months.isEmpty() && seen.isEmpty()) {
      return new Forecast(
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Message.of(
              "forecast.unknown",
              "Nobody knows when it was last repotted, so the forecast waits for the first slip check."));
    }
    double toClear = c.plant().traits().monthsMiddle();
    double slope = (logit(CLEAR) - logit(START)) / toClear;
    double fill = months.map(m -> logistic(logit(START) + slope * m)).orElse(UNKNOWN);
    Optional<Double> drinking = fromWatering(c);
    Message basis =
        Message.of(
            "forecast.calendar",
            "From the time since the last repot and how fast its kind fills a pot.");
    double spread = SPREAD_CALENDAR;
    if (seen.isPresent()) {
      fill = seen.get();
      spread = SPREAD_OWN;
      basis = Message.of("forecast.slip", "From what the slip check showed.");
    } else if (drinking.isPresent()) {
      fill = (fill + 2 * drinking.get()) / 3;
      spread = SPREAD_OWN;
      basis =
          Message.of(
              "forecast.watering",
              "From its own watering interval, now against just after the last repot, corrected for day length.");
    }
    double monthsLeft = (logit(CLEAR) - logit(clamp(fill))) / slope;
    double band = spread * Math.max(Math.abs(monthsLeft), toClear * 0.25);
    return new Forecast(
        Optional.of(fill),
        Optional.of(c.date().plusDays((long) ((monthsLeft - band) * DAYS_PER_MONTH))),
        Optional.of(c.date().plusDays((long) ((monthsLeft + band) * DAYS_PER_MONTH))),
        basis);
  }

  /** A slip check outranks every estimate. */
  private static Optional<Double> seenAtSlip(Case c) {
    if (c.signs().present(SignCode.LITTLE_MEDIUM_LEFT)) {
      return Optional.of(0.98);
    }
    if (c.signs().present(SignCode.MEDIUM_FALLS_AWAY)) {
      return Optional.of(0.4);
    }
    if (c.signs().present(SignCode.ROOTS_CIRCLING)) {
      return Optional.of(
          switch (Circling.grade(c).orElse(Grade.CLEAR)) {
            case SLIGHT -> 0.72;
            case SEVERE -> 0.97;
            default -> 0.88;
          });
    }
    if (c.signs().absent(SignCode.ROOTS_CIRCLING)) {
      return Optional.of(0.5);
    }
    return Optional.empty();
  }

  /** The shorter the interval against that after the last repot, the more roots (rule of thumb). */
  private static Optional<Double> fromWatering(Case c) {
    return intervalRatio(c).map(ratio -> clamp(START + (1 - Math.min(1, ratio)) * 1.0));
  }

  /** Interval now against soon after the last repot, both brought to the same day length. */
  public static Optional<Double> intervalRatio(Case c) {
    PlantCase plant = c.plant();
    if (c.watering().isEmpty() || plant.lastRepotted().isEmpty()) {
      return Optional.empty();
    }
    return c.watering()
        .get()
        .afterLastRepotDays()
        .map(
            after -> {
              double now = Season.growth(c.site().latitude(), c.date());
              double then =
                  Season.growth(c.site().latitude(), plant.lastRepotted().get().plusDays(21));
              return c.watering().get().intervalDays() * now / (after * then);
            });
  }

  private static double clamp(double fill) {
    return Math.max(0.05, Math.min(0.99, fill));
  }

  private static double logit(double share) {
    return Math.log(share / (1 - share));
  }

  private static double logistic(double x) {
    return 1 / (1 + Math.exp(-x));
  }
}
