package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Clients, sites and spots; many plants entered at once; plants found, moved and retired. */
@ExtendWith(RunningServer.class)
class PlacesTest {
  private final Http planner;

  PlacesTest(Http http) {
    planner = http.as("planner");
  }

  private static final String GOOD =
      """
      spot;light;species;pot;last repotted;note;label
      Window;bright indirect;Ficus lyrata;28 cm;2025-04-20;;
      Window;;Howea forsteriana;11 in;;by the pillar;EN-7
      Desk;medium;Zamioculcas zamiifolia;160 mm;2024-09-01;;
      """;

  @Test
  void aSheetIsTriedFirstAndThenEnteredOnce() {
    House house = new House(planner, "Enter");
    JsonNode tried = house.enter(GOOD, false).json();
    assertThat(tried.get("saved").asBoolean()).isFalse();
    assertThat(tried.get("newSpots")).hasSize(2);
    assertThat(tried.get("rows").get(0).get("assumed").toString())
        .contains("Depth of the pot is not known", "Size of the plant is not known");
    assertThat(house.plants()).isEmpty();

    UUID id = UUID.randomUUID();
    assertThat(house.enter(id, GOOD, true).json().get("saved").asBoolean()).isTrue();
    house.enter(id, GOOD, true);
    assertThat(house.plants()).hasSize(3);

    JsonNode palm = planner.plant("EN-7");
    assertThat(palm.get("potTopMm").asDouble()).isEqualTo(279.4);
    assertThat(palm.get("commonName").asString()).isEqualTo("Kentia palm");
    assertThat(palm.get("action").asString()).isEqualTo("LEAVE");
    JsonNode site = planner.get("/api/sites/" + house.site).json();
    assertThat(site.get("site").get("plants").asInt()).isEqualTo(3);
    assertThat(site.get("spots").get(1).get("light").asString()).isEqualTo("BRIGHT_INDIRECT");
  }

  @Test
  void everyRowTellsAllItsFaultsAndNothingIsSavedWhileOneHasAny() {
    House house = new House(planner, "Faults");
    JsonNode view =
        house
            .enter(
                """
                spot,light,species,pot,group,holes,last repotted,label,pot base
                Desk,GLARING,Fikus lyrata,wide,,many,2030-01-01,T-001,
                ,low,Ficus lyrata,15 cm,,,,FA-1,60 cm
                Desk,,Unknown plantus,15 cm,PALM,,,FA-1,
                """,
                true)
            .json();
    assertThat(view.get("saved").asBoolean()).isFalse();
    assertThat(house.plants()).isEmpty();
    assertThat(view.get("rows").get(0).get("faults").findValuesAsString("field"))
        .containsExactlyInAnyOrder("light", "species", "pot", "holes", "last repotted", "label");
    assertThat(view.get("rows").get(0).get("faults").toString()).contains("Ficus lyrata");
    assertThat(view.get("rows").get(1).get("faults").findValuesAsString("field"))
        .containsExactlyInAnyOrder("spot", "pot base");
    assertThat(view.get("rows").get(2).get("faults").findValuesAsString("field"))
        .containsExactly("label");
  }

  @Test
  void aSheetThatCannotBeReadSaysWhatToMend() {
    House house = new House(planner, "Sheet");
    assertThat(house.enter("spot,colour\nDesk,red", true).body())
        .contains("There is no column colour", "The column species is missing");
    assertThat(house.enter("spot,species,pot", true).body()).contains("no rows");
    assertThat(house.enter("spot,species,pot\n\"Desk,Ficus lyrata,15", true).body())
        .contains("quote");
  }

  @Test
  void aLabelThatALaterRowBringsIsNotGivenToAnEarlierOne() {
    House house = new House(planner, "Labels");
    String next =
        house
            .enter("spot,species,pot\nDesk,Ficus lyrata,15", false)
            .json()
            .get("rows")
            .get(0)
            .get("label")
            .asString();
    JsonNode view =
        house
            .enter(
                "spot,species,pot,label\nDesk,Ficus lyrata,15,\nDesk,Ficus lyrata,15," + next,
                false)
            .json();
    assertThat(view.toString()).doesNotContain("\"message\"");
    assertThat(view.get("rows").get(0).get("label").asString()).isNotEqualTo(next);
  }

  @Test
  void aSpeciesOutsideTheBookTakesItsGroup() {
    House house = new House(planner, "Group");
    house.enter("where,plant,pot size,group,label\nDesk,Palma imaginata,20 cm,PALM,GR-1", true);
    JsonNode page = house.page(house.plants().get(0));
    assertThat(page.get("plant").get("speciesGroup").asString()).isEqualTo("PALM");
    assertThat(page.get("advice").get("call").get("action").asString()).isEqualTo("LEAVE");
  }

  @Test
  void aMoveToOtherLightIsNotedAndThePlantIsFoundAtItsNewPlace() {
    House house = new House(planner, "Move");
    String plant = house.plant("Ficus lyrata", 280, "MO-1");
    UUID spot = UUID.randomUUID();
    planner.put(
        "/api/spots/" + spot,
        "{\"siteId\":\"%s\",\"name\":\"Glasshouse\",\"light\":\"DIRECT\"}".formatted(house.site));
    String body = "{\"spotId\":\"%s\"}".formatted(spot);
    Http.Answer moved = planner.put("/api/plants/" + plant + "/place", body, "If-Match", "\"1\"");
    assertThat(moved.status()).isEqualTo(200);
    assertThat(moved.json().get("states").toString()).contains("MOVED_LIGHT");
    assertThat(planner.get("/api/plants?search=glasshouse%20mo-1").json().get("total").asInt())
        .isEqualTo(1);
    assertThat(planner.put("/api/plants/" + plant + "/place", body, "If-Match", "\"1\"").status())
        .isEqualTo(412);
  }

  @Test
  void aRetiredPlantLeavesListsAndItsJobIsDroppedAndItCanComeBack() {
    House house = new House(planner, "Retire");
    String plant = house.plant("Spathiphyllum wallisii", 190, "RT-1");
    house.check(plant, "2027-04-12T08:00:00Z", "{\"code\":\"ROOTS_ROTTEN\",\"value\":0.3}");
    UUID job = UUID.randomUUID();
    planner.put(
        "/api/jobs/" + job, "{\"plantId\":\"%s\",\"plannedOn\":\"2027-04-13\"}".formatted(plant));
    String path = "/api/plants/" + plant + "/retired";
    assertThat(planner.put(path, "{\"retiredOn\":\"2027-04-12\"}", "If-Match", "\"1\"").body())
        .contains("\"reason\"");
    assertThat(
            planner
                .put(
                    path,
                    "{\"retiredOn\":\"2027-04-12\",\"reason\":\"It died.\"}",
                    "If-Match",
                    "\"1\"")
                .status())
        .isEqualTo(200);
    assertThat(house.plants()).isEmpty();
    assertThat(planner.get("/api/jobs/" + job).json().get("job").get("status").asString())
        .isEqualTo("DROPPED");
    assertThat(house.page(plant).get("changes").toString()).contains("Retired: It died.");
    assertThat(
            planner.get("/api/plants?retired=true&site=" + house.site).json().get("total").asInt())
        .isEqualTo(1);

    planner.put(path, "{\"retiredOn\":null}", "If-Match", "\"2\"");
    assertThat(house.plants()).containsExactly(plant);
  }

  @Test
  void placesAreEditedByVersionAndPlantsAreFoundByTheNewName() {
    House house = new House(planner, "Rename");
    house.plant("Ficus lyrata", 280, "RN-1");
    String path = "/api/clients/" + house.client;
    assertThat(planner.put(path, "{\"name\":\"Zephyrine\"}", "If-Match", "\"1\"").status())
        .isEqualTo(204);
    assertThat(planner.get("/api/plants?search=zephyrine").json().get("total").asInt())
        .isEqualTo(1);
    Http.Answer stale = planner.put(path, "{\"name\":\"Other\"}", "If-Match", "\"1\"");
    assertThat(stale.status()).isEqualTo(412);
    assertThat(stale.json().get("changes").get(0).get("theirs").asString()).isEqualTo("Zephyrine");
    assertThat(planner.get("/api/clients?search=zephyrine").json().get(0).get("sites")).hasSize(1);
    assertThat(
            planner
                .put("/api/sites/" + UUID.randomUUID(), "{\"name\":\"\"}")
                .json()
                .get("errors")
                .size())
        .isGreaterThan(5);
  }

  @Test
  void listsAreNarrowedByPlaceGroupAndWhatIsDue() {
    House house = new House(planner, "Narrow");
    String lily = house.plant("Spathiphyllum wallisii", 190, "NA-1");
    house.plant("Ficus lyrata", 280, "NA-2");
    house.check(lily, "2027-04-12T08:00:00Z", "{\"code\":\"ROOTS_ROTTEN\",\"value\":0.3}");
    String at = "/api/plants?site=" + house.site;
    assertThat(planner.get(at + "&saucer=URGENT").json().get("plants").get(0).get("id").asString())
        .isEqualTo(lily);
    assertThat(planner.get(at + "&group=FIG").json().get("total").asInt()).isEqualTo(1);
    assertThat(planner.get(at + "&group=PALM").json().get("total").asInt()).isZero();
    assertThat(
            planner
                .get(at + "&pressingFirst=true")
                .json()
                .get("plants")
                .get(0)
                .get("id")
                .asString())
        .isEqualTo(lily);
    assertThat(planner.get("/api/plants?client=" + house.client).json().get("total").asInt())
        .isEqualTo(2);
    assertThat(planner.get("/api/plants?saucer=WET").status()).isEqualTo(400);
  }

  @Test
  void anythingIsFoundByItsWordsAndALabelComesFirst() {
    House house = new House(planner, "Finding");
    house.plant("Ficus lyrata", 280, "T-00");
    JsonNode byLabel = planner.get("/api/find?text=t-00").json();
    assertThat(byLabel.get(0).get("detail").asString()).startsWith("T-00 ");
    assertThat(planner.get("/api/find?text=reading%20room").json().toString())
        .contains("\"SITE\"", "Lantern Library");
    assertThat(planner.get("/api/find?text=heptapleurum").json().get(0).get("id").asString())
        .isEqualTo("Schefflera arboricola");
    assertThat(planner.get("/api/find?text=%25").json()).isEmpty();
  }

  @Test
  void nothingToReportForTheRestOfAStopIsLoggedAndTakenBackAtOnce() {
    House house = new House(planner, "Rest");
    String one = house.plant("Ficus lyrata", 280, "RS-1");
    String two = house.plant("Ficus lyrata", 280, "RS-2");
    String a = UUID.randomUUID().toString();
    String b = UUID.randomUUID().toString();
    String body =
        """
        {"checkedAt":"2027-04-12T08:20:00Z","minutes":4,"plants":[
          {"checkId":"%s","plantId":"%s"},{"checkId":"%s","plantId":"%s"}]}"""
            .formatted(a, one, b, two);
    assertThat(planner.post("/api/checks/all-well", body).status()).isEqualTo(204);
    assertThat(planner.post("/api/checks/all-well", body).status()).as("again").isEqualTo(204);
    assertThat(house.page(one).get("checks")).hasSize(1);
    assertThat(house.page(two).get("checks").get(0).get("minutes").asDouble()).isEqualTo(2);

    String undo = "{\"checkIds\":[\"%s\",\"%s\"]}".formatted(a, b);
    assertThat(planner.post("/api/checks/undo", undo).status()).isEqualTo(204);
    assertThat(house.page(two).get("checks")).isEmpty();
  }

  @Test
  void aMeasuredHeightBecomesThePlantsAndItsCourse() {
    House house = new House(planner, "Height");
    String plant = house.plant("Ficus lyrata", 280, "HE-1");
    for (String check : new String[] {"2027-03-01T08:00:00Z,900", "2027-04-12T08:00:00Z,1100"}) {
      String[] parts = check.split(",");
      planner.put(
          "/api/checks/" + UUID.randomUUID(),
          "{\"plantId\":\"%s\",\"checkedAt\":\"%s\",\"heightMm\":%s}"
              .formatted(plant, parts[0], parts[1]));
    }
    JsonNode page = house.page(plant);
    assertThat(page.get("plant").get("heightMm").asDouble()).isEqualTo(1100);
    JsonNode course = page.get("courses").get(0);
    assertThat(course.get("code").asString()).isEqualTo("HEIGHT");
    assertThat(course.get("points")).hasSize(2);
  }
}
