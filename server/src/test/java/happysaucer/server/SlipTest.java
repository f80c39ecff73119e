package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What the slip shows counts everywhere, and nobody with a plant in hand is refused. */
@ExtendWith(RunningServer.class)
class SlipTest {
  private static final String NOW = "2027-04-12T08:20:00Z";
  private static final String CROWDED =
      "{\"code\":\"ROOTS_CIRCLING\",\"grade\":\"SEVERE\"},{\"code\":\"ROOTS_FROM_DRAIN_HOLES\",\"grade\":\"CLEAR\"}";
  private static final String ROT = "{\"signs\":[{\"code\":\"ROOTS_ROTTEN\",\"value\":0.35}]}";
  private final Http http;
  private final Http planner;

  SlipTest(Http http) {
    this.http = http;
    planner = http.as("planner");
  }

  private String crowded(String house, String label) {
    House here = new House(planner, house);
    String plant = here.plant("Schefflera arboricola", 210, label);
    here.check(plant, NOW, CROWDED);
    return plant;
  }

  private String job(String plant, String more) {
    String id = UUID.randomUUID().toString();
    Http.Answer answer =
        planner.put(
            "/api/jobs/" + id,
            "{\"plantId\":\"%s\",\"plannedOn\":\"2027-04-12\"%s}".formatted(plant, more));
    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    return id;
  }

  private Http.Answer found(String job, String body) {
    return planner.put("/api/jobs/" + job + "/found", body);
  }

  private static String action(JsonNode view) {
    return view.get("advice").get("call").get("action").asString();
  }

  private String callOf(String plant) {
    return action(planner.get("/api/plants/" + plant).json());
  }

  @Test
  void workIsPlannedAnewFromWhatTheSlipShowed() {
    String plant = crowded("Slip one", "SL-1");
    String job = job(plant, "");
    found(job, ROT);
    JsonNode fit = planner.get("/api/plants/" + plant + "/fit").json();
    assertThat(action(fit)).isEqualTo("ROT_RESCUE");
    assertThat(callOf(plant)).isEqualTo("ROT_RESCUE");
    String version = fit.get("openJob").get("version").asString();
    String fits = fit.get("openJob").get("potId").asString();
    JsonNode anew =
        planner
            .put(
                "/api/jobs/" + job + "/plan",
                "{\"potId\":\"%s\",\"wish\":{\"mix\":\"succulent\"}}".formatted(fits),
                "If-Match",
                "\"" + version + "\"")
            .json();
    assertThat(action(anew)).isEqualTo("ROT_RESCUE");
    assertThat(anew.get("advice").get("repot").get("mix").get("code").asString())
        .isEqualTo("succulent");
  }

  @Test
  void whatIsRecordedAnewTakesThePlaceOfWhatWasRecorded() {
    String plant = crowded("Slip two", "SL-2");
    String job = job(plant, "");
    found(job, ROT);
    JsonNode mended = found(job, "{\"signs\":[{\"code\":\"ROOTS_HEALTHY\"}]}").json();
    assertThat(action(mended)).isEqualTo("POT_UP");
    assertThat(mended.get("found").findValuesAsString("code")).containsExactly("ROOTS_HEALTHY");
    assertThat(callOf(plant)).isEqualTo("POT_UP");
  }

  @Test
  void twoAtOneBenchAreToldOfEachOther() {
    String job = job(crowded("Slip nine", "SL-9"), "");
    String seen = "\"" + planner.get("/api/jobs/" + job).json().get("job").get("version") + "\"";
    String pale = "{\"signs\":[{\"code\":\"ROOTS_HEALTHY\"}]}";
    String path = "/api/jobs/" + job + "/found";
    assertThat(planner.put(path, pale, "If-Match", seen).status()).isEqualTo(200);
    assertThat(planner.put(path, pale, "If-Match", seen).status()).as("sent again").isEqualTo(200);
    Http.Answer late = planner.put(path, ROT, "If-Match", seen);
    assertThat(late.status()).isEqualTo(412);
    JsonNode change = late.json().get("changes").get(0);
    assertThat(change.get("yours").asString()).isEqualTo("Rotten roots");
    assertThat(change.get("theirs").asString()).isEqualTo("Roots firm and pale");
    assertThat(planner.get("/api/jobs/" + job).json().get("found").toString())
        .contains("ROOTS_HEALTHY")
        .doesNotContain("ROOTS_ROTTEN");
  }

  @Test
  void rotThatWasSeenIsNotForgottenWhenTheJobIsDroppedAndIsOverOnceItIsDone() {
    String plant = crowded("Slip three", "SL-3");
    String first = job(plant, "");
    found(first, ROT);
    planner.delete("/api/jobs/" + first);
    assertThat(planner.delete("/api/jobs/" + first).status()).as("sent again").isEqualTo(200);
    assertThat(callOf(plant)).isEqualTo("ROT_RESCUE");
    String second = job(plant, "");
    assertThat(
            planner
                .put(
                    "/api/jobs/" + second + "/done",
                    "{\"doneOn\":\"2027-04-12\",\"oldPot\":\"WASTE\"}")
                .status())
        .isEqualTo(200);
    assertThat(callOf(plant)).isNotEqualTo("ROT_RESCUE");
  }

  @Test
  void workEnteredLateIsNotFollowedByWhatItsOwnSlipShowed() {
    String plant = crowded("Slip four", "SL-4");
    String job = job(plant, "");
    found(job, ROT);
    planner.put("/api/jobs/" + job + "/done", "{\"doneOn\":\"2027-04-10\",\"oldPot\":\"WASTE\"}");
    JsonNode page = planner.get("/api/plants/" + plant).json();
    assertThat(page.get("plant").get("lastRepotted").asString()).isEqualTo("2027-04-10");
    assertThat(action(page)).isNotEqualTo("ROT_RESCUE");
  }

  @Test
  void wishedCutsThatDoNotSuitTheBallInHandGiveWayToTheRulesAndItIsSaid() {
    String plant = crowded("Slip five", "SL-5");
    String job = job(plant, ",\"wish\":{\"baseSliceMm\":40,\"sideShaveMm\":6}");
    JsonNode shallow = found(job, "{\"signs\":[],\"ball\":{\"topMm\":190,\"heightMm\":50}}").json();
    assertThat(shallow.get("why").toString()).contains("The cuts that were wished do not suit");
    assertThat(shallow.get("wish").get("baseSliceMm").isNull()).isTrue();
    JsonNode work = shallow.get("advice").get("repot").get("rootWork");
    assertThat(work.get("baseSliceMm").asDouble()).isLessThan(40);
    assertThat(work.get("overLimit").asBoolean()).isFalse();
  }

  @Test
  void wishedCutsThatStillSuitStand() {
    String plant = crowded("Slip six", "SL-6");
    String job = job(plant, ",\"wish\":{\"baseSliceMm\":12,\"sideShaveMm\":6}");
    JsonNode same = found(job, "{\"signs\":[],\"ball\":{\"topMm\":180,\"heightMm\":150}}").json();
    assertThat(same.get("wish").get("baseSliceMm").asDouble()).isEqualTo(12);
    assertThat(same.get("advice").get("repot").get("rootWork").get("baseSliceMm").asDouble())
        .isEqualTo(12);
  }

  @Test
  void whatTheOwnerKeepsIsSettledAtTheBenchAndThePlanFollows() {
    House house = new House(planner, "Slip seven");
    house.enter(
        "spot,species,shape,pot,pot base,pot depth,mouth,last repotted,label\n"
            + "Desk,Ficus benjamina,URN,300 mm,240 mm,330 mm,230 mm,2023-10-01,SL-7",
        true);
    String plant = house.plants().get(0);
    house.check(plant, NOW, CROWDED);
    String job = job(plant, ",\"order\":%s,\"confirmed\":true".formatted(nothingFits(plant)));
    String kept = "/api/jobs/" + job + "/break-out";
    Http.Answer unconfirmed = planner.put(kept, "{\"kept\":\"POT\"}");
    assertThat(unconfirmed.json().get("errors").findValuesAsString("field"))
        .containsExactly("confirmed");
    JsonNode pot = planner.put(kept, "{\"kept\":\"POT\",\"confirmed\":true}").json();
    assertThat(pot.get("steps").toString()).doesNotContain("Slice 0");
    assertThat(pot.get("advice").get("cautions").toString()).doesNotContain("Shards cut");
    assertThat(pot.get("wish").get("breakOut").asString()).isEqualTo("POT");
    assertThat(pot.get("steps").toString()).doesNotContain("piece by piece");
    JsonNode broken = planner.put(kept, "{\"kept\":\"PLANT\"}").json();
    assertThat(broken.get("steps").toString()).contains("piece by piece");
    assertThat(broken.get("changes")).isNotEmpty();
    assertThat(broken.get("advice").get("cautions").toString()).contains("Shards cut");
    assertThat(planner.put(kept, "{}").json().get("errors").findValuesAsString("field"))
        .containsExactly("kept");
  }

  private boolean nothingFits(String plant) {
    return !planner
        .get("/api/plants/" + plant + "/fit")
        .json()
        .get("advice")
        .get("repot")
        .get("order")
        .isNull();
  }

  @Test
  void aPotThatLetsItsPlantOutLeavesNothingToChoose() {
    String job = job(crowded("Slip eight", "SL-8"), "");
    Http.Answer refused = planner.put("/api/jobs/" + job + "/break-out", "{\"kept\":\"POT\"}");
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body()).contains("nothing to choose");
  }

  @Test
  void everybodyReadsAJobInTheirOwnUnitsAndTicksTheSameSteps() {
    Http counter = http.as("technician");
    String job = job(crowded("Slip ten", "SL-10"), "");
    JsonNode metric = planner.get("/api/jobs/" + job).json();
    counter.put("/api/session/units", "{\"units\":\"IMPERIAL\"}");
    try {
      JsonNode imperial = counter.get("/api/jobs/" + job).json();
      assertThat(metric.get("steps").toString()).contains(" cm ").doesNotContain(" in inside");
      assertThat(imperial.get("steps").toString()).contains(" in inside").doesNotContain(" cm ");
      assertThat(imperial.get("steps")).hasSameSizeAs(metric.get("steps"));
      counter.put("/api/jobs/" + job + "/steps/1", "{\"tickedAt\":\"2027-04-12T08:31:00Z\"}");
      JsonNode found = counter.put("/api/jobs/" + job + "/found", ROT).json();
      assertThat(found.get("changes").toString()).contains(" in").doesNotContain(" cm");
    } finally {
      counter.put("/api/session/units", "{\"units\":\"METRIC\"}");
    }
    JsonNode after = planner.get("/api/jobs/" + job).json();
    assertThat(after.get("steps").toString()).contains(" cm ").doesNotContain(" in inside");
    assertThat(after.get("steps").get(1).get("tickedAt").isNull()).isFalse();
  }
}
