package happysaucer.core.record;

import happysaucer.core.advice.AdviceRequest;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The last waterings of a plant, and the first after its last repot.
 *
 * @param newestFirst the last ones
 * @param inThisPot of these, since it was last repotted
 * @param afterRepot the first ones once it had settled, in order
 */
public record WateringRecord(
    List<Watered> newestFirst, List<Watered> inThisPot, List<Watered> afterRepot) {
  /** Of each plant so many waterings count. */
  private static final int MOST = 6;

  /** Days after a repot in which a plant has settled and its new pot is not full yet. */
  private static final int SETTLED_AFTER_DAYS = 7;

  private static final int SETTLED_UNTIL_DAYS = 75;

  /** Waterings further apart tell of records that stopped, not of how the plant drinks. */
  private static final int LONGEST_INTERVAL_DAYS = 365;

  /** An interval is the mean between no fewer waterings than this. */
  private static final int LEAST = 3;

  /**
   * @param litres poured
   * @param runOffLitres caught below
   */
  public record Watered(LocalDate on, double litres, double runOffLitres) {}

  /**
   * What counts of all waterings on record.
   *
   * @param all in any order
   * @param repotted last
   */
  public static WateringRecord of(List<Watered> all, Optional<LocalDate> repotted) {
    List<Watered> inOrder = byDay(all);
    List<Watered> newestFirst = new ArrayList<>();
    for (int i = inOrder.size() - 1; i >= 0 && newestFirst.size() < MOST; i--) {
      newestFirst.add(inOrder.get(i));
    }
    return new WateringRecord(
        newestFirst,
        newestFirst.stream()
            .filter(watered -> repotted.map(day -> !watered.on().isBefore(day)).orElse(true))
            .toList(),
        repotted
            .map(
                day ->
                    inOrder.stream()
                        .filter(
                            watered ->
                                watered.on().isAfter(day.plusDays(SETTLED_AFTER_DAYS))
                                    && watered.on().isBefore(day.plusDays(SETTLED_UNTIL_DAYS)))
                        .limit(MOST)
                        .toList())
            .orElse(List.of()));
  }

  /** In order; what was poured twice on a day is one watering. */
  private static List<Watered> byDay(List<Watered> all) {
    List<Watered> inOrder = new ArrayList<>();
    for (Watered next : all.stream().sorted(Comparator.comparing(Watered::on)).toList()) {
      Watered last = inOrder.isEmpty() ? null : inOrder.get(inOrder.size() - 1);
      if (last != null && last.on().equals(next.on())) {
        inOrder.set(
            inOrder.size() - 1,
            new Watered(
                last.on(),
                last.litres() + next.litres(),
                last.runOffLitres() + next.runOffLitres()));
      } else {
        inOrder.add(next);
      }
    }
    return inOrder;
  }

  /**
   * Mean interval and pour of the last waterings, into its present pot where enough are known, and
   * the mean interval after the last repot.
   */
  public Optional<AdviceRequest.Watering> mean() {
    List<Watered> present = inThisPot.size() < LEAST ? newestFirst : inThisPot;
    Optional<Double> interval = interval(present);
    if (interval.isEmpty()) {
      return Optional.empty();
    }
    double litres = present.stream().mapToDouble(Watered::litres).average().orElse(0);
    double runOff = present.stream().mapToDouble(Watered::runOffLitres).average().orElse(0);
    return Optional.of(
        new AdviceRequest.Watering(
            interval.get(), litres > 0 ? litres : null, runOff, interval(afterRepot).orElse(null)));
  }

  /** Each pour with the days since the one before it; only those into the present pot. */
  public List<AdviceRequest.Pour> pours(Optional<LocalDate> repotted) {
    List<AdviceRequest.Pour> pours = new ArrayList<>();
    for (int i = 0; i + 1 < newestFirst.size(); i++) {
      Watered poured = newestFirst.get(i);
      LocalDate before = newestFirst.get(i + 1).on();
      long days = ChronoUnit.DAYS.between(before, poured.on());
      boolean thisPot = repotted.map(day -> !before.isBefore(day)).orElse(true);
      if (days > 0 && days <= LONGEST_INTERVAL_DAYS && poured.litres() > 0 && thisPot) {
        pours.add(
            new AdviceRequest.Pour(
                poured.on(), (double) days, poured.litres(), poured.runOffLitres()));
      }
    }
    return pours;
  }

  /** Days since the last watering; empty when none is on record. */
  public Optional<Long> daysSince(LocalDate date) {
    return newestFirst.isEmpty()
        ? Optional.empty()
        : Optional.of(Math.max(0, ChronoUnit.DAYS.between(newestFirst.get(0).on(), date)));
  }

  private static Optional<Double> interval(List<Watered> waterings) {
    if (waterings.size() < LEAST) {
      return Optional.empty();
    }
    long days =
        Math.abs(
            ChronoUnit.DAYS.between(
                waterings.get(0).on(), waterings.get(waterings.size() - 1).on()));
    double interval = days / (double) (waterings.size() - 1);
    return days == 0 || interval > LONGEST_INTERVAL_DAYS ? Optional.empty() : Optional.of(interval);
  }
}
