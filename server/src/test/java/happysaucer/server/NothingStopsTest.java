package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import happysaucer.server.clock.TeamClock;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** One bad fact, two hands at once, half a request: the team works on. */
@ExtendWith(RunningServer.class)
class NothingStopsTest {
  private final Http http;
  private final Http planner;
  private final DataSource data;
  private final TeamClock clock;

  NothingStopsTest(Http http, DataSource data, TeamClock clock) {
    this.http = http;
    this.planner = http.as("planner");
    this.data = data;
    this.clock = clock;
  }

  private void sql(String statement) throws SQLException {
    try (Connection connection = data.getConnection();
        Statement sql = connection.createStatement()) {
      sql.execute(statement);
    }
  }

  private static <T> List<T> atOnce(List<Callable<T>> calls) throws Exception {
    ExecutorService hands = Executors.newFixedThreadPool(calls.size());
    try {
      List<T> results = new ArrayList<>();
      for (Future<T> done : hands.invokeAll(calls)) {
        results.add(done.get());
      }
      return results;
    } finally {
      hands.shutdown();
    }
  }

  private static String pot(String more) {
    return "{\"name\":\"Thimble\",\"kind\":\"GROW\",\"shape\":\"STANDARD\",\"material\":\"PLASTIC\",\"drainHoles\":1,\"inStock\":3,\"lowAt\":0,\"note\":\"\",%s}"
        .formatted(more);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"topMm\":20",
        "\"topMm\":25",
        "\"topMm\":3000,\"material\":\"GLAZED\"",
        "\"topMm\":3000,\"heightMm\":3000,\"material\":\"CONCRETE\"",
        "\"topMm\":1500,\"heightMm\":20,\"shape\":\"TROUGH\"",
        "\"topMm\":21,\"shape\":\"TROUGH\""
      })
  void aPotOfUnusualSizeGoesOnTheShelfAndEveryPageIsStillThere(String measures) {
    String id = UUID.randomUUID().toString();
    String body = pot(measures);
    if (measures.contains("material")) {
      body = body.replace("\"material\":\"PLASTIC\",", "");
    }
    if (measures.contains("shape")) {
      body = body.replace("\"shape\":\"STANDARD\",", "");
    }
    assertThat(planner.put("/api/shelf/" + id, body).status()).isEqualTo(200);
    try {
      everyPageIsThere();
    } finally {
      planner.delete("/api/shelf/" + id);
    }
  }

  private void everyPageIsThere() {
    assertThat(planner.get("/api/shelf").status()).isEqualTo(200);
    assertThat(planner.get("/api/round").status()).isEqualTo(200);
    JsonNode plants = planner.get("/api/plants").json().get("plants");
    for (int i = 0; i < 6; i++) {
      String plant = plants.get(i).get("id").asString();
      assertThat(planner.get("/api/plants/" + plant).status()).isEqualTo(200);
      assertThat(planner.get("/api/plants/" + plant + "/fit").status()).isEqualTo(200);
    }
  }

  @Test
  void aRowOnTheShelfThatCannotBeIsNamedAndLeftOut() throws SQLException {
    String id = UUID.randomUUID().toString();
    planner.put("/api/shelf/" + id, pot("\"topMm\":190"));
    sql("update shelf_pot set base_mm = 9, mass_g = -4 where id = '%s'".formatted(id));
    try {
      everyPageIsThere();
      for (JsonNode item : planner.get("/api/shelf").json().get("items")) {
        boolean ours = item.at("/pot/id").asString().equals(id);
        assertThat(item.get("leftOut").isEmpty()).isNotEqualTo(ours);
      }
    } finally {
      planner.delete("/api/shelf/" + id);
    }
  }

  @Test
  void factsOnRecordThatCannotBeAreNamedOnThePageTheRoundAndTheCheckAndTheRestCounts()
      throws SQLException {
    House house = new House(planner, "Damaged");
    String plant = house.plant("Ficus elastica", 240, "NS-1");
    house.check(
        plant, "2027-04-12T08:20:00Z", "{\"code\":\"ROOTS_CIRCLING\",\"grade\":\"SEVERE\"}");
    String action = house.page(plant).at("/advice/call/action").asString();
    sql(
        "update plant set pot_base_mm = 3, last_repotted = '2027-05-01' where id = '%s'"
            .formatted(plant));
    sql(
        "insert into check_sign select id, 'WATER_POOLS', 'PRESENT', null, -7 from plant_check where plant_id = '%s'"
            .formatted(plant));
    sql("insert into plant_state values ('%s', 'IN_BUD', date '2027-04-01')".formatted(plant));
    sql(
        "insert into watering select random_uuid(), '%1$s', date '2027-04-10', -3, 0, u.id, now(), null from app_user u limit 1"
            .formatted(plant));
    JsonNode page = house.page(plant);
    assertThat(page.at("/advice/call/action").asString()).isEqualTo(action);
    assertThat(page.at("/advice/leftOut").findValuesAsString("field"))
        .contains("pot.baseMm", "plant.lastRepotted", "signs[1].value");
    Http.Answer preview =
        planner.post(
            "/api/plants/" + plant + "/advice",
            "{\"signs\":[{\"code\":\"SOUR_SMELL\"}],\"states\":null}");
    assertThat(preview.status()).isEqualTo(200);
    assertThat(preview.json().get("leftOut")).isNotEmpty();
    Http.Answer own =
        planner.post(
            "/api/plants/" + plant + "/advice",
            "{\"signs\":[{\"code\":\"WATER_POOLS\",\"value\":-1}],\"states\":null}");
    assertThat(own.status()).as("what is tapped just now is told to who taps it").isEqualTo(400);
    assertThat(own.body()).contains("signs[0].value");
    house.check(plant, "2027-04-12T08:25:00Z", "{\"code\":\"SOUR_SMELL\"}");
    assertThat(planner.get("/api/round?date=2027-04-17").body()).contains("cannot be counted");
    assertThat(planner.get("/api/plants/" + plant + "/fit").status()).isEqualTo(200);
  }

  @Test
  void aClockThatGoesBackLeavesEveryPageStandingAndSaysWhatIsNotCounted() {
    House house = new House(planner, "Tomorrow");
    String plant = house.plant("Ficus elastica", 240, "NS-2");
    for (String day : List.of("2027-03-20", "2027-03-29", "2027-04-07", "2027-04-11")) {
      planner.put(
          "/api/waterings/" + UUID.randomUUID(),
          "{\"plantId\":\"%s\",\"wateredOn\":\"%s\",\"litres\":0.8}".formatted(plant, day));
    }
    house.check(plant, "2027-04-12T08:20:00Z", "{\"code\":\"ROOTS_CIRCLING\"}");
    clock.at(
        LocalDateTime.parse("2027-04-06T08:30"),
        () -> {
          everyPageIsThere();
          JsonNode page = house.page(plant);
          assertThat(page.at("/advice/leftOut").findValuesAsString("field"))
              .anyMatch(field -> field.startsWith("history.waterings"));
        });
    assertThat(house.page(plant).at("/advice/leftOut")).isEmpty();
  }

  @Test
  void theFirstChecksOfAStopArriveAtOnceAndAllAreTaken() throws Exception {
    for (int round = 0; round < 4; round++) {
      House house = new House(planner, "Stop " + round);
      List<String> plants = new ArrayList<>();
      for (int i = 0; i < 8; i++) {
        plants.add(house.plant("Ficus elastica", 200, "ST-" + round + i));
      }
      List<Callable<Integer>> checks = new ArrayList<>();
      for (String plant : plants) {
        checks.add(
            () ->
                planner
                    .put(
                        "/api/checks/" + UUID.randomUUID(),
                        "{\"plantId\":\"%s\",\"checkedAt\":\"2027-04-12T08:10:00Z\",\"signs\":[]}"
                            .formatted(plant))
                    .status());
      }
      assertThat(atOnce(checks)).containsOnly(200);
    }
  }

  @Test
  void theSameWriteTwiceAtOnceIsDoneOnceAndBothAreAnswered() throws Exception {
    House house = new House(planner, "Twice");
    String plant = house.plant("Ficus elastica", 200, "TW-1");
    for (int i = 0; i < 6; i++) {
      String id = UUID.randomUUID().toString();
      Callable<Integer> write =
          () ->
              planner
                  .put(
                      "/api/waterings/" + id,
                      "{\"plantId\":\"%s\",\"wateredOn\":\"2027-04-12\",\"litres\":0.5}"
                          .formatted(plant))
                  .status();
      assertThat(atOnce(List.of(write, write, write))).containsOnly(204);
    }
    assertThat(house.page(plant).get("waterings")).hasSize(6);
  }

  @Test
  void aJobIsDroppedOrDoneButNeverBoth() throws Exception {
    House house = new House(planner, "Both");
    for (int i = 0; i < 10; i++) {
      String plant = house.plant("Schefflera arboricola", 210, "BO-" + i);
      house.check(
          plant,
          "2027-04-12T08:20:00Z",
          "{\"code\":\"ROOTS_CIRCLING\",\"grade\":\"SEVERE\"},{\"code\":\"ROOTS_FROM_DRAIN_HOLES\",\"grade\":\"CLEAR\"}");
      UUID job = UUID.randomUUID();
      planner.put(
          "/api/jobs/" + job,
          "{\"plantId\":\"%s\",\"plannedOn\":\"2027-04-12\",\"order\":true}".formatted(plant));
      if (planner.get("/api/jobs/" + job).status() != 200) {
        planner.put(
            "/api/jobs/" + job,
            "{\"plantId\":\"%s\",\"plannedOn\":\"2027-04-12\"}".formatted(plant));
      }
      assertThat(planner.get("/api/jobs/" + job).status()).isEqualTo(200);
      List<Http.Answer> answers =
          atOnce(
              List.of(
                  () -> planner.delete("/api/jobs/" + job),
                  () -> planner.put("/api/jobs/" + job + "/done", "{\"doneOn\":\"2027-04-12\"}")));
      assertThat(answers.stream().filter(answer -> answer.status() == 200)).hasSize(1);
      JsonNode closed = planner.get("/api/jobs/" + job).json().get("job");
      String status = closed.get("status").asString();
      if (status.equals("DONE") && !closed.get("shelfPotId").isNull()) {
        // other tests find the shelf as it was
        planner.post(
            "/api/shelf/" + closed.get("shelfPotId").asString() + "/stock",
            "{\"id\":\"%s\",\"change\":1,\"reason\":\"back\"}".formatted(UUID.randomUUID()));
      }
      assertThat(status).isEqualTo(answers.get(0).status() == 200 ? "DROPPED" : "DONE");
    }
  }

  @Test
  void aSheetOfUnknownNamesIsAnsweredSoon() {
    House house = new House(planner, "Names");
    StringBuilder sheet = new StringBuilder("spot,species,pot");
    for (int i = 0; i < 2000; i++) {
      sheet.append("\nDesk,Fikus elastika ").append(i).append(",200 mm");
    }
    Http.Answer answer = house.enter(sheet.toString(), false);
    assertThat(answer.status()).isEqualTo(200);
    assertThat(answer.json().get("rows").get(0).get("faults").toString())
        .contains("Ficus elastica");
    Http.Answer page =
        planner.post(
            "/api/advice",
            "{\"date\":\"2027-04-12\",\"pot\":{\"topMm\":200},\"plant\":{\"species\":\"%s\"}}"
                .formatted("qwertz ".repeat(14_000)));
    assertThat(page.status()).isEqualTo(400);
    assertThat(page.body()).contains("At most 120 letters").hasSizeLessThan(2000);
  }

  @Test
  void daysBeyondAnyRecordAreRefusedAtTheirField() {
    for (String day : List.of("-9999999-01-01", "+999999999-12-31", "1899-12-31", "2201-01-01")) {
      String encoded = day.replace("+", "%2B");
      assertThat(planner.get("/api/round?date=" + encoded).body())
          .contains("\"field\":\"date\"")
          .contains("between 1900 and 2200");
      assertThat(planner.get("/api/jobs?from=" + encoded + "&to=" + encoded).status())
          .isEqualTo(400);
      assertThat(
              planner
                  .post(
                      "/api/advice",
                      "{\"date\":\"%1$s\",\"pot\":{\"topMm\":200},\"plant\":{\"species\":\"Ficus elastica\",\"lastRepotted\":\"%1$s\"}}"
                          .formatted(day))
                  .body())
          .contains("\"field\":\"date\"")
          .contains("\"field\":\"plant.lastRepotted\"");
    }
    assertThat(planner.get("/api/round?date=tomorrow").body()).contains("2027-03-10");
  }

  @Test
  void itemsOfListsAreCheckedLikeEverythingElse() {
    String job = UUID.randomUUID().toString();
    assertThat(
            planner
                .put("/api/jobs/" + job + "/done", "{\"doneOn\":\"2027-04-12\",\"offspring\":[{}]}")
                .body())
        .contains("offspring[0].id")
        .contains("offspring[0].label");
    assertThat(
            planner
                .post(
                    "/api/shelf-from-trade",
                    "{\"id\":\"%s\",\"picks\":[{\"size\":\"x\",\"count\":-1},null]}".formatted(job))
                .body())
        .contains("picks[0].count")
        .contains("picks[1]");
    assertThat(
            planner
                .put("/api/species/Ficus%20elastica", "{\"cells\":[null]}", "If-Match", "\"0\"")
                .body())
        .contains("cells[0]");
    assertThat(
            planner
                .post(
                    "/api/species-import", "{\"text\":\"[{\\\"name\\\":{}}]\",\"format\":\"JSON\"}")
                .status())
        .isEqualTo(400);
    assertThat(planner.get("/api/find?text=%ff%fe").status()).isLessThan(500);
    assertThat(
            planner
                .send(
                    "POST",
                    "/api/advice",
                    "--x\r\n",
                    "Content-Type",
                    "multipart/form-data; boundary=x")
                .status())
        .isBetween(400, 415);
  }

  @Test
  void whatIsWrongWithAPasswordIsToldWithoutRepeatingIt() {
    String secret = "s3cret".repeat(50);
    // with Basic no token of a page is asked for, so the body is read
    Http.Answer refused =
        planner.post(
            "/api/session", "{\"account\":\"planner\",\"password\":\"%s\"}".formatted(secret));
    assertThat(refused.body()).contains("\"field\":\"password\"").doesNotContain("s3cret");
    assertThat(
            planner.post("/api/session", "{\"account\":\"planner\",\"password\":123456789}").body())
        .contains("\"field\":\"password\"")
        .doesNotContain("123456789");
  }

  @Test
  void aHundredGuessesAtOnceAreMostlySentAwayUnhashedAndTheTeamWorksOn() throws Exception {
    assertThat(planner.get("/api/session").status()).isEqualTo(200);
    List<Callable<Integer>> calls = new ArrayList<>();
    IntStream.range(0, 100)
        .forEach(
            i -> calls.add(() -> http.as("guess-" + i, "wrong words").get("/api/plants").status()));
    IntStream.range(0, 6).forEach(i -> calls.add(() -> planner.get("/api/round").status()));
    List<Integer> statuses = atOnce(calls);
    assertThat(statuses.subList(100, 106)).containsOnly(200);
    assertThat(statuses.subList(0, 100)).containsOnly(401, 429);
    assertThat(statuses.subList(0, 100).stream().filter(status -> status == 401).count())
        .as("hashed and wrong")
        .isLessThan(60);
    assertThat(http.as("counter").get("/api/plants").status())
        .as("whoever has not failed himself is let in at once")
        .isEqualTo(200);
  }

  @Test
  void requestsByAnotherNameAreSentAway() throws IOException {
    for (String host :
        List.of("evil.example", "localhost.evil.example", "127.0.0.1.evil.example")) {
      assertThat(
              raw("GET /api/session HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n"))
          .startsWith("HTTP/1.1 421");
    }
    for (String host : List.of("localhost:8080", "127.0.0.1", "[::1]:9", "LOCALHOST")) {
      assertThat(
              raw("GET /api/session HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n"))
          .startsWith("HTTP/1.1 200");
    }
  }

  private static Socket socket() throws IOException {
    URI url = URI.create(RunningServer.url(RunningServer.context()));
    Socket socket = new Socket(url.getHost(), url.getPort());
    socket.setSoTimeout(20_000);
    return socket;
  }

  private static String raw(String request) throws IOException {
    try (Socket socket = socket()) {
      socket.getOutputStream().write(request.getBytes(StandardCharsets.UTF_8));
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  @Test
  void halfRequestsByNobodyKeepNobodyFromWorking() throws Exception {
    List<Socket> half = new ArrayList<>();
    try {
      for (int i = 0; i < 260; i++) {
        Socket socket = socket();
        half.add(socket);
        OutputStream out = socket.getOutputStream();
        String path =
            List.of(
                    "/api/session",
                    "/api/advice",
                    "/api/team/first-account",
                    "/api/photos/" + UUID.randomUUID() + "?plant=" + UUID.randomUUID())
                .get(i % 4);
        out.write(
            ("%s %s HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\nContent-Length: 900\r\n\r\n{"
                    .formatted(path.contains("photos") ? "PUT" : "POST", path))
                .getBytes(StandardCharsets.UTF_8));
        out.flush();
      }
      long from = System.nanoTime();
      for (int i = 0; i < 10; i++) {
        assertThat(planner.get("/api/session").status()).isEqualTo(200);
      }
      // a thread that waits for half a request would be waited for by others
      assertThat((System.nanoTime() - from) / 1_000_000_000L).isLessThan(9);
      InputStream refused = half.get(1).getInputStream();
      assertThat(new String(refused.readAllBytes(), StandardCharsets.UTF_8))
          .as("whoever is nobody is told at once, and the connection ends")
          .contains("HTTP/1.1 40");
    } finally {
      for (Socket socket : half) {
        socket.close();
      }
    }
  }

  @Test
  void manySlowPhotosKeepNobodyFromWorking() throws Exception {
    House house = new House(planner, "Slow");
    String plant = house.plant("Ficus elastica", 200, "SW-1");
    String basic =
        java.util.Base64.getEncoder()
            .encodeToString("planner:happy-saucer".getBytes(StandardCharsets.UTF_8));
    List<Socket> slow = new ArrayList<>();
    try {
      for (int i = 0; i < 12; i++) {
        Socket socket = socket();
        slow.add(socket);
        socket
            .getOutputStream()
            .write(
                ("PUT /api/photos/%s?plant=%s HTTP/1.1\r\nHost: localhost\r\nAuthorization: Basic %s\r\nContent-Type: image/jpeg\r\nContent-Length: 900000\r\n\r\nxx"
                        .formatted(UUID.randomUUID(), plant, basic))
                    .getBytes(StandardCharsets.UTF_8));
      }
      List<Callable<Integer>> reads = new ArrayList<>();
      IntStream.range(0, 8)
          .forEach(i -> reads.add(() -> planner.get("/api/plants/" + plant).status()));
      assertThat(atOnce(reads)).containsOnly(200);
    } finally {
      for (Socket socket : slow) {
        socket.close();
      }
    }
  }

  @Test
  void fullWidthSignsAreNoFormulasEither() {
    String id = UUID.randomUUID().toString();
    planner.put("/api/shelf/" + id, pot("\"topMm\":190").replace("Thimble", "\uff1dcmd()"));
    assertThat(planner.get("/api/shelf-export").body()).contains("'\uff1dcmd()");
    planner.delete("/api/shelf/" + id);
  }
}
