package happysaucer.server.caretaker;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.stereotype.Component;

/** How often a page is read and written to; whoever guesses addresses is soon told nothing. */
@Component
class CareThrottle {
  private static final int WRITES = 30;
  private static final int READS = 600;
  private static final int GUESSES = 60;

  /** What is refused is counted in the database so many at a time. */
  private static final int COUNTED_BY = 20;

  private final Cache<String, AtomicInteger> within =
      Caffeine.newBuilder().maximumSize(100_000).expireAfterWrite(Duration.ofHours(1)).build();

  boolean mayWrite(CareLinks.LinkRow link) {
    return count("w" + link.id()) <= WRITES;
  }

  boolean mayRead(CareLinks.LinkRow link) {
    return count("r" + link.id()) <= READS;
  }

  boolean mayGuess(String address) {
    return count("g" + address) <= GUESSES;
  }

  /** How many refusals are to be written down now; most of the time none. */
  int refusals(CareLinks.LinkRow link) {
    return count("x" + link.id()) % COUNTED_BY == 0 ? COUNTED_BY : 0;
  }

  private int count(String key) {
    return within.get(key, k -> new AtomicInteger()).incrementAndGet();
  }
}
