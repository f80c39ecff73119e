package happysaucer.server.team;

import happysaucer.server.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Optional;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** HTTP Basic for scripts: no challenge header, no session, no CSRF token. */
class BasicFilter extends OncePerRequestFilter {
  private static final String SCHEME = "Basic ";
  private final SignIn signIn;

  BasicFilter(SignIn signIn) {
    this.signIn = signIn;
  }

  static boolean isBasic(HttpServletRequest request) {
    String header = request.getHeader("Authorization");
    return header != null && header.regionMatches(true, 0, SCHEME, 0, SCHEME.length());
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!isBasic(request)) {
      chain.doFilter(request, response);
      return;
    }
    Optional<Account> account;
    try {
      String[] pair = pair(request.getHeader("Authorization").substring(SCHEME.length()).trim());
      account = signIn.verifyBriefly(pair[0], pair[1], request.getRemoteAddr());
    } catch (SignIn.SlowedException e) {
      ProblemWriter.slowed(response, e.seconds());
      return;
    }
    if (account.isEmpty()) {
      ProblemWriter.unauthorized(response, "The account or the password is wrong.");
      return;
    }
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(SignIn.authentication(account.get()));
    SecurityContextHolder.setContext(context);
    try {
      chain.doFilter(request, response);
    } finally {
      SecurityContextHolder.clearContext();
    }
  }

  private static String[] pair(String encoded) {
    try {
      String text = new String(Base64.getDecoder().decode(encoded), StandardCharsets.UTF_8);
      int colon = text.indexOf(':');
      return colon < 0
          ? new String[] {text, ""}
          : new String[] {text.substring(0, colon), text.substring(colon + 1)};
    } catch (IllegalArgumentException e) {
      return new String[] {"", ""};
    }
  }
}
