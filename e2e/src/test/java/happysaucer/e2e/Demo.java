package happysaucer.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** One application with demo data at a fixed clock, and one browser, for all tests of a run. */
final class Demo {
  static final String CLOCK = "2027-04-12T08:30";
  private static App app;
  private static Chromium chromium;

  private Demo() {}

  static synchronized App app() {
    if (app == null) {
      app = App.start(folder(), "--saucer.demo=true", "--saucer.clock=" + CLOCK);
      Runtime.getRuntime().addShutdownHook(new Thread(app::close));
    }
    return app;
  }

  static synchronized Chromium chromium() {
    if (chromium == null) {
      chromium = new Chromium();
      Runtime.getRuntime().addShutdownHook(new Thread(chromium::close));
    }
    return chromium;
  }

  private static Path laidIn;

  /** A folder of its own with the demo in it, copied from one that was laid in once. */
  static synchronized Path laidIn() {
    if (laidIn == null) {
      laidIn = folder();
      App.start(laidIn, "--saucer.demo=true", "--saucer.clock=" + CLOCK).close();
    }
    Path copy = folder();
    try {
      Files.copy(laidIn.resolve("saucer.mv.db"), copy.resolve("saucer.mv.db"));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return copy;
  }

  static Path folder() {
    try {
      return Files.createTempDirectory("saucer-e2e");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
