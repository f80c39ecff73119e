package happysaucer.core.forecast;

import happysaucer.core.casefile.Case;
import happysaucer.core.casefile.History;
import happysaucer.core.casefile.PlantCase;
import happysaucer.core.finding.Circling;
import happysaucer.core.season.GrowingTime;
import happysaucer.core.sign.Grade;
import happysaucer.core.sign.SignCode;
import happysaucer.core.species.Traits;
import happysaucer.core.unit.Message;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How full of roots the pot is, and when crowding will be CLEAR.
 *
 * <p>The fill follows a logistic curve in growing months since the last repot (a dark month counts
 * less than a long-day one): logit(fill) = logit(START) + k t. The rate k starts from the species'
 * usual interval and the size of the pot, and is corrected by the plant's own waterings, each
 * weighted by what it can tell; a slip check outranks them. The range holds eight times in ten.
 *
 * @param rootFill 0 to 1, empty when nothing is known to go by
 * @param clearFrom earliest day on which crowding is expected to be CLEAR
 * @param clearTo latest such day
 * @param byCalendar it rests on time alone, which never says more than CLEAR
 */
public record Forecast(
    Optional<Double> rootFill,
    Optional<LocalDate> clearFrom,
    Optional<LocalDate> clearTo,
    Message basis,
    boolean byCalendar) {
  /** Fill just after a pot-up (rule of thumb). */
  public static final double START = 0.35;

  /** Fill at which crowding is slight, clear and severe (rules of thumb). */
  public static final double SLIGHT = 0.7;

  public static final double CLEAR = 0.85;
  public static final double SEVERE = 0.96;

  /** What the water model takes where nothing is known. */
  public static final double UNKNOWN = 0.6;

  /** Widths of pot between which the interval goes from the species' least to its most, mm. */
  private static final double SMALL_POT = 100;

  private static final double LARGE_POT = 350;

  /**
   * How uncertain the rate is from the calendar alone, and how a watering misleads (logarithms).
   */
  private static final double RATE_SPREAD = 0.35;

  private static final double WATERING_NOISE = 0.5;

  /** All waterings are compared with the same first ones, whose error none of them averages out. */
  private static final double BASELINE_NOISE = 0.3;

  private static final double SLIP_NOISE = 0.35;

  /** Half width of a range that holds eight times in ten, in standard deviations. */
  private static final double EIGHT_IN_TEN = 1.28;

  /** Days after a repot when the plant drinks as it will in its new pot. */
  private static final int SETTLED_DAYS = 21;

  private static final double LEAST_FILL = 0.05;
  private static final double MOST_FILL = 0.99;

  /** Waterings alone never say that a pot is overfull (rule of thumb). */
  private static final double MOST_BY_WATERING = 0.94;

  public double fillOrUnknown() {
    return rootFill.orElse(UNKNOWN);
  }

  public Optional<Grade> grade() {
    return rootFill.flatMap(
        fill ->
            fill >= SEVERE && !byCalendar
                ? Optional.of(Grade.SEVERE)
                : fill >= CLEAR
                    ? Optional.of(Grade.CLEAR)
                    : fill >= SLIGHT ? Optional.of(Grade.SLIGHT) : Optional.empty());
  }

  public static Forecast of(Case c) {
    Optional<Double> seen = seenAtSlip(c);
    Optional<LocalDate> repotted = c.plant().lastRepotted();
    if (repotted.isEmpty() && seen.isEmpty()) {
      return new Forecast(
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Message.of("forecast.unknown"),
          false);
    }
    GrowingTime time = new GrowingTime(c.site().latitude());
    double usual = usualRate(c.plant().traits(), c.pot().topMm());
    double elapsed = repotted.map(day -> time.months(day, c.date())).orElse(0.0);
    Rate rate = rate(c, time, usual, elapsed, seen);
    double fill = seen.orElseGet(() -> clamp(logistic(logit(START) + rate.perMonth() * elapsed)));
    double band = Math.exp(EIGHT_IN_TEN * rate.spread());
    LocalDate from;
    LocalDate to;
    if (seen.isPresent()) {
      double left = (logit(CLEAR) - logit(clamp(fill))) / rate.perMonth();
      double misread = EIGHT_IN_TEN * SLIP_NOISE / rate.perMonth();
      from = time.after(c.date(), Math.min(left * band, left / band) - misread);
      to = time.after(c.date(), Math.max(left * band, left / band) + misread);
    } else {
      double whole = (logit(CLEAR) - logit(START)) / rate.perMonth();
      from = time.after(repotted.get(), whole / band);
      to = time.after(repotted.get(), whole * band);
    }
    return new Forecast(
        Optional.of(fill),
        Optional.of(from),
        Optional.of(to),
        basis(seen.isPresent(), rate),
        seen.isEmpty() && rate.waterings() == 0);
  }

  private static Message basis(boolean seen, Rate rate) {
    if (seen) {
      return Message.of("forecast.slip");
    }
    return rate.waterings() > 0
        ? Message.of("forecast.watering", rate.waterings())
        : Message.of("forecast.calendar");
  }

  /**
   * Growth of logit(fill) a month.
   *
   * @param spread its standard deviation, as a share of itself
   * @param waterings own intervals it rests on
   */
  private record Rate(double perMonth, double spread, int waterings) {}

  /** Small pots fill in the least of the species' months, large ones in the most. */
  private static double usualRate(Traits traits, double potTopMm) {
    double size = Math.max(0, Math.min(1, (potTopMm - SMALL_POT) / (LARGE_POT - SMALL_POT)));
    double months = traits.monthsFrom() + (traits.monthsTo() - traits.monthsFrom()) * size;
    return (logit(CLEAR) - logit(START)) / months;
  }

  /** One reading of the fill: growing months since the repot, and the fill seen then. */
  private record Reading(double months, double fill, double noise) {}

  private static Rate rate(
      Case c, GrowingTime time, double usual, double elapsed, Optional<Double> seen) {
    List<Reading> readings =
        seen.isPresent()
            ? elapsed > 0 ? List.of(new Reading(elapsed, seen.get(), SLIP_NOISE)) : List.of()
            : fromWaterings(c, time, elapsed);
    // Weighted least squares through the known start: k = sum(t y / s2) / sum(t2 / s2).
    double numerator = 0;
    double denominator = 0;
    for (Reading reading : readings) {
      double y = logit(clamp(reading.fill())) - logit(START);
      double weight = 1 / (reading.noise() * reading.noise());
      numerator += weight * reading.months() * y;
      denominator += weight * reading.months() * reading.months();
    }
    double usualWeight = 1 / (RATE_SPREAD * usual * RATE_SPREAD * usual);
    double ownWeight = 0;
    double own = usual;
    if (denominator > 0) {
      own = numerator / denominator;
      double meanMonths = meanMonths(readings);
      double shared = seen.isPresent() ? 0 : BASELINE_NOISE / meanMonths;
      ownWeight = 1 / (1 / denominator + shared * shared);
    }
    double perMonth = (usual * usualWeight + own * ownWeight) / (usualWeight + ownWeight);
    perMonth = Math.max(usual / 4, Math.min(usual * 4, perMonth));
    double deviation = Math.sqrt(1 / (usualWeight + ownWeight));
    return new Rate(perMonth, deviation / perMonth, seen.isPresent() ? 0 : readings.size());
  }

  /** Root mean square of the months at which the fill was read. */
  private static double meanMonths(List<Reading> readings) {
    double squares = 0;
    for (Reading reading : readings) {
      squares += reading.months() * reading.months();
    }
    return Math.sqrt(squares / readings.size());
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

  /**
   * The shorter the interval against that after the last repot, the more roots: fill = START + 1 -
   * ratio (rule of thumb). Every pour on record tells, or else the present interval alone.
   */
  private static List<Reading> fromWaterings(Case c, GrowingTime time, double elapsed) {
    Optional<LocalDate> repotted = c.plant().lastRepotted();
    Optional<Double> after = c.watering().flatMap(Case.Watering::afterLastRepotDays);
    if (repotted.isEmpty() || after.isEmpty()) {
      return List.of();
    }
    double first = after.get() * c.thirst(repotted.get().plusDays(SETTLED_DAYS));
    List<Reading> readings = new ArrayList<>();
    for (History.Pour pour : c.history().pours()) {
      if (pour.date().isAfter(repotted.get().plusMonths(2))) {
        double ratio = pour.days() * c.thirst(pour) / first;
        readings.add(
            new Reading(time.months(repotted.get(), pour.date()), fillAt(ratio), WATERING_NOISE));
      }
    }
    if (readings.isEmpty() && elapsed > 0) {
      readings.add(new Reading(elapsed, fillAt(intervalRatio(c).orElseThrow()), WATERING_NOISE));
    }
    return readings;
  }

  private static double fillAt(double ratio) {
    return Math.min(MOST_BY_WATERING, clamp(START + 1 - Math.min(1, ratio)));
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
              double then = c.thirst(plant.lastRepotted().get().plusDays(SETTLED_DAYS));
              return c.intervalOn(c.date()).orElseThrow() * c.thirst(c.date()) / (after * then);
            });
  }

  private static double clamp(double fill) {
    return Math.max(LEAST_FILL, Math.min(MOST_FILL, fill));
  }

  private static double logit(double share) {
    return Math.log(share / (1 - share));
  }

  private static double logistic(double x) {
    return 1 / (1 + Math.exp(-x));
  }
}
