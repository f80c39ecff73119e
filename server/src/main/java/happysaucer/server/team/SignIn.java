package happysaucer.server.team;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import happysaucer.core.unit.Units;
import happysaucer.server.clock.TeamClock;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.stereotype.Component;

/** Checks passwords: slow hashes, slowed failures, and a short memory for scripts. */
@Component
public class SignIn {
  private static final int STRENGTH = 11;
  private static final int MOST_BYTES = 72;
  private static final int HASHED_AT_ONCE = 2;

  /** More than these would hold the threads that the team works with. */
  private static final int MOST_WAITING = 8;

  private static final long LONGEST_QUEUE_SECONDS = 5;
  private static final Duration REMEMBERED = Duration.ofSeconds(60);

  private final TeamMapper mapper;
  private final SignInThrottle throttle;
  private final Semaphore hashing = new Semaphore(HASHED_AT_ONCE, true);
  private final BCryptPasswordEncoder encoder = new BCryptPasswordEncoder(STRENGTH);

  /** Compared against when the account is unknown, so that time tells nothing. */
  private final String nobody = encoder.encode(UUID.randomUUID().toString());

  private final Cache<String, Account> verified =
      Caffeine.newBuilder().maximumSize(1000).expireAfterWrite(REMEMBERED).build();

  SignIn(TeamMapper mapper, SignInThrottle throttle) {
    this.mapper = mapper;
    this.throttle = throttle;
  }

  /** Too many failures: wait. */
  public static final class SlowedException extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final long seconds;

    SlowedException(long seconds) {
      super("Too many failed sign-ins. Try again in " + seconds + " seconds.");
      this.seconds = seconds;
    }

    public long seconds() {
      return seconds;
    }
  }

  boolean is(String password, Account account) {
    return encoder.matches(password, account.passwordHash());
  }

  public String hash(String password) {
    return encoder.encode(password);
  }

  /** Whether a password can be kept: its hash takes so many bytes and no more. */
  static boolean fits(String password) {
    return password.getBytes(StandardCharsets.UTF_8).length <= MOST_BYTES;
  }

  /**
   * @return the account, empty when account or password is wrong
   * @throws SlowedException after too many failures from this address or for this account, or while
   *     many try at once
   */
  public Optional<Account> verify(String account, String password, String address) {
    // counted before it is looked at: a hundred guesses at once are a hundred guesses
    long wait = throttle.count(account, address, Instant.now());
    if (wait > 0) {
      throw new SlowedException(wait);
    }
    Account known = mapper.byAccount(account);
    boolean right = matches(password, known);
    if (known == null || !right || !fits(password)) {
      return Optional.empty();
    }
    throttle.succeeded(account, address);
    return Optional.of(known);
  }

  /** Hashing takes a core for a while, so only a few do it at once and few wait for it. */
  private boolean matches(String password, @Nullable Account known) {
    if (hashing.getQueueLength() >= MOST_WAITING) {
      throw new SlowedException(1);
    }
    try {
      if (!hashing.tryAcquire(LONGEST_QUEUE_SECONDS, TimeUnit.SECONDS)) {
        throw new SlowedException(LONGEST_QUEUE_SECONDS);
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new SlowedException(LONGEST_QUEUE_SECONDS);
    }
    try {
      String hashable = fits(password) ? password : "";
      return encoder.matches(hashable, known == null ? nobody : known.passwordHash());
    } finally {
      hashing.release();
    }
  }

  /** The same with a short memory, for scripts that send their password with each request. */
  Optional<Account> verifyBriefly(String account, String password, String address) {
    // those that come at once with the same password wait for the first of them
    return Optional.ofNullable(
        verified.get(
            digest(account + "\n" + password),
            key -> verify(account, password, address).orElse(null)));
  }

  /**
   * @return the account that was handed this code, empty where it lets nobody in
   * @throws SlowedException after too many failures from this address or for this account
   */
  Optional<Account> verifyCode(String account, String code, String address, Instant now) {
    long wait = throttle.count(account, address, Instant.now());
    if (wait > 0) {
      throw new SlowedException(wait);
    }
    Optional<Account> known =
        Optional.ofNullable(mapper.byCode(account, OneTimeCode.hash(code), now));
    known.ifPresent(person -> throttle.succeeded(account, address));
    return known;
  }

  /** What is remembered of accounts is out of date. */
  public void forget() {
    verified.invalidateAll();
  }

  public static Authentication authentication(Account account) {
    Account safe =
        new Account(
            account.id(), account.account(), account.name(), account.role(), account.units(), "");
    return UsernamePasswordAuthenticationToken.authenticated(
        safe, null, List.of(new SimpleGrantedAuthority("ROLE_" + account.role())));
  }

  public Account create(
      String account, String name, Role role, Units units, String password, TeamClock clock) {
    Account made = new Account(UUID.randomUUID(), account, name, role, units, hash(password));
    mapper.addAccount(made, clock.now());
    return made;
  }

  private static String digest(String text) {
    try {
      return HexFormat.of()
          .formatHex(
              MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
