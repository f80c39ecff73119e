package happysaucer.server.problem;

import java.io.IOException;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;

/** Faults of the machine told apart by their causes. */
public final class Faults {
  /** H2: the database is closed, or its file could not be written or read. */
  private static final Set<Integer> CLOSED = Set.of(90098, 90121, 90028, 90031, 90007, 90067);

  private Faults() {}

  public static boolean diskFull(Throwable e) {
    for (Throwable cause = e; cause != null; cause = cause.getCause()) {
      String message = cause.getMessage();
      if (cause instanceof IOException
          && message != null
          && (message.contains("No space left")
              || message.contains("File too large")
              || message.contains("quota"))) {
        return true;
      }
    }
    return false;
  }

  public static boolean databaseClosed(Throwable e) {
    for (Throwable cause = e; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLException sql && CLOSED.contains(sql.getErrorCode())) {
        return true;
      }
    }
    return false;
  }

  public static Throwable deepest(Throwable e) {
    Throwable cause = e;
    while (cause.getCause() != null) {
      cause = cause.getCause();
    }
    return cause;
  }

  /** The same fault is logged with its trace once a minute, however often it comes. */
  static final class Logged {
    private static final Duration QUIET = Duration.ofMinutes(1);
    private static final int MOST_KINDS = 200;

    private record Seen(Instant at, int since) {}

    private final Map<String, Seen> seen = new ConcurrentHashMap<>();

    void error(Logger log, Exception e) {
      Instant now = Instant.now();
      if (seen.size() > MOST_KINDS) {
        seen.clear();
      }
      String kind = kind(e);
      Seen last = seen.get(kind);
      if (last != null && last.at().plus(QUIET).isAfter(now)) {
        seen.put(kind, new Seen(last.at(), last.since() + 1));
        return;
      }
      seen.put(kind, new Seen(now, 0));
      if (last != null && last.since() > 0) {
        log.error("Unexpected; {} more of this kind since {}", last.since(), last.at(), e);
      } else {
        log.error("Unexpected", e);
      }
    }

    private static String kind(Throwable e) {
      Throwable deepest = deepest(e);
      @Nullable StackTraceElement[] trace = deepest.getStackTrace();
      return deepest.getClass().getName() + (trace.length > 0 ? trace[0] : "");
    }
  }
}
