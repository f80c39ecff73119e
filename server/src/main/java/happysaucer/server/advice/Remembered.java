package happysaucer.server.advice;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import happysaucer.core.advice.Advice;
import happysaucer.core.advice.AdviceRequest;
import happysaucer.core.advice.Advise;
import happysaucer.core.advice.Kept;
import java.util.List;
import org.springframework.stereotype.Component;

/**
 * The same case and rules give the same advice, so what was asked a moment ago is not worked out
 * again: a page that is opened, left and looked at anew.
 */
@Component
class Remembered {
  /** Advices kept; one takes some tens of kB. */
  private static final int MOST = 300;

  /**
   * @param rules told apart by which they are: an edit of the book makes others
   */
  private record Asked(Advise rules, AdviceRequest request) {}

  private final Cache<Asked, Advice> advices = Caffeine.newBuilder().maximumSize(MOST).build();
  private final Cache<Asked, List<Advise.Turn>> turns =
      Caffeine.newBuilder().maximumSize(MOST).build();

  /** The advice on what is kept of a record. */
  Advice advise(Advise rules, Kept kept) {
    if (!kept.leftOut().isEmpty()) {
      return rules.advise(kept);
    }
    return advices.get(new Asked(rules, kept.request()), asked -> rules.advise(kept));
  }

  /** What other choices of the method would make of the call; pots have no part in that. */
  List<Advise.Turn> turns(Advise rules, AdviceRequest request) {
    AdviceRequest withoutPots = request.withCandidates(List.of());
    return turns.get(new Asked(rules, withoutPots), asked -> rules.turns(withoutPots));
  }
}
