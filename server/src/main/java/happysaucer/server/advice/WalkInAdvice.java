package happysaucer.server.advice;

import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.unit.Units;
import happysaucer.server.clock.TeamClock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Asks the core about a plant in somebody's hand, which is not on record. */
@Service
public class WalkInAdvice {
  private final CaseMapper mapper;
  private final BenchAdvice bench;
  private final Books books;
  private final TeamClock clock;

  WalkInAdvice(CaseMapper mapper, BenchAdvice bench, Books books, TeamClock clock) {
    this.mapper = mapper;
    this.bench = bench;
    this.books = books;
    this.clock = clock;
  }

  /**
   * What is in the hand.
   *
   * @param potId the one pot of the shelf that is asked about; null for all
   * @param mix that somebody wants; null for the one that suits
   */
  public record Facts(
      AdviceRequest.Site site,
      AdviceRequest.Spot spot,
      AdviceRequest.Plant plant,
      AdviceRequest.Pot pot,
      List<AdviceRequest.Sign> signs,
      @Nullable String potId,
      @Nullable String mix) {}

  /** By the team's method, its book and its shelf, today. */
  public Advice of(Facts hand, Units units) {
    AdviceRequest asked =
        bench.stocked(
            new AdviceRequest(
                clock.today(),
                hand.site(),
                hand.spot(),
                hand.plant(),
                hand.pot(),
                null,
                hand.signs(),
                null,
                null,
                method(),
                units.name(),
                null,
                null,
                AdviceRequest.Wish.ofMix(hand.mix()),
                null,
                null));
    List<AdviceRequest.Pot> pots = asked.candidates();
    String only = hand.potId();
    if (only != null && pots != null && pots.stream().anyMatch(pot -> only.equals(pot.id()))) {
      List<AdviceRequest.Pot> one = new ArrayList<>(pots);
      one.removeIf(pot -> !only.equals(pot.id()));
      asked = asked.withCandidates(one);
    }
    return books.team().advise(asked);
  }

  private AdviceRequest.@Nullable MethodChoice method() {
    Map<String, String> chosen = new HashMap<>();
    mapper.choices(List.of()).stream()
        .filter(row -> row.scope() == MethodLevel.TEAM)
        .forEach(row -> chosen.put(row.choiceKey(), row.choice()));
    return chosen.isEmpty() ? null : AdviceRequest.MethodChoice.of(chosen);
  }
}
