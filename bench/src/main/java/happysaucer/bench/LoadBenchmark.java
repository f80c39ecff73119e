package happysaucer.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The demo under load: what a request of each kind costs in CPU, one after the other, and how long
 * mixed reads take when so many begin in each second whether or not those before have ended; a
 * request that had to wait counts from when it should have begun.
 */
public final class LoadBenchmark {
  private static final LocalDate TODAY = LocalDate.of(2027, 4, 12);
  private static final int EACH = 300;
  private static final int WARM_UP = 400;
  private static final int WRITES = 400;
  private static final Pattern ID = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"");

  private static final List<String> AS_RUN = List.of("-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC");

  private final HttpClient client =
      HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
  private final Random random = new Random(17);
  private final Map<String, Kind> kinds = new LinkedHashMap<>();
  private final Running app;
  private final String technician =
      "Basic "
          + Base64.getEncoder()
              .encodeToString("technician:happy-saucer".getBytes(StandardCharsets.UTF_8));

  /** A kind of request, and how many of a hundred are of it. */
  private record Kind(int share, Supplier<String> path, String body) {}

  private LoadBenchmark(Running app) {
    this.app = app;
  }

  /**
   * @param args the app's jar, an empty folder, requests a second, seconds, and "c1", "full" or
   *     "nosync"
   */
  public static void main(String[] args) throws Exception {
    Path jar = Path.of(args[0]);
    Path data = Path.of(args[1]);
    int rate = Integer.parseInt(args[2]);
    int seconds = Integer.parseInt(args[3]);
    List<String> flags = args[4].equals("c1") ? AS_RUN : List.of("-XX:+UseSerialGC");
    List<String> options = args[4].equals("nosync") ? List.of("--saucer.sync=false") : List.of();
    long began = System.nanoTime();
    try (Running app = Running.start(jar, data, TODAY, flags, options)) {
      System.out.printf(
          "%s: served after %.1f s, %.1f s of CPU%n",
          args[4], (System.nanoTime() - began) / 1e9, app.cpu().toMillis() / 1e3);
      LoadBenchmark load = new LoadBenchmark(app);
      load.prepare();
      load.cost();
      load.mixed(rate, seconds);
      load.writes();
    }
  }

  private HttpRequest request(String path, String body) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(app.url() + path))
            .header("Authorization", technician)
            .timeout(Duration.ofSeconds(60));
    return body == null
        ? request.build()
        : request
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(body))
            .build();
  }

  private String get(String path) throws IOException, InterruptedException {
    HttpResponse<String> answer =
        client.send(request(path, null), HttpResponse.BodyHandlers.ofString());
    if (answer.statusCode() != 200) {
      throw new IllegalStateException(path + ": " + answer.statusCode() + " " + answer.body());
    }
    return answer.body();
  }

  private List<String> ids(String path) throws IOException, InterruptedException {
    List<String> ids = new ArrayList<>();
    Matcher matcher = ID.matcher(get(path));
    while (matcher.find()) {
      ids.add(matcher.group(1));
    }
    return ids;
  }

  private String one(List<String> all) {
    return all.get(random.nextInt(all.size()));
  }

  private void prepare() throws IOException, InterruptedException {
    List<String> plants = ids("/api/plants");
    List<String> jobs = ids("/api/jobs?from=2027-03-01&to=2027-09-01");
    String preview =
        "{\"signs\":[{\"code\":\"ROOTS_FROM_DRAIN_HOLES\",\"grade\":\"CLEAR\"}],\"states\":null}";
    kinds.put("round", new Kind(16, () -> "/api/round", null));
    kinds.put("plant", new Kind(28, () -> "/api/plants/" + one(plants), null));
    kinds.put("check", new Kind(12, () -> "/api/plants/" + one(plants) + "/advice", preview));
    kinds.put("fit", new Kind(5, () -> "/api/plants/" + one(plants) + "/fit", null));
    kinds.put("plants", new Kind(12, () -> "/api/plants?pressingFirst=true", null));
    kinds.put("find", new Kind(8, () -> "/api/find?text=t-0" + random.nextInt(5), null));
    kinds.put("jobs", new Kind(5, () -> "/api/jobs?from=2027-04-01&to=2027-06-01", null));
    kinds.put("job", new Kind(6, () -> "/api/jobs/" + one(jobs), null));
    kinds.put("sheet", new Kind(2, () -> "/api/jobs/" + one(jobs) + "/sheet", null));
    kinds.put("shelf", new Kind(3, () -> "/api/shelf", null));
    kinds.put("session", new Kind(3, () -> "/api/session", null));
  }

  private void cost() throws IOException, InterruptedException {
    System.out.printf("%-10s %10s %10s %10s%n", "", "CPU ms", "median ms", "95th ms");
    for (Map.Entry<String, Kind> kind : kinds.entrySet()) {
      double[] ms = new double[EACH];
      Duration before = Duration.ZERO;
      for (int i = -WARM_UP; i < EACH; i++) {
        if (i == 0) {
          before = app.cpu();
        }
        long from = System.nanoTime();
        HttpResponse<byte[]> answer =
            client.send(
                request(kind.getValue().path().get(), kind.getValue().body()),
                HttpResponse.BodyHandlers.ofByteArray());
        if (answer.statusCode() != 200) {
          throw new IllegalStateException(kind.getKey() + ": " + answer.statusCode());
        }
        if (i >= 0) {
          ms[i] = (System.nanoTime() - from) / 1e6;
        }
      }
      double cpu = app.cpu().minus(before).toNanos() / 1e6 / EACH;
      Arrays.sort(ms);
      System.out.printf(
          "%-10s %10.1f %10.1f %10.1f%n", kind.getKey(), cpu, ms[EACH / 2], ms[EACH * 95 / 100]);
    }
  }

  private Kind drawn() {
    int draw = random.nextInt(100);
    for (Kind kind : kinds.values()) {
      draw -= kind.share();
      if (draw < 0) {
        return kind;
      }
    }
    throw new IllegalStateException("the shares are less than a hundred");
  }

  private void mixed(int rate, int seconds) throws InterruptedException {
    int count = rate * seconds;
    double[] ms = new double[count];
    AtomicInteger failed = new AtomicInteger();
    List<CompletableFuture<?>> open = new ArrayList<>();
    Duration before = app.cpu();
    long start = System.nanoTime();
    for (int i = 0; i < count; i++) {
      long due = start + i * 1_000_000_000L / rate;
      long left = due - System.nanoTime();
      if (left > 0) {
        TimeUnit.NANOSECONDS.sleep(left);
      }
      Kind kind = drawn();
      int n = i;
      open.add(
          client
              .sendAsync(
                  request(kind.path().get(), kind.body()), HttpResponse.BodyHandlers.ofByteArray())
              .handle(
                  (answer, e) -> {
                    ms[n] = (System.nanoTime() - due) / 1e6;
                    if (e != null || answer.statusCode() != 200) {
                      failed.incrementAndGet();
                    }
                    return null;
                  }));
    }
    open.forEach(CompletableFuture::join);
    double took = (System.nanoTime() - start) / 1e9;
    double cpu = app.cpu().minus(before).toMillis() / 1e3;
    Arrays.sort(ms);
    System.out.printf(
        "mixed reads, %d a second for %d s (ended after %.1f s): median %.1f, 95th %.1f, 99th %.1f, worst %.1f ms; %.0f %% of a core; %d failed%n",
        rate,
        seconds,
        took,
        ms[count / 2],
        ms[count * 95 / 100],
        ms[count * 99 / 100],
        ms[count - 1],
        100 * cpu / took,
        failed.get());
  }

  /** Waterings, one writer and eight at once: what it costs to have each on the disk. */
  private void writes() throws IOException, InterruptedException {
    List<String> plants = ids("/api/plants");
    for (int writers : new int[] {1, 8}) {
      long from = System.nanoTime();
      double[] ms = new double[WRITES];
      AtomicInteger next = new AtomicInteger();
      List<Thread> threads = new ArrayList<>();
      for (int w = 0; w < writers; w++) {
        Thread thread =
            new Thread(
                () -> {
                  for (int i = next.getAndIncrement(); i < WRITES; i = next.getAndIncrement()) {
                    ms[i] = write(plants.get(i % plants.size()));
                  }
                });
        thread.start();
        threads.add(thread);
      }
      for (Thread thread : threads) {
        thread.join();
      }
      double took = (System.nanoTime() - from) / 1e9;
      Arrays.sort(ms);
      System.out.printf(
          "waterings, %d at once: %.0f a second, median %.1f, 95th %.1f ms%n",
          writers, WRITES / took, ms[WRITES / 2], ms[WRITES * 95 / 100]);
    }
  }

  private double write(String plant) {
    String body =
        "{\"plantId\":\"%s\",\"wateredOn\":\"%s\",\"litres\":0.5}".formatted(plant, TODAY);
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(app.url() + "/api/waterings/" + UUID.randomUUID()))
            .header("Authorization", technician)
            .header("Content-Type", "application/json")
            .PUT(HttpRequest.BodyPublishers.ofString(body))
            .build();
    long from = System.nanoTime();
    try {
      int status = client.send(request, HttpResponse.BodyHandlers.discarding()).statusCode();
      if (status != 204) {
        throw new IllegalStateException("a watering was answered with " + status);
      }
    } catch (IOException e) {
      throw new IllegalStateException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
    return (System.nanoTime() - from) / 1e6;
  }
}
