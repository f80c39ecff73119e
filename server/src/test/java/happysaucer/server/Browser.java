package happysaucer.server;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Asks the running server as a page would: with cookies and the token of the page. */
final class Browser {
  private final CookieManager cookies = new CookieManager();
  private final HttpClient client = HttpClient.newBuilder().cookieHandler(cookies).build();
  private final String url;

  Browser(String url) {
    this.url = url;
    send("GET", "/api/session", null);
  }

  record Answer(int status, String body) {
    JsonNode json() {
      return new ObjectMapper().readTree(body);
    }
  }

  private String token() {
    return cookies.getCookieStore().getCookies().stream()
        .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
        .map(HttpCookie::getValue)
        .findFirst()
        .orElse("");
  }

  Answer send(String method, String path, String body) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(url + path))
            .header("X-XSRF-TOKEN", token())
            .header("Content-Type", "application/json")
            .method(
                method,
                body == null
                    ? HttpRequest.BodyPublishers.noBody()
                    : HttpRequest.BodyPublishers.ofString(body));
    try {
      HttpResponse<String> answer =
          client.send(request.build(), HttpResponse.BodyHandlers.ofString());
      return new Answer(answer.statusCode(), answer.body());
    } catch (IOException e) {
      throw new IllegalStateException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  Answer signIn(String account, String password) {
    return send(
        "POST",
        "/api/session",
        "{\"account\":\"%s\",\"password\":\"%s\"}".formatted(account, password));
  }
}
