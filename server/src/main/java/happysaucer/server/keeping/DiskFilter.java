package happysaucer.server.keeping;

import happysaucer.server.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** On a full disk nothing new is taken in; what is there can be looked at. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class DiskFilter extends OncePerRequestFilter {
  private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

  private final Disk disk;

  DiskFilter(Disk disk) {
    this.disk = disk;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return READING.contains(request.getMethod())
        || request.getRequestURI().equals("/api/session")
        || request.getRequestURI().equals("/api/advice")
        || request.getRequestURI().equals("/api/counter/look");
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (disk.full()) {
      ProblemWriter.diskFull(response);
      return;
    }
    chain.doFilter(request, response);
  }
}
