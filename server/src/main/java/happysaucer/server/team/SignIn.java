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
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.stereotype.Component;

/** Checks passwords: slow hashes, slowed failures, and a short memory for scripts. */
@Component
public class SignIn {
  private static final int STRENGTH = 11;
  private static final Duration REMEMBERED = Duration.ofSeconds(60);

  private final TeamMapper mapper;
  private final SignInThrottle throttle;
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

  public String hash(String password) {
    return encoder.encode(password);
  }

  /**
   * @return the account, empty when account or password is wrong
   * @throws SlowedException after too many failures from this address or for this account
   */
  public Optional<Account> verify(String account, String password, String address) {
    Instant now = Instant.now();
    long wait = throttle.waitSeconds(account, address, now);
    if (wait > 0) {
      throw new SlowedException(wait);
    }
    Account known = mapper.byAccount(account);
    boolean right = encoder.matches(password, known == null ? nobody : known.passwordHash());
    if (known == null || !right) {
      throttle.failed(account, address, now);
      return Optional.empty();
    }
    throttle.succeeded(account);
    return Optional.of(known);
  }

  /** The same with a short memory, for scripts that send their password with each request. */
  Optional<Account> verifyBriefly(String account, String password, String address) {
    String key = digest(account + "\n" + password);
    Account remembered = verified.getIfPresent(key);
    if (remembered != null) {
      return Optional.of(remembered);
    }
    Optional<Account> checked = verify(account, password, address);
    checked.ifPresent(found -> verified.put(key, found));
    return checked;
  }

  /** What is remembered of accounts is out of date. */
  void forget() {
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
