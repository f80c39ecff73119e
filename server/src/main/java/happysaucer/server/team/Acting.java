package happysaucer.server.team;

import java.util.function.Supplier;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;

/**
 * Work that is on record as somebody's who has not signed in: of the demo, of a caretaker's page.
 */
public final class Acting {
  private Acting() {}

  public static <T> T as(Account account, Supplier<T> work) {
    SecurityContext before = SecurityContextHolder.getContext();
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(SignIn.authentication(account));
    SecurityContextHolder.setContext(context);
    try {
      return work.get();
    } finally {
      SecurityContextHolder.setContext(before);
    }
  }
}
