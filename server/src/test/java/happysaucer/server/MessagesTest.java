package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.mail.Session;
import jakarta.mail.internet.MimeMessage;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Properties;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Reminders: written once, in their words and units, ended by whoever gets them. */
@ExtendWith(RunningServer.class)
class MessagesTest {
  private static House house;
  private static int plants;

  private final Http anybody;
  private final Http technician;
  private final Http planner;
  private String plant;
  private String job;
  private String email;

  MessagesTest(Http http) {
    anybody = http;
    technician = http.as("technician");
    planner = http.as("planner");
  }

  /** Watered in on the day of its repot, so long ago that water is asked after or due. */
  @BeforeEach
  void aPlantThatRecoversWithAPage() {
    if (house == null) {
      house = new House(technician, "Lighthouse Stair");
    }
    plant = house.plant("Schefflera arboricola", 170, "MS-" + ++plants + "X");
    house.check(plant, "2027-03-20T08:00:00Z", Season.CLEAR);
    Season season = new Season(technician);
    job = season.scheduled(plant, "2027-04-12");
    season.done(job, "2027-04-09");
    technician.put("/api/jobs/" + job + "/care-link", "{\"open\":true}");
    email = "wren" + plants + "@stair.example";
  }

  private Http.Answer remind(String id, String more) {
    return technician.put(
        "/api/reminded/" + id,
        "{\"jobId\":\"%s\",\"name\":\"Wren\",\"email\":\"%s\",\"zone\":\"UTC\",\"units\":\"METRIC\"%s}"
            .formatted(job, email, more));
  }

  private String reminded() {
    String id = UUID.randomUUID().toString();
    Http.Answer answer = remind(id, "");
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return id;
  }

  private List<JsonNode> messages() {
    List<JsonNode> mine = new ArrayList<>();
    for (JsonNode each : technician.post("/api/messages/look", "{}").json().get("messages")) {
      if (each.get("email").asString().equals(email)) {
        mine.add(each);
      }
    }
    return mine;
  }

  private String stopAddress(JsonNode message) {
    String text = message.get("text").asString();
    return text.substring(text.indexOf("/care/stop/")).trim();
  }

  @Test
  void aWateringThatNobodyToldOfIsAskedAfterOnce() throws Exception {
    reminded();
    List<JsonNode> first = messages();
    assertThat(first).as("its first water was due on the day of the work").hasSize(1);
    JsonNode message = first.get(0);
    assertThat(message.get("kind").asString()).isEqualTo("MISSED");
    assertThat(message.get("status").asString()).isEqualTo("SENT");
    assertThat(message.get("text").asString())
        .contains("Wren", "Friday 9 April", "/care/", "No more of these: http")
        .doesNotContain("{", "Lighthouse Stair hall");
    assertThat(messages()).as("looked for again").hasSize(1);
    byte[] file = technician.bytes("/api/messages/" + message.get("id").asString() + "/mail.eml");
    MimeMessage mail =
        new MimeMessage(Session.getInstance(new Properties()), new ByteArrayInputStream(file));
    assertThat(mail.getMessageID())
        .isEqualTo("<" + message.get("id").asString() + "@happy-saucer>");
    assertThat(mail.getAllRecipients()[0].toString()).contains(email);
    assertThat(mail.getSubject()).isEqualTo(message.get("subject").asString());
    assertThat(mail.getHeader("List-Unsubscribe")[0]).contains(stopAddress(message));
  }

  @Test
  void whoeverGetsThemEndsThemAndOpeningTheAddressAloneDoesNot() {
    String id = reminded();
    String stop = stopAddress(messages().get(0));
    assertThat(anybody.get(stop).body()).contains("No more of these");
    assertThat(ended(id)).isFalse();
    assertThat(anybody.post(stop, "List-Unsubscribe=One-Click").status()).isEqualTo(200);
    assertThat(ended(id)).isTrue();
    assertThat(anybody.post("/care/stop/never-was", "").body())
        .as("of one that never was nothing else is told")
        .isEqualTo(anybody.post(stop, "").body());
    assertThat(anybody.get(stop).raw().headers().allValues("x-robots-tag").toString())
        .contains("noindex");
  }

  private boolean ended(String id) {
    for (JsonNode each : technician.get("/api/jobs/" + job + "/reminded").json()) {
      if (each.get("id").asString().equals(id)) {
        return each.get("ended").asBoolean();
      }
    }
    throw new AssertionError("not there");
  }

  @Test
  void anEndedPageEndsItsReminders() {
    String id = reminded();
    technician.put("/api/jobs/" + job + "/care-link", "{\"open\":false}");
    assertThat(messages()).isEmpty();
    assertThat(ended(id)).isTrue();
    Http.Answer late = remind(UUID.randomUUID().toString(), "");
    assertThat(late.status()).isEqualTo(409);
    assertThat(late.body()).contains("Open a page for whoever waters first.");
  }

  @Test
  void whatCannotBeAnAddressIsNamedAndASixthIsTooMany() {
    for (String bad :
        List.of("wren", "a@b", "a@b.example, c@d.example", "a b@c.example", "x@y.example>")) {
      email = bad;
      Http.Answer answer = remind(UUID.randomUUID().toString(), "");
      assertThat(answer.status()).as(bad).isEqualTo(400);
      assertThat(answer.body()).contains("\"email\"");
    }
    email = "wren@stair.example";
    String id = UUID.randomUUID().toString();
    assertThat(remind(id, "").json()).hasSize(1);
    assertThat(remind(id, "").json()).as("sent twice").hasSize(1);
    for (int i = 0; i < 4; i++) {
      reminded();
    }
    assertThat(remind(UUID.randomUUID().toString(), "").status()).isEqualTo(409);
  }

  @Test
  void aPlannerWordsThemAnewAndSeesThemOnRealData() {
    reminded();
    String path = "/api/message-templates/MISSED";
    String bad = "{\"subject\":\"{plnt}\",\"body\":\"x\"}";
    assertThat(planner.put(path, bad, "If-Match", "\"0\"").body())
        .contains("\"subject\"", "{plnt}", "{plant}");
    String words = "{\"subject\":\"Dry, {plant}?\",\"body\":\"Dear {name}: {amount} on {day}?\"}";
    JsonNode shown = planner.post(path + "/preview", words).json();
    assertThat(shown.get("subject").asString()).startsWith("Dry, ").endsWith("?");
    assertThat(shown.get("body").asString()).contains("Dear Wren", "Friday 9 April");
    assertThat(planner.put(path, words, "If-Match", "\"0\"").status()).isEqualTo(200);
    try {
      assertThat(planner.put(path, words, "If-Match", "\"0\"").status())
          .as("somebody else has changed it")
          .isIn(409, 412);
      assertThat(messages().get(0).get("text").asString()).startsWith("Dear Wren");
    } finally {
      planner.delete(path);
    }
    for (JsonNode each : planner.get("/api/message-templates").json()) {
      assertThat(each.get("own").asBoolean()).isFalse();
    }
  }
}
