package happysaucer.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.io.ByteArrayInputStream;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.cert.Certificate;
import java.security.cert.CertificateFactory;
import java.util.HexFormat;
import java.util.Locale;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.Test;

/** A secure page by an authority of the team's own, which a device learns to trust. */
class TrustTest {
  private static HttpResponse<byte[]> get(HttpClient client, String url) throws Exception {
    return client.send(
        HttpRequest.newBuilder(URI.create(url)).build(), HttpResponse.BodyHandlers.ofByteArray());
  }

  private static HttpClient trusting(Certificate authority) throws Exception {
    KeyStore trusted = KeyStore.getInstance(KeyStore.getDefaultType());
    trusted.load(null, null);
    trusted.setCertificateEntry("authority", authority);
    TrustManagerFactory managers =
        TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
    managers.init(trusted);
    SSLContext context = SSLContext.getInstance("TLS");
    context.init(null, managers.getTrustManagers(), null);
    return HttpClient.newBuilder().sslContext(context).build();
  }

  @Test
  void whoTrustsTheAuthorityComesInSecurelyAndWhoDoesNotIsToldHow() throws Exception {
    Path data = Demo.laidIn();
    Path tls = data.resolve("tls");
    Process made =
        new ProcessBuilder("../bin/certificate", tls.toString(), Chromium.OTHER_NAME)
            .inheritIO()
            .start();
    assertThat(made.waitFor()).isZero();
    int plainPort;
    try (ServerSocket free = new ServerSocket(0)) {
      plainPort = free.getLocalPort();
    }
    App app =
        App.start(
            data,
            "--saucer.demo=true",
            "--saucer.clock=" + Demo.CLOCK,
            "--server.ssl.key-store=" + tls.resolve("server.p12"),
            "--server.ssl.key-store-password=" + Files.readString(tls.resolve("secret")),
            "--server.ssl.key-alias=server",
            "--saucer.authority=" + tls.resolve("authority.crt"),
            "--saucer.plain-port=" + plainPort);
    try {
      String secure = app.url().replace("http://", "https://");
      String plain = "http://localhost:" + plainPort;
      HttpClient stranger = HttpClient.newHttpClient();
      assertThatThrownBy(() -> get(stranger, secure + "/"))
          .isInstanceOf(SSLHandshakeException.class);
      HttpResponse<byte[]> taken = get(stranger, plain + "/trust/authority.crt");
      Certificate authority =
          CertificateFactory.getInstance("X.509")
              .generateCertificate(new ByteArrayInputStream(taken.body()));
      String fingerprint =
          HexFormat.ofDelimiter(":")
              .formatHex(MessageDigest.getInstance("SHA-256").digest(authority.getEncoded()))
              .toUpperCase(Locale.ROOT);
      assertThat(new String(get(stranger, plain + "/trust").body())).contains(fingerprint);
      assertThat(Files.readString(app.log())).contains(fingerprint);
      assertThat(get(trusting(authority), secure + "/").statusCode()).isEqualTo(200);
      assertThat(get(stranger, plain + "/api/session").statusCode())
          .as("nothing but that is served in the plain")
          .isEqualTo(307);
      assertThat(
              stranger
                  .send(
                      HttpRequest.newBuilder(URI.create(plain + "/api/session"))
                          .POST(HttpRequest.BodyPublishers.ofString("{}"))
                          .build(),
                      HttpResponse.BodyHandlers.discarding())
                  .statusCode())
          .isEqualTo(403);
      shownInTheApp(secure, fingerprint);
    } finally {
      app.close();
    }
  }

  private static void shownInTheApp(String secure, String fingerprint) {
    try (BrowserContext context =
        Demo.chromium()
            .browser()
            .newContext(
                new Browser.NewContextOptions().setBaseURL(secure).setIgnoreHTTPSErrors(true))) {
      Page page = Chromium.signedIn(context, "Odda Fennick");
      page.navigate("/phones");
      page.getByText(fingerprint).waitFor();
      assertThat(page.evaluate("window.isSecureContext")).isEqualTo(true);
      assertThat(page.locator("img[alt^='Code that leads to http://']").isVisible()).isTrue();
    }
  }
}
