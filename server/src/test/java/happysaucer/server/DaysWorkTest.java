package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What a crew finds at its stops beside the jobs, and what the season learns from its days. */
@ExtendWith(RunningServer.class)
class DaysWorkTest {
  private static final String TODAY = "2027-04-12";
  private final Http planner;
  private final Http technician;
  private final Season season;
  private UUID crew;
  private House house;

  DaysWorkTest(Http http) {
    planner = http.as("planner");
    technician = http.as("technician");
    season = new Season(planner);
  }

  @BeforeEach
  void aCrewOnSaturdays() {
    crew = UUID.randomUUID();
    planner.put(
        "/api/crews/" + crew,
        """
        {"name":"Work %s","vanLitres":300,"vanKg":200,"skills":[],
         "people":[{"id":"%s","name":"Tamsin Orle"}],
         "hours":[{"weekday":6,"begins":"08:00","ends":"15:00"}]}"""
            .formatted(crew, UUID.randomUUID()));
    house = new House(planner, "Work " + crew);
  }

  private String repotted(String species, String label, String on) {
    String plant = house.plant(species, 110, label);
    house.check(plant, "2027-03-10T08:00:00Z", Season.CLEAR);
    season.done(season.scheduled(plant, TODAY), on);
    return plant;
  }

  @Test
  void whatElseIsDueAtAStopIsNamedOnceAndOnPaper() throws IOException {
    String worked = house.plant("Schefflera arboricola", 170, "DW-1");
    house.check(worked, TODAY + "T08:00:00Z", Season.CLEAR);
    String looked = house.plant("Epipremnum aureum", 150, "DW-2");
    assertThat(season.move(season.repot(worked), "2027-08-28", crew).status()).isEqualTo(200);
    String path = "/api/crews/" + crew + "/day";
    JsonNode stop = technician.get(path + "?on=2027-08-28").json().get("stops").get(0);
    assertThat(stop.get("also"))
        .as("the repot sees to the plant that it is for")
        .hasSize(1)
        .allMatch(also -> also.get("plantId").asString().equals(looked));
    assertThat(stop.get("also").get(0).get("texts").toString()).contains("First check");
    assertThat(stop.get("round").get("siteId").asString()).isEqualTo(house.site.toString());
    try (PDDocument paper =
        Loader.loadPDF(technician.bytes(path + "/sheet?on=2027-08-28&paper=A4"))) {
      assertThat(new PDFTextStripper().getText(paper)).contains("DW-2", "First check");
      assertThat(paper.getNumberOfPages()).isEqualTo(1);
    }
  }

  @Test
  void aStepThatIsTickedAnywhereIsAJobThatIsDone() {
    String plant = repotted("Schefflera arboricola", "DW-3", TODAY);
    List<JsonNode> looks = season.jobs(plant, "FOLLOW_UP");
    assertThat(looks).hasSize(2);
    String step =
        house
            .page(plant)
            .get("aftercare")
            .get("steps")
            .valueStream()
            .filter(each -> each.get("kind").asString().equals("FOLLOW_UP"))
            .findFirst()
            .orElseThrow()
            .get("id")
            .asString();
    String ticked = "/api/aftercare/" + step + "/done";
    technician.put(ticked, "{\"doneOn\":\"" + TODAY + "\"}");
    assertThat(season.jobs(plant, "FOLLOW_UP")).hasSize(1);
    technician.put(ticked, "{\"doneOn\":null}");
    assertThat(season.jobs(plant, "FOLLOW_UP"))
        .as("taken back, it is the same job again")
        .extracting(job -> job.get("id").asString())
        .containsExactlyInAnyOrderElementsOf(
            looks.stream().map(job -> job.get("id").asString()).toList());
  }

  @Test
  void whatSmallJobsTookTeachesTheNext() {
    String plant = repotted("Schefflera arboricola", "DW-4", TODAY);
    List<JsonNode> looks = season.jobs(plant, "FOLLOW_UP");
    int before = looks.get(0).get("minutes").asInt();
    Http.Answer done =
        technician.post(
            "/api/season/jobs/" + looks.get(0).get("id").asString() + "/done",
            "{\"doneOn\":\"%s\",\"minutes\":200}".formatted(TODAY));
    assertThat(done.status()).as(done.body()).isEqualTo(204);
    assertThat(season.jobs(plant, "FOLLOW_UP"))
        .as("the other look after the same repot takes longer than was thought")
        .hasSize(1)
        .allMatch(job -> job.get("minutes").asInt() > before);
    assertThat(planner.get("/api/plants/" + plant).json().get("aftercare").toString())
        .as("its step is ticked as well")
        .contains("\"doneOn\":\"" + TODAY + "\"");
  }

  @Test
  void theFirstWaterAfterADryTimeIsDoneByWhoeverPours() {
    String plant = repotted("Echinopsis oxygona", "DW-5", "2027-03-20");
    JsonNode water = season.jobs(plant, "WATER_IN").get(0);
    String from = water.get("fromOn").asString();
    assertThat(from).isBetween("2027-03-22", "2027-04-10");
    pour(plant, "2027-03-21");
    assertThat(season.jobs(plant, "WATER_IN")).as("too early").hasSize(1);
    pour(plant, from);
    assertThat(season.jobs(plant, "WATER_IN")).isEmpty();
  }

  private void pour(String plant, String on) {
    Http.Answer poured =
        technician.put(
            "/api/waterings/" + UUID.randomUUID(),
            "{\"plantId\":\"%s\",\"wateredOn\":\"%s\",\"litres\":0.1,\"runOffLitres\":0}"
                .formatted(plant, on));
    assertThat(poured.status()).as(poured.body()).isLessThan(300);
  }
}
