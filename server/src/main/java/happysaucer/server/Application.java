package happysaucer.server;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
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

  public static void main(String[] args) {
    SpringApplication application = new SpringApplication(Application.class);
    application.addInitializers(context -> checkFolderAndPort(context.getEnvironment()));
    ConfigurableApplicationContext context;
    try {
      context = application.run(args);
    } catch (CannotStartException e) {
      System.err.println(e.getMessage());
      System.exit(CANNOT_START);
      return;
    } catch (RuntimeException e) {
      e.printStackTrace();
      System.exit(1);
      return;
    }
    Environment environment = context.getEnvironment();
    if (environment.getProperty("saucer.stop-after-start", Boolean.class, false)) {
      context.close();
      return;
    }
    String host = environment.getProperty("server.address", "0.0.0.0");
    System.out.println(
        "Happy Saucer is serving on http://"
            + (host.equals("127.0.0.1") || host.equals("0.0.0.0") ? "localhost" : host)
            + ":"
            + environment.getProperty("local.server.port")
            + "  (data in "
            + environment.getProperty("saucer.data")
            + ")");
  }

  /** A reason not to start, in words for the person who started it. */
  public static final class CannotStartException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public CannotStartException(String message) {
      super(message);
    }
  }

  private static FileLock folderLock;

  static void checkFolderAndPort(Environment environment) {
    Path folder = Path.of(environment.getRequiredProperty("saucer.data"));
    try {
      Files.createDirectories(folder);
      FileChannel channel =
          FileChannel.open(
              folder.resolve("in-use"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
      folderLock = channel.tryLock();
    } catch (IOException | java.nio.channels.OverlappingFileLockException e) {
      throw new CannotStartException(
          "The data folder " + folder + " cannot be used: " + e.getMessage());
    }
    if (folderLock == null) {
      throw new CannotStartException(
          "The data folder "
              + folder
              + " is in use by another Happy Saucer. Stop that one, or choose another folder with --data DIR.");
    }
    int port = Integer.parseInt(environment.getProperty("server.port", "8080"));
    String host = environment.getProperty("server.address", "0.0.0.0");
    if (port == 0) {
      return;
    }
    try (ServerSocket socket = new ServerSocket()) {
      socket.setReuseAddress(true);
      socket.bind(new InetSocketAddress(InetAddress.getByName(host), port));
    } catch (IOException e) {
      throw new CannotStartException(
          "Port " + port + " is in use. Stop what uses it, or choose another with --port N.");
    }
  }
}
