package happysaucer.server.door;

import happysaucer.server.keeping.CannotStartException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.cert.CertificateException;
import java.security.cert.CertificateFactory;
import java.security.cert.X509Certificate;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The authority of the team's own, where this server is secured by one. */
@Component
public class Trust {
  private final Hosts hosts;
  private final int plainPort;
  private final @Nullable Own own;

  /**
   * @param fingerprint SHA-256 of the authority's certificate, in pairs
   */
  public record Own(byte[] certificate, String fingerprint, LocalDate until) {}

  /**
   * @param authority file with its certificate, PEM; empty where there is none
   * @param plainPort on which a device reads how to trust it, before it does
   */
  Trust(
      Hosts hosts,
      @Value("${saucer.authority:}") String authority,
      @Value("${saucer.plain-port:0}") int plainPort) {
    this.hosts = hosts;
    this.plainPort = plainPort;
    this.own = authority.isEmpty() ? null : read(Path.of(authority));
  }

  private static Own read(Path file) {
    try (InputStream in = Files.newInputStream(file)) {
      X509Certificate certificate =
          (X509Certificate) CertificateFactory.getInstance("X.509").generateCertificate(in);
      byte[] encoded = certificate.getEncoded();
      return new Own(
          encoded,
          HexFormat.ofDelimiter(":")
              .formatHex(MessageDigest.getInstance("SHA-256").digest(encoded))
              .toUpperCase(Locale.ROOT),
          LocalDate.ofInstant(certificate.getNotAfter().toInstant(), ZoneOffset.UTC));
    } catch (IOException | CertificateException | NoSuchAlgorithmException e) {
      throw new CannotStartException(
          "The authority " + file + " cannot be read: " + e.getMessage());
    }
  }

  public Optional<Own> own() {
    return Optional.ofNullable(own);
  }

  int plainPort() {
    return plainPort;
  }

  /** Where a device reads how to trust it; this machine's own address where no other is known. */
  public List<String> pages() {
    List<String> names = hosts.reachable().isEmpty() ? List.of("localhost") : hosts.reachable();
    return names.stream().map(name -> "http://" + name + ":" + plainPort + "/trust").toList();
  }
}
