package happysaucer.core.repot;

import happysaucer.core.method.Method;
import happysaucer.core.unit.Message;
import happysaucer.core.unit.Split;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The numbers for one repot.
 *
 * @param sizing how the pot was sized, and what bore on it
 * @param chosen rank 1, or the pot to order when none passes; empty when no pot at all will do
 * @param order what to buy when nothing on the shelf will do
 * @param pieces into which a clump is parted, else 1
 * @param workDay day on which it is done: the day asked for, or the first the call gives
 */
public record RepotPlan(
    LocalDate workDay,
    List<Candidate> candidates,
    List<Message> sizing,
    Optional<Candidate> chosen,
    Optional<Message> order,
    Optional<Fixings> fixings,
    RootWork rootWork,
    Optional<MixNeed> mix,
    Method.BallMoisture ballMoisture,
    Feed feed,
    Optional<FirstWater> firstWater,
    List<Step> steps,
    int pieces,
    List<Need> needs,
    Optional<Message> otherwise) {

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
      List<Portion> ingredients) {

    /** Its ingredients in words that add up: "2.4 L peat, 1.2 L perlite". */
    public Message recipe() {
      List<Double> parts = new ArrayList<>();
      for (Portion portion : ingredients) {
        parts.add(portion.litres());
      }
      Split split = new Split(litres, parts);
      List<Object> portions = new ArrayList<>();
      for (int i = 0; i < ingredients.size(); i++) {
        portions.add(Message.of("mix.portion", split.part(i), ingredients.get(i).label()));
      }
      return new Message("mix.recipe", portions);
    }
  }

  /**
   * Cheaper coarse grains on the floor of a pot with a reservoir.
   *
   * @param depthMm up to where they lie
   * @param markMm height over the floor up to which water stands when it is full
   */
  public record Filler(String code, double litres, double depthMm, double markMm) {}

  RepotPlan with(List<Step> bench, List<Need> all) {
    return new RepotPlan(
        workDay,
        candidates,
        sizing,
        chosen,
        order,
        fixings,
        rootWork,
        mix,
        ballMoisture,
        feed,
        firstWater,
        bench,
        pieces,
        all,
        otherwise);
  }

  public record Portion(String code, String label, double litres) {}

  public record Feed(
      FeedKind kind, OptionalDouble grams, Optional<LocalDate> holdUntil, Message why) {}

  public record Step(Phase phase, Message text) {}
}
