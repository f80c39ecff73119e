package happysaucer.server.team;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class SignInThrottleTest {
  private static final Instant NOW = Instant.parse("2027-04-12T08:00:00Z");
  private final SignInThrottle throttle = new SignInThrottle();

  /** Tries that are all wrong, each made when the wait before it is over; the wait after them. */
  private long afterFailures(String account, String address, int failures, Instant from) {
    Instant at = from;
    for (int i = 0; i < failures; i++) {
      at = at.plusSeconds(throttle.count(account, address, at));
      throttle.count(account, address, at);
    }
    return throttle.count(account, address, at);
  }

  @Test
  void theFirstSlipsAreFreeThenEachFailureDoublesTheWait() {
    for (int i = 0; i < 4; i++) {
      assertThat(throttle.count("a", "x", NOW)).isZero();
    }
    long first = throttle.count("a", "x", NOW);
    assertThat(first).isPositive();
    assertThat(throttle.count("a", "x", NOW.plusSeconds(first))).isZero();
    assertThat(throttle.count("a", "x", NOW.plusSeconds(first)))
        .isGreaterThanOrEqualTo(2 * (first - 1));
  }

  @Test
  void aHundredGuessesAtOnceAreAsManyAsTheFreeOnes() {
    AtomicInteger let = new AtomicInteger();
    IntStream.range(0, 100)
        .parallel()
        .forEach(
            i -> {
              if (throttle.count("a", "x", NOW) == 0) {
                let.incrementAndGet();
              }
            });
    assertThat(let.get()).isEqualTo(4);
  }

  @Test
  void theWaitNeverGrowsBeyondAQuarterOfAnHour() {
    assertThat(afterFailures("a", "x", 40, NOW)).isBetween(800L, 901L);
  }

  @Test
  void aSuccessForgives() {
    afterFailures("a", "x", 6, NOW);
    throttle.succeeded("a", "x");
    assertThat(throttle.count("a", "x", NOW)).isZero();
  }

  @Test
  void whoHasNotFailedHimselfIsLetInThoughOthersAtHisAddressHave() {
    for (int i = 0; i < 60; i++) {
      throttle.count("account-" + i, "x", NOW);
    }
    assertThat(throttle.count("colleague", "x", NOW)).isZero();
    assertThat(throttle.count("account-3", "x", NOW)).isPositive();
  }
}
