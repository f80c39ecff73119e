package happysaucer.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What was acknowledged is there, whatever happens to the process; and a start that cannot be. */
class DurabilityTest {
  private static final int WRITERS = 4;
  private static final int LEAST_WRITES = 60;
  private final HttpClient client = HttpClient.newHttpClient();

  private HttpResponse<String> send(String method, String url, String body)
      throws IOException, InterruptedException {
    return client.send(
        HttpRequest.newBuilder(URI.create(url))
            .header(
                "Authorization",
                "Basic " + Base64.getEncoder().encodeToString("technician:happy-saucer".getBytes()))
            .header("Content-Type", "application/json")
            .method(
                method,
                body == null
                    ? HttpRequest.BodyPublishers.noBody()
                    : HttpRequest.BodyPublishers.ofString(body))
            .build(),
        HttpResponse.BodyHandlers.ofString());
  }

  private static String first(Pattern pattern, String text) {
    Matcher matcher = pattern.matcher(text);
    assertThat(matcher.find()).isTrue();
    return matcher.group(1);
  }

  @Test
  void aKillInTheMiddleOfWritesLosesNothingAcknowledged() throws Exception {
    Path data = Demo.folder();
    App app = App.start(data, "--saucer.demo=true", "--saucer.clock=" + Demo.CLOCK);
    try {
      String plant =
          first(
              Pattern.compile("\"id\":\"([0-9a-f-]{36})\""),
              send("GET", app.url() + "/api/plants?search=T-040", null).body());
      Set<String> acknowledged = ConcurrentHashMap.newKeySet();
      List<Thread> writers =
          IntStream.range(0, WRITERS).mapToObj(i -> writer(app, plant, acknowledged)).toList();
      writers.forEach(Thread::start);
      for (int i = 0; i < 300 && acknowledged.size() < LEAST_WRITES; i++) {
        TimeUnit.MILLISECONDS.sleep(50);
      }
      app.kill();
      for (Thread writer : writers) {
        writer.join(20_000);
      }
      assertThat(acknowledged.size()).isGreaterThanOrEqualTo(LEAST_WRITES);
      app.start();
      for (String id : acknowledged) {
        HttpResponse<String> again =
            send("PUT", app.url() + "/api/waterings/" + id, watering(plant, "0.77"));
        // The id is known, so another write with it is refused: the first one was kept.
        assertThat(again.statusCode()).isEqualTo(409);
      }
      assertThat(send("GET", app.url() + "/api/plants/" + plant, null).body()).contains("0.41");
    } finally {
      app.close();
    }
  }

  private static String watering(String plant, String litres) {
    return "{\"plantId\":\"%s\",\"wateredOn\":\"2027-04-12\",\"litres\":%s}"
        .formatted(plant, litres);
  }

  private Thread writer(App app, String plant, Set<String> acknowledged) {
    return new Thread(
        () -> {
          try {
            while (true) {
              String id = UUID.randomUUID().toString();
              int status =
                  send("PUT", app.url() + "/api/waterings/" + id, watering(plant, "0.41"))
                      .statusCode();
              if (status == 204) {
                acknowledged.add(id);
              }
            }
          } catch (IOException e) {
            // The process was killed: what it had not acknowledged may be gone.
          } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
          }
        });
  }

  @Test
  void aFolderOrAPortInUseIsSaidPlainly() throws Exception {
    App running = Demo.app();
    String port = running.url().substring(running.url().lastIndexOf(':') + 1);
    assertThat(refusal("--saucer.data=" + running.data(), "--server.port=0"))
        .contains("is in use by another Happy Saucer")
        .doesNotContain("Exception");
    assertThat(refusal("--saucer.data=" + Demo.folder(), "--server.port=" + port))
        .contains("Port " + port + " is in use")
        .doesNotContain("Exception");
  }

  private static String refusal(String... options) throws Exception {
    Path log = Files.createTempFile("saucer-refusal", ".log");
    List<String> command =
        new java.util.ArrayList<>(
            List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-jar",
                App.jar().toString(),
                "--server.address=127.0.0.1"));
    command.addAll(List.of(options));
    Process process =
        new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(log.toFile()).start();
    assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
    assertThat(process.exitValue()).isEqualTo(2);
    return Files.readString(log);
  }
}
