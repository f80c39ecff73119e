package happysaucer.server.door;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import happysaucer.server.keeping.CannotStartException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.KeyPairGenerator;
import java.security.KeyStore;
import java.security.PrivateKey;
import java.util.Base64;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CertificateFilesTest {
  private static final char[] SECRET = "a secret of the test".toCharArray();

  @TempDir Path folder;
  private Path certificate;
  private Path key;

  @BeforeEach
  void made() throws Exception {
    Path store = folder.resolve("store.p12");
    Process keytool =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "keytool").toString(),
                "-genkeypair",
                "-keystore",
                store.toString(),
                "-storetype",
                "PKCS12",
                "-storepass",
                new String(SECRET),
                "-alias",
                "own",
                "-keyalg",
                "EC",
                "-dname",
                "CN=own")
            .inheritIO()
            .start();
    if (keytool.waitFor() != 0) {
      throw new IllegalStateException("keytool");
    }
    KeyStore keys = KeyStore.getInstance(store.toFile(), SECRET);
    certificate = pem("CERTIFICATE", keys.getCertificate("own").getEncoded());
    key = pem("PRIVATE KEY", ((PrivateKey) keys.getKey("own", SECRET)).getEncoded());
  }

  private Path pem(String what, byte[] bytes) throws IOException {
    return Files.writeString(
        folder.resolve(what + bytes.length + ".pem"),
        "-----BEGIN "
            + what
            + "-----\n"
            + Base64.getMimeEncoder(64, new byte[] {'\n'}).encodeToString(bytes)
            + "\n-----END "
            + what
            + "-----\n");
  }

  @Test
  void aPairThatBelongsTogetherIsTaken() {
    assertThatCode(() -> CertificateFiles.check(certificate, key)).doesNotThrowAnyException();
  }

  @Test
  void whatIsMissingOrDoesNotBelongIsNamed() throws Exception {
    Path junk = Files.writeString(folder.resolve("junk.pem"), "junk");
    said(junk, key, "no certificate in " + junk);
    said(folder.resolve("none"), key, "no certificate");
    said(certificate, junk, "no private key in " + junk);
    said(certificate, certificate, "no private key");
    KeyPairGenerator other = KeyPairGenerator.getInstance("RSA");
    other.initialize(2048);
    said(
        certificate,
        pem("PRIVATE KEY", other.generateKeyPair().getPrivate().getEncoded()),
        "does not belong");
  }

  private static void said(Path certificate, Path key, String words) {
    assertThatThrownBy(() -> CertificateFiles.check(certificate, key))
        .isInstanceOf(CannotStartException.class)
        .hasMessageContaining(words);
  }
}
