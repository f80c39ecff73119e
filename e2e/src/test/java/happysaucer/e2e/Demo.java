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

  static Path folder() {
    try {
      return Files.createTempDirectory("saucer-e2e");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
