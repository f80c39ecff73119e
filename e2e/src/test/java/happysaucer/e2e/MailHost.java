package happysaucer.e2e;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * A mail host (SMTP) that keeps the Message-ID of all it has taken; at times it asks to be tried
 * again later.
 */
final class MailHost implements AutoCloseable {
  private final ServerSocket door;
  private final List<String> taken = Collections.synchronizedList(new ArrayList<>());
  private final AtomicInteger asked = new AtomicInteger();
  private final int refusesEach;

  /**
   * @param refusesEach so many messages are taken for one that is to be tried again; 0 for none
   */
  MailHost(int refusesEach) throws IOException {
    this.refusesEach = refusesEach;
    door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
    Thread host = new Thread(this::serve, "mail host");
    host.setDaemon(true);
    host.start();
  }

  int port() {
    return door.getLocalPort();
  }

  List<String> taken() {
    synchronized (taken) {
      return List.copyOf(taken);
    }
  }

  private void serve() {
    while (!door.isClosed()) {
      try {
        Socket caller = door.accept();
        Thread talk = new Thread(() -> talk(caller), "mail");
        talk.setDaemon(true);
        talk.start();
      } catch (IOException e) {
        return;
      }
    }
  }

  private void talk(Socket caller) {
    try (caller;
        BufferedReader in =
            new BufferedReader(
                new InputStreamReader(caller.getInputStream(), StandardCharsets.UTF_8))) {
      say(caller, "220 here");
      for (String line = in.readLine(); line != null; line = in.readLine()) {
        String word = line.length() < 4 ? line : line.substring(0, 4).toUpperCase();
        if (word.equals("DATA")) {
          say(caller, "354 go on");
          String id = read(in);
          TimeUnit.MILLISECONDS.sleep(5);
          if (refusesEach > 0 && asked.incrementAndGet() % refusesEach == 0) {
            say(caller, "451 try again later");
          } else {
            taken.add(id);
            say(caller, "250 taken");
          }
        } else if (word.equals("QUIT")) {
          say(caller, "221 bye");
          return;
        } else {
          say(caller, "250 ok");
        }
      }
    } catch (IOException e) {
      // the caller was killed
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  /** A message to its end; answers its Message-ID. */
  private static String read(BufferedReader in) throws IOException {
    String id = "";
    for (String line = in.readLine(); line != null && !line.equals("."); line = in.readLine()) {
      if (line.startsWith("Message-ID:")) {
        id = line.substring(11).trim();
      }
    }
    return id;
  }

  private static void say(Socket caller, String words) throws IOException {
    caller.getOutputStream().write((words + "\r\n").getBytes(StandardCharsets.US_ASCII));
    caller.getOutputStream().flush();
  }

  @Override
  public void close() {
    try {
      door.close();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
