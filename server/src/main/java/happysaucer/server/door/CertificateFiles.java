package happysaucer.server.door;

import happysaucer.server.keeping.CannotStartException;
import java.io.IOException;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.PrivateKey;
import java.security.Signature;
import java.security.cert.CertificateExpiredException;
import java.security.cert.CertificateNotYetValidException;
import java.security.cert.X509Certificate;
import java.util.List;
import org.springframework.boot.ssl.pem.PemContent;

/** Looks through a certificate and its key before the server starts with them. */
public final class CertificateFiles {
  private static final byte[] SIGNED = {1, 2, 3};

  private CertificateFiles() {}

  /**
   * @throws CannotStartException with what to mend
   */
  public static void check(Path certificate, Path key) {
    X509Certificate first = certificates(certificate).get(0);
    PrivateKey secret = key(key);
    try {
      first.checkValidity();
    } catch (CertificateExpiredException e) {
      throw new CannotStartException(
          "The certificate " + certificate + " ended on " + first.getNotAfter() + ". Renew it.");
    } catch (CertificateNotYetValidException e) {
      throw new CannotStartException(
          "The certificate " + certificate + " begins on " + first.getNotBefore() + ".");
    }
    if (!belongs(first, secret)) {
      throw new CannotStartException(
          "The key "
              + key
              + " does not belong to the first certificate of "
              + certificate
              + ". The server's own certificate comes first, the authorities after it.");
    }
  }

  private static List<X509Certificate> certificates(Path file) {
    try {
      return PemContent.load(file).getCertificates();
    } catch (IOException | IllegalStateException e) {
      throw new CannotStartException(
          "There is no certificate in " + file + ". Give a PEM file, the server's own first.");
    }
  }

  private static PrivateKey key(Path file) {
    try {
      PrivateKey key = PemContent.load(file).getPrivateKey();
      if (key != null) {
        return key;
      }
    } catch (IOException | IllegalStateException e) {
      // told below
    }
    throw new CannotStartException(
        "There is no private key in " + file + ". Give a PEM file without a password.");
  }

  private static boolean belongs(X509Certificate certificate, PrivateKey key) {
    try {
      Signature signature =
          Signature.getInstance(
              switch (key.getAlgorithm()) {
                case "RSA" -> "SHA256withRSA";
                case "EC" -> "SHA256withECDSA";
                default -> key.getAlgorithm();
              });
      signature.initSign(key);
      signature.update(SIGNED);
      byte[] signed = signature.sign();
      signature.initVerify(certificate.getPublicKey());
      signature.update(SIGNED);
      return signature.verify(signed);
    } catch (GeneralSecurityException e) {
      return false;
    }
  }
}
