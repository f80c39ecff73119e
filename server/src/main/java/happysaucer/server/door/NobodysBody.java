package happysaucer.server.door;

import happysaucer.server.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Set;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Bodies that are read before anybody has signed in: small, soon, and few at a time, so that half
 * requests cannot hold the threads that the team works with.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class NobodysBody extends OncePerRequestFilter {
  private static final Set<String> PATHS = Set.of("/api/session", "/api/team/first-account");
  private static final int AT_ONCE = 16;
  private static final int MOST_BYTES = 10_000;
  private static final long MOST_NANOS = TimeUnit.SECONDS.toNanos(5);

  private final Semaphore free = new Semaphore(AT_ONCE);

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !request.getMethod().equals("POST")
        || !(PATHS.contains(request.getRequestURI())
            || request.getRequestURI().startsWith("/care/"));
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (request.getContentLengthLong() > MOST_BYTES) {
      tooLarge(response);
      return;
    }
    if (!free.tryAcquire()) {
      response.setHeader("Retry-After", "5");
      ProblemWriter.write(response, 503, "busy", "Too many at once", "Try again in a few seconds.");
      return;
    }
    byte[] body;
    try {
      body = soon(request.getInputStream(), System.nanoTime() + MOST_NANOS);
    } catch (IOException e) {
      body = null;
    } finally {
      free.release();
    }
    if (body == null) {
      ProblemWriter.write(
          response,
          408,
          "too-slow",
          "Too slow",
          "The request did not arrive in time. Send it again.");
    } else if (body.length > MOST_BYTES) {
      tooLarge(response);
    } else {
      chain.doFilter(new Read(request, body), response);
    }
  }

  private static void tooLarge(HttpServletResponse response) throws IOException {
    ProblemWriter.write(response, 413, "too-large", "Too large", "At most 10 kB.");
  }

  /** Null when it does not arrive before the deadline. */
  private static byte @Nullable [] soon(InputStream in, long deadline) throws IOException {
    ByteArrayOutputStream body = new ByteArrayOutputStream();
    byte[] part = new byte[2048];
    for (int n = in.read(part); n >= 0; n = in.read(part)) {
      body.write(part, 0, n);
      if (body.size() > MOST_BYTES) {
        break;
      }
      if (System.nanoTime() > deadline) {
        return null;
      }
    }
    return body.toByteArray();
  }

  /** A request whose body has been read. */
  private static final class Read extends HttpServletRequestWrapper {
    private final byte[] body;

    Read(HttpServletRequest request, byte[] body) {
      super(request);
      this.body = body;
    }

    @Override
    public ServletInputStream getInputStream() {
      ByteArrayInputStream in = new ByteArrayInputStream(body);
      return new ServletInputStream() {
        @Override
        public int read() {
          return in.read();
        }

        @Override
        public boolean isFinished() {
          return in.available() == 0;
        }

        @Override
        public boolean isReady() {
          return true;
        }

        @Override
        public void setReadListener(ReadListener listener) {
          throw new UnsupportedOperationException();
        }
      };
    }
  }
}
