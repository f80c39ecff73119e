package happysaucer.server;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Asks the running server as a script would. */
public final class Http {
  private static final ObjectMapper JSON = new ObjectMapper();
  private final HttpClient client = HttpClient.newHttpClient();
  private final String url;
  private final String authorization;

  Http(String url) {
    this(url, null);
  }

  private Http(String url, String authorization) {
    this.url = url;
    this.authorization = authorization;
  }

  public Http as(String account) {
    return as(account, "happy-saucer");
  }

  public Http as(String account, String password) {
    return new Http(
        url,
        "Basic "
            + Base64.getEncoder()
                .encodeToString((account + ":" + password).getBytes(StandardCharsets.UTF_8)));
  }

  /** The first plant that is found by this label, as its list has it. */
  public JsonNode plant(String label) {
    return get("/api/plants?search=" + label).json().get("plants").get(0);
  }

  public String plantId(String label) {
    return plant(label).get("id").asString();
  }

  public record Answer(int status, String body, HttpResponse<String> raw) {
    public JsonNode json() {
      return JSON.readTree(body);
    }
  }

  public Answer get(String path) {
    return send("GET", path, null);
  }

  /** An answer that is no text. */
  public byte[] bytes(String path) {
    try {
      return client
          .send(
              HttpRequest.newBuilder(URI.create(url + path))
                  .header("Authorization", authorization)
                  .build(),
              HttpResponse.BodyHandlers.ofByteArray())
          .body();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  public Answer post(String path, String body) {
    return send("POST", path, body);
  }

  public Answer put(String path, String body, String... headers) {
    return send("PUT", path, body, headers);
  }

  public Answer delete(String path) {
    return send("DELETE", path, null);
  }

  public Answer send(String method, String path, String body, String... headers) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(url + path))
            .method(
                method,
                body == null
                    ? HttpRequest.BodyPublishers.noBody()
                    : HttpRequest.BodyPublishers.ofString(body));
    if (body != null) {
      request.header("Content-Type", "application/json");
    }
    if (authorization != null) {
      request.header("Authorization", authorization);
    }
    for (int i = 0; i < headers.length; i += 2) {
      request.header(headers[i], headers[i + 1]);
    }
    try {
      HttpResponse<String> response =
          client.send(request.build(), HttpResponse.BodyHandlers.ofString());
      return new Answer(response.statusCode(), response.body(), response);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }
}
