package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;

@ExtendWith(RunningServer.class)
class SignInTest {
  private final Http http;

  SignInTest(Http http) {
    this.http = http;
  }

  @Test
  void scriptsUseBasicWithoutChallengeSessionOrToken() {
    Http.Answer nobody = http.get("/api/plants");
    assertThat(nobody.status()).isEqualTo(401);
    assertThat(nobody.raw().headers().firstValue("WWW-Authenticate")).isEmpty();
    Http.Answer technician = http.as("technician").get("/api/plants");
    assertThat(technician.status()).isEqualTo(200);
    assertThat(technician.raw().headers().allValues("Set-Cookie"))
        .noneMatch(cookie -> cookie.startsWith("JSESSIONID"));
    assertThat(http.as("technician", "wrong-password").get("/api/plants").status()).isEqualTo(401);
  }

  @Test
  void failuresAreSlowedPerAccount() {
    int status = 0;
    for (int i = 0; i < 8; i++) {
      Http.Answer answer =
          http.as("nobody-" + getClass().hashCode(), "guess-" + i).get("/api/plants");
      status = answer.status();
      if (status == 429) {
        assertThat(answer.raw().headers().firstValue("Retry-After")).isPresent();
      }
    }
    assertThat(status).isEqualTo(429);
    assertThat(http.as("planner").get("/api/plants").status())
        .as("others are not slowed")
        .isEqualTo(200);
  }

  @Test
  void aBrowserNeedsTheTokenOfItsPageAndGetsStrictHeaders() throws Exception {
    CookieManager cookies = new CookieManager();
    HttpClient browser = HttpClient.newBuilder().cookieHandler(cookies).build();
    String url = RunningServer.url(RunningServer.context());
    HttpResponse<String> page =
        browser.send(
            HttpRequest.newBuilder(URI.create(url + "/api/session")).build(),
            HttpResponse.BodyHandlers.ofString());
    assertThat(page.headers().firstValue("Content-Security-Policy").orElseThrow())
        .contains("script-src 'self' 'wasm-unsafe-eval';")
        .contains("frame-ancestors 'none'");
    assertThat(page.headers().firstValue("X-Content-Type-Options")).contains("nosniff");
    String token =
        cookies.getCookieStore().getCookies().stream()
            .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
            .map(HttpCookie::getValue)
            .findFirst()
            .orElseThrow();
    String body = "{\"account\":\"planner\",\"password\":\"happy-saucer\"}";
    HttpRequest.Builder signIn =
        HttpRequest.newBuilder(URI.create(url + "/api/session"))
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(body));
    assertThat(browser.send(signIn.build(), HttpResponse.BodyHandlers.ofString()).statusCode())
        .isEqualTo(403);
    HttpResponse<String> in =
        browser.send(
            signIn.header("X-XSRF-TOKEN", token).build(), HttpResponse.BodyHandlers.ofString());
    assertThat(in.statusCode()).isEqualTo(200);
    assertThat(in.body()).contains("Odda Fennick").doesNotContain("passwordHash");
    assertThat(in.headers().firstValue("Set-Cookie").orElseThrow())
        .contains("HttpOnly")
        .contains("SameSite=Strict");
  }

  @Test
  void withoutDemoDataTheFirstStartAsksForTheFirstAccountOnce() {
    try (ConfigurableApplicationContext empty = RunningServer.start(false)) {
      Http fresh = new Http(RunningServer.url(empty));
      assertThat(fresh.get("/api/session").json().get("firstAccountNeeded").asBoolean()).isTrue();
      assertThat(fresh.as("planner").get("/api/plants").status())
          .as("demo accounts exist only with demo data")
          .isEqualTo(401);
      String weak =
          "{\"teamName\":\"A\",\"zone\":\"Mars/Olympus\",\"account\":\"Me\",\"name\":\"Me\",\"password\":\"short\"}";
      Http.Answer refused = post(fresh, weak);
      assertThat(refused.status()).isEqualTo(400);
      assertThat(refused.body()).contains("\"account\"").contains("\"password\"");
      String good =
          weak.replace("Mars/Olympus", "UTC")
              .replace("\"Me\",\"name\"", "\"me\",\"name\"")
              .replace("short", "long enough words");
      assertThat(post(fresh, good).status()).isEqualTo(200);
      assertThat(post(fresh, good).status()).isEqualTo(409);
      assertThat(fresh.as("me", "long enough words").get("/api/round").status()).isEqualTo(200);
      assertThat(
              fresh
                  .as("me", "long enough words")
                  .put("/api/clock", "{\"moment\":\"2030-01-01T08:00\"}")
                  .status())
          .as("only a demo's clock moves")
          .isEqualTo(409);
    }
  }

  @Test
  void aPageThatHasLostItsCookiesIsToldWhatHelps() {
    Http.Answer signedOut = http.send("PUT", "/api/jobs/x/found", "{}");
    assertThat(signedOut.status()).isEqualTo(401);
    assertThat(signedOut.json().get("type").asString()).isEqualTo("urn:happy-saucer:sign-in");
    Http.Answer atTheDoor = http.send("POST", "/api/session", "{}");
    assertThat(atTheDoor.status()).isEqualTo(403);
    assertThat(atTheDoor.json().get("type").asString()).isEqualTo("urn:happy-saucer:page-token");
  }

  /** Setting up needs no account; a script passes the token of the page as a browser does. */
  private static Http.Answer post(Http http, String body) {
    String cookie =
        http.get("/api/session").raw().headers().allValues("Set-Cookie").stream()
            .filter(c -> c.startsWith("XSRF-TOKEN="))
            .map(c -> c.substring("XSRF-TOKEN=".length(), c.indexOf(';')))
            .findFirst()
            .orElseThrow();
    return http.send(
        "POST",
        "/api/team/first-account",
        body,
        "Cookie",
        "XSRF-TOKEN=" + cookie,
        "X-XSRF-TOKEN",
        cookie);
  }
}
