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
  private static final String APPLICATION = "happysaucer.server.Application";

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

  static App unstarted(Path data, String... options) {
    return new App(data, freePort(), List.of(options));
  }

  /** Begins to start, and is killed so many milliseconds later, wherever it then is. */
  void startAndKillAfter(int millis) throws IOException, InterruptedException {
    process =
        new ProcessBuilder(command())
            .redirectErrorStream(true)
            .redirectOutput(log().toFile())
            .start();
    process.waitFor(millis, TimeUnit.MILLISECONDS);
    kill();
  }

  /**
   * No file may grow beyond so many kB any more; -1 lifts it. Writing on fails as on a full disk.
   */
  void limitFiles(long kilobytes) throws IOException, InterruptedException {
    String soft = kilobytes < 0 ? "unlimited" : Long.toString(kilobytes * 1024);
    new ProcessBuilder(
            "prlimit", "--pid", Long.toString(process.pid()), "--fsize=" + soft + ":unlimited")
        .inheritIO()
        .start()
        .waitFor();
  }

  Path log() {
    return data.resolveSibling(data.getFileName() + ".log");
  }

  /** A command that has ended, with all it said. */
  record Ended(int status, String words) {}

  /** The finished application with options with which it does not stay. */
  static Ended ended(List<String> options) throws IOException, InterruptedException {
    List<String> command = program(APPLICATION);
    command.addAll(options);
    return run(command);
  }

  /** The tool behind bin/backup and bin/restore. */
  static Ended command(String... arguments) throws IOException, InterruptedException {
    List<String> command = program("happysaucer.server.keeping.BackupTool");
    command.addAll(List.of(arguments));
    return run(command);
  }

  private static Ended run(List<String> command) throws IOException, InterruptedException {
    Path log = Files.createTempFile("saucer-ended", ".log");
    Process process =
        new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(log.toFile()).start();
    if (!process.waitFor(120, TimeUnit.SECONDS)) {
      process.destroyForcibly();
    }
    return new Ended(process.waitFor(), Files.readString(log));
  }

  private static String java() {
    return Path.of(System.getProperty("java.home"), "bin", "java").toString();
  }

  private static List<String> program;

  /** The command that runs the application, unpacked and with a class archive as bin/run has it. */
  private static synchronized List<String> program() {
    if (program == null) {
      program = prepared();
    }
    return program;
  }

  private static List<String> prepared() {
    Path unpacked = Path.of("target", "app").toAbsolutePath();
    Path archive = unpacked.resolve("app.jsa");
    try {
      run(
          List.of(
              java(),
              "-Djarmode=tools",
              "-jar",
              jar().toString(),
              "extract",
              "--force",
              "--destination",
              unpacked.toString()));
      Path main = unpacked.resolve(jar().getFileName());
      List<String> start =
          List.of(
              java(),
              "-XX:TieredStopAtLevel=1",
              "-XX:+UseSerialGC",
              "-Xlog:cds=off",
              "-Xlog:cds+dynamic=off");
      List<String> trial = new ArrayList<>(start);
      trial.add("-XX:ArchiveClassesAtExit=" + archive);
      trial.addAll(
          List.of("-jar", main.toString(), "--server.port=0", "--server.address=127.0.0.1"));
      trial.add("--saucer.data=" + Files.createTempDirectory("saucer-trial"));
      trial.add("--saucer.stop-after-start=true");
      run(trial);
      List<String> all = new ArrayList<>(start);
      all.addAll(
          List.of("-XX:SharedArchiveFile=" + archive, "-Xshare:auto", "-cp", main.toString()));
      return all;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  private static List<String> program(String main) {
    List<String> command = new ArrayList<>(program());
    command.add(main);
    return command;
  }

  private static Path jar() {
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

  private List<String> command() {
    List<String> command = program(APPLICATION);
    command.addAll(List.of("--saucer.data=" + data, "--server.port=" + port));
    if (options.stream().noneMatch(option -> option.startsWith("--server.address"))) {
      command.add("--server.address=127.0.0.1");
    }
    command.addAll(options);
    return command;
  }

  void start() {
    try {
      process =
          new ProcessBuilder(command())
              .redirectErrorStream(true)
              .redirectOutput(log().toFile())
              .start();
      waitUntilItServes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void waitUntilItServes() throws IOException {
    Path log = log();
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
