package happysaucer.server.door;

import happysaucer.server.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Connector;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Beside the secure port a plain one, on which a device can read how to trust this server and take
 * the authority's certificate; nothing else is served there.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class PlainDoor extends OncePerRequestFilter
    implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
  private static final String CERTIFICATE = "/trust/authority.crt";

  private final Trust trust;
  private final String address;
  private final int securePort;

  PlainDoor(
      Trust trust,
      @Value("${server.address:0.0.0.0}") String address,
      @Value("${server.port:8080}") int securePort) {
    this.trust = trust;
    this.address = address;
    this.securePort = securePort;
  }

  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    if (trust.own().isPresent() && trust.plainPort() > 0) {
      Connector plain = new Connector();
      plain.setPort(trust.plainPort());
      plain.setProperty("address", address);
      factory.addAdditionalConnectors(plain);
    }
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Trust.Own own = trust.own().orElse(null);
    if (own == null || request.getLocalPort() != trust.plainPort()) {
      chain.doFilter(request, response);
      return;
    }
    boolean reads = request.getMethod().equals("GET") || request.getMethod().equals("HEAD");
    String path = request.getRequestURI();
    response.setHeader("Cache-Control", "no-store");
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("Content-Security-Policy", "default-src 'none'; style-src 'unsafe-inline'");
    if (reads && path.equals(CERTIFICATE)) {
      response.setContentType("application/x-x509-ca-cert");
      response.setHeader("Content-Disposition", "attachment; filename=happy-saucer.crt");
      response.getOutputStream().write(own.certificate());
    } else if (reads && path.equals("/trust")) {
      response.setContentType("text/html");
      response.setCharacterEncoding("UTF-8");
      response
          .getOutputStream()
          .write(TrustPage.of(own, secure(request)).getBytes(StandardCharsets.UTF_8));
    } else if (reads) {
      response.setStatus(HttpServletResponse.SC_TEMPORARY_REDIRECT);
      response.setHeader("Location", secure(request));
    } else {
      ProblemWriter.write(
          response,
          HttpServletResponse.SC_FORBIDDEN,
          "not-secure",
          "Not over this port",
          "Nothing is written over the plain port. Use " + secure(request) + ".");
    }
  }

  /** The secure address by the name it was asked by, which is known to be one of ours. */
  private String secure(HttpServletRequest request) {
    return "https://" + request.getServerName() + ":" + securePort + "/";
  }
}
