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

  private record Failures(int count, Instant freeAt) {}

  private final Cache<String, Failures> failures =
      Caffeine.newBuilder().maximumSize(100_000).expireAfterWrite(FORGOTTEN_AFTER).build();

  /** Seconds to wait before the next try, 0 when it may be made now. */
  long waitSeconds(String account, String address, Instant now) {
    return Math.max(left("account:" + account, now), left("address:" + address, now));
  }

  private long left(String key, Instant now) {
    Failures known = failures.getIfPresent(key);
    return known == null || !known.freeAt().isAfter(now)
        ? 0
        : Duration.between(now, known.freeAt()).toSeconds() + 1;
  }

  void failed(String account, String address, Instant now) {
    count("account:" + account, FREE_PER_ACCOUNT, now);
    count("address:" + address, FREE_PER_ADDRESS, now);
  }

  private void count(String key, int free, Instant now) {
    failures
        .asMap()
        .compute(
            key,
            (k, known) -> {
              int count = known == null ? 1 : known.count() + 1;
              long wait =
                  count < free
                      ? 0
                      : Math.min(
                          LONGEST_WAIT_SECONDS, FIRST_WAIT_SECONDS << Math.min(20, count - free));
              return new Failures(count, now.plusSeconds(wait));
            });
  }

  void succeeded(String account) {
    failures.invalidate("account:" + account);
  }
}
