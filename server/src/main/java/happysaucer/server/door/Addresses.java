package happysaucer.server.door;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** By which addresses others reach this server. */
@Component
public class Addresses {
  private static final List<String> ONLY_HERE =
      List.of("localhost", "127.0.0.1", "[::1]", "0.0.0.0");

  private final Hosts hosts;

  Addresses(Hosts hosts) {
    this.hosts = hosts;
  }

  /** The one this page was asked by, unless only this machine knows it; then the others. */
  public List<String> all() {
    ServletUriComponentsBuilder here = ServletUriComponentsBuilder.fromCurrentContextPath();
    String asked = here.toUriString();
    List<String> others =
        hosts.reachable().stream()
            .map(name -> here.cloneBuilder().host(name).toUriString())
            .toList();
    Stream<String> all =
        onlyHere(asked)
            ? Stream.concat(others.stream(), Stream.of(asked))
            : Stream.concat(Stream.of(asked), others.stream());
    return all.distinct().toList();
  }

  /** No other device reaches it. */
  public static boolean onlyHere(String address) {
    String host = address.replaceFirst("^[a-z]+://", "").replaceFirst(":[0-9]+$", "");
    return ONLY_HERE.contains(host) || host.endsWith(".localhost");
  }
}
