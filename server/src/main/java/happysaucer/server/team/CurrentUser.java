package happysaucer.server.team;

import happysaucer.core.unit.Units;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** Who is asking. */
@Component
public class CurrentUser {
  public Optional<Account> account() {
    Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
    return authentication != null && authentication.getPrincipal() instanceof Account account
        ? Optional.of(account)
        : Optional.empty();
  }

  /**
   * @throws IllegalStateException when nobody has signed in
   */
  public UUID id() {
    return account().orElseThrow(() -> new IllegalStateException("nobody has signed in")).id();
  }

  public Units units() {
    return account().map(Account::units).orElse(Units.METRIC);
  }
}
