package happysaucer.server;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** A client with a site of its own and plants in it, entered as a team would, for one test. */
public final class House {
  private static final ObjectMapper JSON = new ObjectMapper();
  final UUID client = UUID.randomUUID();
  final UUID site = UUID.randomUUID();
  private final Http http;

  public House(Http http, String name) {
    this.http = http;
    http.put("/api/clients/" + client, "{\"name\":\"%s\"}".formatted(name));
    http.put(
        "/api/sites/" + site,
        """
        {"clientId":"%s","name":"%s hall","latitude":44.0,"longitude":-7.3,"outdoors":false,
         "use":"PUBLIC","accessNote":"",
         "visits":{"everyWeeks":1,"from":"2024-01-01","days":[{"weekday":6}]}}"""
            .formatted(client, name));
  }

  /** Enters rows under this head and answers what the server said. */
  Http.Answer enter(String sheet, boolean save) {
    return enter(UUID.randomUUID(), sheet, save);
  }

  Http.Answer enter(UUID id, String sheet, boolean save) {
    return http.post(
        "/api/sites/" + site + "/plants",
        "{\"id\":\"%s\",\"sheet\":%s,\"save\":%s}"
            .formatted(id, JSON.writeValueAsString(sheet), save));
  }

  /** Ids of the plants in care there, by label. */
  List<String> plants() {
    List<String> ids = new ArrayList<>();
    for (JsonNode plant : http.get("/api/plants?site=" + site).json().get("plants")) {
      ids.add(plant.get("id").asString());
    }
    return ids;
  }

  /** One plant of this species in a pot of this many mm. */
  public String plant(String species, int potMm, String more) {
    int before = plants().size();
    Http.Answer answer =
        enter(
            "spot,light,species,pot,last repotted,label\nDesk,,%s,%d mm,2025-10-01,%s"
                .formatted(species, potMm, more),
            true);
    if (plants().size() != before + 1) {
      throw new IllegalStateException(answer.body());
    }
    return http.plantId(more);
  }

  /** A plant that somebody measured. */
  String measured(String species, int potMm, int heightMm, String label) {
    enter(
        "spot,light,species,pot,height,spread,last repotted,label\nDesk,,%s,%d mm,%d mm,%d mm,2025-10-01,%s"
            .formatted(species, potMm, heightMm, heightMm / 2, label),
        true);
    return http.plantId(label);
  }

  JsonNode page(String plant) {
    return http.get("/api/plants/" + plant).json();
  }

  /** Logs a check with these signs, as JSON. */
  public void check(String plant, String at, String signs) {
    http.put(
        "/api/checks/" + UUID.randomUUID(),
        "{\"plantId\":\"%s\",\"checkedAt\":\"%s\",\"signs\":[%s]}".formatted(plant, at, signs));
  }
}
