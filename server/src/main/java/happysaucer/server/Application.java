package happysaucer.server;

import happysaucer.server.door.CertificateFiles;
import happysaucer.server.door.Trust;
import happysaucer.server.keeping.CannotStartException;
import happysaucer.server.keeping.DataFolder;
import happysaucer.server.keeping.StartTrouble;
import happysaucer.server.team.TeamStart;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.UnknownHostException;
import java.nio.file.Path;
import org.jspecify.annotations.Nullable;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.Environment;

/** Starts the server, or says plainly why it cannot. */
@SpringBootApplication
@MapperScan(
    basePackages = "happysaucer.server",
    annotationClass = org.apache.ibatis.annotations.Mapper.class)
public class Application {
  private static final int CANNOT_START = 2;
  private static final int UNFORESEEN = 1;

  public static void main(String[] args) {
    SpringApplication application = new SpringApplication(Application.class);
    DataFolder[] taken = new DataFolder[1];
    application.addInitializers(
        context -> {
          taken[0] = DataFolder.take(folder(context.getEnvironment()));
          Environment environment = context.getEnvironment();
          checkPort(environment, Integer.parseInt(environment.getProperty("server.port", "8080")));
          checkPort(environment, environment.getProperty("saucer.plain-port", Integer.class, 0));
          if (environment.containsProperty("server.ssl.certificate")) {
            CertificateFiles.check(
                Path.of(environment.getRequiredProperty("server.ssl.certificate")),
                Path.of(environment.getRequiredProperty("server.ssl.certificate-private-key")));
          }
        });
    ConfigurableApplicationContext context;
    try {
      context = application.run(args);
    } catch (RuntimeException e) {
      cannotStart(e, taken[0]);
      return;
    }
    Environment environment = context.getEnvironment();
    if (environment.getProperty("saucer.stop-after-start", Boolean.class, false)) {
      context.close();
      return;
    }
    String host = environment.getProperty("server.address", "0.0.0.0");
    boolean secure = secure(environment);
    System.out.println(
        "Happy Saucer is serving on "
            + (secure ? "https://" : "http://")
            + (host.equals("127.0.0.1") || host.equals("0.0.0.0") ? "localhost" : host)
            + ":"
            + environment.getProperty("local.server.port")
            + "  (data in "
            + environment.getProperty("saucer.data")
            + ")");
    Trust trust = context.getBean(Trust.class);
    trust
        .own()
        .ifPresent(
            own ->
                System.out.println(
                    "Phones come to trust it at "
                        + String.join(" or ", trust.pages())
                        + ". Its fingerprint there must be "
                        + own.fingerprint()));
    context
        .getBean(TeamStart.class)
        .demoPassword()
        .ifPresent(
            password ->
                System.out.println(
                    "Other devices can reach this demo. Its accounts planner, technician and counter have the password "
                        + password
                        + " until the next start."));
  }

  private static boolean secure(Environment environment) {
    return environment.containsProperty("server.ssl.key-store")
        || environment.containsProperty("server.ssl.certificate");
  }

  private static void cannotStart(RuntimeException trouble, @Nullable DataFolder folder) {
    String words =
        StartTrouble.words(trouble, folder == null ? "the data folder" : folder.path().toString())
            .orElse(null);
    if (folder != null) {
      try {
        folder.takeBack();
      } catch (IOException e) {
        System.err.println("What was unfinished could not be taken back: " + e.getMessage());
      }
    }
    if (words == null) {
      trouble.printStackTrace();
      System.exit(UNFORESEEN);
    }
    System.err.println(words);
    System.exit(CANNOT_START);
  }

  private static Path folder(Environment environment) {
    return Path.of(environment.getRequiredProperty("saucer.data"));
  }

  private static void checkPort(Environment environment, int port) {
    String host = environment.getProperty("server.address", "0.0.0.0");
    if (port == 0) {
      return;
    }
    try (ServerSocket socket = new ServerSocket()) {
      socket.setReuseAddress(true);
      socket.bind(new InetSocketAddress(InetAddress.getByName(host), port));
    } catch (UnknownHostException e) {
      throw new CannotStartException(
          "This machine has no address " + host + ". Choose another with --host H.");
    } catch (IOException e) {
      throw new CannotStartException(portWords(host, port, String.valueOf(e.getMessage())));
    }
  }

  /** The port is only in use when something uses it. */
  private static String portWords(String host, int port, String message) {
    if (message.contains("in use")) {
      return "Port " + port + " is in use. Stop what uses it, or choose another with --port N.";
    }
    if (message.contains("ermission")) {
      return "Port "
          + port
          + " may not be opened by this user. Choose one over 1023 with --port N.";
    }
    if (message.contains("assign")) {
      return "This machine has no address " + host + ". Choose another with --host H.";
    }
    return "Port " + port + " on " + host + " cannot be opened: " + message + ".";
  }
}
