package happysaucer.core.repot;

import happysaucer.core.method.Method;
import happysaucer.core.unit.Message;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The numbers for one repot.
 *
 * @param chosen rank 1, or the pot to order when none passes; empty when no pot at all will do
 * @param order what to buy when nothing on the shelf will do
 * @param workDay first day on which it can be done
 */
public record RepotPlan(
    LocalDate workDay,
    List<Candidate> candidates,
    Optional<Candidate> chosen,
    Optional<Message> order,
    RootWork rootWork,
    Optional<MixNeed> mix,
    Method.BallMoisture ballMoisture,
    Feed feed,
    Optional<WaterIn> waterIn,
    List<Step> steps) {

  /**
   * @param litres to be measured out, allowances included
   * @param reusableLitres of that, at most so much may be old medium, sieved and fed
   */
  public record MixNeed(
      String code,
      String label,
      double litres,
      double reusableLitres,
      Optional<Filler> filler,
      List<Portion> ingredients) {}

  /**
   * Cheaper coarse grains on the floor of a pot with a reservoir.
   *
   * @param depthMm up to where they lie
   * @param markMm height over the floor up to which water stands when it is full
   */
  public record Filler(String code, double litres, double depthMm, double markMm) {}

  RepotPlan withSteps(List<Step> bench) {
    return new RepotPlan(
        workDay, candidates, chosen, order, rootWork, mix, ballMoisture, feed, waterIn, bench);
  }

  public record Portion(String code, String label, double litres) {}

  public record Feed(
      FeedKind kind, OptionalDouble grams, Optional<LocalDate> holdUntil, Message why) {}

  public record WaterIn(LocalDate on, double litres) {}

  public record Step(Phase phase, Message text) {}
}
