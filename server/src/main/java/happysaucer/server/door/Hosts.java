package happysaucer.server.door;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The names this server answers to. A page of somebody else's whose name was bent to this machine
 * is told apart by it: its requests carry its own name.
 */
@Component
public class Hosts {
  private static final Pattern ADDRESS =
      Pattern.compile("\\d{1,3}(\\.\\d{1,3}){3}|\\[[0-9a-f:.%]+]");
  private static final Set<String> LOOPBACK = Set.of("localhost", "127.0.0.1", "[::1]");

  private final Set<String> names = new HashSet<>(LOOPBACK);
  private final List<String> given;
  private final boolean onlyHere;

  /**
   * @param given names by which other devices reach it, besides the machine's own
   */
  Hosts(
      @Value("${server.address:0.0.0.0}") String address,
      @Value("${saucer.names:}") List<String> given) {
    onlyHere = isLoopback(address);
    this.given = given.stream().map(name -> name.trim().toLowerCase(Locale.ROOT)).toList();
    names.addAll(this.given);
    if (!onlyHere) {
      try {
        String own = InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
        names.add(own);
        names.add(own + ".local");
      } catch (UnknownHostException e) {
        // a machine without a name is reached by its address
      }
    }
  }

  static boolean isLoopback(String address) {
    try {
      return InetAddress.getByName(address).isLoopbackAddress();
    } catch (UnknownHostException e) {
      return false;
    }
  }

  /** Whether other devices cannot reach it. */
  public boolean onlyHere() {
    return onlyHere;
  }

  /** By what other devices may reach it: names it was given, then its addresses, IPv4. */
  public List<String> reachable() {
    if (onlyHere) {
      return List.of();
    }
    List<String> reachable = new ArrayList<>(given);
    try {
      for (NetworkInterface card : Collections.list(NetworkInterface.getNetworkInterfaces())) {
        if (!card.isLoopback() && card.isUp()) {
          Collections.list(card.getInetAddresses()).stream()
              .filter(Inet4Address.class::isInstance)
              .map(InetAddress::getHostAddress)
              .forEach(reachable::add);
        }
      }
    } catch (SocketException e) {
      // what it is reached by is then only known by the page that asks
    }
    return reachable;
  }

  /**
   * @param header as sent, with or without a port
   */
  boolean knows(@Nullable String header) {
    if (header == null) {
      return false;
    }
    String host = withoutPort(header.trim().toLowerCase(Locale.ROOT));
    return names.contains(host)
        || host.endsWith(".localhost")
        || (!onlyHere && ADDRESS.matcher(host).matches());
  }

  private static String withoutPort(String host) {
    int colon = host.lastIndexOf(':');
    return colon > host.lastIndexOf(']') ? host.substring(0, colon) : host;
  }
}
