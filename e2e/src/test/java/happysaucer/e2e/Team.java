package happysaucer.e2e;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Base64;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Somebody who asks and writes over HTTP, as a script of the demo team would. */
final class Team {
  private final HttpClient client =
      HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
  private final Set<String> acknowledged = ConcurrentHashMap.newKeySet();
  private final AtomicInteger refused = new AtomicInteger();
  private final String account;

  Team(String account) {
    this.account = account;
  }

  HttpResponse<String> send(String method, String url, String body)
      throws IOException, InterruptedException {
    return client.send(request(method, url, body), HttpResponse.BodyHandlers.ofString());
  }

  /** An answer that is no text. */
  byte[] bytes(String url) throws IOException, InterruptedException {
    return client.send(request("GET", url, null), HttpResponse.BodyHandlers.ofByteArray()).body();
  }

  private HttpRequest request(String method, String url, String body) {
    return HttpRequest.newBuilder(URI.create(url))
        .header(
            "Authorization",
            "Basic " + Base64.getEncoder().encodeToString((account + ":happy-saucer").getBytes()))
        .header("Content-Type", "application/json")
        .method(
            method,
            body == null
                ? HttpRequest.BodyPublishers.noBody()
                : HttpRequest.BodyPublishers.ofString(body))
        .build();
  }

  String plant(App app, String label) throws IOException, InterruptedException {
    String found = send("GET", app.url() + "/api/plants?search=" + label, null).body();
    Matcher matcher = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"").matcher(found);
    if (!matcher.find()) {
      throw new IllegalStateException(found);
    }
    return matcher.group(1);
  }

  static String watering(String plant, String litres) {
    return "{\"plantId\":\"%s\",\"wateredOn\":\"2027-04-12\",\"litres\":%s}"
        .formatted(plant, litres);
  }

  /** Writes one watering after another until the server is gone. */
  Thread writer(App app, String plant) {
    Thread thread =
        new Thread(
            () -> {
              try {
                while (!Thread.interrupted()) {
                  String id = UUID.randomUUID().toString();
                  int status =
                      send("PUT", app.url() + "/api/waterings/" + id, watering(plant, "0.41"))
                          .statusCode();
                  if (status == 204) {
                    acknowledged.add(id);
                  } else {
                    refused.incrementAndGet();
                  }
                }
              } catch (IOException e) {
                // The process was killed: what it had not acknowledged may be gone.
              } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
              }
            });
    thread.setDaemon(true);
    thread.start();
    return thread;
  }

  /** Ids of writes that were answered with success. */
  Set<String> acknowledged() {
    return acknowledged;
  }

  int refused() {
    return refused.get();
  }

  /** Those of the acknowledged writes that the server does not know any more. */
  long lost(App app, String plant) throws IOException, InterruptedException {
    long lost = 0;
    for (String id : acknowledged) {
      // a known id refuses another write with it
      if (send("PUT", app.url() + "/api/waterings/" + id, watering(plant, "0.77")).statusCode()
          != 409) {
        lost++;
      }
    }
    return lost;
  }
}
