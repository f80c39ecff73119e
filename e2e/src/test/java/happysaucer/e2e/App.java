package happysaucer.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** The finished application, started as a user would start it, in a process of its own. */
final class App implements AutoCloseable {
  private static final int MOST_SECONDS = 120;

  private final Path data;
  private final int port;
  private final List<String> options;
  private Process process;

  private App(Path data, int port, List<String> options) {
    this.data = data;
    this.port = port;
    this.options = options;
  }

  static App start(Path data, String... options) {
    App app = new App(data, freePort(), List.of(options));
    app.start();
    return app;
  }

  static Path jar() {
    try (Stream<Path> files = Files.list(Path.of("../server/target"))) {
      return files
          .filter(file -> file.getFileName().toString().endsWith("-app.jar"))
          .findFirst()
          .orElseThrow(() -> new IllegalStateException("Build the server first."))
          .toAbsolutePath();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  void start() {
    List<String> command =
        new ArrayList<>(
            List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-jar",
                jar().toString(),
                "--saucer.data=" + data,
                "--server.port=" + port,
                "--server.address=127.0.0.1"));
    command.addAll(options);
    try {
      process =
          new ProcessBuilder(command)
              .redirectErrorStream(true)
              .redirectOutput(data.resolveSibling(data.getFileName() + ".log").toFile())
              .start();
      waitUntilItServes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void waitUntilItServes() throws IOException {
    Path log = data.resolveSibling(data.getFileName() + ".log");
    for (int i = 0; i < MOST_SECONDS * 5; i++) {
      if (Files.readString(log).contains("is serving")) {
        return;
      }
      if (!process.isAlive()) {
        break;
      }
      pause();
    }
    throw new IllegalStateException("The application did not start:\n" + Files.readString(log));
  }

  private static void pause() {
    try {
      TimeUnit.MILLISECONDS.sleep(200);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  Path data() {
    return data;
  }

  String url() {
    return "http://localhost:" + port;
  }

  /** As by kill -9: no shutdown hook runs. */
  void kill() {
    process.destroyForcibly();
    awaitEnd();
  }

  private void awaitEnd() {
    try {
      process.waitFor(30, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  @Override
  public void close() {
    process.destroy();
    awaitEnd();
  }

  private static int freePort() {
    try (ServerSocket socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
