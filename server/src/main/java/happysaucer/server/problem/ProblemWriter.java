package happysaucer.server.problem;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;

/** Problem documents from filters, where no controller is near. */
public final class ProblemWriter {
  private ProblemWriter() {}

  public static void unauthorized(HttpServletResponse response, String detail) throws IOException {
    write(response, 401, "sign-in", "Sign in first", detail);
  }

  public static void forbidden(HttpServletResponse response) throws IOException {
    write(response, 403, "not-allowed", "Not allowed", "Your role may not do this.");
  }

  /** The page has no token, or an old one; asking who is signed in brings a new one. */
  public static void pageToken(HttpServletResponse response) throws IOException {
    write(
        response,
        403,
        "page-token",
        "Send it again",
        "The page was out of date and has been brought up to date. Nothing was changed; send it again.");
  }

  public static void diskFull(HttpServletResponse response) throws IOException {
    write(response, 507, "disk-full", "The disk is full", Problems.DISK_FULL);
  }

  public static void slowed(HttpServletResponse response, long seconds) throws IOException {
    response.setHeader("Retry-After", Long.toString(seconds));
    write(
        response,
        429,
        "slowed",
        "Too many failed sign-ins",
        "Try again in " + seconds + " seconds.");
  }

  /** One problem document; the words must need no escaping in JSON. */
  public static void write(
      HttpServletResponse response, int status, String type, String title, String detail)
      throws IOException {
    response.setStatus(status);
    response.setContentType("application/problem+json");
    response.setCharacterEncoding(StandardCharsets.UTF_8.name());
    response
        .getWriter()
        .write(
            "{\"type\":\"urn:happy-saucer:"
                + type
                + "\",\"title\":\""
                + title
                + "\",\"status\":"
                + status
                + ",\"detail\":\""
                + detail
                + "\"}");
  }
}
