package happysaucer.server.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Tells whoever is refused before his body was read that the connection ends with the answer, so
 * that nothing is sent over it any more.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RefusedBodies extends OncePerRequestFilter {
  private static final int REFUSED = 400;

  static boolean hasBody(HttpServletRequest request) {
    return request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !hasBody(request);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    chain.doFilter(
        request,
        new HttpServletResponseWrapper(response) {
          @Override
          public void setStatus(int status) {
            closeIfUnread(status);
            super.setStatus(status);
          }

          @Override
          public void sendError(int status) throws IOException {
            closeIfUnread(status);
            super.sendError(status);
          }

          @Override
          public void sendError(int status, String message) throws IOException {
            closeIfUnread(status);
            super.sendError(status, message);
          }

          private void closeIfUnread(int status) {
            try {
              if (status >= REFUSED && !request.getInputStream().isFinished()) {
                setHeader("Connection", "close");
              }
            } catch (IOException e) {
              setHeader("Connection", "close");
            }
          }
        });
  }
}
