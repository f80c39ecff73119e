package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/** A team grows from its first account: people are asked in, given roles, and let go. */
class PeopleTest {
  private static final String FIRST = "words of the first one";
  private static final String OWN = "a password of her own";
  private static ConfigurableApplicationContext server;
  private static String url;
  private static Http planner;
  private static String me;

  @BeforeAll
  static void aTeamOfOne() {
    server = RunningServer.start(false);
    url = RunningServer.url(server);
    new Browser(url)
        .send(
            "POST",
            "/api/team/first-account",
            """
            {"teamName":"Quay Greens","zone":"UTC","account":"first","name":"Fenna Loom",
             "password":"%s"}"""
                .formatted(FIRST));
    planner = new Http(url).as("first", FIRST);
    me = planner.get("/api/people").json().get(0).get("id").asString();
  }

  @AfterAll
  static void stop() {
    server.close();
  }

  private static String person(String account, String role) {
    return "{\"account\":\"%s\",\"name\":\"Name of %s\",\"role\":\"%s\"}"
        .formatted(account, account, role);
  }

  private static String askedIn(String account, String role) {
    String id = UUID.randomUUID().toString();
    Http.Answer added = planner.put("/api/people/" + id, person(account, role));
    assertThat(added.status()).as(added.body()).isEqualTo(200);
    return id;
  }

  private static String code(String id) {
    return planner.post("/api/people/" + id + "/code", null).json().get("code").asString();
  }

  private static Browser.Answer join(Browser browser, String account, String code) {
    return browser.send(
        "POST",
        "/api/session/join",
        "{\"account\":\"%s\",\"code\":\"%s\",\"password\":\"%s\"}".formatted(account, code, OWN));
  }

  private static JsonNode line(String id) {
    return planner
        .get("/api/people")
        .json()
        .valueStream()
        .filter(person -> person.get("id").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aCodeLetsSomebodyInOnceWithAPasswordOfTheirOwn() {
    String id = askedIn("mira", "TECHNICIAN");
    assertThat(line(id).get("access").asString()).isEqualTo("ASKED_IN");
    assertThat(new Browser(url).signIn("mira", "").status()).isEqualTo(400);
    String old = code(id);
    String code = code(id);
    assertThat(join(new Browser(url), "mira", old).body()).contains("ask for a new one");

    Browser phone = new Browser(url);
    Browser.Answer in = join(phone, "mira", code.toUpperCase().replace("-", " "));

    assertThat(in.status()).as(in.body()).isEqualTo(200);
    assertThat(in.json().get("user").get("role").asString()).isEqualTo("TECHNICIAN");
    assertThat(phone.send("GET", "/api/round", null).status()).isEqualTo(200);
    assertThat(line(id).get("access").asString()).isEqualTo("OPEN");
    assertThat(join(new Browser(url), "mira", code).status()).as("used up").isEqualTo(400);
    assertThat(new Browser(url).signIn("mira", OWN).status()).isEqualTo(200);
  }

  @Test
  void accessEndsInAllSessionsAtOnceAndCanBeGivenAgain() {
    String id = askedIn("brann", "TECHNICIAN");
    Browser phone = new Browser(url);
    assertThat(join(phone, "brann", code(id)).status()).isEqualTo(200);
    Http script = new Http(url).as("brann", OWN);
    assertThat(script.get("/api/plants").status()).isEqualTo(200);

    assertThat(planner.put("/api/people/" + id + "/access", "{\"ended\":true}").status())
        .isEqualTo(200);

    assertThat(phone.send("GET", "/api/round", null).status()).isEqualTo(401);
    assertThat(script.get("/api/plants").status()).isEqualTo(401);
    assertThat(new Browser(url).signIn("brann", OWN).status()).isEqualTo(400);
    assertThat(planner.post("/api/people/" + id + "/code", null).status()).isEqualTo(409);
    assertThat(line(id).get("access").asString()).isEqualTo("ENDED");
    planner.put("/api/people/" + id + "/access", "{\"ended\":false}");
    assertThat(new Browser(url).signIn("brann", OWN).status()).isEqualTo(200);
  }

  @Test
  void aRoleCountsWithTheNextRequest() {
    String id = askedIn("tove", "TECHNICIAN");
    Browser desk = new Browser(url);
    join(desk, "tove", code(id));
    assertThat(desk.send("GET", "/api/people", null).status()).isEqualTo(403);

    planner.put("/api/people/" + id, person("tove", "PLANNER"));

    assertThat(desk.send("GET", "/api/people", null).status()).isEqualTo(200);
    planner.put("/api/people/" + id, person("tove", "COUNTER"));
    assertThat(desk.send("GET", "/api/people", null).status()).isEqualTo(403);
  }

  @Test
  void theLastPlannerCannotLockTheTeamOut() {
    String asked = askedIn("not-yet", "PLANNER");

    assertThat(planner.put("/api/people/" + me, person("first", "TECHNICIAN")).body())
        .contains("Make somebody else a planner first");
    assertThat(planner.put("/api/people/" + me + "/access", "{\"ended\":true}").status())
        .as("one who never came in cannot plan")
        .isEqualTo(400);
    assertThat(planner.put("/api/people/" + asked + "/access", "{\"ended\":true}").status())
        .isEqualTo(200);
  }

  @Test
  void anAccountIsGivenOnceAndStays() {
    String id = askedIn("runa", "COUNTER");

    assertThat(planner.put("/api/people/" + UUID.randomUUID(), person("runa", "COUNTER")).body())
        .contains("has this account already");
    assertThat(planner.put("/api/people/" + id, person("runa2", "COUNTER")).body())
        .contains("stays as it is");
    assertThat(planner.put("/api/people/" + id, person("runa", "COUNTER")).status())
        .as("the same once more")
        .isEqualTo(200);
  }

  @Test
  void aNewPasswordEndsTheOtherSessionsOnly() {
    String id = askedIn("hedda", "TECHNICIAN");
    Browser phone = new Browser(url);
    join(phone, "hedda", code(id));
    Browser lost = new Browser(url);
    lost.signIn("hedda", OWN);
    String change = "{\"current\":\"%s\",\"password\":\"another one of hers\"}";
    assertThat(phone.send("PUT", "/api/session/password", change.formatted("wrong words")).body())
        .contains("\"current\"");
    assertThat(phone.send("GET", "/api/session/sessions", null).json()).hasSize(2);

    Browser.Answer changed = phone.send("PUT", "/api/session/password", change.formatted(OWN));

    assertThat(changed.status()).as(changed.body()).isEqualTo(200);
    assertThat(changed.json()).hasSize(1);
    assertThat(changed.json().get(0).get("here").asBoolean()).isTrue();
    assertThat(lost.send("GET", "/api/round", null).status()).isEqualTo(401);
    assertThat(new Browser(url).signIn("hedda", OWN).status()).isEqualTo(400);
  }

  @Test
  void oneEndsOnesOwnSessionsAndNobodyElses() {
    String id = askedIn("jory", "TECHNICIAN");
    Browser one = new Browser(url);
    join(one, "jory", code(id));
    Browser other = new Browser(url);
    other.signIn("jory", OWN);
    Browser first = new Browser(url);
    first.signIn("first", FIRST);
    JsonNode open = one.send("GET", "/api/session/sessions", null).json();
    String there =
        open.valueStream()
            .filter(line -> !line.get("here").asBoolean())
            .findFirst()
            .orElseThrow()
            .get("id")
            .asString();

    first.send("DELETE", "/api/session/sessions/" + there, null);
    assertThat(other.send("GET", "/api/round", null).status()).isEqualTo(200);
    one.send("DELETE", "/api/session/sessions/" + there, null);

    assertThat(other.send("GET", "/api/round", null).status()).isEqualTo(401);
    assertThat(one.send("GET", "/api/round", null).status()).isEqualTo(200);
  }

  @Test
  void guessedCodesAreSlowed() {
    String id = askedIn("guessed", "TECHNICIAN");
    String code = code(id);
    int status = 0;
    for (int i = 0; i < 8; i++) {
      status = join(new Browser(url), "guessed", "aaaa-bbbb-ccc" + i).status();
    }
    assertThat(status).isEqualTo(429);
    assertThat(join(new Browser(url), "guessed", code).status()).isEqualTo(429);
  }

  @Test
  void settingsAreSavedOnceAndTheOtherIsTold() {
    JsonNode now = planner.get("/api/team").json();
    String version = "\"" + now.get("version").asInt() + "\"";
    String request =
        """
        {"name":"Quay Greens","zone":"Europe/Oslo","currency":"NOK","paper":"LETTER",
         "units":"IMPERIAL","weekStarts":7,"workshopLatitude":59.2,"workshopLongitude":10.4,
         "measures":[{"name":"jug","litres":1.5}]}""";

    Http.Answer saved = planner.send("PUT", "/api/team", request, "If-Match", version);

    assertThat(saved.status()).as(saved.body()).isEqualTo(200);
    assertThat(saved.json().get("measures").get(0).get("litres").asDouble()).isEqualTo(1.5);
    assertThat(planner.get("/api/session").json().get("team").get("currency").asString())
        .isEqualTo("NOK");
    Http.Answer stale =
        planner.send("PUT", "/api/team", request.replace("NOK", "EUR"), "If-Match", version);
    assertThat(stale.status()).isEqualTo(412);
    assertThat(stale.json().get("changes").toString()).contains("currency", "NOK");
    String next = "\"" + saved.json().get("version").asInt() + "\"";
    Http.Answer wrong =
        planner.send(
            "PUT",
            "/api/team",
            request.replace("Europe/Oslo", "Moon/Base").replace("1.5", "900"),
            "If-Match",
            next);
    assertThat(wrong.body()).contains("measures[0].litres");
    assertThat(
            planner
                .send("PUT", "/api/team", request.replace("10.4", "null"), "If-Match", next)
                .body())
        .contains("workshopLongitude");
  }
}
