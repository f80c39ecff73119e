package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The page of whoever waters: what it tells, what it takes, and that it ends. */
@ExtendWith(RunningServer.class)
class CaretakerTest {
  private static final String TODAY = "2027-04-12";
  private static int houses;
  private static House house;

  private final Http anybody;
  private final Http technician;
  private String plant;
  private String job;
  private String path;

  CaretakerTest(Http http) {
    anybody = http;
    technician = http.as("technician");
  }

  @BeforeEach
  void aPlantThatWasRepottedAndAPageForIt() {
    houses++;
    if (house == null) {
      house = new House(technician, "Lantern Mews");
    }
    plant = house.plant("Schefflera arboricola", 170, "CT-" + houses + "X");
    house.check(plant, "2027-04-01T08:00:00Z", Season.CLEAR);
    Season season = new Season(technician);
    job = season.scheduled(plant, TODAY);
    season.done(job, "2027-04-08");
    path = open(true).get("path").asString();
  }

  private JsonNode open(boolean open) {
    Http.Answer answer =
        technician.put("/api/jobs/" + job + "/care-link", "{\"open\":" + open + "}");
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return answer.json();
  }

  private Http.Answer watered(String id, String amount) {
    return anybody.post(path + "/watered", "id=" + id + "&amount=" + amount + "&day=today");
  }

  private Http.Answer wrong(String words) {
    return anybody.post(path + "/words", "id=" + UUID.randomUUID() + "&words=" + words);
  }

  private List<JsonNode> waterings() {
    List<JsonNode> all = new ArrayList<>();
    house.page(plant).get("waterings").forEach(all::add);
    return all;
  }

  private JsonNode watched() {
    for (JsonNode each : technician.get("/api/watch").json().get("plants")) {
      if (each.get("plantId").asString().equals(plant)) {
        return each;
      }
    }
    throw new AssertionError("it is not watched");
  }

  @Test
  void itTellsWhatToDoAndNothingElse() {
    assertThat(path).matches("/care/[A-Za-z0-9_-]{43}");
    assertThat(open(true).get("path").asString()).as("opened twice, it is one").isEqualTo(path);
    Http.Answer page = anybody.get(path);
    assertThat(page.status()).isEqualTo(200);
    assertThat(page.body())
        .contains("I watered it", "Something looks wrong", "We come back", "noindex")
        .doesNotContain("<script", house.client.toString(), house.site.toString(), "Lantern Mews");
    assertThat(page.body().getBytes(StandardCharsets.UTF_8).length).isLessThan(40_000);
    assertThat(header(page, "referrer-policy")).isEqualTo("no-referrer");
    assertThat(header(page, "cache-control")).contains("no-store");
    assertThat(header(page, "x-robots-tag")).contains("noindex");
    assertThat(anybody.get("/robots.txt").body()).contains("Disallow: /");
  }

  private static String header(Http.Answer answer, String name) {
    return String.join(",", answer.raw().headers().allValues(name));
  }

  @Test
  void whatWasPouredIsOnRecordOnceAndInTheirOwnMeasure() {
    int before = waterings().size();
    Matcher form =
        Pattern.compile("name=id value=([0-9a-f-]{36}).*?I poured \\(([a-z]+)\\)", Pattern.DOTALL)
            .matcher(anybody.get(path).body());
    assertThat(form.find()).isTrue();
    assertThat(watered(form.group(1), "1").status()).isEqualTo(303);
    assertThat(watered(form.group(1), "1").status()).as("tapped twice").isEqualTo(303);
    assertThat(waterings()).hasSize(before + 1);
    double litres = waterings().get(0).get("litres").asDouble();
    double measure = 0;
    for (JsonNode each : technician.get("/api/team").json().get("measures")) {
      if (form.group(2).startsWith(each.get("name").asString())) {
        measure = each.get("litres").asDouble();
      }
    }
    assertThat(litres).isEqualTo(measure == 0 ? 1 : measure);
    assertThat(watched().get("poured").toString()).contains(TODAY);
    assertThat(anybody.get(path + "?told=water").body()).contains("it is down as watered");
  }

  @Test
  void amountsThatCannotBeAreRefusedAndCounted() {
    int before = waterings().size();
    for (String amount : List.of("400", "-1", "0", "NaN", "much", "")) {
      Http.Answer answer = watered(UUID.randomUUID().toString(), amount);
      assertThat(answer.status()).as(amount).isEqualTo(400);
      assertThat(answer.body()).contains("Write how much you poured");
    }
    assertThat(watered("no-id", "1").status()).isEqualTo(400);
    assertThat(waterings()).hasSize(before);
    assertThat(technician.get("/api/jobs/" + job + "/care-link").json().get("refused").asInt())
        .isEqualTo(7);
  }

  @Test
  void aWordOfTheirsIsSeenAtOnceAndAnswered() {
    assertThat(wrong("%20").status()).isEqualTo(400);
    assertThat(wrong("It+hangs+%26+the+pot+is+heavy+%3Cb%3E").status()).isEqualTo(303);
    JsonNode seen = watched();
    assertThat(seen.get("level").asString()).isEqualTo("ALARM");
    JsonNode report = seen.get("reports").get(0);
    assertThat(report.get("words").asString()).isEqualTo("It hangs & the pot is heavy <b>");
    assertThat(anybody.get(path).body())
        .contains("Until we have answered")
        .doesNotContain("<b>It", "heavy <b>");
    technician.post(
        "/api/care-reports/" + report.get("id").asString() + "/answer",
        "{\"words\":\"Leave it dry, we come on <Monday>.\"}");
    assertThat(watched().get("reports")).isEmpty();
    assertThat(anybody.get(path).body())
        .contains("we come on &lt;Monday&gt;.")
        .doesNotContain("Until we have answered");
  }

  @Test
  void aPhotoThatIsNoneIsRefused() {
    UUID words = UUID.randomUUID();
    anybody.post(path + "/words", "id=" + words + "&words=Spots");
    String photo = path + "/words/" + words + "/photo";
    Http.Answer none = anybody.put(photo, "no picture at all");
    assertThat(none.status()).isEqualTo(400);
    assertThat(anybody.put(path + "/words/" + UUID.randomUUID() + "/photo", "x").body())
        .contains("nothing was told yet");
    assertThat(watched().get("reports").get(0).get("photoId").isNull()).isTrue();
  }

  @Test
  void anAddressThatHasEndedSaysSoAndLeaksNothing() {
    String ended = path;
    open(false);
    String never = "/care/" + "A".repeat(43);
    for (String each : List.of(ended, ended + "/water.ics", never)) {
      Http.Answer answer = anybody.get(each);
      assertThat(answer.status()).as(each).isEqualTo(410);
      assertThat(answer.body())
          .isEqualTo(anybody.get(never).body())
          .contains("This page has ended")
          .doesNotContain("CT-", "Lantern", "Schefflera", plant, job);
    }
    int before = waterings().size();
    assertThat(watered(UUID.randomUUID().toString(), "1").status()).isEqualTo(410);
    assertThat(wrong("Help").status()).isEqualTo(410);
    assertThat(waterings()).hasSize(before);
    String again = open(true).get("path").asString();
    assertThat(again).as("another address").isNotEqualTo(ended);
    assertThat(anybody.get(ended).status()).isEqualTo(410);
  }

  @Test
  void aThousandTapsAreRefusedCountedAndDoNotReachTheRecord() {
    int before = waterings().size();
    int refused = 0;
    for (int i = 0; i < 200; i++) {
      int status = watered(UUID.randomUUID().toString(), "1").status();
      if (status == 429) {
        refused++;
      } else {
        assertThat(status).isIn(303, 400);
      }
    }
    assertThat(refused).isGreaterThan(150);
    assertThat(waterings().size() - before).as("three a day are believed").isEqualTo(3);
    assertThat(technician.get("/api/jobs/" + job + "/care-link").json().get("refused").asInt())
        .isGreaterThan(150);
    assertThat(anybody.get(path).status()).as("it can still be read").isEqualTo(200);
  }

  @Test
  void theDaysOfWaterAreForTheirCalendar() {
    Http.Answer read = anybody.get(path + "/water.ics");
    assertThat(read.status()).isEqualTo(200);
    var events = Biweekly.parse(read.body()).first().getEvents();
    assertThat(events).isNotEmpty();
    assertThat(events)
        .allSatisfy(
            event -> {
              assertThat(event.getSummary().getValue()).startsWith("Water ");
              assertThat(event.getDateStart().getValue().hasTime()).isFalse();
              assertThat(event.getUid().getValue()).startsWith("care-");
            });
    assertThat(Biweekly.parse(anybody.get(path + "/water.ics").body()).first().getEvents())
        .extracting(event -> event.getUid().getValue())
        .containsExactlyElementsOf(
            events.stream().map(event -> event.getUid().getValue()).toList());
  }

  @Test
  void theCardIsOnePageOfEverySizeAndLabelToo() throws IOException {
    for (String size : List.of("A4", "LETTER", "HALF", "LABEL")) {
      byte[] pdf = technician.bytes("/api/jobs/" + job + "/card/sheet?size=" + size);
      try (PDDocument document = Loader.loadPDF(pdf)) {
        assertThat(document.getNumberOfPages()).as(size).isEqualTo(1);
        String text = new PDFTextStripper().getText(document);
        assertThat(text).contains("CT-" + houses + "X", "Water");
        if (!size.equals("LABEL")) {
          assertThat(text)
              .contains("moved to a larger pot", "Not normal:", "Tell us", "We come back about")
              .doesNotContain("Lantern Mews");
        }
      }
    }
  }

  @Test
  void aStepIsLeftOutWithItsReasonOrGetsOtherDays() {
    JsonNode step =
        house
            .page(plant)
            .get("aftercare")
            .get("steps")
            .valueStream()
            .filter(each -> each.get("kind").asString().equals("FOLLOW_UP"))
            .findFirst()
            .orElseThrow();
    assertThat(step.get("normal").asString()).isNotBlank();
    assertThat(step.get("alarming").asString()).contains("wilts while wet");
    String of = "/api/aftercare/" + step.get("id").asString();
    assertThat(technician.put(of + "/skip", "{\"why\":\"  \"}").body()).contains("Say why");
    assertThat(technician.put(of + "/day", "{\"fromOn\":\"2027-01-01\"}").body())
        .contains("fromOn", "of the work");
    technician.put(of + "/day", "{\"fromOn\":\"2027-04-26\"}");
    JsonNode moved = step(step);
    assertThat(moved.get("fromOn").asString()).isEqualTo("2027-04-26");
    assertThat(moved.get("wasFrom").asString()).isEqualTo(step.get("fromOn").asString());
    technician.put(of + "/skip", "{\"why\":\"The office moves house.\"}");
    assertThat(step(step).get("skippedWhy").asString()).isEqualTo("The office moves house.");
    assertThat(technician.put(of + "/day", "{\"fromOn\":\"2027-04-27\"}").status()).isEqualTo(409);
    assertThat(
            technician
                .get("/api/season")
                .json()
                .get("jobs")
                .valueStream()
                .filter(each -> each.get("plantId").asString().equals(plant))
                .filter(each -> each.get("kind").asString().equals("FOLLOW_UP")))
        .as("it is no job any more")
        .hasSize(1);
  }

  private JsonNode step(JsonNode step) {
    return house
        .page(plant)
        .get("aftercare")
        .get("steps")
        .valueStream()
        .filter(each -> each.get("id").equals(step.get("id")))
        .findFirst()
        .orElseThrow();
  }
}
