package happysaucer.server.door;

import jakarta.servlet.ServletException;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How long a connection is waited for; the times themselves stand in application.yml. */
@Configuration
class Connections {
  @Bean
  WebServerFactoryCustomizer<TomcatServletWebServerFactory> refusedBodiesAreNotRead() {
    return factory -> factory.addEngineValves(new CloseUnread());
  }

  /** A request that was refused is not waited for: its connection closes, its body is not read. */
  private static final class CloseUnread extends ValveBase {
    private static final int REFUSED = 400;

    CloseUnread() {
      super(true);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
      getNext().invoke(request, response);
      boolean body =
          request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
      if (body && response.getStatus() >= REFUSED && !request.isFinished()) {
        request.getCoyoteRequest().action(ActionCode.DISABLE_SWALLOW_INPUT, null);
      }
    }
  }
}
