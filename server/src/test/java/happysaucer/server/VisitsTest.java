package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class VisitsTest {
  private final Http anybody;
  private final Http http;
  private House house;
  private String today;

  VisitsTest(Http http) {
    this.anybody = http;
    this.http = http.as("technician");
  }

  @BeforeEach
  void aHouse() {
    house = new House(http, "Visited " + UUID.randomUUID());
    today = http.get("/api/session").json().get("today").asString();
  }

  private Http.Answer visited(String visits) {
    int version = http.get("/api/sites/" + house.site).json().get("site").get("version").asInt();
    return http.put(
        "/api/sites/" + house.site,
        """
        {"clientId":"%s","name":"Visited hall","latitude":44.0,"longitude":-7.3,"outdoors":false,
         "use":"PUBLIC","accessNote":"","visits":%s}"""
            .formatted(house.client, visits),
        "If-Match",
        "\"" + version + "\"");
  }

  private JsonNode stop(String date) {
    for (JsonNode stop : http.get("/api/round?date=" + date).json().get("stops")) {
      if (stop.get("siteId").asString().equals(house.site.toString())) {
        return stop;
      }
    }
    return null;
  }

  @Test
  void theRoundFollowsTheRhythmAndSaysTheHours() {
    // 2027-03-01 is a Monday
    assertThat(
            visited(
                    """
                    {"everyWeeks":3,"from":"2027-03-03","days":[{"weekday":1,"opens":"08:00",
                     "closes":"12:30"},{"weekday":5}]}""")
                .status())
        .isEqualTo(204);
    assertThat(stop("2027-03-01")).as("before the first day").isNull();
    assertThat(stop("2027-03-05")).isNotNull();
    assertThat(stop("2027-03-08")).as("a week between").isNull();
    JsonNode monday = stop("2027-03-22");
    assertThat(monday.get("opens").asString()).isEqualTo("08:00");
    assertThat(monday.get("closes").asString()).isEqualTo("12:30");
    assertThat(stop("2027-03-26").get("opens").isNull()).isTrue();
    JsonNode site = http.get("/api/sites/" + house.site).json().get("site");
    assertThat(site.get("visits").get("days")).hasSize(2);
    assertThat(site.get("nextVisit").asString()).isGreaterThanOrEqualTo(today);
  }

  @Test
  void nobodyComesByTheCalendarWhereNoDayIsNamed() {
    assertThat(visited("{\"everyWeeks\":1,\"from\":\"2024-01-01\",\"days\":[]}").status())
        .isEqualTo(204);
    for (int day = 1; day <= 7; day++) {
      assertThat(stop("2027-03-0" + day)).isNull();
    }
    assertThat(http.get("/api/sites/" + house.site).json().get("site").get("nextVisit").isNull())
        .isTrue();
  }

  @Test
  void everyFaultOfAPlanIsNamedAtItsField() {
    Http.Answer answer =
        visited(
            """
            {"everyWeeks":1,"from":"2024-01-01","days":[{"weekday":1,"opens":"12:00",
             "closes":"08:00"},{"weekday":1}]}""");
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body()).contains("visits.days[0].closes", "visits.days[1].weekday");
    answer =
        visited(
            "{\"everyWeeks\":0,\"from\":\"2024-01-01\",\"days\":[{\"weekday\":9,\"opens\":\"8\"}]}");
    assertThat(answer.body())
        .contains("visits.everyWeeks", "visits.days[0].weekday", "visits.days[0].opens");
  }

  @Test
  void aVisitIsBegunAndEndedAndKeepsWhatWasLeft() {
    String seen = house.plant("Ficus elastica", 190, "V1" + System.nanoTime() % 100000);
    String leftAlone = house.plant("Ficus elastica", 190, "V2" + System.nanoTime() % 100000);
    String at = http.get("/api/session").json().get("now").asString();
    Http.Answer begun = begin(at);
    assertThat(begun.status()).isEqualTo(200);
    String visit = begun.json().get("id").asString();
    assertThat(begin(at).json().get("id").asString()).as("the same twice").isEqualTo(visit);
    assertThat(
            http.put(
                    "/api/checks/" + UUID.randomUUID(),
                    "{\"plantId\":\"%s\",\"checkedAt\":\"%s\",\"signs\":[],\"minutes\":2}"
                        .formatted(seen, at))
                .status())
        .isEqualTo(200);
    assertThat(end(visit, at, "Lift was out").status()).isEqualTo(200);
    JsonNode view = http.get("/api/sites/" + house.site + "/visits").json().get(0);
    assertThat(view.get("checked").asInt()).isEqualTo(1);
    assertThat(view.get("note").asString()).isEqualTo("Lift was out");
    assertThat(view.get("left")).hasSize(1);
    assertThat(view.get("left").get(0).get("plantId").asString()).isEqualTo(leftAlone);
    assertThat(view.get("left").get(0).get("kinds").get(0).asString()).isEqualTo("CHECK");
    assertThat(begin(at).json().get("endedAt").isNull()).as("it goes on").isTrue();
  }

  @Test
  void aVisitCannotEndBeforeItBeganNorBySomebodyElse() {
    String at = http.get("/api/session").json().get("now").asString();
    String visit = begin(at).json().get("id").asString();
    assertThat(end(visit, "2020-01-01T08:00:00Z", "").body()).contains("\"field\":\"at\"");
    assertThat(
            anybody
                .as("planner")
                .put("/api/visits/" + visit + "/end", "{\"at\":\"%s\"}".formatted(at))
                .status())
        .isEqualTo(404);
    assertThat(begin("2099-01-01T08:00:00Z").body()).contains("\"field\":\"at\"");
    assertThat(
            http.post(
                    "/api/sites/" + UUID.randomUUID() + "/visits", "{\"at\":\"%s\"}".formatted(at))
                .status())
        .isEqualTo(404);
  }

  private Http.Answer begin(String at) {
    return http.post("/api/sites/" + house.site + "/visits", "{\"at\":\"%s\"}".formatted(at));
  }

  private Http.Answer end(String visit, String at, String note) {
    return http.put(
        "/api/visits/" + visit + "/end", "{\"at\":\"%s\",\"note\":\"%s\"}".formatted(at, note));
  }
}
