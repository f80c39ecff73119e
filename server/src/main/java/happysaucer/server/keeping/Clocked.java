package happysaucer.server.keeping;

import happysaucer.server.clock.TeamClock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Says it loudly when the clock has gone back behind what is on record. */
@Component
class Clocked {
  private static final Logger LOG = LoggerFactory.getLogger(Clocked.class);

  /** Devices may be a little ahead. */
  private static final Duration ALLOWED = Duration.ofHours(1);

  private final KeepingMapper mapper;
  private final TeamClock clock;
  private volatile @Nullable Instant newest;

  Clocked(KeepingMapper mapper, TeamClock clock) {
    this.mapper = mapper;
    this.clock = clock;
  }

  @EventListener
  void onStart(ApplicationReadyEvent started) {
    newest = mapper.newestRecord();
    trouble().ifPresent(LOG::warn);
  }

  /** In words, while the clock is behind the newest record there was at the start. */
  Optional<String> trouble() {
    Instant last = newest;
    return last != null && clock.now().plus(ALLOWED).isBefore(last)
        ? Optional.of(
            "The clock of the server says "
                + clock.today()
                + ", but there are records from "
                + clock.dateOf(last)
                + ". Set the clock; until then what is dated later is not counted.")
        : Optional.empty();
  }
}
