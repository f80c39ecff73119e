package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.io.IOException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A crew's day, its load and its calendar, from jobs that were planned and made known. */
@ExtendWith(RunningServer.class)
class CrewDayTest {
  private static final String CLEAR =
      "{\"code\":\"ROOTS_CIRCLING\",\"grade\":\"CLEAR\"},{\"code\":\"ROOTS_FROM_DRAIN_HOLES\",\"grade\":\"CLEAR\"}";
  private final Http anybody;
  private final Http planner;
  private final Http technician;
  private UUID crew;
  private House house;
  private String day;

  CrewDayTest(Http http) {
    anybody = http;
    planner = http.as("planner");
    technician = http.as("technician");
  }

  private static int saturdays;

  /** A crew of its own, on a Saturday of its own: the server is shared by all tests. */
  @BeforeEach
  void aCrewAndAHouse() {
    crew = UUID.randomUUID();
    day = LocalDate.parse("2027-06-26").plusWeeks(saturdays++ % 9).toString();
    planner.put(
        "/api/crews/" + crew,
        """
        {"name":"Day %s","vanLitres":300,"vanKg":200,"skills":["ROOT_CUTTING"],
         "people":[{"id":"%s","name":"Tamsin Orle"}],
         "hours":[{"weekday":6,"begins":"08:00","ends":"15:00"}]}"""
            .formatted(crew, UUID.randomUUID()));
    house = new House(planner, "Day " + UUID.randomUUID());
  }

  private JsonNode repot(String plant) {
    return planner
        .get("/api/season")
        .json()
        .get("jobs")
        .valueStream()
        .filter(
            job ->
                job.get("plantId").asString().equals(plant)
                    && job.get("kind").asString().equals("REPOT"))
        .findFirst()
        .orElseThrow();
  }

  private String planned(String species, String label) {
    String plant = house.plant(species, 170, label);
    house.check(plant, "2027-04-12T08:00:00Z", CLEAR);
    move(plant, day);
    return plant;
  }

  private void move(String plant, String on) {
    JsonNode job = repot(plant);
    Http.Answer moved =
        planner.put(
            "/api/season/jobs/" + job.get("id").asString() + "/place",
            "{\"on\":\"%s\",\"leadId\":\"%s\",\"pinned\":false}".formatted(on, crew),
            "If-Match",
            "\"" + job.get("version").asInt() + "\"");
    assertThat(moved.status()).as(moved.body()).isEqualTo(200);
  }

  private JsonNode publish() {
    Http.Answer known = planner.post("/api/season/weeks/" + day + "/publish", null);
    assertThat(known.status()).as(known.body()).isEqualTo(200);
    return known.json();
  }

  private JsonNode day() {
    return technician.get("/api/crews/" + crew + "/day?on=" + day).json();
  }

  private static String label(String prefix) {
    return prefix + UUID.randomUUID().toString().substring(0, 6).toUpperCase(Locale.ROOT);
  }

  @Test
  void stopsHaveTheirHoursAndTheWayThere() {
    planned("Schefflera arboricola", label("CD"));
    JsonNode plan = day();
    assertThat(plan.get("stops")).hasSize(1);
    JsonNode stop = plan.get("stops").get(0);
    LocalTime arrive = LocalTime.parse(stop.get("arrive").asString());
    assertThat(arrive).isEqualTo(LocalTime.of(8, 0).plusMinutes(stop.get("wayMinutes").asInt()));
    int minutes = stop.get("jobs").get(0).get("minutes").asInt();
    assertThat(LocalTime.parse(stop.get("leave").asString()))
        .isEqualTo(arrive.plusMinutes(minutes + stop.get("settingUpMinutes").asInt()));
    assertThat(plan.get("overMinutes").asInt()).isZero();
    assertThat(plan.get("exact").asBoolean()).isTrue();
    assertThat(day().get("load").get("without")).as("it has no pot before it is known").hasSize(1);
  }

  @Test
  void theLoadAddsUpFromItsJobs() {
    List<String> plants =
        List.of(
            planned("Schefflera arboricola", label("CL")),
            planned("Epipremnum aureum", label("CL")),
            planned("Schefflera arboricola", label("CL")));
    publish();
    Map<String, Double> byHand = new HashMap<>();
    double grams = 0;
    double litres = 0;
    int withPot = 0;
    for (String plant : plants) {
      JsonNode job = repot(plant).get("jobId");
      if (job.isNull()) {
        continue;
      }
      withPot++;
      JsonNode needs =
          planner.get("/api/jobs/" + job.asString()).json().get("advice").get("repot").get("needs");
      for (JsonNode need : needs) {
        switch (need.get("kind").asString()) {
          case "MIX", "INGREDIENT", "POT" ->
              byHand.merge(
                  need.get("kind").asString() + "/" + need.get("code").asString(),
                  need.get("amount").asDouble(),
                  Double::sum);
          case "MASS" -> grams += need.get("amount").asDouble();
          case "VOLUME" -> litres += need.get("amount").asDouble();
          default -> {
            // tools are shared
          }
        }
      }
    }
    assertThat(withPot).isPositive();
    JsonNode load = day().get("load");
    Map<String, Double> told = new HashMap<>();
    for (Map.Entry<String, String> kind :
        Map.of("pots", "POT", "mixes", "MIX", "ingredients", "INGREDIENT").entrySet()) {
      for (JsonNode line : load.get(kind.getKey())) {
        told.put(
            kind.getValue() + "/" + line.get("code").asString(), line.get("amount").asDouble());
      }
    }
    assertThat(told.keySet()).isEqualTo(byHand.keySet());
    byHand.forEach(
        (code, amount) -> assertThat(told.get(code)).as(code).isCloseTo(amount, within(1e-6)));
    if (withPot == plants.size()) {
      assertThat(load.get("kilograms").asDouble()).isCloseTo(grams / 1000, within(1e-6));
      assertThat(load.get("litres").asDouble()).isCloseTo(litres, within(1e-6));
    }
    assertThat(load.get("tools").toString()).contains("TARP");
  }

  @Test
  void itIsPrintedOnOnePage() throws IOException {
    String label = label("CP");
    planned("Schefflera arboricola", label);
    publish();
    for (String paper : List.of("A4", "LETTER")) {
      byte[] pdf =
          technician.bytes("/api/crews/" + crew + "/day/sheet?on=" + day + "&paper=" + paper);
      try (PDDocument document = Loader.loadPDF(pdf)) {
        assertThat(document.getNumberOfPages()).isEqualTo(1);
        String text = new PDFTextStripper().getText(document);
        assertThat(text).contains(label, "The van carries", "Tamsin Orle");
      }
    }
  }

  @Test
  void aDayHalfDoneGivesTheRestBack() {
    String plant = planned("Schefflera arboricola", label("CH"));
    Http.Answer early =
        technician.post(
            "/api/crews/" + crew + "/day/end", "{\"on\":\"" + day + "\",\"why\":\"Rain.\"}");
    assertThat(early.status()).as("it has not come yet").isEqualTo(400);
    assertThat(repot(plant).get("plannedOn").asString()).isEqualTo(day);
    technician.post(
        "/api/season/jobs/" + repot(plant).get("id").asString() + "/skip",
        "{\"why\":\"The lift was out of order.\"}");
    assertThat(repot(plant).get("note").asString()).contains("The lift was out of order.");
    assertThat(repot(plant).get("plannedOn").isNull()).isTrue();
    assertThat(day().get("stops")).isEmpty();
  }

  private ICalendar read(String text) {
    List<ICalendar> all = Biweekly.parse(text).all();
    assertThat(all).hasSize(1);
    if (!all.get(0).getEvents().isEmpty()) {
      assertThat(all.get(0).validate(all.get(0).getVersion()).isEmpty())
          .as(all.get(0).validate(all.get(0).getVersion()).toString())
          .isTrue();
    }
    return all.get(0);
  }

  private VEvent event(String calendar, String label) {
    return read(calendar).getEvents().stream()
        .filter(each -> each.getSummary().getValue().contains(label))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void anotherReaderUnderstandsTheCalendarThroughMovesAndCancellations() {
    String label = label("CK");
    String plant = planned("Schefflera arboricola", label);
    String path = "/api/crews/" + crew + "/calendar.ics";
    assertThat(read(planner.get(path).body()).getEvents()).as("not before it is known").isEmpty();
    publish();
    VEvent first = event(planner.get(path).body(), label);
    ZoneId zone = ZoneId.of(planner.get("/api/session").json().get("team").get("zone").asString());
    JsonNode stop = day().get("stops").get(0);
    assertThat(first.getDateStart().getValue().toInstant().atZone(zone).toLocalDateTime())
        .isEqualTo(LocalDate.parse(day).atTime(LocalTime.parse(stop.get("begin").asString())));
    assertThat(first.getStatus().isConfirmed()).isTrue();
    int sequence = first.getSequence().getValue();

    String later = LocalDate.parse(day).plusWeeks(1).toString();
    move(plant, later);
    VEvent moved = event(planner.get(path).body(), label);
    assertThat(moved.getUid().getValue()).as("known again").isEqualTo(first.getUid().getValue());
    assertThat(moved.getSequence().getValue()).isGreaterThan(sequence);
    assertThat(moved.getDateStart().getValue().toInstant().atZone(zone).toLocalDate())
        .isEqualTo(LocalDate.parse(later));

    planner.post(
        "/api/season/jobs/" + repot(plant).get("id").asString() + "/drop", "{\"why\":\"Sold.\"}");
    VEvent cancelled = event(planner.get(path).body(), label);
    assertThat(cancelled.getStatus().isCancelled()).isTrue();
    assertThat(cancelled.getSequence().getValue())
        .isGreaterThanOrEqualTo(moved.getSequence().getValue());
  }

  @Test
  void inAZoneOfItsOwnHoursAreThoseOfTheTeam() {
    String label = label("CZ");
    planned("Schefflera arboricola", label);
    publish();
    JsonNode team = planner.get("/api/team").json();
    String settings =
        """
        {"name":"%s","zone":"%s","currency":"EUR","paper":"A4","units":"METRIC","weekStarts":1,
         "workshopLatitude":%s,"workshopLongitude":%s,"measures":%s}""";
    planner.put(
        "/api/team",
        with(settings, team, "Pacific/Chatham"),
        "If-Match",
        "\"" + team.get("version").asInt() + "\"");
    try {
      String text = planner.get("/api/crews/" + crew + "/calendar.ics").body();
      VEvent event = event(text, label);
      assertThat(text).contains("TZID=Pacific/Chatham");
      assertThat(
              event
                  .getDateStart()
                  .getValue()
                  .toInstant()
                  .atZone(ZoneId.of("Pacific/Chatham"))
                  .toLocalTime())
          .isEqualTo(LocalTime.parse(day().get("stops").get(0).get("begin").asString()));
    } finally {
      JsonNode now = planner.get("/api/team").json();
      planner.put(
          "/api/team",
          with(settings, team, team.get("zone").asString()),
          "If-Match",
          "\"" + now.get("version").asInt() + "\"");
    }
  }

  private static String with(String settings, JsonNode team, String zone) {
    return settings.formatted(
        team.get("name").asString(),
        zone,
        team.get("workshopLatitude"),
        team.get("workshopLongitude"),
        team.get("measures"));
  }

  @Test
  void aClientReadsOnlyTheirOwnByAnAddressThatEnds() {
    String mine = label("CM");
    planned("Schefflera arboricola", mine);
    UUID client = house.client;
    house = new House(planner, "Other " + UUID.randomUUID());
    String others = label("CO");
    planned("Schefflera arboricola", others);
    publish();
    String path =
        planner
            .put("/api/clients/" + client + "/feed", "{\"open\":true}")
            .json()
            .get("path")
            .asString();
    assertThat(path).matches("/calendar/[A-Za-z0-9_-]{43}\\.ics");
    Http.Answer read = anybody.get(path);
    assertThat(read.status()).isEqualTo(200);
    assertThat(read.raw().headers().firstValue("content-type"))
        .get()
        .asString()
        .startsWith("text/calendar");
    assertThat(read(read.body()).getEvents()).hasSize(1);
    assertThat(read.body()).contains(mine).doesNotContain(others);

    assertThat(
            planner
                .put("/api/clients/" + client + "/feed", "{\"open\":true}")
                .json()
                .get("path")
                .asString())
        .as("asked again it stays")
        .isEqualTo(path);
    planner.put("/api/clients/" + client + "/feed", "{\"open\":false}");
    assertThat(anybody.get(path).status()).isEqualTo(404);
    String anew =
        planner
            .put("/api/clients/" + client + "/feed", "{\"open\":true}")
            .json()
            .get("path")
            .asString();
    assertThat(anew).isNotEqualTo(path);
    assertThat(anybody.get("/calendar/" + "A".repeat(43) + ".ics").status()).isEqualTo(404);
  }
}
