package happysaucer.server.door;

import happysaucer.server.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Only requests by a name of this server are let in. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class HostFilter extends OncePerRequestFilter {
  private final Hosts hosts;

  HostFilter(Hosts hosts) {
    this.hosts = hosts;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (hosts.knows(request.getHeader("Host"))) {
      chain.doFilter(request, response);
      return;
    }
    ProblemWriter.write(
        response,
        421,
        "other-name",
        "Not by this name",
        "This server does not answer to this name. Use its address, or start it with --name and the name.");
  }
}
