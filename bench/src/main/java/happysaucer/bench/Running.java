package happysaucer.bench;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** The finished application with demo data, at work in a process of its own. */
final class Running implements AutoCloseable {
  private final Process process;
  private final int port;

  private Running(Process process, int port) {
    this.process = process;
    this.port = port;
  }

  /** Starts on the morning of a day, and returns once it serves. */
  static Running start(Path jar, Path data, LocalDate today)
      throws IOException, InterruptedException {
    return launch(jar, data, today);
  }

  /** Starts and stops again: the tables and the demo team are there after it. */
  static void once(Path jar, Path data, LocalDate today) throws IOException, InterruptedException {
    Running first = launch(jar, data, today, "--saucer.stop-after-start=true");
    first.process.waitFor(120, TimeUnit.SECONDS);
  }

  private static Running launch(Path jar, Path data, LocalDate today, String... more)
      throws IOException, InterruptedException {
    int port = freePort();
    List<String> command =
        new ArrayList<>(
            List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-jar",
                jar.toString(),
                "--saucer.data=" + data,
                "--saucer.demo=true",
                "--saucer.clock=" + today + "T08:30",
                "--server.port=" + port,
                "--server.address=127.0.0.1"));
    command.addAll(Arrays.asList(more));
    Path log = data.resolveSibling(data.getFileName() + ".log");
    Process process =
        new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(log.toFile()).start();
    while (process.isAlive() && !Files.readString(log).contains("is serving")) {
      TimeUnit.MILLISECONDS.sleep(200);
    }
    return new Running(process, port);
  }

  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    }
  }

  String url() {
    return "http://127.0.0.1:" + port;
  }

  @Override
  public void close() throws InterruptedException {
    process.destroy();
    process.waitFor(30, TimeUnit.SECONDS);
  }
}
