package happysaucer.server.clock;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The one clock of the app, in the team's time zone. A demo or a test can set it; it then runs on
 * from there, or stands still when it was set by the start option. Nothing else asks for the time.
 */
@Component
public class TeamClock {
  private final AtomicReference<Clock> clock;
  private static final Duration MOST_AHEAD = Duration.ofMinutes(15);

  private volatile ZoneId zone;

  /**
   * @param fixed local date and time at which the clock stands still, empty for the real time
   */
  public TeamClock(@Value("${saucer.zone}") String zone, @Value("${saucer.clock}") String fixed) {
    this.zone = ZoneId.of(zone);
    this.clock =
        new AtomicReference<>(
            fixed.isBlank()
                ? Clock.systemUTC()
                : Clock.fixed(LocalDateTime.parse(fixed).atZone(this.zone).toInstant(), this.zone));
  }

  public Instant now() {
    return clock.get().instant().truncatedTo(java.time.temporal.ChronoUnit.MILLIS);
  }

  /** By this clock, which in a demo stands elsewhere, what the machine's clock said of a moment. */
  public Instant byMachine(long millis) {
    return now()
        .minus(Duration.between(Instant.ofEpochMilli(millis), Instant.now(Clock.systemUTC())));
  }

  /** Whether a moment that a device gives lies further ahead than clocks differ. */
  public boolean isAhead(Instant moment) {
    return moment.isAfter(now().plus(MOST_AHEAD));
  }

  public LocalDate today() {
    return LocalDate.ofInstant(clock.get().instant(), zone);
  }

  public LocalDate dateOf(Instant instant) {
    return LocalDate.ofInstant(instant, zone);
  }

  public ZoneId zone() {
    return zone;
  }

  public void useZone(ZoneId teamZone) {
    zone = teamZone;
  }

  /** Does something as if it were another moment; for a demo that needs a past. */
  public void at(LocalDateTime moment, Runnable work) {
    Clock before = clock.get();
    clock.set(Clock.fixed(moment.atZone(zone).toInstant(), zone));
    try {
      work.run();
    } finally {
      clock.set(before);
    }
  }

  /** From now on it is this moment, and time runs on. */
  public void set(LocalDateTime moment) {
    Instant wanted = moment.atZone(zone).toInstant();
    clock.set(
        Clock.offset(Clock.systemUTC(), Duration.between(Instant.now(Clock.systemUTC()), wanted)));
  }
}
