package happysaucer.server.team;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import org.junit.jupiter.api.Test;

class SignInThrottleTest {
  private static final Instant NOW = Instant.parse("2027-04-12T08:00:00Z");
  private final SignInThrottle throttle = new SignInThrottle();

  private long afterFailures(String account, String address, int failures) {
    for (int i = 0; i < failures; i++) {
      throttle.failed(account, address, NOW);
    }
    return throttle.waitSeconds(account, address, NOW);
  }

  @Test
  void theFirstSlipsAreFreeThenEachFailureDoublesTheWait() {
    assertThat(afterFailures("a", "x", 3)).isZero();
    long first = afterFailures("a", "x", 1);
    long second = afterFailures("a", "x", 1);
    assertThat(first).isPositive();
    assertThat(second).isGreaterThanOrEqualTo(2 * (first - 1));
  }

  @Test
  void theWaitEndsAndNeverGrowsBeyondAQuarterOfAnHour() {
    assertThat(afterFailures("a", "x", 200)).isBetween(800L, 901L);
    assertThat(throttle.waitSeconds("a", "x", NOW.plusSeconds(901))).isZero();
  }

  @Test
  void anotherAccountFromAnotherAddressIsFreeAndASuccessForgives() {
    afterFailures("a", "x", 6);
    assertThat(throttle.waitSeconds("b", "y", NOW)).isZero();
    throttle.succeeded("a");
    assertThat(throttle.waitSeconds("a", "y", NOW)).isZero();
  }

  @Test
  void oneAddressTryingManyAccountsIsSlowedToo() {
    for (int i = 0; i < 25; i++) {
      throttle.failed("account-" + i, "x", NOW);
    }
    assertThat(throttle.waitSeconds("account-new", "x", NOW)).isPositive();
  }
}
