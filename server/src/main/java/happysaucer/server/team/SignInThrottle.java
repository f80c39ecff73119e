package happysaucer.server.team;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import org.springframework.stereotype.Component;

/**
 * Slows failed sign-ins, per account and per address: after a few free tries each further failure
 * doubles the wait.
 */
@Component
class SignInThrottle {
  private static final int FREE_PER_ACCOUNT = 4;

  /** An address may be a whole office. */
  private static final int FREE_PER_ADDRESS = 20;

  private static final long FIRST_WAIT_SECONDS = 2;
  private static final long LONGEST_WAIT_SECONDS = 900;
  private static final Duration FORGOTTEN_AFTER = Duration.ofHours(1);

  private static final String ACCOUNT = "account:";
  private static final String ADDRESS = "address:";

  private record Failures(int count, Instant freeAt) {}

  private final Cache<String, Failures> failures =
      Caffeine.newBuilder().maximumSize(100_000).expireAfterWrite(FORGOTTEN_AFTER).build();

  /**
   * Counts a try as failed until it succeeds.
   *
   * @return seconds to wait before the next one, 0 when this one may be made; one that may not does
   *     not count
   */
  long count(String account, String address, Instant now) {
    boolean failedBefore = failures.getIfPresent(ACCOUNT + account) != null;
    long wait = tried(ACCOUNT + account, FREE_PER_ACCOUNT, now);
    if (wait > 0) {
      return wait;
    }
    // others behind the same address go on: only who has failed himself waits for its failures
    long atAddress = tried(ADDRESS + address, FREE_PER_ADDRESS, now);
    return failedBefore ? atAddress : 0;
  }

  /** Seconds still to wait; where there are none, the try is counted. */
  private long tried(String key, int free, Instant now) {
    long[] left = {0};
    failures
        .asMap()
        .compute(
            key,
            (k, known) -> {
              if (known != null && known.freeAt().isAfter(now)) {
                left[0] = Duration.between(now, known.freeAt()).toSeconds() + 1;
                return known;
              }
              int count = known == null ? 1 : known.count() + 1;
              long wait =
                  count < free
                      ? 0
                      : Math.min(
                          LONGEST_WAIT_SECONDS, FIRST_WAIT_SECONDS << Math.min(20, count - free));
              return new Failures(count, now.plusSeconds(wait));
            });
    return left[0];
  }

  void succeeded(String account, String address) {
    failures.invalidate(ACCOUNT + account);
    failures
        .asMap()
        .computeIfPresent(
            ADDRESS + address,
            (k, known) ->
                known.count() <= 1 ? null : new Failures(known.count() - 1, Instant.EPOCH));
  }
}
