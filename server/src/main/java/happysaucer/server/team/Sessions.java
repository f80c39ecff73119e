package happysaucer.server.team;

import happysaucer.server.clock.TeamClock;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import jakarta.servlet.http.HttpSessionEvent;
import jakarta.servlet.http.HttpSessionListener;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.stereotype.Component;

/** Where people are signed in, so that a session can be seen and ended by who it belongs to. */
@Component
public class Sessions implements HttpSessionListener {
  /** Under this a session carries the key by which it is known outside; its own id is a secret. */
  private static final String KEY = Sessions.class.getName();

  private final Map<UUID, Open> open = new ConcurrentHashMap<>();
  private final TeamClock clock;

  Sessions(TeamClock clock) {
    this.clock = clock;
  }

  /** What one is signed in on, as far as a browser tells. */
  public enum Device {
    PHONE,
    TABLET,
    COMPUTER
  }

  private record Open(
      UUID account, HttpSession session, Device device, String address, Instant since) {}

  /**
   * @param here the one that is asking
   */
  public record SessionLine(
      UUID id, Device device, String address, Instant since, Instant seen, boolean here) {}

  /** A person has signed in, or is known by other words now. */
  void opened(Account account, HttpServletRequest request) {
    HttpSession session = request.getSession();
    UUID known = key(session);
    Open before = known == null ? null : open.get(known);
    if (before != null && before.account().equals(account.id())) {
      return;
    }
    UUID key = UUID.randomUUID();
    if (known != null) {
      open.remove(known);
    }
    session.setAttribute(KEY, key);
    open.put(
        key,
        new Open(
            account.id(),
            session,
            device(request.getHeader("User-Agent")),
            request.getRemoteAddr(),
            clock.now()));
  }

  @Override
  public void sessionDestroyed(HttpSessionEvent event) {
    if (event.getSession().getAttribute(KEY) instanceof UUID key) {
      open.remove(key);
    }
  }

  /** Those of one person, the latest first. */
  List<SessionLine> of(UUID account, @Nullable HttpSession asking) {
    UUID here = asking == null ? null : key(asking);
    return open.entrySet().stream()
        .filter(entry -> entry.getValue().account().equals(account))
        .map(entry -> line(entry.getKey(), entry.getValue(), entry.getKey().equals(here)))
        .sorted(Comparator.comparing(SessionLine::seen).reversed())
        .toList();
  }

  private SessionLine line(UUID key, Open known, boolean here) {
    return new SessionLine(key, known.device(), known.address(), known.since(), seen(known), here);
  }

  private Instant seen(Open known) {
    try {
      return clock.byMachine(known.session().getLastAccessedTime());
    } catch (IllegalStateException e) {
      // it ended at this moment
      return known.since();
    }
  }

  /** Ends one session of this person; nothing happens where it is another's. */
  void end(UUID account, UUID key) {
    endWhere(account, key::equals);
  }

  void endOthers(UUID account, @Nullable HttpSession asking) {
    UUID here = asking == null ? null : key(asking);
    endWhere(account, key -> !key.equals(here));
  }

  public void endAll(UUID account) {
    endWhere(account, key -> true);
  }

  private void endWhere(UUID account, Predicate<UUID> which) {
    open.forEach(
        (key, known) -> {
          if (known.account().equals(account) && which.test(key)) {
            open.remove(key);
            try {
              known.session().invalidate();
            } catch (IllegalStateException e) {
              // it has ended already
            }
          }
        });
  }

  /** Wherever this person is signed in, what may be done changes with the next request. */
  public void renew(Account changed) {
    SecurityContext context = new SecurityContextImpl(SignIn.authentication(changed));
    open.values().stream()
        .filter(known -> known.account().equals(changed.id()))
        .forEach(
            known -> {
              try {
                known
                    .session()
                    .setAttribute(
                        HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY, context);
              } catch (IllegalStateException e) {
                // it has ended already
              }
            });
  }

  private static @Nullable UUID key(HttpSession session) {
    return session.getAttribute(KEY) instanceof UUID key ? key : null;
  }

  static Device device(@Nullable String agent) {
    String words = agent == null ? "" : agent.toLowerCase(Locale.ROOT);
    if (words.contains("ipad") || words.contains("tablet")) {
      return Device.TABLET;
    }
    if (words.contains("android")) {
      return words.contains("mobile") ? Device.PHONE : Device.TABLET;
    }
    return words.contains("mobi") ? Device.PHONE : Device.COMPUTER;
  }
}
