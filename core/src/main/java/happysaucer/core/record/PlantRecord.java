package happysaucer.core.record;

import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.sign.StateCode;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What of a plant's record goes into its case on a day. */
public final class PlantRecord {
  /** Growth is told from heights of the last years, days. */
  public static final int HEIGHTS_DAYS = 1100;

  private PlantRecord() {}

  /** A state somebody saw it in. */
  public record State(String code, LocalDate since) {}

  /**
   * A line of evidence that somebody set aside.
   *
   * @param always also when the sign is looked at again
   * @param covers looks until then
   */
  public record Aside(String sign, boolean always, Instant covers) {}

  /**
   * A repot that lies in the future has not been: it is left out, and what was seen goes on
   * counting.
   */
  public static Optional<LocalDate> repotted(@Nullable LocalDate on, LocalDate date) {
    return on == null || on.isAfter(date) ? Optional.empty() : Optional.of(on);
  }

  /** The states with the days since each began, where days matter. */
  public static List<AdviceRequest.State> states(List<State> states, LocalDate date) {
    return states.stream()
        .map(
            state ->
                new AdviceRequest.State(
                    state.code(),
                    StateCode.valueOf(state.code()).countsDays()
                        ? (int) Math.max(0, ChronoUnit.DAYS.between(state.since(), date))
                        : null))
        .toList();
  }

  /** What looks before the last one measured, heights and weights: for trends and the scales. */
  public static List<AdviceRequest.Measured> measures(
      List<SeenSign> signs, List<AdviceRequest.Measured> others) {
    List<AdviceRequest.Measured> measures = new ArrayList<>();
    for (SeenSign sign : signs) {
      if (sign.look() == SeenSign.Look.EARLIER && sign.value() != null) {
        measures.add(new AdviceRequest.Measured(sign.on(), sign.code(), sign.value()));
      }
    }
    measures.addAll(others);
    return measures;
  }

  /**
   * Of what somebody set aside, that which still holds: one for each sign, unless it was looked at
   * again since.
   *
   * @param newestFirst all that nobody has taken back
   * @param lookedAtAgain signs looked at just now
   */
  public static <A> List<A> openAsides(
      Map<A, Aside> newestFirst, Map<String, SeenSign> standing, Collection<String> lookedAtAgain) {
    Map<String, A> open = new LinkedHashMap<>();
    newestFirst.forEach(
        (key, aside) -> {
          SeenSign sign = standing.get(aside.sign());
          boolean seenSince =
              lookedAtAgain.contains(aside.sign())
                  || sign != null && sign.at().isAfter(aside.covers());
          if (aside.always() || !seenSince) {
            open.putIfAbsent(aside.sign(), key);
          }
        });
    return List.copyOf(open.values());
  }
}
