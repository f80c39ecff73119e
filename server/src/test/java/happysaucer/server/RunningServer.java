package happysaucer.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * Starts the real application once for all tests, with demo data at a fixed clock, and hands out
 * {@link Http} clients and beans.
 */
public final class RunningServer implements ParameterResolver {
  /** The fixed moment of all server tests. */
  public static final String CLOCK = "2027-04-12T08:30";

  private static ConfigurableApplicationContext context;

  static synchronized ConfigurableApplicationContext context() {
    if (context == null) {
      context = start(true);
      Runtime.getRuntime().addShutdownHook(new Thread(context::close));
    }
    return context;
  }

  static ConfigurableApplicationContext start(boolean demo) {
    return start(demo, CLOCK);
  }

  static ConfigurableApplicationContext start(boolean demo, String clock) {
    try {
      Path data = Files.createTempDirectory("saucer-test");
      return new SpringApplication(Application.class)
          .run(
              "--saucer.data=" + data,
              "--saucer.demo=" + demo,
              "--saucer.clock=" + clock,
              "--saucer.nightly-backup=false",
              "--saucer.post-every=0s",
              "--server.port=0",
              "--server.address=127.0.0.1");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static String url(ConfigurableApplicationContext running) {
    return "http://127.0.0.1:" + running.getEnvironment().getProperty("local.server.port");
  }

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext extension) {
    return parameter.getParameter().getType() == Http.class
        || context().getBeanProvider(parameter.getParameter().getType()).stream().count() == 1;
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext extension) {
    return parameter.getParameter().getType() == Http.class
        ? new Http(url(context()))
        : context().getBean(parameter.getParameter().getType());
  }
}
