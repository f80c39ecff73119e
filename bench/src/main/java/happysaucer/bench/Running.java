package happysaucer.bench;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
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
  static Running start(Path jar, Path data, LocalDate today, String... more)
      throws IOException, InterruptedException {
    return launch(jar, data, today, more);
  }

  /** Starts and stops again: the tables and the demo team are there after it. */
  static void once(Path jar, Path data, LocalDate today) throws IOException, InterruptedException {
    Running first = launch(jar, data, today, "--saucer.stop-after-start=true");
    first.process.waitFor(120, TimeUnit.SECONDS);
  }

  /** The same under a virtual machine with these flags, and with further options of ours. */
  static Running start(
      Path jar, Path data, LocalDate today, List<String> flags, List<String> options)
      throws IOException, InterruptedException {
    return launch(jar, data, today, flags, options.toArray(String[]::new));
  }

  /** CPU time used so far. */
  Duration cpu() {
    return process.info().totalCpuDuration().orElse(Duration.ZERO);
  }

  private static Running launch(Path jar, Path data, LocalDate today, String... more)
      throws IOException, InterruptedException {
    return launch(jar, data, today, List.of(), more);
  }

  private static Running launch(
      Path jar, Path data, LocalDate today, List<String> flags, String... more)
      throws IOException, InterruptedException {
    int port = freePort();
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    command.addAll(flags);
    command.addAll(
        List.of(
            "-jar",
            jar.toString(),
            "--saucer.data=" + data,
            "--saucer.clock=" + today + "T08:30",
            "--server.port=" + port,
            "--server.address=127.0.0.1",
            "--saucer.nightly-backup=false"));
    if (Arrays.stream(more).noneMatch(option -> option.startsWith("--saucer.demo"))) {
      command.add("--saucer.demo=true");
    }
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
