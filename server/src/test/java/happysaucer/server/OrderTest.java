package happysaucer.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Pots on their way: what waits for them follows, what comes goes on the shelf. */
@ExtendWith(RunningServer.class)
class OrderTest {
  private final Http planner;
  private final Http technician;
  private final Season season;
  private String pot;
  private String order;

  OrderTest(Http http) {
    planner = http.as("planner");
    technician = http.as("technician");
    season = new Season(planner);
  }

  @BeforeEach
  void aPotOfWhichThereIsNone() {
    pot = UUID.randomUUID().toString();
    order = UUID.randomUUID().toString();
    Http.Answer put =
        technician.put(
            "/api/shelf/" + pot,
            """
            {"name":"Ordered %s","kind":"GROW","shape":"STANDARD","material":"PLASTIC","topMm":437,
             "drainHoles":6,"inStock":0,"lowAt":0,"note":"","place":"Rack C"}"""
                .formatted(pot));
    assertThat(put.status()).as(put.body()).isEqualTo(200);
  }

  private Http.Answer order(int amount, String due, Integer version) {
    String body =
        """
        {"shelfPotId":"%s","supplier":"Quay Potters","amount":%d,"orderedOn":"2027-04-10",
         "dueOn":"%s","note":""}"""
            .formatted(pot, amount, due);
    return version == null
        ? technician.put("/api/orders/" + order, body)
        : technician.put("/api/orders/" + order, body, "If-Match", "\"" + version + "\"");
  }

  private Http.Answer deliver(String id, int amount, boolean last) {
    return technician.post(
        "/api/orders/" + order + "/deliveries",
        "{\"id\":\"%s\",\"amount\":%d,\"last\":%s}".formatted(id, amount, last));
  }

  private int inStock() {
    for (JsonNode item : planner.get("/api/shelf").json().get("items")) {
      if (item.get("pot").get("id").asString().equals(pot)) {
        return item.get("pot").get("inStock").asInt();
      }
    }
    throw new AssertionError("no such pot");
  }

  private JsonNode open() {
    for (JsonNode each : planner.get("/api/orders").json()) {
      if (each.get("id").asString().equals(order)) {
        return each;
      }
    }
    return null;
  }

  @Test
  void whatComesGoesOnTheShelfOnceAndTheRestStaysOpen() {
    assertThat(order(6, "2027-05-03", null).status()).isEqualTo(200);
    String delivery = UUID.randomUUID().toString();
    assertThat(deliver(delivery, 4, false).status()).isEqualTo(200);
    assertThat(deliver(delivery, 4, false).status()).as("sent again").isEqualTo(200);
    assertThat(inStock()).isEqualTo(4);
    assertThat(open().get("received").asInt()).isEqualTo(4);
    deliver(UUID.randomUUID().toString(), 2, false);
    assertThat(inStock()).isEqualTo(6);
    assertThat(open()).as("whole").isNull();
    assertThat(deliver(UUID.randomUUID().toString(), 1, true).status()).isEqualTo(409);
  }

  @Test
  void faultsAreNamedAndAStaleEditIsRefused() {
    assertThat(order(0, "2027-05-03", null).body()).contains("amount", "1 to 10000");
    assertThat(order(3, "2027-04-01", null).body()).contains("dueOn", "before it was ordered");
    assertThat(order(3, "2027-05-03", null).status()).isEqualTo(200);
    assertThat(order(3, "2027-05-10", 1).status()).isEqualTo(200);
    Http.Answer stale = order(3, "2027-05-20", 1);
    assertThat(stale.status()).isEqualTo(412);
    assertThat(stale.body()).contains("dueOn", "2027-05-10");
    assertThat(deliver(UUID.randomUUID().toString(), 0, false).body()).contains("no more comes");
  }

  @Test
  void aJobThatWaitsForItFollowsItsDayAndSaysSo() {
    House house = new House(planner, "Ordered " + pot);
    String label = "OR-" + pot.substring(0, 4).toUpperCase(java.util.Locale.ROOT);
    String plant = house.plant("Schefflera arboricola", 170, label);
    house.check(plant, "2027-04-12T08:00:00Z", Season.CLEAR);
    order(3, "2027-05-03", null);
    String path = "/api/season/jobs/" + season.repot(plant).get("id").asString();
    Http.Answer said =
        planner.put(
            path + "/facts",
            "{\"bench\":false,\"materialNever\":false,\"orderId\":\"%s\"}".formatted(order));
    assertThat(said.status()).as(said.body()).isEqualTo(204);
    assertThat(season.repot(plant).get("materialOn").asString()).isEqualTo("2027-05-03");
    assertThat(open().get("waiting").asInt()).isEqualTo(1);

    order(3, "2027-05-24", 1);
    assertThat(season.repot(plant).get("materialOn").asString()).isEqualTo("2027-05-24");
    assertThat(season.repot(plant).get("note").asString())
        .contains("24 May 2027", "3 May 2027", "Quay Potters");

    deliver(UUID.randomUUID().toString(), 3, true);
    assertThat(season.repot(plant).get("orderId").isNull()).isTrue();
    assertThat(season.repot(plant).get("materialOn").asString()).isEqualTo("2027-04-12");
    Http.Answer ended =
        planner.put(
            path + "/facts",
            "{\"bench\":false,\"materialNever\":false,\"orderId\":\"%s\"}".formatted(order));
    assertThat(ended.status()).isEqualTo(400);
    assertThat(ended.body()).contains("orderId", "has ended");
  }

  private JsonNode line(String code) {
    for (JsonNode each : technician.get("/api/orders/needed?weeks=26").json().get("lines")) {
      if (each.get("code").asString().equals(code)) {
        return each;
      }
    }
    throw new AssertionError("nothing needs " + code);
  }

  private double stock(String code) {
    for (JsonNode item : technician.get("/api/mix-room").json().get("items")) {
      if (item.get("code").asString().equals(code) && !item.get("litres").isNull()) {
        return item.get("litres").asDouble();
      }
    }
    return 0;
  }

  private void count(String code, double litres) {
    technician.post(
        "/api/mix-room/moves",
        """
        {"id":"%s","kind":"INGREDIENT","code":"%s","why":"COUNTED","litres":%s,"lot":"","note":""}"""
            .formatted(UUID.randomUUID(), code, litres));
  }

  @Test
  void whatTheNextWeeksNeedIsHeldAgainstStockAndOrders() {
    double before = stock("COIR");
    count("COIR", 0);
    JsonNode wanting = line("COIR");
    double needed = wanting.get("amount").asDouble();
    assertThat(needed).isPositive();
    assertThat(wanting.get("wanting").asDouble()).isCloseTo(needed, within(1e-6));
    int bags = wanting.get("bags").asInt();
    assertThat(bags * 50.0).isBetween(needed, needed + 50);
    String bag =
        """
        {"ingredient":"COIR","supplier":"Ostrel","amount":%d,"orderedOn":"2027-04-10",
         "dueOn":"2027-04-20","note":""}"""
            .formatted(bags);
    Http.Answer ordered = technician.put("/api/orders/" + order, bag);
    assertThat(ordered.status()).as(ordered.body()).isEqualTo(200);
    assertThat(ordered.body()).contains("\"pot\":\"coir\"");
    assertThat(line("COIR").get("wanting").asDouble()).isZero();
    assertThat(line("COIR").get("onItsWay").asDouble()).isEqualTo(bags * 50.0);
    // it came: a lot of its own stands in the mix room
    Http.Answer came =
        technician.post(
            "/api/orders/" + order + "/deliveries",
            "{\"id\":\"%s\",\"amount\":%d,\"last\":true,\"lot\":\"CK 9\"}"
                .formatted(UUID.randomUUID(), bags));
    assertThat(came.status()).as(came.body()).isEqualTo(200);
    assertThat(stock("COIR")).isCloseTo(bags * 50.0, within(1e-6));
    assertThat(technician.get("/api/mix-room").body()).contains("CK 9");
    assertThat(technician.get("/api/orders/needed.csv?weeks=26").body()).contains("coir");
    count("COIR", before);
  }

  @Test
  void anOrderIsOfAPotOrOfAnIngredientWhoseBagIsKnown() {
    for (String what :
        new String[] {
          "", "\"shelfPotId\":\"" + pot + "\",\"ingredient\":\"COIR\",", "\"ingredient\":\"MUD\","
        }) {
      Http.Answer refused =
          technician.put(
              "/api/orders/" + UUID.randomUUID(),
              "{%s\"supplier\":\"X\",\"amount\":1,\"orderedOn\":\"2027-04-10\",\"dueOn\":\"2027-04-20\",\"note\":\"\"}"
                  .formatted(what));
      assertThat(refused.status()).as(what).isEqualTo(400);
    }
    assertThat(technician.get("/api/orders/needed?weeks=0").status()).isEqualTo(400);
  }

  private JsonNode supply(String key) {
    for (JsonNode each : technician.get("/api/supplies").json()) {
      if (each.get("key").asString().equals(key)) {
        return each;
      }
    }
    return null;
  }

  private Http.Answer count(String key, Double stock, Double pack, int version) {
    return technician.put(
        "/api/supplies/" + key,
        "{\"stock\":%s,\"pack\":%s,\"supplier\":\"Quay Potters\"}".formatted(stock, pack),
        "If-Match",
        "\"" + version + "\"");
  }

  private int version(String key) {
    JsonNode known = supply(key);
    return known == null ? 0 : known.get("version").asInt();
  }

  @Test
  void feedAndSundriesAreCountedOrderedByThePackAndReceived() {
    String mesh = "TOOL/MESH";
    assertThat(count(mesh, 5.0, 20.0, version(mesh)).status()).isEqualTo(200);
    JsonNode wanting = line(mesh);
    double needed = wanting.get("amount").asDouble();
    assertThat(needed).isGreaterThan(5);
    assertThat(wanting.get("stock").asDouble()).isEqualTo(5);
    assertThat(wanting.get("wanting").asDouble()).isEqualTo(needed - 5);
    int packs = wanting.get("bags").asInt();
    assertThat(packs).isEqualTo((int) Math.ceil((needed - 5) / 20));

    Http.Answer ordered =
        technician.put(
            "/api/orders/" + order,
            """
            {"supply":"TOOL/MESH","supplier":"Quay Potters","amount":%d,"orderedOn":"2027-04-10",
             "dueOn":"2027-04-20","note":""}"""
                .formatted(packs));
    assertThat(ordered.status()).as(ordered.body()).isEqualTo(200);
    assertThat(open().get("pot").asString()).isEqualTo("Mesh");
    assertThat(line(mesh).get("wanting").asDouble()).isZero();
    assertThat(count(mesh, 5.0, null, version(mesh)).status()).isEqualTo(200);
    assertThat(deliver(UUID.randomUUID().toString(), packs, true).body())
        .as("somebody took back how much a pack holds")
        .contains("how much comes in a bag or pack");
    assertThat(count(mesh, 5.0, 20.0, version(mesh)).status()).isEqualTo(200);
    deliver(UUID.randomUUID().toString(), packs, true);
    assertThat(supply(mesh).get("stock").asDouble()).isEqualTo(5 + 20.0 * packs);
  }

  @Test
  void aJobThatIsDoneTakesWhatItNeededAndMoreThanThereWasIsTold() {
    String mesh = "TOOL/MESH";
    assertThat(count(mesh, 0.0, 20.0, version(mesh)).status()).isEqualTo(200);
    House house = new House(planner, "Meshed " + pot);
    String label = "ME-" + pot.substring(0, 4).toUpperCase(java.util.Locale.ROOT);
    String plant = house.plant("Schefflera arboricola", 170, label);
    house.check(plant, "2027-04-12T08:00:00Z", Season.CLEAR);
    season.done(season.scheduled(plant, "2027-04-12"), "2027-04-12");
    assertThat(supply(mesh).get("stock").asDouble()).as("more than there was").isEqualTo(-1);
  }

  @Test
  void aCountThatIsNoneIsRefusedAndTwoWhoCountAreToldApart() {
    String mesh = "TOOL/MESH";
    assertThat(count(mesh, 7.0, 20.0, version(mesh)).status()).isEqualTo(200);
    int now = version(mesh);
    assertThat(count(mesh, 7.0, 20.0, now - 1).status()).as("sent again").isEqualTo(200);
    Http.Answer stale = count(mesh, 9.0, 20.0, now - 1);
    assertThat(stale.status()).isEqualTo(412);
    assertThat(stale.body()).contains("stock", "7");
    assertThat(count(mesh, -1.0, 20.0, now).body()).contains("stock", "0 to 1000000");
    assertThat(count(mesh, 1.0, 0.0, now).body()).contains("pack", "0.1 to 100000");
    assertThat(count("MIX/citrus", 1.0, 1.0, 0).status()).isEqualTo(400);
    assertThat(count("TOOL/HAMMER", 1.0, 1.0, 0).status()).isEqualTo(404);
    assertThat(
            technician
                .put(
                    "/api/orders/" + order,
                    """
                    {"supply":"TOOL/GLOVES","supplier":"X","amount":1,"orderedOn":"2027-04-10",
                     "dueOn":"2027-04-20","note":""}""")
                .body())
        .contains("supply", "how much of it comes in a pack");
  }
}
